package bunting.desktop;

import bunting.core.show.Face;
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
import java.nio.charset.StandardCharsets;
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
      Show show = ShowFiles.ofTexts(text("RUNS.csv"), text("SETTINGS.json"));
      return show.withSurvey(survey(Pictures.of("mill.svg", bytes("mill.svg"))));
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
        List.of(new Survey.Note("bats in the gable: nothing above 9 m", new Point(1.6, 8.2))),
        List.of(
            new Face("Yard side", 8, 0, 8, 6),
            new Face("Back", 8, 6, 0, 6),
            new Face("Lane side", 0, 6, 0, 0)));
  }

  private static String text(String name) throws IOException {
    return new String(bytes(name), StandardCharsets.UTF_8);
  }

  private static byte[] bytes(String name) throws IOException {
    try (InputStream in =
        Objects.requireNonNull(DemoShow.class.getResourceAsStream("/demo/" + name))) {
      return in.readAllBytes();
    }
  }
}
