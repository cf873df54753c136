package bunting.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.survey.WindowDriver;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;

/** Pictures of the window: each by itself, of the size asked for, and showing something. */
class SnapshotsWindowTest extends WindowDriver {
  @Start
  void start(Stage stage) {
    open(stage);
  }

  @Test
  void everyScreenOfTheWorkButOneHasAPictureOfItsOwnName() {
    List<String> names = Snapshots.all().stream().map(Snapshots.Shot::name).toList();
    assertThat(names).doesNotHaveDuplicates().hasSizeLessThan(20);
    for (ScreenDefinition<?> s : Screens.ALL) {
      if (!s.pictures().isEmpty()) {
        assertThat(Snapshots.of(s.id()).orElseThrow().name()).isEqualTo(s.id());
      }
    }
    assertThat(Snapshots.of("no such screen")).isEmpty();
    assertThat(Snapshots.of("survey-white-test").orElseThrow().name())
        .isEqualTo("survey-white-test");
  }

  private int run(StringWriter out, StringWriter err, String... args) {
    return SnapshotCommand.run(List.of(args), new PrintWriter(out), new PrintWriter(err));
  }

  @Test
  void oneScreenIsOnePicture() throws IOException {
    StringWriter out = new StringWriter();
    StringWriter err = new StringWriter();
    String where = folder.toString();
    assertThat(run(out, err, "--out", where, "--screen", "addresses", "--size", "1024x700"))
        .isZero();
    assertThat(err.toString()).isEmpty();
    Path picture = folder.resolve("addresses.png");
    assertThat(out.toString().strip()).isEqualTo(picture.toString());
    var image = javax.imageio.ImageIO.read(picture.toFile());
    assertThat(image.getWidth()).isEqualTo(1024);
    assertThat(image.getHeight()).isEqualTo(700);
    long colours = Arrays.stream(image.getRGB(0, 0, 1024, 700, null, 0, 1024)).distinct().count();
    assertThat(colours).as("it shows something").isGreaterThan(50);
    try (var files = Files.list(folder)) {
      assertThat(files).hasSize(1);
    }
  }

  @Test
  void aScreenThatIsNotThereIsSaidWithThoseThatAre() {
    StringWriter err = new StringWriter();
    assertThat(run(new StringWriter(), err, "--out", folder.toString(), "--screen", "attic"))
        .isEqualTo(2);
    assertThat(err.toString()).contains("attic").contains("power, mains").endsWith(".\n");
  }
}
