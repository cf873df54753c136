package bunting.core.island;

import bunting.core.dc.Line;
import bunting.core.dc.Poles;
import bunting.core.show.Conductors;
import bunting.core.show.LoadKind;
import bunting.core.show.PairOhms;
import bunting.core.show.PixelType;
import bunting.core.show.Wire;
import bunting.core.survey.Jumpers;
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
   * @param at index of its pixel
   * @param viaPort whether it hangs on the board's terminals
   * @param tail whether it hangs on a trunk, and has no fuse of its own
   */
  public record Cable(int at, Wire wire, double metres, boolean viaPort, boolean tail) {
    /** One that hangs on the supply or on the board. */
    public Cable(int at, Wire wire, double metres, boolean viaPort) {
      this(at, wire, metres, viaPort, false);
    }

    /** Its resistance; a tail has no fuse. */
    PairOhms ohms(Conductors copper) {
      return tail
          ? PairOhms.even(copper.leadOhms(wire, metres))
          : copper.feedOhms(wire, metres, viaPort);
    }
  }

  private Compiler() {}

  /** Pixels at one brightness, without feeds. */
  public static Line pixels(List<Part> parts, double brightnessPercent, Conductors copper) {
    return pixels(parts, Dimming.of(brightnessPercent), copper);
  }

  /** Pixels each at its brightness, without feeds. */
  static Line pixels(List<Part> parts, Dimming brightness, Conductors copper) {
    int n = parts.stream().mapToInt(Part::pixels).sum();
    double[] amps = new double[n];
    double[] idle = new double[n];
    LoadKind[] kinds = new LoadKind[n];
    double[] ohms = new double[n];
    int from = 0;
    for (Part part : parts) {
      int to = from + part.pixels();
      PixelType type = part.type();
      for (int i = from; i < to; i++) {
        amps[i] = type.amps(brightness.at(i));
      }
      Arrays.fill(idle, from, to, type.amps(0));
      Arrays.fill(kinds, from, to, type.load());
      Arrays.fill(ohms, from, to, type.loopOhms() * copper.warmth());
      if (from > 0) {
        ohms[from - 1] = part.leadOhms();
      }
      from = to;
    }
    double nominal = parts.getFirst().type().volts();
    return new Line(nominal, amps, kinds, ohms).withIdle(idle);
  }

  /**
   * The same with feeds, in their order.
   *
   * @param supply what the supply holds
   * @param terminals what the board's terminals have
   */
  public static Line fed(
      Line bare, List<Cable> cables, Conductors copper, Poles supply, Poles terminals) {
    return bare.withFeeds(
        cables.stream()
            .map(c -> new Line.Feed(c.at(), c.ohms(copper), c.viaPort() ? terminals : supply))
            .toList());
  }
}
