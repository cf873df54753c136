package bunting.core.faults;

import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** Where a fault is: the chains that it is on. */
record Places(Set<Integer> chains) {
  static Places of(Layout layout, Fault fault) {
    return switch (fault) {
      case Fault.FuseOpen f -> ofFeeds(layout, layout.behindFuse(f.fuse()));
      case Fault.FeedOpen f -> ofFeeds(layout, Set.of(f.feed()));
      case Fault.ThinLead f -> ofFeeds(layout, Set.of(f.feed()));
      case Fault.AtFeed f -> ofFeeds(layout, Set.of(f.feed()));
      case Fault.SupplyOff f -> ofFeeds(layout, layout.ofSupply(f.supply()));
      case Fault.SupplyLow f -> ofFeeds(layout, layout.ofSupply(f.supply()));
      case Fault.CircuitOff f ->
          ofFeeds(
              layout,
              layout.onCircuit(f.circuit()).stream()
                  .flatMap(s -> layout.ofSupply(s).stream())
                  .collect(Collectors.toSet()));
      case Fault.DataOpen f -> ofRun(layout, f.run());
      case Fault.DeadPixel f -> ofRun(layout, f.run());
      case Fault.OrderWrong f -> ofRun(layout, f.run());
      case Fault.RunReversed f -> ofRun(layout, f.run());
      case Fault.CountOff f -> ofRun(layout, f.run());
      case Fault.Noise f -> new Places(Set.of(layout.part(f.segment()).chain().index()));
      case Fault.PortDead f -> ofPort(layout, f.controller(), f.port());
      case Fault.AtPort f -> ofPort(layout, f.controller(), f.port());
      case Fault.PortsSwapped f ->
          where(
              layout,
              c ->
                  c.controller().equals(f.controller())
                      && (c.port() == f.port() || c.port() == f.other()));
      case Fault.ControllerOff f -> ofBox(layout, f.controller());
      case Fault.ControllerHung f -> ofBox(layout, f.controller());
      case Fault.UniverseOff f -> ofBox(layout, f.controller());
      case Fault.AtBox f -> ofBox(layout, f.controller());
    };
  }

  private static Places where(Layout layout, Predicate<Layout.Chain> which) {
    return new Places(
        layout.chains().stream()
            .filter(which)
            .map(Layout.Chain::index)
            .collect(Collectors.toSet()));
  }

  private static Places ofFeeds(Layout layout, Set<String> feeds) {
    return new Places(
        feeds.stream()
            .map(f -> layout.part(layout.feed(f).segment()).chain().index())
            .collect(Collectors.toSet()));
  }

  private static Places ofRun(Layout layout, String run) {
    return new Places(
        layout.parts(run).stream().map(p -> p.chain().index()).collect(Collectors.toSet()));
  }

  private static Places ofPort(Layout layout, String controller, int port) {
    return where(layout, c -> c.port() == port && c.controller().equals(controller));
  }

  private static Places ofBox(Layout layout, String controller) {
    return where(layout, c -> c.controller().equals(controller));
  }
}
