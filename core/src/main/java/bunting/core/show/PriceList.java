package bunting.core.show;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;

/**
 * What building costs besides the prices of the catalogue, in the builder's money and minutes.
 *
 * @param boxExtra what each box that is bought costs besides itself: enclosure, network lead,
 *     switch port
 * @param distributionWay one fused way of a distribution block
 * @param groupApart what it is worth to keep a group on one box: each box beyond the first counts
 *     this much
 * @param minuteRate price of a minute of work
 * @param minutes of work to join a feed on, by where; all places are there
 * @param wirePerM price of a metre of cable by the id of its wire, as far as that was said
 * @param dataPerM price of a metre of lead that carries data alone
 */
public record PriceList(
    double boxExtra,
    double distributionWay,
    double groupApart,
    double minuteRate,
    Map<Attach, Double> minutes,
    Map<String, Double> wirePerM,
    double dataPerM) {
  /**
   * Prices of a pair of conductors by its size (our reckoning, of the shipped catalogue's kind).
   */
  private static final Map<String, Double> USUAL_WIRES =
      Map.ofEntries(
          Map.entry("22AWG", 0.4),
          Map.entry("20AWG", 0.5),
          Map.entry("18AWG", 0.7),
          Map.entry("16AWG", 1.0),
          Map.entry("14AWG", 1.4),
          Map.entry("12AWG", 2.1),
          Map.entry("10AWG", 3.2),
          Map.entry("0.5mm2", 0.5),
          Map.entry("0.75mm2", 0.7),
          Map.entry("1.0mm2", 0.9),
          Map.entry("1.5mm2", 1.2),
          Map.entry("2.5mm2", 1.8),
          Map.entry("4.0mm2", 2.8),
          Map.entry("6.0mm2", 4.0));

  /** The usual prices. */
  public static final PriceList DEFAULT =
      new PriceList(50, 4, 25, 0.5, usualMinutes(), Map.of(), 0.4);

  public PriceList {
    Map<Attach, Double> all = usualMinutes();
    all.putAll(minutes);
    minutes = Collections.unmodifiableMap(all);
    wirePerM = Collections.unmodifiableMap(new TreeMap<>(wirePerM));
  }

  private static Map<Attach, Double> usualMinutes() {
    Map<Attach, Double> map = new EnumMap<>(Attach.class);
    for (Attach a : Attach.values()) {
      map.put(a, a.usualMinutes());
    }
    return map;
  }

  /** The sizes that have a price, whether the builder's or the usual one. */
  public static List<String> pricedWires() {
    return USUAL_WIRES.keySet().stream().sorted().toList();
  }

  /** Price of a metre; a size without one costs what the next thicker one of the list does. */
  public double perM(Wire wire) {
    Double own = wirePerM.get(wire.id());
    if (own == null && wire.id().equals("1mm2")) {
      own = wirePerM.get("1.0mm2");
    }
    return own != null ? own : usual(wire);
  }

  private static double usual(Wire wire) {
    Double known = USUAL_WIRES.get(wire.id());
    if (known != null) {
      return known;
    }
    Wire next = null;
    Wire thickest = wire;
    for (String id : pricedWires()) {
      Wire one = Wire.parse(id).orElseThrow();
      boolean bears = one.copperMm2() >= wire.copperMm2() - 1e-9;
      next = bears && (next == null || one.copperMm2() < next.copperMm2()) ? one : next;
      thickest = one.copperMm2() > thickest.copperMm2() ? one : thickest;
    }
    return next != null
        ? USUAL_WIRES.get(next.id())
        : USUAL_WIRES.get("6.0mm2")
            * wire.copperMm2()
            / Wire.parse("6.0mm2").orElseThrow().copperMm2();
  }

  /** Price of the work to join a feed on. */
  public double joining(Attach at) {
    return at == Attach.PORT ? 0 : minutesFor(at) * minuteRate;
  }

  /** Minutes of work to join a feed on; the port's own lead takes none. */
  public double minutesFor(Attach at) {
    return at == Attach.PORT ? 0 : minutes.getOrDefault(at, at.usualMinutes());
  }

  /** The same with another price of one metre of a wire. */
  public PriceList withWire(String wire, double perM) {
    Map<String, Double> next = new TreeMap<>(wirePerM);
    next.put(wire, perM);
    return new PriceList(
        boxExtra, distributionWay, groupApart, minuteRate, minutes, next, dataPerM);
  }

  /**
   * The same with more on top: a metre of each wire, a fused way, a metre of lead for data.
   *
   * @param wires that a metre is to cost more of
   */
  PriceList heavier(
      List<Wire> wires, ToDoubleFunction<Wire> morePerM, double moreWay, double moreData) {
    Map<String, Double> next = new TreeMap<>(wirePerM);
    wires.forEach(w -> next.put(w.id(), perM(w) + morePerM.applyAsDouble(w)));
    return new PriceList(
        boxExtra,
        distributionWay + moreWay,
        groupApart,
        minuteRate,
        minutes,
        next,
        dataPerM + moreData);
  }

  /** The same with another price for a group torn apart. */
  public PriceList withGroupApart(double price) {
    return new PriceList(boxExtra, distributionWay, price, minuteRate, minutes, wirePerM, dataPerM);
  }

  /** The same with another price of a box's surroundings. */
  public PriceList withBoxExtra(double price) {
    return new PriceList(
        price, distributionWay, groupApart, minuteRate, minutes, wirePerM, dataPerM);
  }

  /** The same with another price of a minute. */
  public PriceList withMinuteRate(double price) {
    return new PriceList(boxExtra, distributionWay, groupApart, price, minutes, wirePerM, dataPerM);
  }
}
