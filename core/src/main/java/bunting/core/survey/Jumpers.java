package bunting.core.survey;

import bunting.core.show.Course;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Strand;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/**
 * The jumpers inside a run, always at cut marks: where a strip would have to bend across its pads,
 * and between the strands of its course. Strings bend freely and are parted between strands alone,
 * where the way to the next is longer than their own pitch.
 */
public final class Jumpers {
  /** A jumper is this much longer than the way that it goes, metres (common practice). */
  public static final double SLACK_M = 0.15;

  /**
   * A jumper.
   *
   * @param afterPixel the last pixel before it, in the run's numbering
   * @param metres of its wire
   */
  public record Jumper(int afterPixel, double metres) {
    /** Whether both pixels that it joins lie between these, in the run's numbering. */
    public boolean inside(int first, int last) {
      return afterPixel >= first && afterPixel < last;
    }
  }

  private final PixelType type;
  private final List<Jumper> found = new ArrayList<>();

  private Jumpers(PixelType type) {
    this.type = type;
  }

  /** The jumpers of a run, by pixel; none where it has no course. */
  public static List<Jumper> of(Run run, PixelType type) {
    if (run.hanging().course().isEmpty()) {
      return List.of();
    }
    Jumpers jumpers = new Jumpers(type);
    jumpers.along(run.hanging().course().get(), run.pixels());
    return List.copyOf(jumpers.found);
  }

  /**
   * Metres of cable along a run from one pixel to a later one, past its jumpers.
   *
   * @param jumpers of the run
   */
  public static double alongM(PixelType type, List<Jumper> jumpers, int from, int to) {
    double pitch = 1 / type.pitchPerM();
    double metres = (to - from) * pitch;
    for (Jumper j : jumpers) {
      metres += j.inside(from, to) ? j.metres() - pitch : 0;
    }
    return metres;
  }

  private void along(Course course, int pixels) {
    List<Strand> strands = course.strands();
    int before = 0;
    for (int i = 0; i < strands.size(); i++) {
      Strand strand = strands.get(i);
      int here = Geometry.pixelsOnStrand(pixels, strands.size(), i);
      if (type.strip()) {
        atBends(strand, before, here);
      }
      before += here;
      if (i + 1 == strands.size() || before == pixels) {
        return;
      }
      double way = strand.at(1).distanceTo(strands.get(i + 1).at(0));
      if (here > 0 && (type.strip() || way > 1 / type.pitchPerM() + 1e-9)) {
        add(before, way);
      }
    }
  }

  private void atBends(Strand strand, int before, int pixels) {
    int last = 0;
    double metres = strand.lengthM();
    for (double bend : strand.bendsM()) {
      BigDecimal share = BigDecimal.valueOf(bend / metres * pixels + 1e-6);
      int at = Geometry.pixelsOf(share, 1, type.cutEvery());
      if (at > last && at < pixels) {
        add(before + at, 0);
        last = at;
      }
    }
  }

  private void add(int after, double way) {
    found.add(new Jumper(after, Math.ceil((way + SLACK_M) * 100 - 1e-6) / 100));
  }
}
