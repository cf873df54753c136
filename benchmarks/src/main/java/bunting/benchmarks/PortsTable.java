package bunting.benchmarks;

import bunting.core.addressing.UniverseCount;
import bunting.core.plan.Assessor;
import bunting.core.plan.HandOuts;
import bunting.core.ports.Allotment;
import bunting.core.ports.PortPlanner;
import bunting.core.ports.SearchWatch;
import bunting.core.show.Catalogue;
import bunting.core.show.ControllerType;
import bunting.core.show.Goal;
import bunting.core.show.PortReport;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.ShowSettings;
import bunting.core.show.StandardCatalogue;
import bunting.core.show.edit.RunEdits;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

/**
 * Plain first fit and the search on the same shows, side by side: boxes, the proven bound, and the
 * time. Arguments: {@code big} adds a show of 4,000 runs.
 */
public final class PortsTable {
  private PortsTable() {}

  /** A show and what it is called. */
  private record Case(String name, Show show) {}

  /** Prints the table. */
  public static void main(String[] args) {
    System.out.println(
        "show                      runs  first-fit  search  bound  gap  proven  cost first ->"
            + " search   seconds");
    for (Case c : cases()) {
      line(c);
    }
    if (List.of(args).contains("big")) {
      line(new Case("4,000 runs, 20 sites", Shows.onSites(4_000, 20, 99)));
    }
    replan();
  }

  private static void line(Case c) {
    UniverseCount universes = new UniverseCount(c.show());
    Allotment first = PortPlanner.firstFit(c.show(), universes);
    long begun = System.nanoTime();
    PortPlanner.Allotted found =
        PortPlanner.allot(c.show(), Set.of(), Set.of(), universes, Optional.of(SearchWatch.NOBODY));
    double seconds = (System.nanoTime() - begun) / 1e9;
    PortReport.Reached boxes = found.report().of(Goal.BOXES).orElseThrow();
    long plain = first.boxes().stream().filter(b -> !b.isEmpty()).count();
    int bound = (int) Math.round(boxes.bound().orElse(0));
    double costFirst = PortPlanner.cost(c.show(), first);
    double cost = found.report().of(Goal.COST).orElseThrow().value();
    System.out.println(
        String.format(
            Locale.ROOT,
            "%-24s %5d  %9d  %6.0f  %5d  %3.0f  %-6s  %9.0f -> %-9.0f  %6.1f",
            c.name(),
            c.show().runs().size(),
            plain,
            boxes.value(),
            bound,
            boxes.value() - bound,
            boxes.proven() ? "yes" : "no",
            costFirst,
            cost,
            seconds));
  }

  private static List<Case> cases() {
    List<Case> cases = new ArrayList<>();
    cases.add(new Case("triplets, 16 bins", triplets(16)));
    cases.add(new Case("triplets, 20 bins", triplets(20)));
    cases.add(new Case("whole runs, 1 port", bins(60, 1)));
    cases.add(new Case("whole runs, 4 ports", bins(90, 4)));
    cases.add(new Case("whole runs, 8 ports", bins(120, 8)));
    for (int runs : new int[] {20, 40, 80, 160}) {
      cases.add(new Case("mixed, one site, " + runs, Shows.onSites(runs, 1, runs)));
    }
    cases.add(new Case("mixed, two sites, 60", Shows.onSites(60, 2, 7)));
    cases.add(new Case("mixed, three sites, 90", Shows.onSites(90, 3, 8)));
    cases.add(new Case("the same, boxes first", boxesFirst(Shows.onSites(60, 2, 7))));
    cases.add(new Case("the same, boxes first", boxesFirst(Shows.onSites(90, 3, 8))));
    return cases;
  }

  private static Show boxesFirst(Show show) {
    return show.withAllotting(
        show.allotting().with(show.allotting().planning().preferring(Goal.BOXES)));
  }

  private static Show bins(int runs, int ports) {
    Random random = new Random(runs);
    List<Run> list = new ArrayList<>();
    for (int i = 0; i < runs; i++) {
      list.add(Run.of("r" + i, "12v-strip-60", 100 + random.nextInt(600)).withSplit(false));
    }
    return of(ports, list);
  }

  /** Every port is filled by exactly three runs. */
  private static Show triplets(int bins) {
    Random random = new Random(bins);
    List<Run> list = new ArrayList<>();
    for (int bin = 0; bin < bins; bin++) {
      int a = 380 + random.nextInt(61);
      int b = 210 + random.nextInt(41);
      for (int pixels : new int[] {a, b, 1000 - a - b}) {
        list.add(Run.of("r" + list.size(), "12v-strip-60", pixels).withSplit(false));
      }
    }
    java.util.Collections.shuffle(list, random);
    return of(1, list);
  }

  private static Show of(int ports, List<Run> runs) {
    Catalogue c = StandardCatalogue.get();
    ControllerType kind =
        new ControllerType(
            "k", "k", ports, 1000, 1000, List.of(12.0), 10, 60, List.of(), 10, 20 + 10 * ports);
    Show show =
        Show.of(runs)
            .withCatalogue(
                new Catalogue(c.pixelTypes(), List.of(kind), c.supplyTypes(), c.wires()));
    return show.withSettings(new ShowSettings("bins", 230, 30, 100, 80, 1.25, 90, ""));
  }

  /** Ten runs more in a show of 300 that was handed out. */
  private static void replan() {
    Show show = Shows.onSites(300, 3, 300);
    Show out = HandOuts.handOut(show, Assessor.sketch(show).reading(), "2026-11-03", "");
    for (Run run : Shows.onSites(10, 3, 301).runs()) {
      out = RunEdits.added(out, run.withName("new " + run.name()));
    }
    long begun = System.nanoTime();
    var plan = Assessor.plan(out);
    System.out.println(
        String.format(
            Locale.ROOT,
            "re-plan of 300 handed-out runs with ten more: %.1f s, %d unplaced",
            (System.nanoTime() - begun) / 1e9,
            plan.reading().decisions().unplaced().size()));
  }
}
