package bunting.core.assess;

import bunting.core.dc.Line;
import bunting.core.dc.LineSolution;
import bunting.core.dc.LineSolver;
import bunting.core.dc.Trunk;
import bunting.core.dc.VoltProfile;
import bunting.core.show.Conductors;
import bunting.core.show.Feed;
import bunting.core.show.LoadKind;
import bunting.core.show.PixelType;
import bunting.core.show.Segment;
import bunting.core.show.Wire;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Divides a port's chain into islands of V+ and solves each; a chain that was solved before with
 * all the same around it is taken as it was.
 */
final class IslandSolver {
  /** A segment of the chain with what the solver needs to know of it. */
  record Link(Segment segment, PixelType type, double leadM) {}

  /** A feed and the metres of its cable. */
  record Cable(Feed feed, double metres) {}

  /** Everything that a chain's volts depend on. */
  record Chain(
      List<Link> links,
      List<Cable> cables,
      List<Integer> cutAfter,
      double brightness,
      Conductors copper,
      double busVolts) {}

  /** A chain's islands and the volts of its segments, in order. */
  record Solved(Chain chain, List<IslandReading> islands, List<Volts> volts) {}

  /** Volts of one segment, and whether all its islands stand. */
  record Volts(VoltProfile profile, boolean stands) {}

  private final Map<String, Wire> wires;
  private final Map<Chain, Solved> before = new HashMap<>();

  /**
   * A solver.
   *
   * @param before what was solved for an earlier state of the show
   */
  IslandSolver(Map<String, Wire> wires, Collection<Solved> before) {
    this.wires = wires;
    before.forEach(s -> this.before.put(s.chain(), s));
  }

  /** The islands and volts of a chain that is not empty. */
  Solved solve(Chain chain) {
    Solved known = before.get(chain);
    return known != null ? known : fresh(chain);
  }

  private Solved fresh(Chain chain) {
    Line whole = line(chain);
    List<Integer> cuts = new ArrayList<>(chain.cutAfter());
    cuts.add(whole.size() - 1);
    double[] volts = new double[whole.size()];
    boolean[] stands = new boolean[whole.size()];
    List<IslandReading> islands = new ArrayList<>();
    int start = 0;
    for (int cut : cuts) {
      IslandReading island = island(chain, whole, start, cut + 1);
      islands.add(island);
      int from = start;
      island
          .solution()
          .ifPresent(
              s -> {
                for (int i = 0; i < s.volts().size(); i++) {
                  volts[from + i] = s.volts().at(i);
                }
                Arrays.fill(stands, from, from + s.volts().size(), true);
              });
      start = cut + 1;
    }
    return new Solved(chain, islands, bySegment(chain.links(), volts, stands));
  }

  /** All pixels of a chain in a row, and the leads between segments. */
  private Line line(Chain chain) {
    int n = chain.links().stream().mapToInt(l -> l.segment().pixels()).sum();
    double[] amps = new double[n];
    double[] idle = new double[n];
    LoadKind[] kinds = new LoadKind[n];
    double[] ohms = new double[n];
    int from = 0;
    for (Link link : chain.links()) {
      int to = from + link.segment().pixels();
      Arrays.fill(amps, from, to, link.type().amps(chain.brightness()));
      Arrays.fill(idle, from, to, link.type().amps(0));
      Arrays.fill(kinds, from, to, link.type().load());
      Arrays.fill(ohms, from, to, link.type().loopOhms() * chain.copper().warmth());
      if (from > 0) {
        ohms[from - 1] =
            link.segment()
                .leadWire()
                .map(w -> chain.copper().leadOhms(wires.get(w), link.leadM()))
                .orElse(0.0);
      }
      from = to;
    }
    double nominal = chain.links().getFirst().type().volts();
    return new Line(nominal, nominal, amps, kinds, ohms, new int[0], new double[0]).withIdle(idle);
  }

  private IslandReading island(Chain chain, Line whole, int from, int to) {
    List<IslandReading.Part> parts = new ArrayList<>();
    int offset = 0;
    for (Link link : chain.links()) {
      Segment s = link.segment();
      int first = Math.max(from, offset);
      int last = Math.min(to, offset + s.pixels());
      if (first < last) {
        parts.add(
            new IslandReading.Part(
                s.id(), s.run(), s.firstPixel() + first - offset, first - from, last - first));
      }
      offset += s.pixels();
    }
    Segment head = chain.links().getFirst().segment();
    IslandReading bare =
        new IslandReading(
            head.controller(),
            head.port(),
            parts,
            whole.part(from, to),
            List.of(),
            Optional.empty());
    List<Cable> here = chain.cables().stream().filter(c -> isOn(bare, c.feed())).toList();
    List<Cable> plain = here.stream().filter(c -> c.feed().taps().isEmpty()).toList();
    List<Cable> trunks = here.stream().filter(c -> !c.feed().taps().isEmpty()).toList();
    Line line = powered(chain, bare, plain, trunks);
    List<Feed> feeds = new ArrayList<>();
    plain.forEach(c -> feeds.add(c.feed()));
    trunks.forEach(c -> feeds.add(c.feed()));
    Optional<LineSolution.Stands> solution =
        !feeds.isEmpty() && LineSolver.solve(line) instanceof LineSolution.Stands s
            ? Optional.of(s)
            : Optional.empty();
    return new IslandReading(head.controller(), head.port(), parts, line, feeds, solution);
  }

  private static boolean isOn(IslandReading island, Feed feed) {
    return island.parts().stream()
        .anyMatch(
            p ->
                p.segment().equals(feed.segment())
                    && feed.atPixel() >= p.firstPixel()
                    && feed.atPixel() < p.firstPixel() + p.count());
  }

  private Line powered(Chain chain, IslandReading bare, List<Cable> plain, List<Cable> trunks) {
    double supply = chain.copper().supplyVolts(chain.links().getFirst().type().volts());
    int[] at = new int[plain.size()];
    double[] ohms = new double[at.length];
    double[] source = new double[at.length];
    for (int f = 0; f < at.length; f++) {
      Cable c = plain.get(f);
      at[f] = bare.indexOf(c.feed());
      ohms[f] = chain.copper().feedOhms(wires.get(c.feed().wire()), c.metres(), c.feed().viaPort());
      source[f] = c.feed().viaPort() ? chain.busVolts() : supply;
    }
    return bare.line()
        .withFeeds(at, ohms, source)
        .withTrunks(trunks.stream().map(c -> trunk(chain, bare, c, supply)).toList());
  }

  private Trunk trunk(Chain chain, IslandReading bare, Cable cable, double supply) {
    Feed feed = cable.feed();
    Wire wire = wires.get(feed.wire());
    Conductors copper = chain.copper();
    PixelType type =
        chain.links().stream()
            .filter(l -> l.segment().id().equals(feed.segment()))
            .findFirst()
            .orElseThrow()
            .type();
    int first = bare.indexOf(feed);
    int[] at = feed.taps().stream().mapToInt(t -> first + t - feed.atPixel()).toArray();
    double[] spans = new double[at.length - 1];
    double[] taps = new double[at.length];
    for (int t = 0; t < at.length; t++) {
      taps[t] = copper.leadOhms(wire, Feed.TAP_M);
      if (t > 0) {
        spans[t - 1] = copper.warmth() * wire.loopOhms((at[t] - at[t - 1]) / type.pitchPerM());
      }
    }
    return new Trunk(supply, copper.feedOhms(wire, cable.metres(), false), at, spans, taps);
  }

  private static List<Volts> bySegment(List<Link> links, double[] volts, boolean[] stands) {
    VoltProfile whole = VoltProfile.of(volts);
    List<Volts> result = new ArrayList<>();
    int from = 0;
    for (Link link : links) {
      int count = link.segment().pixels();
      boolean all = true;
      for (int i = from; i < from + count; i++) {
        all &= stands[i];
      }
      result.add(new Volts(whole.part(from, count), all));
      from += count;
    }
    return result;
  }
}
