package bunting.files.sheet;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** Single cells as people fill them, and what to say of one that cannot be read. */
public final class SheetText {
  private static final Pattern UNKNOWN = Pattern.compile("[-–—?]+|n/?a|tbd|k\\.? ?a\\.?");

  private SheetText() {}

  /** Whether a text is what people write where they know nothing yet. */
  public static boolean unknown(String text) {
    return UNKNOWN.matcher(text).matches();
  }

  /** Yes or no in any of six languages. */
  public static Optional<String> yesNo(String text) {
    return switch (text.toLowerCase(Locale.ROOT)) {
      case "yes", "y", "x", "true", "1", "ja", "oui", "si", "sí", "sì" -> Optional.of("yes");
      case "no", "n", "false", "0", "nein", "nee", "non" -> Optional.of("no");
      default -> Optional.empty();
    };
  }

  /** The number of a port in "3", "P3", "Port 3" or "Output 3". */
  public static Optional<String> port(String text) {
    return CellFit.port(text);
  }

  /** Whether a unit says that something is counted: px, pcs, Stück. */
  public static boolean countsPixels(String unit) {
    return CellFit.countsPixels(unit);
  }

  /** What would be right in a cell of a field, to be said behind what stands there. */
  public static String cure(SheetField field) {
    return switch (field) {
      case LENGTH, LEAD -> " is no length; write it as 3.75, 3,75 m, 375 cm, 12'6\" or 12 1/2 ft.";
      case INCHES -> " should be inches, such as 6 or 6 1/2.";
      case X, Y, Z, END_X, END_Y, END_Z -> " should be a place, such as 4.5 or -2 ft.";
      case SPLIT, REVERSED -> " should be yes or no.";
      case PORT -> " should be a port, such as 3.";
      case COPIES -> " should be how many there are, 1 to 1000.";
      case WATTS_EACH -> " should be watts a node, such as 0.24, beside how many nodes there are.";
      default ->
          field.counted()
              ? " should be a whole number, such as 150."
              : " should be a number, such as 12 or 0.24.";
    };
  }
}
