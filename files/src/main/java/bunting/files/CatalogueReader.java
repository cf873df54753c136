package bunting.files;

import bunting.core.addressing.NetworkAddresses;
import bunting.core.limits.Range;
import bunting.core.show.ControllerType;
import bunting.core.show.DimmerType;
import bunting.core.show.DistributionBlock;
import bunting.core.show.Joint;
import bunting.core.show.LeadHelper;
import bunting.core.show.LoadKind;
import bunting.core.show.PixelType;
import bunting.core.show.Signal;
import bunting.core.show.SupplyType;
import bunting.core.show.Tail;
import bunting.core.show.Wire;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;

/** Entries of the catalogue. What has an obvious default may be left out. */
final class CatalogueReader {
  /** More ports than any board has; keeps a slip of the finger from filling the memory. */
  private static final int PORTS_MAX = 10_000;

  private CatalogueReader() {}

  static PixelType pixelType(JsonFields f) throws BadInputException {
    String id = f.text("id");
    int channels = f.whole("channels", Range.between(1, 512));
    return new PixelType(
        id,
        f.text("name", id),
        f.number("volts", Range.VOLTS),
        channels,
        f.text("order", channels == 4 ? "RGBW" : "RGB"),
        f.whole("bitsPerChannel", Range.between(1, 64), 8),
        f.choice("signal", Signal.values(), Signal::id, Signal.ONE_WIRE_800K),
        f.number("pitchPerM", Range.PITCH),
        f.whole("cutEvery", Range.between(1, 1_000_000), 1),
        f.number("milliampsFull", Range.MILLIAMPS),
        f.number("milliampsIdle", Range.MILLIAMPS, 0),
        f.choice("load", LoadKind.values(), LoadKind::id, LoadKind.CONSTANT_CURRENT),
        f.number("railOhmsPerM", Range.RAIL_OHMS),
        f.has("sheetMilliampsFull")
            ? OptionalDouble.of(f.number("sheetMilliampsFull", Range.MILLIAMPS))
            : OptionalDouble.empty(),
        f.has("railAmpsMax")
            ? OptionalDouble.of(f.number("railAmpsMax", Range.RAIL_AMPS))
            : OptionalDouble.empty(),
        f.has("jointEvery")
            ? OptionalInt.of(f.whole("jointEvery", Range.PIXELS))
            : OptionalInt.empty());
  }

  static DimmerType dimmerType(JsonFields f) throws BadInputException {
    String id = f.text("id");
    return new DimmerType(
        id,
        f.text("name", id),
        f.whole("outputs", Range.between(1, PORTS_MAX)),
        volts(f),
        f.number("outputAmpsMax", Range.aboveTo(0, Range.AMPS.most())),
        f.number("boardAmpsMax", Range.aboveTo(0, Range.AMPS.most())),
        f.number("cost", Range.MONEY, 0));
  }

  static ControllerType controllerType(JsonFields f) throws BadInputException {
    String id = f.text("id");
    int ports = f.whole("ports", Range.between(1, PORTS_MAX));
    double portAmps = f.number("portAmpsMax", Range.AMPS);
    return new ControllerType(
        id,
        f.text("name", id),
        ports,
        f.whole("pixelsPerPortMax", Range.between(1, 1_000_000_000)),
        f.whole("universesMax", Range.between(1, 1_000_000_000)),
        volts(f),
        portAmps,
        f.number("boardAmpsMax", Range.AMPS),
        fuseGroups(f, ports),
        f.number("fuseGroupAmpsMax", Range.AMPS, portAmps),
        f.number("cost", Range.MONEY, 0),
        factoryAddress(f),
        f.number("terminalMm2Max", Range.WIRE_MM2, 0));
  }

  private static String factoryAddress(JsonFields f) throws BadInputException {
    String text = f.text("factoryAddress", ControllerType.USUAL_FACTORY_ADDRESS);
    if (!NetworkAddresses.valid(text)) {
      throw f.wrong("factoryAddress", "should be an IPv4 address, such as 192.168.1.200.");
    }
    return text;
  }

  static LeadHelper leadHelper(JsonFields f) throws BadInputException {
    String id = f.text("id");
    return new LeadHelper(
        id,
        f.text("name", id),
        f.number("reachM", Range.aboveTo(0, 100_000)),
        f.number("cost", Range.MONEY, 0));
  }

  static DistributionBlock block(JsonFields f) throws BadInputException {
    String id = f.text("id");
    return new DistributionBlock(
        id,
        f.text("name", id),
        f.whole("ways", Range.between(1, 1_000)),
        f.number("wayAmpsMax", Range.aboveTo(0, 1_000)),
        f.number("ampsMax", Range.aboveTo(0, 10_000)),
        f.number("terminalMm2Max", Range.aboveTo(0, 100)),
        f.number("cost", Range.MONEY, 0));
  }

  static Tail tail(JsonFields f) throws BadInputException {
    String id = f.text("id");
    String wire = f.text("wire");
    return new Tail(
        id,
        Wire.parse(wire)
            .filter(w -> w.fuseAmpsMax() > 0)
            .orElseThrow(
                () -> f.wrong("wire", "should be a wire that may be fused, such as 20AWG.")),
        f.number("lengthM", Range.aboveTo(0, 10)),
        f.number("cost", Range.MONEY, 0));
  }

  static Joint joint(JsonFields f) throws BadInputException {
    String id = f.text("id");
    return new Joint(
        id,
        f.text("name", id),
        f.number("ampsMax", Range.aboveTo(0, 1000)),
        f.number("cost", Range.MONEY, 0));
  }

  private static List<Double> volts(JsonFields f) throws BadInputException {
    List<Double> volts = new ArrayList<>();
    for (JsonNode item : f.items("volts").orElse(List.of())) {
      if (!item.isNumber() || !Range.VOLTS.holds(item.doubleValue())) {
        throw f.wrong(
            "volts[" + volts.size() + "]", "should be a number " + Range.VOLTS.text() + ".");
      }
      volts.add(item.doubleValue());
    }
    if (volts.isEmpty()) {
      throw f.wrong("volts", "should list at least one voltage, such as [5, 12].");
    }
    return volts;
  }

  private static List<List<Integer>> fuseGroups(JsonFields f, int ports) throws BadInputException {
    List<List<Integer>> groups = new ArrayList<>();
    Set<Integer> seen = new HashSet<>();
    for (JsonNode item : f.items("fuseGroups").orElse(List.of())) {
      String here = "fuseGroups[" + groups.size() + "]";
      if (!item.isArray() || item.isEmpty()) {
        throw f.wrong(here, "should be a list of ports that share a fuse, such as [1, 2].");
      }
      List<Integer> group = new ArrayList<>();
      for (JsonNode port : item) {
        if (!port.isIntegralNumber() || port.doubleValue() < 1 || port.doubleValue() > ports) {
          throw f.wrong(here, "should name ports from 1 to " + ports + ".");
        }
        if (!seen.add(port.intValue())) {
          throw f.wrong(
              here, "names port " + port.intValue() + " a second time; a port has one fuse.");
        }
        group.add(port.intValue());
      }
      groups.add(group.stream().sorted().toList());
    }
    return groups;
  }

  static SupplyType supplyType(JsonFields f) throws BadInputException {
    return new SupplyType(
        f.text("id"),
        f.number("volts", Range.VOLTS),
        f.number("watts", Range.WATTS),
        f.number("efficiency", Range.between(0.001, 1), 0.88),
        f.number("powerFactor", Range.between(0.001, 1), 0.95),
        f.number("cost", Range.MONEY, 0),
        f.has("inrushAmps")
            ? OptionalDouble.of(f.number("inrushAmps", Range.AMPS))
            : OptionalDouble.empty(),
        f.number("idleWatts", Range.between(0, Range.WATTS.most()), 0));
  }
}
