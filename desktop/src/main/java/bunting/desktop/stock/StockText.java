package bunting.desktop.stock;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Stock as people type it: {@code 47, 2×120}, packs with a price: {@code 300 at 18.50}. */
final class StockText {
  private static final Pattern ITEM =
      Pattern.compile(
          "(?:(\\d{1,4})\\s*[x×*]\\s*)?(\\d{1,6})(?:\\s*px)?(?:\\s+at\\s+(\\d{1,6}(?:\\.\\d{1,2})?))?");

  /** So many pieces of so many pixels, and the price of one, 0 where none is known. */
  record Item(int count, int pixels, double cost) {}

  private StockText() {}

  /** The items; empty where something else stands there. Nothing is a list of none. */
  static Optional<List<Item>> parse(String text) {
    List<Item> items = new ArrayList<>();
    if (text.isBlank()) {
      return Optional.of(items);
    }
    for (String part : text.split("[,;]", -1)) {
      Matcher m = ITEM.matcher(part.strip());
      if (!m.matches() || Integer.parseInt(m.group(2)) < 1) {
        return Optional.empty();
      }
      String count = m.group(1);
      String cost = m.group(3);
      items.add(
          new Item(
              count == null ? 1 : Integer.parseInt(count),
              Integer.parseInt(m.group(2)),
              cost == null ? 0 : Double.parseDouble(cost)));
    }
    return Optional.of(items);
  }
}
