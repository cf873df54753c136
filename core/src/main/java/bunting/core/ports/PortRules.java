package bunting.core.ports;

import bunting.core.show.ControllerType;
import bunting.core.show.PixelType;

/** The arithmetic of one port: time on the wire and pixels. */
public final class PortRules {
  /** Pause that latches a frame, microseconds. */
  public static final double LATCH_MICROS = 300;

  /** Sums of bit times are exact to far less than this. */
  private static final double TIME_TOLERANCE_MICROS = 1e-6;

  private PortRules() {}

  /** Microseconds of pixel data that a port may carry at a frame rate. */
  public static double budgetMicros(double targetFps) {
    return 1e6 / targetFps - LATCH_MICROS;
  }

  /** Frames a second of a port that carries this much pixel data. */
  public static double refreshHz(double micros) {
    return 1e6 / (micros + LATCH_MICROS);
  }

  /** What so many pixels take of an empty port, by time and by the maker's limit: 1 is all. */
  static double share(ControllerType box, PixelType type, int pixels, double targetFps) {
    return Math.max(
        pixels * type.wireMicros() / (budgetMicros(targetFps) + TIME_TOLERANCE_MICROS),
        pixels / (double) box.pixelsPerPortMax());
  }

  /** Whether a port takes a chain: one voltage that the box has, one signal, pixels and time. */
  static boolean holds(ControllerType box, java.util.List<Piece> chain, double targetFps) {
    int pixels = 0;
    double micros = 0;
    for (Piece p : chain) {
      PixelType first = chain.getFirst().type();
      if (p.type().volts() != first.volts() || p.type().signal() != first.signal()) {
        return false;
      }
      pixels += p.pixels();
      micros += p.pixels() * p.type().wireMicros();
    }
    return pixels <= box.pixelsPerPortMax()
        && micros <= budgetMicros(targetFps) + TIME_TOLERANCE_MICROS
        && (chain.isEmpty() || box.takes(chain.getFirst().type().volts()));
  }

  /** How many more pixels of a type a port takes, by time and by the maker's limit. */
  static int room(
      ControllerType box, PixelType type, double targetFps, int usedPixels, double usedMicros) {
    double left = budgetMicros(targetFps) - usedMicros + TIME_TOLERANCE_MICROS;
    double byTime = Math.floor(left / type.wireMicros());
    return (int) Math.max(0, Math.min(byTime, (double) box.pixelsPerPortMax() - usedPixels));
  }
}
