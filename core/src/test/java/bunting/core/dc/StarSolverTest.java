package bunting.core.dc;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.show.LoadKind;
import bunting.core.show.PairOhms;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A box solved as one, beside ngspice, beside the whole mesh, and up to where it cannot stand. */
class StarSolverTest {
  private static List<String> recorded(String name) throws IOException {
    try (InputStream in = StarSolverTest.class.getResourceAsStream("/ngspice/" + name + ".txt")) {
      return new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .toList();
    }
  }

  private static Line line(
      int n, LoadKind kind, double amps, int[] at, double[] ohms, double volts) {
    return line(n, kind, amps, at, ohms, volts, 0);
  }

  private static Line line(
      int n, LoadKind kind, double amps, int[] at, double[] ohms, double volts, double fuse) {
    Line even = Line.uniform(volts, n, amps, kind, 2 * 0.0033, at, ohms);
    return even.withFeeds(
        even.feeds().stream()
            .map(f -> new Line.Feed(f.at(), f.ohms().withFuse(fuse), f.source()))
            .toList());
  }

  /**
   * Recorded answers of ngspice; src/test/ngspice/record makes them anew: a supply, equal input
   * wires with a fuse in each, two ports over leads and the board's path, one far feed.
   */
  @ParameterizedTest
  @CsvSource({
    "box-12v-three-inputs,3,0.06,0.004,0.03,0.05,0.12,0.006,0",
    "box-12v-one-input-warm,1,0.031,0.004,0.035,0.058,0.14,0.006,0.008"
  })
  void agreesWithACircuitSimulator(
      String name,
      int inputs,
      double input,
      double fuse,
      double one,
      double two,
      double far,
      double board,
      double own)
      throws IOException {
    Line first =
        line(
            60,
            LoadKind.CONSTANT_POWER,
            0.05,
            new int[] {0},
            new double[] {2 * one + board},
            12,
            own);
    Line second =
        line(
            90,
            LoadKind.RESISTIVE,
            0.03,
            new int[] {0, 89},
            new double[] {2 * two + board, 2 * far},
            12,
            own);
    StarSolver.Solution s =
        StarSolver.solve(
            12,
            PairOhms.even(2 * input).withFuse(fuse).times(1.0 / inputs),
            List.of(new StarSolver.Branch(first, 0), new StarSolver.Branch(second, 0)));
    assertThat(s.stands()).isTrue();
    Map<String, Double> spice = new HashMap<>();
    for (String row : recorded(name)) {
      spice.put(row.split(" ")[0], Double.valueOf(row.split(" ")[1]));
    }
    assertThat(spice).hasSize(153);
    assertThat(s.terminals().across()).isCloseTo(spice.get("bp"), within(1e-6));
    assertThat(s.amps()).isCloseTo(spice.get("input"), within(1e-5));
    assertThat(((LineSolution.Stands) s.lines().get(1)).feedAmps().at(1))
        .isCloseTo(spice.get("far"), within(1e-5));
    for (int port = 1; port <= 2; port++) {
      LineSolution.Stands line = (LineSolution.Stands) s.lines().get(port - 1);
      for (int i = 0; i < line.volts().size(); i++) {
        assertThat(line.volts().at(i))
            .as(port + " " + i)
            .isCloseTo(spice.get("p" + port + "x" + (i + 1)), within(1e-6));
      }
    }
  }

  /** 48 W from 12 V in 20 steps over the limit of 144 / (4 x 48) = 0.75 ohm: the same verdicts. */
  @Test
  void standsAndFallsWhereACircuitSimulatorDoes() throws IOException {
    int fallen = 0;
    for (String row : recorded("power-48w-collapse")) {
      double ohms = Double.parseDouble(row.split(" ")[0]);
      Line load = line(1, LoadKind.CONSTANT_POWER, 4, new int[] {0}, new double[] {0}, 12);
      StarSolver.Solution s =
          StarSolver.solve(12, PairOhms.even(ohms), List.of(new StarSolver.Branch(load, 0)));
      if (ohms == 0.75) {
        continue; // the limit itself: both roots are one, and rounding decides
      }
      boolean falls = row.endsWith("falls");
      fallen += falls ? 1 : 0;
      assertThat(s.stands()).as(row).isEqualTo(!falls);
      if (!falls) {
        assertThat(s.terminals().across())
            .isCloseTo(Double.parseDouble(row.split(" ")[1]), within(1e-3));
      }
    }
    assertThat(fallen).isEqualTo(8);
  }

  /** Solved as a star and as one mesh, terminals and all, it is the same. */
  @Property(tries = 100, seed = "31")
  void isTheWholeMesh(@ForAll long seed) {
    Random random = new Random(seed);
    double fuse = random.nextInt(3) * 0.01;
    PairOhms ohms = PairOhms.even(random.nextDouble() * 0.1).withFuse(fuse);
    Mesh mesh = new Mesh();
    Laid.Pair terminals = Laid.pair(mesh);
    Laid.Pair supply = Laid.source(mesh, Poles.supply(12));
    Laid.Pair input = Laid.conductors(mesh, supply, terminals, ohms);
    java.util.ArrayList<StarSolver.Branch> branches = new java.util.ArrayList<>();
    for (int b = 0; b < 1 + random.nextInt(4); b++) {
      int n = 1 + random.nextInt(60);
      LoadKind kind = List.of(LoadKind.values()).get(random.nextInt(4));
      int[] at = random.nextBoolean() ? new int[] {0, random.nextInt(n)} : new int[] {0};
      double[] feeds = at.length == 2 ? new double[] {0.05, 0.1} : new double[] {0.05};
      Line line = line(n, kind, 0.03, at, feeds, 12, fuse);
      branches.add(new StarSolver.Branch(line, 0));
      Laid.in(mesh, line, f -> f == 0 ? Optional.of(terminals) : Optional.empty());
    }
    StarSolver.Solution star = StarSolver.solve(12, ohms, branches);
    MeshSolution whole = MeshSolver.solve(mesh);
    assertThat(star.stands()).isEqualTo(whole instanceof MeshSolution.Stands);
    if (whole instanceof MeshSolution.Stands s) {
      // A mesh's conductor has a millionth of an ohm at the least.
      assertThat(star.terminals().plus()).isCloseTo(s.volts().at(terminals.plus()), within(1e-4));
      assertThat(star.terminals().ground())
          .isCloseTo(s.volts().at(terminals.ground()), within(1e-4));
      assertThat(star.amps()).isCloseTo(s.amps().at(input.plus()), within(1e-3));
    }
  }

  /**
   * A box whose pixels shed load always ends somewhere, and Kirchhoff's current law holds there.
   */
  @Property(tries = 60, seed = "32")
  void whatCannotStandFallsToWhereItRests(@ForAll long seed) {
    Random random = new Random(seed);
    LoadKind kind = List.of(LoadKind.values()).get(random.nextInt(4));
    int n = 2 + random.nextInt(150);
    double ohms = 0.2 + random.nextDouble() * 2;
    Line line =
        line(n, kind, 0.05, new int[] {0}, new double[] {0.2 + random.nextDouble()}, 12).shedding();
    StarSolver.Solution s =
        StarSolver.solve(12, PairOhms.even(ohms), List.of(new StarSolver.Branch(line, 0)));
    assertThat(s.stands()).as("" + seed).isTrue();
    LineSolution.Stands solved = (LineSolution.Stands) s.lines().getFirst();
    double drawn = 0;
    for (int i = 0; i < n; i++) {
      assertThat(solved.volts().at(i)).isPositive();
      drawn += line.ampsAt(i, solved.volts().at(i));
    }
    assertThat(solved.totalAmps()).isCloseTo(drawn, within(1e-5));
    assertThat(12 - s.terminals().across()).isCloseTo(ohms * s.amps(), within(1e-5));
  }

  /** Rails carry what feeds bring less what pixels draw; by the drop it is the same. */
  @Test
  void railsCarryWhatTheirDropSays() {
    Line line = line(80, LoadKind.RESISTIVE, 0.05, new int[] {0, 60}, new double[] {0.05, 0.1}, 12);
    LineSolution.Stands s = (LineSolution.Stands) LineSolver.solve(line);
    double[] flow = line.railAmps(s);
    for (int i = 0; i < flow.length; i++) {
      double drop = (s.volts().at(i) - s.volts().at(i + 1)) / (2 * 0.0033);
      assertThat(flow[i]).isCloseTo(drop, within(1e-6));
    }
    assertThat(flow[0]).isPositive();
    assertThat(flow[58]).as("fed from behind").isNegative();
  }
}
