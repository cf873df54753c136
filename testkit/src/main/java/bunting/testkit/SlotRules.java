package bunting.testkit;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/** The slots of a PLAN.json against the contract. */
final class SlotRules {
  private final PlanFile file;

  SlotRules(PlanFile file) {
    this.file = file;
  }

  /**
   * Each pixel its slots, in order, once, outside what is reserved, within each controller's
   * universes.
   */
  void check() {
    JsonNode a = file.settings.path("addressing");
    boolean whole = !a.path("split").asText().equals("full-universe");
    Set<Integer> reserved = new HashSet<>();
    for (JsonNode r : a.path("reserved")) {
      String[] ends = r.asText().split("-", 2);
      for (int u = Integer.parseInt(ends[0]); u <= Integer.parseInt(ends[ends.length - 1]); u++) {
        reserved.add(u);
      }
    }
    boolean kept = file.plan.has("kept");
    Set<Long> taken = new HashSet<>();
    Map<String, Set<Integer>> perBox = new HashMap<>();
    Map<String, Integer> portOf = new HashMap<>();
    long before = 0;
    for (JsonNode s : file.plan.path("segments")) {
      int channels = file.type(s).path("channels").asInt();
      Map<String, String> run = file.runs.get(s.path("run").asText());
      String shared = run.getOrDefault("group_pixels", "");
      int group = shared.isEmpty() ? 1 : Integer.parseInt(shared);
      boolean reversed = run.getOrDefault("reverse_data", "").equals("yes");
      assertThat(s.path("grouping").asInt()).isEqualTo(group);
      assertThat(s.path("reversed").asBoolean()).isEqualTo(reversed);
      int begin = s.path("firstPixel").asInt();
      int edge = reversed ? s.path("lastPixel").asInt() : begin;
      Map<Integer, Integer> slotsOf = new TreeMap<>();
      for (JsonNode row : s.path("slots")) {
        int u = row.path("universe").asInt();
        int first = row.path("firstSlot").asInt();
        int last = row.path("lastSlot").asInt();
        assertThat(reserved).doesNotContain(u);
        assertThat(u).isGreaterThanOrEqualTo(a.path("startUniverse").asInt(1));
        assertThat(first).isGreaterThanOrEqualTo(1);
        assertThat(last).isBetween(first, 512);
        // What is kept of an earlier plan stays where it is, and what is new goes into gaps.
        assertThat(kept || u * 512L + first > before).as("order of slots").isTrue();
        before = u * 512L + last;
        for (int slot = first; slot <= last; slot++) {
          assertThat(taken.add(u * 1000L + slot)).as("slot twice").isTrue();
        }
        perBox.computeIfAbsent(s.path("controller").asText(), k -> new HashSet<>()).add(u);
        int from = row.path("firstPixel").asInt();
        int to = row.path("lastPixel").asInt();
        int low = Math.min(from, to);
        int high = Math.max(from, to);
        assertThat(reversed ? from >= to : from <= to).as("direction of slots").isTrue();
        if (whole) {
          assertThat(from).as("no gap between rows").isEqualTo(edge);
          edge = reversed ? low - 1 : high + 1;
          int sets = (high - begin) / group - (low - begin) / group + 1;
          assertThat(last - first + 1).isEqualTo(sets * channels);
        }
        for (int p = low; p <= high; p++) {
          slotsOf.merge(p, 1, Integer::sum);
        }
        if (a.path("portStart").asText().equals("new-universe")) {
          String key = s.path("controller").asText() + " " + s.path("port").asInt();
          if (portOf.putIfAbsent(key, u) == null) {
            assertThat(first).isEqualTo(1);
          }
        }
      }
      assertThat(slotsOf.keySet())
          .hasSize(s.path("lastPixel").asInt() - s.path("firstPixel").asInt() + 1);
      assertThat(slotsOf.values()).allMatch(n -> n == 1 || (!whole && n == 2));
    }
    perBox.forEach(
        (box, universes) ->
            assertThat(universes.size())
                .isLessThanOrEqualTo(
                    file.kinds
                        .get(file.boxes.get(box).path("type").asText())
                        .path("universesMax")
                        .asInt()));
    assertThat(file.plan.path("totals").path("universes").asInt())
        .isEqualTo((int) taken.stream().map(t -> t / 1000).distinct().count());
  }
}
