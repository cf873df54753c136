package bunting.desktop.session;

import bunting.core.show.Picture;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Underlay;
import bunting.files.ShowFiles;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/**
 * A process that edits, saves and keeps what is not saved, one after the other, until it is killed.
 */
final class SavesUntilKilled {
  private SavesUntilKilled() {}

  public static void main(String[] args) throws Exception {
    Path folder = Path.of(args[0]);
    Document document = new Document();
    Recovery recovery =
        new Recovery(
            folder.resolve("recovery"), document, new Background(Runnable::run, Runnable::run));
    document.begin(show());
    for (int i = 1; !System.out.checkError(); i++) {
      int pixels = 1 + i % 1000;
      document.edit("count", s -> s.withRuns(List.of(Run.of("Weir", "5v-strip-60", pixels))));
      recovery.tick();
      System.out.println(i);
      if (i % 3 == 0) {
        document.save(folder.resolve("weir" + ShowFiles.ENDING));
        System.out.println("saved");
      }
    }
  }

  /** With a picture, so that writing takes a while. */
  static Show show() {
    String drawing =
        "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 9 9'><desc>"
            + "x".repeat(100_000)
            + "</desc></svg>";
    Picture picture =
        new Picture("mill.svg", Picture.Kind.SVG, 9, 9, drawing.getBytes(StandardCharsets.UTF_8));
    Show show = Show.of(List.of(Run.of("Weir", "5v-strip-60", 1)));
    return show.withSurvey(show.survey().withUnderlay(Optional.of(Underlay.fresh(picture, 20))));
  }
}
