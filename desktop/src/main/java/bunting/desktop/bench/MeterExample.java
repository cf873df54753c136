package bunting.desktop.bench;

import bunting.core.faults.Fault;
import bunting.core.faults.Layout;
import bunting.core.faults.Observed;
import bunting.core.meter.MeterSetting;
import bunting.core.meter.MeterSheet;
import bunting.core.show.BenchNotes;
import java.util.List;

/** Readings on the demo's weir with a bad joint in its last feed, for the picture of the sheet. */
final class MeterExample {
  static final String RUN = "Weir curtain west";

  /** Ohms too much in that feed. */
  private static final double OHMS = 0.6;

  private MeterExample() {}

  /** The notes with those readings; as they are where the show has no such run. */
  static BenchNotes readings(
      Rig rig, MeterSetting setting, List<MeterSheet.Volts> rows, BenchNotes before) {
    List<MeterSheet.Volts> own = rows.stream().filter(v -> v.run().equals(RUN)).toList();
    if (own.isEmpty() || rig.reading().feedsOf(own.getLast().segment()).isEmpty()) {
      return before;
    }
    String feed = rig.reading().feedsOf(own.getLast().segment()).getLast().feed().id();
    Layout.Part part = rig.layout().part(own.getLast().segment());
    double[] volts =
        rig.pictures()
            .of(
                new Fault.ThinLead(feed, OHMS),
                new Observed.Sending(setting.pattern(), setting.brightnessPercent()),
                part.chain())
            .volts();
    BenchNotes notes = before;
    for (MeterSheet.Volts v : own) {
      notes =
          notes.read(
              new BenchNotes.Reading(
                  v.run(),
                  v.pixel(),
                  Math.round(100 * volts[part.indexOf(v.pixel())]) / 100.0,
                  setting.pattern().id(),
                  setting.brightnessPercent()));
    }
    return notes;
  }
}
