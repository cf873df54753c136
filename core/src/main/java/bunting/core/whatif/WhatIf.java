package bunting.core.whatif;

import bunting.core.assess.Reading;
import bunting.core.copper.Fuses;
import bunting.core.island.SolvedBox;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/**
 * Failure cases of a plan, one loss at a time, at the most that can be sent.
 *
 * <p><b>Method.</b> The boxes that a loss touches are solved again without what is lost, inputs and
 * all. Things are overloaded above their rating. Then the fuse that is loaded the most opens, if it
 * is at {@link Fuses#OPENS_SHARE} of its rating or beyond (equals together, of several input wires
 * one), and so on until none does: a blade fuse holds 110 % for hours (common practice). What then
 * carries more than its limit, and no fuse opens, burns.
 *
 * <p><b>Cost.</b> Only ports that a loss changes are solved anew, so all cases together cost about
 * as much as solving each port once for each of its feeds; a board whose input has resistance is
 * solved whole.
 */
public final class WhatIf {
  private final Wired wired;
  private final CaseSolver cases;
  private final Map<Case, Outcome> known = new HashMap<>();

  /** The failure cases of a reading. */
  public WhatIf(Reading reading) {
    this.wired = new Wired(reading);
    this.cases = new CaseSolver(wired);
  }

  /** All losses of the plan, in its order. */
  public List<Loss> losses() {
    Reading reading = wired.reading;
    List<Loss> list = new ArrayList<>();
    wired.behindFuse.keySet().forEach(f -> list.add(new Loss(Loss.Kind.FUSE, f)));
    wired.feeds.keySet().forEach(f -> list.add(new Loss(Loss.Kind.FEED, f)));
    reading.segments().forEach(s -> list.add(new Loss(Loss.Kind.LEAD, s.segment().id())));
    wired.inputs.keySet().forEach(b -> list.add(new Loss(Loss.Kind.INPUT, b)));
    reading.decisions().supplies().forEach(s -> list.add(new Loss(Loss.Kind.SUPPLY, s.id())));
    reading
        .show()
        .circuits()
        .ifPresent(l -> l.forEach(c -> list.add(new Loss(Loss.Kind.CIRCUIT, c.id()))));
    wired.controllers.keySet().forEach(c -> list.add(new Loss(Loss.Kind.CONTROLLER, c)));
    return list;
  }

  /**
   * Every loss and what it does, the worst first: what burns, then what is dark, dumb or dim, then
   * what is overloaded; ties in the order of the plan.
   */
  public List<Outcome> all() {
    List<Outcome> outcomes = new ArrayList<>();
    losses().forEach(l -> outcomes.add(lose(l)));
    outcomes.sort(
        Comparator.comparing((Outcome o) -> o.burns().isEmpty())
            .thenComparing(Comparator.comparingInt(Outcome::touched).reversed())
            .thenComparing(
                Comparator.comparingInt((Outcome o) -> o.overloads().size()).reversed()));
    return outcomes;
  }

  /** The same for people: a feed that has a fuse of its own is lost as that is. */
  public List<Outcome> forPeople() {
    return all().stream()
        .filter(
            o -> o.loss().kind() != Loss.Kind.FEED || !wired.behindFuse.containsKey(o.loss().id()))
        .toList();
  }

  /** What a loss does. What is not there changes nothing. */
  public Outcome lose(Loss loss) {
    Case gone = wired.lost(loss);
    Outcome found = known.get(gone);
    if (found == null) {
      found = outcome(loss, gone);
      known.put(gone, found);
    }
    return found.of(loss, wired.place(loss));
  }

  /** The feeds that carry nothing any more when something is lost. */
  public Set<String> feedsGone(Loss loss) {
    return wired.lost(loss).feeds();
  }

  private Outcome outcome(Loss loss, Case gone) {
    Map<String, SolvedBox> boxes = cases.solve(gone);
    Lights lights = lights(gone, boxes);
    Loads loads = new Loads(wired, cases, gone, boxes);
    List<Outcome.Overload> overloads = loads.overloads();
    Set<String> opened = new LinkedHashSet<>();
    Case then = gone;
    Loads now = loads;
    Lights end = lights;
    for (Loads.Opening o = now.opening(); !o.nothing(); o = now.opening()) {
      for (String fuse : o.fuses()) {
        opened.add(fuse);
        then = then.without(wired.feedsWhere(f -> f.fuse().equals(fuse)));
      }
      for (String board : o.boards()) {
        opened.add(Loads.inputName(board));
        then = wired.input(then, board);
      }
      Map<String, SolvedBox> after = cases.solve(then);
      now = new Loads(wired, cases, then, after);
      end = lights(then, after);
    }
    return new Outcome(
        loss,
        "",
        lights.dark,
        lights.noData,
        lights.belowLeast,
        lights.lowest,
        overloads,
        opened,
        end.dark,
        now.burns(),
        new TreeSet<>(then.darkLights()));
  }

  private Lights lights(Case gone, Map<String, SolvedBox> boxes) {
    Lights lights = new Lights(cases, gone, wired.reading.show().settings().minVoltsPercent());
    boxes.forEach(lights::look);
    return lights;
  }
}
