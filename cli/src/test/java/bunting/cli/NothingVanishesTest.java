package bunting.cli;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.checks.Finding;
import bunting.core.checks.Severity;
import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import bunting.files.BadInputException;
import bunting.files.ShowFiles;
import bunting.testkit.RandomShows;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Tag;
import org.junit.jupiter.api.Test;

/** Every pixel of every run has a port, or a stop finding names the run, whatever is set. */
class NothingVanishesTest {
  /** Of the search: enough for every kind of move, and for 500 shows in about a minute. */
  private static final double EFFORT = 0.01;

  @Property(tries = 500, seed = "20261201")
  @Tag("property")
  void noPixelVanishesSilently(@ForAll long seed) throws BadInputException {
    RandomShows random = new RandomShows(seed).withPlanning(EFFORT);
    Show show = ShowFiles.ofTexts(random.csv(), random.settings().toString());
    complete(show, Assessor.plan(show));
    complete(show, Assessor.sketch(show));
  }

  @Test
  void aRunStaysWhenPortsAreKeptFree() throws BadInputException {
    for (int spare = 0; spare <= 3; spare++) {
      Show show =
          ShowFiles.ofTexts(
              "name,type,pixels\nOwl,12v-string-10,60\n",
              "{\"planning\": {\"sparePorts\": " + spare + "}}");
      Assessment plan = Assessor.plan(show);
      complete(show, plan);
      assertThat(plan.reading().totals().runs()).as("%d spare ports", spare).isEqualTo(1);
    }
  }

  /** Whole chains are changed over between shared fuses, but not with a run that is pinned. */
  @Test
  void aPinnedRunStaysWhereFusesAreEvenedOut() throws BadInputException {
    RandomShows random = new RandomShows(374);
    Show show = ShowFiles.ofTexts(random.csv(), random.settings().toString());
    complete(show, Assessor.plan(show));
  }

  /** Counts the pixels of each run without any code of the planner. */
  private static void complete(Show show, Assessment plan) {
    Set<String> reported =
        plan.findings().stream()
            .filter(f -> f.severity() == Severity.STOP && f.code().equals("unplaced"))
            .map(Finding::subject)
            .map(s -> s.id())
            .collect(Collectors.toCollection(HashSet::new));
    Map<String, List<Segment>> segments =
        plan.reading().decisions().segments().stream().collect(Collectors.groupingBy(Segment::run));
    int whole = 0;
    long pixels = 0;
    for (var run : show.runs()) {
      int next = 1;
      List<Segment> own =
          segments.getOrDefault(run.name(), List.of()).stream()
              .sorted(Comparator.comparingInt(Segment::firstPixel))
              .toList();
      for (Segment s : own) {
        assertThat(s.firstPixel()).as("gap or overlap in " + run.name()).isEqualTo(next);
        next = s.lastPixel() + 1;
        pixels += s.pixels();
      }
      boolean placed = next == run.pixels() + 1;
      assertThat(placed).as(run.name()).isNotEqualTo(reported.contains(run.name()));
      whole += placed ? 1 : 0;
      run.pin()
          .filter(pin -> placed)
          .ifPresent(
              pin ->
                  assertThat(own)
                      .as("%s is pinned to %s", run.name(), pin.text())
                      .allMatch(
                          s ->
                              s.controller().equals(pin.controller())
                                  && pin.port().orElse(s.port()) == s.port()));
    }
    assertThat(plan.reading().totals().runs()).isEqualTo(whole);
    assertThat(plan.reading().totals().pixels()).isEqualTo(pixels);
    show.controllers()
        .ifPresent(
            given ->
                assertThat(plan.reading().decisions().controllers())
                    .extracting(c -> c.controller())
                    .containsAll(given));
  }
}
