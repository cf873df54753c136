package bunting.files;

import bunting.core.limits.Range;
import bunting.core.show.Workshop;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Packs, rests and spares of a show file. */
final class WorkshopJson {
  private record Spare(String type, double percent) {}

  private WorkshopJson() {}

  static Workshop read(JsonFields in) throws BadInputException {
    JsonFields f = in.object("workshop").orElse(null);
    if (f == null) {
      return Workshop.EMPTY;
    }
    List<Workshop.Pack> packs = new ArrayList<>();
    f.list(
        "packs",
        p -> {
          packs.add(
              new Workshop.Pack(
                  p.text("type"),
                  p.whole("pixels", Range.between(1, 1_000_000)),
                  p.number("cost", Range.atLeast(0), 0)));
          return packs.size();
        },
        String::valueOf);
    List<Workshop.Rest> rests = new ArrayList<>();
    f.list(
        "rests",
        p -> {
          rests.add(
              new Workshop.Rest(
                  p.text("type"),
                  p.whole("pixels", Range.between(1, 1_000_000)),
                  p.whole("count", Range.between(0, 100_000), 1)));
          return rests.size();
        },
        String::valueOf);
    Map<String, Double> spares = new TreeMap<>();
    f.list(
            "spares",
            p -> new Spare(p.text("type"), p.number("percent", Range.SPARE_PERCENT)),
            Spare::type)
        .orElse(List.of())
        .forEach(s -> spares.put(s.type(), s.percent()));
    f.done();
    return new Workshop(packs, rests, spares);
  }

  static void write(Json json, Workshop shop) throws IOException {
    if (shop.equals(Workshop.EMPTY)) {
      return;
    }
    json.object(
        "workshop",
        w -> {
          w.list(
              "packs",
              shop.packs(),
              (j, p) ->
                  j.put("type", p.pixelType()).put("pixels", p.pixels()).put("cost", p.cost()));
          w.list(
              "rests",
              shop.rests(),
              (j, r) ->
                  j.put("type", r.pixelType()).put("pixels", r.pixels()).put("count", r.count()));
          w.list(
              "spares",
              shop.sparePercent().entrySet(),
              (j, e) -> j.put("type", e.getKey()).put("percent", e.getValue()));
        });
  }
}
