package bunting.core.show.edit;

import bunting.core.show.Addressing;
import bunting.core.show.Allotting;
import bunting.core.show.BenchNotes;
import bunting.core.show.BoxStarts;
import bunting.core.show.Circuit;
import bunting.core.show.Controller;
import bunting.core.show.Fitting;
import bunting.core.show.Held;
import bunting.core.show.HeldPost;
import bunting.core.show.Leftovers.Dropped;
import bunting.core.show.Mains;
import bunting.core.show.MainsDevice;
import bunting.core.show.Pin;
import bunting.core.show.PixelType;
import bunting.core.show.Planning;
import bunting.core.show.Preparation;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Survey;
import bunting.core.show.Wire;
import bunting.core.show.Wiring;
import bunting.core.show.Workshop;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * What refers to what is there. A show that was read, or edited by a function that does not know
 * all that hangs on what it changed, may refer to a run, a box, a port, a pixel or a type that it
 * has not; what does is left out, and told. What is only unusual (a piece held on a port that is
 * not there) stays: a finding says so.
 */
public final class References {
  private final Show show;
  private final List<Dropped> dropped = new ArrayList<>();

  /** The show without what led nowhere, and what that was. */
  public record Kept(Show show, List<Dropped> dropped) {
    public Kept {
      dropped = List.copyOf(dropped);
    }
  }

  private References(Show show) {
    this.show = show;
  }

  /** Leaves out what leads nowhere. A show in which all is there comes back as it is. */
  public static Kept keep(Show show) {
    return new References(show).go();
  }

  private Kept go() {
    Show next = show.withRuns(runs());
    next = next.withAllotting(allotting()).withWiring(wiring()).withWorkshop(workshop());
    next = next.withBench(bench()).withMains(mains()).withPreparation(preparation());
    next = next.withSurvey(survey()).withAddressing(addressing());
    return new Kept(next.equals(show) ? show : next, dropped);
  }

  private void drop(String run, String what) {
    dropped.add(new Dropped(Optional.of(run), what));
  }

  private void drop(String what) {
    dropped.add(new Dropped(Optional.empty(), what));
  }

  private List<Run> runs() {
    Map<String, PixelType> types = show.catalogue().pixelTypesById();
    Map<String, Controller> boxes = new HashMap<>();
    show.controllers().orElse(List.of()).forEach(c -> boxes.put(c.id(), c));
    return show.runs().stream().map(r -> pinned(ordered(r, types), boxes)).toList();
  }

  private Run ordered(Run run, Map<String, PixelType> types) {
    Fitting f = run.fitting();
    PixelType type = types.get(run.type());
    if (f.order().isEmpty() || type == null || Fitting.rearranges(f.order().get(), type.order())) {
      return run;
    }
    drop(
        run.name(),
        "Run "
            + run.name()
            + " had the colour order "
            + f.order().get()
            + ", and its type has the letters "
            + type.order()
            + ": it has the type's order again.");
    return RunEdits.fitted(show, run);
  }

  private Run pinned(Run run, Map<String, Controller> boxes) {
    if (run.pin().isEmpty()) {
      return run;
    }
    Pin pin = run.pin().get();
    Controller box = boxes.get(pin.controller());
    if (box == null) {
      drop(
          run.name(),
          "Run "
              + run.name()
              + " was pinned to "
              + pin.controller()
              + ", which is not there: it goes wherever it fits.");
      return run.withPin(Optional.empty());
    }
    int ports = show.catalogue().controllerTypesById().get(box.type()).ports();
    if (pin.port().orElse(1) > ports) {
      drop(
          run.name(),
          "Run "
              + run.name()
              + " was pinned to port "
              + pin.port().getAsInt()
              + " of "
              + pin.controller()
              + ", which has "
              + ports
              + ": it goes to any port of that box.");
      return run.withPin(Optional.of(new Pin(pin.controller(), OptionalInt.empty())));
    }
    return run;
  }

  private Allotting allotting() {
    List<Held> there = new ArrayList<>();
    for (Held held : show.allotting().byHand()) {
      if (show.run(held.run()).isPresent()) {
        there.add(held);
      } else {
        drop(
            "A piece was held by hand of the run " + held.run() + ", which is not there any more.");
      }
    }
    Planning planning = show.allotting().planning();
    Set<String> boxes =
        show.controllers().orElse(List.of()).stream()
            .map(Controller::id)
            .collect(Collectors.toSet());
    List<String> toBuy = planning.toBuy().stream().filter(boxes::contains).toList();
    return show.allotting().withByHand(there).with(planning.withToBuy(toBuy));
  }

  private Wiring wiring() {
    Map<String, Run> runs = show.runs().stream().collect(Collectors.toMap(Run::name, r -> r));
    Set<String> wires = show.catalogue().wires().stream().map(Wire::id).collect(Collectors.toSet());
    Set<String> seen = new HashSet<>();
    List<HeldPost> there = new ArrayList<>();
    for (HeldPost post : show.wiring().posts()) {
      Run run = runs.get(post.run());
      if (run == null) {
        drop("A feed was held by hand on the run " + post.run() + ", which is not there any more.");
      } else if (post.atPixel() > run.pixels()) {
        drop(
            run.name(),
            "A feed was held by hand at pixel "
                + post.atPixel()
                + " of "
                + run.name()
                + ", which has "
                + run.pixels()
                + ": it is left out.");
      } else if (seen.add(run.name() + "\0" + post.atPixel())) {
        boolean known = post.wire().isEmpty() || wires.contains(post.wire().get());
        if (!known) {
          drop(
              run.name(),
              "The feed at pixel "
                  + post.atPixel()
                  + " of "
                  + run.name()
                  + " was of a wire that the show has not: its wire is the planner's choice.");
        }
        there.add(known ? post : post.withCable(Optional.empty(), post.lengthM()));
      }
    }
    Wiring wiring = show.wiring();
    return there.equals(wiring.posts())
        ? wiring
        : new Wiring(wiring.conductors(), wiring.ways(), there);
  }

  private BenchNotes bench() {
    Map<String, Integer> pixels = new HashMap<>();
    show.runs().forEach(r -> pixels.put(r.name(), r.pixels()));
    List<BenchNotes.Reading> there =
        show.bench().readings().stream()
            .filter(r -> r.pixel() <= pixels.getOrDefault(r.run(), 0))
            .toList();
    int gone = show.bench().readings().size() - there.size();
    if (gone > 0) {
      drop(
          gone
              + (gone == 1 ? " reading was" : " readings were")
              + " of pixels that are not there.");
    }
    return show.bench().withReadings(there);
  }

  private Mains mains() {
    Set<String> circuits = circuits();
    List<MainsDevice> devices = new ArrayList<>();
    for (MainsDevice d : show.mains().devices()) {
      boolean known = d.circuit().isEmpty() || circuits.contains(d.circuit().get());
      if (!known) {
        drop(d.id() + " was on a circuit that the show has not: it may hang on any.");
      }
      devices.add(
          known ? d : new MainsDevice(d.id(), d.watts(), d.at(), Optional.empty(), d.keeps()));
    }
    return show.mains().withDevices(devices);
  }

  private Set<String> circuits() {
    return show.circuits().orElse(List.of()).stream().map(Circuit::id).collect(Collectors.toSet());
  }

  private Workshop workshop() {
    Workshop shop = show.workshop();
    Set<String> types = show.catalogue().pixelTypesById().keySet();
    List<Workshop.Pack> packs =
        shop.packs().stream().filter(p -> types.contains(p.pixelType())).toList();
    List<Workshop.Rest> rests =
        shop.rests().stream().filter(r -> types.contains(r.pixelType())).toList();
    Map<String, Double> spares = new TreeMap<>(shop.sparePercent());
    spares.keySet().retainAll(types);
    Workshop there = new Workshop(packs, rests, spares);
    if (!there.equals(shop)) {
      drop("Packs, rests or spares were noted of a pixel type that the show has not.");
    }
    return there;
  }

  /** Steps of what is not there any more, and plugs of types that are not, need no sentence. */
  private Preparation preparation() {
    Map<String, Integer> pixels = new HashMap<>();
    show.runs().forEach(r -> pixels.put(r.name(), r.pixels()));
    Set<String> types = show.catalogue().pixelTypesById().keySet();
    Preparation had = show.preparation();
    return had.withPlugs(had.plugs().stream().filter(p -> types.contains(p.pixelType())).toList())
        .withDone(
            had.done().stream()
                .filter(
                    d -> d.firstPixel() == 0 || d.firstPixel() <= pixels.getOrDefault(d.of(), 0))
                .toList());
  }

  private Survey survey() {
    Set<String> circuits = circuits();
    List<Survey.Outlet> outlets = new ArrayList<>();
    for (Survey.Outlet o : show.survey().outlets()) {
      boolean known = o.circuit().isEmpty() || circuits.contains(o.circuit().get());
      if (!known) {
        drop("The outlet " + o.id() + " was on a circuit that the show has not.");
      }
      outlets.add(known ? o : new Survey.Outlet(o.id(), o.at(), Optional.empty()));
    }
    return show.survey().withOutlets(outlets);
  }

  /** Another protocol may have fewer universes. */
  private Addressing addressing() {
    Addressing a = show.addressing();
    int most = a.protocol().universeMax();
    Map<String, Integer> at = new TreeMap<>(a.boxStarts().at());
    at.values().removeIf(u -> u > most);
    boolean inside = a.startUniverse() <= most && at.size() == a.boxStarts().at().size();
    if (inside) {
      return a;
    }
    drop("A universe to begin at was over " + most + ", the last of this protocol.");
    return new Addressing(
        a.protocol(),
        Math.min(a.startUniverse(), most),
        a.split(),
        a.portStart(),
        a.reserved(),
        new BoxStarts(a.boxStarts().every(), at));
  }
}
