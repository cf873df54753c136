package bunting.core.ports;

import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.PixelType;
import bunting.core.show.Planning;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Site;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Divides a show into parts that can be searched one by one. Where boxes are given all is one part,
 * if it is small enough. Where boxes are chosen, runs of different voltage never share a box, so
 * each voltage is a part; where that is too large, each of its sites with the runs nearest to it.
 */
final class Parts {
  /** Most pairs of a run and a box in one part. */
  private static final int PAIRS_MAX = 6_000;

  private static final int BOXES_MAX = 120;

  /** Sites that a run may go to, the nearest first. */
  private static final int SITES_A_RUN = 3;

  /**
   * A part.
   *
   * @param runs free ones
   * @param boxes candidates, with what is held on them
   * @param whole whether nothing was left out that could be better, so that bounds hold
   */
  record Part(List<Run> runs, List<BoxLoad> boxes, BoxSearch.Allowed allowed, boolean whole) {}

  private final Show show;
  private final Set<PortPlanner.Forbidden> forbidden;
  private final Map<String, PixelType> types;
  private final Planning planning;

  Parts(Show show, Set<PortPlanner.Forbidden> forbidden) {
    this.show = show;
    this.forbidden = forbidden;
    this.types = show.catalogue().pixelTypesById();
    this.planning = show.allotting().planning();
  }

  /**
   * The parts.
   *
   * @param free runs that are neither held nor pinned
   * @param given boxes that there are, with what is held on them
   */
  List<Part> of(List<Run> free, List<BoxLoad> given) {
    if (!show.mayAddBoxes()) {
      return fitting(part(free, given, Map.of(), true));
    }
    if (!given.isEmpty()) {
      List<BoxLoad> boxes = new ArrayList<>(given);
      byVolts(free).values().forEach(runs -> boxes.addAll(fresh(runs, show.standingSites())));
      return fitting(part(free, boxes, Map.of(), false));
    }
    List<Part> parts = new ArrayList<>();
    for (List<Run> runs : byVolts(free).values()) {
      List<BoxLoad> boxes = fresh(runs, show.standingSites());
      boolean all = show.standingSites().size() <= SITES_A_RUN;
      List<Part> one = fitting(part(runs, boxes, all ? Map.of() : nearSites(runs), all));
      if (one.isEmpty()) {
        bySite(runs)
            .forEach(
                (site, own) ->
                    parts.addAll(fitting(part(own, fresh(own, List.of(site)), Map.of(), false))));
      } else {
        parts.addAll(one);
      }
    }
    return parts;
  }

  private static List<Part> fitting(Part part) {
    boolean small =
        part.boxes().size() <= BOXES_MAX
            && (long) part.boxes().size() * part.runs().size() <= PAIRS_MAX;
    return small && !part.runs().isEmpty() && !part.boxes().isEmpty() ? List.of(part) : List.of();
  }

  private PixelType type(Run run) {
    return java.util.Objects.requireNonNull(types.get(run.type()));
  }

  private Map<Double, List<Run>> byVolts(List<Run> runs) {
    Map<Double, List<Run>> map = new LinkedHashMap<>();
    runs.forEach(r -> map.computeIfAbsent(type(r).volts(), v -> new ArrayList<>()).add(r));
    return map;
  }

  /** Groups stay together, at the site nearest to their first run. */
  private Map<Site, List<Run>> bySite(List<Run> runs) {
    Map<Site, List<Run>> map = new LinkedHashMap<>();
    Map<String, Site> ofGroup = new LinkedHashMap<>();
    for (Run run : runs) {
      String key = run.group().map(g -> "g" + g).orElse("r" + run.name());
      Site nearest = ofGroup.computeIfAbsent(key, k -> nearest(run).getFirst());
      map.computeIfAbsent(nearest, s -> new ArrayList<>()).add(run);
    }
    return map;
  }

  private List<Site> nearest(Run run) {
    return show.standingSites().stream()
        .sorted(Comparator.comparingDouble(s -> s.at().cableTo(run.start())))
        .toList();
  }

  private Map<String, Set<bunting.core.show.Point>> nearSites(List<Run> runs) {
    Map<String, Set<bunting.core.show.Point>> map = new LinkedHashMap<>();
    for (Run run : runs) {
      Set<bunting.core.show.Point> points = new HashSet<>();
      nearest(run).stream().limit(SITES_A_RUN).forEach(s -> points.add(s.at()));
      map.put(run.name(), points);
    }
    return map;
  }

  private Part part(
      List<Run> runs,
      List<BoxLoad> boxes,
      Map<String, Set<bunting.core.show.Point>> near,
      boolean whole) {
    double fps = show.settings().targetFps();
    BoxSearch.Allowed allowed =
        (run, box) -> {
          PixelType type = type(run);
          if (!box.takes(type)
              || forbidden.contains(new PortPlanner.Forbidden(run.name(), box.controller().id()))) {
            return false;
          }
          boolean reach =
              !near.containsKey(run.name()) || near.get(run.name()).contains(box.controller().at());
          int room = PortRules.room(box.type(), type, fps, 0, 0);
          long most = run.split() ? (long) room * box.order().size() : room;
          return reach && run.pixels() <= most;
        };
    return new Part(runs, boxes, allowed, whole);
  }

  /** Boxes that could be added: of every kind in every place as many as could be of use. */
  private List<BoxLoad> fresh(List<Run> runs, List<Site> sites) {
    double fps = show.settings().targetFps();
    double volts = type(runs.getFirst()).volts();
    BoxChooser chooser =
        new BoxChooser(show.catalogue().controllerTypes(), fps, planning.sparePorts());
    List<BoxLoad> boxes = new ArrayList<>();
    for (Site site : sites) {
      for (ControllerType kind : show.catalogue().controllerTypes()) {
        if (!kind.takes(volts)) {
          continue;
        }
        double need = 0;
        for (Run run : runs) {
          long capacity = chooser.capacity(kind, type(run));
          need += capacity == 0 ? 0 : run.pixels() / (double) capacity;
        }
        // Runs that may not be divided leave gaps: half as many again, and one.
        int copies = Math.min(runs.size(), (int) Math.ceil(need * 1.5) + 1);
        for (int n = 1; n <= copies && boxes.size() <= BOXES_MAX; n++) {
          Controller c =
              new Controller("+" + site.id() + " " + kind.id() + " " + n, kind.id(), site.at());
          boxes.add(new BoxLoad(c, kind, planning.sparePorts()));
        }
      }
    }
    return boxes;
  }
}
