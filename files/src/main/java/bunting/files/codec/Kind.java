package bunting.files.codec;

import bunting.core.limits.Range;
import bunting.core.show.Texts;
import com.fasterxml.jackson.databind.JsonNode;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Pattern;

/**
 * What a value of a field may be, and how it is typed and written.
 *
 * @param wanted what would be right in a file, as it is said behind "should be"
 * @param typed the same in a cell or an option
 * @param parse a typed text; empty: it is none
 * @param read a value of a file; empty: it is none
 * @param scalar what a file holds: a text, a number, true or false
 * @param text what a cell holds
 */
public record Kind<V>(
    String wanted,
    String typed,
    Function<String, Optional<V>> parse,
    Function<JsonNode, Optional<V>> read,
    Function<V, Object> scalar,
    Function<V, String> text) {
  private static final Pattern NUMBER =
      Pattern.compile("[+-]?(\\d{1,12}(\\.\\d{0,18})?|\\.\\d{1,18})([eE][+-]?\\d{1,2})?");
  private static final Pattern WHOLE = Pattern.compile("[+-]?\\d{1,9}");

  /** Words, 1 to so many characters, not all of them spaces. */
  public static Kind<String> text(int most) {
    return words("a text of 1 to " + most + " characters", 1, most);
  }

  /** Words of at most so many characters, or none. */
  public static Kind<String> textOrNone(int most) {
    return words("a text of at most " + most + " characters", 0, most);
  }

  private static Kind<String> words(String wanted, int least, int most) {
    Function<String, Optional<String>> sound =
        t ->
            Optional.of(t)
                .filter(s -> s.length() <= most && (least == 0 || !s.isBlank()) && whole(s));
    return new Kind<>(
        wanted,
        wanted,
        sound,
        n -> n.isTextual() ? sound.apply(n.textValue()) : Optional.empty(),
        v -> v,
        v -> v);
  }

  /** No half of a character that no file could hold. */
  private static boolean whole(String text) {
    return text.codePoints().noneMatch(c -> c >= 0xD800 && c <= 0xDFFF);
  }

  /** A number of a range. */
  public static Kind<Double> number(Range range) {
    Function<BigDecimal, Optional<Double>> sound =
        d -> Optional.of(d.doubleValue() + 0.0).filter(range::holds);
    String wanted = "a number " + range.text();
    return new Kind<>(
        wanted,
        wanted,
        t -> NUMBER.matcher(t).matches() ? sound.apply(new BigDecimal(t)) : Optional.empty(),
        n -> n.isNumber() ? sound.apply(n.decimalValue()) : Optional.empty(),
        v -> v,
        Texts::number);
  }

  /** A whole number of a range. */
  public static Kind<Integer> whole(Range range) {
    Kind<Double> number = number(range);
    String wanted = "a whole number " + range.text();
    return new Kind<>(
        wanted,
        wanted,
        t ->
            WHOLE.matcher(t).matches()
                ? Optional.of(Integer.parseInt(t)).filter(i -> range.holds(i))
                : Optional.empty(),
        n ->
            number
                .read()
                .apply(n)
                .filter(v -> v == Math.rint(v) && Math.abs(v) <= Integer.MAX_VALUE)
                .map(Double::intValue),
        v -> v,
        v -> Integer.toString(v));
  }

  /** Numbers of a range, one at least; it stands in no cell. */
  public static Kind<List<Double>> numbers(Range range) {
    Kind<Double> number = number(range);
    String wanted = "a list of one number or more, each " + number.wanted();
    return new Kind<>(
        wanted,
        wanted,
        t -> Optional.empty(),
        n -> items(n, number.read()).filter(l -> !l.isEmpty()),
        v -> v,
        List::toString);
  }

  /** Groups of whole numbers of a range, none empty; it stands in no cell. */
  public static Kind<List<List<Integer>>> groups(Range range) {
    Kind<Integer> whole = whole(range);
    String wanted = "a list of lists such as [[1, 2], [3, 4]], of whole numbers " + range.text();
    return new Kind<>(
        wanted,
        wanted,
        t -> Optional.empty(),
        n -> items(n, g -> items(g, whole.read()).filter(l -> !l.isEmpty())),
        v -> v,
        List::toString);
  }

  /** All items of a list; empty: it is no list, or one of them is none. */
  private static <V> Optional<List<V>> items(JsonNode list, Function<JsonNode, Optional<V>> read) {
    if (!list.isArray()) {
      return Optional.empty();
    }
    List<V> items = new ArrayList<>();
    for (JsonNode item : list) {
      Optional<V> value = read.apply(item);
      if (value.isEmpty()) {
        return Optional.empty();
      }
      items.add(value.get());
    }
    return Optional.of(items);
  }

  /** True or false; in a cell yes or no. */
  public static Kind<Boolean> flag() {
    return new Kind<>(
        "true or false",
        "yes or no",
        t ->
            switch (t.toLowerCase(Locale.ROOT)) {
              case "yes" -> Optional.of(true);
              case "no" -> Optional.of(false);
              default -> Optional.empty();
            },
        n -> n.isBoolean() ? Optional.of(n.booleanValue()) : Optional.empty(),
        v -> v,
        v -> v ? "yes" : "no");
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
    return written("a day such as 2026-11-28", sound, LocalDate::toString, LocalDate::toString);
  }

  /** One of several words. */
  public static <V> Kind<V> word(List<V> all, Function<V, String> id) {
    return written(
        "one of " + String.join(", ", all.stream().map(id).toList()),
        t -> all.stream().filter(v -> id.apply(v).equals(t)).findFirst(),
        id,
        id);
  }

  /**
   * Something that is written as a text.
   *
   * @param exactly for files of our own
   * @param text for cells
   */
  public static <V> Kind<V> written(
      String wanted,
      Function<String, Optional<V>> parse,
      Function<V, String> exactly,
      Function<V, String> text) {
    return new Kind<>(
        wanted,
        wanted,
        parse,
        n -> n.isTextual() ? parse.apply(n.textValue()) : Optional.empty(),
        exactly::apply,
        text);
  }
}
