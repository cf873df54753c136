package bunting.core.faults;

import bunting.core.show.Feed;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * Where a fault is and shows, as it is told to somebody who looked for it.
 *
 * @param places every name by which its place may be called: runs and boxes where it is noticed,
 *     the supply or circuit that it is in
 * @param first where it is noticed first; empty: nowhere
 * @param text what it is, where it shows, and what one does about it
 */
public record Whereabouts(Set<String> places, Optional<Planting.Notice> first, String text) {
  public Whereabouts {
    places = Set.copyOf(places);
  }

  /** Of a fault of a plan. */
  public static Whereabouts of(Pictures pictures, Fault fault) {
    List<Planting.Notice> noticed = new Planting(pictures, 0).showing(fault);
    Optional<Planting.Notice> first = noticed.stream().findFirst();
    return new Whereabouts(
        places(pictures.layout(), fault, noticed),
        first,
        FaultText.name(fault)
            + "."
            + first.map(n -> " " + shown(n)).orElse("")
            + " "
            + FaultText.cure(fault));
  }

  private static String shown(Planting.Notice notice) {
    return "It shows on "
        + notice.part().segment().run().name()
        + " from pixel "
        + notice.pixel()
        + " on under "
        + notice.sending().pattern().id()
        + (notice.byMeter() ? ", by meter alone." : ".");
  }

  private static Set<String> places(Layout layout, Fault fault, List<Planting.Notice> noticed) {
    Set<String> names = new TreeSet<>();
    for (Planting.Notice n : noticed) {
      names.add(n.part().segment().run().name());
      names.add(n.part().chain().controller());
    }
    Set<String> feeds =
        switch (fault) {
          case Fault.FuseOpen f -> layout.behindFuse(f.fuse());
          case Fault.FeedOpen f -> Set.of(f.feed());
          case Fault.ThinLead f -> Set.of(f.feed());
          case Fault.SupplyOff f -> layout.ofSupply(f.supply());
          case Fault.SupplyLow f -> layout.ofSupply(f.supply());
          default -> Set.of();
        };
    for (String id : feeds) {
      Feed feed = layout.feed(id);
      names.add(layout.part(feed.segment()).segment().run().name());
    }
    switch (fault) {
      case Fault.SupplyOff f -> names.add(f.supply());
      case Fault.SupplyLow f -> names.add(f.supply());
      case Fault.CircuitOff f -> names.add(f.circuit());
      default -> {}
    }
    return names;
  }
}
