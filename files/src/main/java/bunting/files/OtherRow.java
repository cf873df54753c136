package bunting.files;

import bunting.core.limits.Range;
import bunting.core.show.BulbString;
import bunting.core.show.PlainSet;
import java.math.BigDecimal;
import java.util.Optional;
import java.util.OptionalDouble;

/** Rows of a run list that are not pixels: plain sets and bulb strings. */
final class OtherRow {
  private OtherRow() {}

  static PlainSet plainSet(Cells cells) throws BadInputException {
    Optional<BigDecimal> lead = cells.number("lead_m", Range.LENGTH);
    return new PlainSet(
        cells.name(),
        cells.needed("volts", Range.SET_VOLTS),
        cells.whole("channels", 1, 12).orElse(3),
        cells.needed("watts", Range.aboveTo(0, 100_000)),
        cells.place(),
        lead.map(m -> OptionalDouble.of(m.doubleValue())).orElse(OptionalDouble.empty()),
        cells.optional("group"));
  }

  static BulbString bulbString(Cells cells) throws BadInputException {
    Optional<Integer> bulbs = cells.whole("bulbs", 1, 1_000_000);
    if (bulbs.isEmpty()) {
      throw cells.wrong("bulbs", "is empty; give how many bulbs the string has.");
    }
    return new BulbString(
        cells.name(),
        bulbs.get(),
        cells.needed("watts_per_bulb", Range.aboveTo(0, 10_000)),
        cells.needed("cord_amps", Range.CORD_AMPS),
        cells.number("length_m", Range.LENGTH, 0),
        cells.place());
  }
}
