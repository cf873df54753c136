package bunting.core.guess;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.checks.Checks;
import bunting.core.checks.Finding;
import bunting.core.checks.GuessFlips;
import bunting.core.checks.Severity;
import bunting.core.plan.Planner;
import bunting.core.power.RandomWiring;
import bunting.core.show.Guess;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Tag;

/** Guessed lengths at either end of their range never bring what was not told. */
@Tag("property")
class GuessPropertyTest {
  private static final List<End> ENDS = List.of(End.SHORT, End.AS_SAID, End.LONG);

  private static Show guessing(Show show, Random random) {
    return show.withRuns(
        show.runs().stream()
            .map(
                r ->
                    r.withGuess(
                        Guess.NONE
                            .withLength(random.nextInt(3) * 10)
                            .withLead(random.nextInt(3) * 15)))
            .toList());
  }

  private static Set<String> grave(Reading reading) {
    return Checks.examine(reading).stream()
        .filter(f -> f.severity() != Severity.NOTE)
        .filter(f -> !f.code().equals("guess"))
        .map(GuessPropertyTest::key)
        .collect(Collectors.toSet());
  }

  private static String key(Finding f) {
    return f.code() + " " + f.subject().id();
  }

  @Property(tries = 60, seed = "181")
  void whatComesAtAnyEndsWasTold(@ForAll long seed) {
    Random random = new Random(seed);
    Show show = guessing(RandomWiring.everything(random), random);
    Reading reading = Reading.of(show, Planner.sketch(show));
    Set<String> plain = grave(reading);
    Set<String> told = GuessFlips.of(reading).stream().map(Flip::key).collect(Collectors.toSet());
    for (int i = 0; i < 4; i++) {
      Map<String, End> ends = new HashMap<>();
      show.runs().forEach(r -> ends.put(r.name(), ENDS.get(random.nextInt(ENDS.size()))));
      Reading out = Guesses.turnedOut(reading, r -> ends.get(r.name()));
      String where = seed + " " + ends;
      for (String key : grave(out)) {
        if (!plain.contains(key)) {
          assertThat(told)
              .as(where + " " + key)
              .anyMatch(t -> t.equals(key) || hides(reading, t, key));
        }
      }
      for (PortReading p : out.ports()) {
        if (p.pixels() > p.type().pixelsPerPortMax()) {
          assertThat(told).as(where).contains(p.controller() + ":" + p.port());
        }
      }
      leads(reading, out, told, where);
    }
  }

  /** What is said not to stand has no volts and no amps that could be told besides. */
  private static boolean hides(Reading reading, String told, String key) {
    if (!told.startsWith("cannot-stand ")) {
      return false;
    }
    String broken = told.substring("cannot-stand ".length());
    String about = key.substring(key.indexOf(' ') + 1);
    return boxes(reading, broken).stream().anyMatch(boxes(reading, about)::contains)
        && !key.startsWith("supply-headroom")
        && !key.startsWith("circuit");
  }

  private static Set<String> boxes(Reading reading, String about) {
    Set<String> boxes =
        reading.segments().stream()
            .map(SegmentReading::segment)
            .filter(
                s -> s.id().equals(about) || s.controller().equals(about) || s.run().equals(about))
            .map(bunting.core.show.Segment::controller)
            .collect(Collectors.toSet());
    reading.feeds().stream()
        .filter(f -> f.feed().id().equals(about))
        .forEach(f -> boxes.add(segment(reading, f.feed().segment()).controller()));
    return boxes;
  }

  private static void leads(Reading reading, Reading out, Set<String> told, String where) {
    Map<String, Double> planned =
        reading.segments().stream()
            .collect(Collectors.toMap(s -> s.segment().id(), SegmentReading::leadM));
    for (SegmentReading s : out.segments()) {
      if (s.leadM() > planned.get(s.segment().id()) + Guesses.SLACK_M) {
        assertThat(told).as(where).contains("lead " + s.segment().id());
      }
    }
  }

  /** All stay what they are but longer or shorter: no pixel lies on two segments, none is lost. */
  @Property(tries = 60, seed = "182")
  void segmentsFollowTheirRuns(@ForAll long seed) {
    Random random = new Random(seed);
    Show show = guessing(RandomWiring.everything(random), random);
    Reading reading = Reading.of(show, Planner.sketch(show));
    for (End end : ENDS) {
      Reading out = Guesses.turnedOut(reading, r -> end);
      for (Run run : out.show().runs()) {
        int placed = out.segmentsOf(run.name()).stream().mapToInt(s -> s.segment().pixels()).sum();
        boolean whole =
            reading.segmentsOf(run.name()).stream().mapToInt(s -> s.segment().pixels()).sum()
                == show.run(run.name()).get().pixels();
        if (whole) {
          assertThat(placed).as(seed + " " + run.name()).isEqualTo(run.pixels());
        }
      }
      out.feeds()
          .forEach(
              f ->
                  assertThat(f.feed().atPixel())
                      .isBetween(
                          segment(out, f.feed().segment()).firstPixel(),
                          segment(out, f.feed().segment()).lastPixel()));
    }
  }

  private static bunting.core.show.Segment segment(Reading reading, String id) {
    return reading.segments().stream()
        .map(SegmentReading::segment)
        .filter(s -> s.id().equals(id))
        .findFirst()
        .orElseThrow();
  }
}
