package bunting.core.island;

import bunting.core.dc.Line;
import bunting.core.dc.LineSolution;
import bunting.core.dc.LineSolver;
import bunting.core.dc.Poles;
import bunting.core.dc.VoltProfile;
import bunting.core.island.Chain.Cable;
import bunting.core.island.Chain.Link;
import bunting.core.show.Feed;
import bunting.core.show.Segment;
import bunting.core.show.Wire;
import bunting.core.survey.Jumpers;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/** Divides a port's chain into islands of V+ and reads what their solutions say of its segments. */
final class IslandSolver {
  private final Map<String, Wire> wires;

  IslandSolver(Map<String, Wire> wires) {
    this.wires = wires;
  }

  Wire wire(String id) {
    return Objects.requireNonNull(wires.get(id));
  }

  /** The chain's islands, not solved; what hangs on the board's terminals hangs on the supply. */
  List<Island> islands(Chain chain) {
    List<Compiler.Part> parts = new ArrayList<>();
    for (Link l : chain.links()) {
      double ohms =
          l.segment()
              .leadWire()
              .map(w -> chain.copper().leadOhms(wires.get(w), l.leadM()))
              .orElse(0.0);
      Segment s = l.segment();
      Compiler.addPiece(
          parts, l.type(), s.firstPixel(), s.lastPixel(), l.jumpers(), ohms, chain.copper());
    }
    Line bare = Compiler.pixels(parts, chain.brightness(), chain.copper());
    Line whole = chain.sheds() ? bare.shedding() : bare;
    List<Integer> cuts = new ArrayList<>(chain.cutAfter());
    cuts.add(whole.size() - 1);
    List<Island> islands = new ArrayList<>();
    int start = 0;
    for (int cut : cuts) {
      islands.add(island(chain, whole, start, cut + 1));
      start = cut + 1;
    }
    return islands;
  }

  /** An island solved by itself; one without a feed has no solution. */
  static Island solved(Island island) {
    return island.feeds().isEmpty() ? island : with(island, LineSolver.solve(island.line()));
  }

  static Island with(Island island, LineSolution solution) {
    return island.with(
        solution instanceof LineSolution.Stands s ? Optional.of(s) : Optional.empty());
  }

  private Island island(Chain chain, Line whole, int from, int to) {
    List<Island.Part> parts = new ArrayList<>();
    int offset = 0;
    for (Link link : chain.links()) {
      Segment s = link.segment();
      int first = Math.max(from, offset);
      int last = Math.min(to, offset + s.pixels());
      if (first < last) {
        parts.add(
            new Island.Part(
                s.id(), s.run(), s.firstPixel() + first - offset, first - from, last - first));
      }
      offset += s.pixels();
    }
    Segment head = chain.links().getFirst().segment();
    Line line = whole.part(from, to);
    Island bare =
        new Island(head.controller(), head.port(), parts, line, List.of(), Optional.empty());
    List<Feed> feeds = new ArrayList<>();
    List<Line.Feed> ways = new ArrayList<>();
    for (Cable c : chain.cables()) {
      Feed feed = c.feed();
      if (isOn(bare, feed)) {
        feeds.add(feed);
        Compiler.Cable cable =
            new Compiler.Cable(
                bare.indexOf(feed),
                wires.get(feed.wire()),
                c.metres(),
                feed.viaPort(),
                feed.trunk().isPresent());
        ways.add(
            new Line.Feed(
                cable.at(),
                cable.ohms(chain.copper()).more(c.extraOhms()),
                Poles.supply(c.volts())));
      }
    }
    return new Island(
        head.controller(), head.port(), parts, line.withFeeds(ways), feeds, Optional.empty());
  }

  private static boolean isOn(Island island, Feed feed) {
    return island.parts().stream()
        .anyMatch(
            p ->
                p.segment().equals(feed.segment())
                    && feed.atPixel() >= p.firstPixel()
                    && feed.atPixel() < p.firstPixel() + p.count());
  }

  /** The chain with its islands as they were solved. */
  static SolvedChain read(Chain chain, List<Island> islands) {
    int n = islands.stream().mapToInt(i -> i.line().size()).sum();
    double[] volts = new double[n];
    double[] flow = new double[n];
    boolean[] stands = new boolean[n];
    boolean[] fed = new boolean[n];
    int from = 0;
    for (Island island : islands) {
      int to = from + island.line().size();
      Arrays.fill(fed, from, to, !island.feeds().isEmpty());
      if (island.solution().isPresent()) {
        LineSolution.Stands s = island.solution().get();
        double[] rails = island.line().railAmps(s);
        System.arraycopy(rails, 0, flow, from, rails.length);
        for (int i = from; i < to; i++) {
          volts[i] = s.volts().at(i - from);
        }
        Arrays.fill(stands, from, to, true);
      }
      from = to;
    }
    VoltProfile whole = VoltProfile.of(volts);
    List<SolvedChain.SegmentFlow> segments = new ArrayList<>();
    int start = 0;
    for (Link link : chain.links()) {
      int count = link.segment().pixels();
      int most = start;
      boolean allStand = true;
      boolean allFed = true;
      for (int i = start; i < start + count; i++) {
        allStand &= stands[i];
        allFed &= fed[i];
        most = i < start + count - 1 && Math.abs(flow[i]) > Math.abs(flow[most]) ? i : most;
      }
      double jumperAmps = 0;
      int jumperAfter = 0;
      for (Jumpers.Jumper j : link.jumpers()) {
        int i = start + j.afterPixel() - link.segment().firstPixel();
        if (j.inside(link.segment().firstPixel(), link.segment().lastPixel())
            && Math.abs(flow[i]) > jumperAmps) {
          jumperAmps = Math.abs(flow[i]);
          jumperAfter = j.afterPixel();
        }
      }
      segments.add(
          new SolvedChain.SegmentFlow(
              link.segment().id(),
              whole.part(start, count),
              allStand,
              allFed,
              count > 1 ? Math.abs(flow[most]) : 0,
              link.segment().firstPixel() + most - start,
              jumperAmps,
              jumperAfter,
              start > 0 && link.segment().powerFromPrevious() ? Math.abs(flow[start - 1]) : 0));
      start += count;
    }
    return new SolvedChain(chain, islands, segments);
  }
}
