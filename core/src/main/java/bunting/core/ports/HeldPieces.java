package bunting.core.ports;

import bunting.core.show.Held;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The pieces that stay where they are, made to fit the runs as they are now. */
public final class HeldPieces {
  private HeldPieces() {}

  /**
   * Held pieces by run. The pieces of a run cover it whole: a count that went up lengthens the last
   * one, a count that went down cuts off what is beyond; the joints stay.
   */
  public static Map<String, List<Held>> byRun(Show show) {
    return byRun(show, show.allotting().held());
  }

  /** Pieces by run, each run's made to cover it. */
  static Map<String, List<Held>> byRun(Show show, List<Held> pieces) {
    Map<String, List<Held>> all = new LinkedHashMap<>();
    for (Held held : pieces) {
      all.computeIfAbsent(held.run(), k -> new ArrayList<>()).add(held);
    }
    Map<String, List<Held>> fitted = new LinkedHashMap<>();
    for (Run run : show.runs()) {
      List<Held> own = all.get(run.name());
      if (own != null) {
        fitted.put(run.name(), fitted(own, run.pixels()));
      }
    }
    return fitted;
  }

  private static List<Held> fitted(List<Held> pieces, int pixels) {
    List<Held> sorted = pieces.stream().sorted(Comparator.comparingInt(Held::firstPixel)).toList();
    List<Held> out = new ArrayList<>();
    int next = 1;
    for (int i = 0; i < sorted.size() && next <= pixels; i++) {
      boolean last = i == sorted.size() - 1 || sorted.get(i + 1).firstPixel() > pixels;
      int end = last ? pixels : Math.min(sorted.get(i).lastPixel(), pixels);
      if (end >= next) {
        out.add(sorted.get(i).withPixels(next, end));
        next = end + 1;
      }
    }
    return out;
  }
}
