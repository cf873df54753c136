package bunting.core.build;

import bunting.core.show.ControllerType;
import bunting.core.show.DimmerType;
import bunting.core.show.DistributionBlock;
import bunting.core.show.SupplyType;
import bunting.core.show.Texts;
import java.util.Optional;

/**
 * A thing that is screwed onto a plate. Sizes are those of usual things of the kind, from memory:
 * measure yours before you drill.
 *
 * @param id of what it is in the plan; of what the plan has no name for, its kind
 * @param says what it is, in some words
 * @param wideMm as it is screwed on, millimetres
 * @param tallMm upwards
 * @param airMm that it wants around it
 */
public record Part(Kind kind, String id, String says, double wideMm, double tallMm, double airMm) {
  /** Id of the terminals of the mains. */
  static final String MAINS = "mains";

  private static final double AIR_MM = 15;

  /** A supply breathes through its sides. */
  private static final double SUPPLY_AIR_MM = 30;

  /** Watts and size of usual supplies in a case of sheet metal, mm. */
  private static final double[][] SUPPLIES = {
    {60, 110, 78}, {100, 129, 97}, {150, 159, 97}, {200, 199, 98}, {400, 215, 115}, {600, 247, 127}
  };

  private static final double[] LARGEST_SUPPLY = {280, 140};

  /** Kinds of parts, in the order from the top of the box to its glands. */
  public enum Kind {
    /** Where the mains come in, with the bar for earth. */
    TERMINALS("mains terminals", Zone.TOP),
    /** Cuts supplies while all is dark. */
    RELAY("relay", Zone.TOP),
    /** Keeps a board alive while the pixels' supply is cut. */
    SMALL_SUPPLY("small supply", Zone.TOP),
    /** Low voltage from the mains. */
    SUPPLY("supply", Zone.TOP),
    /** Fused ways. */
    BLOCK("distribution block", Zone.MIDDLE),
    /** Ports. */
    BOARD("board", Zone.BOTTOM),
    /** Outputs for plain sets. */
    DIMMER("dimmer", Zone.BOTTOM);

    private final String words;
    private final Zone zone;

    Kind(String words, Zone zone) {
      this.words = words;
      this.zone = zone;
    }

    /** As people say it. */
    public String words() {
      return words;
    }

    /** Where it goes. */
    Zone zone() {
      return zone;
    }

    /** Whether the mains are on its terminals. */
    public boolean mains() {
      return zone == Zone.TOP;
    }
  }

  /** Heat rises from the supplies, so they are above; ports are next to the glands. */
  enum Zone {
    TOP,
    MIDDLE,
    BOTTOM
  }

  static Part supply(String id, SupplyType type) {
    double[] size = LARGEST_SUPPLY;
    for (double[] s : SUPPLIES) {
      if (type.watts() <= s[0]) {
        size = new double[] {s[1], s[2]};
        break;
      }
    }
    String says = Texts.number(type.volts()) + " V, " + Texts.number(type.watts()) + " W";
    return new Part(Kind.SUPPLY, id, says, size[0], size[1], SUPPLY_AIR_MM);
  }

  /** Ports stand in two columns of terminals 10 mm apart, beside the brain. */
  static Part board(String id, ControllerType type, String stack) {
    double wide = 90 + 10 * Math.ceil(type.ports() / 2.0);
    double tall = type.ports() > 16 ? 140 : type.ports() > 4 ? 110 : 85;
    String says = type.name() + (stack.isEmpty() ? "" : "; from the top: " + stack);
    return new Part(Kind.BOARD, id, says, wide, tall, AIR_MM);
  }

  static Part dimmer(String id, DimmerType type) {
    return new Part(Kind.DIMMER, id, type.name(), 70 + 8.0 * type.outputs(), 70, AIR_MM);
  }

  static Part block(String id, DistributionBlock type) {
    return new Part(Kind.BLOCK, id, type.name(), 30 + 14.0 * type.ways(), 70, AIR_MM);
  }

  static Part terminals(int supplies) {
    String says = "line, neutral and earth for " + Texts.count(supplies, "supply", "supplies");
    return new Part(Kind.TERMINALS, MAINS, says, 40 + 18.0 * supplies, 50, AIR_MM);
  }

  static Part relay(String supplies) {
    return new Part(Kind.RELAY, "relay", "cuts " + supplies, 54, 90, AIR_MM);
  }

  static Part smallSupply(Optional<String> name, String keeps) {
    return new Part(
        Kind.SMALL_SUPPLY,
        name.orElse("small supply"),
        "keeps " + keeps + " alive",
        54,
        90,
        AIR_MM);
  }
}
