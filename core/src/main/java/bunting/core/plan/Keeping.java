package bunting.core.plan;

import bunting.core.addressing.NetworkAddresses;
import bunting.core.assess.Patches;
import bunting.core.assess.Reading;
import bunting.core.show.Accepted;
import bunting.core.show.Addresses;
import bunting.core.show.Decisions;
import bunting.core.show.HandOut;
import bunting.core.show.PixelType;
import bunting.core.show.PlacedController;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.SlotRange;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The accepted plan of a show: taking one on, and reading one that was written for other names. */
public final class Keeping {
  private Keeping() {}

  /** Returns the show of a plan with that plan accepted. */
  public static Show accept(Reading plan) {
    List<HandOut.Nail> slots =
        Patches.of(plan).stream()
            .map(
                p ->
                    new HandOut.Nail(
                        p.held(),
                        p.channels(),
                        p.grouping(),
                        p.reversed(),
                        p.rows().stream()
                            .map(r -> new SlotRange(r.universe(), r.firstSlot(), r.lastSlot()))
                            .toList()))
            .toList();
    Addresses addresses = new Addresses(slots, NetworkAddresses.of(plan.show(), plan.decisions()));
    return plan.show()
        .accepting(
            new Accepted(plan.decisions().withAddresses(addresses), plan.show().wiring().ways()));
  }

  /**
   * Returns the accepted plan under the names that the show has now. Where runs were renamed in the
   * file alone, those with as many pixels and channels take each other's place, in the order of the
   * list; so do controllers of one type in one place.
   */
  static Optional<Accepted> fitted(Show show) {
    Optional<Accepted> plan = show.accepted();
    if (plan.isEmpty()) {
      return plan;
    }
    Accepted next = plan.get();
    for (Map.Entry<String, String> e : runs(show, next.decisions()).entrySet()) {
      next = next.lightRenamed(e.getKey(), e.getValue());
    }
    for (Map.Entry<String, String> e : controllers(show, next.decisions()).entrySet()) {
      next = next.controllerRenamed(e.getKey(), e.getValue());
    }
    return Optional.of(next);
  }

  private static Map<String, String> runs(Show show, Decisions plan) {
    Set<String> there = new LinkedHashSet<>();
    Map<String, Integer> pixels = new LinkedHashMap<>();
    plan.segments().forEach(s -> pixels.merge(s.run(), s.lastPixel(), Math::max));
    Map<String, Integer> channels = new LinkedHashMap<>();
    plan.addresses().ifPresent(a -> a.slots().forEach(n -> channels.put(n.run(), n.channels())));
    show.runs().forEach(r -> there.add(r.name()));
    Set<String> known = new LinkedHashSet<>(pixels.keySet());
    plan.unplaced().forEach(u -> known.add(u.run()));
    Map<String, List<String>> gone = new LinkedHashMap<>();
    pixels.forEach(
        (run, n) -> {
          if (!there.contains(run)) {
            gone.computeIfAbsent(n + " " + channels.getOrDefault(run, 0), k -> new ArrayList<>())
                .add(run);
          }
        });
    Map<String, PixelType> types = show.catalogue().pixelTypesById();
    Map<String, List<String>> come = new LinkedHashMap<>();
    for (Run run : show.runs()) {
      if (!known.contains(run.name())) {
        String like = run.pixels() + " " + types.get(run.type()).channels();
        come.computeIfAbsent(like, k -> new ArrayList<>()).add(run.name());
      }
    }
    return pairs(gone, come);
  }

  private static Map<String, String> controllers(Show show, Decisions plan) {
    Map<String, List<String>> gone = new LinkedHashMap<>();
    Map<String, List<String>> come = new LinkedHashMap<>();
    Set<String> given = new LinkedHashSet<>();
    Set<String> planned = new LinkedHashSet<>();
    show.controllers().orElse(List.of()).forEach(c -> given.add(c.id()));
    plan.controllers().forEach(c -> planned.add(c.controller().id()));
    if (given.isEmpty()) {
      return Map.of();
    }
    for (PlacedController c : plan.controllers()) {
      if (!given.contains(c.controller().id())) {
        String like = c.controller().type() + " " + c.controller().at();
        gone.computeIfAbsent(like, k -> new ArrayList<>()).add(c.controller().id());
      }
    }
    show.controllers()
        .orElse(List.of())
        .forEach(
            c -> {
              if (!planned.contains(c.id())) {
                come.computeIfAbsent(c.type() + " " + c.at(), k -> new ArrayList<>()).add(c.id());
              }
            });
    return pairs(gone, come);
  }

  /** Those of a kind that as many others of that kind stand in for. */
  private static Map<String, String> pairs(
      Map<String, List<String>> gone, Map<String, List<String>> come) {
    Map<String, String> pairs = new LinkedHashMap<>();
    gone.forEach(
        (like, from) -> {
          List<String> to = come.getOrDefault(like, List.of());
          for (int i = 0; from.size() == to.size() && i < from.size(); i++) {
            pairs.put(from.get(i), to.get(i));
          }
        });
    return pairs;
  }
}
