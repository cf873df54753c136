package bunting.core.cost;

import bunting.core.show.Attach;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.survey.Geometry;
import java.util.ArrayList;
import java.util.List;
import java.util.NavigableMap;
import java.util.TreeMap;

/**
 * Where a feed can be joined on, and what that takes: at the port's own lead, at a free end, at a
 * joint between packs, at a corner of a course, at any other cut mark (common practice, no source).
 * Where a pixel is several of these, the first holds.
 */
public final class JoinPlaces {
  private JoinPlaces() {}

  /**
   * What a feed at a pixel is joined to.
   *
   * @param first first pixel of its segment
   * @param last last pixel of its segment
   * @param pixel in the run's numbering
   * @param viaPort whether it is the port's own
   */
  public static Attach at(
      Run run, PixelType type, int first, int last, int pixel, boolean viaPort) {
    if (viaPort) {
      return Attach.PORT;
    }
    if (pixel == first || pixel == last) {
      return Attach.END;
    }
    int pack = type.packPixels();
    boolean joint = pixel > 1 && (pixel % pack == 0 || (pixel - 1) % pack == 0);
    if (joint && pixel < run.pixels()) {
      return Attach.JOINT;
    }
    return corner(run, pixel) ? Attach.CORNER : Attach.CUT;
  }

  private static boolean corner(Run run, int pixel) {
    if (run.hanging().course().isEmpty()) {
      return false;
    }
    int strands = run.hanging().course().get().strandCount();
    Geometry.OnStrand on = Geometry.onStrand(run.pixels(), strands, pixel);
    return pixel == on.first() || pixel == on.first() + on.pixels() - 1;
  }

  /**
   * The ready places of a segment: its ends, joints and corners.
   *
   * @return pixels in the run's numbering, rising, with what is done there
   */
  public static NavigableMap<Integer, Attach> ready(Run run, PixelType type, int first, int last) {
    NavigableMap<Integer, Attach> places = new TreeMap<>();
    List<Integer> candidates = new ArrayList<>(List.of(first, last));
    int pack = type.packPixels();
    for (int p = pack; p < last; p += pack) {
      candidates.add(p);
      candidates.add(p + 1);
    }
    run.hanging()
        .course()
        .ifPresent(
            c -> {
              int before = 0;
              int strands = c.strandCount();
              for (int s = 0; s < strands; s++) {
                int here = Geometry.pixelsOnStrand(run.pixels(), strands, s);
                candidates.add(before + 1);
                candidates.add(before + here);
                before += here;
              }
            });
    for (int p : candidates) {
      if (p >= first && p <= last) {
        places.put(p, at(run, type, first, last, p, false));
      }
    }
    return places;
  }

  /** Whether a feed can be cut in before or behind a pixel. */
  public static boolean atCutMark(PixelType type, int pixel) {
    return pixel % type.cutEvery() == 0 || (pixel - 1) % type.cutEvery() == 0;
  }
}
