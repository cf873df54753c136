package bunting.core.dc;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.show.LoadKind;
import bunting.core.show.PairOhms;
import bunting.core.show.Wire;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LineSolverTest {
  private static LineSolution.Stands stands(Line line) {
    assertThat(LineSolver.solve(line)).isInstanceOf(LineSolution.Stands.class);
    return (LineSolution.Stands) LineSolver.solve(line);
  }

  /**
   * Recorded answers of ngspice; src/test/ngspice/record makes them anew. Feeds: pixel, ohms a
   * conductor, ohms of a fuse in V+.
   */
  @ParameterizedTest
  @CsvSource({
    "strip-5v-current,CONSTANT_CURRENT,5,300,0.05,0.001,1 150 300,0.0263 0.06 0.058,0 0 0",
    "string-12v-resistive,RESISTIVE,12,120,0.03,0.0033,1 120,0.021 0.11,0 0",
    "string-12v-power,CONSTANT_POWER,12,120,0.02,0.0033,1 60 100,0.042 0.19 0.3,0 0 0",
    "string-24v-power-limit,CONSTANT_POWER,24,100,0.02,0.008,1,0.9,0",
    "strip-5v-headroom,HEADROOM,5,200,0.05,0.001,1 180,0.0263 0.09,0 0",
    "strip-5v-fused,CONSTANT_CURRENT,5,300,0.05,0.001,1 150 300,0.0263 0.06 0.058,0.008 0.008"
        + " 0.008",
    "string-12v-fused,CONSTANT_POWER,12,120,0.02,0.0033,1 60 100,0.042 0.19 0.3,0.005 0.012 0.005",
    "string-12v-resistive-fused,RESISTIVE,12,120,0.03,0.0033,1 120,0.021 0.11,0.008 0.008",
    "strip-5v-headroom-fused,HEADROOM,5,200,0.05,0.001,1 180,0.0263 0.09,0.008 0.02",
  })
  void agreesWithNgspiceWithinAMicrovolt(
      String name,
      LoadKind kind,
      double volts,
      int pixels,
      double amps,
      double rail,
      String at,
      String ohms,
      String fuses)
      throws IOException {
    List<Line.Feed> feeds = new ArrayList<>();
    for (int f = 0; f < at.split(" ").length; f++) {
      PairOhms way =
          PairOhms.even(2 * Double.parseDouble(ohms.split(" ")[f]))
              .withFuse(Double.parseDouble(fuses.split(" ")[f]));
      int pixel = Integer.parseInt(at.split(" ")[f]) - 1;
      feeds.add(new Line.Feed(pixel, way, Poles.supply(volts)));
    }
    Line bare = Line.uniform(volts, pixels, amps, kind, 2 * rail, new int[0], new double[0]);
    agrees(name, stands(bare.withFeeds(feeds)));
  }

  /** Volts of each pixel, and amps of feeds where they are fused, beside those of ngspice. */
  static void agrees(String name, LineSolution.Stands s) throws IOException {
    List<String> answers;
    try (InputStream in = LineSolverTest.class.getResourceAsStream("/ngspice/" + name + ".txt")) {
      answers =
          new BufferedReader(
                  new InputStreamReader(Objects.requireNonNull(in), StandardCharsets.US_ASCII))
              .lines()
              .toList();
    }
    List<String> amps = answers.stream().filter(a -> a.startsWith("feed")).toList();
    assertThat(answers).hasSize(s.volts().size() + amps.size());
    for (int f = 0; f < amps.size(); f++) {
      double theirs = Double.parseDouble(amps.get(f).substring(amps.get(f).indexOf(' ') + 1));
      assertThat(s.feedAmps().at(f)).as(amps.get(f)).isCloseTo(theirs, within(1e-5));
    }
    for (int i = 0; i < s.volts().size(); i++) {
      double theirs = Double.parseDouble(answers.get(i).substring(answers.get(i).indexOf(' ') + 1));
      assertThat(s.volts().at(i)).as("pixel " + (i + 1)).isCloseTo(theirs, within(1e-6));
    }
  }

  /**
   * Uniform load on a line fed at one end: the drop to pixel n is I R n (n - 1) / 2 behind the
   * first (arithmetic).
   */
  @Property
  void frontFedUniformLineHasTheClosedForm(
      @ForAll @IntRange(min = 1, max = 400) int n,
      @ForAll @IntRange(min = 10, max = 1000) int microOhms) {
    double amps = 0.01;
    double ohms = microOhms * 1e-6;
    LineSolution.Stands s =
        stands(
            Line.uniform(
                48, n, amps, LoadKind.CONSTANT_CURRENT, ohms, new int[] {0}, new double[] {0.1}));
    double drop = 0.1 * n * amps + amps * ohms * n * (n - 1) / 2.0;
    assertThat(s.volts().at(n - 1)).isCloseTo(48 - drop, within(1e-9));
    assertThat(s.totalAmps()).isCloseTo(n * amps, within(1e-9));
  }

  /**
   * Fed at both ends with no cable: pixel i lies I R i (N - i) / 2 below, with i from 0 to N = n -
   * 1 (arithmetic).
   */
  @Property
  void bothEndsFedUniformLineHasTheClosedForm(@ForAll @IntRange(min = 2, max = 300) int n) {
    double amps = 0.02;
    double ohms = 2e-4;
    LineSolution.Stands s =
        stands(
            Line.uniform(
                12,
                n,
                amps,
                LoadKind.CONSTANT_CURRENT,
                ohms,
                new int[] {0, n - 1},
                new double[] {0, 0}));
    for (int i = 0; i < n; i++) {
      double drop = amps * ohms * i * (n - 1 - i) / 2.0;
      assertThat(s.volts().at(i)).isCloseTo(12 - drop, within(1e-6));
    }
  }

  /**
   * One constant-power pixel behind R: v = (V + sqrt(V^2 - 4 P R)) / 2, and none where P > V^2 / (4
   * R) (arithmetic).
   */
  @ParameterizedTest
  @CsvSource({"12,10,1", "12,35.999,1", "5,1,6.2", "24,35.9,4"})
  void onePowerPixelHasTheUpperRoot(double volts, double watts, double ohms) {
    LineSolution.Stands s =
        stands(
            Line.uniform(
                volts,
                1,
                watts / volts,
                LoadKind.CONSTANT_POWER,
                0,
                new int[] {0},
                new double[] {ohms}));
    double root = (volts + Math.sqrt(volts * volts - 4 * watts * ohms)) / 2;
    assertThat(s.volts().at(0)).isCloseTo(root, within(1e-5));
  }

  @Test
  void powerBeyondTheLimitCannotStand() {
    Line line =
        Line.uniform(
            12, 1, 36.001 / 12, LoadKind.CONSTANT_POWER, 0, new int[] {0}, new double[] {1});
    assertThat(LineSolver.solve(line)).isEqualTo(new LineSolution.Falls(0, false));
  }

  @Test
  void currentThatDropsAllVoltsCannotStand() {
    Line line =
        Line.uniform(5, 2, 3, LoadKind.CONSTANT_CURRENT, 1, new int[] {0}, new double[] {1});
    assertThat(LineSolver.solve(line)).isEqualTo(new LineSolution.Falls(1, true));
  }

  @Test
  void railsAndFeedsWithoutResistanceKeepFullVolts() {
    LineSolution.Stands s =
        stands(Line.uniform(5, 50, 0.05, LoadKind.RESISTIVE, 0, new int[] {7}, new double[] {0}));
    assertThat(s.volts().lowest()).isCloseTo(5, within(1e-6));
    assertThat(s.totalAmps()).isCloseTo(2.5, within(1e-5));
  }

  /**
   * Kirchhoff: what the feeds bring is what the pixels draw; watts in are watts of pixels and heat.
   */
  @Property
  void currentsAndPowersBalance(
      @ForAll @IntRange(min = 1, max = 200) int n,
      @ForAll LoadKind kind,
      @ForAll @IntRange(min = 0, max = 199) int second) {
    Wire wire = Wire.parse("16AWG").orElseThrow();
    int[] at = {0, second % n};
    double[] ohms = {wire.loopOhms(2), wire.loopOhms(5)};
    double rail = 0.002;
    LineSolution.Stands s = stands(Line.uniform(12, n, 0.02, kind, rail, at, ohms));
    double drawn = 0;
    double used = 0;
    for (int i = 0; i < n; i++) {
      double v = s.volts().at(i);
      double amps =
          switch (kind) {
            case CONSTANT_CURRENT -> 0.02;
            case CONSTANT_POWER -> 0.24 / v;
            case RESISTIVE -> 0.02 * v / 12;
            case HEADROOM -> 0.02 * WhiteTest.currentShare(v / 12);
          };
      drawn += amps;
      used += amps * v;
    }
    for (int f = 0; f < 2; f++) {
      used += s.feedAmps().at(f) * s.feedAmps().at(f) * ohms[f];
    }
    for (int i = 1; i < n; i++) {
      double dv = s.volts().at(i) - s.volts().at(i - 1);
      used += dv * dv / rail;
    }
    assertThat(s.totalAmps()).isCloseTo(drawn, within(1e-7));
    assertThat(s.totalAmps() * 12).isCloseTo(used, within(1e-6));
  }

  /**
   * Fuses in V+, sources that are not level: the ladder beside the mesh, which orders its nodes
   * otherwise; what goes comes back (Kirchhoff's current law).
   */
  @Property(tries = 200, seed = "41")
  void bothRailsAreThoseOfTheMesh(@ForAll long seed, @ForAll LoadKind kind) {
    Random random = new Random(seed);
    int n = 1 + random.nextInt(80);
    List<Line.Feed> feeds = new ArrayList<>();
    for (int f = 0; f < 1 + random.nextInt(4); f++) {
      PairOhms way =
          PairOhms.even(0.01 + random.nextDouble() * 0.2).withFuse(random.nextDouble() * 0.03);
      double lost = random.nextInt(3) * 0.04;
      feeds.add(new Line.Feed(random.nextInt(n), way, new Poles(12 - lost, lost / 3)));
    }
    double amps = 0.01 + random.nextDouble() * 0.05;
    Line line = Line.uniform(12, n, amps, kind, 0.006, new int[0], new double[0]).withFeeds(feeds);
    Mesh mesh = new Mesh();
    Laid laid = Laid.in(mesh, line);
    LineSolution whole = laid.read(MeshSolver.solve(mesh));
    LineSolution found = LineSolver.solve(line);
    assertThat(found.getClass()).as("" + seed).isEqualTo(whole.getClass());
    if (found instanceof LineSolution.Stands s && whole instanceof LineSolution.Stands m) {
      for (int i = 0; i < n; i++) {
        assertThat(s.volts().at(i)).isCloseTo(m.volts().at(i), within(1e-7));
      }
      double back = 0;
      for (int f = 0; f < feeds.size(); f++) {
        assertThat(s.feedAmps().at(f)).isCloseTo(m.feedAmps().at(f), within(1e-6));
        assertThat(s.returnAmps().at(f)).isCloseTo(m.returnAmps().at(f), within(1e-6));
        back += s.returnAmps().at(f);
      }
      assertThat(back).isCloseTo(s.totalAmps(), within(1e-6));
    }
  }

  /**
   * The amps of a feed beside those of the same line with its source 0.1 mV higher or lower
   * (difference quotient).
   */
  @Property(tries = 60, seed = "42")
  void theAnswerOfAFeedIsItsSlope(@ForAll long seed, @ForAll LoadKind kind) {
    Random random = new Random(seed);
    int n = 2 + random.nextInt(60);
    List<Line.Feed> feeds = new ArrayList<>();
    for (int f = 0; f < 1 + random.nextInt(3); f++) {
      PairOhms way = PairOhms.even(0.05 + random.nextDouble() * 0.2).withFuse(f * 0.01);
      feeds.add(new Line.Feed(random.nextInt(n), way, Poles.supply(12)));
    }
    Line line = Line.uniform(12, n, 0.02, kind, 0.006, new int[0], new double[0]).withFeeds(feeds);
    LineSolver.Answer answer = LineSolver.answer(line, stands(line), 0);
    double d = 1e-4;
    LineSolution.Stands plus = stands(line.withSource(0, new Poles(12 + d, 0)));
    LineSolution.Stands less = stands(line.withSource(0, new Poles(12 - d, 0)));
    LineSolution.Stands high = stands(line.withSource(0, new Poles(12, d)));
    LineSolution.Stands low = stands(line.withSource(0, new Poles(12, -d)));
    assertThat((plus.feedAmps().at(0) - less.feedAmps().at(0)) / (2 * d))
        .isCloseTo(answer.plus(), within(1e-3));
    assertThat((high.feedAmps().at(0) - low.feedAmps().at(0)) / (2 * d))
        .isCloseTo(answer.between(), within(1e-3));
    assertThat((low.returnAmps().at(0) - high.returnAmps().at(0)) / (2 * d))
        .isCloseTo(answer.ground(), within(1e-3));
  }

  /** A feed shorted behind its fuse is fed over V+ alone; the return is no part of it (Ohm). */
  @Test
  void aShortCarriesWhatOneWayLetsThrough() {
    List<Line.Feed> feeds =
        List.of(Line.Feed.of(0, 0.2, 12), new Line.Feed(9, PairOhms.even(0.4), Poles.supply(0)));
    Line line =
        Line.uniform(12, 10, 0, LoadKind.RESISTIVE, 0.02, new int[0], new double[0])
            .withFeeds(feeds);
    assertThat(stands(line).feedAmps().at(1)).isCloseTo(-12 / (0.1 + 9 * 0.01 + 0.2), within(1e-9));
  }
}
