package bunting.desktop.look;

import javafx.scene.paint.Color;

/**
 * The colours of a theme: paper and ink, one accent for what feeds power, red, amber and green for
 * judgement only and never without a word or a mark beside them.
 */
public record Palette(
    boolean night,
    Color ground,
    Color card,
    Color line,
    Color ink,
    Color soft,
    Color power,
    Color powerInk,
    Color stop,
    Color warn,
    Color good,
    Color pick,
    Color cord) {
  /** Warm paper. */
  public static final Palette DAY =
      new Palette(
          false,
          Color.web("#f5eee1"),
          Color.web("#fffdf6"),
          Color.web("#d9cfbb"),
          Color.web("#20303c"),
          Color.web("#5a6a75"),
          Color.web("#1f6f78"),
          Color.web("#ffffff"),
          Color.web("#b3261e"),
          Color.web("#8f5a00"),
          Color.web("#2f6b3c"),
          Color.web("#efe0bd"),
          Color.web("#20303c"));

  /** The driveway at night. */
  public static final Palette NIGHT =
      new Palette(
          true,
          Color.web("#111b24"),
          Color.web("#1a2732"),
          Color.web("#334452"),
          Color.web("#efe6d2"),
          Color.web("#a9b4bb"),
          Color.web("#5cc2c9"),
          Color.web("#0d1820"),
          Color.web("#ff8a75"),
          Color.web("#f0b64c"),
          Color.web("#86d19a"),
          Color.web("#2b3d4b"),
          Color.web("#efe6d2"));

  /** The colours as looked-up names for style sheets. */
  public String css() {
    return "-b-ground:"
        + web(ground)
        + ";-b-card:"
        + web(card)
        + ";-b-line:"
        + web(line)
        + ";-b-ink:"
        + web(ink)
        + ";-b-soft:"
        + web(soft)
        + ";-b-power:"
        + web(power)
        + ";-b-power-ink:"
        + web(powerInk)
        + ";-b-stop:"
        + web(stop)
        + ";-b-warn:"
        + web(warn)
        + ";-b-good:"
        + web(good)
        + ";-b-pick:"
        + web(pick)
        + ";";
  }

  /** A colour as style sheets write it. */
  public static String web(Color c) {
    return String.format(
        java.util.Locale.ROOT,
        "#%02x%02x%02x",
        Math.round(c.getRed() * 255),
        Math.round(c.getGreen() * 255),
        Math.round(c.getBlue() * 255));
  }
}
