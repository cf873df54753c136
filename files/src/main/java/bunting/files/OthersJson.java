package bunting.files;

import bunting.core.limits.Range;
import bunting.core.show.BulbString;
import bunting.core.show.OtherLoads;
import bunting.core.show.PlainSet;
import bunting.core.show.Point;
import java.io.IOException;
import java.util.List;
import java.util.OptionalDouble;

/** Plain sets and bulb strings of a show file. */
final class OthersJson {
  private OthersJson() {}

  static OtherLoads read(JsonFields in) throws BadInputException {
    List<PlainSet> sets = in.list("plainSets", OthersJson::set, PlainSet::name).orElse(List.of());
    List<BulbString> strings =
        in.list("bulbStrings", OthersJson::bulbs, BulbString::name).orElse(List.of());
    return new OtherLoads(sets, strings);
  }

  private static PlainSet set(JsonFields f) throws BadInputException {
    return new PlainSet(
        f.text("name"),
        f.number("volts", Range.SET_VOLTS),
        f.whole("channels", Range.SET_CHANNELS, 3),
        f.number("watts", Range.aboveTo(0, 100_000)),
        place(f),
        f.has("leadM")
            ? OptionalDouble.of(f.number("leadM", Range.LENGTH))
            : OptionalDouble.empty(),
        f.optionalText("group"));
  }

  private static BulbString bulbs(JsonFields f) throws BadInputException {
    return new BulbString(
        f.text("name"),
        f.whole("bulbs", Range.between(1, 1_000_000)),
        f.number("wattsPerBulb", Range.aboveTo(0, 10_000)),
        f.number("cordAmps", Range.CORD_AMPS),
        f.number("lengthM", Range.LENGTH, 0),
        place(f));
  }

  static Point place(JsonFields f) throws BadInputException {
    return new Point(f.number("xM", Range.PLACE, 0), f.number("yM", Range.PLACE, 0));
  }

  static void write(Json json, OtherLoads others) throws IOException {
    if (!others.plainSets().isEmpty()) {
      json.list(
          "plainSets",
          others.plainSets(),
          (j, s) -> {
            j.put("name", s.name())
                .put("volts", s.volts())
                .put("channels", s.channels())
                .put("watts", s.watts())
                .put("xM", s.at().x())
                .put("yM", s.at().y());
            if (s.leadM().isPresent()) {
              j.put("leadM", s.leadM().getAsDouble());
            }
            if (s.group().isPresent()) {
              j.put("group", s.group().get());
            }
          });
    }
    if (!others.bulbStrings().isEmpty()) {
      json.list(
          "bulbStrings",
          others.bulbStrings(),
          (j, b) ->
              j.put("name", b.name())
                  .put("bulbs", b.bulbs())
                  .put("wattsPerBulb", b.wattsPerBulb())
                  .put("cordAmps", b.cordAmpsMax())
                  .put("lengthM", b.lengthM())
                  .put("xM", b.at().x())
                  .put("yM", b.at().y()));
    }
  }
}
