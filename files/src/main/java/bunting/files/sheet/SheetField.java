package bunting.files.sheet;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What a column of somebody's list can mean. */
public enum SheetField {
  NAME("name", "Name"),
  TYPE("type", "Pixel type"),
  BUILT("built_pixels", "Pixels, built"),
  PIXELS("pixels", "Pixels"),
  LENGTH("length_m", "Length"),
  INCHES("", "Inches beside the feet"),
  UNIT("", "Unit of the length"),
  PITCH("", "Pixels a metre"),
  COPIES("", "How many alike"),
  END_X("end_x_m", "Last pixel, across"),
  END_Y("end_y_m", "Last pixel, up"),
  END_Z("end_z_m", "Last pixel, back"),
  X("x_m", "Pixel 1, across"),
  Y("y_m", "Pixel 1, up"),
  Z("z_m", "Pixel 1, back"),
  LEAD("lead_m", "Lead"),
  GROUP("group", "Group"),
  CONTROLLER("controller", "Controller"),
  PORT("port", "Port"),
  SPLIT("split", "May be divided"),
  GROUPING("group_pixels", "Pixels a slot set"),
  ORDER("colour_order", "Colour order"),
  REVERSED("reverse_data", "Reversed"),
  COURSE("course_m", "Course"),
  ROUTE("route_m", "Route of the lead"),
  LENGTH_GUESS("length_guess_percent", "Length, give or take"),
  LEAD_GUESS("lead_guess_percent", "Lead, give or take"),
  READ_OFF("length_read_off", "Length, read off"),
  KIND("light_kind", "Kind of light"),
  VOLTS("volts", "Volts"),
  CHANNELS("channels", "Colours"),
  WATTS("watts", "Watts"),
  WATTS_EACH("", "Watts a node"),
  BULBS("bulbs", "Bulbs"),
  BULB_WATTS("watts_per_bulb", "Watts a bulb"),
  CORD("cord_amps", "Amps of the cord"),
  NOTE("", "Kept as a note");

  private final String column;
  private final String text;

  SheetField(String column, String text) {
    this.column = column;
    this.text = text;
  }

  /** Whether its cells are metres or feet. */
  public boolean measured() {
    return switch (this) {
      case LENGTH, LEAD, X, Y, Z, END_X, END_Y, END_Z -> true;
      default -> false;
    };
  }

  /** Whether its cells are whole numbers. */
  public boolean counted() {
    return switch (this) {
      case PIXELS, BUILT, COPIES, PORT, GROUPING, CHANNELS, BULBS -> true;
      default -> false;
    };
  }

  /** Whether its cells are numbers with decimals. */
  public boolean numeric() {
    return switch (this) {
      case VOLTS, WATTS, WATTS_EACH, BULB_WATTS, CORD, PITCH, INCHES, LENGTH_GUESS, LEAD_GUESS ->
          true;
      default -> false;
    };
  }

  /** The column of RUNS.csv; empty where it is none of its own. */
  public String column() {
    return column;
  }

  /** As people read it. */
  public String text() {
    return text;
  }

  /** The field of that RUNS.csv column or that name. */
  static Optional<SheetField> named(String name) {
    String key = name.toLowerCase(Locale.ROOT).strip();
    return Arrays.stream(values())
        .filter(f -> f.name().toLowerCase(Locale.ROOT).equals(key) || f.isColumn(key))
        .findFirst();
  }

  private boolean isColumn(String key) {
    return !column.isEmpty() && column.equals(key);
  }
}
