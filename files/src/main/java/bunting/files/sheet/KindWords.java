package bunting.files.sheet;

import bunting.core.show.LoadKind;
import bunting.core.show.PixelType;
import bunting.core.units.Mark;
import bunting.core.units.Measures;
import bunting.core.units.Measures.Unit;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Which pixel types somebody's words can mean: volts, pixels a metre or their distance, strip or
 * string, white, regulated. A word that contradicts a type rules it out.
 */
public final class KindWords {
  private static final Pattern VOLTS =
      Pattern.compile("(\\d{1,2}(?:[.,]\\d)?)[\\s-]*(?:v|volts?|vdc|vcc|voltios)(?![\\p{L}\\d])");
  private static final Pattern PITCH =
      Pattern.compile(
          "(\\d{1,3}(?:[.,]\\d)?)\\s*(?:px|pixels?|leds?|nodes?|led|p)?\\s*(?:/|per|pro|je|par|por|al|a|op"
              + " de)\\s*(?:m|metre|meter|metro|mtr)(?![\\p{L}\\d])");
  private static final Pattern SPACING =
      Pattern.compile("(\\d{1,3}(?:[.,]\\d{1,2})?)\\s*(cm|mm|in|inch|zoll|\"|'')");
  private static final Pattern BARE =
      Pattern.compile("(?<![\\d.,\\p{L}])(\\d{1,3})(?![\\d.,]|[\\s-]*v|\\p{L})");
  private static final Pattern STRIP =
      Pattern.compile("strip|tape|streifen|\\bband|ruban|\\btira|strook|striscia|nastro");
  private static final Pattern STRING =
      Pattern.compile(
          "string|bullet|pebble|kette|guirlande|cadena|guirnalda|snoer|streng|catena|ghirlanda"
              + "|nodes|seed");
  private static final Pattern WHITE =
      Pattern.compile("rgbw|rgb\\s*\\+\\s*w|white|weiss|weis|blanc|\\bwit\\b|bianco");
  private static final Pattern REGULATED =
      Pattern.compile("\\breg\\b|-reg|regulat|geregelt|regule|regulad|geregeld|regolat|buck");
  private static final double NEAR = 0.03;

  private KindWords() {}

  /** The types that words can mean, the plainest first; none where they say nothing of a type. */
  public static List<PixelType> fitting(List<PixelType> types, String words) {
    String text = words.strip();
    for (PixelType type : types) {
      if (type.id().equalsIgnoreCase(text) || type.name().equalsIgnoreCase(text)) {
        return List.of(type);
      }
    }
    String plain = plain(text);
    List<PixelType> fit = new ArrayList<>();
    for (PixelType type : types) {
      if (says(plain) && fits(type, plain, types)) {
        fit.add(type);
      }
    }
    return fit;
  }

  /** Returns the volts that words say; empty: they say none. */
  public static OptionalDouble volts(String words) {
    Matcher volts = VOLTS.matcher(plain(words));
    return volts.find() ? OptionalDouble.of(number(volts.group(1))) : OptionalDouble.empty();
  }

  private static String plain(String text) {
    return Normalizer.normalize(text.replace("ß", "ss"), Normalizer.Form.NFD)
        .replaceAll("\\p{M}", "")
        .toLowerCase(Locale.ROOT);
  }

  private static boolean says(String text) {
    return VOLTS.matcher(text).find()
        || PITCH.matcher(text).find()
        || STRIP.matcher(text).find()
        || STRING.matcher(text).find();
  }

  private static boolean fits(PixelType type, String text, List<PixelType> types) {
    OptionalDouble volts = volts(text);
    if (volts.isPresent() && volts.getAsDouble() != type.volts()) {
      return false;
    }
    OptionalDouble pitch = pitch(text, types);
    if (pitch.isPresent()
        && Math.abs(pitch.getAsDouble() - type.pitchPerM()) > NEAR * type.pitchPerM()) {
      return false;
    }
    String own = plain(type.id() + " " + type.name());
    boolean strip = STRIP.matcher(text).find();
    boolean string = STRING.matcher(text).find();
    boolean otherKind =
        (strip && !string && STRING.matcher(own).find())
            || (string && !strip && STRIP.matcher(own).find());
    boolean white = WHITE.matcher(text).find() == (type.channels() > 3);
    boolean regulated = !REGULATED.matcher(text).find() || type.load() == LoadKind.CONSTANT_POWER;
    return !otherKind && (white || onlyWhite(type, types)) && regulated;
  }

  /** A type of four channels that has no brother of three. */
  private static boolean onlyWhite(PixelType type, List<PixelType> types) {
    return type.channels() > 3
        && types.stream()
            .noneMatch(
                t ->
                    t.channels() == 3
                        && t.volts() == type.volts()
                        && t.pitchPerM() == type.pitchPerM());
  }

  /**
   * Pixels a metre that are said, or the distance from one to the next, or a number that is one.
   */
  private static OptionalDouble pitch(String text, List<PixelType> types) {
    Matcher said = PITCH.matcher(text);
    if (said.find()) {
      return OptionalDouble.of(number(said.group(1)));
    }
    Matcher apart = SPACING.matcher(text);
    if (apart.find()) {
      Unit unit = Measures.unit(apart.group(2)).orElse(Unit.CENTIMETRES);
      return Measures.metres(apart.group(1), unit, Mark.EITHER).stream()
          .mapToDouble(m -> 1 / m.doubleValue())
          .findFirst();
    }
    Matcher bare = BARE.matcher(text);
    while (bare.find()) {
      double number = number(bare.group(1));
      if (types.stream().anyMatch(t -> t.pitchPerM() == number)) {
        return OptionalDouble.of(number);
      }
    }
    return OptionalDouble.empty();
  }

  private static double number(String text) {
    return Double.parseDouble(text.replace(',', '.'));
  }
}
