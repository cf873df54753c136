package bunting.core.ports;

import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.Held;
import bunting.core.show.Pin;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Site;
import bunting.core.show.Texts;
import bunting.core.show.Unplaced;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** One pass of the first fit with one preference. */
final class AllotmentRun {
  /** Boxes that are added for a run after the ports have room for it. */
  private static final int FRESH_TRIES = 3;

  private final Show show;
  private final Set<PortPlanner.Forbidden> forbidden;
  private final Preference preference;
  private final Map<String, PixelType> types;
  private final List<BoxLoad> boxes = new ArrayList<>();
  private final List<Unplaced> unplaced = new ArrayList<>();
  private final List<Run> queue;
  private final Map<String, List<Held>> held;
  private final Set<String> given = new HashSet<>();
  private final int spare;
  private final Placer placer;
  private final BoxChooser chooser;
  private final Map<String, Site> siteOf = new HashMap<>();
  private final Map<String, Long> waiting = new HashMap<>();
  private int boxesNamed;

  AllotmentRun(
      Show show,
      Set<String> excluded,
      Set<PortPlanner.Forbidden> forbidden,
      UniverseRoom universes,
      Preference preference) {
    this(
        show,
        show.runs().stream().filter(r -> !excluded.contains(r.name())).toList(),
        HeldPieces.byRun(show),
        forbidden,
        universes,
        preference,
        given(show));
  }

  private static List<BoxLoad> given(Show show) {
    Map<String, ControllerType> kinds = show.catalogue().controllerTypesById();
    return show.controllers().orElse(List.of()).stream()
        .map(c -> new BoxLoad(c, kinds.get(c.type())))
        .toList();
  }

  /**
   * A pass for some runs.
   *
   * @param held pieces that have their place
   * @param there boxes, with what is on them already
   */
  AllotmentRun(
      Show show,
      List<Run> runs,
      Map<String, List<Held>> held,
      Set<PortPlanner.Forbidden> forbidden,
      UniverseRoom universes,
      Preference preference,
      List<BoxLoad> there) {
    this.show = show;
    this.forbidden = forbidden;
    this.preference = preference;
    this.types = show.catalogue().pixelTypesById();
    double fps = show.settings().targetFps();
    Placer plain = new Placer(fps, universes, boxes);
    this.placer = preference == Preference.SPREAD ? plain.spreading() : plain;
    this.spare = show.allotting().planning().sparePorts();
    this.chooser = new BoxChooser(show.catalogue().controllerTypes(), fps, spare);
    for (BoxLoad box : there) {
      boxes.add(box);
      given.add(box.controller().id());
    }
    this.held = held;
    this.queue = new ArrayList<>(runs);
  }

  Allotment go() {
    placeHeld();
    if (ownChoice()) {
      queue.forEach(run -> waiting.merge(place(run), (long) run.pixels(), Long::sum));
    }
    queue.stream().filter(r -> r.pin().isPresent()).forEach(this::placePinned);
    for (List<Run> unit : units()) {
      if (unit.size() == 1 || !placeTogether(unit)) {
        unit.forEach(this::placeSingle);
      }
    }
    return new Allotment(boxes, unplaced);
  }

  private boolean ownChoice() {
    return show.mayAddBoxes();
  }

  /**
   * Pieces that stay, chain by chain in their order. A run whose pieces do not all fit any more is
   * placed like any other, unless the builder put it there by hand.
   */
  private void placeHeld() {
    Map<String, Run> runs = new HashMap<>();
    queue.forEach(r -> runs.put(r.name(), r));
    Set<String> byHand =
        show.allotting().byHand().stream().map(Held::run).collect(Collectors.toSet());
    List<Held> pieces =
        held.entrySet().stream()
            .filter(e -> runs.containsKey(e.getKey()))
            .flatMap(e -> e.getValue().stream())
            .sorted(Comparator.comparingInt(Held::position))
            .toList();
    Set<String> unfit = new LinkedHashSet<>();
    pieces.stream().filter(p -> !holds(runs.get(p.run()), p)).forEach(p -> unfit.add(p.run()));
    for (Held h : pieces) {
      Run run = runs.get(h.run());
      if (!unfit.contains(h.run()) && !placer.placeBehind(piece(run, h), box(h), h.port())) {
        unfit.add(h.run());
      }
    }
    for (String name : unfit) {
      boxes.forEach(b -> b.removeRun(name));
      Run run = runs.get(name);
      if (byHand.contains(name)) {
        Held h = held.get(name).getFirst();
        String where = "was put by hand on " + h.controller() + " port " + h.port();
        int room = fitting(run, n -> placedByHand(run, held.get(name), n));
        unplaced.add(misfit(run, where + ", which takes", room));
        queue.remove(run);
      }
    }
    queue.removeIf(r -> held.containsKey(r.name()) && !unfit.contains(r.name()));
  }

  private Piece piece(Run run, Held h) {
    return new Piece(run, type(run), h.firstPixel(), h.lastPixel());
  }

  private boolean holds(Run run, Held h) {
    BoxLoad box = box(h);
    return box != null
        && h.port() >= 1
        && h.port() <= box.type().ports()
        && box.type().takes(h.port(), type(run).volts());
  }

  private @Nullable BoxLoad box(Held h) {
    return boxes.stream()
        .filter(b -> b.controller().id().equals(h.controller()))
        .findFirst()
        .orElse(null);
  }

  private PixelType type(Run run) {
    return types.get(run.type());
  }

  /** Groups (of one voltage) and single runs, in the order of this preference. */
  private List<List<Run>> units() {
    Map<String, List<Run>> byKey = new LinkedHashMap<>();
    for (Run run : queue) {
      if (run.pin().isEmpty()) {
        String key =
            run.group()
                .filter(g -> preference != Preference.SINGLY)
                .map(g -> "g" + type(run).volts() + "\0" + g)
                .orElse("r" + run.name());
        byKey.computeIfAbsent(key, k -> new ArrayList<>()).add(run);
      }
    }
    List<List<Run>> units = new ArrayList<>(byKey.values());
    switch (preference) {
      case LIST_ORDER, FILL_UP, SINGLY, SPREAD -> {}
      case SCARCE_FIRST ->
          units.sort(
              Comparator.<List<Run>>comparingLong(u -> takers(u.getFirst()))
                  .thenComparing(u -> u.stream().allMatch(Run::split))
                  .thenComparingLong(u -> -u.stream().mapToLong(Run::pixels).sum()));
      case WHOLE_FIRST -> units.sort(Comparator.comparing(u -> u.stream().allMatch(Run::split)));
    }
    return units;
  }

  private long takers(Run run) {
    return boxes.stream().filter(b -> b.type().takes(type(run).volts())).count();
  }

  private void placePinned(Run run) {
    Pin pin = run.pin().orElseThrow();
    List<BoxLoad> there =
        boxes.stream().filter(b -> b.controller().id().equals(pin.controller())).toList();
    int port = pin.port().orElse(0);
    PixelType type = type(run);
    if (placer.placeWhole(run, type, there, port)
        || (port == 0 && run.split() && placer.placeSplit(run, type, there))) {
      return;
    }
    BoxLoad box = there.getFirst();
    boolean split = run.split() && port == 0;
    int room =
        fitting(
            run,
            n ->
                placer.placeWhole(run.withPixels(n), type, there, port)
                    || (split && placer.placeSplit(run.withPixels(n), type, there)));
    String where =
        (port == 0 ? box.takes(type) : box.takes(port, type))
            ? "is pinned to " + pin.text() + ", which has room for"
            : "is pinned to "
                + pin.text()
                + ", which does not run at "
                + Texts.number(type.volts())
                + " V and has room for";
    unplaced.add(misfit(run, where, room));
  }

  /** All of a group on one box, or nothing. */
  private boolean placeTogether(List<Run> group) {
    for (BoxLoad box : candidates(group.getFirst())) {
      if (group.stream().allMatch(r -> allowed(r, box)) && placeAllOn(group, box)) {
        return true;
      }
    }
    if (!ownChoice()) {
      return false;
    }
    long pixels = group.stream().mapToLong(Run::pixels).sum();
    int longest = group.stream().mapToInt(Run::pixels).max().orElse(0);
    Optional<BoxLoad> fresh = add(group.getFirst(), longest, pixels);
    if (fresh.isPresent() && !placeAllOn(group, fresh.get())) {
      forgetFrom(boxes.size() - 1);
      return false;
    }
    return fresh.isPresent();
  }

  private boolean placeAllOn(List<Run> group, BoxLoad box) {
    List<BoxLoad> only = List.of(box);
    List<Integer> before = box.ports().stream().map(p -> p.pieces().size()).toList();
    for (Run run : group) {
      PixelType type = type(run);
      if (!placer.placeWhole(run, type, only, 0)
          && !(run.split() && placer.placeSplit(run, type, only))) {
        for (int port = 1; port <= before.size(); port++) {
          while (box.ports().get(port - 1).pieces().size() > before.get(port - 1)) {
            box.removeLast(port);
          }
        }
        return false;
      }
    }
    group.forEach(this::noLongerWaiting);
    return true;
  }

  private void placeSingle(Run run) {
    PixelType type = type(run);
    List<BoxLoad> there = candidates(run);
    boolean fillUp = preference == Preference.FILL_UP && run.split();
    if (placer.placeWhole(run, type, there, 0)
        || (fillUp && placer.placeSplit(run, type, there))
        || (ownChoice() && onFreshBoxes(run, there))) {
      noLongerWaiting(run);
      return;
    }
    if (!ownChoice() && run.split() && placer.placeSplit(run, type, there)) {
      return;
    }
    noLongerWaiting(run);
    unplaced.add(misfit(run, reason(run), room(run, there)));
  }

  /**
   * A fresh box that takes the run whole; else the run divided over what is free and as many boxes
   * as it needs.
   */
  private boolean onFreshBoxes(Run run, List<BoxLoad> there) {
    PixelType type = type(run);
    int before = boxes.size();
    List<BoxLoad> usable = new ArrayList<>(there);
    long free = placer.roomFor(type, there, 0, true);
    int tries = 0;
    do {
      Optional<BoxLoad> fresh = add(run, run.pixels(), 0);
      if (fresh.isEmpty()) {
        break;
      }
      usable.add(fresh.get());
      if (placer.placeWhole(run, type, List.of(fresh.get()), 0)) {
        return true;
      }
      free += chooser.capacity(fresh.get().type(), type);
      if (run.split() && free >= run.pixels() && placer.placeSplit(run, type, usable)) {
        boxes.subList(before, boxes.size()).removeIf(BoxLoad::isEmpty);
        return true;
      }
      // Room on ports, and still no place: the universes are what lacks, and no box has more.
      tries += free >= run.pixels() ? 1 : 0;
    } while (run.split() && tries < FRESH_TRIES && placer.takesAny(type, fresh(usable), run));
    forgetFrom(before);
    return false;
  }

  private static BoxLoad fresh(List<BoxLoad> usable) {
    return usable.getLast();
  }

  /** Takes the boxes from an index on, all empty, off again. */
  private void forgetFrom(int index) {
    boxes.subList(index, boxes.size()).forEach(b -> boxesNamed--);
    boxes.subList(index, boxes.size()).clear();
  }

  private Optional<BoxLoad> add(Run run, int onePort, long oneBox) {
    Site site = site(run);
    long demand = Math.max(waiting.getOrDefault(place(run), 0L), oneBox);
    return chooser
        .choose(type(run), onePort, oneBox, demand)
        .map(
            kind -> {
              String id;
              do {
                id = "C" + ++boxesNamed;
              } while (given.contains(id));
              Controller c = new Controller(id, kind.id(), site.at());
              BoxLoad box = new BoxLoad(c, kind, spare);
              boxes.add(box);
              return box;
            });
  }

  /** Boxes for a run in the order in which to try them. */
  private List<BoxLoad> candidates(Run run) {
    PixelType type = type(run);
    Comparator<BoxLoad> nearest =
        Comparator.comparingDouble(b -> PortPlanner.distance(b.controller(), run));
    List<BoxLoad> able = new ArrayList<>();
    for (BoxLoad box : boxes) {
      if (box.takes(type)
          && allowed(run, box)
          && (!ownChoice() || atSite(box, run) || isGiven(box))) {
        able.add(box);
      }
    }
    if (show.controllers().isPresent()) {
      able.sort(
          preference == Preference.SCARCE_FIRST
              ? Comparator.<BoxLoad, Boolean>comparing(BoxLoad::isEmpty)
                  .thenComparingInt(b -> b.type().volts().size())
                  .thenComparing(nearest)
              : nearest);
    }
    return withGroupFirst(run, able);
  }

  private List<BoxLoad> withGroupFirst(Run run, List<BoxLoad> able) {
    if (run.group().isEmpty()) {
      return able;
    }
    List<BoxLoad> sorted = new ArrayList<>(able);
    sorted.sort(Comparator.comparing(b -> !hosts(b, run.group())));
    return sorted;
  }

  private static boolean hosts(BoxLoad box, Optional<String> group) {
    return box.ports().stream()
        .flatMap(p -> p.pieces().stream())
        .anyMatch(p -> p.run().group().equals(group));
  }

  private boolean isGiven(BoxLoad box) {
    return given.contains(box.controller().id());
  }

  private boolean allowed(Run run, BoxLoad box) {
    return !forbidden.contains(new PortPlanner.Forbidden(run.name(), box.controller().id()));
  }

  private boolean atSite(BoxLoad box, Run run) {
    Site site = site(run);
    return box.controller().at().equals(site.at());
  }

  /** The site nearest to the run's feed end; for a group, to that of its first run. */
  private Site site(Run run) {
    String key = run.group().map(g -> "g" + type(run).volts() + "\0" + g).orElse("r" + run.name());
    return siteOf.computeIfAbsent(
        key,
        k ->
            show.standingSites().stream()
                .min(Comparator.comparingDouble(s -> s.at().cableTo(run.start())))
                .orElseThrow());
  }

  private String place(Run run) {
    return site(run).id() + "\0" + type(run).volts();
  }

  private void noLongerWaiting(Run run) {
    if (ownChoice()) {
      waiting.merge(place(run), (long) -run.pixels(), Long::sum);
    }
  }

  private int room(Run run, List<BoxLoad> there) {
    PixelType type = type(run);
    return fitting(
        run,
        n ->
            placer.placeWhole(run.withPixels(n), type, there, 0)
                || (run.split() && placer.placeSplit(run.withPixels(n), type, there)));
  }

  /** The first so many pixels of a run where they are held. */
  private boolean placedByHand(Run run, List<Held> pieces, int pixels) {
    for (Held h : pieces) {
      if (h.firstPixel() <= pixels) {
        Held part = h.withPixels(h.firstPixel(), Math.min(h.lastPixel(), pixels));
        if (!holds(run, h) || !placer.placeBehind(piece(run, part), box(h), h.port())) {
          return false;
        }
      }
    }
    return true;
  }

  /** How many pixels of a run would have had a place, ports and universes alike: by trial. */
  private int fitting(Run run, IntPredicate placed) {
    int most = 0;
    int tooMany = run.pixels();
    while (tooMany - most > 1) {
      int middle = (most + tooMany) / 2;
      boolean fits = placed.test(middle);
      boxes.forEach(b -> b.removeRun(run.name()));
      most = fits ? middle : most;
      tooMany = fits ? tooMany : middle;
    }
    return most;
  }

  private String reason(Run run) {
    PixelType type = type(run);
    boolean known =
        ownChoice()
            ? show.catalogue().controllerTypes().stream().anyMatch(t -> t.takes(type.volts()))
            : boxes.stream().anyMatch(b -> b.type().takes(type.volts()));
    if (!known) {
      return "finds no controller for " + Texts.number(type.volts()) + " V; there is room for";
    }
    if (PortRules.budgetMicros(show.settings().targetFps()) < type.wireMicros()) {
      return "takes "
          + Texts.number(type.wireMicros())
          + " us a pixel, more than a frame at "
          + Texts.number(show.settings().targetFps())
          + " fps leaves; there is room for";
    }
    String how = run.split() ? "" : " and may not be split";
    return "finds too little room on ports"
        + how
        + " (pixels, time on the wire, universes); there is room for";
  }

  private static Unplaced misfit(Run run, String why, int room) {
    int lacking = run.pixels() - room;
    return new Unplaced(
        run.name(),
        why + " " + room + " of its " + run.pixels() + " pixels: " + lacking + " too few",
        run.pixels(),
        room,
        "pixels");
  }
}
