package bunting.core.guess;

import bunting.core.assess.FeedReading;
import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.assess.TrunkReading;
import bunting.core.show.Run;
import bunting.core.show.Texts;
import bunting.core.units.Lengths;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * What would flip within the guesses of a plan, and which measure is worth a second walk. The plan
 * is taken as it is: built so, with runs that turn out longer or shorter. All at their longest and
 * all at their shortest are looked at, since what a run brings grows with it, and each port at its
 * longest with the rest at its shortest; then each run that has to do with what flips, by itself.
 * Of very large shows both ends alone.
 */
public final class Guesses {
  /**
   * A cable that wants so much more does not reach: half the slack that the rule leaves, metres.
   */
  public static final double SLACK_M = 0.5;

  /** So many runs are tried one by one; of more, all that a thing hangs on are named. */
  private static final int ALONE_MAX = 24;

  /** So many pixels are read for it in all, beside both ends: some seconds. */
  private static final long PIXELS_READ = 400_000;

  private static final String NO_STAND = "cannot-stand";
  private static final String OVER_SUPPLY = "supply-headroom ";
  private static final String OVER_CIRCUIT = "circuit-over ";

  private static final Map<String, Flip.Kind> KINDS = new HashMap<>();

  static {
    kinds(
        Flip.Kind.FEED,
        "low-volts cannot-stand brown-out unfed rail-over-limit rail-amps jumper-amps thin-tail");
    kinds(Flip.Kind.PORT, "frame-rate port-amps");
    kinds(
        Flip.Kind.LOAD,
        "fuse-below-load board-amps supply-headroom lead-amps trunk-amps set-amps no-circuit"
            + " circuit-full circuit-over start-trips input-wires hot-connector closed-box-heat");
    kinds(Flip.Kind.ADDRESS, "handed-out-moved handed-out-gone slot-clash no-slots foreign-slots");
  }

  private static void kinds(Flip.Kind kind, String codes) {
    Stream.of(codes.split(" ")).forEach(c -> KINDS.put(c, kind));
  }

  /** The codes of rules whose kind is known. */
  static Set<String> codes() {
    return Set.copyOf(KINDS.keySet());
  }

  private final Reading reading;
  private final Function<Reading, List<Alarm>> judge;
  private final Set<String> before = new HashSet<>();
  private final Nearby near;

  private Guesses(Reading reading, Function<Reading, List<Alarm>> judge) {
    this.reading = reading;
    this.judge = judge;
    this.near = new Nearby(reading);
  }

  /**
   * What flips, the longest ends first.
   *
   * @param judge what there is to say against a plan, as it is built
   */
  public static List<Flip> of(Reading reading, Function<Reading, List<Alarm>> judge) {
    return guessed(reading).isEmpty() ? List.of() : new Guesses(reading, judge).run();
  }

  /** The runs of a plan that are guessed, in their order. */
  public static List<Run> guessed(Reading reading) {
    return reading.show().runs().stream()
        .filter(r -> TurnedOut.lengthGuessed(r) || r.guess().leadPercent() > 0)
        .toList();
  }

  /** The same plan with its guesses as they turn out. */
  public static Reading turnedOut(Reading reading, Function<Run, End> end) {
    TurnedOut out = TurnedOut.of(reading.show(), reading.decisions(), end);
    return Reading.of(out.show(), out.decisions(), reading);
  }

  /** The plan to order by: as it is, or with every guess at its longest where that is asked. */
  public static Reading toOrder(Reading reading) {
    boolean safe = reading.show().preparation().safeSide() && !guessed(reading).isEmpty();
    return safe ? turnedOut(reading, r -> End.LONG) : reading;
  }

  private List<Flip> run() {
    // Judged without its guesses, so that nobody asks about guesses again.
    Reading said = turnedOut(reading, r -> End.AS_SAID);
    judge.apply(said).forEach(a -> before.add(a.code() + "\0" + a.about()));
    List<Flip> flips = new ArrayList<>();
    for (End end : List.of(End.LONG, End.SHORT)) {
      List<Flip> here = new ArrayList<>(flips(said, end, r -> end));
      if (end == End.LONG) {
        ports(said, here);
      }
      here.removeIf(f -> flips.stream().anyMatch(f::sameAs));
      flips.addAll(named(said, here, end));
    }
    return flips;
  }

  /**
   * Each port at its longest while all others are at their shortest: where the load falls with the
   * volts, a port draws the most when its neighbours draw little.
   */
  private void ports(Reading said, List<Flip> flips) {
    Set<String> guessed = new HashSet<>();
    guessed(reading).forEach(r -> guessed.add(r.name()));
    List<Set<String>> ports = new ArrayList<>();
    for (PortReading p : said.ports()) {
      Set<String> runs = new HashSet<>();
      p.segments().forEach(s -> runs.add(s.run().name()));
      if (runs.stream().anyMatch(guessed::contains) && !ports.contains(runs)) {
        ports.add(runs);
      }
    }
    for (Set<String> port :
        ports.size() > 1 && ports.size() <= tries() ? ports : List.<Set<String>>of()) {
      flips(said, End.LONG, r -> port.contains(r.name()) ? End.LONG : End.SHORT).stream()
          .filter(f -> flips.stream().noneMatch(f::sameAs))
          .forEach(flips::add);
    }
  }

  /** How many cases there is time for: the larger the show, the fewer. */
  private int tries() {
    long each = Math.max(1, reading.totals().pixels());
    return (int) Math.min(ALONE_MAX, PIXELS_READ / each);
  }

  /** Who brings each of them. */
  private List<Flip> named(Reading said, List<Flip> flips, End end) {
    Map<Flip, Set<String>> hangs = new LinkedHashMap<>();
    Set<String> involved = new HashSet<>();
    List<String> guessed = guessed(reading).stream().map(Run::name).toList();
    for (Flip flip : flips) {
      Set<String> on = new HashSet<>(flip.together());
      on.retainAll(guessed);
      hangs.put(flip, on.isEmpty() ? new HashSet<>(guessed) : on);
      involved.addAll(hangs.get(flip));
    }
    Map<String, List<Flip>> alone = new HashMap<>();
    List<Run> tried =
        guessed(reading).stream()
            .filter(r -> involved.contains(r.name()))
            .sorted(Comparator.comparingDouble((Run r) -> -r.pixels() * r.guess().length()))
            .limit(tries())
            .toList();
    for (Run run : tried) {
      alone.put(run.name(), flips(said, end, r -> r.name().equals(run.name()) ? end : End.AS_SAID));
    }
    List<Flip> named = new ArrayList<>();
    hangs.forEach(
        (flip, on) -> {
          List<String> by =
              guessed.stream()
                  .filter(n -> alone.getOrDefault(n, List.of()).stream().anyMatch(flip::sameAs))
                  .toList();
          List<String> all = guessed.stream().filter(on::contains).toList();
          named.add(
              new Flip(
                  flip.kind(), flip.key(), end, by, by.isEmpty() ? all : List.of(), flip.says()));
        });
    return named;
  }

  /** What is not so in the plan as it is said; {@link Flip#together} has what each is near to. */
  private List<Flip> flips(Reading said, End end, Function<Run, End> ends) {
    Reading out = turnedOut(reading, ends);
    List<Flip> flips = new ArrayList<>();
    for (Alarm a : judge.apply(out)) {
      if (!before.contains(a.code() + "\0" + a.about())) {
        Flip.Kind kind = KINDS.getOrDefault(a.code(), Flip.Kind.OTHER);
        flips.add(flip(kind, a.code() + " " + a.about(), end, near.of(a.about()), a.says()));
        if (a.code().equals(NO_STAND)) {
          unknown(said, a.about(), end, flips);
        }
      }
    }
    for (PortReading p : out.ports()) {
      int over = p.pixels() - p.type().pixelsPerPortMax();
      if (over > 0) {
        String key = p.controller() + ":" + p.port();
        String says =
            "Port " + key + " has " + Texts.count(over, "pixel", "pixels") + " more than it takes.";
        flips.add(flip(Flip.Kind.PORT, key, end, near.of(key), says));
      }
    }
    cables(said, out, end, flips);
    return once(flips);
  }

  private static List<Flip> once(List<Flip> flips) {
    List<Flip> once = new ArrayList<>();
    flips.stream().filter(f -> once.stream().noneMatch(f::sameAs)).forEach(once::add);
    return once;
  }

  /** What cannot stand has no load that could be said: so it is with all that carries it. */
  private void unknown(Reading said, String about, End end, List<Flip> flips) {
    Map<String, String> circuits = new HashMap<>();
    said.decisions().supplies().forEach(s -> s.circuit().ifPresent(c -> circuits.put(s.id(), c)));
    for (SegmentReading s : said.segments()) {
      if (!s.segment().id().equals(about) && !s.segment().controller().equals(about)) {
        continue;
      }
      for (FeedReading f : said.feedsOf(s.segment().id())) {
        String supply = f.feed().supply();
        Set<String> runs = near.of(supply);
        String why = " then carries cannot be said, since a part of it cannot stand.";
        flips.add(
            flip(Flip.Kind.LOAD, OVER_SUPPLY + supply, end, runs, "What supply " + supply + why));
        String circuit = circuits.get(supply);
        if (circuit != null) {
          flips.add(
              flip(Flip.Kind.LOAD, OVER_CIRCUIT + circuit, end, runs, "What " + circuit + why));
        }
      }
    }
  }

  private static Flip flip(Flip.Kind kind, String key, End end, Set<String> near, String says) {
    return new Flip(kind, key, end, List.of(), List.copyOf(near), says);
  }

  private void cables(Reading said, Reading out, End end, List<Flip> flips) {
    Map<String, Double> planned = new HashMap<>();
    said.segments().forEach(s -> planned.put("lead " + s.segment().id(), s.leadM()));
    said.feeds().forEach(f -> planned.put("feed " + f.feed().id(), f.lengthM()));
    said.trunks().forEach(t -> planned.put("trunk " + t.trunk().id(), t.metres()));
    for (SegmentReading s : out.segments()) {
      String what = "The lead of " + s.run().name() + " pixel " + s.segment().firstPixel();
      reaches(planned, "lead " + s.segment().id(), what, s.leadM(), end, flips);
    }
    for (FeedReading f : out.feeds()) {
      String what = "The cable of feed " + f.feed().id();
      boolean own = !f.feed().viaPort();
      if (own) {
        reaches(planned, "feed " + f.feed().id(), what, f.lengthM(), end, flips);
      }
    }
    for (TrunkReading t : out.trunks()) {
      String what = "Trunk " + t.trunk().id();
      reaches(planned, "trunk " + t.trunk().id(), what, t.metres(), end, flips);
    }
  }

  private void reaches(
      Map<String, Double> planned,
      String key,
      String what,
      double metres,
      End end,
      List<Flip> flips) {
    double more = metres - planned.getOrDefault(key, metres);
    if (more > SLACK_M) {
      Lengths lengths = Lengths.of(reading.show());
      String says =
          what
              + " is too short: it wants "
              + lengths.text(metres)
              + " where "
              + lengths.text(metres - more)
              + " is planned.";
      flips.add(flip(Flip.Kind.CABLE, key, end, near.of(key), says));
    }
  }
}
