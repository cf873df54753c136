package bunting.cli;

import bunting.core.show.Wire;
import bunting.files.BadInputException;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** {@code PIXEL,LENGTH_M,WIRE}. */
record FeedOption(int atPixel, double metres, Wire wire) {
  private static final Pattern FORM =
      Pattern.compile("(\\d{1,7}),(\\d{1,6}(?:\\.\\d{1,9})?),(\\w[\\w.]*)");

  static FeedOption parse(String text, int pixels) throws BadInputException {
    Matcher m = FORM.matcher(text);
    String shown = text.length() > 40 ? text.substring(0, 40) + "..." : text;
    if (!m.matches()) {
      throw new BadInputException(
          "Command line: --feed \""
              + shown
              + "\" should be PIXEL,LENGTH_M,WIRE, such as 1,2.5,16AWG.");
    }
    int pixel = Integer.parseInt(m.group(1));
    double metres = Double.parseDouble(m.group(2));
    Wire wire = Wire.parse(m.group(3)).orElse(null);
    if (pixel < 1 || pixel > pixels) {
      throw new BadInputException(
          "Command line: --feed \""
              + shown
              + "\" names a pixel that is not there; give one from 1 to "
              + pixels
              + ".");
    }
    if (metres > 100_000) {
      throw new BadInputException(
          "Command line: --feed \"" + shown + "\" is too long; give at most 100000 m.");
    }
    if (wire == null) {
      throw new BadInputException(
          "Command line: --feed \""
              + shown
              + "\" names no known wire; give a gauge such as 16AWG or a size such as 1.5mm2.");
    }
    return new FeedOption(pixel, metres, wire);
  }
}
