package bunting.core.plan;

import bunting.core.checks.Severity;
import bunting.core.show.Catalogue;
import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.OtherLoads;
import bunting.core.show.PixelType;
import bunting.core.show.PlacedController;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Site;
import bunting.core.show.Texts;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The runs of a show at 5, 12, 24, 36 and 48 V, each planned for real. A pixel type becomes the
 * type of the catalogue with that voltage, its colours and its pitch; where there is none, one of
 * the same watts a pixel is made for the comparison and said to be. Boxes stay where they are while
 * they take the voltage; else the planner chooses new ones in their places.
 */
public final class VoltageComparison {
  /** The voltages that pixels are sold for. */
  public static final List<Double> VOLTS = List.of(5.0, 12.0, 24.0, 36.0, 48.0);

  private static final double PITCH_SHARE = 0.05;

  private VoltageComparison() {}

  /**
   * One option.
   *
   * @param names the runs in question; empty: all
   */
  public static VoltageOption at(double volts, Show show, Set<String> names) {
    List<Run> chosen =
        show.runs().stream().filter(r -> names.isEmpty() || names.contains(r.name())).toList();
    Map<String, PixelType> types = show.catalogue().pixelTypesById();
    Map<String, PixelType> becomes = new LinkedHashMap<>();
    Catalogue catalogue = show.catalogue();
    List<String> basis = new ArrayList<>();
    for (Run run : chosen) {
      PixelType from = types.get(run.type());
      if (!becomes.containsKey(from.id())) {
        PixelType to = at(volts, from, show.catalogue());
        boolean made = !show.catalogue().pixelTypes().contains(to);
        catalogue = catalogue.withPixelType(to);
        becomes.put(from.id(), to);
        basis.add(basis(from, to, made));
      }
    }
    Show changed = retyped(show, chosen, becomes, catalogue);
    Assessment plan = Assessor.sketch(only(changed, chosen));
    Show takeOver = changed;
    if (unplaced(plan) > 0 && show.controllers().isPresent()) {
      Assessment other = Assessor.sketch(freed(only(changed, chosen)));
      if (unplaced(other) < unplaced(plan)) {
        plan = other;
        takeOver = withBoxesOf(other, changed, chosen, volts);
        basis.add("New boxes in the places of those that do not take " + volt(volts) + ".");
      }
    }
    boolean current = chosen.stream().allMatch(r -> types.get(r.type()).volts() == volts);
    int fuses = (int) plan.reading().feeds().stream().map(f -> f.feed().fuse()).distinct().count();
    return new VoltageOption(
        volts,
        current,
        takeOver,
        plan,
        basis,
        Copper.of(plan.reading()),
        fuses,
        unplaced(plan),
        strengths(volts),
        weaknesses(volts, plan));
  }

  /** The chosen runs alone, planned afresh, without lights that are not pixels. */
  private static Show only(Show show, List<Run> chosen) {
    Set<String> names = names(chosen);
    return show.withRuns(show.runs().stream().filter(r -> names.contains(r.name())).toList())
        .withAccepted(Optional.empty())
        .withOthers(OtherLoads.NONE);
  }

  private static Set<String> names(List<Run> runs) {
    return runs.stream().map(Run::name).collect(Collectors.toSet());
  }

  private static Show retyped(
      Show show, List<Run> chosen, Map<String, PixelType> becomes, Catalogue catalogue) {
    Set<String> names = names(chosen);
    Map<String, PixelType> types = show.catalogue().pixelTypesById();
    return show.withCatalogue(catalogue)
        .withRuns(
            show.runs().stream()
                .map(
                    r ->
                        names.contains(r.name())
                            ? retyped(r, types.get(r.type()), becomes.get(r.type()))
                            : r)
                .toList());
  }

  private static Run retyped(Run run, PixelType from, PixelType to) {
    if (to.id().equals(from.id())) {
      return run;
    }
    Run next = run.withType(to.id()).withPixels(atCutMark(run.plannedPixels(), to));
    return from.volts() == to.volts() ? next : next.withPin(Optional.empty());
  }

  /**
   * The whole show with the boxes that were planned for the chosen runs added. Of the boxes that
   * there are those stay that take the voltage, or that other runs need: by pin, or by voltage.
   */
  private static Show withBoxesOf(Assessment plan, Show show, List<Run> chosen, double volts) {
    Set<String> names = names(chosen);
    Map<String, PixelType> types = show.catalogue().pixelTypesById();
    Map<String, ControllerType> kinds = show.catalogue().controllerTypesById();
    List<Run> others = show.runs().stream().filter(r -> !names.contains(r.name())).toList();
    Set<String> pinned = new HashSet<>();
    show.runs().forEach(r -> r.pin().ifPresent(p -> pinned.add(p.controller())));
    List<Controller> boxes = new ArrayList<>();
    for (Controller c : show.controllers().orElseThrow()) {
      ControllerType kind = kinds.get(c.type());
      boolean needed = others.stream().anyMatch(r -> kind.takes(types.get(r.type()).volts()));
      if (kind.takes(volts) || needed || pinned.contains(c.id())) {
        boxes.add(c);
      }
    }
    Set<String> taken = boxes.stream().map(Controller::id).collect(Collectors.toSet());
    int n = 1;
    for (PlacedController placed : plan.reading().decisions().controllers()) {
      Controller c = placed.controller();
      String stem = volt(volts) + " box ";
      while (!taken.add(stem + n)) {
        n++;
      }
      boxes.add(new Controller(stem + n, c.type(), c.at()));
    }
    return show.withControllers(boxes);
  }

  private static int atCutMark(int pixels, PixelType type) {
    return Math.max(type.cutEvery(), pixels - pixels % type.cutEvery());
  }

  /** The show with the planner choosing boxes, where boxes stand now. */
  private static Show freed(Show show) {
    List<Site> sites = new ArrayList<>(show.sites());
    for (Controller c : show.controllers().orElse(List.of())) {
      if (sites.stream().noneMatch(s -> s.id().equals(c.id()))) {
        sites.add(new Site(c.id(), c.at()));
      }
    }
    return show.withSites(sites)
        .withRuns(show.runs().stream().map(r -> r.withPin(Optional.empty())).toList());
  }

  private static long unplaced(Assessment plan) {
    Set<String> names =
        plan.reading().decisions().unplaced().stream()
            .map(u -> u.run())
            .collect(Collectors.toSet());
    return plan.reading().show().runs().stream()
        .filter(r -> names.contains(r.name()))
        .mapToLong(Run::pixels)
        .sum();
  }

  /** What a type becomes at another voltage. */
  static PixelType at(double volts, PixelType from, Catalogue catalogue) {
    if (from.volts() == volts) {
      return from;
    }
    return catalogue.pixelTypes().stream()
        .filter(t -> t.volts() == volts && t.channels() == from.channels())
        .filter(t -> Math.abs(t.pitchPerM() - from.pitchPerM()) <= PITCH_SHARE * from.pitchPerM())
        .findFirst()
        .orElseGet(() -> sameWatts(volts, from));
  }

  private static PixelType sameWatts(double volts, PixelType from) {
    double share = from.volts() / volts;
    return new PixelType(
        from.id() + "-at-" + Texts.number(volts) + "v",
        Texts.number(volts)
            + " V, "
            + Texts.number(from.pitchPerM())
            + "/m, "
            + from.order().length()
            + " colours, as "
            + from.id(),
        volts,
        from.channels(),
        from.order(),
        from.bitsPerChannel(),
        from.signal(),
        from.pitchPerM(),
        from.cutEvery(),
        from.milliampsFull() * share,
        from.milliampsIdle() * share,
        from.load(),
        from.railOhmsPerM());
  }

  private static String volt(double volts) {
    return Texts.number(volts) + " V";
  }

  private static String basis(PixelType from, PixelType to, boolean made) {
    if (to.equals(from)) {
      return from.name() + " as it is.";
    }
    return from.name()
        + " becomes "
        + (made ? "a made type of the same watts a pixel: look for one." : to.name() + ".");
  }

  private static List<String> strengths(double volts) {
    if (volts <= 5) {
      return List.of("Nearly all of its watts become light.", "Strip can be cut behind any pixel.");
    }
    if (volts <= 12) {
      return List.of(
          "Less than half the amps of 5 V, and fewer feeds.", "Spares are easy to come by.");
    }
    return volts <= 24
        ? List.of("Long runs from one feed, thin wire.", "Still many kinds of strip.")
        : List.of("Longest runs, least copper.", "Good for permanent lines.");
  }

  private static List<String> weaknesses(double volts, Assessment plan) {
    List<String> list = new ArrayList<>();
    if (volts <= 5) {
      list.add("So many amps that feeds come every few metres.");
    } else if (volts <= 12) {
      list.add("A part of each pixel's watts only warms it.");
    } else if (volts <= 24) {
      list.add("Do not plug it live: inrush can kill the data chip.");
    } else {
      list.add("Fewest kinds of pixels and boxes.");
      list.add("Blade fuses are rated 32 V: take fuses and holders rated for it.");
      list.add("Never plug it live. Few amps are many watts.");
    }
    if (unplaced(plan) > 0) {
      list.add(Texts.count(unplaced(plan), "pixel", "pixels") + " found no place.");
    } else if (plan.count(Severity.STOP) > 0) {
      list.add("Its plan has findings that say stop.");
    }
    return list;
  }
}
