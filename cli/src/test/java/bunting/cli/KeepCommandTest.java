package bunting.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.Consumer;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** {@code plan --keep}, the edited file, and {@code plan} again. */
class KeepCommandTest extends CommandDriver {
  private static final ObjectMapper MAPPER = new ObjectMapper();
  private static final String RUNS =
      """
      name,type,pixels,x_m,y_m,group
      Weir,5v-strip-60,240,0,1,
      Gable,5v-strip-60,150,4,3,
      Owl,5v-strip-60,90,6,1,
      Sill,5v-strip-60,120,2,2,
      Path,5v-strip-60,60,9,0,
      """;

  private Path kept = Path.of("");
  private Path plan = Path.of("");

  @BeforeEach
  void keep() throws Exception {
    kept = folder.resolve("kept.bunting.json");
    plan = folder.resolve("P.json");
    String runs = file("RUNS.csv", RUNS);
    assertThat(run("plan", runs, "--out", plan.toString(), "--keep", kept.toString())).isZero();
  }

  private JsonNode planned(String... more) throws Exception {
    Path out = folder.resolve("Q.json");
    String[] args = new String[4 + more.length];
    args[0] = "plan";
    args[1] = kept.toString();
    args[2] = "--out";
    args[3] = out.toString();
    System.arraycopy(more, 0, args, 4, more.length);
    assertThat(run(args)).as(err).isLessThan(2);
    return MAPPER.readTree(out.toFile());
  }

  private void edit(Consumer<ObjectNode> change) throws Exception {
    ObjectNode show = (ObjectNode) MAPPER.readTree(kept.toFile());
    change.accept(show);
    Files.writeString(kept, MAPPER.writeValueAsString(show));
  }

  private static ObjectNode run(ObjectNode show, String name) {
    for (JsonNode r : show.path("runs")) {
      if (r.path("name").asText().equals(name)) {
        return (ObjectNode) r;
      }
    }
    throw new IllegalArgumentException(name);
  }

  private static JsonNode segment(JsonNode plan, String run) {
    for (JsonNode s : plan.path("segments")) {
      if (s.path("run").asText().equals(run)) {
        return s;
      }
    }
    throw new IllegalArgumentException(run);
  }

  @Test
  void aKeptPlanComesBackAsItWas() throws Exception {
    ObjectNode again = (ObjectNode) planned();
    assertThat(again.path("kept").path("runs").asInt()).isEqualTo(5);
    assertThat(again.path("kept").path("because")).isEmpty();
    again.remove("kept");
    JsonNode first = MAPPER.readTree(plan.toFile());
    assertThat(first.has("kept")).isFalse();
    assertThat((JsonNode) again).isEqualTo(first);
  }

  @Test
  void keepingAgainWritesTheSameBytes() throws Exception {
    Path second = folder.resolve("second.bunting.json");
    planned("--keep", second.toString());
    assertThat(second).hasSameBinaryContentAs(kept);
  }

  @Test
  void theFileHoldsThePlan() throws Exception {
    JsonNode held = MAPPER.readTree(kept.toFile()).path("plan");
    JsonNode first = MAPPER.readTree(plan.toFile());
    for (String part : new String[] {"controllers", "segments", "feeds", "supplies", "inputs"}) {
      assertThat(held.path(part)).as(part).hasSameSizeAs(first.path(part)).isNotEmpty();
    }
    JsonNode s = segment(held, "Weir");
    for (String field : new String[] {"controller", "port", "position", "firstPixel"}) {
      assertThat(s.path(field)).isEqualTo(segment(first, "Weir").path(field));
    }
    assertThat(s.path("slots").path(0).path("universe"))
        .isEqualTo(segment(first, "Weir").path("slots").path(0).path("universe"));
    assertThat(held.path("feeds").path(0).path("attach").asText()).isEqualTo("port");
  }

  @Test
  void aLongerRunChangesNothingElse() throws Exception {
    JsonNode first = MAPPER.readTree(plan.toFile());
    edit(s -> run(s, "Path").put("pixels", 66));
    JsonNode now = planned();
    assertThat(now.path("kept").path("moved")).isEmpty();
    assertThat(now.path("kept").path("readdressed")).isEmpty();
    for (String name : new String[] {"Weir", "Gable", "Owl", "Sill"}) {
      assertThat(segment(now, name)).isEqualTo(segment(first, name));
    }
  }

  @Test
  void aRenamedRunKeepsItsPlace() throws Exception {
    JsonNode first = MAPPER.readTree(plan.toFile());
    edit(s -> run(s, "Owl").put("name", "Barn owl"));
    JsonNode now = planned();
    assertThat(now.path("kept").path("because")).isEmpty();
    for (String field : new String[] {"controller", "port", "position", "slots", "leadWire"}) {
      assertThat(segment(now, "Barn owl").path(field)).isEqualTo(segment(first, "Owl").path(field));
    }
  }

  @Test
  void aMovedRunIsNamedWithItsReason() throws Exception {
    JsonNode was = segment(MAPPER.readTree(plan.toFile()), "Weir");
    edit(s -> run(s, "Weir").put("type", "12v-strip-60"));
    JsonNode now = planned();
    JsonNode moved = now.path("kept").path("moved");
    assertThat(moved).hasSize(1);
    assertThat(moved.path(0).asText()).isEqualTo("Weir");
    assertThat(now.path("kept").path("because").path(0).asText())
        .startsWith("Weir moved from " + was.path("controller").asText());
  }

  @Test
  void afreshForgetsThePlan() throws Exception {
    edit(s -> run(s, "Weir").put("pixels", 30));
    JsonNode afresh = planned("--afresh");
    assertThat(afresh.has("kept")).isFalse();
    edit(s -> s.remove("plan"));
    assertThat(planned()).isEqualTo(afresh);
  }

  @Test
  void aPlanThatCannotBeReadIsOneSentence() throws Exception {
    edit(s -> ((ObjectNode) s.path("plan").path("feeds").path(0)).put("segment", "nowhere"));
    int status = run("plan", kept.toString(), "--out", folder.resolve("R.json").toString());
    assertThat(status).isEqualTo(2);
    assertThat(err).contains("$.plan.feeds[0].segment").contains("nowhere").hasLineCount(1);
    assertThat(folder.resolve("R.json")).doesNotExist();
  }

  @Test
  void keepIsNeitherInputNorOutput() throws Exception {
    byte[] before = Files.readAllBytes(kept);
    String same = kept.toString();
    assertThat(run("plan", same, "--out", folder.resolve("R.json").toString(), "--keep", same))
        .isEqualTo(2);
    assertThat(Files.readAllBytes(kept)).isEqualTo(before);
    String out = folder.resolve("both.bunting.json").toString();
    assertThat(run("plan", same, "--out", out, "--keep", out)).isEqualTo(2);
    assertThat(folder.resolve("both.bunting.json")).doesNotExist();
  }
}
