package bunting.core.show;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What is known of copper, joints and the way from the supplies to the boards. The defaults add
 * nothing: copper at 20 degC, joints and fuses without resistance, supplies at their nominal volts.
 *
 * @param celsius working temperature of the copper, rails and cables alike
 * @param fuseMilliohms of one fuse with its holder
 * @param connectorMilliohms of one contact; each cable has one in either conductor
 * @param boardMilliohms of a board's own path from its terminals to a port, both ways together
 * @param inputM length of a board's input cable from its supply, metres; 0: not known, and taken to
 *     have no resistance
 * @param inputWires equal pairs of that cable side by side where the builder chose its size, at
 *     least 1
 * @param inputWire the size that the builder chose; empty: size and number are the planner's
 * @param brainOnBank whether a board's own electronics hang on the supply that its pixels share
 * @param trims volts that supplies are trimmed to, by their nominal volts
 * @param jumper the wire of the jumpers inside a run, at bends of a strip and between the strands
 *     of its course; one that may be fused
 */
public record Conductors(
    double celsius,
    double fuseMilliohms,
    double connectorMilliohms,
    double boardMilliohms,
    double inputM,
    int inputWires,
    Optional<String> inputWire,
    boolean brainOnBank,
    Map<Double, Double> trims,
    Wire jumper) {
  /** What jumpers are made of where nobody says otherwise (common practice). */
  public static final Wire JUMPER = Wire.parse("20AWG").orElseThrow();

  /** Nothing known. */
  public static final Conductors PLAIN =
      new Conductors(20, 0, 0, 0, 0, 1, Optional.empty(), true, Map.of(), JUMPER);

  /**
   * What a careful builder reckons with: copper at 40 degC, a fuse with its holder of 5 mohm, 3
   * mohm in each contact, 10 mohm through the board (common practice, no source).
   */
  public static final Conductors USUAL =
      new Conductors(40, 5, 3, 10, 0, 1, Optional.empty(), true, Map.of(), JUMPER);

  /** Copper grows by this share of its resistance at 20 degC for each kelvin (IEC 60028). */
  private static final double PER_KELVIN = 0.00393;

  private static final double REFERENCE_CELSIUS = 20;

  public Conductors {
    trims = java.util.Collections.unmodifiableMap(new TreeMap<>(trims));
  }

  /** Resistance of copper as a share of that at 20 degC. */
  public double warmth() {
    return 1 + PER_KELVIN * (celsius - REFERENCE_CELSIUS);
  }

  /** What a supply of these nominal volts really holds. */
  public double supplyVolts(double nominal) {
    return trims.getOrDefault(nominal, nominal);
  }

  /** Resistance of a feed with its fuse and contacts, and the board's path if it goes there. */
  public PairOhms feedOhms(Wire wire, double metres, boolean viaPort) {
    double milliohms = 2 * connectorMilliohms + (viaPort ? boardMilliohms : 0);
    return PairOhms.even(wire.loopOhms(metres) * warmth() + milliohms / 1000)
        .withFuse(fuseMilliohms / 1000);
  }

  /** Loop resistance of a lead that carries power from segment to segment. */
  public double leadOhms(Wire wire, double metres) {
    return wire.loopOhms(metres) * warmth() + 2 * connectorMilliohms / 1000;
  }

  /** Loop resistance of a jumper, which is soldered at both ends. */
  public double jumperOhms(double metres) {
    return jumper.loopOhms(metres) * warmth();
  }

  /**
   * Resistance of a board's input: so many equal pairs of a wire side by side, a fuse in each. An
   * input of no known length is taken to have none.
   */
  public PairOhms inputOhms(Wire wire, int pairs) {
    return inputM == 0
        ? PairOhms.NONE
        : PairOhms.even(wire.loopOhms(inputM) * warmth())
            .withFuse(fuseMilliohms / 1000)
            .times(1.0 / pairs);
  }

  /**
   * Volts that a plain set's lead loses: V+ carries all of its amps, the return of each colour that
   * colour's, a fuse and a contact in either way.
   *
   * @param amps of the set
   * @param outputAmps of one colour
   */
  public double setDropVolts(Wire wire, double metres, double amps, double outputAmps) {
    double way = wire.ohmsPerM() * metres * warmth() + connectorMilliohms / 1000;
    return (amps + outputAmps) * way + amps * fuseMilliohms / 1000;
  }

  /** The same with supplies of these nominal volts trimmed. */
  public Conductors withTrim(double nominal, double volts) {
    Map<Double, Double> next = new TreeMap<>(trims);
    if (nominal == volts) {
      next.remove(nominal);
    } else {
      next.put(nominal, volts);
    }
    return new Conductors(
        celsius,
        fuseMilliohms,
        connectorMilliohms,
        boardMilliohms,
        inputM,
        inputWires,
        inputWire,
        brainOnBank,
        next,
        jumper);
  }

  /** The same with another temperature, other joints and another length of the boards' input. */
  public Conductors with(
      double warmCelsius, double fuse, double contact, double board, double inputMetres) {
    return new Conductors(
        warmCelsius,
        fuse,
        contact,
        board,
        inputMetres,
        inputWires,
        inputWire,
        brainOnBank,
        trims,
        jumper);
  }

  /** The same with so many wires of a size to each board; empty: not known. */
  public Conductors withInput(int wires, Optional<String> size) {
    return new Conductors(
        celsius,
        fuseMilliohms,
        connectorMilliohms,
        boardMilliohms,
        inputM,
        wires,
        size,
        brainOnBank,
        trims,
        jumper);
  }

  /** The same with boards on their pixels' supply, or on small ones of their own. */
  public Conductors withBrainOnBank(boolean on) {
    return new Conductors(
        celsius,
        fuseMilliohms,
        connectorMilliohms,
        boardMilliohms,
        inputM,
        inputWires,
        inputWire,
        on,
        trims,
        jumper);
  }

  /** The same with jumpers of another wire. */
  public Conductors withJumper(Wire other) {
    return new Conductors(
        celsius,
        fuseMilliohms,
        connectorMilliohms,
        boardMilliohms,
        inputM,
        inputWires,
        inputWire,
        brainOnBank,
        trims,
        other);
  }
}
