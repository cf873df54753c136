package bunting.core.checks;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.FeedReading;
import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.plan.Planner;
import bunting.core.show.BulbString;
import bunting.core.show.Catalogue;
import bunting.core.show.Circuit;
import bunting.core.show.Conductors;
import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.Decisions;
import bunting.core.show.Feed;
import bunting.core.show.HeldPost;
import bunting.core.show.Network;
import bunting.core.show.OtherLoads;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Supply;
import bunting.core.show.SupplyType;
import bunting.core.show.Wire;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.DoubleFunction;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Each check that compares with a limit is silent just within it and speaks just beyond it. */
class ChecksAtTheLimitTest {
  /** So much of the limit is just within it, and just beyond. */
  private static final double JUST = 0.002;

  private static final Run GATE = Run.of("Gate", "12v-strip-60", 100);

  private static Reading read(Show show) {
    return Reading.of(show, Planner.sketch(show));
  }

  private static Show show(Run... runs) {
    return Show.of(
        Stream.of(runs)
            .map(r -> r.leadM().isPresent() ? r : r.withLead(OptionalDouble.of(2)))
            .toList());
  }

  /** A show whose boards and supplies have other limits, with the decisions of the plain one. */
  private static Reading boards(Reading r, double portAmps, double boardAmps) {
    Catalogue c = r.show().catalogue();
    List<ControllerType> kinds =
        c.controllerTypes().stream()
            .map(
                t ->
                    new ControllerType(
                        t.id(),
                        t.name(),
                        t.ports(),
                        t.pixelsPerPortMax(),
                        t.universesMax(),
                        t.volts(),
                        portAmps,
                        boardAmps,
                        t.fuseGroups(),
                        t.fuseGroupAmpsMax(),
                        t.cost()))
            .toList();
    Catalogue other = new Catalogue(c.pixelTypes(), kinds, c.supplyTypes(), c.wires());
    return Reading.of(r.show().withCatalogue(other), r.decisions());
  }

  private static Reading watts(Reading r, double watts) {
    Catalogue c = r.show().catalogue();
    List<SupplyType> types =
        c.supplyTypes().stream()
            .map(
                t ->
                    new SupplyType(
                        t.id(), t.volts(), watts, t.efficiency(), t.powerFactor(), t.cost()))
            .toList();
    Catalogue other = new Catalogue(c.pixelTypes(), c.controllerTypes(), types, c.wires());
    return Reading.of(r.show().withCatalogue(other), r.decisions());
  }

  private static Reading fused(Reading r, String wire, double amps) {
    List<Feed> feeds =
        r.decisions().feeds().stream().map(f -> f.withFuse(amps).withWire(wire)).toList();
    Catalogue c = r.show().catalogue();
    List<Wire> wires = new ArrayList<>(c.wires());
    if (!c.wiresById().containsKey(wire)) {
      wires.add(Wire.parse(wire).orElseThrow());
    }
    Catalogue more = new Catalogue(c.pixelTypes(), c.controllerTypes(), c.supplyTypes(), wires);
    return Reading.of(r.show().withCatalogue(more), r.decisions().withFeeds(feeds));
  }

  /** A 5 V strip fed by its port, and what is known of copper. */
  private static Reading viaPort(int pixels, Conductors copper) {
    Show show = Show.of(List.of(Run.of("Wheel", "5v-strip-60", pixels)));
    HeldPost post = new HeldPost("Wheel", 1, true, Optional.of("12AWG"), OptionalDouble.of(1));
    return read(show.withWiring(show.wiring().with(copper).withPosts("Wheel", List.of(post))));
  }

  private static double boardAmps(Reading r) {
    return r.ports().stream().mapToDouble(PortReading::amps).sum();
  }

  private static double feedAmps(Reading r) {
    return r.feeds().stream().mapToDouble(FeedReading::amps).max().orElseThrow();
  }

  private static Reading input(double metres) {
    return viaPort(
        100,
        new Conductors(
            20, 0, 0, 0, metres, 1, Optional.of("16AWG"), true, Map.of(), Conductors.JUMPER));
  }

  /** The board's terminals fall in proportion to the length of its input. */
  private static double inputForShare(double share) {
    Reading one = input(1);
    double volts = one.worst().inputs().getFirst().terminalVolts();
    return (1 - share) * 5 / (5 - volts);
  }

  private static Reading circuit(Reading r, double breaker, double existing) {
    List<Circuit> circuits = List.of(new Circuit("kitchen", 230, breaker, existing));
    List<Supply> on =
        r.decisions().supplies().stream()
            .map(s -> new Supply(s.id(), s.type(), s.at(), Optional.of("kitchen")))
            .toList();
    Show s = r.show();
    Show show =
        new Show(
            s.settings(),
            s.sites(),
            s.addressing(),
            s.catalogue(),
            s.controllers(),
            Optional.of(circuits),
            s.runs());
    Decisions d = r.decisions();
    return Reading.of(show, d.with(on, d.others()));
  }

  private static Reading wifi(Reading r, double megabits) {
    List<Controller> boxes = r.decisions().controllers().stream().map(c -> c.controller()).toList();
    Network n = r.show().network();
    Show show =
        r.show()
            .withControllers(boxes)
            .withNetwork(
                new Network(
                    n.base(),
                    11,
                    n.sender(),
                    false,
                    10,
                    megabits,
                    Map.of(),
                    Set.of(boxes.getFirst().id())));
    return Reading.of(show, r.decisions());
  }

  private static double received(Reading r) {
    return bunting.core.network.NetworkPlan.of(r).links().getFirst().received();
  }

  private static Arguments at(
      String code, DoubleFunction<Reading> by, double within, double beyond) {
    return Arguments.of(code, by.apply(within), by.apply(beyond));
  }

  /** A reading by a share of the limit. */
  private static Arguments by(String code, DoubleFunction<Reading> share) {
    return at(code, share, 1 - JUST, 1 + JUST);
  }

  static List<Arguments> limits() {
    Reading gate = read(show(GATE));
    Reading strip = viaPort(60, Conductors.PLAIN);
    double least = gate.totals().minVoltsPercent();
    double hz = gate.ports().stream().mapToDouble(PortReading::refreshHz).min().orElseThrow();
    double load = gate.supplies().getFirst().loadWatts();
    List<Arguments> all = new ArrayList<>();
    all.add(by("board-amps", s -> boards(strip, 1000, boardAmps(strip) / s)));
    all.add(by("port-amps", s -> boards(strip, boardAmps(strip) / s, 1000)));
    all.add(
        by(
            "low-volts",
            s -> {
              Show tight = gate.show();
              var settings = tight.settings();
              double percent = least * s;
              return Reading.of(
                  tight.withSettings(
                      new bunting.core.show.ShowSettings(
                          settings.name(),
                          settings.mainsVolts(),
                          settings.targetFps(),
                          settings.brightnessPercent(),
                          settings.supplyLoadPercentMax(),
                          settings.fuseMargin(),
                          percent,
                          "")),
                  gate.decisions());
            }));
    all.add(
        by(
            "frame-rate",
            s ->
                Reading.of(
                    gate.show().withSettings(gate.show().settings().withTargetFps(hz * s)),
                    gate.decisions())));
    all.add(by("supply-headroom", s -> watts(gate, load / 0.8 / s)));
    all.add(at("circuit-full", amps -> circuit(gate, 16, amps), 12.79, 12.8));
    all.add(
        at("fuse-below-load", s -> fused(gate, "10AWG", feedAmps(gate) * 1.25 * s), 1.001, 0.998));
    for (String wire :
        List.of(
            "22AWG", "20AWG", "18AWG", "16AWG", "14AWG", "12AWG", "10AWG", "1.5mm2", "2.5mm2",
            "4.0mm2", "6.0mm2")) {
      double bears = Wire.parse(wire).orElseThrow().fuseAmpsMax();
      all.add(at("fuse-above-wire", a -> fused(gate, wire, a), bears, bears + 0.1));
    }
    all.add(at("aluminium-fuses", a -> fused(gate, "10AWG", a), 9.9, 10));
    all.add(at("brown-out", share -> input(inputForShare(share)), 0.901, 0.899));
    all.add(at("trim-limit", v -> viaPort(40, Conductors.PLAIN.withTrim(5, v)), 5.5, 5.51));
    all.add(at("hot-connector", ChecksAtTheLimitTest::byPort, 7.99, 8.01));
    all.add(at("long-bulb-line", ChecksAtTheLimitTest::bulbs, 150, 150.1));
    // 100 pixels of 60 a metre: the tape says 2 % more or less of them.
    all.add(
        at(
            "length-mismatch",
            ChecksAtTheLimitTest::measured,
            100 / 60.0 / 1.019,
            100 / 60.0 / 1.021));
    all.add(
        at(
            "hot-plug",
            v -> read(show(Run.of("a", v < 24 ? "12v-strip-60" : "24v-strip-60-rgbw", 30))),
            12,
            24));
    all.add(at("wifi-full", s -> wifi(gate, received(gate) / s), 1 - JUST, 1 + JUST));
    all.add(at("far-feed", m -> read(show(GATE.withLead(OptionalDouble.of(m)))), 9, 25));
    return all;
  }

  /** A strip that takes so many amps through a port: its pixels take what is needed for that. */
  private static Reading byPort(double amps) {
    Show show = Show.of(List.of(Run.of("Wheel", "5v-strip-60", 40)));
    HeldPost post = new HeldPost("Wheel", 1, true, Optional.of("12AWG"), OptionalDouble.of(1));
    var type = show.catalogue().pixelTypesById().get("5v-strip-60");
    Show hungry =
        show.withCatalogue(show.catalogue().withPixelType(type.withMeasured(1000 * amps / 40)))
            .withWiring(show.wiring().withPosts("Wheel", List.of(post)));
    return read(hungry);
  }

  private static Reading bulbs(double metres) {
    BulbString line = new BulbString("Orchard bulbs", 20, 1, 6, metres, new Point(0, 0));
    return read(show(GATE).withOthers(new OtherLoads(List.of(), List.of(line))));
  }

  private static Reading measured(double metres) {
    return read(show(GATE.withLength(OptionalDouble.of(metres))));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("limits")
  void isSilentWithinAndSpeaksBeyond(String code, Reading within, Reading beyond) {
    assertThat(codes(within)).as("just within").doesNotContain(code);
    assertThat(codes(beyond)).as("just beyond").contains(code);
  }

  private static List<String> codes(Reading reading) {
    return Checks.examine(reading).stream().map(Finding::code).toList();
  }
}
