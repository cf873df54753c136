package bunting.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import bunting.core.show.Controller;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Run lists: what is sound comes in, what is not is one sentence that says where. */
class BadRunsTest {
  private static final String HEAD =
      "name,type,pixels,length_m,length_ft,x_m,controller,port,split\n";
  private static final Show SETTINGS =
      Show.of(List.of()).withControllers(List.of(new Controller("C1", "box-4", 0, 0)));

  private static Stream<Arguments> bad() {
    return Stream.of(
        Arguments.of("", "line 1"),
        Arguments.of("\n", "line 1"),
        Arguments.of(HEAD, "no runs"),
        Arguments.of("type,pixels\n5v-strip-60,3\n", "column name"),
        Arguments.of("name,pixels\na,3\n", "column type"),
        Arguments.of("name,type\na,5v-strip-60\n", "column pixels"),
        Arguments.of("name,type,pixels,pixels\na,5v-strip-60,3,3\n", "twice"),
        Arguments.of(HEAD + ",5v-strip-60,3,,,,,,\n", "line 2, column name"),
        Arguments.of(HEAD + "x".repeat(201) + ",5v-strip-60,3,,,,,,\n", "line 2, column name"),
        Arguments.of(HEAD + "a,nothing,3,,,,,,\n", "line 2, column type"),
        Arguments.of(HEAD + "a,5v-strip-60,0,,,,,,\n", "line 2, column pixels"),
        Arguments.of(HEAD + "a,5v-strip-60,1000001,,,,,,\n", "line 2, column pixels"),
        Arguments.of(HEAD + "a,5v-strip-60,-4,,,,,,\n", "line 2, column pixels"),
        Arguments.of(HEAD + "a,5v-strip-60,2.5,,,,,,\n", "line 2, column pixels"),
        Arguments.of(HEAD + "a,5v-strip-60,NaN,,,,,,\n", "line 2, column pixels"),
        Arguments.of(HEAD + "a,5v-strip-60,,,,,,,\n", "line 2, column pixels"),
        Arguments.of(HEAD + "a,5v-strip-60,,2,6,,,,\n", "line 2, column length_ft"),
        Arguments.of(HEAD + "a,5v-strip-60,,0.001,,,,,\n", "line 2, column length_m"),
        Arguments.of(HEAD + "a,5v-strip-60,,-3,,,,,\n", "line 2, column length_m"),
        Arguments.of(HEAD + "a,5v-strip-60,,100001,,,,,\n", "line 2, column length_m"),
        Arguments.of(HEAD + "a,5v-strip-60,,99999,,,,,\n", "line 2, column length_m"),
        Arguments.of(HEAD + "a,5v-strip-60,,1e9999,,,,,\n", "line 2, column length_m"),
        Arguments.of(HEAD + "a,5v-strip-60,,\"4,35\",,,,,\n", "decimal point"),
        Arguments.of(HEAD + "a,5v-strip-60,3,,,1e9,,,\n", "line 2, column x_m"),
        Arguments.of(HEAD + "a,5v-strip-60,3,,,Infinity,,,\n", "line 2, column x_m"),
        Arguments.of(HEAD + "a,5v-strip-60,3,,,,C9,,\n", "line 2, column controller"),
        Arguments.of(HEAD + "a,5v-strip-60,3,,,,C1,5,\n", "line 2, column port"),
        Arguments.of(HEAD + "a,5v-strip-60,3,,,,C1,x,\n", "line 2, column port"),
        Arguments.of(HEAD + "a,5v-strip-60,3,,,,,1,\n", "line 2, column port"),
        Arguments.of(HEAD + "a,5v-strip-60,3,,,,,,maybe\n", "line 2, column split"),
        Arguments.of(
            HEAD + "a,5v-strip-60,3,,,,,,\na,5v-strip-60,3,,,,,,\n", "line 3, column name"),
        Arguments.of(HEAD + "a,5v-strip-60,3,,,,,,,extra\n", "line 2"),
        Arguments.of(
            HEAD + "\n\n\"b\nc\",5v-strip-60,3,,,,,,\nd,5v-strip-60,zero,,,,,,\n",
            "line 6, column pixels"),
        Arguments.of(HEAD + "\"a,5v-strip-60,3\n", "line 2"),
        Arguments.of(HEAD + "\"a\"b,5v-strip-60,3,,,,,,\n", "line 2"));
  }

  @ParameterizedTest
  @MethodSource("bad")
  void badInputIsOneSentenceThatSaysWhere(String text, String where) {
    BadInputException e =
        catchThrowableOfType(
            BadInputException.class, () -> RunsReader.read(Path.of("RUNS.csv"), text, SETTINGS));
    assertThat(e).as(text).isNotNull();
    assertThat(e.getMessage())
        .startsWith("RUNS.csv: ")
        .contains(where)
        .doesNotContain("\n")
        .hasSizeLessThanOrEqualTo(600);
  }

  @Test
  void aPinWithoutControllersIsBad() {
    BadInputException e =
        catchThrowableOfType(
            BadInputException.class,
            () ->
                RunsReader.read(
                    Path.of("R.csv"),
                    "name,type,pixels,controller\na,5v-strip-60,3,C1\n",
                    Show.of(List.of())));
    assertThat(e.getMessage()).contains("line 2, column controller");
  }

  @Test
  void spreadsheetHabitsAreFine() throws BadInputException {
    for (String text :
        List.of(
            "pixels;name;type;Remark\r\n12;\"a; b\";5v-strip-60;over the door\r\n",
            "Name\tTYPE\tpixels\tRemark\na; b\t5v-strip-60\t12\tover the door\n\n")) {
      List<Run> runs = RunsReader.read(Path.of("R.csv"), text, SETTINGS).runs();
      assertThat(runs)
          .singleElement()
          .satisfies(
              r -> {
                assertThat(r.name()).isEqualTo("a; b");
                assertThat(r.pixels()).isEqualTo(12);
                assertThat(r.notes()).containsEntry("Remark", "over the door");
              });
    }
  }

  @Test
  void lengthsBecomePixels() throws BadInputException {
    List<Run> runs =
        RunsReader.read(
                Path.of("R.csv"),
                "name,type,length_m,length_ft\n"
                    + "a,5v-strip-60,4.35,\n"
                    + "b,24v-strip-60-rgbw,1.09,\n"
                    + "c,5v-string-10,,100\n",
                SETTINGS)
            .runs();
    assertThat(runs).extracting(Run::pixels).containsExactly(261, 60, 304);
  }
}
