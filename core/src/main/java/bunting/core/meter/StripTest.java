package bunting.core.meter;

import bunting.core.dc.Line;
import bunting.core.dc.LineSolution;
import bunting.core.dc.LineSolver;
import bunting.core.dc.Poles;
import bunting.core.show.LoadKind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A strip measured: fed at one end, white, volts at its start and at its end, and the amps. From
 * these its rail ohms, its milliamps a pixel and, with a second row at other volts, how its current
 * answers to the volts.
 *
 * <p><b>Method.</b> For each kind of load the two unknowns are found by two bisections, one in the
 * other: the amps of the whole grow with those of a pixel, the volts at the end fall with the
 * resistance. Which kind it is the second row tells: the amps that each kind would then draw are
 * held against those that were read. With one row the kind of the sheet is taken, and said so.
 */
public final class StripTest {
  private static final int HALVINGS = 36;

  /** Loop ohms between two pixels at most; above it is no strip any more. */
  private static final double OHMS_MOST = 50;

  /** A row that tells kinds apart has at least so much less or more volts. */
  private static final double APART_SHARE = 0.05;

  private StripTest() {}

  /**
   * What was read.
   *
   * @param startVolts at the first pixel
   * @param endVolts at the last
   * @param amps of the whole
   */
  public record Row(double startVolts, double endVolts, double amps) {}

  /**
   * What it is.
   *
   * @param kind how its current answers to the volts
   * @param kindKnown whether the second row told it
   * @param milliamps of a pixel at nominal volts, full white
   * @param railOhmsPerM of one rail
   */
  public record Found(LoadKind kind, boolean kindKnown, double milliamps, double railOhmsPerM) {}

  /** What came of it: a strip, or why these readings cannot be of one. */
  public sealed interface Outcome {
    /** A strip. */
    record Strip(Found found) implements Outcome {}

    /** These readings contradict each other. */
    record Contradiction(String why) implements Outcome {}
  }

  /**
   * Solves it backwards.
   *
   * @param nominal volts of its pixels
   * @param pixels at least 2
   * @param sheet kind of load as the sheet has it
   */
  public static Outcome solve(
      double nominal, int pixels, double pitchPerM, LoadKind sheet, Row row, Optional<Row> second) {
    Optional<String> wrong = contradiction(row, nominal);
    if (wrong.isPresent()) {
      return new Outcome.Contradiction(wrong.get());
    }
    boolean told =
        second
            .filter(s -> Math.abs(s.startVolts() - row.startVolts()) >= APART_SHARE * nominal)
            .isPresent();
    List<Found> all = new ArrayList<>();
    List<LoadKind> kinds =
        told
            ? List.of(LoadKind.CONSTANT_CURRENT, LoadKind.RESISTIVE, LoadKind.CONSTANT_POWER)
            : List.of(sheet);
    for (LoadKind kind : kinds) {
      of(kind, nominal, pixels, pitchPerM, row, told).ifPresent(all::add);
    }
    if (all.isEmpty()) {
      return new Outcome.Contradiction(
          "No strip loses that much at so few amps; read the amps at the feed, all colours white.");
    }
    if (told) {
      Row other = second.orElseThrow();
      all.sort(
          Comparator.comparingDouble(
              f -> Math.abs(Math.log(amps(f, nominal, pixels, pitchPerM, other) / other.amps()))));
    }
    return new Outcome.Strip(all.getFirst());
  }

  private static Optional<String> contradiction(Row row, double nominal) {
    if (row.endVolts() > row.startVolts()) {
      return Optional.of(
          "The end has more volts than the start: it is fed there, or the leads are swapped.");
    }
    if (row.amps() <= 0) {
      return Optional.of("No amps and yet it lights: the meter is not in the way of the current.");
    }
    if (row.endVolts() == row.startVolts()) {
      return Optional.of("Nothing is lost along it: it is fed at both ends, or it is not white.");
    }
    return row.startVolts() > 1.5 * nominal || row.startVolts() < 0.3 * nominal
        ? Optional.of("The volts at its start are far from those of its type.")
        : Optional.empty();
  }

  private static Optional<Found> of(
      LoadKind kind, double nominal, int pixels, double pitch, Row row, boolean told) {
    double low = 0;
    double high = OHMS_MOST;
    double amps = row.amps() / pixels;
    for (int i = 0; i < HALVINGS; i++) {
      double ohms = (low + high) / 2;
      OptionalDouble each = each(kind, nominal, pixels, ohms, row);
      double end =
          each.isPresent()
              ? end(line(kind, nominal, pixels, each.getAsDouble(), ohms, row.startVolts()))
              : 0;
      if (end > row.endVolts()) {
        low = ohms;
        amps = each.orElse(amps);
      } else {
        high = ohms;
      }
    }
    double ohms = (low + high) / 2;
    return high >= OHMS_MOST
        ? Optional.empty()
        : Optional.of(new Found(kind, told, 1000 * amps, ohms * pitch / 2));
  }

  /** Amps of a pixel at nominal volts with which the whole draws what was read. */
  private static OptionalDouble each(
      LoadKind kind, double nominal, int pixels, double ohms, Row row) {
    if (kind == LoadKind.CONSTANT_CURRENT) {
      return OptionalDouble.of(row.amps() / pixels);
    }
    double low = 0;
    double high = 4 * row.amps() / pixels;
    boolean stands = false;
    for (int i = 0; i < HALVINGS; i++) {
      double amps = (low + high) / 2;
      LineSolution solved = line(kind, nominal, pixels, amps, ohms, row.startVolts());
      boolean less = solved instanceof LineSolution.Stands s && s.feedAmps().at(0) < row.amps();
      stands |= solved instanceof LineSolution.Stands;
      low = less ? amps : low;
      high = less ? high : amps;
    }
    return stands ? OptionalDouble.of((low + high) / 2) : OptionalDouble.empty();
  }

  private static LineSolution line(
      LoadKind kind, double nominal, int pixels, double amps, double ohms, double startVolts) {
    Line bare = Line.uniform(nominal, pixels, amps, kind, ohms, new int[] {0}, new double[] {0});
    return LineSolver.solve(bare.withSource(0, Poles.supply(startVolts)));
  }

  private static double end(LineSolution solved) {
    return solved instanceof LineSolution.Stands s ? s.volts().at(s.volts().size() - 1) : 0;
  }

  /** The amps that such a strip would draw at other volts; hardly any where it cannot stand. */
  private static double amps(Found f, double nominal, int pixels, double pitch, Row row) {
    LineSolution solved =
        line(
            f.kind(),
            nominal,
            pixels,
            f.milliamps() / 1000,
            2 * f.railOhmsPerM() / pitch,
            row.startVolts());
    return solved instanceof LineSolution.Stands s ? s.feedAmps().at(0) : 1e-9;
  }

  /**
   * What a sheet says against itself: watts a metre beside volts, milliamps and pitch.
   *
   * @return a sentence, where they differ by over a tenth
   */
  public static Optional<String> sheetAgainstItself(
      double volts, double pitchPerM, double milliamps, double wattsPerM) {
    double own = volts * pitchPerM * milliamps / 1000;
    return wattsPerM <= 0 || Math.abs(own - wattsPerM) <= 0.1 * Math.max(own, wattsPerM)
        ? Optional.empty()
        : Optional.of(
            "The sheet contradicts itself: "
                + bunting.core.show.Texts.number(milliamps)
                + " mA a pixel are "
                + bunting.core.show.Texts.fixed(own, 1)
                + " W a metre, and it says "
                + bunting.core.show.Texts.number(wattsPerM)
                + " W. Measure it.");
  }
}
