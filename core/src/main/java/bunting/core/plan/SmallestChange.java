package bunting.core.plan;

import bunting.core.cost.BuildCost;
import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.PixelType;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.ShowSettings;
import bunting.core.show.Site;
import bunting.core.show.Texts;
import bunting.core.show.Unplaced;
import bunting.core.show.edit.RunEdits;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * The smallest change that gives an unplaced run its place. Changes are tried in the order of what
 * they ask of the builder, each by planning: what is said has been found to work.
 */
public final class SmallestChange {
  private static final double[] RATES = {0.875, 0.75, 0.625, 0.5};

  private SmallestChange() {}

  /** A change: what to do, and the show with it done. */
  public record Change(String text, Show show) {}

  /**
   * The first change that helps and harms nobody; else the first after which fewer runs are without
   * a place, and then it is said who loses his. Empty when none of these helps.
   */
  public static Optional<Change> of(Show show, Unplaced unplaced) {
    Optional<Run> run = show.run(unplaced.run());
    if (run.isEmpty()) {
      return Optional.empty();
    }
    Set<String> before = unplaced(show);
    Optional<Change> second = Optional.empty();
    for (Change change : candidates(show, run.get(), unplaced)) {
      Set<String> after = unplaced(change.show());
      if (after.contains(unplaced.run())) {
        continue;
      }
      Set<String> harmed = new TreeSet<>(after);
      harmed.removeAll(before);
      if (harmed.isEmpty()) {
        return Optional.of(change);
      }
      if (second.isEmpty() && after.size() < before.size()) {
        String whom = String.join(", ", harmed);
        second =
            Optional.of(
                new Change(
                    change.text() + "; but then " + whom + " would have no place", change.show()));
      }
    }
    return second;
  }

  private static Set<String> unplaced(Show show) {
    return Planner.sketch(show).unplaced().stream().map(Unplaced::run).collect(Collectors.toSet());
  }

  private static List<Change> candidates(Show show, Run run, Unplaced unplaced) {
    List<Change> list = new ArrayList<>();
    if (run.pin().isPresent()
        || show.allotting().byHand().stream().anyMatch(h -> h.run().equals(run.name()))) {
      list.add(new Change("let the planner choose its port", ByHand.release(show, run.name())));
    }
    if (!run.split()) {
      list.add(new Change("let it be divided", show.withRun(run.withSplit(true))));
    }
    ShowSettings s = show.settings();
    for (double share : RATES) {
      double fps = Math.floor(s.targetFps() * share);
      if (fps >= 1) {
        list.add(
            new Change(
                "be content with " + Texts.number(fps) + " fps",
                show.withSettings(s.withTargetFps(fps))));
      }
    }
    show.controllers().ifPresent(boxes -> list.addAll(moreBoxes(show, run, boxes)));
    if ("pixels".equals(unplaced.unit()) && unplaced.allowed() >= 1) {
      int fewer = (int) unplaced.allowed();
      list.add(
          new Change(
              "make it " + Texts.count(fewer, "pixel", "pixels") + " instead of " + run.pixels(),
              RunEdits.changed(
                  show,
                  run.name(),
                  r -> r.withBuilt(java.util.OptionalInt.empty()).withPixels(fewer))));
    }
    return list;
  }

  /** One box more of each kind that takes it, the cheapest first, where it is nearest. */
  private static List<Change> moreBoxes(Show show, Run run, List<Controller> boxes) {
    PixelType type = show.catalogue().pixelTypesById().get(run.type());
    List<Point> places = new ArrayList<>();
    show.sites().stream().map((Site t) -> t.at()).forEach(places::add);
    boxes.stream().map(Controller::at).forEach(places::add);
    Point at =
        places.stream()
            .min(Comparator.comparingDouble(p -> p.cableTo(run.start())))
            .orElse(new Point(0, 0));
    List<Change> list = new ArrayList<>();
    show.catalogue().controllerTypes().stream()
        .filter(t -> type != null && t.takes(type.volts()))
        .sorted(Comparator.comparingDouble(ControllerType::cost).thenComparing(ControllerType::id))
        .forEach(
            kind -> {
              List<Controller> more = new ArrayList<>(boxes);
              int n = 1;
              while (idTaken(boxes, "Box " + n)) {
                n++;
              }
              more.add(new Controller("Box " + n, kind.id(), at));
              list.add(
                  new Change(
                      "add a box: "
                          + kind.name()
                          + ", "
                          + show.settings()
                              .price(BuildCost.bought(kind, show.allotting().planning().prices())),
                      show.withControllers(more)));
            });
    return list;
  }

  private static boolean idTaken(List<Controller> boxes, String id) {
    return boxes.stream().anyMatch(b -> b.id().equals(id));
  }
}
