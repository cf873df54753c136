package bunting.core.guess;

import bunting.core.show.Break;
import bunting.core.show.Controller;
import bunting.core.show.Course;
import bunting.core.show.Decisions;
import bunting.core.show.Feed;
import bunting.core.show.Guess;
import bunting.core.show.Hanging;
import bunting.core.show.PixelType;
import bunting.core.show.PlacedController;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import bunting.core.survey.Geometry;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * A show and its plan with guessed measures as they turn out: each run longer or shorter by whole
 * cut units, all else as it was decided. A longer run goes on on the port of its last segment; a
 * feed at its end stays at its end.
 *
 * @param show with nothing guessed any more
 */
public record TurnedOut(Show show, Decisions decisions) {
  /**
   * What it turns out to be.
   *
   * @param end where each guessed run is in its range
   */
  public static TurnedOut of(Show show, Decisions decisions, Function<Run, End> end) {
    Map<String, PixelType> types = show.catalogue().pixelTypesById();
    Map<String, Run> runs =
        show.runs().stream().collect(Collectors.toMap(Run::name, Function.identity()));
    Map<String, Controller> boxes =
        decisions.controllers().stream()
            .map(PlacedController::controller)
            .collect(Collectors.toMap(Controller::id, Function.identity()));
    Map<String, Segment> first = new HashMap<>();
    Map<String, Segment> last = new HashMap<>();
    for (Segment s : decisions.segments()) {
      first.merge(s.run(), s, (a, b) -> a.firstPixel() < b.firstPixel() ? a : b);
      last.merge(s.run(), s, (a, b) -> a.lastPixel() > b.lastPixel() ? a : b);
    }
    List<Run> next = new ArrayList<>();
    for (Run run : show.runs()) {
      PixelType type = Objects.requireNonNull(types.get(run.type()));
      Optional<Point> box =
          Optional.ofNullable(first.get(run.name()))
              .map(s -> Objects.requireNonNull(boxes.get(s.controller())).at());
      int least =
          Optional.ofNullable(last.get(run.name())).map(s -> s.firstPixel() - 1).orElse(0)
              + type.cutEvery();
      next.add(run(run, type, end.apply(run), box, least));
    }
    return new TurnedOut(show.withRuns(next), followed(decisions, runs, next, last));
  }

  /** Whether a run's length is a guess still: one that was counted is not. */
  public static boolean lengthGuessed(Run run) {
    return run.guess().length() > 0 && run.built().isEmpty();
  }

  private static Run run(Run run, PixelType type, End end, Optional<Point> box, int least) {
    Guess guess = run.guess();
    Run now = run.withGuess(Guess.NONE);
    if (lengthGuessed(run) && end != End.AS_SAID) {
      now = longer(now, type, end, guess.length(), least);
    }
    if (guess.leadPercent() > 0
        && end != End.AS_SAID
        && (run.leadM().isPresent() || box.isPresent())) {
      double lead =
          run.leadM().orElseGet(() -> Geometry.boxToPixel(box.orElseThrow(), run, type, 1));
      now = now.withLead(OptionalDouble.of(lead * end.times(guess.leadPercent())));
    }
    return now;
  }

  /** By whole cut units, outwards; the tape goes with the count. */
  private static Run longer(Run run, PixelType type, End end, double percent, int least) {
    double times = end.times(percent);
    double units = run.pixels() * times / type.cutEvery();
    double whole = end == End.LONG ? Math.ceil(units - 1e-9) : Math.floor(units + 1e-9);
    int pixels = (int) Math.max(least, Math.min(Run.PIXELS_MAX, whole * type.cutEvery()));
    double share = pixels / (double) run.pixels();
    OptionalDouble length =
        run.lengthM().isPresent()
            ? OptionalDouble.of(run.lengthM().getAsDouble() * share)
            : run.lengthM();
    return run.withPixels(pixels).withLength(length).withHanging(stretched(run.hanging(), share));
  }

  /** A line goes on beyond its end; other shapes keep their place, their pixels lie closer. */
  private static Hanging stretched(Hanging h, double share) {
    if (h.course().isPresent()) {
      return h.course().get() instanceof Course.Traced t
          ? Hanging.along(
                  new Course.Traced(
                      t.corners().stream().map(p -> h.start().towards(p, share)).toList()))
              .withRoute(h.route())
          : h;
    }
    return new Hanging(
        h.start(), h.end().map(e -> h.start().towards(e, share)), Optional.empty(), h.route());
  }

  private static Decisions followed(
      Decisions d, Map<String, Run> before, List<Run> now, Map<String, Segment> last) {
    Map<String, Integer> ends = new HashMap<>();
    for (Run run : now) {
      Segment s = last.get(run.name());
      boolean whole = s != null && s.lastPixel() == before.get(run.name()).pixels();
      if (whole && run.pixels() != s.lastPixel()) {
        ends.put(s.id(), run.pixels());
      }
    }
    Map<String, Segment> old =
        d.segments().stream().collect(Collectors.toMap(Segment::id, Function.identity()));
    List<Segment> segments =
        d.segments().stream()
            .map(s -> ends.containsKey(s.id()) ? s.upTo(ends.get(s.id())) : s)
            .toList();
    Map<String, TreeSet<Integer>> cuts = new HashMap<>();
    d.breaks()
        .forEach(b -> cuts.computeIfAbsent(b.segment(), k -> new TreeSet<>()).add(b.afterPixel()));
    List<Break> breaks =
        d.breaks().stream()
            .filter(b -> b.afterPixel() < ends.getOrDefault(b.segment(), Integer.MAX_VALUE))
            .toList();
    List<Feed> feeds = new ArrayList<>();
    Set<List<Object>> taken = new HashSet<>();
    for (Feed f : d.feeds()) {
      Integer end = ends.get(f.segment());
      if (end == null) {
        feeds.add(f);
        continue;
      }
      Integer cut = cuts.getOrDefault(f.segment(), new TreeSet<>()).lower(f.atPixel());
      boolean there = cut == null || cut < end;
      boolean atEnd =
          !f.viaPort() && (f.atPixel() == old.get(f.segment()).lastPixel() || f.atPixel() > end);
      int at = atEnd ? end : f.atPixel();
      if (there && taken.add(List.of(f.segment(), at))) {
        feeds.add(f.at(at));
      }
    }
    return d.with(segments, feeds, breaks);
  }
}
