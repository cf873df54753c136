package bunting.core.assess;

import bunting.core.addressing.SlotRow;
import bunting.core.dc.VoltProfile;
import bunting.core.show.LeadHelper;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.core.survey.Jumpers;
import java.util.List;
import java.util.Optional;

/**
 * A segment with its consequences.
 *
 * @param segment the decision
 * @param run its run
 * @param type its pixel type
 * @param leadM cable before it, metres
 * @param slots its slots in order
 * @param volts one a pixel
 * @param help what the data lead before it needs where it is too long for its signal alone; empty
 *     also where nothing reaches that far
 * @param stands false where its island has no feed or cannot stand: then all volts are 0
 */
public record SegmentReading(
    Segment segment,
    Run run,
    PixelType type,
    double leadM,
    List<SlotRow> slots,
    VoltProfile volts,
    boolean stands,
    Optional<LeadHelper> help) {
  /** The lowest volts, in percent of the nominal. */
  public double minPercent() {
    return 100 * volts.lowest() / type.volts();
  }

  /** The pixel with the lowest volts, in the run's numbering. */
  public int minAtPixel() {
    return segment.firstPixel() + volts.lowestIndex();
  }

  /** The jumpers inside it, by pixel. */
  public List<Jumpers.Jumper> jumpers() {
    return Jumpers.of(run, type).stream()
        .filter(j -> j.inside(segment.firstPixel(), segment.lastPixel()))
        .toList();
  }

  /** Colour order of its slots. */
  public String order() {
    return run.fitting().order().orElse(type.order());
  }
}
