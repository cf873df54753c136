package bunting.core.plan;

import bunting.core.show.Accepted;
import bunting.core.show.BulbString;
import bunting.core.show.Catalogue;
import bunting.core.show.Circuit;
import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.Decisions;
import bunting.core.show.Feed;
import bunting.core.show.Input;
import bunting.core.show.PlacedController;
import bunting.core.show.PlainSet;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import bunting.core.show.Supply;
import bunting.core.show.Trunk;
import bunting.core.show.Unplaced;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Reads the accepted plan of a show as it was saved, without planning. A file that was edited
 * elsewhere may have a plan that names what the show no longer has; such a plan cannot be read
 * before it is repaired ({@link Planner}).
 */
public final class SavedPlan {
  private final Show show;
  private final Decisions plan;
  private final Catalogue parts;
  private final Map<String, Segment> segments;
  private final Map<String, ControllerType> types = new HashMap<>();

  private SavedPlan(Show show, Decisions plan) {
    this.show = show;
    this.plan = plan;
    this.parts = show.catalogue();
    this.segments =
        plan.segments().stream().collect(Collectors.toMap(Segment::id, Function.identity()));
  }

  /** Returns the assessment of the accepted plan; empty: there is none, or it needs a repair. */
  public static Optional<Assessment> of(Show show) {
    return show.accepted()
        .map(Accepted::decisions)
        .filter(plan -> new SavedPlan(show, plan).isReadable())
        .map(plan -> Assessor.assess(show, plan));
  }

  private boolean isReadable() {
    return controllersAreKnown()
        && runsAreWhole()
        && feedsAreKnown()
        && suppliesAreKnown()
        && otherLightsAreKnown();
  }

  private boolean controllersAreKnown() {
    Map<String, ControllerType> known = parts.controllerTypesById();
    List<Controller> own = plan.controllers().stream().map(PlacedController::controller).toList();
    own.forEach(c -> types.put(c.id(), known.get(c.type())));
    return !types.containsValue(null)
        && show.controllers().orElse(List.of()).stream()
            .filter(c -> types.containsKey(c.id()))
            .allMatch(own::contains);
  }

  /** Every pixel of every run is on a port that is there, or the run is reported as unplaced. */
  private boolean runsAreWhole() {
    Map<String, List<Segment>> placed =
        plan.segments().stream().collect(Collectors.groupingBy(Segment::run));
    Set<String> unplaced = plan.unplaced().stream().map(Unplaced::run).collect(Collectors.toSet());
    Set<String> lights = otherLights();
    show.runs().forEach(r -> lights.add(r.name()));
    return plan.segments().stream().allMatch(this::isOnAPort)
        && lights.containsAll(placed.keySet())
        && lights.containsAll(unplaced)
        && show.runs().stream()
            .allMatch(
                r ->
                    placed.containsKey(r.name())
                        ? isWhole(r, placed.get(r.name()))
                        : unplaced.contains(r.name()));
  }

  private boolean isOnAPort(Segment s) {
    ControllerType type = types.get(s.controller());
    return type != null && s.port() >= 1 && s.port() <= type.ports();
  }

  private static boolean isWhole(Run run, List<Segment> pieces) {
    return pieces.stream().mapToInt(Segment::pixels).sum() == run.pixels()
        && pieces.stream().allMatch(s -> s.firstPixel() >= 1 && s.lastPixel() <= run.pixels());
  }

  private boolean feedsAreKnown() {
    Set<String> supplies = plan.supplies().stream().map(Supply::id).collect(Collectors.toSet());
    Stream<String> wires =
        Stream.of(
                plan.feeds().stream().map(Feed::wire),
                plan.trunks().stream().map(Trunk::wire),
                plan.inputs().stream().map(Input::wire),
                plan.segments().stream().flatMap(s -> s.leadWire().stream()))
            .flatMap(w -> w);
    return plan.feeds().stream().allMatch(this::isOnItsSegment)
        && plan.feeds().stream().allMatch(f -> supplies.contains(f.supply()))
        && plan.inputs().stream().allMatch(i -> supplies.contains(i.supply()))
        && wires.allMatch(parts.wiresById()::containsKey);
  }

  private boolean isOnItsSegment(Feed feed) {
    Segment s = segments.get(feed.segment());
    return s != null && feed.atPixel() >= s.firstPixel() && feed.atPixel() <= s.lastPixel();
  }

  private boolean suppliesAreKnown() {
    Set<String> circuits =
        show.circuits().orElse(List.of()).stream().map(Circuit::id).collect(Collectors.toSet());
    Stream<String> used =
        Stream.of(
                plan.supplies().stream().flatMap(s -> s.circuit().stream()),
                plan.others().chains().stream().flatMap(c -> c.circuit().stream()),
                plan.others().devices().values().stream())
            .flatMap(c -> c);
    return plan.supplies().stream().map(Supply::type).allMatch(parts.supplyTypesById()::containsKey)
        && used.allMatch(circuits::contains);
  }

  private boolean otherLightsAreKnown() {
    Set<String> lights = otherLights();
    return plan.others().dimmers().stream()
            .allMatch(d -> parts.dimmerTypesById().containsKey(d.type()))
        && plan.others().outputs().stream().allMatch(o -> lights.contains(o.set()))
        && plan.others().chains().stream()
            .map(c -> c.strings())
            .flatMap(Collection::stream)
            .allMatch(lights::contains);
  }

  private Set<String> otherLights() {
    Set<String> names = new HashSet<>();
    show.others().plainSets().stream().map(PlainSet::name).forEach(names::add);
    show.others().bulbStrings().stream().map(BulbString::name).forEach(names::add);
    return names;
  }
}
