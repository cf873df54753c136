package bunting.core.checks;

import bunting.core.assess.Reading;
import bunting.core.plan.Planner;
import bunting.core.show.Catalogue;
import bunting.core.show.Conductors;
import bunting.core.show.Decisions;
import bunting.core.show.Feed;
import bunting.core.show.HeldPost;
import bunting.core.show.InjectionSchool;
import bunting.core.show.PowerWays;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Supply;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** Readings with one fault of power each, by the code of the check that must find it. */
final class PowerFaults {
  private PowerFaults() {}

  static Map<String, Reading> all() {
    Map<String, Reading> faults = new HashMap<>();
    faults.put("v-plus-joined", joined());
    faults.put("fuse-above-holder", fused(15));
    faults.put("input-wires", read(viaPort(100, input("22AWG", 2, 0.2))));
    faults.put("brown-out", read(viaPort(100, input("18AWG", 1, 8))));
    faults.put("hot-connector", hot());
    faults.put("wire-too-thick", thick());
    faults.put("trim-limit", read(viaPort(40, Conductors.PLAIN.withTrim(5, 5.8))));
    faults.put("closed-box-heat", boxed(3));
    faults.put("aluminium-fuses", fused(15));
    faults.put("no-way", noWay());
    faults.put("no-joint", noJoint());
    faults.put("tail-rule", trunk(f -> f));
    faults.put("trunk-amps", lostTails());
    faults.put("thin-tail", trunk(f -> f.withLength(5)));
    return faults;
  }

  /** A cable of 10 AWG where the only blocks take 12. */
  private static Reading noWay() {
    Show show = Show.of(List.of(Run.of("Wheel", "5v-strip-60", 30)));
    HeldPost post = new HeldPost("Wheel", 1, false, Optional.of("10AWG"), OptionalDouble.of(1));
    Catalogue c = show.catalogue();
    Catalogue small = c.withBlocks(c.blocks().subList(0, 1));
    return read(
        show.withCatalogue(small).withWiring(show.wiring().withPosts("Wheel", List.of(post))));
  }

  /** All of a strip's 17 A come in between its packs. */
  private static Reading noJoint() {
    Show show = Show.of(List.of(Run.of("Weir", "5v-strip-60", 340)));
    HeldPost post = new HeldPost("Weir", 301, false, Optional.of("10AWG"), OptionalDouble.of(1));
    return read(show.withWiring(show.wiring().withPosts("Weir", List.of(post))));
  }

  /** A trunk past two runs of 5 A each, whose tails are changed. */
  private static Reading trunk(java.util.function.UnaryOperator<Feed> change) {
    Show show =
        Show.of(List.of(Run.of("Weir", "5v-strip-60", 100), Run.of("Lip", "5v-strip-60", 100)));
    PowerWays ways = show.wiring().ways().with(InjectionSchool.TRUNK, 150);
    return changed(show.withWiring(show.wiring().with(ways)), change);
  }

  /** The same with one thin tail to each run, which then carries 5 A. */
  private static Reading lostTails() {
    Reading sound = trunk(f -> f.withWire("22AWG"));
    List<Feed> first = sound.decisions().feeds().stream().filter(f -> f.atPixel() == 1).toList();
    return Reading.of(sound.show(), sound.decisions().withFeeds(first));
  }

  private static Reading read(Show show) {
    return Reading.of(show, Planner.sketch(show));
  }

  /** A 5 V strip fed by its port, and what is known of conductors. */
  private static Show viaPort(int pixels, Conductors copper) {
    Show show = Show.of(List.of(Run.of("Wheel", "5v-strip-60", pixels)));
    HeldPost post = new HeldPost("Wheel", 1, true, Optional.of("12AWG"), OptionalDouble.of(1));
    return show.withWiring(show.wiring().with(copper).withPosts("Wheel", List.of(post)));
  }

  private static Conductors input(String wire, int wires, double metres) {
    return new Conductors(
        20, 0, 0, 0, metres, wires, Optional.of(wire), true, Map.of(), Conductors.JUMPER);
  }

  private static Reading changed(Show show, java.util.function.UnaryOperator<Feed> change) {
    Decisions plan = Planner.sketch(show);
    return Reading.of(show, plan.withFeeds(plan.feeds().stream().map(change).toList()));
  }

  private static Reading fused(double amps) {
    return changed(viaPort(40, Conductors.PLAIN), f -> f.withFuse(amps).withWire("10AWG"));
  }

  private static Reading hot() {
    return changed(viaPort(170, Conductors.PLAIN), f -> f.withFuse(10).withWire("10AWG"));
  }

  private static Reading thick() {
    return changed(viaPort(40, Conductors.PLAIN), f -> f.withFuse(3).withWire("10AWG"));
  }

  /** Two feeds of one run, each from a supply of its own. */
  private static Reading joined() {
    Show show = Show.of(List.of(Run.of("Weir", "5v-strip-60", 200)));
    Decisions plan = Planner.sketch(show);
    Supply first = plan.supplies().getFirst();
    List<Supply> two = new ArrayList<>(plan.supplies());
    two.add(new Supply("S9", first.type(), first.at(), Optional.empty()));
    List<Feed> feeds = new ArrayList<>(plan.feeds());
    Feed last = feeds.removeLast();
    feeds.add(last.withSupply("S9"));
    return Reading.of(show, plan.with(two, plan.others()).withFeeds(feeds));
  }

  private static Reading boxed(double litres) {
    PowerWays d = PowerWays.DEFAULT;
    PowerWays tight =
        new PowerWays(
            d.school(),
            d.everyPixels(),
            d.fromPorts(),
            d.limiter(),
            d.fewSizes(),
            d.fuses(),
            d.nextSizeUp(),
            litres,
            d.ambientCelsius(),
            false,
            0);
    Show show = Show.of(List.of(Run.of("Weir", "5v-strip-60", 900)));
    return read(show.withWiring(show.wiring().with(tight)));
  }
}
