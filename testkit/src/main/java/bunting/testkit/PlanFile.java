package bunting.testkit;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.MissingNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/** A PLAN.json with the runs and settings that it was made of, by their ids. */
final class PlanFile {
  /** Ohms a metre at 20 degC and the largest fuse, by wire. */
  static final Map<String, double[]> WIRES = new HashMap<>();

  static {
    double[] fuse = {3, 5, 7, 10, 15, 20, 30};
    for (int i = 0; i < 7; i++) {
      int gauge = 22 - 2 * i;
      double d = 0.127 * Math.pow(92, (36 - gauge) / 39.0);
      WIRES.put(gauge + "AWG", new double[] {1.0 / 58 / (Math.PI * d * d / 4), fuse[i]});
    }
    WIRES.put("1.5mm2", new double[] {0.0133, 15});
    WIRES.put("4.0mm2", new double[] {0.00495, 25});
  }

  /** A pixel of a segment. */
  record At(JsonNode segment, int pixel) {
    String key() {
      return segment.path("id").asText() + " " + pixel;
    }
  }

  final JsonNode plan;
  final JsonNode settings;
  final Map<String, Map<String, String>> runs;
  final Map<String, JsonNode> types = new HashMap<>();
  final Map<String, JsonNode> kinds = new HashMap<>();
  final Map<String, JsonNode> segments = new HashMap<>();
  final Map<String, JsonNode> boxes = new HashMap<>();
  final Map<String, JsonNode> supplies = new HashMap<>();

  PlanFile(JsonNode plan, JsonNode settings, Map<String, Map<String, String>> runs) {
    this.plan = plan;
    this.settings = settings;
    this.runs = runs;
    index(settings.path("pixelTypes"), types);
    index(settings.path("controllerTypes"), kinds);
    index(plan.path("segments"), segments);
    index(plan.path("controllers"), boxes);
    index(plan.path("supplies"), supplies);
  }

  static void index(JsonNode list, Map<String, JsonNode> map) {
    list.forEach(n -> assertThat(map.put(n.path("id").asText(), n)).as("id twice").isNull());
  }

  JsonNode type(JsonNode segment) {
    return types.get(segment.path("pixelType").asText());
  }

  int pixels(String run) {
    String built = runs.get(run).getOrDefault("built_pixels", "");
    return Integer.parseInt(built.isEmpty() ? runs.get(run).get("pixels") : built);
  }

  /** The place of the bank that a segment's port is on; 0 where the kind has none. */
  int bankOf(JsonNode box, JsonNode segment) {
    JsonNode banks = kinds.get(box.path("type").asText()).path("banks");
    for (int b = 0; b < banks.size(); b++) {
      for (JsonNode port : banks.path(b)) {
        if (port.asInt() == segment.path("port").asInt()) {
          return b;
        }
      }
    }
    return 0;
  }

  /** What has the volts and the supply of a segment's port: its bank, or the whole box. */
  JsonNode bank(JsonNode box, JsonNode segment) {
    return box.has("banks") ? box.path("banks").path(bankOf(box, segment)) : box;
  }

  /** The name of the board that a segment's port is on. */
  String board(JsonNode segment) {
    String id = segment.path("controller").asText();
    JsonNode bank = bank(boxes.get(id), segment);
    return bank.has("bank") ? id + "/" + bank.path("bank").asInt() : id;
  }

  /** Segments by port, in their order. */
  Map<String, List<JsonNode>> chains() {
    Map<String, List<JsonNode>> chains = new TreeMap<>();
    for (JsonNode s : plan.path("segments")) {
      chains
          .computeIfAbsent(
              s.path("controller").asText() + " " + s.path("port").asInt(), k -> new ArrayList<>())
          .add(s);
    }
    for (List<JsonNode> chain : chains.values()) {
      for (int i = 0; i < chain.size(); i++) {
        assertThat(chain.get(i).path("position").asInt()).isEqualTo(i + 1);
      }
    }
    return chains;
  }

  /** The feeds that go to any of these pixels. */
  List<JsonNode> feedsOf(List<At> island) {
    Set<String> pixels = new HashSet<>();
    island.forEach(at -> pixels.add(at.key()));
    List<JsonNode> feeds = new ArrayList<>();
    for (JsonNode f : plan.path("feeds")) {
      if (pixels.contains(f.path("segment").asText() + " " + f.path("atPixel").asInt())) {
        feeds.add(f);
      }
    }
    return feeds;
  }

  static boolean viaPort(JsonNode feed) {
    return feed.path("via").asText().equals("port");
  }

  /** How the board of a segment is wired; missing where it has no supply. */
  JsonNode input(JsonNode segment) {
    for (JsonNode i : plan.path("inputs")) {
      String board = i.path("board").asText(i.path("controller").asText());
      if (board.equals(board(segment))) {
        return i;
      }
    }
    return MissingNode.getInstance();
  }
}
