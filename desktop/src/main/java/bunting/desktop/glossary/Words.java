package bunting.desktop.glossary;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;

/** The words that ship with the window. */
public final class Words {
  private static final int PARTS = 3;
  private static final List<Word> ALL = load();

  private Words() {}

  /**
   * A word.
   *
   * @param line what it is, in one sentence
   * @param strokes of its picture
   */
  public record Word(String name, String line, List<Stroke> strokes) {
    public Word {
      strokes = List.copyOf(strokes);
    }
  }

  /**
   * A stroke of a picture, on a sheet of 100 by 60, y down.
   *
   * @param kind line, heavy, dash, arrow, beads, dot, ring, circle, rect, fill, box or text
   * @param numbers of it: corners, or a place and a size
   * @param text of a text
   */
  public record Stroke(String kind, List<Double> numbers, String text) {
    public Stroke {
      numbers = List.copyOf(numbers);
    }
  }

  /** All, in the order of the work. */
  public static List<Word> all() {
    return ALL;
  }

  private static List<Word> load() {
    try (InputStream in = Objects.requireNonNull(Words.class.getResourceAsStream("words.txt"))) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .filter(l -> !l.isBlank() && !l.startsWith("#"))
          .map(Words::word)
          .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Word word(String line) {
    List<String> parts = Arrays.stream(line.split("\\|", -1)).map(String::strip).toList();
    if (parts.size() != PARTS) {
      throw new IllegalStateException("a word has three parts: " + line);
    }
    List<Stroke> strokes =
        Arrays.stream(parts.get(2).split(";", -1)).map(s -> stroke(s.strip())).toList();
    return new Word(parts.get(0), parts.get(1), strokes);
  }

  private static Stroke stroke(String text) {
    List<String> words = List.of(text.split(" ", -1));
    boolean written = words.getFirst().equals("text");
    int end = written ? PARTS : words.size();
    List<Double> numbers = new ArrayList<>();
    words.subList(1, end).forEach(w -> numbers.add(Double.valueOf(w)));
    return new Stroke(
        words.getFirst(), numbers, String.join(" ", words.subList(end, words.size())));
  }
}
