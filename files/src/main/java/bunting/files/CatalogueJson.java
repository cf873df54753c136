package bunting.files;

import bunting.core.show.Catalogue;
import bunting.core.show.StandardCatalogue;
import bunting.core.show.Wire;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The catalogue's lists in SETTINGS.json; one that is given replaces the built-in one whole. */
final class CatalogueJson {
  private CatalogueJson() {}

  static Catalogue read(JsonFields in) throws BadInputException {
    Catalogue d = StandardCatalogue.get();
    return new Catalogue(
        in.list("pixelTypes", CatalogueFields.PIXELS::read, t -> t.id()).orElse(d.pixelTypes()),
        in.list("controllerTypes", BoxFields.BOXES::read, t -> t.id()).orElse(d.controllerTypes()),
        in.list("supplyTypes", CatalogueFields.SUPPLIES::read, t -> t.id()).orElse(d.supplyTypes()),
        wires(in).orElse(d.wires()),
        in.list("dimmerTypes", BoxFields.DIMMERS::read, t -> t.id()).orElse(d.dimmerTypes()),
        in.list("leadHelpers", PartFields.HELPERS::read, t -> t.id()).orElse(d.leadHelpers()),
        in.list("distributionBlocks", PartFields.BLOCKS::read, t -> t.id()).orElse(d.blocks()),
        in.list("tails", PartFields.TAILS::read, t -> t.id()).orElse(d.tails()),
        in.list("joints", PartFields.JOINTS::read, t -> t.id()).orElse(d.joints()));
  }

  private static Optional<List<Wire>> wires(JsonFields in) throws BadInputException {
    Optional<List<String>> ids = in.texts("wires");
    List<Wire> wires = new ArrayList<>();
    Set<String> seen = new HashSet<>();
    for (String id : ids.orElse(List.of())) {
      String here = "wires[" + wires.size() + "]";
      Wire wire = Wire.parse(id).filter(w -> w.fuseAmpsMax() > 0).orElse(null);
      if (wire == null) {
        throw in.wrong(
            here,
            BadInputException.echo(id)
                + " is not a wire Bunting knows; give one of 22AWG, 20AWG, 18AWG, 16AWG, 14AWG,"
                + " 12AWG, 10AWG, 0.5mm2, 0.75mm2, 1.0mm2, 1.5mm2, 2.5mm2, 4.0mm2, 6.0mm2.");
      }
      if (!seen.add(id)) {
        throw in.wrong(
            here, "names " + BadInputException.echo(id) + " a second time; name each wire once.");
      }
      wires.add(wire);
    }
    return ids.map(i -> wires);
  }

  static void write(Json json, Catalogue catalogue) throws IOException {
    json.list("pixelTypes", catalogue.pixelTypes(), CatalogueFields.PIXELS::write);
    json.list("controllerTypes", catalogue.controllerTypes(), BoxFields.BOXES::write);
    json.list("supplyTypes", catalogue.supplyTypes(), CatalogueFields.SUPPLIES::write);
    json.list("dimmerTypes", catalogue.dimmerTypes(), BoxFields.DIMMERS::write);
    json.list("leadHelpers", catalogue.leadHelpers(), PartFields.HELPERS::write);
    json.list("distributionBlocks", catalogue.blocks(), PartFields.BLOCKS::write);
    json.list("tails", catalogue.tails(), PartFields.TAILS::write);
    json.list("joints", catalogue.joints(), PartFields.JOINTS::write);
    json.texts("wires", catalogue.wires().stream().map(Wire::id).toList());
  }
}
