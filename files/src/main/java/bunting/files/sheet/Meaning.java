package bunting.files.sheet;

import bunting.core.units.Measures.Unit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * What a column is taken for.
 *
 * @param unit of bare numbers in it, where it is measured
 */
public record Meaning(SheetField field, Unit unit) {
  /** A column that is kept as it stands. */
  public static final Meaning NOTE = new Meaning(SheetField.NOTE, Unit.METRES);

  private static final Map<String, Unit> ENDINGS =
      Map.of(
          "_m", Unit.METRES,
          "_ft", Unit.FEET,
          "_cm", Unit.CENTIMETRES,
          "_mm", Unit.MILLIMETRES,
          "_in", Unit.INCHES,
          "_yd", Unit.YARDS);

  /** All that a column can be taken for, as a person chooses among them. */
  public static List<Meaning> all() {
    List<Meaning> all = new ArrayList<>();
    for (SheetField field : SheetField.values()) {
      all.add(new Meaning(field, Unit.METRES));
      if (field.measured()) {
        all.add(new Meaning(field, Unit.FEET));
        all.add(new Meaning(field, Unit.CENTIMETRES));
      }
      if (field == SheetField.LENGTH) {
        all.add(new Meaning(field, Unit.INCHES));
        all.add(new Meaning(field, Unit.MILLIMETRES));
      }
    }
    return List.copyOf(all);
  }

  /** As people read it. */
  public String text() {
    return field.measured() ? field.text() + ", " + unit.text() : field.text();
  }

  /** As it is written where it is remembered, and on the command line: {@code length_ft}. */
  public String key() {
    String name = field.name().toLowerCase(Locale.ROOT);
    return field.measured()
        ? ENDINGS.entrySet().stream()
            .filter(e -> e.getValue() == unit)
            .map(e -> name + e.getKey())
            .findFirst()
            .orElse(name)
        : name;
  }

  /** What a column of RUNS.csv or a {@link #key} means: {@code name}, {@code lead_ft}. */
  public static Optional<Meaning> named(String text) {
    String key = text.toLowerCase(Locale.ROOT).strip();
    Optional<Meaning> whole = SheetField.named(key).map(f -> new Meaning(f, Unit.METRES));
    if (whole.isPresent()) {
      return whole;
    }
    int at = key.lastIndexOf('_');
    Unit unit = at < 0 ? null : ENDINGS.get(key.substring(at));
    return unit == null
        ? Optional.empty()
        : SheetField.named(key.substring(0, at))
            .or(() -> SheetField.named(key.substring(0, at) + "_m"))
            .filter(SheetField::measured)
            .map(f -> new Meaning(f, unit));
  }

  /** Whether two columns of these meanings would be one and the same of a run. */
  boolean same(Meaning other) {
    return field != SheetField.NOTE && field == other.field;
  }
}
