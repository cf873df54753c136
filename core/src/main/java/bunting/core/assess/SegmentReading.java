package bunting.core.assess;

import bunting.core.addressing.SlotRow;
import bunting.core.power.VoltProfile;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import java.util.List;

/**
 * A segment with its consequences.
 *
 * @param segment the decision
 * @param run its run
 * @param type its pixel type
 * @param leadM cable before it, metres
 * @param slots its slots in order
 * @param volts one a pixel
 * @param stands false where its island has no feed or cannot stand: then all volts are 0
 */
public record SegmentReading(
    Segment segment,
    Run run,
    PixelType type,
    double leadM,
    List<SlotRow> slots,
    VoltProfile volts,
    boolean stands) {
  /** The lowest volts, in percent of the nominal. */
  public double minPercent() {
    return 100 * volts.lowest() / type.volts();
  }

  /** The pixel with the lowest volts, in the run's numbering. */
  public int minAtPixel() {
    return segment.firstPixel() + volts.lowestIndex();
  }

  /** Colour order of its slots. */
  public String order() {
    return run.fitting().order().orElse(type.order());
  }
}
