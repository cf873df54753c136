package bunting.core.pattern;

/** Colours that are told apart on the floor. White is every channel that there is. */
public enum Colour {
  /** Nothing. */
  BLACK(""),
  /** Red. */
  RED("R"),
  /** Green. */
  GREEN("G"),
  /** Blue. */
  BLUE("B"),
  /** Red and green. */
  YELLOW("RG"),
  /** Green and blue. */
  CYAN("GB"),
  /** Red and blue. */
  MAGENTA("RB"),
  /** All. */
  WHITE("*");

  private static final Colour[] ROW = {RED, GREEN, BLUE, YELLOW, CYAN, MAGENTA, WHITE};

  private final String letters;

  Colour(String letters) {
    this.letters = letters;
  }

  /** The colour of the thing of that number, from 1: a row of seven, then again. */
  public static Colour ofNumber(int number) {
    return ROW[Math.floorMod(number - 1, ROW.length)];
  }

  /** Whether it lights a channel of that letter; of one without a letter only white does. */
  public boolean lights(String order, int channel) {
    return this == WHITE
        || (channel < order.length() && letters.indexOf(order.charAt(channel)) >= 0);
  }
}
