package bunting.core.show;

import java.util.ArrayList;
import java.util.List;

/**
 * What is known of the plugs of a pixel type: which kind it comes with, and what its pins carry.
 *
 * @param pixelType id of the type
 * @param plug in the builder's words, such as "round, three pins, white ring"; empty: not said
 * @param backup whether it has a second data wire, that goes on past a dead pixel
 * @param back whether its last pixel's data comes back through the same plug
 * @param plus on which side its V+ is
 */
public record TypePlug(String pixelType, String plug, boolean backup, boolean back, Side plus) {
  /** Where V+ is, with the arrow of the data pointing away from one. */
  public enum Side {
    /** Nobody looked. */
    UNSAID("unsaid"),
    /** On the left. */
    LEFT("left"),
    /** On the right. */
    RIGHT("right");

    private final String id;

    Side(String id) {
      this.id = id;
    }

    /** The name used in files. */
    public String id() {
      return id;
    }

    /** Whether the other is known to be opposite. */
    public boolean crosses(Side other) {
      return this != UNSAID && other != UNSAID && this != other;
    }
  }

  /** Nothing is known. */
  public static TypePlug of(String pixelType) {
    return new TypePlug(pixelType, "", false, false, Side.UNSAID);
  }

  /** What is known, in words; none: nothing is. */
  public List<String> says() {
    List<String> says = new ArrayList<>();
    if (!plug.isEmpty()) {
      says.add(plug);
    }
    if (backup) {
      says.add("backup data");
    }
    if (back) {
      says.add("data comes back");
    }
    if (plus != Side.UNSAID) {
      says.add("V+ on the " + plus.id());
    }
    return says;
  }
}
