package bunting.core.units;

import java.util.regex.Pattern;

/** Which mark stands before the decimals where somebody writes numbers. */
public enum Mark {
  /** A point; commas, blanks and apostrophes part thousands. */
  POINT,
  /** A comma; points, blanks and apostrophes part thousands. */
  COMMA,
  /** Not known: a mark that stands alone is taken for the decimal one. */
  EITHER;

  private static final String BEFORE_THREE = "(?=\\d{3}(?!\\d))";
  private static final Pattern BLANKS =
      Pattern.compile("(?<=\\d)[ \\u00a0\\u2009\\u202f'’]" + BEFORE_THREE);
  private static final Pattern COMMAS = Pattern.compile("(?<=\\d)," + BEFORE_THREE);
  private static final Pattern POINTS = Pattern.compile("(?<=\\d)\\." + BEFORE_THREE);
  private static final Pattern POINT_LAST = Pattern.compile(".*\\d,\\d{3}\\.\\d+.*");
  private static final Pattern COMMA_LAST = Pattern.compile(".*\\d\\.\\d{3},\\d+.*");

  /** A text with its numbers as Java writes them: no marks between thousands, a point. */
  String plain(String text) {
    Mark mark = this;
    if (mark == EITHER) {
      mark =
          POINT_LAST.matcher(text).matches()
              ? POINT
              : COMMA_LAST.matcher(text).matches() ? COMMA : EITHER;
    }
    String joined = BLANKS.matcher(text).replaceAll("");
    return switch (mark) {
      case POINT -> COMMAS.matcher(joined).replaceAll("").replaceAll("(?<=\\d),(?=\\d)", ".");
      case COMMA -> POINTS.matcher(joined).replaceAll("").replaceAll("(?<=\\d),(?=\\d)", ".");
      case EITHER -> joined.replaceAll("(?<=\\d),(?=\\d)", ".");
    };
  }
}
