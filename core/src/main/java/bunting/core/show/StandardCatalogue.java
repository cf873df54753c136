package bunting.core.show;

import java.util.List;
import java.util.stream.Stream;

/**
 * The built-in catalogue: generic kinds, named by what can be seen and measured. Currents and
 * pitches are common practice; rail resistances are those of 35-70 um copper some 3-5 mm wide, or
 * of 20-18 AWG string wire, from memory. Measure one and put your own figure in its place.
 */
public final class StandardCatalogue {
  private static final Catalogue CATALOGUE =
      new Catalogue(pixelTypes(), controllerTypes(), supplyTypes(), wires());

  private StandardCatalogue() {}

  /** The catalogue that stands in where the settings give none. */
  public static Catalogue get() {
    return CATALOGUE;
  }

  private static PixelType pixel(
      String id,
      String name,
      double volts,
      String order,
      double pitch,
      int cut,
      double full,
      LoadKind load,
      double railOhms) {
    return new PixelType(
        id,
        name,
        volts,
        order.length(),
        order,
        8,
        Signal.ONE_WIRE_800K,
        pitch,
        cut,
        full,
        1,
        load,
        railOhms);
  }

  private static List<PixelType> pixelTypes() {
    LoadKind plain = LoadKind.CONSTANT_CURRENT;
    return List.of(
        pixel("5v-strip-30", "5 V strip, 30/m, RGB", 5, "GRB", 30, 1, 50, plain, 0.06),
        pixel("5v-strip-60", "5 V strip, 60/m, RGB", 5, "GRB", 60, 1, 50, plain, 0.06),
        pixel("5v-strip-60-rgbw", "5 V strip, 60/m, RGBW", 5, "GRBW", 60, 1, 70, plain, 0.06),
        pixel("5v-string-10", "5 V string, 10/m, RGB", 5, "RGB", 10, 1, 50, plain, 0.033),
        pixel(
            "12v-strip-20",
            "12 V strip, 20 pixels/m of 3 LEDs, RGB",
            12,
            "GRB",
            20,
            1,
            36,
            plain,
            0.06),
        pixel("12v-strip-60", "12 V strip, 60/m, RGB", 12, "GRB", 60, 1, 12, plain, 0.06),
        pixel(
            "12v-string-10",
            "12 V string, 10/m, RGB, resistors",
            12,
            "RGB",
            10,
            1,
            30,
            LoadKind.RESISTIVE,
            0.033),
        pixel(
            "12v-string-10-reg",
            "12 V string, 10/m, RGB, regulated",
            12,
            "RGB",
            10,
            1,
            20,
            LoadKind.CONSTANT_POWER,
            0.033),
        pixel("12v-strip-60-rgbw", "12 V strip, 60/m, RGBW", 12, "GRBW", 60, 1, 18, plain, 0.06),
        pixel(
            "24v-strip-60-rgbw",
            "24 V strip, 60/m, RGBW, cut every 6",
            24,
            "GRBW",
            60,
            6,
            10,
            plain,
            0.06),
        pixel(
            "24v-string-8-reg",
            "24 V string, 8/m, RGB, regulated",
            24,
            "RGB",
            8,
            1,
            14,
            LoadKind.CONSTANT_POWER,
            0.033));
  }

  /** Pluggable terminals take 12 AWG with a ferrule, and nothing thicker (common practice). */
  private static final double TERMINAL_MM2 = 3.3;

  private static List<ControllerType> controllerTypes() {
    List<Double> low = List.of(5.0, 12.0, 24.0);
    List<List<Integer>> none = List.of();
    return Stream.of(
            new ControllerType(
                "box-2", "2 ports, own fuses", 2, 600, 10, low, 10, 20, none, 10, 45),
            new ControllerType(
                "box-4",
                "4 ports, fuses shared by two",
                4,
                800,
                20,
                low,
                8,
                25,
                List.of(List.of(1, 2), List.of(3, 4)),
                15,
                60),
            new ControllerType(
                "box-8", "8 ports, own fuses", 8, 1000, 50, low, 10, 50, none, 10, 130),
            new ControllerType(
                "box-16", "16 ports, own fuses", 16, 1000, 100, low, 10, 60, none, 10, 220),
            new ControllerType(
                "data-16", "16 ports, data alone", 16, 1000, 100, low, 0, 0, none, 0, 190),
            new ControllerType(
                "box-8-high",
                "8 ports, 36 and 48 V, own fuses",
                8,
                1000,
                40,
                List.of(36.0, 48.0),
                6,
                40,
                none,
                7.5,
                170))
        .map(t -> t.portAmpsMax() > 0 ? t.withTerminals(TERMINAL_MM2) : t)
        .toList();
  }

  private static List<SupplyType> supplyTypes() {
    return List.of(
        new SupplyType("5v-150", 5, 150, 0.85, 0.9, 22),
        new SupplyType("5v-350", 5, 350, 0.86, 0.95, 40),
        new SupplyType("12v-150", 12, 150, 0.87, 0.9, 22),
        new SupplyType("12v-350", 12, 350, 0.88, 0.95, 40),
        new SupplyType("12v-600", 12, 600, 0.89, 0.95, 75),
        new SupplyType("24v-150", 24, 150, 0.88, 0.9, 24),
        new SupplyType("24v-350", 24, 350, 0.89, 0.95, 42),
        new SupplyType("24v-600", 24, 600, 0.9, 0.95, 78),
        new SupplyType("36v-350", 36, 350, 0.9, 0.95, 48),
        new SupplyType("48v-350", 48, 350, 0.9, 0.95, 48),
        new SupplyType("48v-600", 48, 600, 0.91, 0.95, 84));
  }

  /**
   * Boards as they are sold: outputs of 3 to 6 A, and a terminal that bears less than their sum.
   */
  static List<DimmerType> dimmerTypes() {
    List<Double> low = List.of(5.0, 12.0, 24.0);
    return List.of(
        new DimmerType("pwm-4", "4 PWM outputs", 4, low, 6, 16, 25),
        new DimmerType("pwm-12", "12 PWM outputs", 12, low, 5, 20, 45),
        new DimmerType("pwm-24", "24 PWM outputs", 24, low, 3, 20, 70));
  }

  /** A driver near the first pixel, or a pair that goes tens of metres: common practice. */
  static List<LeadHelper> leadHelpers() {
    return List.of(
        new LeadHelper("buffer", "buffer near the first pixel", 12, 3),
        new LeadHelper("pair", "differential pair, sender and receiver", 60, 16));
  }

  /** Blocks as they are sold by the number of ways: figures of our own. */
  static List<DistributionBlock> blocks() {
    return List.of(
        new DistributionBlock("block-4", "4 fused ways", 4, 10, 30, 3.3, 14),
        new DistributionBlock("block-8", "8 fused ways", 8, 15, 60, 5.3, 26),
        new DistributionBlock("block-12", "12 fused ways, bolted", 12, 30, 100, 6, 44));
  }

  /** Tails as strips are sold with: common practice. */
  static List<Tail> tails() {
    return List.of(
        new Tail("tail-20", Wire.parse("20AWG").orElseThrow(), 0.2, 0.6),
        new Tail("tail-18", Wire.parse("18AWG").orElseThrow(), 0.2, 0.8));
  }

  /** Tees as packs are sold with, small and heavy: figures of our own. */
  static List<Joint> joints() {
    return List.of(
        new Joint("tee-4", "tee between packs", 4, 1.2),
        new Joint("tee-10", "heavy tee between packs", 10, 2.8));
  }

  private static List<Wire> wires() {
    return Stream.of("22AWG", "20AWG", "18AWG", "16AWG", "14AWG", "12AWG", "10AWG")
        .map(id -> Wire.parse(id).orElseThrow())
        .toList();
  }
}
