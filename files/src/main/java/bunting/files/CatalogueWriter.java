package bunting.files;

import bunting.core.show.Catalogue;
import java.io.IOException;

/** The catalogue's lists as they stand in SETTINGS.json. */
final class CatalogueWriter {
  private CatalogueWriter() {}

  static void write(Json json, Catalogue catalogue) throws IOException {
    json.list(
        "pixelTypes",
        catalogue.pixelTypes(),
        (j, t) -> {
          j.put("id", t.id())
              .put("name", t.name())
              .put("volts", t.volts())
              .put("channels", t.channels())
              .put("order", t.order())
              .put("bitsPerChannel", t.bitsPerChannel())
              .put("signal", t.signal().id())
              .put("pitchPerM", t.pitchPerM())
              .put("cutEvery", t.cutEvery())
              .put("milliampsFull", t.milliampsFull())
              .put("milliampsIdle", t.milliampsIdle())
              .put("load", t.load().id())
              .put("railOhmsPerM", t.railOhmsPerM());
          if (t.measured()) {
            j.put("sheetMilliampsFull", t.sheetMilliampsFull().getAsDouble());
          }
          if (t.railAmpsMax().isPresent()) {
            j.put("railAmpsMax", t.railAmpsMax().getAsDouble());
          }
          if (t.jointEvery().isPresent()) {
            j.put("jointEvery", t.jointEvery().getAsInt());
          }
        });
    json.list(
        "controllerTypes",
        catalogue.controllerTypes(),
        (j, t) -> {
          j.put("id", t.id())
              .put("name", t.name())
              .put("ports", t.ports())
              .put("pixelsPerPortMax", t.pixelsPerPortMax())
              .put("universesMax", t.universesMax());
          j.numbers("volts", t.volts());
          j.put("portAmpsMax", t.portAmpsMax()).put("boardAmpsMax", t.boardAmpsMax());
          j.numberLists("fuseGroups", t.fuseGroups());
          j.put("fuseGroupAmpsMax", t.fuseGroupAmpsMax()).put("cost", t.cost());
          j.put("factoryAddress", t.factoryAddress());
          if (t.terminalMm2Max() > 0) {
            j.put("terminalMm2Max", t.terminalMm2Max());
          }
        });
    json.list(
        "supplyTypes",
        catalogue.supplyTypes(),
        (j, t) -> {
          j.put("id", t.id())
              .put("volts", t.volts())
              .put("watts", t.watts())
              .put("efficiency", t.efficiency())
              .put("powerFactor", t.powerFactor())
              .put("cost", t.cost());
          if (t.inrushAmps().isPresent()) {
            j.put("inrushAmps", t.inrushAmps().getAsDouble());
          }
          if (t.idleWatts() > 0) {
            j.put("idleWatts", t.idleWatts());
          }
        });
    json.list(
        "dimmerTypes",
        catalogue.dimmerTypes(),
        (j, t) -> {
          j.put("id", t.id()).put("name", t.name()).put("outputs", t.outputs());
          j.numbers("volts", t.volts());
          j.put("outputAmpsMax", t.outputAmpsMax())
              .put("boardAmpsMax", t.boardAmpsMax())
              .put("cost", t.cost());
        });
    json.list(
        "leadHelpers",
        catalogue.leadHelpers(),
        (j, t) ->
            j.put("id", t.id())
                .put("name", t.name())
                .put("reachM", t.reachM())
                .put("cost", t.cost()));
    json.list(
        "distributionBlocks",
        catalogue.blocks(),
        (j, t) ->
            j.put("id", t.id())
                .put("name", t.name())
                .put("ways", t.ways())
                .put("wayAmpsMax", t.wayAmpsMax())
                .put("ampsMax", t.ampsMax())
                .put("terminalMm2Max", t.terminalMm2Max())
                .put("cost", t.cost()));
    json.list(
        "tails",
        catalogue.tails(),
        (j, t) ->
            j.put("id", t.id())
                .put("wire", t.wire().id())
                .put("lengthM", t.lengthM())
                .put("cost", t.cost()));
    json.list(
        "joints",
        catalogue.joints(),
        (j, t) ->
            j.put("id", t.id())
                .put("name", t.name())
                .put("ampsMax", t.ampsMax())
                .put("cost", t.cost()));
  }
}
