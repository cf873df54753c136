package bunting.core.mains;

import static bunting.core.show.Texts.number;

import bunting.core.show.PlaceRules;
import bunting.core.show.RuleProfile;
import java.util.ArrayList;
import java.util.List;

/** What the rules of a place say, each figure with its source. */
public final class RuleBook {
  /** What stands under every list of rules. */
  public static final String DEFERS =
      "Figures to plan by, no legal advice: local codes and, where they say so, a licensed person"
          + " decide.";

  private RuleBook() {}

  /** A rule, its figure, and where it comes from. */
  public record Rule(String what, String figure, String source) {}

  /** All, in the order in which one meets them. */
  public static List<Rule> of(PlaceRules rules) {
    List<Rule> list = new ArrayList<>();
    RuleProfile p = rules.profile();
    list.add(
        new Rule(
            "A breaker, for hours",
            number(rules.continuousPercent()) + " %",
            switch (p) {
              case NORTH_AMERICA -> "NFPA 70 210.20(A), from memory";
              case IEC ->
                  "common practice; IEC 60364-4-43 itself asks only for no more than the rating,"
                      + " from memory";
              case OWN -> "your own";
              case UNSAID -> "the rule of North America, taken everywhere (from memory)";
            }));
    list.add(new Rule("Bulb strings", "watts / (110/120 of the mains)", "common practice"));
    list.add(
        switch (p) {
          case NORTH_AMERICA ->
              new Rule(
                  "Cords",
                  "16 AWG 13 A, 14 AWG 15 A, 12 AWG 20 A, 10 AWG 30 A",
                  "NFPA 70 table 400.5(A)(1), from memory");
          case UNSAID, IEC, OWN ->
              new Rule(
                  "Cords",
                  "1 mm² 10 A, 1.5 mm² 16 A, 2.5 mm² 25 A, 4 mm² 32 A (under 200 V: AWG)",
                  "EN 50565-1, from memory");
        });
    list.add(
        new Rule(
            "Loss on a cord",
            "3 % at most",
            p == RuleProfile.NORTH_AMERICA
                ? "NFPA 70 210.19(A) informational note, from memory"
                : "IEC 60364-5-52 annex G for lighting, from memory"));
    list.add(
        new Rule(
            "Low-voltage fuses",
            p == RuleProfile.NORTH_AMERICA
                ? "18 AWG 7 A, 16 AWG 10 A, 14 AWG 15 A, 12 AWG 20 A, 10 AWG 30 A"
                : "0.75 mm² 6 A, 1 mm² 10 A, 1.5 mm² 15 A, 2.5 mm² 20 A, 4 mm² 25 A",
            p == RuleProfile.NORTH_AMERICA ? "NFPA 70 240.4(D), from memory" : "common practice"));
    list.add(
        new Rule(
            "Temporary wiring",
            rules.temporaryDays().isPresent()
                ? rules.temporaryDays().getAsInt() + " days, then it is permanent"
                : "no figure: ask",
            p == RuleProfile.NORTH_AMERICA
                ? "NFPA 70 590.3(B), from memory"
                : p == RuleProfile.OWN ? "your own" : "national rules differ"));
    list.add(
        new Rule(
            "Outdoors",
            p == RuleProfile.NORTH_AMERICA ? "GFCI of 5 mA" : "RCD of 30 mA at most",
            p == RuleProfile.NORTH_AMERICA
                ? "NFPA 70 210.8, from memory"
                : "IEC 60364-4-41 411.3.3, from memory"));
    return list;
  }
}
