package bunting.core.ports;

import bunting.core.ports.PortLayout.Outlet;
import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.Held;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.ToLongBiFunction;
import java.util.stream.Collectors;

/**
 * A new layout under the names of an old one: of plans that cost the same, the one in which the
 * most pixels stay.
 *
 * <p><b>Method.</b> Controllers that the planner chose take the name of an old one of the same type
 * in the same place; then ports that are alike (the same board, a fuse each or one fuse together)
 * change places. Each step pairs greedily by the pixels that stay, ties by name. <b>Limits.</b> A
 * greedy pairing is not always the best one. A port with a pinned or issued run keeps its number.
 */
public final class Likeness {
  private final Show show;
  private final PortLayout old;
  private final Map<String, ControllerType> kinds;
  private final Set<String> fixed;

  private Likeness(Show show, PortLayout old) {
    this.show = show;
    this.old = old;
    this.kinds = show.catalogue().controllerTypesById();
    this.fixed = show.allotting().held().stream().map(Held::run).collect(Collectors.toSet());
    show.runs().stream()
        .filter(r -> r.pin().filter(p -> p.port().isPresent()).isPresent())
        .map(Run::name)
        .forEach(fixed::add);
  }

  /** Returns the new layout with names and ports as like the old one as they can be. */
  public static PortLayout of(Show show, PortLayout found, PortLayout old) {
    Likeness likeness = new Likeness(show, old);
    return likeness.ported(likeness.named(found));
  }

  private PortLayout named(PortLayout found) {
    Set<String> given =
        show.controllers().orElse(List.of()).stream()
            .map(Controller::id)
            .collect(Collectors.toSet());
    List<Controller> fresh =
        found.controllers().stream().filter(c -> !given.contains(c.id())).toList();
    List<Controller> had = old.controllers().stream().filter(c -> !given.contains(c.id())).toList();
    Map<String, Map<String, Long>> onOld = pixels(old);
    Map<String, Map<String, Long>> onFound = pixels(found);
    Map<Controller, Controller> pairs =
        paired(
            fresh,
            had,
            (f, h) ->
                f.type().equals(h.type()) && f.at().equals(h.at())
                    ? 1 + shared(onFound.get(f.id()), onOld.get(h.id()))
                    : 0);
    Set<String> taken = new HashSet<>(given);
    old.controllers().forEach(c -> taken.add(c.id()));
    Map<String, Controller> as = new LinkedHashMap<>();
    int number = 0;
    for (Controller c : found.controllers()) {
      Controller now = pairs.getOrDefault(c, c);
      if (!pairs.containsKey(c) && !given.contains(c.id())) {
        String id;
        do {
          id = "C" + ++number;
        } while (!taken.add(id));
        now = new Controller(id, c.type(), c.at());
      }
      as.put(c.id(), now);
    }
    Map<Outlet, List<Piece>> chains = new TreeMap<>();
    found
        .chains()
        .forEach(
            (p, chain) -> chains.put(new Outlet(as.get(p.controller()).id(), p.port()), chain));
    return new PortLayout(List.copyOf(as.values()), chains, found.unplaced());
  }

  private PortLayout ported(PortLayout found) {
    Map<Outlet, List<Piece>> chains = new TreeMap<>();
    for (Controller c : found.controllers()) {
      Map<Integer, Integer> to = ports(c.id(), kinds.get(c.type()), found);
      to.forEach(
          (from, port) -> {
            List<Piece> chain = found.chains().get(new Outlet(c.id(), from));
            if (chain != null) {
              chains.put(new Outlet(c.id(), port), chain);
            }
          });
    }
    return new PortLayout(inOrder(found.controllers()), chains, found.unplaced());
  }

  /** Controllers that there were first, in their order. */
  private List<Controller> inOrder(List<Controller> controllers) {
    List<String> order = old.controllers().stream().map(Controller::id).toList();
    return controllers.stream()
        .sorted(
            Comparator.comparingInt(
                c -> order.contains(c.id()) ? order.indexOf(c.id()) : order.size()))
        .toList();
  }

  /** Which port each port becomes. */
  private Map<Integer, Integer> ports(String id, ControllerType kind, PortLayout found) {
    Set<List<Integer>> groups = new LinkedHashSet<>();
    for (int port = 1; port <= kind.ports(); port++) {
      groups.add(kind.fuseMates(port));
    }
    ToLongBiFunction<Integer, Integer> stays =
        (from, to) ->
            (from.equals(to) ? 1 : 0)
                + 2 * shared(pixels(found, new Outlet(id, from)), pixels(old, new Outlet(id, to)));
    Map<Integer, Integer> all = new HashMap<>();
    Map<List<Integer>, List<List<Integer>>> alike = new LinkedHashMap<>();
    for (List<Integer> group : groups) {
      boolean stuck = group.stream().anyMatch(p -> isFixed(new Outlet(id, p), found));
      List<Integer> kindOf = new ArrayList<>(List.of(group.size()));
      group.forEach(p -> kindOf.add(kind.bankOf(p)));
      if (stuck) {
        group.forEach(p -> all.put(p, p));
      } else {
        alike.computeIfAbsent(kindOf, k -> new ArrayList<>()).add(group);
      }
    }
    for (List<List<Integer>> those : alike.values()) {
      Map<List<Integer>, List<Integer>> pairs =
          paired(
              those,
              those,
              (a, b) ->
                  1
                      + paired(a, b, (p, q) -> 1 + stays.applyAsLong(p, q)).entrySet().stream()
                          .mapToLong(e -> stays.applyAsLong(e.getKey(), e.getValue()))
                          .sum());
      pairs.forEach((a, b) -> all.putAll(paired(a, b, (p, q) -> 1 + stays.applyAsLong(p, q))));
    }
    return all;
  }

  private boolean isFixed(Outlet port, PortLayout found) {
    return found.chains().getOrDefault(port, List.of()).stream()
        .anyMatch(p -> fixed.contains(p.run().name()));
  }

  /** Pairs in the order of their worth; pairs worth nothing are none. */
  private static <T> Map<T, T> paired(List<T> from, List<T> to, ToLongBiFunction<T, T> worth) {
    record Pair(int a, int b, long worth) {}

    List<Pair> all = new ArrayList<>();
    for (int a = 0; a < from.size(); a++) {
      for (int b = 0; b < to.size(); b++) {
        all.add(new Pair(a, b, worth.applyAsLong(from.get(a), to.get(b))));
      }
    }
    all.sort(
        Comparator.comparingLong(Pair::worth)
            .reversed()
            .thenComparingInt(Pair::a)
            .thenComparingInt(Pair::b));
    Map<T, T> pairs = new LinkedHashMap<>();
    Set<Integer> taken = new HashSet<>();
    for (Pair p : all) {
      if (p.worth() > 0 && !pairs.containsKey(from.get(p.a())) && taken.add(p.b())) {
        pairs.put(from.get(p.a()), to.get(p.b()));
      }
    }
    return pairs;
  }

  private static Map<String, Map<String, Long>> pixels(PortLayout layout) {
    Map<String, Map<String, Long>> all = new HashMap<>();
    layout.controllers().forEach(c -> all.put(c.id(), new HashMap<>()));
    layout
        .chains()
        .forEach(
            (port, chain) ->
                chain.forEach(
                    p ->
                        all.get(port.controller())
                            .merge(p.run().name(), (long) p.pixels(), Long::sum)));
    return all;
  }

  private static Map<String, Long> pixels(PortLayout layout, Outlet port) {
    Map<String, Long> pixels = new HashMap<>();
    layout
        .chains()
        .getOrDefault(port, List.of())
        .forEach(p -> pixels.merge(p.run().name(), (long) p.pixels(), Long::sum));
    return pixels;
  }

  private static long shared(Map<String, Long> one, Map<String, Long> other) {
    return one.entrySet().stream()
        .mapToLong(e -> Math.min(e.getValue(), other.getOrDefault(e.getKey(), 0L)))
        .sum();
  }
}
