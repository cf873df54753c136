package bunting.files;

import bunting.core.show.PixelType;
import bunting.core.show.Show;
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

  static Workshop read(JsonFields in, Show bare) throws BadInputException {
    JsonFields f = in.object("workshop").orElse(null);
    if (f == null) {
      return Workshop.EMPTY;
    }
    Map<String, PixelType> types = bare.catalogue().pixelTypesById();
    List<Workshop.Pack> packs = new ArrayList<>();
    f.list(
        "packs",
        p -> {
          packs.add(
              new Workshop.Pack(
                  type(p, types),
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
                  type(p, types),
                  p.whole("pixels", Range.between(1, 1_000_000)),
                  p.whole("count", Range.between(0, 100_000), 1)));
          return rests.size();
        },
        String::valueOf);
    Map<String, Double> spares = new TreeMap<>();
    f.list(
            "spares",
            p -> new Spare(type(p, types), p.number("percent", Range.between(0, 1000))),
            Spare::type)
        .orElse(List.of())
        .forEach(s -> spares.put(s.type(), s.percent()));
    f.done();
    return new Workshop(packs, rests, spares);
  }

  private static String type(JsonFields f, Map<String, PixelType> types) throws BadInputException {
    String id = f.text("type");
    if (!types.containsKey(id)) {
      throw f.wrong("type", "should be the id of a pixel type of this show.");
    }
    return id;
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
