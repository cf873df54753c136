package bunting.core.explain;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.FeedReading;
import bunting.core.assess.InputReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SupplyReading;
import bunting.core.assess.Tails;
import bunting.core.copper.BoxAir;
import bunting.core.copper.InputRule;
import bunting.core.show.Conductors;
import bunting.core.show.PowerWays;
import bunting.core.show.PriceList;
import bunting.core.show.ShowSettings;
import bunting.core.show.Texts;
import bunting.core.show.Wire;
import bunting.core.units.Lengths;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The arithmetic behind the numbers of a feed, a fuse and a supply, each with its source. */
public final class PowerExplanations {
  private final Reading reading;

  /** Explanations of a reading. */
  public PowerExplanations(Reading reading) {
    this.reading = reading;
  }

  /** How a feed's cable, drop, fuse and wire came about; none where it is not there. */
  public List<Line> feed(String id) {
    List<Line> lines = new ArrayList<>();
    Optional<FeedReading> found =
        reading.feeds().stream().filter(f -> f.feed().id().equals(id)).findFirst();
    if (found.isEmpty()) {
      return lines;
    }
    FeedReading f = found.get();
    Wire wire = reading.show().catalogue().wiresById().get(f.feed().wire());
    Conductors copper = reading.show().wiring().conductors();
    Lengths lengths = Lengths.of(reading.show());
    boolean tailed = f.feed().trunk().isPresent();
    double ohms =
        tailed
            ? copper.leadOhms(wire, f.lengthM())
            : copper.feedOhms(wire, f.lengthM(), f.feed().viaPort()).loop();
    lines.add(joinedOn(f));
    f.feed().trunk().flatMap(this::trunk).ifPresent(lines::add);
    lines.add(
        new Line(
            tailed ? "Tail" : "Cable",
            fixed(1000 * ohms, 1) + " mΩ",
            "2 x "
                + lengths.text(f.lengthM())
                + " x "
                + lengths.per(1000 * wire.ohmsPerM(), 2, "mΩ")
                + warmth(copper)
                + (tailed ? "" : joints(copper, f.feed().viaPort()))
                + "; ASTM B258, IEC 60228, from memory"));
    lines.add(
        new Line(
            "Drop in it",
            fixed(f.amps() * ohms, 3) + " V",
            fixed(f.amps(), 2) + " A x " + fixed(1000 * ohms, 1) + " mΩ (Ohm's law)"));
    lines.add(
        new Line(
            "Heat in it",
            fixed(f.amps() * f.amps() * ohms, 2) + " W",
            "amps squared x ohms, all along the cable"));
    lines.add(
        new Line(
            "Fuse",
            number(f.feed().fuseAmps()) + " A",
            FuseWords.of(reading, f.feed()) + "; ISO 8820-3 sizes, from memory"));
    lines.add(
        new Line(
            "Wire",
            sizes(wire),
            "bears a fuse of "
                + number(wire.fuseAmpsMax())
                + " A; NFPA 70 240.4(D) from memory, small sizes common practice"));
    return lines;
  }

  /** The trunk that a tail hangs on. */
  private Optional<Line> trunk(String id) {
    return reading.trunks().stream()
        .filter(t -> t.trunk().id().equals(id))
        .findFirst()
        .map(
            t ->
                new Line(
                    "Trunk",
                    id,
                    Lengths.of(reading.show()).rough(t.metres())
                        + " of "
                        + t.trunk().wire()
                        + (t.trunk().ring() ? ", a ring" : "")
                        + " from "
                        + t.controller()
                        + ", "
                        + Texts.count(t.trunk().tails().size(), "tail", "tails")
                        + ", "
                        + fixed(t.amps(), 2)
                        + " A; tails behind its fuse by the rule for short ones, NFPA 70"
                        + " 240.21(B)(1), from memory; ask what your place allows"));
  }

  /** Where it is joined on, and what that and its way and cable cost to build. */
  private Line joinedOn(FeedReading f) {
    ShowSettings settings = reading.show().settings();
    PriceList prices = reading.show().allotting().planning().prices();
    Wire wire = reading.show().catalogue().wiresById().get(f.feed().wire());
    double cable = f.lengthM() * prices.perM(wire);
    String tail =
        Tails.of(reading, f)
            .map(
                e ->
                    f.feed().wire()
                        + " ends in "
                        + (e.count() == 1 ? "a short tail" : e.count() + " short tails")
                        + " of "
                        + e.type().wire().id()
                        + " on the pads (its ohms left out); ")
            .orElse("");
    return new Line(
        "Joined on",
        f.attach().work(),
        tail
            + (f.feed().viaPort()
                ? "the port's own lead; its cable " + settings.price(round(cable))
                : number(prices.minutesFor(f.attach()))
                    + " min x "
                    + number(prices.minuteRate())
                    + " + "
                    + (f.feed().trunk().isPresent()
                        ? ""
                        : number(prices.distributionWay()) + " for its fused way + ")
                    + settings.price(round(cable))
                    + " of cable"));
  }

  private static double round(double money) {
    return Math.rint(money * 100) / 100;
  }

  /** How a board's input came about; none where it has none. */
  public List<Line> input(String board) {
    List<Line> lines = new ArrayList<>();
    double margin = reading.show().settings().fuseMargin();
    for (InputReading i : reading.worst().inputs()) {
      if (reading.controllerOf(i.input().board()).equals(board)) {
        int pairs = i.input().wires();
        lines.add(
            new Line(
                i.input().board().equals(board) ? "Input" : "Input of " + i.input().board(),
                pairs + " x " + i.input().wire(),
                fixed(i.amps(), 2)
                    + " A in all, "
                    + fixed(i.eachAmps(), 2)
                    + " A each; all of one length and gauge, a fuse in each (common practice)"));
        lines.add(
            new Line(
                "Fuse in each",
                number(i.input().fuseAmps()) + " A",
                "at least "
                    + fixed(i.eachAmps() * margin, 2)
                    + " A, margin "
                    + number(margin)
                    + (pairs > 1
                        ? ", and "
                            + fixed(i.withoutOneAmps(), 2)
                            + " A, what each carries when one is lost"
                        : "")
                    + (i.input().fuseAmps() == InputRule.LEAST_FUSE
                        ? ", and 2 A for the board's own electronics"
                        : "")
                    + "; "
                    + i.input().wire()
                    + " bears "
                    + number(
                        reading.show().catalogue().wiresById().get(i.input().wire()).fuseAmpsMax())
                    + " A"));
      }
    }
    return lines;
  }

  /** A size in both systems. */
  public static String sizes(Wire wire) {
    return wire.id().endsWith("AWG")
        ? wire.id() + ", " + fixed(wire.copperMm2(), 2) + " mm²"
        : wire.id() + ", near " + nearestGauge(wire) + " AWG";
  }

  private static int nearestGauge(Wire wire) {
    int best = 0;
    double miss = Double.MAX_VALUE;
    for (int gauge = 0; gauge <= 30; gauge++) {
      double d = Wire.awgDiameterMm(gauge);
      double now = Math.abs(Math.log(Math.PI / 4 * d * d / wire.copperMm2()));
      if (now < miss) {
        miss = now;
        best = gauge;
      }
    }
    return best;
  }

  private static String warmth(Conductors copper) {
    return copper.celsius() == 20
        ? " at 20 °C"
        : " x "
            + fixed(copper.warmth(), 3)
            + " for "
            + number(copper.celsius())
            + " °C (IEC 60028)";
  }

  private static String joints(Conductors copper, boolean viaPort) {
    double milliohms =
        copper.fuseMilliohms()
            + 2 * copper.connectorMilliohms()
            + (viaPort ? copper.boardMilliohms() : 0);
    return milliohms == 0 ? "" : " + " + number(milliohms) + " mΩ of fuse, contacts and board";
  }

  /** How a supply's load, size, heat and mains came about; none where it is not there. */
  public List<Line> supply(String id) {
    List<Line> lines = new ArrayList<>();
    Optional<SupplyReading> found =
        reading.supplies().stream().filter(s -> s.supply().id().equals(id)).findFirst();
    if (found.isEmpty()) {
      return lines;
    }
    SupplyReading s = found.get();
    double percent = reading.show().settings().supplyLoadPercentMax();
    PowerWays ways = reading.show().wiring().ways();
    lines.add(
        new Line(
            "Load",
            fixed(s.loadWatts(), 0) + " W",
            fixed(s.loadAmps(), 2) + " A x " + fixed(s.volts(), 2) + " V"));
    lines.add(
        new Line(
            "Size",
            number(s.type().watts()) + " W",
            "may be loaded with "
                + number(percent)
                + " %: "
                + fixed(s.type().usableWatts(percent), 0)
                + " W; ways: 75 %, 80 % (continuous load x 1.25), next size up"));
    double heat = s.loadWatts() * (1 / s.type().efficiency() - 1);
    lines.add(
        new Line(
            "Heat in the box",
            fixed(heat, 0) + " W",
            fixed(s.loadWatts(), 0)
                + " W x (1 / "
                + number(s.type().efficiency())
                + " - 1)"
                + (ways.boxLitres() > 0
                    ? "; a closed box of "
                        + number(ways.boxLitres())
                        + " l would be "
                        + fixed(BoxAir.celsius(ways.boxLitres(), ways.ambientCelsius(), heat), 0)
                        + " °C inside (5.5 W for each m² and K, order of IEC TR 60890, from memory)"
                    : "")));
    double volts =
        s.supply().circuit().stream()
            .flatMap(on -> reading.circuits().stream().filter(c -> c.circuit().id().equals(on)))
            .mapToDouble(c -> c.circuit().volts())
            .findFirst()
            .orElse(reading.show().settings().mainsVolts());
    lines.add(
        new Line(
            "From the mains",
            fixed(s.type().voltAmps(s.loadWatts()) / volts, 2) + " A",
            fixed(s.loadWatts(), 0)
                + " W / ("
                + number(s.type().efficiency())
                + " x "
                + number(s.type().powerFactor())
                + " x "
                + number(volts)
                + " V)"));
    return lines;
  }
}
