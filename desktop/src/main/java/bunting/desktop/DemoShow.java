package bunting.desktop;

import bunting.core.show.Show;
import bunting.desktop.model.Session;
import bunting.files.BadInputException;
import bunting.files.ShowFiles;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Objects;
import java.util.Optional;

/** The Sallow Mill Lantern Fair, which ships with the application. */
final class DemoShow {
  private DemoShow() {}

  static void open(Session session) {
    session.start(read(), Optional.empty());
  }

  /** The demo's run list and settings are read by the same door as anybody's. */
  static Show read() {
    try {
      Path folder = Files.createTempDirectory("bunting-demo");
      Path runs = unpack(folder, "RUNS.csv");
      Path settings = unpack(folder, "SETTINGS.json");
      try {
        return ShowFiles.readRuns(runs, Optional.of(settings));
      } finally {
        Files.delete(runs);
        Files.delete(settings);
        Files.delete(folder);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (BadInputException e) {
      throw new IllegalStateException("the demo is sound", e);
    }
  }

  private static Path unpack(Path folder, String name) throws IOException {
    Path file = folder.resolve(name);
    try (InputStream in =
        Objects.requireNonNull(DemoShow.class.getResourceAsStream("/demo/" + name))) {
      Files.copy(in, file);
    }
    return file;
  }
}
