package bunting.core.plan;

import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.copper.Fuses;
import bunting.core.explain.Explanations;
import bunting.core.show.Held;
import bunting.core.show.InjectionSchool;
import bunting.core.show.PixelType;
import bunting.core.show.PowerWays;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What each school of injection would make of one port's line, side by side. */
public final class SchoolTable {
  /**
   * One school's answer.
   *
   * @param feeds cables from fuses
   * @param copperKg of all power cable
   * @param price of leads, feeds, ways and work
   * @param minutes of that work
   * @param leastPercent the lowest volts of any pixel, of the nominal
   * @param holds whether that is enough, and all of it can be fused and placed
   */
  public record Row(
      InjectionSchool school,
      int everyPixels,
      int feeds,
      double copperKg,
      double price,
      double minutes,
      double leastPercent,
      boolean holds) {}

  private SchoolTable() {}

  /** Every school, on a show of that port's runs alone; none where nothing hangs on it. */
  public static List<Row> of(Reading reading, PortReading port) {
    if (port.segments().isEmpty()) {
      return List.of();
    }
    PixelType type = port.segments().getFirst().type();
    Show alone = alone(reading, port);
    List<Row> rows = new ArrayList<>();
    int step = Explanations.thumbPixels(type);
    for (InjectionSchool school : InjectionSchool.values()) {
      PowerWays ways = reading.show().wiring().ways().with(school, step);
      Show show = alone.withWiring(alone.wiring().with(ways));
      Reading plan = Reading.of(show, Planner.sketch(show));
      boolean placed = plan.decisions().unplaced().isEmpty();
      double least = placed ? plan.totals().minVoltsPercent() : 0;
      double margin = show.settings().fuseMargin();
      Map<String, Double> through = plan.fuseAmps(plan.worst());
      boolean fused =
          plan.feeds().stream()
              .map(f -> f.feed())
              .noneMatch(f -> Fuses.over(margin * through.get(f.fuse()), f.fuseAmps()));
      rows.add(
          new Row(
              school,
              step,
              plan.feeds().size(),
              Copper.of(plan).kilograms(),
              plan.totals().buildCost(),
              plan.totals().build().minutes(),
              least,
              placed && fused && least >= show.settings().minVoltsPercent()));
    }
    return rows;
  }

  private static Show alone(Reading reading, PortReading port) {
    Show show = reading.show();
    List<Run> runs = new ArrayList<>();
    for (SegmentReading s : port.segments()) {
      Run run = s.run();
      runs.add(
          run.pixels() == s.segment().pixels()
              ? run.withPin(Optional.empty())
              : run.withPixels(s.segment().pixels()).withPin(Optional.empty()));
    }
    Show bare =
        Show.of(runs.stream().distinct().toList())
            .withSettings(show.settings())
            .withCatalogue(show.catalogue())
            .withWiring(show.wiring());
    for (Run run : bare.runs()) {
      bare = bare.withWiring(bare.wiring().withPosts(run.name(), List.of()));
    }
    List<Held> chain = new ArrayList<>();
    for (SegmentReading s : port.segments()) {
      int pixels = s.segment().pixels();
      boolean first = chain.stream().noneMatch(h -> h.run().equals(s.run().name()));
      if (first) {
        chain.add(
            new Held(s.run().name(), 1, pixels, port.controller(), port.port(), chain.size() + 1));
      }
    }
    return bare.withControllers(List.of(port.box().controller()))
        .withAllotting(bare.allotting().with(show.allotting().planning()).withByHand(chain));
  }
}
