package bunting.core.faults;

import bunting.core.island.Alteration;
import java.util.LinkedHashSet;
import java.util.Set;

/**
 * What a fault does to power.
 *
 * @param otherwise what is otherwise wired
 * @param dead boxes whose electronics do nothing
 */
record PowerEffect(Alteration otherwise, Set<String> dead) {
  private static final PowerEffect SOUND = new PowerEffect(Alteration.NONE, Set.of());

  static PowerEffect of(Layout layout, Fault fault) {
    return switch (fault) {
      case Fault.FuseOpen f -> without(layout.behindFuse(f.fuse()));
      case Fault.FeedOpen f -> without(Set.of(f.feed()));
      case Fault.SupplyOff f -> dark(layout, Set.of(f.supply()));
      case Fault.CircuitOff f -> dark(layout, layout.onCircuit(f.circuit()));
      case Fault.ControllerOff f -> new PowerEffect(Alteration.NONE, Set.of(f.controller()));
      case Fault.ThinLead f -> new PowerEffect(Alteration.thin(f.feed(), f.ohms()), Set.of());
      case Fault.SupplyLow f -> new PowerEffect(Alteration.supply(f.supply(), f.volts()), Set.of());
      case Fault.DataOpen f -> SOUND;
      case Fault.DeadPixel f -> SOUND;
      case Fault.PortDead f -> SOUND;
      case Fault.ControllerHung f -> SOUND;
      case Fault.PortsSwapped f -> SOUND;
      case Fault.OrderWrong f -> SOUND;
      case Fault.RunReversed f -> SOUND;
      case Fault.UniverseOff f -> SOUND;
      case Fault.CountOff f -> SOUND;
      case Fault.Noise f -> SOUND;
      case Fault.AtBox f ->
          f.kind() == FaultKind.OTHER_SUBNET
              ? new PowerEffect(Alteration.NONE, Set.of(f.controller()))
              : SOUND;
      case Fault.AtPort f -> SOUND;
      case Fault.AtFeed f ->
          f.kind() == FaultKind.SHORT_TO_METAL
              ? without(layout.behindFuse(layout.feed(f.feed()).fuse()))
              : SOUND;
    };
  }

  private static PowerEffect without(Set<String> feeds) {
    return new PowerEffect(Alteration.without(feeds), Set.of());
  }

  private static PowerEffect dark(Layout layout, Set<String> supplies) {
    Set<String> feeds = new LinkedHashSet<>();
    supplies.forEach(s -> feeds.addAll(layout.ofSupply(s)));
    return new PowerEffect(Alteration.without(feeds), layout.brainsOn(supplies));
  }
}
