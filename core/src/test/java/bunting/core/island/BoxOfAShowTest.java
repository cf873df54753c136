package bunting.core.island;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.assess.InputReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.plan.Planner;
import bunting.core.show.Catalogue;
import bunting.core.show.Conductors;
import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.HeldPost;
import bunting.core.show.LoadKind;
import bunting.core.show.Pin;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.ShowSettings;
import bunting.core.show.Signal;
import bunting.core.show.StandardCatalogue;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

/** A show's box, compiled from gauges, metres and degrees, beside ngspice's recorded answer. */
class BoxOfAShowTest {
  /** Copper at 45 degC (IEC 60028): the netlist's rails have 3.3 mohm a pixel as they are then. */
  private static final double WARMTH = 1 + 0.00393 * 25;

  private static PixelType type(String id, double milliamps, LoadKind load) {
    return new PixelType(
        id, id, 12, 3, "RGB", 8, Signal.ONE_WIRE_800K, 10, 1, milliamps, 0, load, 0.033 / WARMTH);
  }

  private static Show show() {
    Catalogue c =
        StandardCatalogue.get()
            .withPixelType(type("p", 50, LoadKind.CONSTANT_POWER))
            .withPixelType(type("r", 30, LoadKind.RESISTIVE));
    ControllerType board =
        new ControllerType(
            "two", "two", 2, 1000, 100, List.of(12.0), 10, 20, List.of(List.of(1, 2)), 10, 0);
    Catalogue with = new Catalogue(c.pixelTypes(), List.of(board), c.supplyTypes(), c.wires());
    Run weir = Run.of("Weir", "p", 60).withPin(Optional.of(new Pin("C1", OptionalInt.of(1))));
    Run owl = Run.of("Owl", "r", 90).withPin(Optional.of(new Pin("C1", OptionalInt.of(2))));
    Conductors copper =
        new Conductors(
            45, 4, 3, 5, 1.2, 2, Optional.of("14AWG"), true, Map.of(), Conductors.JUMPER);
    ShowSettings d = ShowSettings.DEFAULT;
    Show show =
        Show.of(List.of(weir, owl))
            .withSettings(
                new ShowSettings(d.name(), 230, d.targetFps(), 100, 80, d.fuseMargin(), 70, ""))
            .withCatalogue(with)
            .withControllers(List.of(new Controller("C1", "two", 0, 0)));
    return show.withWiring(
        show.wiring()
            .with(copper)
            .withPosts("Weir", List.of(post("Weir", 1, true, "16AWG", 2)))
            .withPosts(
                "Owl",
                List.of(post("Owl", 1, true, "14AWG", 3.5), post("Owl", 90, false, "14AWG", 6))));
  }

  private static HeldPost post(String run, int at, boolean port, String wire, double metres) {
    return new HeldPost(run, at, port, Optional.of(wire), OptionalDouble.of(metres));
  }

  @Test
  void isWhatACircuitSimulatorSays() throws IOException {
    Map<String, Double> spice = new HashMap<>();
    try (InputStream in = BoxOfAShowTest.class.getResourceAsStream("/ngspice/box-12v-show.txt")) {
      new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .map(l -> l.split(" "))
          .forEach(l -> spice.put(l[0], Double.valueOf(l[1])));
    }
    Show show = show();
    Reading reading = Reading.of(show, Planner.sketch(show));
    assertThat(reading.feeds()).hasSize(3);
    InputReading input = reading.designed().inputs().getFirst();
    assertThat(input.terminalVolts()).isCloseTo(spice.get("bp"), within(1e-6));
    assertThat(input.amps()).isCloseTo(spice.get("input"), within(1e-5));
    assertThat(
            reading.designed().islands().stream()
                .flatMap(i -> i.solution().stream())
                .filter(s -> s.feedAmps().size() == 2)
                .mapToDouble(s -> s.feedAmps().at(1)))
        .singleElement()
        .satisfies(far -> assertThat(far).isCloseTo(spice.get("far"), within(1e-5)));
    for (SegmentReading s : reading.segments()) {
      String port = "p" + s.segment().port() + "x";
      for (int i = 0; i < s.volts().size(); i++) {
        assertThat(s.volts().at(i))
            .as(port + (i + 1))
            .isCloseTo(spice.get(port + (i + 1)), within(1e-6));
      }
    }
    assertThat(reading.feeds().stream().filter(f -> f.feed().viaPort()))
        .allSatisfy(f -> assertThat(f.feed().fuseGroup()).hasValue("C1:1-2"));
  }
}
