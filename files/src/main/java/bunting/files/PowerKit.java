package bunting.files;

import bunting.core.assess.Distribution;
import bunting.core.assess.FeedReading;
import bunting.core.assess.Joints;
import bunting.core.assess.PowerCable;
import bunting.core.assess.Reading;
import bunting.core.assess.Tails;
import bunting.core.explain.PowerExplanations;
import bunting.core.hookup.Cords;
import bunting.core.plan.Assessment;
import bunting.core.show.Input;
import bunting.core.show.OtherDecisions;
import bunting.core.show.Texts;
import bunting.core.show.Wire;
import bunting.core.units.Lengths;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * What is to be bought and carried for power: fuses with spares, power cable by size, supplies,
 * blocks, tails, joints.
 */
final class PowerKit {
  /** A fifth more, and two at least (common practice, no source). */
  private static final double SPARE_SHARE = 0.2;

  private static final int SPARES_LEAST = 2;

  /** Cable is cut with some loss: a tenth more (common practice, no source). */
  private static final double CABLE_MORE = 1.1;

  private PowerKit() {}

  static byte[] csv(Assessment plan) {
    List<List<String>> table = new ArrayList<>();
    table.add(List.of("kind", "size", "planned", "with_spares", "unit"));
    rows(plan.reading()).forEach(r -> table.add(List.of(r)));
    return Csv.table(table);
  }

  static String html(Assessment plan) {
    StringBuilder body = new StringBuilder();
    body.append("<h1>Power kit</h1><p>")
        .append(Html.text(plan.reading().show().settings().name()))
        .append(
            "</p><p class=\"caution\">A fuse protects the wire behind it: never put a larger one in"
                + " than is listed for its feed. Switch off before any fuse or plug is"
                + " moved.</p><table><thead>")
        .append(Html.row("th", "Kind", "Size", "Planned", "With spares", "Unit"))
        .append("</thead><tbody>");
    rows(plan.reading()).forEach(r -> body.append(Html.row("td", r)));
    return Html.document("Power kit", body.append("</tbody></table>").toString());
  }

  private static List<String[]> rows(Reading reading) {
    List<String[]> rows = new ArrayList<>();
    fuses(reading)
        .forEach(
            (amps, count) -> {
              int spares = (int) Math.max(SPARES_LEAST, Math.ceil(SPARE_SHARE * count));
              rows.add(
                  new String[] {
                    "blade fuse",
                    Texts.number(amps) + " A",
                    "" + count,
                    "" + (count + spares),
                    "pieces"
                  });
            });
    Lengths lengths = Lengths.of(reading.show());
    Map<String, Wire> wires = reading.show().catalogue().wiresById();
    cable(reading)
        .forEach(
            (key, metres) ->
                rows.add(
                    new String[] {
                      key.kind(),
                      PowerExplanations.sizes(wires.get(key.wire())),
                      lengths.bare(metres, 1),
                      lengths.bare(
                          lengths.feet() ? CABLE_MORE * metres : Math.ceil(CABLE_MORE * metres), 0),
                      lengths.head()
                    }));
    Map<String, Integer> supplies = new TreeMap<>();
    reading.supplies().forEach(s -> supplies.merge(s.type().id(), 1, Integer::sum));
    supplies.forEach(
        (type, count) -> rows.add(new String[] {"supply", type, "" + count, "" + count, "pieces"}));
    cords(reading, lengths, rows);
    Map<String, Integer> blocks = new TreeMap<>();
    Distribution.of(reading).blocks().forEach(b -> blocks.merge(b.type().name(), 1, Integer::sum));
    blocks.forEach(
        (name, count) ->
            rows.add(new String[] {"distribution block", name, "" + count, "" + count, "pieces"}));
    Tails.all(reading).entrySet().stream()
        .sorted(Comparator.comparing(e -> e.getKey().id()))
        .forEach(
            e -> {
              int spares = spares(e.getValue());
              String size = e.getKey().wire().id() + ", " + lengths.rough(e.getKey().lengthM());
              rows.add(
                  new String[] {
                    "tail onto a strip's pads",
                    size,
                    "" + e.getValue(),
                    "" + (e.getValue() + spares),
                    "pieces"
                  });
            });
    Joints.all(reading).entrySet().stream()
        .sorted(Comparator.comparing(e -> e.getKey().id()))
        .forEach(
            e ->
                rows.add(
                    new String[] {
                      e.getKey().name(),
                      Texts.number(e.getKey().ampsMax()) + " A",
                      "" + e.getValue(),
                      "" + (e.getValue() + spares(e.getValue())),
                      "pieces"
                    }));
    return rows;
  }

  /** Cords from the outlets, which supplies come without, and a plug and a socket for each. */
  private static void cords(Reading reading, Lengths lengths, List<String[]> rows) {
    Map<String, Double> metres = new TreeMap<>();
    Map<String, Integer> count = new TreeMap<>();
    for (Cords.Cord c : Cords.of(reading)) {
      metres.merge(c.wire().id(), c.lengthM().orElse(0), Double::sum);
      count.merge(c.wire().id(), 1, Integer::sum);
    }
    metres.forEach(
        (wire, m) ->
            rows.add(
                new String[] {
                  "mains cord, outdoors, with earth",
                  wire,
                  lengths.bare(m, 1),
                  lengths.bare(lengths.feet() ? CABLE_MORE * m : Math.ceil(CABLE_MORE * m), 0),
                  lengths.head()
                }));
    count.forEach(
        (wire, n) ->
            rows.add(
                new String[] {
                  "plug and socket for the weather", "for " + wire, "" + n, "" + n, "pairs"
                }));
  }

  private static int spares(int planned) {
    return (int) Math.max(SPARES_LEAST, Math.ceil(SPARE_SHARE * planned));
  }

  /** Fuses of feeds, one in each input wire, one in each set's lead. */
  private static Map<Double, Integer> fuses(Reading reading) {
    Map<Double, Integer> fuses = new TreeMap<>();
    Set<String> seen = new TreeSet<>();
    for (FeedReading f : reading.feeds()) {
      if (seen.add(f.feed().fuse())) {
        fuses.merge(f.feed().fuseAmps(), 1, Integer::sum);
      }
    }
    for (Input input : reading.decisions().inputs()) {
      fuses.merge(input.fuseAmps(), input.wires(), Integer::sum);
    }
    for (OtherDecisions.Output output : reading.decisions().others().outputs()) {
      fuses.merge(output.fuseAmps(), 1, Integer::sum);
    }
    return fuses;
  }

  /** A reel: what it is for and its wire. */
  private record Reel(String kind, String wire) {}

  private static Map<Reel, Double> cable(Reading reading) {
    Map<Reel, Double> metres =
        new TreeMap<>(Comparator.comparing(Reel::kind).thenComparing(Reel::wire));
    for (PowerCable c : PowerCable.of(reading)) {
      metres.merge(new Reel(kind(c), c.wire()), c.metres(), Double::sum);
    }
    return metres;
  }

  private static String kind(PowerCable cable) {
    return switch (cable.use()) {
      case FEED, TRUNK, LEAD -> "power cable, two conductors";
      case INPUT -> "supply to board, two conductors";
      case SET -> "lead of a plain set, " + cable.conductors() + " conductors";
    };
  }
}
