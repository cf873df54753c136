package bunting.testkit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/** What a plan costs to build and where its feeds are joined on, reckoned from the files alone. */
final class PriceRules {
  private static final Map<String, Double> WIRES =
      Map.of(
          "22AWG", 0.4, "20AWG", 0.5, "18AWG", 0.7, "16AWG", 1.0, "14AWG", 1.4, "12AWG", 2.1,
          "10AWG", 3.2, "1.5mm2", 1.2, "4.0mm2", 2.8);

  private final PlanFile file;

  PriceRules(PlanFile file) {
    this.file = file;
  }

  void check() {
    double sum = boxes() + supplies() + leads() + feeds() + groups() * price("groupApart", 25);
    assertThat(file.plan.path("totals").path("buildCost").asDouble())
        .as("price of building")
        .isCloseTo(sum, within(1e-3));
  }

  private double price(String key, double otherwise) {
    return file.settings.path("prices").path(key).asDouble(otherwise);
  }

  private double perM(JsonNode wire) {
    String id = wire.isNull() ? "data" : wire.asText();
    double usual = wire.isNull() ? 0.4 : WIRES.get(id);
    return file.settings.path("prices").path("wirePerM").path(id).asDouble(usual);
  }

  private double boxes() {
    Set<String> given = new HashSet<>();
    file.settings.path("controllers").forEach(c -> given.add(c.path("id").asText()));
    double sum = 0;
    for (JsonNode c : file.plan.path("controllers")) {
      if (!given.contains(c.path("id").asText())) {
        sum +=
            file.kinds.get(c.path("type").asText()).path("cost").asDouble() + price("boxExtra", 50);
      }
    }
    return sum;
  }

  private double supplies() {
    Map<String, Double> costs = new HashMap<>();
    file.settings
        .path("supplyTypes")
        .forEach(s -> costs.put(s.path("id").asText(), s.path("cost").asDouble()));
    double sum = 0;
    for (JsonNode s : file.plan.path("supplies")) {
      sum += costs.get(s.path("type").asText());
    }
    return sum;
  }

  private double leads() {
    double sum = 0;
    for (JsonNode s : file.segments.values()) {
      sum += s.path("leadM").asDouble() * perM(s.path("leadWire"));
    }
    return sum;
  }

  private double feeds() {
    double sum = 0;
    for (JsonNode f : file.plan.path("feeds")) {
      String attach = attach(f);
      assertThat(f.path("attach").asText()).as(f.path("id").asText()).isEqualTo(attach);
      if (!attach.equals("port")) {
        double minutes =
            file.settings
                .path("prices")
                .path("minutes")
                .path(attach)
                .asDouble(attach.equals("cut") ? 20 : 5);
        sum +=
            (f.has("trunk") ? 0 : price("distributionWay", 4))
                + f.path("lengthM").asDouble() * perM(f.path("wire"))
                + minutes * price("minuteRate", 0.5);
      }
    }
    for (JsonNode t : file.plan.path("trunks")) {
      sum += price("distributionWay", 4) + t.path("lengthM").asDouble() * perM(t.path("wire"));
    }
    return sum;
  }

  private String attach(JsonNode feed) {
    JsonNode s = file.segments.get(feed.path("segment").asText());
    JsonNode type = file.type(s);
    int at = feed.path("atPixel").asInt();
    double pitch = type.path("pitchPerM").asDouble();
    int pack = type.path("jointEvery").asInt(pitch >= 20 ? (int) (5 * pitch) : 50);
    if (feed.path("via").asText().equals("port")) {
      assertThat(at).isEqualTo(s.path("firstPixel").asInt());
      assertThat(s.path("position").asInt()).isEqualTo(1);
      return "port";
    }
    if (at == s.path("firstPixel").asInt() || at == s.path("lastPixel").asInt()) {
      return "end";
    }
    if (at % pack == 0 || (at > 1 && (at - 1) % pack == 0)) {
      return "joint";
    }
    int cut = type.path("cutEvery").asInt(1);
    assertThat(at % cut == 0 || (at - 1) % cut == 0).as("a feed lies at a cut mark").isTrue();
    return "cut";
  }

  private int groups() {
    Map<String, Set<String>> where = new HashMap<>();
    for (JsonNode s : file.segments.values()) {
      String group = file.runs.get(s.path("run").asText()).getOrDefault("group", "");
      if (!group.isEmpty()) {
        where.computeIfAbsent(group, k -> new HashSet<>()).add(s.path("controller").asText());
      }
    }
    return where.values().stream().mapToInt(w -> w.size() - 1).sum();
  }
}
