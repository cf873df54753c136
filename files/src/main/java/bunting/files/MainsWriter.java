package bunting.files;

import bunting.core.hookup.Cords;
import bunting.core.hookup.MainsSheet;
import bunting.core.hookup.Standby;
import bunting.core.hookup.Starting;
import bunting.core.show.Circuit;
import java.io.IOException;

/** How a plan hangs on the mains, as JSON. */
public final class MainsWriter {
  private MainsWriter() {}

  /** A document with circuits, phases, standby and cords, in the order of show and plan. */
  public static String write(MainsSheet sheet) {
    return Json.text(
        Json.document(
            json -> {
              json.list("circuits", sheet.circuits(), MainsWriter::circuit);
              json.list(
                  "phases",
                  sheet.phases(),
                  (j, p) -> j.put("phase", p.phase()).put("amps", p.amps()));
              json.list("standby", sheet.standby(), MainsWriter::dark);
              json.list("cords", sheet.cords(), MainsWriter::cord);
            }));
  }

  private static void circuit(Json j, MainsSheet.OnCircuit c) throws IOException {
    Circuit circuit = c.circuit();
    j.put("id", circuit.id()).put("volts", circuit.volts());
    if (circuit.facts().phase().isPresent()) {
      j.put("phase", circuit.facts().phase().getAsInt());
    } else {
      j.putNull("phase");
    }
    j.put("breakerAmps", circuit.breakerAmps())
        .put("existingAmps", circuit.existingAmps())
        .put("loadAmps", c.loadAmps())
        .put("allowedAmps", circuit.allowedAmps());
    j.texts("supplies", c.supplies());
    j.texts("bulbChains", c.bulbChains());
    j.texts("devices", c.devices());
    j.put("inrushAmps", c.inrushAmps());
    j.textLists("startGroups", c.starts().stream().map(Starting.Group::ids).toList());
  }

  private static void dark(Json j, Standby.Dark d) throws IOException {
    j.put("supply", d.supply()).put("darkWatts", d.darkWatts()).put("switched", d.switched());
    j.texts("reboots", d.reboots());
  }

  private static void cord(Json j, Cords.Cord c) throws IOException {
    j.put("circuit", c.circuit()).put("x", c.at().x()).put("y", c.at().y());
    j.texts("feeds", c.feeds());
    if (c.lengthM().isPresent()) {
      j.put("lengthM", c.lengthM().getAsDouble());
    } else {
      j.putNull("lengthM");
    }
    j.put("amps", c.amps())
        .put("wire", c.wire().id())
        .put("ampsMax", c.ampsMax())
        .put("dropVolts", c.dropVolts());
    if (c.ownFuseAmps().isPresent()) {
      j.put("ownFuseAmps", c.ownFuseAmps().getAsDouble());
    }
  }
}
