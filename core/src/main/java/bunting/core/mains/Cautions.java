package bunting.core.mains;

import java.util.List;

/** What hurts people and burns things down, each said once in plain words (common practice). */
public final class Cautions {
  private static final List<Caution> ALL =
      List.of(
          new Caution(
              "Mains terminals",
              "covered, cords clamped, earth on every metal box; nobody opens a box that is plugged"
                  + " in."),
          new Caution(
              "RCD or GFCI", "on every outdoor outlet; press its test button before each season."),
          new Caution(
              "Weather",
              "boxes and plugs rated for it (IP65 and better), glands and plugs facing down, off"
                  + " the ground."),
          new Caution(
              "Heat and air",
              "supplies get air or a box that is large enough; after an hour at white a hand on"
                  + " each plug and supply."),
          new Caution("Hot plugging", "off before any plug is made or parted."),
          new Caution(
              "Ladders and roofs", "never alone, never in wind or on ice, never over a live cord."),
          new Caution(
              "Polarity",
              "a meter on each lead before the first pixel is plugged in: plus is plus."),
          new Caution(
              "Two supplies",
              "their outputs are never joined: V+ is cut between, ground and data go on."),
          new Caution(
              "Temporary wiring",
              "comes down when the season ends; what stays is a permanent installation, and built"
                  + " as one."),
          new Caution(
              "Metal channel", "bare joints short to it: sleeve or tape each before it goes in."));

  private Cautions() {}

  /** What it is about, and what holds. */
  public record Caution(String about, String says) {}

  /** All, the gravest first. */
  public static List<Caution> all() {
    return ALL;
  }
}
