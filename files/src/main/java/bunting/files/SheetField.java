package bunting.files;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What a column of somebody's spreadsheet can mean. */
public enum SheetField {
  NAME("name", "Name", "name|run|item|where|what|label|element|segment"),
  TYPE("type", "Pixel type", "type|pixel type|strip|string type|kind|material"),
  BUILT("built_pixels", "Pixels, built", "built|actual|counted|real count|as built"),
  PIXELS(
      "pixels",
      "Pixels",
      "pixels|px|count|nodes|leds|lights|quantity|qty|number of pixels|planned"),
  LENGTH_FT("length_ft", "Length, feet", "length ft|feet|ft|foot"),
  LENGTH_CM("length_m", "Length, cm", "length cm|cm"),
  LENGTH("length_m", "Length, metres", "length m|length|len|metres|meters|m|measured|size"),
  END_X("end_x_m", "Last pixel, across", "end x|x2|to x"),
  END_Y("end_y_m", "Last pixel, up", "end y|y2|to y"),
  X("x_m", "Pixel 1, across", "x|x1|start x|from x|across"),
  Y("y_m", "Pixel 1, up", "y|y1|start y|from y|height"),
  LEAD("lead_m", "Lead", "lead|cable|lead length|cable length|extension"),
  GROUP("group", "Group", "group|area|zone|set|section"),
  CONTROLLER("controller", "Controller", "controller|box|board"),
  PORT("port", "Port", "port|output|out"),
  SPLIT("split", "May be divided", "split|may split|divisible"),
  GROUPING("group_pixels", "Pixels a slot set", "group pixels|grouping|per slot"),
  ORDER("colour_order", "Colour order", "colour order|color order|order|rgb order"),
  REVERSED("reverse_data", "Reversed", "reverse data|reversed|reverse"),
  COURSE("course_m", "Course", "course m|course"),
  ROUTE("route_m", "Route of the lead", "route m|route"),
  KIND("light_kind", "Kind of light", "light kind"),
  VOLTS("volts", "Volts", ""),
  CHANNELS("channels", "Colours", ""),
  WATTS("watts", "Watts", ""),
  BULBS("bulbs", "Bulbs", ""),
  BULB_WATTS("watts_per_bulb", "Watts a bulb", ""),
  CORD("cord_amps", "Amps of the cord", ""),
  NOTE("", "Kept as a note", "");

  private final String column;
  private final String text;
  private final String headings;

  SheetField(String column, String text, String headings) {
    this.column = column;
    this.text = text;
    this.headings = headings;
  }

  /** Headings that mean it, in lower case. */
  private List<String> headings() {
    return Arrays.asList(headings.split("\\|", -1));
  }

  /** Whether it means something only beside a kind of light. */
  boolean ofOthers() {
    return switch (this) {
      case VOLTS, CHANNELS, WATTS, BULBS, BULB_WATTS, CORD -> true;
      default -> false;
    };
  }

  /** The column of RUNS.csv. */
  String column() {
    return column;
  }

  /** As people read it. */
  public String text() {
    return text;
  }

  /** The field of that RUNS.csv column or that name, for the command line. */
  public static Optional<SheetField> named(String name) {
    String key = name.toLowerCase(Locale.ROOT).strip();
    return Arrays.stream(values())
        .filter(f -> f.name().toLowerCase(Locale.ROOT).equals(key) || f.column.equals(key))
        .findFirst();
  }

  /**
   * What a heading most likely means: the same words first, then a heading that begins or ends with
   * them; else a note.
   */
  static SheetField guess(String heading) {
    String words = heading.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\d]+", " ").strip();
    String column = heading.toLowerCase(Locale.ROOT).strip();
    for (SheetField field : values()) {
      boolean ours = field.column.equals(column) && field != LENGTH_CM && field != NOTE;
      if (ours || field.headings().contains(words)) {
        return field;
      }
    }
    SheetField best = NOTE;
    int length = 1;
    for (SheetField field : values()) {
      for (String known : field.headings()) {
        boolean near =
            words.startsWith(known + " ")
                || words.endsWith(" " + known)
                || words.contains(" " + known + " ");
        if (near && known.length() > length) {
          best = field;
          length = known.length();
        }
      }
    }
    return best;
  }
}
