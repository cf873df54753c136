package bunting.core.show.edit;

import bunting.core.show.Allotting;
import bunting.core.show.BoxStarts;
import bunting.core.show.Controller;
import bunting.core.show.HandOut;
import bunting.core.show.Held;
import bunting.core.show.Pin;
import bunting.core.show.PlacedController;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Site;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * Changes of controllers. One that the planner chose is given from its first change on. Where a
 * controller is not there (any more), the show stays as it is.
 */
public final class BoxEdits {
  private BoxEdits() {}

  /**
   * Returns the show with a controller more, still to be bought. Where the planner chose the
   * controllers so far, it goes on choosing the others.
   */
  public static Show added(Show show, String type, Point at) {
    String id = Names.free(show, "Controller");
    return kept(show, List.of(new Controller(id, type, at)));
  }

  /** Returns the show with one more place where the planner may put a controller. */
  public static Show withCandidate(Show show, Point at) {
    List<Site> sites = new ArrayList<>(show.sites());
    sites.add(new Site(Names.free(show, "Place"), at));
    return show.withSites(sites);
  }

  /** Returns the show with a controller that the builder has, or that is still to be bought. */
  public static Show owned(Show before, String id, boolean own) {
    Show show = given(before, id);
    Set<String> toBuy = new TreeSet<>(show.allotting().planning().toBuy());
    boolean changes = has(show, id) && (own ? toBuy.remove(id) : toBuy.add(id));
    return changes ? withToBuy(show, toBuy) : before;
  }

  private static Show withToBuy(Show show, Set<String> ids) {
    Allotting a = show.allotting();
    return show.withAllotting(a.with(a.planning().withToBuy(ids)));
  }

  /**
   * Returns the show with a controller given. One that the planner chose stays from then on as it
   * is planned, still to be bought.
   */
  private static Show given(Show show, String id) {
    return has(show, id) ? show : kept(show, planned(show).filter(c -> c.id().equals(id)).toList());
  }

  /** Returns the controllers of the accepted plan. */
  private static Stream<Controller> planned(Show show) {
    return show.accepted().stream()
        .flatMap(a -> a.decisions().controllers().stream())
        .map(PlacedController::controller);
  }

  /** Returns a controller by its id, given or planned. */
  public static Optional<Controller> find(Show show, String id) {
    return Stream.concat(show.controllers().stream().flatMap(List::stream), planned(show))
        .filter(c -> c.id().equals(id))
        .findFirst();
  }

  /** A box elsewhere. */
  public static Show movedTo(Show show, String id, Point at) {
    return each(given(show, id), id, c -> new Controller(c.id(), c.type(), at));
  }

  /** A box moved by so many metres. */
  public static Show moved(Show show, String id, double dx, double dy, double dz) {
    return each(
        given(show, id), id, c -> new Controller(c.id(), c.type(), c.at().plus(dx, dy, dz)));
  }

  private static Show each(Show show, String id, UnaryOperator<Controller> change) {
    return show.controllers()
        .filter(list -> list.stream().anyMatch(c -> c.id().equals(id)))
        .map(
            list ->
                show.withControllers(
                    list.stream().map(c -> c.id().equals(id) ? change.apply(c) : c).toList()))
        .orElse(show);
  }

  /**
   * A box of another kind. Pins to ports that the new kind has not become pins to the box; pieces
   * held on such ports are the planner's again.
   */
  public static Show retyped(Show before, String id, String kind) {
    Show show = given(before, id);
    var type = show.catalogue().controllerTypesById().get(kind);
    if (type == null || !has(show, id)) {
      return before;
    }
    Show next = each(show, id, c -> new Controller(c.id(), kind, c.at()));
    return withPins(
            next,
            pin ->
                pin.controller().equals(id) && pin.port().orElse(0) > type.ports()
                    ? Optional.of(new Pin(id, OptionalInt.empty()))
                    : Optional.of(pin))
        .withAllotting(
            next.allotting()
                .withByHand(
                    next.allotting().byHand().stream()
                        .filter(h -> !h.controller().equals(id) || h.port() <= type.ports())
                        .toList()));
  }

  private static boolean has(Show show, String id) {
    return show.controllers().orElse(List.of()).stream().anyMatch(c -> c.id().equals(id));
  }

  /** A change of a pin; empty: the run is free. */
  private interface PinChange {
    Optional<Pin> of(Pin pin);
  }

  private static Show withPins(Show show, PinChange change) {
    List<Run> runs =
        show.runs().stream()
            .map(r -> r.pin().isEmpty() ? r : r.withPin(change.of(r.pin().get())))
            .toList();
    return show.withRuns(runs);
  }

  /**
   * A box under another name, and all that refers to it: pins, pieces by hand, what was handed out,
   * its address, its place in the numbering. The same show where the name is no name, or taken.
   */
  public static Show renamed(Show before, String from, String to) {
    Show show = given(before, from);
    if (from.equals(to) || !Names.sound(to) || !has(show, from) || find(show, to).isPresent()) {
      return before;
    }
    Set<String> toBuy = new TreeSet<>(show.allotting().planning().toBuy());
    if (toBuy.remove(from)) {
      toBuy.add(to);
    }
    Show next = each(withToBuy(show, toBuy), from, c -> new Controller(to, c.type(), c.at()));
    BoxStarts starts = show.addressing().boxStarts();
    Map<String, Integer> at = new TreeMap<>(starts.at());
    Optional.ofNullable(at.remove(from)).ifPresent(u -> at.put(to, u));
    return withPins(next, p -> Optional.of(p.controller().equals(from) ? new Pin(to, p.port()) : p))
        .withAllotting(
            next.allotting()
                .withByHand(show.allotting().byHand().stream().map(h -> held(h, from, to)).toList())
                .withHandOut(show.allotting().handOut().map(h -> handedOut(h, from, to))))
        .withNetwork(show.network().boxRenamed(from, to))
        .withBench(show.bench().boxRenamed(from, to))
        .withPreparation(show.preparation().boxRenamed(from, to))
        .withAccepted(show.accepted().map(a -> a.controllerRenamed(from, to)))
        .withMains(MainsEdits.boxElsewhere(show.mains(), from, Optional.of(to)))
        .withAddressing(show.addressing().with(new BoxStarts(starts.every(), at)))
        .withLeftovers(show.leftovers().renamed("controllers", from, to));
  }

  private static Held held(Held h, String from, String to) {
    return h.controller().equals(from) ? h.at(to, h.port(), h.position()) : h;
  }

  private static HandOut handedOut(HandOut h, String from, String to) {
    Map<String, String> addresses = new TreeMap<>(h.addresses());
    Optional.ofNullable(addresses.remove(from)).ifPresent(a -> addresses.put(to, a));
    List<HandOut.Nail> nails =
        h.nails().stream().map(n -> n.withHeld(held(n.held(), from, to))).toList();
    return new HandOut(h.date(), h.to(), nails, addresses);
  }

  /**
   * The show without a box: runs pinned or held there are the planner's again, its address and its
   * place in the numbering are forgotten. What was handed out stays until it is taken back.
   */
  public static Show removed(Show show, String id) {
    if (!has(show, id)) {
      return show;
    }
    List<Controller> left =
        show.controllers().orElseThrow().stream().filter(c -> !c.id().equals(id)).toList();
    BoxStarts starts = show.addressing().boxStarts();
    Map<String, Integer> at = new TreeMap<>(starts.at());
    at.remove(id);
    Show next = owned(show, id, true);
    // What is gone is not to be bought either.
    return withPins(
            next.withControllers(left),
            p -> p.controller().equals(id) ? Optional.empty() : Optional.of(p))
        .withAllotting(
            next.allotting()
                .withByHand(
                    show.allotting().byHand().stream()
                        .filter(h -> !h.controller().equals(id))
                        .toList()))
        .withNetwork(
            show.network()
                .withAddress(id, "")
                .withWifi(id, false)
                .with(show.network().lan().borrowing(id, "")))
        .withMains(MainsEdits.boxElsewhere(show.mains(), id, Optional.empty()))
        .withAddressing(show.addressing().with(new BoxStarts(starts.every(), at)))
        .withLeftovers(show.leftovers().without("controllers", id));
  }

  /**
   * Returns the show with these controllers given: they stay, and they are still to be bought. The
   * planner goes on adding others where it could before.
   */
  public static Show kept(Show show, List<Controller> planned) {
    List<Controller> all = new ArrayList<>(show.controllers().orElse(List.of()));
    Set<String> toBuy = new TreeSet<>(show.allotting().planning().toBuy());
    for (Controller c : planned) {
      if (all.stream().noneMatch(o -> o.id().equals(c.id()))) {
        all.add(c);
        toBuy.add(c.id());
      }
    }
    if (all.equals(show.controllers().orElse(List.of()))) {
      return show;
    }
    boolean mayAdd = show.mayAddBoxes();
    Show next = withToBuy(show.withControllers(all), toBuy);
    return next.withAllotting(
        next.allotting().with(next.allotting().planning().withAddBoxes(mayAdd)));
  }
}
