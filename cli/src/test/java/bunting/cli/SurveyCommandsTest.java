package bunting.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** From somebody's spreadsheet to pieces and voltages, on the command line. */
@Tag("slow")
class SurveyCommandsTest extends CommandDriver {
  @Test
  void aSpreadsheetBecomesAListThatCanBePlanned() throws Exception {
    String sheet =
        file(
            "mine.csv", "Item;Strip;How long\nSack hoist;5V strip 60;5,40 m\nSill;5V 60/m;4'6\"\n");
    String list = folder.resolve("RUNS.csv").toString();
    assertThat(run("import", sheet, "--column", "How long=length_m", "--out", list)).isZero();
    assertThat(out).contains("Strip: Pixel type").contains("2 runs");
    assertThat(Files.readString(Path.of(list))).contains("Sack hoist,5v-strip-60,324");
    assertThat(run("plan", list, "--out", folder.resolve("PLAN.json").toString())).isZero();
  }

  @Test
  void aWrongRowIsOneSentenceAndWritesNothing() throws Exception {
    String sheet = file("mine.csv", "name,pixels,lead\nHub,48,\nOwl,many,near\n");
    Path list = folder.resolve("RUNS.csv");
    assertThat(run("import", sheet, "--type", "5v-strip-60", "--out", list.toString()))
        .isEqualTo(2);
    assertThat(err.strip())
        .contains("line 3, column lead")
        .contains("1 more cell is wrong")
        .doesNotContain("\n");
    assertThat(out).contains("pixels: Pixels").contains("line 3, column pixels: \"many\"");
    assertThat(list).doesNotExist();
  }

  @Test
  void headingsThatNobodyKnowsAreNamed() throws Exception {
    String sheet =
        file("odd.csv", "kept by two\nTing,Slags,Tal,\nTag,glimmer,60,x\nMur,glimmer,30,\n");
    String list = folder.resolve("RUNS.csv").toString();
    assertThat(
            run(
                "import",
                sheet,
                "--heading-row",
                "2",
                "--column",
                "Ting=name",
                "--column",
                "Slags=type",
                "--column",
                "Tal=pixels",
                "--kind",
                "glimmer=5v-strip-60",
                "--out",
                list))
        .isZero();
    assertThat(out).contains("Headings: row 2.").contains("D: Kept as a note");
    assertThat(Files.readString(Path.of(list))).contains("Tag,5v-strip-60,60");
    assertThat(run("import", sheet, "--heading-row", "7", "--out", list)).isEqualTo(2);
    assertThat(run("import", sheet, "--kind", "glimmer=gold", "--out", list)).isEqualTo(2);
  }

  @Test
  void anExportIsReadAgain() throws Exception {
    String list =
        file(
            "RUNS.csv",
            "name,type,course_m,light_kind,watts,volts\n"
                + "Arch,12v-strip-60,0 0; 4 0; 4 2,pixels,,\nHull,,,rgb-set,24,12\n");
    Path again = folder.resolve("AGAIN.csv");
    assertThat(run("export", list, "--out", again.toString())).isZero();
    Path third = folder.resolve("THIRD.csv");
    assertThat(run("export", again.toString(), "--out", third.toString())).isZero();
    assertThat(Files.readAllBytes(third)).isEqualTo(Files.readAllBytes(again));
    assertThat(Files.readString(again)).contains("0 0; 4 0; 4 2");
  }

  @Test
  void voltagesStandSideBySide() throws Exception {
    String list = file("RUNS.csv", "name,type,pixels\nArch,5v-strip-60,600\nSill,5v-strip-60,90\n");
    assertThat(run("compare", list)).isZero();
    assertThat(out.lines()).hasSize(6);
    assertThat(out).doesNotContain("not placed");
    assertThat(run("compare", list, "--run", "Nobody")).isEqualTo(2);
  }

  @Test
  void reelsAreCutAndTypesFound() throws Exception {
    String list =
        file("RUNS.csv", "name,type,pixels\nArch,5v-strip-60,643\nSill,5v-strip-60,257\n");
    assertThat(run("cut", list)).isZero();
    assertThat(out).contains("900 px, order 4 packs, 0 px over, 2 joints");
    assertThat(
            run(
                "which",
                "--volts",
                "12",
                "--leds-per-m",
                "60",
                "--together",
                "3",
                "--between-cuts",
                "3"))
        .isZero();
    assertThat(out).startsWith("12v-strip-20: fits");
    assertThat(run("which", "--volts", "12", "--leds-per-m", "60", "--wires", "COLOURS")).isZero();
    assertThat(out).contains("PWM outputs");
  }

  /** 780 pixels of a port that takes 800: a tenth more are 58 too many. */
  @Test
  void whatAGuessMayBringIsSaid() throws Exception {
    String list =
        file(
            "RUNS.csv",
            "name,type,pixels,controller,port,length_guess_percent,length_read_off\n"
                + "Weir,5v-string-10,780,Mill,1,10,\nOwl,5v-string-10,60,Mill,2,,the mill door\n");
    file("SETTINGS.json", "{\"controllers\":[{\"id\":\"Mill\",\"type\":\"box-4\"}]}");
    assertThat(run("guesses", list)).as(err).isZero();
    assertThat(out)
        .startsWith("2 runs are guessed;")
        .contains("Port Mill:1 has 58 pixels more than it takes. [Weir]")
        .contains("Walk 1: measure Weir; it settles ");
    assertThat(run("guesses", list, "--json")).isZero();
    assertThat(out).contains("\"readOff\" : \"the mill door\"").contains("\"kind\" : \"port\"");
    assertThat(run("check", list)).isZero();
    assertThat(out).contains("warn guess: Measure Weir again: it is guessed, give or take 10 %");
  }

  @Test
  void aGuessThatIsNoNumberIsOneSentence() throws Exception {
    String list =
        file("RUNS.csv", "name,type,pixels,length_guess_percent\nWeir,5v-strip-60,60,lots\n");
    assertThat(run("check", list)).isEqualTo(2);
    assertThat(err.strip())
        .contains("line 2, column length_guess_percent")
        .contains("0 to 90")
        .doesNotContain("\n");
  }

  @Test
  void nothingGuessedIsSaid() throws Exception {
    String list = file("RUNS.csv", "name,type,pixels\nWeir,5v-strip-60,60\n");
    assertThat(run("guesses", list)).isZero();
    assertThat(out).startsWith("Nothing is guessed");
  }
}
