package bunting.files;

import bunting.core.show.PixelType;
import bunting.core.show.Texts;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Whether somebody's words name a pixel type: volts, pixels a metre, white, strip or string. */
final class TypeWords {
  private static final Pattern VOLTS =
      Pattern.compile("(\\d{1,2}(?:\\.\\d)?)\\s*v(?:olts?|dc)?\\b");
  private static final Pattern PITCH =
      Pattern.compile("(\\d{1,3}(?:\\.\\d)?)\\s*(?:/\\s*m|px/m|per m|leds?/m|a metre|p/m)");
  private static final Pattern BARE = Pattern.compile("(?<![\\d.v])(\\d{1,3})(?![\\d.]|\\s*v)");

  private TypeWords() {}

  static boolean fits(PixelType type, String text) {
    Matcher volts = VOLTS.matcher(text);
    if (!volts.find() || Double.parseDouble(volts.group(1)) != type.volts()) {
      return false;
    }
    String pitch = Texts.number(type.pitchPerM());
    Matcher stated = PITCH.matcher(text);
    Matcher bare = BARE.matcher(text);
    boolean pitched =
        stated.find() ? stated.group(1).equals(pitch) : bare.find() && bare.group(1).equals(pitch);
    boolean white = text.contains("rgbw") || text.contains("white");
    boolean kind =
        !(text.contains("strip") && type.id().contains("string"))
            && !(text.contains("string") && type.id().contains("strip"));
    boolean regulated = text.contains("reg") == type.id().contains("reg");
    return pitched && kind && regulated && white == (type.channels() == 4);
  }
}
