package bunting.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import bunting.core.show.Show;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Settings: what is out of range, of the wrong kind or twice there is one sentence with its path.
 */
class BadSettingsTest {
  private static final String PIXEL =
      "{\"pixelTypes\":[{\"id\":\"p\",\"volts\":5,\"channels\":3,\"pitchPerM\":60,\"milliampsFull\":50,\"railOhmsPerM\":0.06%s}]}";
  private static final String BOX =
      "{\"controllerTypes\":[{\"id\":\"k\",\"ports\":4,\"pixelsPerPortMax\":800,\"universesMax\":8,\"portAmpsMax\":10,\"boardAmpsMax\":30%s}]}";

  private static Stream<Arguments> bad() {
    return Stream.of(
        Arguments.of("", "$"),
        Arguments.of("[]", "$"),
        Arguments.of("{", "line 1"),
        Arguments.of("{\"show\":{}} x", ""),
        Arguments.of("{\"show\":{},\n\"show\":{}}", "line 2"),
        Arguments.of("{\"show\":3}", "$.show"),
        Arguments.of("{\"show\":{\"targetFps\":0}}", "$.show.targetFps"),
        Arguments.of("{\"show\":{\"targetFps\":\"40\"}}", "$.show.targetFps"),
        Arguments.of("{\"show\":{\"targetFps\":null}}", "$.show.targetFps"),
        Arguments.of("{\"show\":{\"targetFps\":1e999}}", "$.show.targetFps"),
        Arguments.of("{\"show\":{\"targetFps\":NaN}}", "line 1"),
        Arguments.of("{\"show\":{\"brightnessPercent\":101}}", "$.show.brightnessPercent"),
        Arguments.of("{\"show\":{\"supplyLoadPercentMax\":0}}", "$.show.supplyLoadPercentMax"),
        Arguments.of("{\"show\":{\"fuseMargin\":0.9}}", "$.show.fuseMargin"),
        Arguments.of("{\"show\":{\"minVoltsPercent\":100.5}}", "$.show.minVoltsPercent"),
        Arguments.of("{\"show\":{\"name\":5}}", "$.show.name"),
        Arguments.of("{\"sites\":{}}", "$.sites"),
        Arguments.of("{\"sites\":[{\"id\":\"a\",\"x\":0}]}", "$.sites[0].y"),
        Arguments.of(
            "{\"sites\":[{\"id\":\"a\",\"x\":0,\"y\":0},{\"id\":\"a\",\"x\":0,\"y\":0}]}",
            "$.sites[1]"),
        Arguments.of("{\"addressing\":{\"protocol\":\"smoke\"}}", "$.addressing.protocol"),
        Arguments.of(
            "{\"addressing\":{\"protocol\":\"artnet\",\"startUniverse\":32768}}",
            "$.addressing.startUniverse"),
        Arguments.of("{\"addressing\":{\"startUniverse\":64000}}", "$.addressing.startUniverse"),
        Arguments.of("{\"addressing\":{\"startUniverse\":1.5}}", "$.addressing.startUniverse"),
        Arguments.of("{\"addressing\":{\"reserved\":[\"9-3\"]}}", "$.addressing.reserved[0]"),
        Arguments.of("{\"addressing\":{\"reserved\":[\"1\",\"x\"]}}", "$.addressing.reserved[1]"),
        Arguments.of("{\"addressing\":{\"reserved\":[4]}}", "$.addressing.reserved[0]"),
        Arguments.of(PIXEL.formatted(",\"channels\":4"), "line 1"),
        Arguments.of(
            PIXEL.formatted("").replace("\"channels\":3", "\"channels\":513"),
            "$.pixelTypes[0].channels"),
        Arguments.of(
            PIXEL.formatted("").replace("\"volts\":5", "\"volts\":-5"), "$.pixelTypes[0].volts"),
        Arguments.of(
            PIXEL.formatted("").replace("\"pitchPerM\":60,", ""), "$.pixelTypes[0].pitchPerM"),
        Arguments.of(PIXEL.formatted(",\"load\":\"heavy\""), "$.pixelTypes[0].load"),
        Arguments.of(PIXEL.formatted(",\"signal\":7"), "$.pixelTypes[0].signal"),
        Arguments.of(PIXEL.formatted(",\"cutEvery\":0"), "$.pixelTypes[0].cutEvery"),
        Arguments.of("{\"pixelTypes\":[5]}", "$.pixelTypes[0]"),
        Arguments.of(BOX.formatted(""), "$.controllerTypes[0].volts"),
        Arguments.of(BOX.formatted(",\"volts\":[]"), "$.controllerTypes[0].volts"),
        Arguments.of(BOX.formatted(",\"volts\":[5,\"12\"]"), "$.controllerTypes[0].volts[1]"),
        Arguments.of(
            BOX.formatted(",\"volts\":[5],\"fuseGroups\":[[1,9]]"),
            "$.controllerTypes[0].fuseGroups[0]"),
        Arguments.of(
            BOX.formatted(",\"volts\":[5],\"fuseGroups\":[[1,2],[2,3]]"),
            "$.controllerTypes[0].fuseGroups[1]"),
        Arguments.of(
            "{\"controllers\":[{\"id\":\"C\",\"type\":\"none\"}]}", "$.controllers[0].type"),
        Arguments.of(
            "{\"supplyTypes\":[{\"id\":\"s\",\"volts\":5,\"watts\":0}]}", "$.supplyTypes[0].watts"),
        Arguments.of(
            "{\"supplyTypes\":[{\"id\":\"s\",\"volts\":5,\"watts\":9,\"efficiency\":1.2}]}",
            "$.supplyTypes[0].efficiency"),
        Arguments.of("{\"wires\":[\"13AWG\"]}", "$.wires[0]"),
        Arguments.of("{\"wires\":[\"spaghetti\"]}", "$.wires[0] \"spaghetti\" is not a wire"),
        Arguments.of(
            "{\"addressing\":{\"protocol\":\"smoke\"}}",
            "$.addressing.protocol \"smoke\" should be"),
        Arguments.of(
            "{\"planning\":{\"goals\":[\"fun\"]}}", "$.planning.goals[0] \"fun\" should be"),
        Arguments.of("{\"wires\":[\"14AWG\",\"14AWG\"]}", "$.wires[1]"),
        Arguments.of(
            "{\"circuits\":[{\"id\":\"A\",\"breakerAmps\":0}]}", "$.circuits[0].breakerAmps"),
        Arguments.of("{\"power\":{\"school\":\"by heart\"}}", "$.power.school"),
        Arguments.of("{\"power\":{\"everyPixels\":0}}", "$.power.everyPixels"),
        Arguments.of("{\"conductors\":{\"celsius\":900}}", "$.conductors.celsius"),
        Arguments.of("{\"conductors\":{\"inputWires\":0}}", "$.conductors.inputWires"),
        Arguments.of("{\"conductors\":{\"inputWire\":\"string\"}}", "$.conductors.inputWire"),
        Arguments.of("{\"conductors\":{\"jumperWire\":\"string\"}}", "$.conductors.jumperWire"),
        Arguments.of("{\"conductors\":{\"jumperWire\":\"28AWG\"}}", "$.conductors.jumperWire"),
        Arguments.of(
            "{\"conductors\":{\"trims\":[{\"volts\":5,\"to\":9}]}}", "$.conductors.trims[0].to"),
        Arguments.of("{\"a\":".repeat(3000), ""));
  }

  @ParameterizedTest
  @MethodSource("bad")
  void badInputIsOneSentenceThatSaysWhere(String text, String where) {
    BadInputException e = catchThrowableOfType(BadInputException.class, () -> read(text));
    assertThat(e).as(text.substring(0, Math.min(80, text.length()))).isNotNull();
    assertThat(e.getMessage())
        .startsWith("S.json: ")
        .contains(where)
        .doesNotContain("\n")
        .hasSizeLessThanOrEqualTo(600);
  }

  private static Show read(String text) throws BadInputException {
    return SettingsReader.read(JsonFields.parse(Path.of("S.json"), text));
  }

  @Test
  void everythingIsOptionalAndUnknownKeysAreRemembered() throws BadInputException {
    Show show =
        read(
            "{\"shwo\":{},\"show\":{\"colour\":1},\"circuits\":[{\"id\":\"A\",\"breakerAmps\":16,\"note\":\"x\"}]}");
    assertThat(show.leftovers().strays().stream().map(s -> s.where()))
        .containsExactlyInAnyOrder("$.shwo", "$.show.colour", "$.circuits[0].note");
    assertThat(show.controllers()).isEmpty();
    assertThat(show.catalogue().pixelTypes()).isNotEmpty();
  }
}
