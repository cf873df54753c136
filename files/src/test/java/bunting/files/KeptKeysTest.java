package bunting.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bunting.core.show.Show;
import bunting.core.show.edit.RunEdits;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What another version of Bunting wrote is kept, and what old ones wrote is read. */
class KeptKeysTest {
  private static final ObjectMapper MAPPER = new ObjectMapper();
  private static final String TEXT =
      """
      {"formatVersion": 1, "zenith": {"deep": [1, 2.50, "x"]},
       "settings": {"show": {"name": "Fair", "glow": 1e-3}, "moons": [{"a": 1}],
                    "controllers": [{"id": "Mill", "type": "box-8", "paint": "red"}]},
       "runs": [{"name": "Weir", "type": "5v-strip-60", "pixels": 10, "hue": null},
                {"name": "Owl", "type": "5v-strip-60", "pixels": 20, "hue": {"of": "night"}}],
       "survey": {"tide": true}}
      """;

  @TempDir private Path folder = Path.of("");

  private Path file(String text) throws Exception {
    return Files.writeString(folder.resolve("fair" + ShowFiles.ENDING), text);
  }

  private static JsonNode tree(Path file) throws Exception {
    return MAPPER.readTree(Files.readString(file));
  }

  @Test
  void unknownKeysAreWrittenBackWhereTheyStood() throws Exception {
    Show show = ShowFiles.readShow(file(TEXT));
    assertThat(show.leftovers().strays().stream().map(s -> s.where()))
        .containsExactlyInAnyOrder(
            "$.zenith",
            "$.settings.show.glow",
            "$.settings.moons",
            "$.settings.controllers[0].paint",
            "$.runs[0].hue",
            "$.runs[1].hue",
            "$.survey.tide");
    Path out = folder.resolve("out" + ShowFiles.ENDING);
    ShowFiles.writeShow(out, show);
    JsonNode before = MAPPER.readTree(TEXT);
    JsonNode after = tree(out);
    for (String at :
        new String[] {
          "/zenith",
          "/settings/show/glow",
          "/settings/moons",
          "/settings/controllers/0/paint",
          "/runs/0/hue",
          "/runs/1/hue",
          "/survey/tide"
        }) {
      assertThat(after.at(at)).as(at).isEqualTo(before.at(at));
    }
    assertThat(Files.readString(out)).as("to the digit").contains("2.50");
    assertThat(ShowFiles.readShow(out)).isEqualTo(show);
  }

  @Test
  void theyFollowTheirRunByWhateverNameAndPlaceAndGoWithIt() throws Exception {
    Show show = ShowFiles.readShow(file(TEXT));
    Show renamed = RunEdits.renamed(show, "Owl", "Barn owl");
    Show alone = RunEdits.removed(renamed, "Weir");
    Path out = folder.resolve("out" + ShowFiles.ENDING);
    ShowFiles.writeShow(out, alone);
    assertThat(tree(out).at("/runs/0/name").asText()).isEqualTo("Barn owl");
    assertThat(tree(out).at("/runs/0/hue/of").asText()).isEqualTo("night");
    assertThat(Files.readString(out)).doesNotContain("null");
  }

  /** Small numbers are written otherwise beside kept keys: that is no reason not to save. */
  @Test
  void aShowWhoseKeptKeysAllLostTheirObjectIsSaved() throws Exception {
    String text =
        """
        {"formatVersion": 1, "settings": {},
         "runs": [{"name": "Owl", "type": "5v-strip-60", "pixels": 20, "xM": 1.0E-4, "hue": 1},
                  {"name": "Weir", "type": "5v-strip-60", "pixels": 5, "xM": 1.0E-4}],
         "byHand": [{"run": "Gone", "firstPixel": 1, "lastPixel": 2, "controller": "C1",
                     "port": 1, "position": 1, "hue": 2}]}
        """;
    Show show = RunEdits.removed(ShowFiles.readShow(file(text)), "Owl");
    assertThat(show.leftovers().strays()).as("of a piece that is gone").hasSize(1);
    Path out = folder.resolve("out" + ShowFiles.ENDING);
    ShowFiles.writeShow(out, show);
    assertThat(ShowFiles.readShow(out).runs()).isEqualTo(show.runs());
  }

  @Test
  void keysOfASettingsFileAreKeptInTheShowThatIsMadeOfIt() throws Exception {
    Path runs = Files.writeString(folder.resolve("r.csv"), "name,type,pixels\na,5v-strip-60,3\n");
    Path settings = Files.writeString(folder.resolve("s.json"), "{\"shine\": 7}");
    Show show = ShowFiles.readRuns(runs, Optional.of(settings));
    Path out = folder.resolve("out" + ShowFiles.ENDING);
    ShowFiles.writeShow(out, show);
    assertThat(tree(out).at("/settings/shine").asInt()).isEqualTo(7);
    assertThat(ShowFiles.readShow(out).leftovers().strays().getFirst().where())
        .isEqualTo("$.settings.shine");
  }

  /** Written by the version before this one, and never touched since. */
  @Test
  void aFileOfVersionOneIsReadAsItWasMeant() throws Exception {
    Path old = folder.resolve("old" + ShowFiles.ENDING);
    Files.copy(KeptKeysTest.class.getResourceAsStream("/shows/version-1.bunting.json"), old);
    Show show = ShowFiles.readShow(old);
    assertThat(show.leftovers().strays()).isEmpty();
    assertThat(show.leftovers().dropped()).isEmpty();
    assertThat(show.runs()).hasSize(3);
    assertThat(show.run("Weir").orElseThrow().built()).hasValue(118);
    assertThat(show.allotting().byHand()).isNotEmpty();
    assertThat(show.allotting().handOut().orElseThrow().to()).isEqualTo("the sequencer");
    assertThat(show.wiring().posts()).hasSize(2);
    assertThat(show.survey().underlay().orElseThrow().metresPerUnit()).isEqualTo(0.1);
    ShowFiles.writeShow(old, show);
    assertThat(ShowFiles.readShow(old)).isEqualTo(show);
  }

  /** What the version before this one wrote and would not open again. */
  @Test
  void whatCouldNotBeOpenedOpensWithAWarning() throws Exception {
    Path old = folder.resolve("old" + ShowFiles.ENDING);
    Files.copy(
        KeptKeysTest.class.getResourceAsStream("/shows/version-1-refused.bunting.json"), old);
    Show show = ShowFiles.readShow(old);
    assertThat(show.allotting().handOut().orElseThrow().to()).as("to whom: left empty").isEmpty();
    assertThat(show.leftovers().dropped().stream().map(d -> d.what()))
        .anyMatch(w -> w.contains("pixel 140 of Weir, which has 120"))
        .anyMatch(w -> w.contains("colour order GRB"))
        .anyMatch(w -> w.contains("over 200 characters"));
    ShowFiles.writeShow(old, show);
    assertThat(ShowFiles.readShow(old).leftovers().dropped()).isEmpty();
  }

  @Test
  void aNewerVersionIsSaidAndItsFileIsLeftAsItIs() throws Exception {
    Path newer = file(TEXT.replace("\"formatVersion\": 1", "\"formatVersion\": 7"));
    assertThatThrownBy(() -> ShowFiles.readShow(newer)).hasMessageContaining("reads up to 1");
    assertThat(Files.readString(newer)).contains("\"formatVersion\": 7");
  }
}
