package bunting.desktop;

import bunting.core.show.Picture;
import bunting.core.show.Point;
import bunting.core.show.Show;
import bunting.core.show.Site;
import bunting.core.show.Survey;
import bunting.core.show.Underlay;
import bunting.desktop.session.Session;
import bunting.files.BadInputException;
import bunting.files.Pictures;
import bunting.files.ShowFiles;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/** The Sallow Mill Lantern Fair, which ships with the application. */
final class DemoShow {
  private DemoShow() {}

  static void open(Session session) {
    session.start(read());
  }

  /** The demo's run list and settings are read by the same door as anybody's. */
  static Show read() {
    try {
      Path folder = Files.createTempDirectory("bunting-demo");
      Path runs = unpack(folder, "RUNS.csv");
      Path settings = unpack(folder, "SETTINGS.json");
      Path picture = unpack(folder, "mill.svg");
      try {
        Show show = ShowFiles.readRuns(runs, Optional.of(settings));
        return show.withSurvey(survey(Pictures.read(picture)));
      } finally {
        Files.delete(picture);
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

  /** The drawing has ten units a metre; its lower left corner is at -2, -3. */
  private static Survey survey(Picture drawing) {
    Underlay underlay = new Underlay(drawing, new Point(-2, -3), 0.1, 0, 80, true);
    return new Survey(
        false,
        Optional.of(underlay),
        List.of(
            new Survey.Outlet("Kitchen outlet", new Point(2.2, 0.8), Optional.of("Mill kitchen")),
            new Survey.Outlet("Green pillar", new Point(70.5, 0.5), Optional.of("Green pillar"))),
        List.of(new Site("Mill switch", 4.4, 4.2)),
        List.of(new Survey.Note("bats in the gable: nothing above 9 m", new Point(1.6, 8.2))));
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
