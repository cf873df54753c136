package bunting.files;

import bunting.core.limits.Range;
import bunting.core.show.Workshop;
import bunting.core.show.edit.Names;
import bunting.files.codec.Field;
import bunting.files.codec.Kind;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;

/** Packs, rests and spares of a show file. */
final class WorkshopJson {
  private record Spare(String type, double percent) {}

  private static final Field<Workshop.Pack, String> PACK_TYPE = type(Workshop.Pack::pixelType);
  private static final Field<Workshop.Pack, Integer> PACK_PIXELS =
      pixels("in one unbroken piece", Workshop.Pack::pixels);
  private static final Field<Workshop.Pack, Double> COST =
      Field.each("cost", "of one", Kind.number(Range.MONEY), Workshop.Pack::cost).usually(0.0);

  /** What can be bought. */
  static final Shape<Workshop.Pack> PACKS =
      new Shape<>(
          List.of(PACK_TYPE, PACK_PIXELS, COST),
          v -> new Workshop.Pack(v.of(PACK_TYPE), v.of(PACK_PIXELS), v.of(COST)));

  private static final Field<Workshop.Rest, String> REST_TYPE = type(Workshop.Rest::pixelType);
  private static final Field<Workshop.Rest, Integer> REST_PIXELS =
      pixels("of each", Workshop.Rest::pixels);
  private static final Field<Workshop.Rest, Integer> COUNT =
      Field.each(
              "count",
              "how many there are",
              Kind.whole(Range.between(0, 100_000)),
              Workshop.Rest::count)
          .usually(1);

  /** What is there already. */
  static final Shape<Workshop.Rest> RESTS =
      new Shape<>(
          List.of(REST_TYPE, REST_PIXELS, COUNT),
          v -> new Workshop.Rest(v.of(REST_TYPE), v.of(REST_PIXELS), v.of(COUNT)));

  private static final Field<Spare, String> SPARE_TYPE = type(Spare::type);
  private static final Field<Spare, Double> PERCENT =
      Field.each("percent", "of the pixels used", Kind.number(Range.SPARE_PERCENT), Spare::percent);
  private static final Shape<Spare> SPARES =
      new Shape<>(List.of(SPARE_TYPE, PERCENT), v -> new Spare(v.of(SPARE_TYPE), v.of(PERCENT)));

  private WorkshopJson() {}

  private static <T> Field<T, String> type(Function<T, String> of) {
    return Field.each("type", "id of a pixel type", Kind.text(Names.LENGTH_MAX), of);
  }

  private static <T> Field<T, Integer> pixels(String what, Function<T, Integer> of) {
    return Field.each("pixels", what, Kind.whole(Range.PIXELS), of);
  }

  static Workshop read(JsonFields in) throws BadInputException {
    JsonFields f = in.object("workshop").orElse(null);
    if (f == null) {
      return Workshop.EMPTY;
    }
    List<Workshop.Pack> packs = f.things("packs", PACKS);
    List<Workshop.Rest> rests = f.things("rests", RESTS);
    Map<String, Double> spares = new TreeMap<>();
    f.list("spares", SPARES::read, Spare::type)
        .orElse(List.of())
        .forEach(s -> spares.put(s.type(), s.percent()));
    f.done();
    return new Workshop(packs, rests, spares);
  }

  static void write(Json json, Workshop shop) throws IOException {
    if (shop.equals(Workshop.EMPTY)) {
      return;
    }
    List<Spare> spares =
        shop.sparePercent().entrySet().stream()
            .map(e -> new Spare(e.getKey(), e.getValue()))
            .toList();
    json.object(
        "workshop",
        w -> {
          w.list("packs", shop.packs(), PACKS::write);
          w.list("rests", shop.rests(), RESTS::write);
          w.list("spares", spares, SPARES::write);
        });
  }
}
