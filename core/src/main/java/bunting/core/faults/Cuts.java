package bunting.core.faults;

/** Where data end on a chain. */
final class Cuts {
  private Cuts() {}

  /** The first pixel of a chain that gets no data, or its end. */
  static int firstWithout(Layout layout, Fault fault, Layout.Chain chain) {
    return switch (fault) {
      case Fault.DataOpen f -> index(layout, f.run(), f.pixel(), chain);
      case Fault.DeadPixel f -> index(layout, f.run(), f.pixel(), chain);
      case Fault.PortDead f -> on(f.controller(), f.port(), chain) ? 0 : chain.pixels();
      case Fault.AtPort f -> on(f.controller(), f.port(), chain) ? 0 : chain.pixels();
      default -> chain.pixels();
    };
  }

  private static int index(Layout layout, String run, int pixel, Layout.Chain chain) {
    return layout
        .partAt(run, pixel)
        .filter(p -> p.chain().index() == chain.index())
        .map(p -> p.indexOf(pixel))
        .orElse(chain.pixels());
  }

  /** Whether a chain hangs on that port. */
  static boolean on(String controller, int port, Layout.Chain chain) {
    return chain.port() == port && chain.controller().equals(controller);
  }
}
