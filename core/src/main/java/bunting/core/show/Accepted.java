package bunting.core.show;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/**
 * The plan that the builder has agreed to. Planning a show that has one changes only what no longer
 * fits.
 *
 * @param decisions the plan, its addresses included
 * @param ways how power was planned: another method wires anew what stays on its port
 */
public record Accepted(Decisions decisions, PowerWays ways) {
  /** Returns the plan with a run, a PWM light set or a mains light string under another name. */
  public Accepted lightRenamed(String from, String to) {
    UnaryOperator<String> name = n -> n.equals(from) ? to : n;
    UnaryOperator<String> piece =
        id -> id.startsWith(from + "#") ? to + id.substring(from.length()) : id;
    UnaryOperator<String> same = UnaryOperator.identity();
    return renamed(name, piece, same, same, UnaryOperator.identity());
  }

  /** Returns the plan with a controller under another name. */
  public Accepted controllerRenamed(String from, String to) {
    UnaryOperator<String> name = n -> n.equals(from) ? to : n;
    UnaryOperator<String> below =
        id ->
            id.equals(from) || id.startsWith(from + "/") || id.startsWith(from + ":")
                ? to + id.substring(from.length())
                : id;
    UnaryOperator<String> same = UnaryOperator.identity();
    return renamed(same, same, name, below, UnaryOperator.identity());
  }

  /** Returns the plan with a mains circuit under another name. */
  public Accepted circuitRenamed(String from, String to) {
    UnaryOperator<String> name = n -> n.equals(from) ? to : n;
    return new Accepted(
        decisions.with(
            decisions.supplies().stream()
                .map(s -> new Supply(s.id(), s.type(), s.at(), s.circuit().map(name)))
                .toList(),
            decisions.others().circuitsRenamed(name)),
        ways);
  }

  /** Returns the plan with what stands at one point, controllers and supplies, at another. */
  public Accepted moved(Point from, Point to) {
    UnaryOperator<Point> place = at -> at.equals(from) ? to : at;
    UnaryOperator<String> same = UnaryOperator.identity();
    Accepted there = renamed(same, same, same, same, place);
    return new Accepted(
        there.decisions.with(
            decisions.supplies().stream()
                .map(s -> new Supply(s.id(), s.type(), place.apply(s.at()), s.circuit()))
                .toList(),
            there.decisions.others()),
        ways);
  }

  /**
   * Returns pieces pinned by hand as this plan has them: its positions, its pixels, and one piece
   * where two became one. A run that is elsewhere in this plan is returned as it was.
   */
  List<Held> pinned(List<Held> byHand) {
    Map<String, List<Held>> planned =
        decisions.segments().stream().map(Held::of).collect(Collectors.groupingBy(Held::run));
    Map<String, Set<String>> ports =
        byHand.stream()
            .collect(
                Collectors.groupingBy(
                    Held::run, Collectors.mapping(Held::portName, Collectors.toSet())));
    List<Held> pinned = new ArrayList<>();
    Set<String> done = new HashSet<>();
    for (Held h : byHand) {
      List<Held> own = planned.getOrDefault(h.run(), List.of());
      Set<String> there = own.stream().map(Held::portName).collect(Collectors.toSet());
      if (!there.equals(ports.get(h.run()))) {
        pinned.add(h);
      } else if (done.add(h.run())) {
        pinned.addAll(own);
      }
    }
    return pinned;
  }

  /** Returns the plan without slots: they are laid anew by the policy, issued ones apart. */
  public Accepted withoutSlots() {
    Map<String, String> network = decisions.addresses().map(Addresses::network).orElse(Map.of());
    return new Accepted(decisions.withAddresses(new Addresses(List.of(), network)), ways);
  }

  /** Returns the plan without the feeds of a run: they are chosen anew. */
  public Accepted withoutFeeds(String run) {
    Set<String> own =
        decisions.segments().stream()
            .filter(s -> s.run().equals(run))
            .map(Segment::id)
            .collect(Collectors.toSet());
    return new Accepted(
        decisions.withFeeds(
            decisions.feeds().stream().filter(f -> !own.contains(f.segment())).toList()),
        ways);
  }

  private Accepted renamed(
      UnaryOperator<String> light,
      UnaryOperator<String> piece,
      UnaryOperator<String> box,
      UnaryOperator<String> onBox,
      UnaryOperator<Point> place) {
    Decisions d = decisions;
    List<PlacedController> controllers = new ArrayList<>();
    for (PlacedController c : d.controllers()) {
      Controller own = named(c.controller(), box, place);
      List<PlacedBoard> boards =
          c.boards().stream()
              .map(b -> new PlacedBoard(own, b.bank(), b.volts(), b.supply()))
              .toList();
      controllers.add(new PlacedController(own, c.volts(), c.supply(), boards));
    }
    List<Segment> segments =
        d.segments().stream()
            .map(
                s ->
                    new Segment(
                        piece.apply(s.id()),
                        light.apply(s.run()),
                        s.firstPixel(),
                        s.lastPixel(),
                        box.apply(s.controller()),
                        s.port(),
                        s.position(),
                        s.leadWire(),
                        s.powerFromPrevious()))
            .toList();
    List<Feed> feeds =
        d.feeds().stream()
            .map(
                f ->
                    new Feed(
                        f.id(),
                        piece.apply(f.segment()),
                        f.atPixel(),
                        f.viaPort(),
                        f.supply(),
                        f.fuseGroup().map(onBox),
                        f.fuseAmps(),
                        f.wire(),
                        f.lengthM(),
                        f.trunk()))
            .toList();
    Optional<Addresses> addresses = d.addresses().map(a -> renamed(a, light, box));
    return new Accepted(
        new Decisions(
            controllers,
            segments,
            feeds,
            d.trunks(),
            d.breaks().stream()
                .map(b -> new Break(piece.apply(b.segment()), b.afterPixel()))
                .toList(),
            d.supplies(),
            d.inputs().stream()
                .map(
                    i ->
                        new Input(
                            onBox.apply(i.board()),
                            i.supply(),
                            i.wires(),
                            i.wire(),
                            i.lengthM(),
                            i.fuseAmps()))
                .toList(),
            d.unplaced().stream()
                .map(
                    u ->
                        new Unplaced(
                            light.apply(u.run()), u.lacks(), u.measured(), u.allowed(), u.unit()))
                .toList(),
            d.controllersLowerBound(),
            d.others().lightsRenamed(light),
            d.report(),
            addresses),
        ways);
  }

  private static Controller named(
      Controller c, UnaryOperator<String> box, UnaryOperator<Point> place) {
    return new Controller(box.apply(c.id()), c.type(), place.apply(c.at()));
  }

  private static Addresses renamed(
      Addresses a, UnaryOperator<String> light, UnaryOperator<String> box) {
    List<HandOut.Nail> slots =
        a.slots().stream()
            .map(
                n ->
                    n.withHeld(
                        new Held(
                            light.apply(n.run()),
                            n.held().firstPixel(),
                            n.held().lastPixel(),
                            box.apply(n.held().controller()),
                            n.held().port(),
                            n.held().position())))
            .toList();
    Map<String, String> network = new TreeMap<>();
    a.network().forEach((id, address) -> network.put(box.apply(id), address));
    return new Addresses(slots, network);
  }
}
