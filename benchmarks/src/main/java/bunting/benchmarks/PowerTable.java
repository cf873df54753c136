package bunting.benchmarks;

import bunting.core.assess.Reading;
import bunting.core.dc.Line;
import bunting.core.dc.LineSolution;
import bunting.core.dc.LineSolver;
import bunting.core.injection.FeedPlaces;
import bunting.core.injection.Sites;
import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.plan.Planner;
import bunting.core.plan.Posts;
import bunting.core.show.Feed;
import bunting.core.show.LoadKind;
import bunting.core.show.Show;
import bunting.core.whatif.WhatIf;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Power, measured: the line solver beside a circuit simulator on the same networks (its program
 * {@code ngspice} must be installed), one edit in a large show, every loss of one with a thousand
 * feeds, and the feeds of long lines.
 */
public final class PowerTable {
  private static final int ROUNDS = 25;
  private static final Pattern VOLTS = Pattern.compile("(?m)^([pn])(\\d+) = (\\S+)");
  private static final Pattern ANALYSIS = Pattern.compile("Total analysis time .* = (\\S+)");

  private PowerTable() {}

  /** Prints the tables. */
  public static void main(String[] arguments) throws IOException, InterruptedException {
    print(
        "%-17s %6s %10s %16s %15s %9s%n",
        "load", "pixels", "ours ms", "its process ms", "its analysis ms", "apart mV");
    for (LoadKind kind : LoadKind.values()) {
      for (int pixels : new int[] {600, 5000}) {
        compare(kind, pixels);
      }
    }
    edit();
    losses();
    places();
  }

  private static void print(String form, Object... values) {
    System.out.print(String.format(Locale.ROOT, form, values));
  }

  /** A network of both rails at 12 V, fed at the front, in the middle and at the end. */
  private static void compare(LoadKind kind, int pixels) throws IOException, InterruptedException {
    double amps = 12.0 / pixels;
    double rail = 0.24 / pixels;
    int[] at = {0, pixels / 2, pixels - 1};
    double[] ohms = {0.04, 0.1, 0.16};
    Line line = Line.uniform(12, pixels, amps, kind, 2 * rail, at, ohms);
    double[] times = new double[ROUNDS];
    LineSolution solution = LineSolver.solve(line);
    for (int r = 0; r < 8 * ROUNDS; r++) {
      long start = System.nanoTime();
      solution = LineSolver.solve(line);
      times[r % ROUNDS] = (System.nanoTime() - start) / 1e6;
    }
    Arrays.sort(times);
    Answer theirs = spice(netlist(kind, pixels, amps, rail, at, ohms));
    Matcher found = VOLTS.matcher(theirs.text());
    double[] volts = new double[pixels];
    int count = 0;
    while (found.find()) {
      int sign = found.group(1).equals("p") ? 1 : -1;
      volts[Integer.parseInt(found.group(2)) - 1] += sign * Double.parseDouble(found.group(3));
      count++;
    }
    Matcher analysis = ANALYSIS.matcher(theirs.text());
    if (count != 2 * pixels || !analysis.find()) {
      throw new IllegalStateException("no answer for every node");
    }
    LineSolution.Stands s = (LineSolution.Stands) solution;
    double apart = 0;
    for (int i = 0; i < pixels; i++) {
      apart = Math.max(apart, Math.abs(volts[i] - s.volts().at(i)));
    }
    double ours = times[ROUNDS / 2];
    print(
        "%-17s %6d %10.3f %16.0f %15.0f %9.4f%n",
        kind.id(),
        pixels,
        ours,
        theirs.millis(),
        1000 * Double.parseDouble(analysis.group(1)),
        1000 * apart);
  }

  private static String netlist(
      LoadKind kind, int pixels, double amps, double rail, int[] at, double[] ohms) {
    StringBuilder net = new StringBuilder("* both rails\nVs sp 0 12\n");
    for (int f = 0; f < at.length; f++) {
      net.append(text("Rfp%d sp p%d %.9g%n", f, at[f] + 1, ohms[f] / 2));
      net.append(text("Rfn%d n%d 0 %.9g%n", f, at[f] + 1, ohms[f] / 2));
    }
    for (int i = 1; i <= pixels; i++) {
      net.append(
          switch (kind) {
            case CONSTANT_CURRENT -> text("I%d p%d n%d %.9g%n", i, i, i, amps);
            case RESISTIVE -> text("R%d p%d n%d %.9g%n", i, i, i, 12 / amps);
            case CONSTANT_POWER ->
                text("B%d p%d n%d I=%.9g/V(p%d,n%d)%n", i, i, i, 12 * amps, i, i);
            case HEADROOM ->
                text(
                    "B%d p%d n%d"
                        + " I=%.9g*pwl(V(p%d,n%d),0,0.006,5.4,%.9g,7.2,%.9g,8.64,%.9g,9.6,0.62,"
                        + "10.32,1,20,1)%n",
                    i, i, i, amps, i, i, 0.197 / 3, 0.784 / 3, 1.323 / 3);
          });
      if (i < pixels) {
        net.append(text("Rp%d p%d p%d %.9g%n", i, i, i + 1, rail));
        net.append(text("Rn%d n%d n%d %.9g%n", i, i, i + 1, rail));
      }
      if (kind == LoadKind.CONSTANT_POWER || kind == LoadKind.HEADROOM) {
        net.append(text(".nodeset v(p%d)=12 v(n%d)=0%n", i, i));
      }
    }
    net.append(".options reltol=1e-9 abstol=1e-12 vntol=1e-10 itl1=500\n.control\n");
    return net.append("set numdgt=10\nop\nprint all\nrusage\nquit\n.endc\n.end\n").toString();
  }

  private static String text(String form, Object... values) {
    return String.format(Locale.ROOT, form, values);
  }

  private record Answer(String text, double millis) {}

  private static Answer spice(String netlist) throws IOException, InterruptedException {
    Path file = Files.createTempFile("line", ".cir");
    try {
      Files.writeString(file, netlist);
      long start = System.nanoTime();
      Process process =
          new ProcessBuilder("ngspice", "-b", file.toString())
              .redirectError(ProcessBuilder.Redirect.DISCARD)
              .start();
      String out = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
      process.waitFor();
      return new Answer(out, (System.nanoTime() - start) / 1e6);
    } finally {
      Files.delete(file);
    }
  }

  /** A post moved in a show of 100,000 pixels, all consequences and findings. */
  private static void edit() {
    Show show = Shows.of(100_000);
    Assessment before = Assessor.assess(show, Planner.sketch(show));
    double[] times = new double[ROUNDS];
    for (int r = 0; r < 8 * ROUNDS; r++) {
      Feed feed = before.reading().feeds().get(r * 37 % before.reading().feeds().size()).feed();
      long start = System.nanoTime();
      before =
          Assessor.assess(
              show,
              Posts.stretched(before.reading().decisions(), feed.id(), 2 + r % 5),
              before.reading());
      times[r % ROUNDS] = (System.nanoTime() - start) / 1e6;
    }
    Arrays.sort(times);
    print(
        "%none edit, 100,000 px: median %.1f ms, worst %.1f ms%n",
        times[ROUNDS / 2], times[ROUNDS - 1]);
  }

  private static void losses() {
    int pixels = 100_000;
    Show show = Shows.of(pixels);
    Reading reading = Reading.of(show, Planner.sketch(show));
    while (reading.feeds().size() < 1000) {
      pixels += 50_000;
      show = Shows.of(pixels);
      reading = Reading.of(show, Planner.sketch(show));
    }
    long start = System.nanoTime();
    int cases = new WhatIf(reading).all().size();
    print(
        "every loss: %d feeds, %d px, %d cases: %.0f ms%n",
        reading.feeds().size(), pixels, cases, (System.nanoTime() - start) / 1e6);
  }

  /** The fewest feeds of a 5 V strip, 60/m, 50 mA, 14 AWG along it. */
  private static void places() {
    for (int pixels : new int[] {150, 300, 600, 2000}) {
      double[] ohms = new double[pixels];
      double[] most = new double[pixels];
      var wire = bunting.core.show.Wire.parse("14AWG").orElseThrow();
      for (int i = 0; i < pixels; i++) {
        ohms[i] = wire.loopOhms(2 + i / 60.0);
        most[i] = 1e9;
      }
      Line bare =
          Line.uniform(
              5, pixels, 0.05, LoadKind.CONSTANT_CURRENT, 0.002, new int[0], new double[0]);
      long start = System.nanoTime();
      var found =
          FeedPlaces.fewest(new Sites(bare, 5, ohms, most, false), 4.5, pixels).orElseThrow();
      print(
          "fewest feeds, %d px: %d feeds, least %.4f V: %.0f ms%n",
          pixels, found.count(), found.lowest(), (System.nanoTime() - start) / 1e6);
    }
  }
}
