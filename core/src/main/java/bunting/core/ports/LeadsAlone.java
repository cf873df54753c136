package bunting.core.ports;

import bunting.core.show.Show;
import bunting.core.survey.Geometry;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Boxes as if each piece had a data lead and no other cable: where nobody asks about power. */
final class LeadsAlone implements PlanPrice {
  private final Show show;
  private final SupplyPrice supplies;

  LeadsAlone(Show show) {
    this.show = show;
    this.supplies = new SupplyPrice(show);
  }

  @Override
  public Wired wire(BoxLoad box) {
    double metres = 0;
    Map<Double, List<Double>> watts = new TreeMap<>();
    for (PortLoad port : box.ports()) {
      for (Piece p : port.pieces()) {
        metres += Geometry.boxToPixel(box.controller().at(), p.run(), p.type(), p.first());
        double own =
            p.pixels() * p.type().amps(show.settings().brightnessPercent()) * p.type().volts();
        List<Double> one =
            watts.computeIfAbsent(p.type().volts(), k -> new ArrayList<>(List.of(0.0)));
        one.set(0, one.getFirst() + own);
      }
    }
    double perM = show.allotting().planning().prices().dataPerM();
    return new Wired(box.controller().at(), metres * perM, metres, 0, 0, 0, watts);
  }

  @Override
  public double supplies(List<Wired> boxes) {
    Map<String, List<Double>> places = new TreeMap<>();
    Map<String, Double> volts = new TreeMap<>();
    for (Wired w : boxes) {
      w.watts()
          .forEach(
              (v, list) -> {
                String key = w.at() + " " + v;
                volts.put(key, v);
                places.computeIfAbsent(key, k -> new ArrayList<>()).addAll(list);
              });
    }
    double sum = 0;
    for (Map.Entry<String, List<Double>> e : places.entrySet()) {
      double watts = e.getValue().stream().mapToDouble(d -> d).sum();
      sum += watts <= 0 ? 0 : supplies.least(volts.get(e.getKey()), watts);
    }
    return sum;
  }
}
