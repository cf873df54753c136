package bunting.files;

import bunting.core.addressing.SlotRow;
import bunting.core.assess.OtherReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.plan.Assessment;
import bunting.core.show.Point;
import bunting.core.survey.Geometry;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import javax.xml.stream.XMLStreamException;

/**
 * The rig as MVR (DIN SPEC 15801:2023-12, from memory): a layer for each box, a fixture for each
 * stretch of slots in one universe, with its fixture type as GDTF beside it. Metres of the
 * elevation become millimetres: across is x, up is z.
 */
public final class Rig {
  /** A fixture: pixels of a run on slots of one universe. */
  private record Fixture(
      String layer, String name, String type, String order, int sets, int address, Point at) {}

  private Rig() {}

  /** The archive's bytes. */
  public static byte[] mvr(Assessment plan) {
    List<Fixture> fixtures = fixtures(plan.reading());
    Map<String, TreeSet<Integer>> lengths = new TreeMap<>();
    Map<String, String> orders = new TreeMap<>();
    for (Fixture f : fixtures) {
      lengths.computeIfAbsent(f.type(), k -> new TreeSet<>()).add(f.sets());
      orders.put(f.type(), f.order());
    }
    Map<String, String> specs = specs(lengths.keySet());
    Map<String, byte[]> files = new LinkedHashMap<>();
    files.put("GeneralSceneDescription.xml", Xml.document(x -> scene(x, fixtures, specs)));
    lengths.forEach(
        (type, sets) ->
            files.put(
                specs.getOrDefault(type, ""),
                FixtureTypes.archive(type, orders.getOrDefault(type, ""), sets)));
    return Archive.of(files);
  }

  /** A file a kind: kinds whose names differ only in what no file name bears get a number. */
  private static Map<String, String> specs(Set<String> types) {
    Map<String, String> specs = new TreeMap<>();
    Set<String> taken = new HashSet<>();
    for (String type : types) {
      String plain = "Bunting@" + type.replaceAll("[^A-Za-z0-9 _-]", "-");
      String name = plain;
      for (int n = 2; !taken.add(name.toLowerCase(Locale.ROOT)); n++) {
        name = plain + " " + n;
      }
      specs.put(type, name + ".gdtf");
    }
    return specs;
  }

  private static List<Fixture> fixtures(Reading reading) {
    List<Fixture> list = new ArrayList<>();
    for (SegmentReading s : reading.segments()) {
      int channels = s.type().channels();
      int owed = 0;
      String type = FixtureTypes.name(s.type().id() + " " + s.order());
      for (SlotRow r : s.slots()) {
        int slots = r.lastSlot() - r.firstSlot() + 1 - owed;
        int whole = slots / channels;
        int first = r.firstSlot() + owed;
        // A pixel that straddles two universes is a fixture of its own, at its first slot.
        boolean straddles = slots % channels > 0;
        int address = (r.universe() - 1) * 512 + first;
        Point at =
            Geometry.pixel(s.run(), s.type(), Math.clamp(r.firstPixel(), 1, s.run().pixels()));
        if (whole > 0) {
          String name = s.run().name() + " " + r.firstPixel() + "-" + r.lastPixel();
          list.add(
              new Fixture(s.segment().controller(), name, type, s.order(), whole, address, at));
        }
        if (straddles) {
          int split = address + whole * channels;
          String name = s.run().name() + " " + r.lastPixel();
          list.add(new Fixture(s.segment().controller(), name, type, s.order(), 1, split, at));
        }
        owed = straddles ? channels - slots % channels : 0;
      }
    }
    for (OtherReading.Set s : reading.others().sets()) {
      String order =
          switch (s.set().channels()) {
            case 1 -> "W";
            case 3 -> "RGB";
            case 4 -> "RGBW";
            default -> "D";
          };
      s.slots()
          .ifPresent(
              r ->
                  list.add(
                      new Fixture(
                          s.output().dimmer(),
                          s.set().name(),
                          "plain set " + order,
                          order,
                          s.set().channels() / order.length(),
                          (r.universe() - 1) * 512 + r.firstSlot(),
                          s.set().at())));
    }
    return list;
  }

  private static String uuid(String of) {
    return UUID.nameUUIDFromBytes(of.getBytes(StandardCharsets.UTF_8))
        .toString()
        .toUpperCase(java.util.Locale.ROOT);
  }

  private static void scene(Xml xml, List<Fixture> fixtures, Map<String, String> specs)
      throws XMLStreamException {
    Map<String, List<Fixture>> layers = new LinkedHashMap<>();
    fixtures.forEach(f -> layers.computeIfAbsent(f.layer(), k -> new ArrayList<>()).add(f));
    int[] id = {0};
    xml.element(
        "GeneralSceneDescription",
        g ->
            g.element(
                "Scene",
                s ->
                    s.element(
                        "Layers",
                        all -> {
                          for (Map.Entry<String, List<Fixture>> layer : layers.entrySet()) {
                            all.element(
                                "Layer",
                                l ->
                                    l.element(
                                        "ChildList",
                                        c -> {
                                          for (Fixture f : layer.getValue()) {
                                            fixture(
                                                c, f, specs.getOrDefault(f.type(), ""), ++id[0]);
                                          }
                                        }),
                                "name",
                                layer.getKey(),
                                "uuid",
                                uuid("layer " + layer.getKey()));
                          }
                        })),
        "verMajor",
        "1",
        "verMinor",
        "6",
        "provider",
        "Bunting",
        "providerVersion",
        "1");
  }

  private static void fixture(Xml xml, Fixture f, String spec, int id) throws XMLStreamException {
    xml.element(
        "Fixture",
        x -> {
          x.text(
              "Matrix",
              "{1,0,0}{0,1,0}{0,0,1}{"
                  + Math.round(f.at().x() * 1000)
                  + ","
                  + Math.round(f.at().z() * 1000)
                  + ","
                  + Math.round(f.at().y() * 1000)
                  + "}");
          x.text("GDTFSpec", spec);
          x.text("GDTFMode", FixtureTypes.mode(f.sets()));
          x.text("FixtureID", "" + id);
          x.text("UnitNumber", "0");
          x.text("FixtureTypeId", "0");
          x.text("CustomId", "0");
          x.element("Addresses", a -> a.text("Address", "" + f.address(), "break", "0"));
        },
        "name",
        f.name(),
        "uuid",
        uuid("fixture " + f.layer() + " " + f.name() + " " + f.address()));
  }
}
