package bunting.files;

import java.util.List;

/** The columns of RUNS.csv in the order in which they are written. */
final class RunColumns {
  /** Stand in every list that is written. */
  static final List<String> ALWAYS =
      List.of("name", "type", "pixels", "length_m", "x_m", "y_m", "end_x_m", "end_y_m");

  /** Stand there where a run needs them. */
  static final List<String> RUNS =
      List.of(
          "lead_m",
          "group",
          "controller",
          "port",
          "split",
          "built_pixels",
          "group_pixels",
          "colour_order",
          "reverse_data",
          "course_m",
          "route_m");

  /** What tells kinds of light apart. */
  static final String KIND = "light_kind";

  /** Lights that are not pixels; they mean something only beside {@link #KIND}. */
  static final List<String> OTHERS =
      List.of("volts", "channels", "watts", "bulbs", "watts_per_bulb", "cord_amps");

  private RunColumns() {}
}
