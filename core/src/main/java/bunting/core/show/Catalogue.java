package bunting.core.show;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** The kinds of things that a show may be built of. Ids are unique within each list. */
public record Catalogue(
    List<PixelType> pixelTypes,
    List<ControllerType> controllerTypes,
    List<SupplyType> supplyTypes,
    List<Wire> wires,
    List<DimmerType> dimmerTypes,
    List<LeadHelper> leadHelpers,
    List<DistributionBlock> blocks,
    List<Tail> tails,
    List<Joint> joints) {
  public Catalogue {
    pixelTypes = List.copyOf(pixelTypes);
    controllerTypes = List.copyOf(controllerTypes);
    supplyTypes = List.copyOf(supplyTypes);
    wires = List.copyOf(wires);
    dimmerTypes = List.copyOf(dimmerTypes);
    leadHelpers = List.copyOf(leadHelpers);
    blocks = List.copyOf(blocks);
    tails = List.copyOf(tails);
    joints = List.copyOf(joints);
  }

  /** A catalogue with the usual dimmers, help for long leads, blocks, tails and joints. */
  public Catalogue(
      List<PixelType> pixelTypes,
      List<ControllerType> controllerTypes,
      List<SupplyType> supplyTypes,
      List<Wire> wires) {
    this(
        pixelTypes,
        controllerTypes,
        supplyTypes,
        wires,
        StandardCatalogue.dimmerTypes(),
        StandardCatalogue.leadHelpers(),
        StandardCatalogue.blocks(),
        StandardCatalogue.tails(),
        StandardCatalogue.joints());
  }

  /** The same with that pixel type in place of the one with its id, or added. */
  public Catalogue withPixelType(PixelType type) {
    List<PixelType> list = new ArrayList<>(pixelTypes);
    list.replaceAll(t -> t.id().equals(type.id()) ? type : t);
    if (!list.contains(type)) {
      list.add(type);
    }
    return new Catalogue(
        list, controllerTypes, supplyTypes, wires, dimmerTypes, leadHelpers, blocks, tails, joints);
  }

  /** The same with other sizes of wire. */
  public Catalogue withWires(List<Wire> other) {
    return new Catalogue(
        pixelTypes,
        controllerTypes,
        supplyTypes,
        other,
        dimmerTypes,
        leadHelpers,
        blocks,
        tails,
        joints);
  }

  /** The same with other distribution blocks. */
  public Catalogue withBlocks(List<DistributionBlock> other) {
    return new Catalogue(
        pixelTypes,
        controllerTypes,
        supplyTypes,
        wires,
        dimmerTypes,
        leadHelpers,
        other,
        tails,
        joints);
  }

  /** Pixel types by id. */
  public Map<String, PixelType> pixelTypesById() {
    return index(pixelTypes, PixelType::id);
  }

  /** Controller types by id. */
  public Map<String, ControllerType> controllerTypesById() {
    return index(controllerTypes, ControllerType::id);
  }

  /** Supply types by id. */
  public Map<String, SupplyType> supplyTypesById() {
    return index(supplyTypes, SupplyType::id);
  }

  /** Dimmer types by id. */
  public Map<String, DimmerType> dimmerTypesById() {
    return index(dimmerTypes, DimmerType::id);
  }

  /** Wires by id. */
  public Map<String, Wire> wiresById() {
    return index(wires, Wire::id);
  }

  private static <T> Map<String, T> index(List<T> list, Function<T, String> id) {
    Map<String, T> map = new LinkedHashMap<>();
    list.forEach(t -> map.put(id.apply(t), t));
    return map;
  }
}
