package bunting.core.whatif;

import bunting.core.assess.Reading;
import bunting.core.assess.SupplyReading;
import bunting.core.copper.Fuses;
import bunting.core.copper.Rails;
import bunting.core.island.SolvedBox;
import bunting.core.island.SolvedChain;
import bunting.core.island.SolvedTrunk;
import bunting.core.show.Feed;
import bunting.core.show.Input;
import bunting.core.show.Segment;
import bunting.core.show.Wire;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What fuses, inputs, boards, supplies and conductors carry in a failure case. */
final class Loads {
  private final Wired wired;
  private final CaseSolver cases;
  private final Case gone;
  private final Map<String, SolvedBox> boxes;
  private final Map<String, Double> amps = new HashMap<>();
  private final Map<String, Wire> wires;

  Loads(Wired wired, CaseSolver cases, Case gone, Map<String, SolvedBox> boxes) {
    this.wired = wired;
    this.cases = cases;
    this.gone = gone;
    this.boxes = boxes;
    this.wires = wired.reading.show().catalogue().wiresById();
    boxes.values().forEach(b -> b.ports().forEach(p -> p.ifPresent(c -> CaseSolver.note(c, amps))));
    gone.feeds().forEach(f -> amps.put(f, 0.0));
  }

  private double now(Feed feed) {
    Double changed = amps.get(feed.id());
    return changed == null ? cases.soundAmps(feed.id()) : changed;
  }

  private double fuseNow(String fuse) {
    return wired.behindFuse.get(fuse).stream().mapToDouble(this::now).sum();
  }

  private double fuseBefore(String fuse) {
    return wired.behindFuse.get(fuse).stream().mapToDouble(f -> cases.soundAmps(f.id())).sum();
  }

  /** Fuses of the feeds that may carry something else than before. */
  private Set<String> fuses() {
    Set<String> names = new LinkedHashSet<>();
    for (SolvedBox box : boxes.values()) {
      for (var chain : box.ports()) {
        chain.ifPresent(c -> c.islands().forEach(i -> i.feeds().forEach(f -> names.add(f.fuse()))));
      }
    }
    return names;
  }

  /** Things that carry more than they are rated for and did not before, the worst first. */
  List<Outcome.Overload> overloads() {
    List<Outcome.Overload> list = new ArrayList<>();
    for (String fuse : fuses()) {
      double rating = wired.behindFuse.get(fuse).getFirst().fuseAmps();
      over(list, fuse, fuseNow(fuse), fuseBefore(fuse), rating);
    }
    for (Wires w : inputs()) {
      over(list, inputName(w.board()), w.each(), w.eachBefore(), w.input().fuseAmps());
    }
    boxes.forEach(
        (id, box) ->
            over(
                list,
                "board " + id,
                box.inputAmps(),
                cases.sound(id).inputAmps(),
                wired.boardMost(id)));
    supplies(list);
    list.sort(
        Comparator.comparingDouble((Outcome.Overload o) -> -o.amps() / o.mostAmps())
            .thenComparing(Outcome.Overload::id));
    return list;
  }

  /** The wires that are left of a board's input, and amps in each. */
  private record Wires(String board, Input input, double each, double eachBefore) {}

  /** Inputs of the boxes that are touched, and of dimmers that lost a wire. */
  private List<Wires> inputs() {
    List<Wires> list = new ArrayList<>();
    for (Input input : wired.inputs.values()) {
      String id = input.board();
      int left = input.wires() - gone.inputsLost(id);
      SolvedBox box = boxes.get(id);
      if (left > 0 && box != null) {
        double before = cases.sound(id).inputAmps() / input.wires();
        list.add(new Wires(id, input, box.inputAmps() / left, before));
      } else if (left > 0 && left < input.wires()) {
        double amps = wired.inputAmps(id);
        list.add(new Wires(id, input, amps / left, amps / input.wires()));
      }
    }
    return list;
  }

  static String inputName(String board) {
    return "each input wire of " + board;
  }

  private void supplies(List<Outcome.Overload> list) {
    Reading reading = wired.reading;
    Map<String, Double> more = new LinkedHashMap<>();
    for (Feed f : wired.feeds.values()) {
      if (amps.containsKey(f.id())) {
        more.merge(f.supply(), now(f) - cases.soundAmps(f.id()), Double::sum);
      }
    }
    for (SupplyReading s : reading.worst().supplies()) {
      double change = more.getOrDefault(s.supply().id(), 0.0);
      double rated = s.type().ratedAmps(s.volts());
      double now = s.loadAmps() + change;
      over(list, "supply " + s.supply().id(), now, s.loadAmps(), rated);
    }
    for (var c : reading.worst().circuits()) {
      double change = 0;
      for (SupplyReading s : reading.worst().supplies()) {
        boolean here = s.supply().circuit().filter(c.circuit().id()::equals).isPresent();
        double watts = more.getOrDefault(s.supply().id(), 0.0) * s.volts();
        change += here ? s.type().voltAmps(watts) / c.circuit().volts() : 0;
      }
      double left = c.circuit().breakerAmps() - c.circuit().existingAmps();
      over(list, "circuit " + c.circuit().id(), c.loadAmps() + change, c.loadAmps(), left);
    }
  }

  private static void over(
      List<Outcome.Overload> list, String what, double now, double before, double rated) {
    if (Fuses.over(now, before) && Fuses.over(now, rated)) {
      list.add(new Outcome.Overload(what, now, rated));
    }
  }

  /**
   * What opens next: of the fuses at {@value Fuses#OPENS_SHARE} times their rating or more, those
   * that are loaded the most; of a board's inputs one.
   *
   * @param fuses names of fuses of feeds
   * @param boards of input wires
   */
  record Opening(Set<String> fuses, Set<String> boards) {
    boolean nothing() {
      return fuses.isEmpty() && boards.isEmpty();
    }
  }

  Opening opening() {
    Map<String, Double> share = new LinkedHashMap<>();
    Map<String, String> boards = new HashMap<>();
    for (String fuse : fuses()) {
      double rating = wired.behindFuse.get(fuse).getFirst().fuseAmps();
      if (Fuses.opens(fuseNow(fuse), rating) && Fuses.over(fuseNow(fuse), fuseBefore(fuse))) {
        share.put(fuse, fuseNow(fuse) / rating);
      }
    }
    for (Wires w : inputs()) {
      double rating = w.input().fuseAmps();
      if (Fuses.opens(w.each(), rating) && Fuses.over(w.each(), w.eachBefore())) {
        share.put(inputName(w.board()), w.each() / rating);
        boards.put(inputName(w.board()), w.board());
      }
    }
    double worst = share.values().stream().mapToDouble(v -> v).max().orElse(0);
    Set<String> fuses = new LinkedHashSet<>();
    Set<String> inputs = new LinkedHashSet<>();
    share.forEach(
        (name, s) -> {
          if (!Fuses.over(worst, s)) {
            if (boards.containsKey(name)) {
              inputs.add(boards.get(name));
            } else {
              fuses.add(name);
            }
          }
        });
    return new Opening(fuses, inputs);
  }

  /** Conductors that carry more than their limit, and did not before, the worst first. */
  List<Outcome.Overload> burns() {
    List<Outcome.Overload> list = new ArrayList<>();
    for (Wires w : inputs()) {
      double bears = wires.get(w.input().wire()).fuseAmpsMax();
      over(list, inputName(w.board()), w.each(), w.eachBefore(), bears);
    }
    boxes.forEach(
        (id, box) -> {
          for (int port = 0; port < box.ports().size(); port++) {
            var before = cases.sound(id).ports().get(port);
            box.ports().get(port).ifPresent(c -> chain(list, c, before.orElseThrow()));
          }
          for (SolvedTrunk t : box.trunks()) {
            double before = cases.soundTrunkAmps(id, t);
            double bears = wires.get(t.laid().trunk().wire()).fuseAmpsMax();
            over(list, "trunk " + t.laid().trunk().id(), t.mostAmps(), before, bears);
          }
        });
    list.sort(
        Comparator.comparingDouble((Outcome.Overload o) -> -o.amps() / o.mostAmps())
            .thenComparing(Outcome.Overload::id));
    return list;
  }

  private void chain(List<Outcome.Overload> list, SolvedChain now, SolvedChain before) {
    if (CaseSolver.untouched(now, before)) {
      return;
    }
    for (var cable : now.chain().cables()) {
      Feed feed = cable.feed();
      double bears = wires.get(feed.wire()).fuseAmpsMax();
      over(list, "cable of " + feed.id(), now(feed), cases.soundAmps(feed.id()), bears);
    }
    for (int k = 0; k < now.segments().size(); k++) {
      SolvedChain.SegmentFlow flow = now.segments().get(k);
      SolvedChain.SegmentFlow was = before.segments().get(k);
      Segment s = cases.segment(flow.segment()).segment();
      if (s.leadWire().isPresent()) {
        double bears = wires.get(s.leadWire().get()).fuseAmpsMax();
        over(list, "lead to " + s.id(), flow.leadAmps(), was.leadAmps(), bears);
      }
      Rails.Limit rail = Rails.of(cases.segment(flow.segment()).type());
      if (rail.given()) {
        over(list, "rail of " + s.id(), flow.railAmps(), was.railAmps(), rail.amps());
      }
      double jumper = now.chain().copper().jumper().fuseAmpsMax();
      over(list, "jumper of " + s.id(), flow.jumperAmps(), was.jumperAmps(), jumper);
    }
  }
}
