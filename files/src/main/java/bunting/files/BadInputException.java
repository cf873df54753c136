package bunting.files;

import java.nio.file.Path;

/**
 * Input that is wrong. Its message is one sentence on one line: where, what is wrong, what would be
 * right.
 */
public class BadInputException extends Exception {
  private static final long serialVersionUID = 1;
  private static final int LENGTH_MAX = 600;
  private static final int ECHO_MAX = 40;

  /** One sentence; it is cut to 600 characters and to one line. */
  public BadInputException(String sentence) {
    super(oneLine(sentence, LENGTH_MAX), null, false, false);
  }

  /** A problem of a file as a whole. */
  public static BadInputException of(Path file, String what) {
    return new BadInputException(name(file) + ": " + what);
  }

  /** The file's name as it is shown, shortened from the left. */
  static String name(Path file) {
    String text = oneLine(file.toString(), 4096);
    return text.length() <= 120 ? text : "..." + text.substring(text.length() - 117);
  }

  /** What stands in the input, short enough to be shown, in quotes. */
  public static String echo(String value) {
    return "\"" + oneLine(value, ECHO_MAX) + "\"";
  }

  private static String oneLine(String text, int most) {
    String line = text.replaceAll("[\\p{Cntrl}\\u2028\\u2029]+", " ");
    return line.length() <= most ? line : line.substring(0, most - 3) + "...";
  }
}
