package bunting.desktop;

import bunting.core.show.Show;

/** The demo, for tests of other rooms. */
public final class DemoOpener {
  private DemoOpener() {}

  /** The show. */
  public static Show show() {
    return DemoShow.read();
  }
}
