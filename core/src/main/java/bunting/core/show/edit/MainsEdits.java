package bunting.core.show.edit;

import bunting.core.show.Circuit;
import bunting.core.show.Conductors;
import bunting.core.show.HeldPost;
import bunting.core.show.Hours;
import bunting.core.show.Mains;
import bunting.core.show.MainsDevice;
import bunting.core.show.PlaceRules;
import bunting.core.show.RuleProfile;
import bunting.core.show.Show;
import bunting.core.show.Survey;
import bunting.core.show.Wire;
import bunting.core.show.Wiring;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/** Changes of circuits, of what hangs on them beside supplies and bulbs, and of hours. */
public final class MainsEdits {
  private MainsEdits() {}

  /** A name that no circuit has. */
  public static String freeCircuit(Show show) {
    return free("Circuit", circuits(show).stream().map(Circuit::id).toList());
  }

  /** A name that no small thing on the mains has. */
  public static String freeDevice(Show show, String begins) {
    return free(begins, show.mains().devices().stream().map(MainsDevice::id).toList());
  }

  private static String free(String begins, List<String> taken) {
    Set<String> all = new HashSet<>(taken);
    int n = 1;
    while (all.contains(begins + " " + n)) {
      n++;
    }
    return begins + " " + n;
  }

  private static List<Circuit> circuits(Show show) {
    return show.circuits().orElse(List.of());
  }

  /** A circuit more; the same show where its name is taken. */
  public static Show added(Show show, Circuit circuit) {
    if (circuits(show).stream().anyMatch(c -> c.id().equals(circuit.id()))) {
      return show;
    }
    List<Circuit> list = new ArrayList<>(circuits(show));
    list.add(circuit);
    return show.withCircuits(Optional.of(list));
  }

  /** A circuit changed, its name excepted; one that is not there (any more) changes nothing. */
  public static Show changed(Show show, String id, UnaryOperator<Circuit> change) {
    if (circuits(show).stream().noneMatch(c -> c.id().equals(id))) {
      return show;
    }
    return show.withCircuits(
        Optional.of(
            circuits(show).stream()
                .map(
                    c -> {
                      Circuit next = c.id().equals(id) ? change.apply(c) : c;
                      return new Circuit(
                          c.id(), next.volts(), next.breakerAmps(), next.restAmps(), next.facts());
                    })
                .toList()));
  }

  /**
   * A circuit under another name, with the outlets and things that are on it. The same show where
   * the name is no name, or taken.
   */
  public static Show renamed(Show show, String from, String to) {
    Set<String> ids = new HashSet<>();
    circuits(show).forEach(c -> ids.add(c.id()));
    if (from.equals(to) || !Names.sound(to) || !ids.contains(from) || ids.contains(to)) {
      return show;
    }
    List<Circuit> list =
        circuits(show).stream()
            .map(
                c ->
                    c.id().equals(from)
                        ? new Circuit(to, c.volts(), c.breakerAmps(), c.restAmps(), c.facts())
                        : c)
            .toList();
    return elsewhere(
            show.withCircuits(Optional.of(list)), c -> Optional.of(c.equals(from) ? to : c))
        .withAccepted(show.accepted().map(a -> a.circuitRenamed(from, to)))
        .withLeftovers(show.leftovers().renamed("circuits", from, to));
  }

  /** The show without a circuit; what was on it may hang anywhere. */
  public static Show removed(Show show, String id) {
    List<Circuit> left = circuits(show).stream().filter(c -> !c.id().equals(id)).toList();
    if (left.size() == circuits(show).size()) {
      return show;
    }
    return elsewhere(
            show.withCircuits(left.isEmpty() ? Optional.empty() : Optional.of(left)),
            c -> Optional.of(c).filter(other -> !other.equals(id)))
        .withLeftovers(show.leftovers().without("circuits", id));
  }

  private static Show elsewhere(Show show, Function<String, Optional<String>> to) {
    return show.withSurvey(
            show.survey()
                .withOutlets(
                    show.survey().outlets().stream()
                        .map(o -> new Survey.Outlet(o.id(), o.at(), o.circuit().flatMap(to)))
                        .toList()))
        .withMains(
            show.mains()
                .withDevices(
                    show.mains().devices().stream()
                        .map(
                            d ->
                                new MainsDevice(
                                    d.id(), d.watts(), d.at(), d.circuit().flatMap(to), d.keeps()))
                        .toList()));
  }

  /** A small thing on the mains, new or instead of the one of that name. */
  public static Show withDevice(Show show, MainsDevice device) {
    List<MainsDevice> list = new ArrayList<>(show.mains().devices());
    int at = list.stream().map(MainsDevice::id).toList().indexOf(device.id());
    if (at >= 0) {
      list.set(at, device);
    } else {
      list.add(device);
    }
    return show.withMains(show.mains().withDevices(list));
  }

  /** A small thing changed; one that is not there (any more) changes nothing. */
  public static Show deviceChanged(Show show, String id, UnaryOperator<MainsDevice> change) {
    return show.withMains(
        show.mains()
            .withDevices(
                show.mains().devices().stream()
                    .map(d -> d.id().equals(id) ? change.apply(d) : d)
                    .toList()));
  }

  /** The show without a small thing on the mains; it is not cut any more either. */
  public static Show withoutDevice(Show show, String id) {
    Mains mains =
        show.mains()
            .withDevices(show.mains().devices().stream().filter(d -> !d.id().equals(id)).toList());
    return show.withMains(mains.withHours(mains.hours().map(h -> h.switching(id, false))));
  }

  /** Other hours. */
  public static Show withHours(Show show, Hours hours) {
    return show.withMains(show.mains().withHours(Optional.of(hours)));
  }

  /**
   * The show by the rules of a place: its share of a breaker and days, its units, and, where the
   * show has the usual wires of another place, its sizes of wire. Sizes that were chosen by hand
   * and are not sold there are the planner's again.
   */
  public static Show ruled(Show show, RuleProfile profile) {
    Show next = show.withMains(show.mains().withRules(profile.rules()));
    List<Wire> wires = profile.wires();
    if (wires.isEmpty()) {
      return next.withMains(
          show.mains()
              .withRules(
                  new PlaceRules(
                      profile,
                      show.mains().rules().continuousPercent(),
                      show.mains().rules().temporaryDays())));
    }
    next = next.withSurvey(next.survey().withFeet(profile == RuleProfile.NORTH_AMERICA));
    boolean usual =
        List.of(RuleProfile.NORTH_AMERICA.wires(), RuleProfile.IEC.wires())
            .contains(show.catalogue().wires());
    return usual ? rewired(next, wires) : next;
  }

  private static Show rewired(Show show, List<Wire> wires) {
    Set<String> sold = new HashSet<>();
    wires.forEach(w -> sold.add(w.id()));
    Wiring wiring = show.wiring();
    Conductors copper = wiring.conductors();
    Optional<String> input = copper.inputWire().filter(sold::contains);
    List<HeldPost> posts =
        wiring.posts().stream()
            .map(
                p ->
                    p.wire().filter(w -> !sold.contains(w)).isPresent()
                        ? p.withCable(Optional.empty(), p.lengthM())
                        : p)
            .toList();
    return show.withCatalogue(show.catalogue().withWires(wires))
        .withWiring(new Wiring(copper.withInput(copper.inputWires(), input), wiring.ways(), posts));
  }

  /** Boards that a thing keeps awake follow their box; where it is gone, it keeps none. */
  static Mains boxElsewhere(Mains mains, String from, Optional<String> to) {
    return mains.withDevices(
        mains.devices().stream()
            .map(
                d ->
                    d.keeps().filter(from::equals).isPresent()
                        ? new MainsDevice(d.id(), d.watts(), d.at(), d.circuit(), to)
                        : d)
            .toList());
  }
}
