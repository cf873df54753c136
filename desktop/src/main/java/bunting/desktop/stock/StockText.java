package bunting.desktop.stock;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Stock as people type it: {@code 47, 2×120}. */
final class StockText {
  private static final Pattern ITEM =
      Pattern.compile("(?:(\\d{1,4})\\s*[x×*]\\s*)?(\\d{1,6})(?:\\s*px)?");

  /** So many pieces of so many pixels. */
  record Item(int count, int pixels) {}

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
      items.add(
          new Item(count == null ? 1 : Integer.parseInt(count), Integer.parseInt(m.group(2))));
    }
    return Optional.of(items);
  }
}
