package bunting.wire.send;

import bunting.wire.packet.Sacn;
import java.io.IOException;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.LongSupplier;

/**
 * Sends frames at an even pace until it is told to stop, then says good-bye.
 *
 * <p>The packets of a frame are spread over nine tenths of its time, since a default receive buffer
 * holds some 166 full universes and a burst of more is lost although nobody is busy. What is due
 * within the next 0.3 ms goes at once: shorter waits are not kept by the machine. A frame is late
 * when its last packet leaves after the next frame is due. A sender that is behind by a whole frame
 * or more does not hurry after it: the time that was lost is lost.
 */
public final class Sender {
  /** How it calls itself. */
  public static final String NAME = "Bunting";

  private static final double SECOND = 1e9;
  private static final double SPREAD = 0.9;
  private static final long TOGETHER_NANOS = 300_000;

  /** Good-byes take no longer than this for each packet of a round, unless frames are quicker. */
  private static final double FAREWELL_NANOS = 10_000;

  private static final double FAREWELL_LEAST_NANOS = 25_000_000;

  /** Time from one announcement to the next (ANSI E1.31-2018, appendix A). */
  private static final long ANNOUNCE_NANOS = 10_000_000_000L;

  /** Longest wait in one go, so that a stop is heard. */
  private static final long WAIT_NANOS = 100_000_000;

  /** Paints the frame of a number. */
  @FunctionalInterface
  public interface Frames {
    /** Over all that was there. */
    void paint(long frame, byte[] slots);
  }

  /** What was done. */
  public record Sent(long frames, long packets, long lateFrames, double seconds) {}

  private final FramePackets packets;
  private final Outlet outlet;
  private final Clock clock;
  private final double frameNanos;
  private final byte[] slots;
  private volatile boolean stopped;
  private final AtomicLong frames = new AtomicLong();
  private final AtomicLong sent = new AtomicLong();
  private final AtomicLong late = new AtomicLong();
  private long began;

  /**
   * A sender.
   *
   * @param frameBytes of the map of lights
   */
  public Sender(FramePackets packets, Outlet outlet, Clock clock, double fps, int frameBytes) {
    this.packets = packets;
    this.outlet = outlet;
    this.clock = clock;
    this.frameNanos = SECOND / fps;
    this.slots = new byte[frameBytes];
  }

  /** Tells it to stop after the packet that it is at. */
  public void stop() {
    stopped = true;
  }

  /** What it has done so far. */
  public Sent sent() {
    return said((clock.nanos() - began) / SECOND);
  }

  /**
   * Sends until it is stopped or the number of frames is reached, and says good-bye.
   *
   * @param most frames, asked before each
   */
  public Sent run(Frames source, LongSupplier most) throws IOException {
    began = clock.nanos();
    double due = began;
    long announced = began - ANNOUNCE_NANOS;
    for (long frame = 0; !stopped && frame < most.getAsLong(); frame++) {
      if (clock.nanos() - announced >= ANNOUNCE_NANOS) {
        announced = clock.nanos();
        announce();
      }
      source.paint(frame, slots);
      if (round(due, SPREAD * frameNanos, false)) {
        frames.incrementAndGet();
        late.addAndGet(clock.nanos() > due + frameNanos ? 1 : 0);
      }
      due += frameNanos;
      double behind = clock.nanos() - due;
      due += behind > frameNanos ? behind : 0;
    }
    wait(Math.round(due), true);
    double seconds = (clock.nanos() - began) / SECOND;
    stopped = true;
    farewell();
    return said(seconds);
  }

  private void announce() throws IOException {
    for (byte[] packet : packets.announcements()) {
      outlet.send(packet, Sacn.DISCOVERY_UNIVERSE);
      sent.incrementAndGet();
    }
  }

  private Sent said(double seconds) {
    return new Sent(frames.get(), sent.get(), late.get(), seconds);
  }

  private void farewell() throws IOException {
    double span = Math.max(FAREWELL_LEAST_NANOS, FAREWELL_NANOS * packets.count());
    for (int i = 0; i < packets.farewells(); i++) {
      round((double) clock.nanos(), span, true);
    }
    if (packets.farewells() == 0) {
      java.util.Arrays.fill(slots, (byte) 0);
      round((double) clock.nanos(), span, true);
    }
  }

  /** The packets of one round, spread over a time; whether all went. */
  private boolean round(double from, double span, boolean last) throws IOException {
    int count = packets.count();
    for (int i = 0; i < count; i++) {
      wait(Math.round(from + i * span / count), !last);
      if (stopped && !last) {
        return false;
      }
      byte[] packet = last ? packets.farewell(i, slots) : packets.packet(i, slots);
      outlet.send(packet, packets.target(i));
      sent.incrementAndGet();
    }
    return true;
  }

  private void wait(long until, boolean heedsStop) {
    long now = clock.nanos();
    while (until - now > TOGETHER_NANOS && !(heedsStop && stopped)) {
      clock.waitUntil(Math.min(until, now + WAIT_NANOS));
      now = clock.nanos();
    }
  }
}
