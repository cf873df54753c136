package bunting.core.checks;

import bunting.core.assess.Reading;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** All checks in their order. */
public final class Checks {
  private static final List<Check> ALL =
      List.of(
          new UnplacedRun(),
          new LowVolts(),
          new JoinedSupplies(),
          new FuseAboveHolder(),
          new InputWires(),
          new BrownOut(),
          new HotConnector(),
          new ThickForTerminal(),
          new TrimLimit(),
          new ClosedBoxHeat(),
          new AluminiumFuses(),
          new Unfed(),
          new CannotStand(),
          new FuseBelowLoad(),
          new FuseAboveWire(),
          new PortAmps(),
          new BoardAmps(),
          new FrameRate(),
          new SupplyHeadroom(),
          new NoCircuit(),
          new CircuitFull(),
          new CircuitOver(),
          new StartTrips(),
          new NoRcd(),
          new WallSwitchOpen(),
          new LongCord(),
          new CutUnknown(),
          new BoardCut(),
          new TemporaryDays(),
          new HoursAndSun(),
          new SetAmps(),
          new LeadAmps(),
          new RailLimit(),
          new JumperAmps(),
          new TrunkAmps(),
          new ThinTails(),
          new TailRuleNote(),
          new NoWay(),
          new NoJoint(),
          new RailAmps(),
          new LengthMismatch(),
          new LeadBesidePlaces(),
          new GuessFlips(),
          new OffCut(),
          new UnknownKey(),
          new LeftOut(),
          new NoSearch(),
          new GroupSplit(),
          new RunDivided(),
          new LongDataLead(),
          new LeadHelp(),
          new SlotClash(),
          new ForeignSlots(),
          new ForeignOverlap(),
          new HandedOutMoved(),
          new HandedOutGone(),
          new SameAddress(),
          new AddressOutside(),
          new AddressInPool(),
          new WifiFull(),
          new HotPlug(),
          new FuseVoltage(),
          new FullWhite(),
          new BackFeed(),
          new MainsUnchecked(),
          new MulticastFlood(),
          new DarkWatts(),
          new MixedVolts(),
          new PlugClash(),
          new RailsCrossed(),
          new NoSparePort(),
          new ManyFeeds(),
          new FarFeed(),
          new LongBulbLine(),
          new NoSlots(),
          new MeasuredAmps(),
          new LocalCodes());

  private Checks() {}

  /** Every check once. */
  public static List<Check> all() {
    return ALL;
  }

  /**
   * What all checks find, the gravest first, within that in the order of the checks and of the
   * show.
   */
  public static List<Finding> examine(Reading reading) {
    List<Finding> findings = new ArrayList<>();
    for (Check check : ALL) {
      check.examine(reading, new Check.Reporter(check, findings::add));
    }
    findings.sort(Comparator.comparing(Finding::severity));
    return findings;
  }
}
