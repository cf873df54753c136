package bunting.cli;

import static bunting.cli.PlanJson.json;
import static bunting.cli.PlanJson.strip;
import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.plan.Keeping;
import bunting.core.plan.SavedPlan;
import bunting.core.show.Show;
import bunting.files.ShowFiles;
import bunting.testkit.FileEdits;
import bunting.testkit.PlanValidator;
import bunting.testkit.RandomShows;
import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Random shows with an accepted plan, and single edits of every kind: what the edit does not force
 * is unchanged, and the plan keeps the contract.
 */
@Tag("property")
class KeptPlanPropertyTest {

  /** So many in every verify; {@code -Dbunting.shows=300} tries more. */
  private static final int SHOWS = Integer.getInteger("bunting.shows", 100);

  private static final double EFFORT = 0.01;

  /** Each so many shows are searched, and searched afresh after the edit, for what that costs. */
  private static final int FRESH = 5;

  /** Each so many edited shows are kept and planned once more. */
  private static final int AGAIN = 3;

  /** A repaired plan costs at most so much more than a fresh one, in the median. */
  private static final double MEDIAN_MOST = 1.1;

  @TempDir Path folder = Path.of("");

  private final List<Double> costs = Collections.synchronizedList(new ArrayList<>());

  @Test
  void anEditChangesWhatItForcesAndNothingElse() throws Exception {
    FileEdits.Kind[] kinds = FileEdits.Kind.values();
    Set<FileEdits.Kind> made = ConcurrentHashMap.newKeySet();
    IntStream.range(0, SHOWS).parallel().forEach(seed -> tried(seed, kinds, made));
    assertThat(made).contains(kinds);
    Collections.sort(costs);
    assertThat(costs).hasSizeGreaterThan(SHOWS / (10 * FRESH));
    assertThat(costs.get(costs.size() / 2)).isLessThanOrEqualTo(MEDIAN_MOST);
  }

  private void tried(int seed, FileEdits.Kind[] kinds, Set<FileEdits.Kind> made) {
    try {
      RandomShows show = random(seed);
      // How the plan was found does not matter to keeping it, but to what it costs.
      Show bare = read(show);
      Assessment first = seed % FRESH == 0 ? Assessor.plan(bare) : Assessor.sketch(bare);
      Show kept = savedAndOpened(seed, Keeping.accept(first.reading()));
      assertThat(strip(json(SavedPlan.of(kept).orElseThrow()))).isEqualTo(json(first));
      JsonNode again = json(Assessor.sketch(kept));
      assertThat(again.path("kept").path("because")).as("seed %d", seed).isEmpty();
      if (placesAll(first)) {
        assertThat(strip(again)).as("seed %d", seed).isEqualTo(json(first));
      }
      FileEdits.Kind kind = kinds[seed % kinds.length];
      if (one(seed, kind, first, kept)) {
        made.add(kind);
      }
    } catch (Exception e) {
      throw new AssertionError("seed " + seed, e);
    }
  }

  /** A run without a place gets one as soon as there is room: that is no change of the plan. */
  private static boolean placesAll(Assessment plan) {
    return plan.reading().decisions().unplaced().isEmpty();
  }

  private static RandomShows random(int seed) {
    RandomShows show = new RandomShows(seed);
    if (seed % 3 == 0) {
      show.withCopper();
    }
    if (seed % 3 == 1) {
      show.withPlanning(EFFORT);
    } else {
      show.settings().putObject("planning").put("effort", EFFORT);
    }
    return show;
  }

  private static Show read(RandomShows show) throws Exception {
    return ShowFiles.ofTexts(show.csv(), show.settings().toString());
  }

  /** Save, open, save: the same bytes. */
  private Show savedAndOpened(int seed, Show show) throws Exception {
    Path file = folder.resolve("kept" + seed + ".bunting.json");
    ShowFiles.writeShow(file, show);
    byte[] saved = Files.readAllBytes(file);
    Show opened = ShowFiles.readShow(file);
    ShowFiles.writeShow(file, opened);
    assertThat(Files.readAllBytes(file)).isEqualTo(saved);
    return opened;
  }

  /** Makes an edit and checks what became of the plan; false: the show has nothing for it. */
  private boolean one(int seed, FileEdits.Kind kind, Assessment first, Show kept) throws Exception {
    String as = kind + ", seed " + seed;
    RandomShows edited = random(seed);
    Optional<String> run = new FileEdits(edited, seed).make(kind);
    if (run.isEmpty()) {
      return false;
    }
    Show show = read(edited).withAccepted(kept.accepted());
    // Read as it is or not at all: a file that was edited elsewhere throws nothing.
    Optional<Assessment> asSaved = SavedPlan.of(show);
    Assessment second = Assessor.sketch(show);
    if (kind.forcesNothing() && placesAll(first)) {
      assertThat(asSaved).as(as).isPresent();
    }
    JsonNode before = json(first);
    JsonNode now = json(second);
    new PlanValidator(now, edited.settings(), edited.runs()).validate();
    if (kind.forcesNothing() && placesAll(first)) {
      assertThat(now.path("kept").path("because")).as(as).isEmpty();
      for (String part : List.of("segments", "feeds", "breaks", "supplies", "inputs")) {
        assertThat(now.path(part)).as(as).isEqualTo(before.path(part));
      }
    } else {
      compare(as, before, now, kind.isOfOneRun() ? run.get() : "", kind);
    }
    if (seed % AGAIN == 0 && placesAll(second)) {
      Assessment again = Assessor.sketch(Keeping.accept(second.reading()));
      assertThat(strip(json(again))).as(as).isEqualTo(strip(now));
    }
    if (seed % FRESH == 0 && !second.stops()) {
      Assessment fresh = Assessor.plan(show.withAccepted(Optional.empty()));
      double cost = fresh.reading().totals().buildCost();
      costs.add(second.reading().totals().buildCost() / Math.max(1, cost));
    }
    return true;
  }

  /** Whatever is not listed as changed, and was not edited, is the same field by field. */
  private static void compare(
      String as, JsonNode before, JsonNode now, String run, FileEdits.Kind kind) {
    Set<String> moved = texts(now.path("kept").path("moved"));
    Set<String> readdressed = texts(now.path("kept").path("readdressed"));
    Set<String> resized = texts(now.path("kept").path("resized"));
    Map<String, JsonNode> segments = by(now.path("segments"), "id");
    Set<String> touched = new HashSet<>();
    for (JsonNode was : before.path("segments")) {
      String name = was.path("run").asText();
      JsonNode is = segments.get(was.path("id").asText());
      if (is == null || name.equals(run) || moved.contains(name)) {
        touched.add(port(was));
        if (is != null) {
          touched.add(port(is));
        }
        continue;
      }
      for (String field : List.of("controller", "port", "firstPixel", "lastPixel")) {
        assertThat(is.path(field)).as(as + " " + name).isEqualTo(was.path(field));
      }
      if (!readdressed.contains(name)) {
        assertThat(is.path("slots")).as(as + " " + name).isEqualTo(was.path("slots"));
      }
    }
    Map<String, JsonNode> old = by(before.path("segments"), "id");
    segments.forEach(
        (id, s) -> {
          if (!old.containsKey(id)) {
            touched.add(port(s));
          }
        });
    Map<String, JsonNode> feeds = by(now.path("feeds"), "id");
    for (JsonNode was : before.path("feeds")) {
      JsonNode is = feeds.get(was.path("id").asText());
      JsonNode s = old.get(was.path("segment").asText());
      boolean apart = !touched.contains(port(s)) && kind.isOfOneRun();
      if (is == null) {
        assertThat(apart && !sameBox(touched, s)).as(as + " lost " + was).isFalse();
        continue;
      }
      if (!resized.contains(is.path("id").asText())) {
        for (String field : List.of("fuseAmps", "wire")) {
          assertThat(is.path(field)).as(as + " " + was).isEqualTo(was.path(field));
        }
      }
      if (apart) {
        for (String field : List.of("segment", "atPixel", "via", "fuseGroup")) {
          assertThat(is.path(field)).as(as + " " + was).isEqualTo(was.path(field));
        }
      }
    }
  }

  /** A board's limits are shared by its ports. */
  private static boolean sameBox(Set<String> ports, JsonNode segment) {
    String box = segment.path("controller").asText() + " ";
    return ports.stream().anyMatch(p -> p.startsWith(box));
  }

  private static String port(JsonNode segment) {
    return segment.path("controller").asText() + " " + segment.path("port").asInt();
  }

  private static Set<String> texts(JsonNode list) {
    Set<String> texts = new HashSet<>();
    list.forEach(t -> texts.add(t.asText()));
    return texts;
  }

  private static Map<String, JsonNode> by(JsonNode list, String key) {
    Map<String, JsonNode> map = new HashMap<>();
    list.forEach(n -> map.put(n.path(key).asText(), n));
    return map;
  }
}
