package bunting.core.assess;

import bunting.core.addressing.HandingOut;
import bunting.core.addressing.SlotRow;
import bunting.core.show.Held;
import java.util.ArrayList;
import java.util.List;

/** The addresses of a plan, piece by piece. */
public final class Patches {
  private Patches() {}

  /** All pieces of runs in the order of the plan, then the plain sets. */
  public static List<HandingOut.Patch> of(Reading reading) {
    List<HandingOut.Patch> patches = new ArrayList<>();
    for (SegmentReading s : reading.segments()) {
      var d = s.segment();
      patches.add(
          new HandingOut.Patch(
              new Held(
                  d.run(), d.firstPixel(), d.lastPixel(), d.controller(), d.port(), d.position()),
              s.type().channels(),
              s.run().fitting().grouping(),
              s.run().fitting().reversed(),
              s.order(),
              s.slots()));
    }
    for (OtherReading.Set s : reading.others().sets()) {
      List<SlotRow> rows = s.slots().stream().toList();
      patches.add(
          new HandingOut.Patch(
              new Held(s.set().name(), 1, 1, s.output().dimmer(), 0, 0),
              s.set().channels(),
              1,
              false,
              "",
              rows));
    }
    return patches;
  }
}
