package bunting.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** {@code propose}: a better plan beside the accepted one. */
class ProposeCommandTest extends CommandDriver {
  private static final ObjectMapper MAPPER = new ObjectMapper();

  /** Two neighbours on two controllers, by pins that are taken off afterwards. */
  private static final String RUNS =
      """
      name,type,pixels,x_m,y_m,controller,port
      Weir,5v-strip-60,120,0,1,Near,1
      Gate,5v-strip-60,60,1,1,Far,4
      Owl,5v-strip-60,60,40,1,Far,1
      """;

  private static final String SETTINGS =
      """
      {"controllers": [{"id": "Near", "type": "box-4", "x": 0, "y": 0},
                       {"id": "Far", "type": "box-4", "x": 40, "y": 0}]}
      """;

  private String kept = "";

  @BeforeEach
  void keep() throws Exception {
    kept = folder.resolve("kept.bunting.json").toString();
    String runs = file("RUNS.csv", RUNS);
    file("SETTINGS.json", SETTINGS);
    String out = folder.resolve("P.json").toString();
    assertThat(run("plan", runs, "--out", out, "--keep", kept)).as(err).isLessThan(2);
  }

  private void unpin() throws Exception {
    ObjectNode show = (ObjectNode) MAPPER.readTree(Path.of(kept).toFile());
    for (JsonNode r : show.path("runs")) {
      ((ObjectNode) r).remove("controller");
      ((ObjectNode) r).remove("port");
    }
    Files.writeString(Path.of(kept), MAPPER.writeValueAsString(show));
  }

  private JsonNode proposed(String... more) throws Exception {
    String[] args = new String[3 + more.length];
    args[0] = "propose";
    args[1] = kept;
    args[2] = "--json";
    System.arraycopy(more, 0, args, 3, more.length);
    assertThat(run(args)).as(err).isZero();
    return MAPPER.readTree(out);
  }

  private JsonNode plan(String show) throws Exception {
    Path file = folder.resolve("Q.json");
    assertThat(run("plan", show, "--out", file.toString())).as(err).isLessThan(2);
    return MAPPER.readTree(file.toFile());
  }

  @Test
  void whatIsPinnedStays() throws Exception {
    JsonNode nothing = proposed();
    assertThat(nothing.path("moved")).isEmpty();
    assertThat(nothing.path("proposedCost")).isEqualTo(nothing.path("cost"));
  }

  @Test
  void aBetterPlanSaysWhatItSavesAndMovesAndChangesNothing() throws Exception {
    unpin();
    byte[] before = Files.readAllBytes(Path.of(kept));
    double cost = plan(kept).path("totals").path("buildCost").asDouble();
    JsonNode better = proposed();
    assertThat(better.path("cost").asDouble()).isEqualTo(cost);
    assertThat(better.path("proposedCost").asDouble()).isLessThan(cost);
    JsonNode moved = better.path("moved");
    assertThat(moved).hasSize(1);
    assertThat(moved.path(0).path("run").asText()).isEqualTo("Gate");
    assertThat(moved.path(0).path("from").asText()).isEqualTo("Far:4");
    assertThat(moved.path(0).path("to").asText()).startsWith("Near:");
    assertThat(better.path("controllersAdded")).isEmpty();
    assertThat(better.path("controllersRemoved")).isEmpty();
    assertThat(better.path("readdressed").isInt()).isTrue();
    assertThat(Files.readAllBytes(Path.of(kept))).isEqualTo(before);
  }

  @Test
  void appliedItIsTheAcceptedPlan() throws Exception {
    unpin();
    String better = folder.resolve("better.bunting.json").toString();
    JsonNode proposal = proposed("--apply", better);
    JsonNode now = plan(better);
    assertThat(now.path("kept").path("because")).isEmpty();
    assertThat(now.path("totals").path("buildCost").asDouble())
        .isEqualTo(proposal.path("proposedCost").asDouble());
    kept = better;
    assertThat(proposed().path("moved")).isEmpty();
  }

  @Test
  void inWords() throws Exception {
    assertThat(run("propose", kept)).isZero();
    assertThat(out).startsWith("No better plan found.");
    unpin();
    assertThat(run("propose", kept)).isZero();
    assertThat(out)
        .startsWith("Better plan found: build cost ")
        .contains("Gate moves from Far:4 to Near:");
  }

  @Test
  void aShowWithoutAPlanHasTheBestOneAlready() throws Exception {
    kept = folder.resolve("RUNS.csv").toString();
    JsonNode nothing = proposed();
    assertThat(nothing.path("moved")).isEmpty();
    assertThat(nothing.path("proposedCost")).isEqualTo(nothing.path("cost"));
  }

  @Test
  void theInputIsNeverWritten() throws Exception {
    byte[] before = Files.readAllBytes(Path.of(kept));
    assertThat(run("propose", kept, "--apply", kept)).isEqualTo(2);
    assertThat(err).hasLineCount(1);
    assertThat(Files.readAllBytes(Path.of(kept))).isEqualTo(before);
  }
}
