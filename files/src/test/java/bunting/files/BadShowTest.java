package bunting.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bunting.core.checks.Severity;
import bunting.core.plan.Assessor;
import bunting.core.show.Show;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Wrong parts of a show file: one sentence that names the place. */
class BadShowTest {
  private static Show read(String parts, String run) throws BadInputException {
    String text =
        "{\"formatVersion\": 1, \"settings\": {\"circuits\": [{\"id\": \"k\", \"breakerAmps\":"
            + " 16}]}, \"runs\": [{\"name\": \"a\", \"type\": \"5v-strip-60\", \"pixels\": 10"
            + run.replace('\'', '"')
            + "}]"
            + parts.replace('\'', '"')
            + "}";
    return ShowDocument.read(JsonFields.parse(Path.of("s.bunting.json"), text));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '~',
      value = {
        ", 'survey': 3|$.survey",
        ", 'survey': {'outlets': [{'id': 'o'}, {'id': 'o'}]}|$.survey.outlets[1]",
        ", 'survey': {'networkPoints': [{'id': 'n', 'xM': 1}]}|$.survey.networkPoints[0].yM",
        ", 'survey': {'notes': [{'text': ''}]}|$.survey.notes[0].text",
        ", 'survey': {'underlay': {'name': 'p', 'base64': '***'}}|$.survey.underlay.base64",
        ", 'plainSets': [{'name': 's', 'volts': 0, 'watts': 3}]|$.plainSets[0].volts",
        ", 'plainSets': [{'name': 's', 'volts': 12}]|$.plainSets[0].watts",
        ", 'bulbStrings': [{'name': 'b', 'bulbs': 2.5}]|$.bulbStrings[0].bulbs",
        ", 'bulbStrings': [{'name': 'b', 'bulbs': 2, 'wattsPerBulb': 1}]|$.bulbStrings[0].cordAmps",
        ", 'workshop': {'rests': [{'type': '5v-strip-60'}]}|$.workshop.rests[0].pixels",
        ", 'workshop': {'spares': [{'type': '5v-strip-60', 'percent':"
            + " -1}]}|$.workshop.spares[0].percent"
      })
  void aWrongPartIsNamed(String parts, String path) {
    assertThatThrownBy(() -> read(parts, ""))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining(path)
        .satisfies(e -> assertThat(e.getMessage()).endsWith(".").hasSizeLessThan(600));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '~',
      value = {
        ", 'courseM': 'ring 0 0'|$.runs[0].courseM",
        ", 'courseM': 7|$.runs[0].courseM",
        ", 'routeM': '1; 2'|$.runs[0].routeM",
        ", 'builtPixels': 0|$.runs[0].builtPixels",
        ", 'groupPixels': 0|$.runs[0].groupPixels",
        ", 'reverseData': 'yes'|$.runs[0].reverseData"
      })
  void aWrongFieldOfARunIsNamed(String field, String path) {
    assertThatThrownBy(() -> read("", field))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining(path);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '~',
      value = {
        ", 'posts': [{'run': 'a', 'atPixel': 11}]||pixel 11 of a, which has 10",
        ", 'posts': [{'run': 'gone', 'atPixel': 1}]||run gone, which is not there",
        ", 'posts': [{'run': 'a', 'atPixel': 1, 'wire': '9AWG'}]||a wire that the show has not",
        ", 'byHand': [{'run': 'gone', 'firstPixel': 1, 'lastPixel': 2, 'controller': 'C1', 'port':"
            + " 1, 'position': 1}]||run gone, which is not there",
        ", 'survey': {'outlets': [{'id': 'o', 'circuit': 'none'}]}||a circuit that the show has"
            + " not",
        ", 'survey': {'underlay': {'name': 'p', 'xM': 0, 'yM': 0, 'metresPerUnit': 1, 'base64':"
            + " 'AAAA'}}||The picture p is left out",
        ", 'workshop': {'packs': [{'type': 'x', 'pixels': 3}]}||a pixel type that the show has not",
        "|, 'colourOrder': 'RGBW'|colour order RGBW"
      })
  void whatLeadsNowhereIsLeftOutWithAWarning(String parts, String run, String said)
      throws BadInputException {
    Show show = read(parts == null ? "" : parts, run == null ? "" : run);
    assertThat(show.leftovers().dropped()).hasSize(1);
    assertThat(show.leftovers().dropped().getFirst().what()).contains(said).endsWith(".");
    assertThat(Assessor.sketch(show).findings())
        .anyMatch(f -> f.code().equals("left-out") && f.severity() == Severity.WARN);
    Show again = ShowDocument.read(JsonFields.parse(Path.of("s"), text(show)));
    assertThat(again.leftovers().dropped()).as("it is gone with the next save").isEmpty();
  }

  private static String text(Show show) {
    return new String(ShowDocument.write(show), java.nio.charset.StandardCharsets.UTF_8);
  }

  @Test
  void whatMeansNothingIsNotedAndNotRefused() throws BadInputException {
    Show show = read(", 'survey': {'moon': 1}", ", 'courseM': '0 0; 3 4'");
    assertThat(show.leftovers().strays().stream().map(s -> s.where()))
        .containsExactly("$.survey.moon");
    assertThat(show.runs().getFirst().hanging().course().orElseThrow().lengthM()).isEqualTo(5);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '~',
      value = {
        "{'dimmerTypes': [{'id': 'd', 'outputs': 0, 'volts': [12]}]}|$.dimmerTypes[0].outputs",
        "{'dimmerTypes': [{'id': 'd', 'outputs': 3, 'volts': []}]}|$.dimmerTypes[0].volts",
        "{'dimmerTypes': [{'id': 'd', 'outputs': 3, 'volts': [12], 'outputAmpsMax':"
            + " 0}]}|$.dimmerTypes[0].outputAmpsMax"
      })
  void aWrongDimmerIsNamed(String settings, String path) {
    assertThatThrownBy(
            () ->
                SettingsReader.read(
                    JsonFields.parse(Path.of("S.json"), settings.replace('\'', '"'))))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining(path);
  }

  @Test
  void measuredAmpsAreReadBackAsMeasured() throws BadInputException {
    String text =
        "{\"pixelTypes\": [{\"id\": \"p\", \"volts\": 5, \"channels\": 3, \"pitchPerM\": 60,"
            + " \"milliampsFull\": 38, \"sheetMilliampsFull\": 50, \"railOhmsPerM\": 0.06}]}";
    Show show = SettingsReader.read(JsonFields.parse(Path.of("S.json"), text));
    assertThat(show.catalogue().pixelTypes().getFirst().measured()).isTrue();
    assertThat(show.leftovers().strays()).isEmpty();
  }
}
