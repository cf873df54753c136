package bunting.desktop.bench;

import bunting.core.patch.LightMap;
import bunting.core.show.Protocol;
import bunting.desktop.session.Background;
import bunting.wire.send.Clock;
import bunting.wire.send.FramePackets;
import bunting.wire.send.Outlet;
import bunting.wire.send.Sender;
import java.io.Closeable;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;

/** A sender that goes on beside the window, of what it is given to paint. */
final class Sending {
  /** Patterns need no more frames a second than this. */
  static final double FPS = 25;

  /** Good-byes of the largest plans take a tenth of this. */
  private static final long FAREWELL_SECONDS = 2;

  private final Sender sender;
  private volatile Sender.Frames frames;
  private volatile long from;
  private volatile boolean held;
  private long next;
  private final CountDownLatch ended = new CountDownLatch(1);

  /**
   * Begins to send.
   *
   * @param target what takes the packets; closed when it ends
   * @param failed takes a sentence where nothing can be sent
   */
  <T extends Outlet & Closeable> Sending(
      Background background,
      FramePackets packets,
      T target,
      int frameBytes,
      Sender.Frames first,
      Consumer<String> failed) {
    this.frames = first;
    this.sender = new Sender(packets, target, Clock.MACHINE, FPS, frameBytes);
    background.run(
        "sending patterns",
        job -> {
          try (target) {
            return sender.run(this::paint, () -> Long.MAX_VALUE);
          } catch (IOException e) {
            throw new UncheckedIOException("nothing can be sent there", e);
          } finally {
            ended.countDown();
          }
        },
        sent -> {},
        failed);
  }

  /** What one sends to the stand-ins of a plan. */
  static FramePackets packets(Protocol protocol, LightMap map) {
    return FramePackets.of(protocol, map, UUID.randomUUID());
  }

  private void paint(long frame, byte[] slots) {
    if (!held) {
      next = frame - from;
    }
    frames.paint(Math.max(0, next), slots);
  }

  /** Sends something else, from its first frame on. */
  void show(Sender.Frames other) {
    from = sender.sent().frames();
    held = false;
    frames = other;
  }

  /** Stays at the frame that it is at, or goes on. */
  void hold(boolean on) {
    held = on;
  }

  /** Says good-bye and ends. */
  void stop() {
    sender.stop();
  }

  /**
   * Says good-bye and waits until it is said, as the application ends with it.
   *
   * @return whether it was; boxes that hear none let go by themselves after 2.5 s
   */
  boolean end() {
    sender.stop();
    try {
      return ended.await(FAREWELL_SECONDS, TimeUnit.SECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return false;
    }
  }
}
