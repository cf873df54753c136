package bunting.testkit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The electrical network of a PLAN.json, rebuilt from segments, leads, breaks, feeds, inputs and
 * trunks, and solved by other means: both rails, fuses in V+ alone, each board as one.
 */
final class NetworkRules {
  private final PlanFile file;

  /** What was solved: volts by segment, amps of V+ by feed and by board's input. */
  record Solved(
      Map<String, double[]> volts, Map<String, Double> feeds, Map<String, Double> inputs) {}

  NetworkRules(PlanFile file) {
    this.file = file;
  }

  void check() {
    JsonNode show = file.settings.path("show");
    double least = show.path("minVoltsPercent").asDouble(90);
    Map<String, JsonNode> told = new HashMap<>();
    file.plan.path("segmentVolts").forEach(v -> told.put(v.path("segment").asText(), v));
    Solved solved = solve(show.path("brightnessPercent").asDouble(100));
    for (JsonNode s : file.segments.values()) {
      double[] v = solved.volts().get(s.path("id").asText());
      JsonNode t = told.get(s.path("id").asText());
      double min = Arrays.stream(v).min().orElseThrow();
      assertThat(t.path("first").asDouble()).isCloseTo(v[0], within(1e-5));
      assertThat(t.path("last").asDouble()).isCloseTo(v[v.length - 1], within(1e-5));
      assertThat(t.path("min").asDouble()).isCloseTo(min, within(1e-5));
      assertThat(min >= file.type(s).path("volts").asDouble() * least / 100 - 1e-6 || toldLow(s))
          .as("volts of " + s.path("id").asText())
          .isTrue();
      assertThat(v[t.path("minAtPixel").asInt() - s.path("firstPixel").asInt()])
          .isCloseTo(min, within(1e-5));
    }
    for (JsonNode f : file.plan.path("feeds")) {
      assertThat(f.path("amps").asDouble())
          .as(f.path("id").asText())
          .isCloseTo(solved.feeds().get(f.path("id").asText()), within(1e-4));
    }
    for (JsonNode i : file.plan.path("inputs")) {
      String board = i.path("board").asText(i.path("controller").asText());
      assertThat(i.path("amps").asDouble())
          .as("input of " + board)
          .isCloseTo(solved.inputs().getOrDefault(board, 0.0), within(1e-3));
    }
  }

  /** Whether a segment is told to be short of volts, where the builder says where feeds stand. */
  private boolean toldLow(JsonNode segment) {
    String school = file.settings.path("power").path("school").asText("port-first");
    boolean told = false;
    for (JsonNode f : file.plan.path("findings")) {
      told |=
          f.path("code").asText().equals("low-volts")
              && f.path("severity").asText().equals("stop")
              && f.path("subject").equals(segment.path("id"));
    }
    return told && List.of("trunk", "front", "ends", "every").contains(school);
  }

  /** Volts of every pixel at a brightness in percent, by segment. */
  Map<String, double[]> voltsAt(double brightness) {
    return solve(brightness).volts();
  }

  private Solved solve(double brightness) {
    Solved all = new Solved(new HashMap<>(), new HashMap<>(), new HashMap<>());
    for (List<List<PlanFile.At>> group : groups()) {
      new RebuiltNetwork(file, group, brightness).solve(all);
    }
    return all;
  }

  /** Islands that hang together over a board's input or a trunk; others by themselves. */
  private List<List<List<PlanFile.At>>> groups() {
    Map<String, List<List<PlanFile.At>>> by = new HashMap<>();
    int alone = 0;
    for (List<JsonNode> chain : file.chains().values()) {
      for (List<PlanFile.At> island : islands(chain)) {
        Set<String> on = new HashSet<>();
        for (JsonNode f : file.feedsOf(island)) {
          if (f.has("trunk")) {
            on.add("trunk " + f.path("trunk").asText());
          } else if (PlanFile.viaPort(f)
              && file.input(island.getFirst().segment()).path("lengthM").asDouble() > 0) {
            on.add("board " + file.board(island.getFirst().segment()));
          }
        }
        assertThat(on.size()).as("an island hangs on one trunk or board").isLessThanOrEqualTo(1);
        String key = on.isEmpty() ? "alone " + alone++ : on.iterator().next();
        by.computeIfAbsent(key, k -> new ArrayList<>()).add(island);
      }
    }
    return List.copyOf(by.values());
  }

  private List<List<PlanFile.At>> islands(List<JsonNode> chain) {
    List<List<PlanFile.At>> islands = new ArrayList<>();
    for (JsonNode s : chain) {
      if (islands.isEmpty() || !s.path("powerFromPrevious").asBoolean()) {
        islands.add(new ArrayList<>());
      }
      for (int p = s.path("firstPixel").asInt(); p <= s.path("lastPixel").asInt(); p++) {
        islands.getLast().add(new PlanFile.At(s, p));
        if (breakAfter(s, p)) {
          islands.add(new ArrayList<>());
        }
      }
    }
    return islands;
  }

  private boolean breakAfter(JsonNode segment, int pixel) {
    for (JsonNode b : file.plan.path("breaks")) {
      if (b.path("segment").equals(segment.path("id")) && b.path("afterPixel").asInt() == pixel) {
        assertThat(pixel % file.type(segment).path("cutEvery").asInt(1))
            .as("break at a cut mark")
            .isZero();
        assertThat(pixel).isLessThan(segment.path("lastPixel").asInt());
        return true;
      }
    }
    return false;
  }
}
