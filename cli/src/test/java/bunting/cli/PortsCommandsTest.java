package bunting.cli;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.files.ShowFiles;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Ports and addresses on the command line. */
@Tag("slow")
class PortsCommandsTest extends CommandDriver {
  private String list() throws Exception {
    StringBuilder text = new StringBuilder("name,type,pixels,x_m,split,group\n");
    for (int i = 0; i < 24; i++) {
      text.append("run ").append(i).append(",12v-strip-60,").append(90 + 37 * i % 500);
      text.append(',').append(i * 3).append(i % 3 == 0 ? ",no," : ",yes,");
      text.append(i % 4 == 0 ? "mill" : "").append('\n');
    }
    return file("RUNS.csv", text.toString());
  }

  @Test
  void tenPlansAreTheSameBytes() throws Exception {
    String list = list();
    Path first = folder.resolve("0.json");
    run("plan", list, "--out", first.toString());
    for (int i = 1; i < 10; i++) {
      Path next = folder.resolve(i + ".json");
      run("plan", list, "--out", next.toString());
      assertThat(Files.readAllBytes(next)).isEqualTo(Files.readAllBytes(first));
    }
  }

  @Test
  void thePatchIsWrittenByItsEnding() throws Exception {
    String list = list();
    for (String name : new String[] {"p.csv", "p.xlsx", "p.json", "p.mvr"}) {
      Path patch = folder.resolve(name);
      assertThat(run("export", list, "--patch", "--out", patch.toString())).isZero();
      assertThat(Files.size(patch)).isPositive();
    }
    Path wrong = folder.resolve("p.ods");
    assertThat(run("export", list, "--patch", "--out", wrong.toString())).isEqualTo(2);
    assertThat(err.strip()).contains(".xlsx").doesNotContain("\n");
    assertThat(wrong).doesNotExist();
  }

  @Test
  void addressesAreHandedOutAndStayWhenARunComes() throws Exception {
    String list = list();
    Path show = folder.resolve("show.bunting.json");
    assertThat(
            run(
                "addresses",
                list,
                "--hand-out",
                "--to",
                "her",
                "--date",
                "2026-11-03",
                "--out",
                show.toString()))
        .isZero();
    assertThat(run("addresses", show.toString())).isZero();
    assertThat(out).contains("24 stay").contains("2026-11-03");
    String more =
        Files.readString(show)
            .replaceFirst(
                "\"runs\" ?: ?\\[",
                "\"runs\": [{\"name\": \"star\", \"type\": \"12v-strip-60\", \"pixels\": 40},");
    String longer = file("more.bunting.json", more);
    assertThat(run("addresses", longer)).isZero();
    assertThat(out).contains("24 stay").contains("new star");
    Path free = folder.resolve("free.bunting.json");
    assertThat(run("addresses", longer, "--take-back", "--out", free.toString())).isZero();
    assertThat(Files.readString(free)).doesNotContain("handOut");
    assertThat(run("addresses", longer, "--take-back")).isEqualTo(2);
  }

  @Test
  void aRunSaysWhyItIsWhereItIs() throws Exception {
    assertThat(run("why", list(), "--run", "run 3")).isZero();
    assertThat(out).contains("Why here?").contains("m of lead");
    assertThat(run("why", list(), "--run", "nobody")).isEqualTo(2);
    assertThat(err).contains("--run");
    String tight = file("T.csv", "name,type,pixels,split\nwall,12v-strip-60,900,no\n");
    String box = file("S.json", "{\"controllers\":[{\"id\":\"Mill\",\"type\":\"box-4\"}]}");
    assertThat(box).isNotEmpty();
    Files.move(Path.of(box), folder.resolve("SETTINGS.json"));
    assertThat(run("why", tight, "--run", "wall")).isZero();
    assertThat(out).contains("let it be divided");
  }

  /** What another box would cost, and what a trunk would, stand beside the reasons. */
  @Test
  void whyNamesTheNextBestBoxAndATrunk() throws Exception {
    Path two = folder.resolve("two");
    Files.createDirectories(two);
    Files.writeString(
        two.resolve("SETTINGS.json"),
        """
        {"controllers": [{"id": "Mill", "type": "box-4"},
                         {"id": "Boats", "type": "box-4", "x": 9, "y": 0}]}
        """);
    Path runs = two.resolve("RUNS.csv");
    Files.writeString(
        runs, "name,type,pixels,x_m\nsill,12v-strip-60,120,1\nlip,12v-strip-60,90,2\n");
    assertThat(run("why", runs.toString(), "--run", "sill")).isZero();
    assertThat(out).contains("Next best").contains("Boats").contains("A trunk instead");
  }

  private static final String BRAIN =
      "{\"id\":\"brain\",\"ports\":4,\"pixelsPerPortMax\":800,\"universesMax\":16,\"volts\":[5,24],"
          + "\"portAmpsMax\":10,\"boardAmpsMax\":30";

  private int planned(String banks) throws Exception {
    String runs =
        file(
            "BOTH.csv",
            "name,type,pixels\n"
                + "Owl,5v-strip-60,100\n"
                + "Weir,24v-strip-60-rgbw,120\n"
                + "Toad,5v-strip-60,60\n");
    String settings =
        file(
            "S.json",
            "{\"controllerTypes\":["
                + BRAIN
                + banks
                + "}],"
                + "\"controllers\":[{\"id\":\"C1\",\"type\":\"brain\"}]}");
    return run("plan", runs, "--settings", settings, "--out", folder.resolve("P.json").toString());
  }

  /** A brain with a board of 5 V and one of 24 V takes both; with one bank it takes one of them. */
  @Test
  void aBrainWithTwoBoardsTakesTwoVoltages() throws Exception {
    assertThat(planned("")).isEqualTo(1);
    assertThat(planned(",\"banks\":[[1,2],[3,4]],\"bankVolts\":[5,24],\"bankAmpsMax\":[30,20]"))
        .as(err)
        .isZero();
    var plan = new ObjectMapper().readTree(folder.resolve("P.json").toFile());
    var banks = plan.path("controllers").path(0).path("banks");
    assertThat(banks).hasSize(2);
    assertThat(banks.path(0).path("volts").asDouble()).isEqualTo(5);
    assertThat(banks.path(1).path("volts").asDouble()).isEqualTo(24);
    assertThat(banks.path(0).path("supply")).isNotEqualTo(banks.path(1).path("supply"));
    assertThat(plan.path("inputs").findValuesAsText("board"))
        .containsExactlyInAnyOrder("C1/1", "C1/2");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          ,"banks":[[1,2],[3]]                           | leaves ports out
          ,"banks":[[1,2],[2,3,4]]                       | names port 2
          ,"banks":[[1,2],[3,5]]                         | names port 5
          ,"banks":[[1,2],[3,4]],"bankVolts":[5]         | for each bank
          ,"banks":[[1,2],[3,4]],"bankVolts":[5,12]      | one of the type's volts
          ,"banks":[[1,2],[3,4]],"bankAmpsMax":[5]       | a number for each bank
          ,"banks":[[1,2],[3,4]],"fuseGroups":[[1,3]]    | a fuse is on one bank
          """)
  void banksThatCannotBeAreOneSentence(String banks, String says) throws Exception {
    assertThat(planned(banks)).isEqualTo(2);
    assertThat(err.strip()).contains(says).contains("controllerTypes").doesNotContain("\n");
  }

  /** One input, one plan: settings beside a list are read with it, and a show file is planned. */
  @Test
  void settingsBesideAListAndShowFilesArePlannedAlike() throws Exception {
    Path settings = Path.of(file("SETTINGS.json", "{\"show\":{\"brightnessPercent\":40}}"));
    String list = list();
    Path beside = folder.resolve("beside.json");
    Path given = folder.resolve("given.json");
    Path of = folder.resolve("of.json");
    run("plan", list, "--out", beside.toString());
    run("plan", list, "--settings", settings.toString(), "--out", given.toString());
    assertThat(Files.readAllBytes(beside)).isEqualTo(Files.readAllBytes(given));
    Path show = folder.resolve("fair.bunting.json");
    ShowFiles.writeShow(show, ShowFiles.open(Path.of(list)));
    run("plan", show.toString(), "--out", of.toString());
    assertThat(Files.readAllBytes(of)).isEqualTo(Files.readAllBytes(given));
    assertThat(run("plan", show.toString(), "--settings", settings.toString(), "--out", of + "2"))
        .isEqualTo(2);
    assertThat(err).contains("a show has its own settings");
    assertThat(run("plan", list, "--out", settings.toString())).isEqualTo(2);
  }
}
