package bunting.core.island;

import bunting.core.dc.Line;
import bunting.core.dc.Trunk;
import bunting.core.show.Conductors;
import bunting.core.show.Feed;
import bunting.core.show.LoadKind;
import bunting.core.show.PixelType;
import bunting.core.show.Wire;
import bunting.core.survey.Jumpers;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * From pixels in a row, jumpers and cables to a line for the solver: the one place where that is
 * done.
 */
public final class Compiler {
  /**
   * Pixels of one type in a row.
   *
   * @param leadOhms loop resistance of what joins them to the part before
   */
  public record Part(PixelType type, int pixels, double leadOhms) {}

  /**
   * The pixels of a piece of a run, in parts where jumpers join them.
   *
   * @param first of its pixels, in the run's numbering
   * @param last of its pixels
   * @param jumpers of its run, by pixel
   * @param leadOhms loop resistance of what joins the piece to the one before
   */
  public static void addPiece(
      List<Part> to,
      PixelType type,
      int first,
      int last,
      List<Jumpers.Jumper> jumpers,
      double leadOhms,
      Conductors copper) {
    int from = first;
    double ohms = leadOhms;
    for (Jumpers.Jumper jumper : jumpers) {
      int end = jumper.afterPixel();
      if (jumper.inside(first, last)) {
        to.add(new Part(type, end - from + 1, ohms));
        ohms = copper.jumperOhms(jumper.metres());
        from = end + 1;
      }
    }
    to.add(new Part(type, last - from + 1, ohms));
  }

  /**
   * A feed.
   *
   * @param at index of its pixel; of a trunk its first tap
   * @param metres its cable; of a trunk up to its first tap
   * @param viaPort whether it hangs on the board's terminals
   * @param taps of a trunk, its pixel indices, the first included; empty: no trunk
   * @param spanM metres of a trunk between its taps (one fewer)
   */
  public record Cable(
      int at, Wire wire, double metres, boolean viaPort, List<Integer> taps, List<Double> spanM) {
    public Cable {
      taps = List.copyOf(taps);
      spanM = List.copyOf(spanM);
    }

    /** A plain pair of conductors. */
    public Cable(int at, Wire wire, double metres, boolean viaPort) {
      this(at, wire, metres, viaPort, List.of(), List.of());
    }

    boolean trunk() {
      return !taps.isEmpty();
    }
  }

  private Compiler() {}

  /** Pixels at a brightness, without feeds. */
  public static Line pixels(List<Part> parts, double brightnessPercent, Conductors copper) {
    int n = parts.stream().mapToInt(Part::pixels).sum();
    double[] amps = new double[n];
    double[] idle = new double[n];
    LoadKind[] kinds = new LoadKind[n];
    double[] ohms = new double[n];
    int from = 0;
    for (Part part : parts) {
      int to = from + part.pixels();
      PixelType type = part.type();
      Arrays.fill(amps, from, to, type.amps(brightnessPercent));
      Arrays.fill(idle, from, to, type.amps(0));
      Arrays.fill(kinds, from, to, type.load());
      Arrays.fill(ohms, from, to, type.loopOhms() * copper.warmth());
      if (from > 0) {
        ohms[from - 1] = part.leadOhms();
      }
      from = to;
    }
    double nominal = parts.getFirst().type().volts();
    return new Line(nominal, nominal, amps, kinds, ohms, new int[0], new double[0]).withIdle(idle);
  }

  /**
   * The same with feeds: plain ones in their order, trunks behind.
   *
   * @param supplyVolts what the supply holds
   * @param terminalVolts what the board's terminals have
   */
  public static Line fed(
      Line bare, List<Cable> cables, Conductors copper, double supplyVolts, double terminalVolts) {
    List<Cable> plain = cables.stream().filter(c -> !c.trunk()).toList();
    int[] at = new int[plain.size()];
    double[] ohms = new double[at.length];
    double[] source = new double[at.length];
    for (int f = 0; f < at.length; f++) {
      Cable c = plain.get(f);
      at[f] = c.at();
      ohms[f] = copper.feedOhms(c.wire(), c.metres(), c.viaPort());
      source[f] = c.viaPort() ? terminalVolts : supplyVolts;
    }
    List<Trunk> trunks = new ArrayList<>();
    for (Cable c : cables) {
      if (c.trunk()) {
        trunks.add(trunk(c, copper, supplyVolts));
      }
    }
    return bare.withFeeds(at, ohms, source).withTrunks(trunks);
  }

  private static Trunk trunk(Cable cable, Conductors copper, double supplyVolts) {
    int[] at = cable.taps().stream().mapToInt(i -> i).toArray();
    double[] taps = new double[at.length];
    Arrays.fill(taps, copper.leadOhms(cable.wire(), Feed.TAP_M));
    double[] spans =
        cable.spanM().stream()
            .mapToDouble(m -> copper.warmth() * cable.wire().loopOhms(m))
            .toArray();
    double head = copper.feedOhms(cable.wire(), cable.metres(), false);
    return new Trunk(supplyVolts, head, at, spans, taps);
  }
}
