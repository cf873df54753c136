package bunting.core.season;

import bunting.core.assess.Reading;
import bunting.core.kit.Cables;
import bunting.core.kit.Need;
import bunting.core.kit.ShoppingList;
import bunting.core.log.LogEntry;
import bunting.core.log.LogKind;
import bunting.core.log.ShowLog;
import bunting.core.plan.HandOuts;
import bunting.core.show.BenchNotes;
import bunting.core.show.Hours;
import bunting.core.show.OtherDecisions;
import bunting.core.show.Planning;
import bunting.core.show.Show;
import bunting.core.show.Supply;
import bunting.core.show.Texts;
import bunting.core.stock.CutList;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * The beginning of a season from the end of the last. What was planned is taken as built: boxes are
 * what there is, addresses are handed out so that an addition moves none of them, supplies are
 * owned. What was bought lies in the totes and comes off the next shopping list; what a meter read
 * goes to the log. Ticks are cleared, and the days are a year later.
 *
 * @param show to go on with
 * @param entries for its log, behind all that is there: readings, parts, the new season
 */
public record NextSeason(Show show, List<LogEntry> entries) {
  /** Parts whose stock is the show's own. */
  private static final Set<String> OWN_KINDS = Set.of("board", "supply", "PWM board");

  private static final Pattern YEAR = Pattern.compile("\\b(19|20|21)\\d\\d\\b");

  public NextSeason {
    entries = List.copyOf(entries);
  }

  /**
   * The name of the season after a show: the year in its name is one more; where none stands there,
   * the year after its first evening is put behind it.
   */
  public static String nameAfter(Show show, LocalDate day) {
    String name = show.settings().name();
    Matcher year = YEAR.matcher(name);
    return year.find()
        ? year.replaceFirst(Integer.toString(Integer.parseInt(year.group()) + 1))
        : name + " " + (show.preparation().opening(show).orElse(day).getYear() + 1);
  }

  /**
   * The season after a plan.
   *
   * @param log of the seasons until now
   * @param name of the show from now on
   * @param day on which it begins
   */
  public static NextSeason of(Reading plan, ShowLog log, String name, LocalDate day) {
    Show now = plan.show();
    Show next = HandOuts.handOut(now, plan, day.toString(), name);
    next =
        next.withSettings(next.settings().withName(name))
            .withAllotting(next.allotting().with(owning(next.allotting().planning(), plan)))
            .withBench(BenchNotes.NONE)
            .withPreparation(
                now.preparation()
                    .withDone(List.of())
                    .withOpening(now.preparation().opening().map(d -> d.plusYears(1))))
            .withMains(now.mains().withHours(now.mains().hours().map(NextSeason::later)));
    List<LogEntry> entries = new ArrayList<>();
    now.bench().readings().forEach(r -> entries.add(reading(r, day)));
    bought(plan, log).forEach((part, n) -> entries.add(part(part, n, day)));
    entries.add(words(LogKind.SEASON, day, name));
    return new NextSeason(next, entries);
  }

  private static Hours later(Hours hours) {
    Hours.Season s = hours.season();
    return hours.withSeason(new Hours.Season(s.from().plusYears(1), s.to().plusYears(1)));
  }

  /** The controllers, supplies and PWM boards of a plan are there from now on. */
  private static Planning owning(Planning planning, Reading plan) {
    Planning next = planning.withToBuy(List.of());
    List<Supply> supplies = plan.decisions().supplies();
    next = owning(next, Planning.Shelf.SUPPLIES, supplies.stream().map(Supply::type));
    List<OtherDecisions.Dimmer> boards = plan.decisions().others().dimmers();
    return owning(
        next, Planning.Shelf.PWM_BOARDS, boards.stream().map(OtherDecisions.Dimmer::type));
  }

  private static Planning owning(Planning planning, Planning.Shelf kind, Stream<String> types) {
    Map<String, Integer> needed = new TreeMap<>();
    types.forEach(t -> needed.merge(t, 1, Integer::sum));
    planning.owned(kind).forEach(o -> needed.merge(o.type(), o.count(), Math::max));
    Planning next = planning;
    for (Map.Entry<String, Integer> e : needed.entrySet()) {
      next = next.owning(kind, e.getKey(), e.getValue());
    }
    return next;
  }

  /** What the season took beyond what the log knew; boards and supplies are the show's own. */
  private static Map<String, Integer> bought(Reading plan, ShowLog log) {
    Map<String, Integer> bought = new TreeMap<>();
    CutList cuts = CutList.of(plan.show());
    for (Need n : ShoppingList.of(plan, cuts, Cables.of(plan), log.stock())) {
      boolean own = OWN_KINDS.contains(n.kind());
      int missing = (int) Math.ceil(n.missing() - 1e-9);
      if (!own && missing > 0) {
        bought.put(n.part(), missing);
      }
    }
    return bought;
  }

  private static LogEntry reading(BenchNotes.Reading r, LocalDate day) {
    return new LogEntry(
        LogKind.READING,
        day,
        Optional.of(r.run()),
        OptionalInt.of(r.pixel()),
        Optional.empty(),
        OptionalDouble.of(r.volts()),
        OptionalDouble.empty(),
        OptionalInt.empty(),
        OptionalDouble.empty(),
        Optional.empty(),
        Optional.of(
            "at the bench, " + r.pattern() + " at " + Texts.number(r.brightnessPercent()) + " %"));
  }

  private static LogEntry part(String part, int count, LocalDate day) {
    return new LogEntry(
        LogKind.PART,
        day,
        Optional.empty(),
        OptionalInt.empty(),
        Optional.empty(),
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        OptionalInt.of(count),
        OptionalDouble.empty(),
        Optional.of(part),
        Optional.of("of the season before"));
  }

  private static LogEntry words(LogKind kind, LocalDate day, String text) {
    return new LogEntry(
        kind,
        day,
        Optional.empty(),
        OptionalInt.empty(),
        Optional.empty(),
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        OptionalInt.empty(),
        OptionalDouble.empty(),
        Optional.empty(),
        Optional.of(text));
  }
}
