package bunting.files.codec;

import bunting.core.limits.Range;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Pattern;

/**
 * A field of a thing that is kept in a file or typed: declared once, read from both, written, and
 * told in the documentation.
 *
 * @param <T> the thing that has it
 * @param <V> its value
 */
public final class Field<T, V> {
  private static final Pattern NUMBER = Pattern.compile("-?\\d{1,12}(\\.\\d{1,12})?");

  private final String key;
  private final String means;
  private final Kind<V> kind;
  private final Function<T, Optional<V>> of;

  /**
   * A field.
   *
   * @param key in files
   * @param means what it is, for the documentation
   * @param kind what it may be
   * @param of where the thing has it
   */
  public Field(String key, String means, Kind<V> kind, Function<T, Optional<V>> of) {
    this.key = key;
    this.means = means;
    this.kind = kind;
    this.of = of;
  }

  /**
   * What a value may be.
   *
   * @param wanted what would be right, as it is said behind "should be"
   * @param parse a typed text; empty: it is none
   * @param read a value of a file; empty: it is none
   * @param write into a file
   */
  public record Kind<V>(
      String wanted,
      Function<String, Optional<V>> parse,
      Function<JsonNode, Optional<V>> read,
      Writer<V> write) {}

  /** Puts a value into an object of a file. */
  @FunctionalInterface
  public interface Writer<V> {
    /** Puts it there under a key. */
    void put(ObjectNode object, String key, V value);
  }

  /** Words of at most so many characters. */
  public static Kind<String> text(int most) {
    Function<String, Optional<String>> sound =
        t -> Optional.of(t).filter(s -> !s.isEmpty() && s.length() <= most && whole(s));
    return new Kind<>(
        "a text of 1 to " + most + " characters",
        sound,
        n -> n.isTextual() ? sound.apply(n.textValue()) : Optional.empty(),
        ObjectNode::put);
  }

  /** No half of a character that no file could hold. */
  private static boolean whole(String text) {
    return text.codePoints().noneMatch(c -> c >= 0xD800 && c <= 0xDFFF);
  }

  /** A number of a range. */
  public static Kind<Double> number(Range range) {
    Function<BigDecimal, Optional<Double>> sound =
        d -> Optional.of(d.doubleValue() + 0.0).filter(range::holds);
    return new Kind<>(
        "a number " + range.text(),
        t -> NUMBER.matcher(t).matches() ? sound.apply(new BigDecimal(t)) : Optional.empty(),
        n -> n.isNumber() ? sound.apply(n.decimalValue()) : Optional.empty(),
        (o, k, v) -> {
          if (v == Math.rint(v) && Math.abs(v) < 1e15) {
            o.put(k, (long) (double) v);
          } else {
            o.put(k, v);
          }
        });
  }

  /** A whole number of a range. */
  public static Kind<Integer> whole(Range range) {
    Kind<Double> number = number(range);
    Function<Optional<Double>, Optional<Integer>> sound =
        d -> d.filter(v -> v == Math.rint(v)).map(Double::intValue);
    return new Kind<>(
        "a whole number " + range.text(),
        t -> sound.apply(number.parse().apply(t)),
        n -> sound.apply(number.read().apply(n)),
        ObjectNode::put);
  }

  /** A day, as ISO 8601 has it. */
  public static Kind<LocalDate> day() {
    Function<String, Optional<LocalDate>> sound =
        t -> {
          try {
            LocalDate day = LocalDate.parse(t);
            return Optional.of(day).filter(d -> Range.YEARS.holds(d.getYear()));
          } catch (DateTimeParseException e) {
            return Optional.empty();
          }
        };
    return new Kind<>(
        "a day such as 2026-11-28",
        sound,
        n -> n.isTextual() ? sound.apply(n.textValue()) : Optional.empty(),
        (o, k, v) -> o.put(k, v.toString()));
  }

  /** One of several words. */
  public static <V> Kind<V> word(List<V> all, Function<V, String> id) {
    Function<String, Optional<V>> sound =
        t -> all.stream().filter(v -> id.apply(v).equals(t)).findFirst();
    return new Kind<>(
        "one of " + String.join(", ", all.stream().map(id).toList()),
        sound,
        n -> n.isTextual() ? sound.apply(n.textValue()) : Optional.empty(),
        (o, k, v) -> o.put(k, id.apply(v)));
  }

  /** Its key in files. */
  public String key() {
    return key;
  }

  /** What would be right, as it is said behind "should be". */
  public String wanted() {
    return kind.wanted();
  }

  /** The value of a typed text; empty: it is none. */
  public Optional<V> parse(String text) {
    return kind.parse().apply(text);
  }

  /** The value of an object of a file; empty: it is not there, or is none. */
  public Optional<V> read(JsonNode object) {
    JsonNode at = object.get(key);
    return at == null ? Optional.empty() : kind.read().apply(at);
  }

  /** Whether an object of a file has something there that is no value of it. */
  public boolean spoils(JsonNode object) {
    return object.has(key) && read(object).isEmpty();
  }

  /** Puts it into an object of a file, where the thing has it. */
  public void write(T thing, ObjectNode object) {
    of.apply(thing).ifPresent(v -> kind.write().put(object, key, v));
  }

  /** Its row in the documentation. */
  public String documented() {
    return String.format(Locale.ROOT, "| `%s` | %s | %s |", key, kind.wanted(), means);
  }
}
