package bunting.files;

import bunting.files.codec.Field;
import java.util.List;
import java.util.stream.Stream;

/** The columns of RUNS.csv in the order in which they are written. */
final class RunColumns {
  /** Stand in every list that is written. */
  static final List<String> ALWAYS =
      List.of("name", "type", "pixels", "length_m", "x_m", "y_m", "end_x_m", "end_y_m");

  /** Stand there where a run needs them. */
  static final List<String> RUNS =
      RunFields.ALL.stream().map(Field::column).filter(c -> !ALWAYS.contains(c)).toList();

  /** What tells kinds of light apart. */
  static final String KIND = "light_kind";

  /** Lights that are not pixels; they mean something only beside {@link #KIND}. */
  static final List<String> OTHERS =
      Stream.of(LightFields.SET, LightFields.BULBS)
          .flatMap(s -> s.columns().stream())
          .filter(c -> !ALWAYS.contains(c) && !RUNS.contains(c))
          .toList();

  private RunColumns() {}
}
