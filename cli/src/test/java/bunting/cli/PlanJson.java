package bunting.cli;

import bunting.core.plan.Assessment;
import bunting.files.PlanWriter;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** Plans as outsiders read them. */
final class PlanJson {
  private static final ObjectMapper MAPPER = new ObjectMapper();

  private PlanJson() {}

  /** Returns PLAN.json of a plan. */
  static JsonNode json(Assessment plan) throws Exception {
    return MAPPER.readTree(PlanWriter.write(plan));
  }

  /** Returns a plan without what it says of the one before it. */
  static JsonNode strip(JsonNode plan) {
    ObjectNode bare = plan.deepCopy();
    bare.remove("kept");
    return bare;
  }
}
