package bunting.core.hookup;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.show.BreakerKind;
import bunting.core.show.Circuit;
import bunting.core.show.CircuitFacts;
import bunting.core.units.Lengths;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The sums of the mains as people say them. */
public final class MainsWords {
  /** What stands wherever mains are planned. */
  public static final String CAUTION =
      "Mains can kill: an RCD or GFCI on every outdoor outlet, nothing open under volts, and local"
          + " codes and, where they say so, a licensed person come before any sum here.";

  private MainsWords() {}

  /** What a circuit has for the show, step by step. */
  public static List<String> circuit(MainsSheet.OnCircuit c) {
    Circuit circuit = c.circuit();
    List<String> lines = new ArrayList<>();
    lines.add(
        number(circuit.breakerAmps())
            + " A breaker x "
            + number(circuit.continuousPercent())
            + " % for hours = "
            + fixed(circuit.allowedAmps(), 2)
            + " A");
    if (circuit.restAmps() > 0) {
      lines.add("- " + fixed(circuit.restAmps(), 2) + " A that are on it already");
    }
    for (CircuitFacts.Appliance a : circuit.facts().also()) {
      lines.add("- " + fixed(a.amps(), 2) + " A " + a.what());
    }
    if (c.used()) {
      String ids = String.join(", ", c.hung().stream().map(MainsSheet.Hung::id).toList());
      lines.add(
          "- "
              + fixed(c.worstAmps(), 2)
              + " A of the show at the most that can be sent ("
              + ids
              + "; as designed "
              + fixed(c.loadAmps(), 2)
              + " A)");
    }
    lines.add("= " + fixed(c.leftAmps(), 2) + " A left");
    return lines;
  }

  /** What starts together and when, with what would open the breaker; empty: nothing starts. */
  public static List<String> starting(MainsSheet.OnCircuit c) {
    List<String> lines = new ArrayList<>();
    Circuit circuit = c.circuit();
    for (Starting.Group g : c.starts()) {
      lines.add(
          "after "
              + number(g.atSeconds())
              + " s: "
              + String.join(", ", g.ids())
              + ": "
              + fixed(g.inrushAmps(), 0)
              + (g.assumed() ? " A for a moment (as is usual)" : " A for a moment")
              + (g.before() > 0 ? " over " + fixed(g.before(), 1) + " A" : "")
              + (g.over(circuit) ? ", and the breaker may open" : ""));
    }
    return lines;
  }

  /** What the breaker does with a spike. */
  public static String breaker(Circuit circuit) {
    String kind =
        circuit.facts().breaker() == BreakerKind.UNKNOWN
            ? "kind not looked at: taken as the most sensitive (B)"
            : circuit.facts().breaker().words();
    return kind + "; " + fixed(circuit.tripAmps(), 0) + " A may open it at once";
  }

  /** What switches a whole circuit. */
  public static String switchgear(MainsSheet.OnCircuit c) {
    double most = c.starts().stream().mapToDouble(Starting.Group::inrushAmps).max().orElse(0);
    Optional<Switchgear> all = Switchgear.bearing(c.worstAmps(), c.inrushAmps());
    Optional<Switchgear> staggered = Switchgear.bearing(c.worstAmps(), most);
    String together = all.map(Switchgear::what).orElse("none of the usual parts");
    String parted = staggered.map(Switchgear::what).orElse("none of the usual parts");
    return together.equals(parted)
        ? "switched by " + together
        : "all at once: " + together + "; group by group: " + parted + " each";
  }

  /** A cord, its size, drop and limit. */
  public static String cord(Cords.Cord c, double volts, Lengths lengths) {
    String length =
        c.lengthM().isPresent()
            ? lengths.rough(c.lengthM().getAsDouble())
            : "length not known (no outlet of the circuit is on the elevation)";
    String drop =
        c.lengthM().isPresent()
            ? ", loses "
                + fixed(c.dropVolts(), 2)
                + " V ("
                + fixed(c.dropVolts() / volts * 100, 1)
                + " %)"
            : "";
    return String.join(", ", c.feeds())
        + ": "
        + length
        + " of "
        + c.wire().id()
        + ", carries "
        + fixed(c.amps(), 2)
        + " A of "
        + number(c.ampsMax())
        + drop
        + (c.ownFuseAmps().isPresent()
            ? "; before it a fuse or breaker of " + number(c.ownFuseAmps().getAsDouble()) + " A"
            : "");
  }

  /** What a supply burns in the dark, and what its cutting does. */
  public static String dark(Standby.Dark d) {
    String cut = d.switched() ? "cut" : "stays on";
    String reboots =
        d.switched() && !d.reboots().isEmpty()
            ? "; "
                + String.join(", ", d.reboots())
                + (d.reboots().size() == 1 ? " starts" : " start")
                + " anew each evening: a small supply of its own keeps a board awake"
            : "";
    return d.supply() + ": " + fixed(d.darkWatts(), 1) + " W in the dark, " + cut + reboots;
  }
}
