package bunting.files;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.show.Course;
import bunting.core.show.Fitting;
import bunting.core.show.Hanging;
import bunting.core.show.Pin;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.StandardCatalogue;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is written is read again, for random runs; and random bytes are refused in a sentence. */
@Tag("slow")
class RoundTripTest {
  @TempDir private Path folder = Path.of("");

  private static double metres(Random random) {
    return random.nextInt(-20_000, 20_000) / 1000.0;
  }

  private static Point point(Random random) {
    return random.nextBoolean()
        ? new Point(metres(random), metres(random))
        : new Point(metres(random), metres(random), metres(random));
  }

  static Course course(Random random) {
    Course course = forth(random);
    boolean named =
        course instanceof Course.Grid
            || course instanceof Course.Spokes
            || course instanceof Course.Wrap;
    Course either = named && random.nextBoolean() ? course.back() : course;
    return course instanceof Course.Traced || random.nextBoolean()
        ? either
        : new Course.Facing(either, 1 + random.nextInt(358));
  }

  private static Course forth(Random random) {
    return switch (random.nextInt(5)) {
      case 0 -> {
        List<Point> corners = new ArrayList<>();
        for (int i = 0; i < 2 + random.nextInt(5); i++) {
          corners.add(point(random));
        }
        yield new Course.Traced(corners);
      }
      case 4 ->
          new Course.Wrap(
              point(random),
              (1 + random.nextInt(90)) / 10.0,
              0.3,
              1 + random.nextInt(40),
              random.nextInt(-180, 180));
      case 1 ->
          new Course.Ring(
              point(random),
              (1 + random.nextInt(90)) / 10.0,
              random.nextInt(360),
              360 - random.nextInt(300));
      case 2 ->
          new Course.Grid(
              point(random),
              1 + random.nextInt(20),
              0.5 + random.nextInt(8),
              random.nextInt(9) / 10.0,
              random.nextInt(-180, 180),
              random.nextBoolean());
      default ->
          new Course.Spokes(
              point(random),
              1 + random.nextInt(20),
              0.25,
              2.5,
              random.nextInt(360),
              random.nextBoolean());
    };
  }

  private static Run run(Random random, int n) {
    var types = StandardCatalogue.get().pixelTypes();
    var type = types.get(random.nextInt(types.size()));
    Run run = Run.of("run, \"" + n + "\"; ü", type.id(), 1 + random.nextInt(500));
    Hanging hanging =
        random.nextBoolean()
            ? Hanging.along(course(random))
            : Hanging.straight(
                point(random),
                random.nextBoolean() ? Optional.of(point(random)) : Optional.empty());
    if (random.nextInt(3) == 0) {
      hanging = hanging.withRoute(List.of(point(random), point(random)));
    }
    run = run.withHanging(hanging);
    if (random.nextBoolean()) {
      run = run.withBuilt(OptionalInt.of(1 + random.nextInt(500)));
    }
    if (random.nextBoolean()) {
      run = run.withLead(OptionalDouble.of(random.nextInt(200) / 10.0));
    }
    if (random.nextBoolean()) {
      run = run.withGroup(Optional.of("group " + random.nextInt(4)));
    }
    if (random.nextBoolean()) {
      String order = new StringBuilder(type.order()).reverse().toString();
      run =
          run.withFitting(
              new Fitting(
                  1 + random.nextInt(9),
                  random.nextBoolean() ? Optional.of(order) : Optional.empty(),
                  random.nextBoolean()));
    }
    return random.nextInt(4) == 0
        ? run.withPin(Optional.of(new Pin("Box", OptionalInt.of(1 + random.nextInt(4)))))
        : run;
  }

  private static Show show(int seed) {
    Random random = new Random(seed);
    List<Run> runs = new ArrayList<>();
    for (int i = 0; i < 1 + random.nextInt(12); i++) {
      runs.add(run(random, i));
    }
    return Show.of(runs)
        .withControllers(List.of(new bunting.core.show.Controller("Box", "box-4", 1, 2)));
  }

  @Test
  void showFilesComeBackEqual() throws Exception {
    for (int seed = 0; seed < 60; seed++) {
      Path file = folder.resolve("s" + seed + ".bunting.json");
      ShowFiles.writeShow(file, show(seed));
      assertThat(ShowFiles.readShow(file)).as("seed " + seed).isEqualTo(show(seed));
    }
  }

  @Test
  void runListsComeBackWithTheSameRuns() throws Exception {
    for (int seed = 0; seed < 60; seed++) {
      Show show = show(seed);
      String text = new String(RunsWriter.write(show), StandardCharsets.UTF_8);
      Show again = RunsReader.read(Path.of("R.csv"), text, show.withRuns(List.of()));
      assertThat(again.runs()).as("seed " + seed).hasSameSizeAs(show.runs());
      for (int i = 0; i < show.runs().size(); i++) {
        Run was = show.runs().get(i);
        Run is = again.runs().get(i);
        assertThat(is.name()).isEqualTo(was.name());
        assertThat(is.fitting()).isEqualTo(was.fitting());
        assertThat(is.built()).isEqualTo(was.built());
        assertThat(is.pin()).isEqualTo(was.pin());
        assertThat(is.hanging().course()).isEqualTo(was.hanging().course());
        assertThat(is.hanging().route()).isEqualTo(was.hanging().route());
        assertThat(is.start()).isEqualTo(was.start());
      }
      assertThat(RunsWriter.write(again)).isEqualTo(RunsWriter.write(show));
    }
  }

  @Test
  void coursesAreWrittenAndReadAlike() {
    Random random = new Random(5);
    for (int i = 0; i < 300; i++) {
      Course course = course(random);
      assertThat(CourseText.parse(CourseText.of(course))).contains(course);
    }
  }

  @Test
  void aTypedLengthIsNoPixelShorterWhenReadAgain() {
    for (double angle = 0.05; angle < 1.5; angle += 0.1) {
      Point end = new Point(4.35 * Math.cos(angle), 4.35 * Math.sin(angle));
      Course leg = new Course.Traced(List.of(new Point(0, 0), end));
      var type = StandardCatalogue.get().pixelTypesById().get("5v-strip-60");
      Course again = CourseText.parse(CourseText.of(leg)).orElseThrow();
      assertThat(bunting.core.survey.Geometry.pixelsOf(again, type)).isEqualTo(261);
    }
  }

  @Test
  void damagedListsAreRefusedInOneSentenceOrRead() throws Exception {
    byte[] sound = RunsWriter.write(show(3));
    Random random = new Random(11);
    int refused = 0;
    for (int i = 0; i < 300; i++) {
      byte[] bytes = sound.clone();
      for (int k = 0; k < 1 + random.nextInt(6); k++) {
        bytes[random.nextInt(bytes.length)] = (byte) (32 + random.nextInt(95));
      }
      Path file = Files.write(folder.resolve("d.csv"), bytes);
      try {
        SheetImport.read(file, show(3)).preview();
        ShowFiles.open(file);
      } catch (BadInputException e) {
        refused++;
        assertThat(e.getMessage()).doesNotContain("\n").doesNotContain("Exception");
      }
    }
    assertThat(refused).isPositive();
  }
}
