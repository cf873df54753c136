package bunting.files.sheet;

import bunting.core.show.PixelType;
import bunting.core.units.Mark;
import bunting.core.units.Measures;
import bunting.core.units.Measures.Unit;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Pattern;

/** How well the cells of a column bear out what its heading says. */
final class CellFit {
  private static final Pattern NUMBER =
      Pattern.compile("\\d{1,9}(?:[.,' ]\\d{1,9})*\\s*\\p{L}{0,5}(?:/\\p{L}{1,5})?");
  private static final Pattern COLOURS = Pattern.compile("[rgbwca]{1,6}");
  private static final Set<String> COUNTED =
      Set.of(
          "px", "pixel", "pixels", "pcs", "pc", "stk", "stuck", "st", "nodes", "leds", "ea", "each",
          "uds", "pz", "stuks", "lights");
  private static final int PORTS_MOST = 1000;
  private static final double EMPTY = 0.5;
  private static final double NUMBERED = 0.5;

  private final Grid grid;
  private final int below;
  private final List<PixelType> types;

  CellFit(Grid grid, int below, List<PixelType> types) {
    this.grid = grid;
    this.below = below;
    this.types = types;
  }

  /** Texts of a column below the headings that are not empty. */
  List<String> texts(int column) {
    return java.util.stream.IntStream.range(below, grid.rows().size())
        .mapToObj(r -> grid.text(r, column).strip())
        .filter(t -> !t.isEmpty() && !SheetText.unknown(t))
        .toList();
  }

  /** Between 0 and 1: what share of a column's cells can be what a field wants. */
  double of(SheetField field, int column) {
    List<String> texts = texts(column);
    if (texts.isEmpty()) {
      return EMPTY;
    }
    return switch (field) {
      case NAME -> distinct(texts) * (share(texts, CellFit::lettered) > 0 ? 1 : NUMBERED);
      case GROUP -> distinct(texts) < 1 || texts.size() == 1 ? 1 : NUMBERED;
      case TYPE -> share(texts, CellFit::lettered);
      case UNIT -> share(texts, CellFit::unit);
      case ORDER -> share(texts, t -> COLOURS.matcher(t.toLowerCase(Locale.ROOT)).matches());
      case SPLIT, REVERSED -> share(texts, t -> SheetText.yesNo(t).isPresent());
      case CONTROLLER -> 1 - share(texts, Measures::hasUnit);
      case PORT -> share(texts, t -> port(t).isPresent());
      default -> ofValues(field, texts);
    };
  }

  private static double ofValues(SheetField field, List<String> texts) {
    if (field.counted()) {
      return share(texts, t -> Measures.count(t).isPresent());
    }
    if (field.measured()) {
      return share(texts, CellFit::length);
    }
    return field.numeric() ? share(texts, t -> NUMBER.matcher(t).matches()) : 1;
  }

  /** What share of a column's texts name a kind of pixels. */
  double kinds(int column) {
    List<String> texts = texts(column);
    return texts.isEmpty() ? 0 : share(texts, t -> !KindWords.fitting(types, t).isEmpty());
  }

  static boolean unit(String text) {
    return Measures.unit(text).isPresent() || countsPixels(text);
  }

  /** Whether a unit says that something is counted. */
  static boolean countsPixels(String text) {
    return COUNTED.contains(HeadingWords.plain(text));
  }

  private static boolean length(String text) {
    String bare = text.startsWith("-") ? text.substring(1) : text;
    return Measures.metres(bare, Unit.FEET, Mark.EITHER).isPresent();
  }

  /** The number of a port in "3", "P3", "Port 3" or "Output 3". */
  static Optional<String> port(String text) {
    String digits = text.replaceAll("^\\p{L}*[ .#:-]*", "");
    return digits.matches("\\d{1,4}") && Integer.parseInt(digits) <= PORTS_MOST
        ? Optional.of(Integer.toString(Integer.parseInt(digits)))
        : Optional.empty();
  }

  static boolean lettered(String text) {
    return text.codePoints().anyMatch(Character::isLetter);
  }

  double distinct(int column) {
    return distinct(texts(column));
  }

  private static double distinct(List<String> texts) {
    return texts.isEmpty() ? 0 : (double) new HashSet<>(texts).size() / texts.size();
  }

  static double share(List<String> texts, Predicate<String> which) {
    return texts.isEmpty() ? 0 : (double) texts.stream().filter(which).count() / texts.size();
  }
}
