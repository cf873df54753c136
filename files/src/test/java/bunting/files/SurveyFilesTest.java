package bunting.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bunting.core.plan.Assessor;
import bunting.core.show.BulbString;
import bunting.core.show.Circuit;
import bunting.core.show.Course;
import bunting.core.show.Face;
import bunting.core.show.Fitting;
import bunting.core.show.Hanging;
import bunting.core.show.OtherLoads;
import bunting.core.show.Picture;
import bunting.core.show.PlainSet;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Site;
import bunting.core.show.Survey;
import bunting.core.show.Underlay;
import bunting.core.show.Workshop;
import bunting.files.papers.Papers;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What was surveyed goes into files and comes out again. */
@Tag("slow")
class SurveyFilesTest {
  @TempDir private Path folder = Path.of("");

  private static byte[] png(int width, int height) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), "png", bytes);
    return bytes.toByteArray();
  }

  private static Run hung(String name, Course course) {
    return Run.of(name, "5v-strip-60", 120).withHanging(Hanging.along(course));
  }

  private static Show full() throws IOException {
    Picture photo = new Picture("mill.png", Picture.Kind.PNG, 40, 30, png(40, 30));
    Run traced =
        hung(
                "Sack hoist",
                new Course.Traced(List.of(new Point(0, 0), new Point(3, 0), new Point(3, 2.5))))
            .withBuilt(OptionalInt.of(118))
            .withFitting(new Fitting(3, Optional.of("BGR"), true));
    Run routed = hung("Wheel", new Course.Ring(new Point(8, 3), 2.5, 90, 360));
    Show bare =
        Show.of(
            List.of(
                traced,
                routed.withHanging(routed.hanging().withRoute(List.of(new Point(1, 4)))),
                hung("Curtain", new Course.Grid(new Point(0, 3), 4, 0.5, 0.25, -90, true)),
                hung("Spokes", new Course.Spokes(new Point(8, 3), 12, 0.4, 2, 15, false))));
    Show wired =
        new Show(
            bare.settings(),
            List.of(),
            bare.addressing(),
            bare.catalogue(),
            Optional.empty(),
            Optional.of(List.of(new Circuit("kitchen", 230, 16, 2))),
            bare.runs());
    return wired
        .withCatalogue(
            wired
                .catalogue()
                .withPixelType(
                    wired.catalogue().pixelTypesById().get("5v-strip-60").withMeasured(38.5)))
        .withSurvey(
            new Survey(
                true,
                Optional.of(Underlay.fresh(photo, 20).turnedTo(-3).dimmedTo(40).moved(-2, 1)),
                List.of(new Survey.Outlet("stair", new Point(1, 0, 7.5), Optional.of("kitchen"))),
                List.of(new Site("loft", 2, 6, 3)),
                List.of(new Survey.Note("ivy, do not drill", new Point(4, 4, 0.25))),
                List.of(
                    new Face("Back", 10, 8, 0, 8)
                        .withUnderlay(Optional.of(Underlay.fresh(photo, 12))),
                    new Face("Left", 0, 8, 0, 0))))
        .withOthers(
            new OtherLoads(
                List.of(
                    new PlainSet(
                        "Boat hulls",
                        12,
                        3,
                        24,
                        new Point(5, 0, 2),
                        OptionalDouble.of(4),
                        Optional.of("boats"))),
                List.of(new BulbString("Orchard bulbs", 25, 2, 7, 12.5, new Point(9, 0)))))
        .withWorkshop(
            new Workshop(
                List.of(new Workshop.Pack("5v-strip-60", 300, 18)),
                List.of(new Workshop.Rest("5v-strip-60", 47, 2)),
                Map.of("5v-strip-60", 8.0)));
  }

  @Test
  void aShowFileKeepsEverythingThatWasSurveyed() throws Exception {
    Path file = folder.resolve("fair.bunting.json");
    Show show = full();
    ShowFiles.writeShow(file, show);
    assertThat(ShowFiles.readShow(file)).isEqualTo(show);
    byte[] once = Files.readAllBytes(file);
    ShowFiles.writeShow(file, ShowFiles.readShow(file));
    assertThat(Files.readAllBytes(file)).isEqualTo(once);
  }

  @Test
  void aRunListKeepsRunsSetsAndStrings() throws Exception {
    Show show = full();
    Path list = Files.write(folder.resolve("RUNS.csv"), RunsWriter.write(show));
    Show read = ShowFiles.open(list);
    assertThat(read.others()).isEqualTo(show.others());
    for (Run run : show.runs()) {
      Run again = read.run(run.name()).orElseThrow();
      assertThat(again.hanging()).isEqualTo(run.hanging());
      assertThat(again.fitting()).isEqualTo(run.fitting());
      assertThat(again.built()).isEqualTo(run.built());
      assertThat(again.pixels()).isEqualTo(run.pixels());
    }
    assertThat(RunsWriter.write(read)).isEqualTo(Files.readAllBytes(list));
  }

  @Test
  void thePlanHasSetsAndStringsInListsOfTheirOwn() throws IOException {
    String plan = new String(PlanWriter.write(Assessor.plan(full())), StandardCharsets.UTF_8);
    assertThat(plan)
        .contains("\"set\" : \"Boat hulls\"")
        .contains("\"strings\" : [")
        .contains("\"grouping\" : 3")
        .contains("\"reversed\" : true");
  }

  @Test
  void papersHoldCountCutAndOrder() throws Exception {
    List<Path> files =
        Papers.write(
            Assessor.plan(full()),
            folder.resolve("papers"),
            Papers.Order.all(java.time.LocalDate.of(2026, 11, 28)));
    assertThat(files.stream().map(p -> p.getFileName().toString()))
        .contains("count-sheet.pdf", "cut-list.csv", "shopping-list.xlsx", "custom-lengths.csv")
        .contains("plain-lights.pdf");
    String custom = Files.readString(folder.resolve("papers/custom-lengths.csv"));
    // 118 pixels over 5.5 m bend after 3 m: 64 pixels.
    assertThat(custom).contains("Sack hoist,5v-strip-60,1,1.067,64,64,0.15,0.20");
    assertThat(Files.readString(folder.resolve("papers/count-sheet.csv")))
        .contains("Sack hoist,5v-strip-60,5.50,120,12,0,2,20,118");
    assertThat(Files.readString(folder.resolve("papers/patch.csv")))
        .contains("BGR")
        .contains("3 a set reversed")
        .contains("Boat hulls");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "a,5v-strip-60,ring 0 0 -1 0 360,,,",
        "a,5v-strip-60,grid 0 0 2.5 1 1 0 straight,,,",
        "a,5v-strip-60,0 0; 1,,,",
        "a,5v-strip-60,0 0; 4 0,0,,",
        "a,5v-strip-60,0 0; 4 0,,RGGB,",
        "a,5v-strip-60,0 0; 4 0,,,maybe"
      })
  void aWrongCellOfTheNewColumnsIsNamed(String row) {
    String text = "name,type,course_m,group_pixels,colour_order,reverse_data\n" + row + "\n";
    assertThatThrownBy(() -> RunsReader.read(Path.of("R.csv"), text, Show.of(List.of())))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("line 2, column ");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "a,rgb-set,,24,,,",
        "a,rgb-set,12,,,,",
        "a,bulbs,,,,5,7",
        "a,bulbs,,,25,5,",
        "a,candles,,,,,"
      })
  void aWrongSetOrStringIsNamed(String row) {
    String text = "name,light_kind,volts,watts,bulbs,watts_per_bulb,cord_amps,type\n" + row + ",\n";
    assertThatThrownBy(() -> RunsReader.read(Path.of("R.csv"), text, Show.of(List.of())))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("line 2, column ");
  }

  @Test
  void columnsOfSetsAreNotesWhereNoKindIsGiven() throws BadInputException {
    String text = "name,type,pixels,watts,volts\na,5v-strip-60,10,about 3,five\n";
    Show read = RunsReader.read(Path.of("R.csv"), text, Show.of(List.of()));
    assertThat(read.runs().getFirst().notes())
        .containsEntry("watts", "about 3")
        .containsEntry("volts", "five");
    PlainSet hull =
        new PlainSet("hull", 12, 3, 9, new Point(0, 0), OptionalDouble.empty(), Optional.empty());
    Show more = read.withOthers(new OtherLoads(List.of(hull), List.of()));
    String written = new String(RunsWriter.write(more), StandardCharsets.UTF_8);
    Show again = RunsReader.read(Path.of("R.csv"), written, Show.of(List.of()));
    assertThat(again.runs().getFirst().notes()).containsEntry("note watts", "about 3");
    assertThat(again.others()).isEqualTo(more.others());
  }

  @Test
  void picturesAreMeasured() throws Exception {
    Picture photo = Pictures.read(Files.write(folder.resolve("p.png"), png(40, 30)));
    assertThat(photo.kind()).isEqualTo(Picture.Kind.PNG);
    assertThat(photo.width()).isEqualTo(40);
    Picture drawing =
        Pictures.read(
            Files.writeString(
                folder.resolve("d.svg"),
                "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 200 100'><path"
                    + " d='M0 0L9 9' fill='url(#g)'/></svg>"));
    assertThat(drawing.kind()).isEqualTo(Picture.Kind.SVG);
    assertThat(drawing.height()).isEqualTo(100);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "<!DOCTYPE svg [<!ENTITY x SYSTEM 'file:///etc/passwd'>]><svg viewBox='0 0 1 1'>&x;</svg>",
        "<svg viewBox='0 0 1 1'><script>alert(1)</script></svg>",
        "<svg viewBox='0 0 1 1' onload='run()'/>",
        "<svg viewBox='0 0 1 1'><image href='http://10.0.0.1/a.png'/></svg>",
        "<svg viewBox='0 0 1 1'><image href='data:image/svg+xml,%3Csvg/%3E'/></svg>",
        "<svg viewBox='0 0 1 1'><rect style='fill:url(http://10.0.0.1/a.svg#g)'/></svg>",
        "<svg viewBox='0 0 1 1'><style>@import 'http://10.0.0.1/a.css';</style></svg>",
        "<?xml-stylesheet href='http://10.0.0.1/a.css'?><svg viewBox='0 0 1 1'/>",
        "<svg><path d='M0 0'/></svg>",
        "<html/>",
        "no picture at all"
      })
  void drawingsThatDoMoreThanDrawAreRefused(String text) {
    assertThatThrownBy(() -> Pictures.of("d.svg", text.getBytes(StandardCharsets.UTF_8)))
        .isInstanceOf(BadInputException.class);
  }
}
