package bunting.desktop.survey;

import bunting.core.show.Hanging;
import bunting.core.show.PixelType;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.survey.Geometry;
import bunting.core.units.Lengths;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A run as it is typed: a name, then a length with its unit or a count of pixels. */
final class TypedRun {
  private static final Pattern COUNT = Pattern.compile("(.*\\S)\\s+(\\d{1,7})\\s*px");
  private static final Pattern LENGTH =
      Pattern.compile(
          "(.*?\\S)\\s+(\\d[\\d.,]*\\s*(?:m|cm|mm)|\\d[\\d.,]*\\s*(?:'|ft).*|\\d[\\d.,/"
              + " ]*\\s*(?:\"|in))");

  /** Runs without a place hang below the ground line, one under the other. */
  private static final double BELOW_M = -1;

  private static final double APART_M = 0.4;

  private TypedRun() {}

  /** The run; empty where the text is none, or the name is taken. */
  static Optional<Run> parse(String text, Show show, PixelType type, Lengths lengths) {
    String line = text.strip();
    Matcher count = COUNT.matcher(line);
    if (count.matches()) {
      return at(show, Run.of(count.group(1), type.id(), Integer.parseInt(count.group(2))));
    }
    Matcher length = LENGTH.matcher(line);
    if (!length.matches()) {
      return Optional.empty();
    }
    Optional<Double> metres = lengths.metres(length.group(2)).filter(m -> m > 0 && m <= 100_000);
    if (metres.isEmpty()) {
      return Optional.empty();
    }
    OptionalInt pixels = Geometry.countOf(metres.get(), type);
    return pixels.isEmpty()
        ? Optional.empty()
        : at(
            show,
            Run.of(length.group(1), type.id(), pixels.getAsInt())
                .withLength(OptionalDouble.of(metres.get())));
  }

  private static Optional<Run> at(Show show, Run run) {
    boolean sound =
        run.pixels() >= 1
            && run.pixels() <= Run.PIXELS_MAX
            && run.name().length() <= 200
            && show.run(run.name()).isEmpty();
    long below = show.runs().stream().filter(r -> r.start().y() <= BELOW_M).count();
    Point start = new Point(0, BELOW_M - below * APART_M);
    return sound
        ? Optional.of(run.withHanging(Hanging.straight(start, Optional.empty())))
        : Optional.empty();
  }
}
