package bunting.core.pattern;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** The looks, in the order in which they are reached for. */
public enum Pattern {
  /** Every channel of every light. */
  WHITE("white", "Drop: the far ends turn orange where volts are missing"),
  /** Red. */
  RED("red", "Red alone: wrong order shows another colour"),
  /** Green. */
  GREEN("green", "Green alone"),
  /** Blue. */
  BLUE("blue", "Blue alone: the first colour to go where volts are missing"),
  /** Red, green, blue, a second each. */
  RGB_STEP("rgb-step", "Red, green, blue, a second each: the colour order"),
  /** One white light, one step a frame. */
  CHASE("chase", "One white pixel: direction, dead pixels, the true count"),
  /** A colour for each port. */
  PORTS("ports", "A colour for each port: swapped plugs"),
  /** A colour for each box, on and off. */
  IDENTIFY("identify", "A colour for each box, on and off: which is which"),
  /** A colour for each universe. */
  UNIVERSES("universes", "A colour for each universe: where one ends"),
  /** A colour for each feed. */
  FEEDS("feeds", "A colour for each feed: which pixels are nearest to which"),
  /** Every tenth pixel green, every fiftieth red. */
  TENS("tens", "Every 10th green, every 50th red: to count by"),
  /** Every fiftieth pixel white. */
  FIFTIES("fifties", "Every 50th pixel white: to count by"),
  /** Red, green, blue and white again and again along each run. */
  ORDER("order", "First pixel red, second green, third blue, fourth white, again and again"),
  /** White that rises and falls. */
  RAMP("ramp", "White that rises and falls: flicker and limits"),
  /** Nothing. */
  BLACK("black", "Dark: what still glows is stuck or not driven");

  private final String id;
  private final String about;

  Pattern(String id, String about) {
    this.id = id;
    this.about = about;
  }

  /** The name on the command line. */
  public String id() {
    return id;
  }

  /** What it is for. */
  public String about() {
    return about;
  }

  /** The pattern of that name. */
  public static Optional<Pattern> of(String id) {
    return Arrays.stream(values()).filter(p -> p.id.equals(id)).findFirst();
  }

  /** All names. */
  public static List<String> ids() {
    return Arrays.stream(values()).map(Pattern::id).toList();
  }
}
