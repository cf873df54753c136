package bunting.desktop;

import bunting.core.show.Show;
import bunting.desktop.session.Session;
import bunting.files.BadInputException;
import bunting.files.ShowFiles;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.Objects;

/** The Sallow Mill Lantern Fair, which ships with the application and has its accepted plan. */
final class DemoShow {
  private static final String FILE = "sallow-mill.bunting.json";

  private DemoShow() {}

  static void open(Session session) {
    session.start(read());
  }

  /** Reads the demo as any show file is read. */
  static Show read() {
    try (InputStream in =
        Objects.requireNonNull(DemoShow.class.getResourceAsStream("/demo/" + FILE))) {
      return ShowFiles.readShow(Path.of(FILE), in.readAllBytes());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (BadInputException e) {
      throw new IllegalStateException("the demo is sound", e);
    }
  }
}
