package bunting.testkit;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Islands that are one network, since they hang on one trunk or behind one board's input: built
 * anew from a plan's wires and metres, both rails, with fuses in V+ alone.
 */
final class RebuiltNetwork {
  private static final double JUMPER_M = 0.15;

  /** Nodes of V+ and ground. */
  private record Pair(int plus, int ground) {}

  /** A conductor from node to node. */
  private record Tap(int from, int to, double ohms) {}

  private final PlanFile file;
  private final double warmth;
  private final double fuse;
  private final double contact;
  private final double boardWay;
  private final List<List<PlanFile.At>> islands;
  private final double brightness;
  private final TwoRailSolver solver = new TwoRailSolver();
  private final Map<String, Pair> nodes = new HashMap<>();
  private final Map<String, Integer> pixels = new HashMap<>();
  private final Map<String, Integer> sources = new HashMap<>();
  private final Map<String, Tap> taps = new HashMap<>();
  private final double volts;

  /**
   * A network, not solved.
   *
   * @param brightness in percent
   */
  RebuiltNetwork(PlanFile file, List<List<PlanFile.At>> islands, double brightness) {
    this.file = file;
    JsonNode c = file.settings.path("conductors");
    warmth = 1 + 0.00393 * (c.path("celsius").asDouble(20) - 20);
    fuse = c.path("fuseMilliohms").asDouble() / 1000;
    contact = c.path("connectorMilliohms").asDouble() / 1000;
    boardWay = c.path("boardMilliohms").asDouble() / 2000;
    this.islands = islands;
    this.brightness = brightness;
    volts = file.type(islands.getFirst().getFirst().segment()).path("volts").asDouble();
  }

  void solve(NetworkRules.Solved to) {
    islands.forEach(this::rails);
    for (List<PlanFile.At> island : islands) {
      Set<String> hangsOn = new HashSet<>();
      double largest = 0;
      for (JsonNode f : file.feedsOf(island)) {
        hangsOn.add(f.path("supply").asText());
        largest = Math.max(largest, f.path("fuseAmps").asDouble());
        if (!f.has("trunk")) {
          feed(f, island.getFirst().segment());
        }
      }
      assertThat(hangsOn).as("an island hangs on one supply").hasSize(1);
      leadsBear(island, largest);
    }
    for (JsonNode t : file.plan.path("trunks")) {
      trunk(t);
    }
    double[] v = solver.volts();
    read(v, to);
  }

  private void rails(List<PlanFile.At> island) {
    for (int i = 0; i < island.size(); i++) {
      PlanFile.At at = island.get(i);
      JsonNode t = file.type(at.segment());
      double idle = t.path("milliampsIdle").asDouble(0);
      double full = t.path("milliampsFull").asDouble();
      double amps = (idle + (full - idle) * brightness / 100) / 1000;
      Pair here = pair();
      nodes.put(at.key(), here);
      String load = t.path("load").asText("constant-current");
      pixels.put(at.key(), solver.pixel(here.plus(), here.ground(), volts, amps, load));
      if (i > 0) {
        PlanFile.At before = island.get(i - 1);
        boolean same = before.segment().equals(at.segment());
        JsonNode s = at.segment();
        join(
            nodes.get(before.key()),
            here,
            same
                ? ohmsBehind(s, before.pixel())
                : copper(s.path("leadWire").asText(), s.path("leadM").asDouble()) + contact);
      }
    }
  }

  private Pair pair() {
    return new Pair(solver.node(), solver.node());
  }

  private void join(Pair a, Pair b, double ohms) {
    solver.conductor(a.plus(), b.plus(), ohms);
    solver.conductor(a.ground(), b.ground(), ohms);
  }

  /** A feed with the fuse in its V+, from the supply or from the board's terminals. */
  private void feed(JsonNode f, JsonNode head) {
    double way = copper(f.path("wire").asText(), f.path("lengthM").asDouble()) + contact;
    double ohms = way + (PlanFile.viaPort(f) ? boardWay : 0);
    Pair at = nodes.get(f.path("segment").asText() + " " + f.path("atPixel").asInt());
    String id = f.path("id").asText();
    if (PlanFile.viaPort(f) && file.input(head).path("lengthM").asDouble() > 0) {
      Pair terminals = nodes.computeIfAbsent("board " + file.board(head), k -> board(head));
      solver.conductor(terminals.plus(), at.plus(), ohms + fuse);
      solver.conductor(terminals.ground(), at.ground(), ohms);
      taps.put(id, new Tap(terminals.plus(), at.plus(), ohms + fuse));
    } else {
      sources.put(id, solver.source(at.plus(), ohms + fuse, volts));
      solver.source(at.ground(), ohms, 0);
    }
  }

  /** The terminals of a board behind its input, which has a fuse in the V+ of each wire. */
  private Pair board(JsonNode head) {
    JsonNode i = file.input(head);
    Pair terminals = pair();
    double way = copper(i.path("wire").asText(), i.path("lengthM").asDouble());
    int wires = i.path("wires").asInt();
    sources.put(
        "board " + file.board(head), solver.source(terminals.plus(), (way + fuse) / wires, volts));
    solver.source(terminals.ground(), way / wires, 0);
    return terminals;
  }

  /** A heavy pair behind one fuse, open or back to it, with its tails. */
  private void trunk(JsonNode t) {
    Map<String, JsonNode> tails = new HashMap<>();
    for (JsonNode f : file.plan.path("feeds")) {
      String key = f.path("segment").asText() + " " + f.path("atPixel").asInt();
      if (f.path("trunk").equals(t.path("id")) && nodes.containsKey(key)) {
        tails.put(f.path("id").asText(), f);
      }
    }
    if (tails.isEmpty()) {
      return;
    }
    assertThat(tails)
        .as("all that hangs on a trunk is one network")
        .hasSize(t.path("tails").size());
    String wire = t.path("wire").asText();
    int fused = solver.node();
    solver.source(fused, fuse, volts);
    Pair branch = null;
    for (int k = 0; k < t.path("tails").size(); k++) {
      Pair next = pair();
      if (branch == null) {
        double head = copper(wire, t.path("headM").asDouble()) + contact;
        solver.conductor(fused, next.plus(), head);
        solver.source(next.ground(), head, 0);
      } else {
        join(branch, next, copper(wire, t.path("spansM").path(k - 1).asDouble()));
      }
      branch = next;
      JsonNode f = tails.get(t.path("tails").path(k).asText());
      double ohms = copper(f.path("wire").asText(), f.path("lengthM").asDouble()) + contact;
      Pair at = nodes.get(f.path("segment").asText() + " " + f.path("atPixel").asInt());
      join(branch, at, ohms);
      taps.put(f.path("id").asText(), new Tap(branch.plus(), at.plus(), ohms));
    }
    if (t.path("ring").asBoolean()) {
      double back = copper(wire, t.path("backM").asDouble()) + contact;
      solver.conductor(fused, branch.plus(), back);
      solver.source(branch.ground(), back, 0);
    }
  }

  private void leadsBear(List<PlanFile.At> island, double largestFuse) {
    for (int i = 1; i < island.size(); i++) {
      JsonNode s = island.get(i).segment();
      if (!s.equals(island.get(i - 1).segment())) {
        assertThat(PlanFile.WIRES.get(s.path("leadWire").asText())[1])
            .as("lead bears the fuse")
            .isGreaterThanOrEqualTo(largestFuse);
      }
    }
  }

  private void read(double[] v, NetworkRules.Solved to) {
    for (List<PlanFile.At> island : islands) {
      for (PlanFile.At at : island) {
        JsonNode s = at.segment();
        int first = s.path("firstPixel").asInt();
        int n = s.path("lastPixel").asInt() - first + 1;
        to.volts().computeIfAbsent(s.path("id").asText(), k -> new double[n])[at.pixel() - first] =
            v[pixels.get(at.key())];
      }
    }
    sources.forEach(
        (id, source) -> {
          double amps = solver.sourceAmps(source);
          if (id.startsWith("board ")) {
            to.inputs().put(id.substring("board ".length()), amps);
          } else {
            to.feeds().put(id, amps);
          }
        });
    taps.forEach((id, tap) -> to.feeds().put(id, solver.amps(tap.from(), tap.to(), tap.ohms())));
    // A board whose input has no resistance takes what its ports take.
    for (List<PlanFile.At> island : islands) {
      JsonNode head = island.getFirst().segment();
      for (JsonNode f : file.feedsOf(island)) {
        if (PlanFile.viaPort(f) && file.input(head).path("lengthM").asDouble() == 0) {
          double amps = to.feeds().get(f.path("id").asText());
          to.inputs().merge(file.board(head), amps, Double::sum);
        }
      }
    }
  }

  /** Ohms of one conductor of a cable. */
  private double copper(String wire, double metres) {
    return PlanFile.WIRES.get(wire)[0] * metres * warmth;
  }

  /** Ohms a conductor behind a pixel of a segment: its rail, or a jumper of 20 AWG. */
  private double ohmsBehind(JsonNode segment, int pixel) {
    JsonNode t = file.type(segment);
    String run = segment.path("run").asText();
    String course = file.runs.get(run).getOrDefault("course_m", "");
    double pitch = t.path("pitchPerM").asDouble();
    boolean strip = pitch >= 20 && !course.isEmpty();
    int cut = t.path("cutEvery").asInt(1);
    return strip && Corners.cutAfter(course, file.pixels(run), cut).contains(pixel)
        ? copper("20AWG", JUMPER_M)
        : t.path("railOhmsPerM").asDouble() / pitch * warmth;
  }
}
