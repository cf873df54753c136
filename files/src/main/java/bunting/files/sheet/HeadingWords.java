package bunting.files.sheet;

import bunting.core.units.Measures;
import bunting.core.units.Measures.Unit;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/** The words that stand above columns, in six languages, and how well a heading fits a field. */
final class HeadingWords {
  /** A column of our own list. */
  static final int OURS = 300;

  /** The very word of a field. */
  static final int SAME = 100;

  /** A word that means it only where the cells bear it out. */
  static final int HINT = 40;

  /** Among other words. */
  static final int AMONG = 55;

  /** The hint among other words. */
  static final int HINT_AMONG = 20;

  /** At the end of a long word, as German and Dutch join them. */
  static final int JOINED = 30;

  private static final int JOINED_LETTERS = 5;

  /** Stand between a name and its unit, and between two units. */
  private static final Set<String> BETWEEN =
      Set.of("in", "en", "per", "de", "di", "van", "and", "und", "et", "y", "e");

  private static final Map<SheetField, Map<String, Integer>> WORDS = load();

  private HeadingWords() {}

  private static Map<SheetField, Map<String, Integer>> load() {
    Map<SheetField, Map<String, Integer>> words = new EnumMap<>(SheetField.class);
    InputStream in = HeadingWords.class.getResourceAsStream("headings.txt");
    try (BufferedReader lines =
        new BufferedReader(
            new InputStreamReader(Objects.requireNonNull(in), StandardCharsets.UTF_8))) {
      for (String line = lines.readLine(); line != null; line = lines.readLine()) {
        if (!line.isBlank() && !line.startsWith("#")) {
          int blank = line.indexOf(' ');
          String rest = line.substring(blank + 1).strip();
          boolean hint = rest.startsWith("?");
          Map<String, Integer> of =
              words.computeIfAbsent(
                  SheetField.valueOf(line.substring(0, blank)), f -> new HashMap<>());
          for (String word : (hint ? rest.substring(1) : rest).split(",", -1)) {
            of.merge(word.strip(), hint ? HINT : SAME, Math::max);
          }
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return words;
  }

  /** Small letters without accents, words parted by single blanks. */
  static String plain(String heading) {
    return Normalizer.normalize(heading.replace("ß", "ss"), Normalizer.Form.NFD)
        .replaceAll("\\p{M}", "")
        .toLowerCase(Locale.ROOT)
        .replaceAll("[^\\p{L}\\d#]+", " ")
        .strip();
  }

  /**
   * A heading taken apart.
   *
   * @param words without the unit
   * @param unit that stands in it
   */
  record Heading(String words, Optional<Unit> unit) {}

  /** Takes a unit at the end of a heading off: {@code Length (ft)}, {@code Länge in cm}. */
  static Heading heading(String text) {
    String whole = plain(text);
    boolean phrase =
        whole.indexOf(' ') > 0 && WORDS.values().stream().anyMatch(w -> w.containsKey(whole));
    if (phrase) {
      // A lead-in is no lead in inches.
      return new Heading(whole, Optional.empty());
    }
    List<String> words = new ArrayList<>(List.of(whole.split(" ", -1)));
    Optional<Unit> unit = Optional.empty();
    for (Optional<Unit> last = lastUnit(words);
        last.isPresent() && !words.isEmpty();
        last = lastUnit(words)) {
      // "ft in": feet with their inches.
      unit = last;
      words.removeLast();
      while (words.size() > 1 && BETWEEN.contains(words.getLast())) {
        words.removeLast();
      }
    }
    return new Heading(String.join(" ", words), unit);
  }

  private static Optional<Unit> lastUnit(List<String> words) {
    return words.isEmpty() ? Optional.empty() : Measures.unit(words.getLast());
  }

  /** How well a heading fits each field; those that it does not fit are left out. */
  static Map<SheetField, Integer> scores(String text) {
    Map<SheetField, Integer> scores = new EnumMap<>(SheetField.class);
    Optional<Meaning> ours = ours(text);
    ours.ifPresent(m -> scores.put(m.field(), OURS));
    String whole = plain(text);
    Heading heading = heading(text);
    for (Map.Entry<SheetField, Map<String, Integer>> field : WORDS.entrySet()) {
      int best = score(field.getValue(), whole);
      if (field.getKey().measured() && heading.unit().isPresent()) {
        best =
            heading.words().isEmpty() && field.getKey() == SheetField.LENGTH
                ? Math.max(best, SAME)
                : Math.max(best, score(field.getValue(), heading.words()));
      }
      if (best > 0) {
        scores.merge(field.getKey(), best, Math::max);
      }
    }
    return scores;
  }

  /** A heading that is a column of RUNS.csv. */
  static Optional<Meaning> ours(String text) {
    String column = text.toLowerCase(Locale.ROOT).strip();
    return column.equals("length_ft")
        ? Optional.of(new Meaning(SheetField.LENGTH, Unit.FEET))
        : SheetField.named(column)
            .filter(f -> f.column().equals(column))
            .map(f -> new Meaning(f, Unit.METRES));
  }

  private static int score(Map<String, Integer> words, String heading) {
    int same = words.getOrDefault(heading, 0);
    if (same > 0) {
      return same;
    }
    int best = 0;
    String padded = " " + heading + " ";
    for (Map.Entry<String, Integer> word : words.entrySet()) {
      String known = word.getKey();
      boolean hint = word.getValue() == HINT;
      if (known.length() > 1 && padded.contains(" " + known + " ")) {
        int longer = known.length();
        best = Math.max(best, (hint ? HINT_AMONG : AMONG) + longer);
      } else if (!hint && known.length() >= JOINED_LETTERS && padded.contains(known + " ")) {
        best = Math.max(best, JOINED + known.length());
      }
    }
    return Math.min(best, SAME - 1);
  }
}
