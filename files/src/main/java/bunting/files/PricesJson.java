package bunting.files;

import bunting.core.limits.Range;
import bunting.core.show.Attach;
import bunting.core.show.PriceList;
import java.io.IOException;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** SETTINGS.json: {@code prices}, what building costs. What is missing keeps its default. */
final class PricesJson {
  private static final String DATA = "data";

  private PricesJson() {}

  /**
   * What was read.
   *
   * @param list before a show said it here, {@code boxExtra} stood among the ways of planning
   */
  record Read(String currency, PriceList list, boolean saysBoxExtra) {}

  static Read read(JsonFields in) throws BadInputException {
    PriceList d = PriceList.DEFAULT;
    Optional<JsonFields> found = in.object("prices");
    if (found.isEmpty()) {
      return new Read("", d, false);
    }
    JsonFields f = found.get();
    String currency = f.text("currency", "", Range.CURRENCY_MAX);
    boolean boxExtra = f.has("boxExtra");
    Map<String, Double> wires = new TreeMap<>();
    double data = wires(f, d, wires);
    PriceList list =
        new PriceList(
            f.number("boxExtra", Range.MONEY, d.boxExtra()),
            f.number("distributionWay", Range.MONEY, d.distributionWay()),
            f.number("groupApart", Range.MONEY, d.groupApart()),
            f.number("minuteRate", Range.MONEY, d.minuteRate()),
            minutes(f),
            wires,
            data);
    f.done();
    return new Read(currency, list, boxExtra);
  }

  private static Map<Attach, Double> minutes(JsonFields in) throws BadInputException {
    Map<Attach, Double> minutes = new EnumMap<>(Attach.class);
    Optional<JsonFields> found = in.object("minutes");
    if (found.isPresent()) {
      for (Attach a : Attach.values()) {
        if (a != Attach.PORT) {
          minutes.put(a, found.get().number(a.id(), Range.MINUTES, a.usualMinutes()));
        }
      }
      found.get().done();
    }
    return minutes;
  }

  /** Fills in the prices of wires; returns that of a metre of data lead. */
  private static double wires(JsonFields in, PriceList d, Map<String, Double> prices)
      throws BadInputException {
    Optional<JsonFields> found = in.object("wirePerM");
    if (found.isEmpty()) {
      return d.dataPerM();
    }
    JsonFields f = found.get();
    for (String id : PriceList.pricedWires()) {
      if (f.has(id)) {
        prices.put(id, f.number(id, Range.MONEY));
      }
    }
    double data = f.number(DATA, Range.MONEY, d.dataPerM());
    f.done();
    return data;
  }

  static void write(Json json, String currency, PriceList p) throws IOException {
    boolean usual = p.equals(PriceList.DEFAULT);
    if (usual && currency.isEmpty()) {
      return;
    }
    json.object(
        "prices",
        j -> {
          if (!currency.isEmpty()) {
            j.put("currency", currency);
          }
          if (usual) {
            return;
          }
          j.put("boxExtra", p.boxExtra())
              .put("distributionWay", p.distributionWay())
              .put("groupApart", p.groupApart())
              .put("minuteRate", p.minuteRate());
          j.object(
              "minutes",
              m -> {
                for (Attach a : Attach.values()) {
                  if (a != Attach.PORT) {
                    m.put(a.id(), p.minutesFor(a));
                  }
                }
              });
          j.object(
              "wirePerM",
              w -> {
                for (Map.Entry<String, Double> e : p.wirePerM().entrySet()) {
                  w.put(e.getKey(), e.getValue());
                }
                w.put(DATA, p.dataPerM());
              });
        });
  }
}
