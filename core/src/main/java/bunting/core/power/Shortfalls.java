package bunting.core.power;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.copper.Fuses;
import bunting.core.show.Texts;
import bunting.core.show.Wire;
import java.util.List;

/** What an island lacks, in words and as the two numbers that were compared. */
final class Shortfalls {
  private final Stretch stretch;
  private final PowerRules rules;
  private final int feeds;

  Shortfalls(Stretch stretch, PowerRules rules, int feeds) {
    this.stretch = stretch;
    this.rules = rules;
    this.feeds = feeds;
  }

  private int pixel(int index) {
    return stretch.place(index).pixel();
  }

  Shortfall volts(int index, double volts) {
    return new Shortfall(
        "with "
            + Texts.count(feeds, "feed", "feeds")
            + ", pixel "
            + pixel(index)
            + " would have "
            + fixed(volts, 2)
            + " V where "
            + fixed(rules.minVolts(), 2)
            + " V is the least: "
            + fixed(Math.max(rules.minVolts() - volts, 0), 2)
            + " V too few",
        volts,
        rules.minVolts(),
        "V");
  }

  Shortfall falls(int index) {
    return new Shortfall(
        "even with "
            + Texts.count(feeds, "feed", "feeds")
            + ", the wires cannot carry what pixel "
            + pixel(index)
            + " asks for: its volts would break down to 0 V where "
            + fixed(rules.minVolts(), 2)
            + " V is the least",
        0,
        rules.minVolts(),
        "V");
  }

  Shortfall supply(double amps) {
    return new Shortfall(
        "needs "
            + fixed(amps, 2)
            + " A from one "
            + number(rules.volts())
            + " V supply, and the largest gives "
            + fixed(rules.supplyAmps(), 2)
            + " A: "
            + fixed(amps - rules.supplyAmps(), 2)
            + " A too few",
        amps,
        rules.supplyAmps(),
        "A");
  }

  Shortfall rail(int index, double amps, double most) {
    return new Shortfall(
        "its own rail would carry "
            + fixed(amps, 2)
            + " A behind pixel "
            + pixel(index)
            + " and bears "
            + number(most)
            + " A: "
            + fixed(amps - most, 2)
            + " A too many",
        amps,
        most,
        "A");
  }

  /** A lead between pieces, or a jumper inside one. */
  Shortfall link(String what, int index, double amps, Wire wire) {
    return new Shortfall(
        "the "
            + what
            + " behind pixel "
            + pixel(index)
            + " would carry "
            + fixed(amps, 2)
            + " A, and "
            + wire.id()
            + " bears "
            + number(wire.fuseAmpsMax())
            + " A: "
            + fixed(amps - wire.fuseAmpsMax(), 2)
            + " A too few",
        amps,
        wire.fuseAmpsMax(),
        "A");
  }

  Shortfall port(double amps, double most) {
    return new Shortfall(
        "the port would carry "
            + fixed(amps, 2)
            + " A of the "
            + fixed(most, 2)
            + " A that are left for it: "
            + fixed(amps - most, 2)
            + " A too few",
        amps,
        most,
        "A");
  }

  Shortfall terminal(Wire wire, double takes) {
    return new Shortfall(
        wire.id()
            + " is "
            + fixed(wire.sizeMm2(), 1)
            + " mm2, and the port's terminal takes "
            + fixed(takes, 1)
            + " mm2: "
            + fixed(wire.sizeMm2() - takes, 1)
            + " mm2 too thick",
        wire.sizeMm2(),
        takes,
        "mm2");
  }

  Shortfall shared(double holder, double bears) {
    return new Shortfall(
        "a shared holder may have a "
            + number(holder)
            + " A fuse, and the wire behind it bears "
            + number(bears)
            + " A: "
            + fixed(holder - bears, 2)
            + " A too few",
        holder,
        bears,
        "A");
  }

  /** No fuse bears the load and is borne: too much of it, or no size lies between. */
  Shortfall fuse(int feed, List<Post> posts, double amps, double bears) {
    double needs = amps * rules.margin();
    String start =
        "the feed at pixel "
            + pixel(posts.get(feed).at())
            + " needs a fuse of "
            + fixed(needs, 2)
            + " A or more, and its wire and holder bear "
            + number(bears)
            + " A: ";
    if (Fuses.over(needs, bears)) {
      return new Shortfall(start + fixed(needs - bears, 2) + " A too few", needs, bears, "A");
    }
    double size = Fuses.next(needs, 1, Fuses.LARGEST).orElse(needs);
    return new Shortfall(
        start + "no size lies between, the next is " + number(size) + " A", size, bears, "A");
  }
}
