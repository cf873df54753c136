package bunting.core.checks;

import bunting.core.assess.Reading;
import bunting.core.plan.Planner;
import bunting.core.show.BreakerKind;
import bunting.core.show.Circuit;
import bunting.core.show.CircuitFacts;
import bunting.core.show.Hours;
import bunting.core.show.PlaceRules;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.SupplyType;
import bunting.core.show.WallSwitch;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/** A show with each fault of the mains, by the code of the check that must find it. */
final class MainsFaults {
  private MainsFaults() {}

  static Map<String, Reading> all() {
    Map<String, Reading> faults = new HashMap<>();
    Show show = Show.of(List.of(Run.of("Weir", "5v-strip-60", 600)));
    faults.put(
        "no-rcd", read(on(show, OptionalDouble.empty(), WallSwitch.NONE, new Point(0, 0), 230)));
    OptionalDouble rcd = OptionalDouble.of(30);
    faults.put("wall-switch", read(on(show, rcd, WallSwitch.OPEN, new Point(0, 0), 230)));
    faults.put("long-cord", read(on(show, rcd, WallSwitch.NONE, new Point(900, 0), 120)));
    faults.put("start-trips", read(withInrush(show, 75)));
    faults.put("cut-unknown", read(cutting(show, "S9")));
    faults.put("board-cut", read(cutting(show, "S1")));
    Show cut = cutting(show, "S1");
    PlaceRules none = PlaceRules.UNSAID.withDays(OptionalInt.of(1));
    LocalDate day = LocalDate.of(2026, 12, 1);
    Hours two =
        new Hours(
            new Hours.Season(day, day.plusDays(1)),
            new Hours.Place(51, 4, ZoneId.of("Europe/Brussels")),
            Optional.empty(),
            0,
            Optional.empty(),
            30,
            List.of(),
            new Hours.Tariff(0, ""),
            Hours.Apart.NONE);
    faults.put(
        "temporary-days",
        read(cut.withMains(cut.mains().withRules(none).withHours(Optional.of(two)))));
    Hours polar =
        new Hours(
            new Hours.Season(LocalDate.of(2026, 6, 20), LocalDate.of(2026, 6, 22)),
            new Hours.Place(69.65, 18.96, ZoneId.of("Europe/Oslo")),
            Optional.empty(),
            0,
            Optional.empty(),
            30,
            List.of(),
            new Hours.Tariff(0, ""),
            Hours.Apart.NONE);
    faults.put("hours-and-sun", read(cut.withMains(cut.mains().withHours(Optional.of(polar)))));
    return faults;
  }

  private static Reading read(Show show) {
    return Reading.of(show, Planner.propose(show));
  }

  private static Show on(
      Show show, OptionalDouble rcd, WallSwitch atTheWall, Point at, double volts) {
    CircuitFacts facts =
        new CircuitFacts(
            OptionalInt.empty(), rcd, "", Optional.of(at), BreakerKind.C, atTheWall, "", List.of());
    return show.withCircuits(Optional.of(List.of(new Circuit("A", volts, 16, 0).with(facts))));
  }

  private static Show withInrush(Show show, double amps) {
    var c = show.catalogue();
    List<SupplyType> cold =
        c.supplyTypes().stream()
            .map(
                t ->
                    new SupplyType(
                        t.id(),
                        t.volts(),
                        t.watts(),
                        t.efficiency(),
                        t.powerFactor(),
                        t.cost(),
                        OptionalDouble.of(amps),
                        0))
            .toList();
    return show.withCatalogue(
            new bunting.core.show.Catalogue(c.pixelTypes(), c.controllerTypes(), cold, c.wires()))
        .withCircuits(Optional.of(List.of(new Circuit("A", 230, 16, 0))));
  }

  static Show cutting(Show show, String supply) {
    LocalDate day = LocalDate.of(2026, 12, 1);
    Hours hours =
        new Hours(
            new Hours.Season(day, day),
            new Hours.Place(51, 4, ZoneId.of("Europe/Brussels")),
            Optional.empty(),
            0,
            Optional.empty(),
            30,
            List.of(supply),
            new Hours.Tariff(0, ""),
            Hours.Apart.NONE);
    return show.withMains(show.mains().withHours(Optional.of(hours)));
  }
}
