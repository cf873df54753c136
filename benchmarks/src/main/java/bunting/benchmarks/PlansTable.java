package bunting.benchmarks;

import bunting.core.assess.Reading;
import bunting.core.plan.Copper;
import bunting.core.plan.Planner;
import bunting.core.show.InjectionSchool;
import bunting.core.show.PowerWays;
import bunting.core.show.Show;
import bunting.testkit.HandPlan;
import java.util.Locale;

/** Plans by hand beside those of two schools: cost, metres, kilograms, minutes, boxes. */
public final class PlansTable {
  private static final String LINE = "%-38s %-13s %8.1f %8.1f %7.2f %8.0f %6d%n";

  private PlansTable() {}

  /** Prints the table. */
  public static void main(String[] arguments) {
    System.out.print(
        text(
            "%-38s %-13s %8s %8s %7s %8s %6s%n",
            "show", "plan", "cost", "metres", "kg", "minutes", "boxes"));
    for (HandPlan hand : HandPlan.all()) {
      System.out.print(
          text(
              LINE,
              hand.name(),
              "by hand",
              hand.cost(),
              hand.metres(),
              hand.kilograms(),
              hand.minutes(),
              hand.boxes()));
      line(hand, InjectionSchool.BEST, "fewest feeds");
      line(hand, InjectionSchool.PORT_FIRST, "port first");
    }
  }

  private static void line(HandPlan hand, InjectionSchool school, String name) {
    PowerWays ways = hand.show().wiring().ways();
    Show show =
        hand.show().withWiring(hand.show().wiring().with(ways.with(school, ways.everyPixels())));
    Reading plan = Reading.of(show, Planner.propose(show));
    Copper copper = Copper.of(plan);
    int given = show.controllers().map(c -> c.size()).orElse(0);
    System.out.print(
        text(
            LINE,
            "",
            name,
            plan.totals().buildCost(),
            copper.cableM(),
            copper.kilograms(),
            plan.totals().build().minutes(),
            plan.totals().controllers() - given));
  }

  private static String text(String form, Object... values) {
    return String.format(Locale.ROOT, form, values);
  }
}
