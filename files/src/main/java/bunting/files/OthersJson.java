package bunting.files;

import bunting.core.show.BulbString;
import bunting.core.show.OtherLoads;
import bunting.core.show.PlainSet;
import java.io.IOException;
import java.util.List;

/** Plain sets and bulb strings of a show file. */
final class OthersJson {
  private OthersJson() {}

  static OtherLoads read(JsonFields in) throws BadInputException {
    List<PlainSet> sets =
        in.list("plainSets", LightFields.SET::read, PlainSet::name).orElse(List.of());
    List<BulbString> strings =
        in.list("bulbStrings", LightFields.BULBS::read, BulbString::name).orElse(List.of());
    return new OtherLoads(sets, strings);
  }

  static void write(Json json, OtherLoads others) throws IOException {
    if (!others.plainSets().isEmpty()) {
      json.list("plainSets", others.plainSets(), LightFields.SET::write);
    }
    if (!others.bulbStrings().isEmpty()) {
      json.list("bulbStrings", others.bulbStrings(), LightFields.BULBS::write);
    }
  }
}
