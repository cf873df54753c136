package bunting.core.faults;

import bunting.core.show.Texts;

/** Faults in words: what it is, how one makes sure, what one does. */
public final class FaultText {
  private FaultText() {}

  /** What and where. */
  public static String name(Fault fault) {
    return switch (fault) {
      case Fault.FuseOpen f -> "Fuse " + f.fuse() + " is open";
      case Fault.FeedOpen f -> "Feed " + f.feed() + " carries nothing";
      case Fault.SupplyOff f -> "Supply " + f.supply() + " gives nothing";
      case Fault.CircuitOff f -> "Circuit " + f.circuit() + " is off";
      case Fault.DataOpen f ->
          "No data from pixel " + f.pixel() + " of " + f.run() + " on: the joint before it";
      case Fault.DeadPixel f -> "Pixel " + f.pixel() + " of " + f.run() + " is dead";
      case Fault.PortDead f -> "Port " + f.port() + " of " + f.controller() + " sends nothing";
      case Fault.ControllerOff f -> "Box " + f.controller() + " does nothing";
      case Fault.ControllerHung f -> "Box " + f.controller() + " hangs";
      case Fault.PortsSwapped f ->
          "Ports " + f.port() + " and " + f.other() + " of " + f.controller() + " are swapped";
      case Fault.OrderWrong f -> "Colour order of " + f.run() + " is " + f.order();
      case Fault.RunReversed f -> "Data enter " + f.run() + " at its far end";
      case Fault.UniverseOff f ->
          "Box "
              + f.controller()
              + " listens "
              + Math.abs(f.by())
              + (Math.abs(f.by()) == 1 ? " universe" : " universes")
              + (f.by() > 0 ? " too high" : " too low");
      case Fault.CountOff f ->
          f.run()
              + " has "
              + Math.abs(f.by())
              + (f.by() < 0 ? " pixels fewer" : " pixels more")
              + " than planned";
      case Fault.Noise f -> "Noise on the data before " + f.segment();
      case Fault.ThinLead f ->
          "Feed " + f.feed() + " has " + Texts.fixed(f.ohms(), 2) + " ohm too much";
      case Fault.SupplyLow f ->
          "Supply " + f.supply() + " holds " + Texts.fixed(f.volts(), 2) + " V alone";
      case Fault.AtBox f -> atBox(f);
      case Fault.AtPort f ->
          "V+ from elsewhere reaches port "
              + f.port()
              + " of "
              + f.controller()
              + ": its protection has opened";
      case Fault.AtFeed f ->
          f.kind() == FaultKind.SHORT_TO_METAL
              ? "A bare joint near feed " + f.feed() + " touches metal"
              : "Feed " + f.feed() + " goes past the board's switch";
    };
  }

  private static String atBox(Fault.AtBox f) {
    String box = "Box " + f.controller();
    return switch (f.kind()) {
      case LIMITER_LOW -> "The limiter of " + f.controller() + " was never raised";
      case OTHER_SUBNET -> box + " is in another subnet than the sender";
      case STARVED -> box + " starves when its pixels go white";
      default -> box;
    };
  }

  /** What one does about it. Where that is dangerous it says so. */
  public static String cure(Fault fault) {
    return switch (fault.kind()) {
      case FUSE_OPEN ->
          "Switch off. Find what blew it before a new one of the same size goes in; never a larger"
              + " one.";
      case FEED_OPEN -> "Switch off. Pull at both ends of its cable; look at plug, ferrule, joint.";
      case SUPPLY_OFF ->
          "Look at its lamp and its fan, then at its plug. Its inside and the mains are for a"
              + " licensed person.";
      case CIRCUIT_OFF ->
          "Look at breaker and RCD. One that trips again has a reason: a licensed person finds it.";
      case DATA_OPEN ->
          "Press the joint together. If it then lights, part it, clean it, make it anew; seal it.";
      case DEAD_PIXEL ->
          "Switch off. Cut it out and put a new one in; if that changes nothing, the one before.";
      case PORT_DEAD -> "Plug the lead into a free port and give that the same universes.";
      case CONTROLLER_OFF -> "Look at its power lamp, its input fuse, its small supply.";
      case CONTROLLER_HUNG ->
          "Switch it off and on. If it comes again: feed its brain at the supply.";
      case PORTS_SWAPPED -> "Switch off, then change the two plugs; tape on them.";
      case ORDER_WRONG -> "Set the order in the box, or in the run's inspector and hand out again.";
      case RUN_REVERSED -> "Enter at the arrow's tail, or mark the run as reversed.";
      case UNIVERSE_OFF -> "Set the start universe in the box as the plan has it.";
      case COUNT_OFF -> "Count it: every 10th green, every 50th red. Enter the built count.";
      case NOISE -> "Shorten the data lead, put a driver near the first pixel, join the grounds.";
      case THIN_LEAD -> "Feel for a warm joint. Look at gauge and length of the cable.";
      case SUPPLY_LOW ->
          "Trim it to its volts without load; if it falls under load it is too small.";
      case LIMITER_LOW -> "Raise the limiter to what the plan says.";
      case PAST_THE_SWITCH -> "Take the feed behind the board's switch, or switch its supply too.";
      case FED_BACK -> "Cut V+ between the port and the other feed; join ground and data alone.";
      case SHORT_TO_METAL -> "Switch off. Find the bare joint on the channel; insulate it.";
      case OTHER_SUBNET -> "Set box and sender to the same network and mask.";
      case STARVED -> "Feed the brain at the supply, not at the pixels' tail.";
    };
  }

  /** What tells a fault from one that looks the same. */
  static String apart(Fault fault, Fault other) {
    return switch (fault.kind()) {
      case FUSE_OPEN -> "look at the fuse; measure on both sides of it";
      case FEED_OPEN -> "measure at the box and at the far end of that cable";
      case DATA_OPEN ->
          other.kind() == FaultKind.PORT_DEAD
              ? "plug the lead into a free port"
              : "press the joint together; bridge data past the pixel";
      case DEAD_PIXEL -> "bridge data past the pixel, or hold a new one to it";
      case PORT_DEAD -> "plug the lead into a free port";
      case SUPPLY_OFF -> "look at the supply's lamp";
      case CIRCUIT_OFF -> "look at the breaker; try a lamp at the outlet";
      case CONTROLLER_OFF -> "look at the box's power lamp; press its button";
      case CONTROLLER_HUNG -> "press the box's button; switch it off and on";
      case OTHER_SUBNET -> "press the box's button: it lights without any network";
      case COUNT_OFF -> "count the run";
      case UNIVERSE_OFF -> "read the start universe in the box";
      case ORDER_WRONG -> "red, green and blue one after the other, with what each shows";
      case FED_BACK -> "part the other feed from the run, then switch the box off and on";
      case SHORT_TO_METAL -> "measure from V+ to the channel, switched off";
      case PORTS_SWAPPED,
          RUN_REVERSED,
          NOISE,
          THIN_LEAD,
          SUPPLY_LOW,
          LIMITER_LOW,
          PAST_THE_SWITCH,
          STARVED ->
          "look closer";
    };
  }
}
