package bunting.core.loads;

import bunting.core.show.BulbString;
import bunting.core.show.Decisions;
import bunting.core.show.OtherDecisions;
import bunting.core.show.Show;
import bunting.core.show.Survey;
import bunting.core.show.Texts;
import bunting.core.show.Unplaced;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Chains bulb strings at their outlets: in the order of the list, each on the end of the first
 * chain of its outlet whose cords still bear what then goes through them, else on a plug of its
 * own. A cord carries its own string and all that hang behind it. In a show that has a plan a
 * string stays in its chain as long as the cords bear it and its outlet is the nearest.
 */
public final class BulbPlanner {
  private static final double ROUNDING_AMPS = 1e-9;

  private BulbPlanner() {}

  /** The chains, and the strings that their own cord does not bear. Circuits are not chosen yet. */
  public record Plan(List<OtherDecisions.Chain> chains, List<Unplaced> unplaced) {}

  private record Open(
      Optional<String> id, Optional<Survey.Outlet> outlet, List<BulbString> strings) {}

  /**
   * Plans all mains light strings.
   *
   * @param before the plan that the show has
   */
  public static Plan plan(Show show, Optional<Decisions> before) {
    double volts = show.settings().mainsVolts();
    List<Open> open = new ArrayList<>();
    before.ifPresent(p -> p.others().chains().forEach(c -> open.add(kept(show, c))));
    open.removeIf(c -> c.strings().isEmpty());
    Set<BulbString> stay = new HashSet<>();
    open.forEach(c -> stay.addAll(c.strings()));
    List<Unplaced> unplaced = new ArrayList<>();
    for (BulbString string : show.others().bulbStrings()) {
      double amps = string.amps(volts);
      if (amps > string.cordAmpsMax() + ROUNDING_AMPS) {
        unplaced.add(lack(string, amps));
        continue;
      }
      if (stay.contains(string)) {
        continue;
      }
      Optional<Survey.Outlet> outlet = nearest(show, string);
      Open chain =
          open.stream()
              .filter(c -> c.outlet().equals(outlet) && bears(c.strings(), string, volts))
              .findFirst()
              .orElseGet(
                  () -> {
                    open.add(new Open(Optional.empty(), outlet, new ArrayList<>()));
                    return open.getLast();
                  });
      chain.strings().add(string);
    }
    Set<String> ids = new HashSet<>();
    open.forEach(c -> c.id().ifPresent(ids::add));
    List<OtherDecisions.Chain> chains = new ArrayList<>();
    for (Open c : open) {
      chains.add(
          new OtherDecisions.Chain(
              c.id().orElseGet(() -> FreeIds.next("B", ids)),
              c.strings().stream().map(BulbString::name).toList(),
              c.outlet().map(Survey.Outlet::id),
              c.outlet().flatMap(Survey.Outlet::circuit)));
    }
    return new Plan(chains, unplaced);
  }

  /** A chain of a plan with the strings that still belong to it. */
  private static Open kept(Show show, OtherDecisions.Chain chain) {
    double volts = show.settings().mainsVolts();
    Optional<Survey.Outlet> outlet =
        show.survey().outlets().stream()
            .filter(o -> chain.outlet().equals(Optional.of(o.id())))
            .findFirst();
    List<BulbString> strings = new ArrayList<>();
    for (String name : chain.strings()) {
      show.others().bulbStrings().stream()
          .filter(s -> s.name().equals(name))
          .filter(s -> nearest(show, s).equals(outlet) && bears(strings, s, volts))
          .findFirst()
          .ifPresent(strings::add);
    }
    return new Open(Optional.of(chain.id()), outlet, strings);
  }

  /** Whether every cord of a chain bears one string more at its end. */
  static boolean bears(List<BulbString> chain, BulbString more, double volts) {
    double through = more.amps(volts);
    if (through > more.cordAmpsMax() + ROUNDING_AMPS) {
      return false;
    }
    for (BulbString before : chain.reversed()) {
      through += before.amps(volts);
      if (through > before.cordAmpsMax() + ROUNDING_AMPS) {
        return false;
      }
    }
    return true;
  }

  private static Optional<Survey.Outlet> nearest(Show show, BulbString string) {
    return show.survey().outlets().stream()
        .min(Comparator.comparingDouble(o -> o.at().cableTo(string.at())));
  }

  private static Unplaced lack(BulbString s, double amps) {
    return new Unplaced(
        s.name(),
        "draws "
            + Texts.fixed(amps, 2)
            + " A, and its cord bears "
            + Texts.number(s.cordAmpsMax())
            + " A: "
            + Texts.fixed(amps - s.cordAmpsMax(), 2)
            + " A too much",
        amps,
        s.cordAmpsMax(),
        "A");
  }
}
