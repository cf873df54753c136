package bunting.files;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import javax.xml.stream.XMLStreamException;

/**
 * GDTF fixture types (DIN SPEC 15800:2022-02, from memory): a line of pixels of one colour order,
 * with a mode for each length that is used. Each pixel is a reference to one geometry, its slots
 * behind those of the pixel before.
 */
final class FixtureTypes {
  private static final String PIXEL = "Pixel";

  private FixtureTypes() {}

  /** The name of a mode. */
  static String mode(int sets) {
    return sets + (sets == 1 ? " pixel" : " pixels");
  }

  /** Letters, digits, spaces and some signs: what names may have. */
  static String name(String raw) {
    return raw.replaceAll("[^A-Za-z0-9 #%()*+/:;<>=_-]", "-");
  }

  /** The archive of one fixture type. */
  static byte[] archive(String name, String order, Set<Integer> lengths) {
    Map<String, byte[]> files = new LinkedHashMap<>();
    files.put("description.xml", Xml.document(x -> description(x, name, order, lengths)));
    return Archive.of(files);
  }

  private static void description(Xml xml, String name, String order, Set<Integer> lengths)
      throws XMLStreamException {
    String id =
        UUID.nameUUIDFromBytes(("bunting " + name).getBytes(StandardCharsets.UTF_8))
            .toString()
            .toUpperCase(Locale.ROOT);
    xml.element(
        "GDTF",
        g ->
            g.element(
                "FixtureType",
                f -> {
                  attributes(f, order);
                  f.empty("Wheels");
                  f.empty("PhysicalDescriptions");
                  f.empty("Models");
                  f.element("Geometries", x -> geometries(x, order.length(), lengths));
                  f.element("DMXModes", x -> modes(x, order, lengths));
                },
                "Name",
                name,
                "ShortName",
                name,
                "LongName",
                name,
                "Manufacturer",
                "Bunting",
                "Description",
                "A line of pixels, " + order,
                "FixtureTypeID",
                id,
                "CanHaveChildren",
                "No"),
        "DataVersion",
        "1.2");
  }

  private static String attribute(char letter) {
    return switch (letter) {
      case 'R' -> "ColorAdd_R";
      case 'G' -> "ColorAdd_G";
      case 'B' -> "ColorAdd_B";
      case 'W' -> "ColorAdd_W";
      case 'A' -> "ColorAdd_RY";
      default -> "Dimmer";
    };
  }

  private static void attributes(Xml xml, String order) throws XMLStreamException {
    List<String> used = new ArrayList<>();
    for (int i = 0; i < order.length(); i++) {
      String name = attribute(order.charAt(i));
      if (!used.contains(name)) {
        used.add(name);
      }
    }
    xml.element(
        "AttributeDefinitions",
        d -> {
          d.element("ActivationGroups", a -> a.empty("ActivationGroup", "Name", "ColorRGB"));
          d.element(
              "FeatureGroups",
              f -> {
                f.element(
                    "FeatureGroup",
                    x -> x.empty("Feature", "Name", "RGB"),
                    "Name",
                    "Color",
                    "Pretty",
                    "Color");
                f.element(
                    "FeatureGroup",
                    x -> x.empty("Feature", "Name", "Dimmer"),
                    "Name",
                    "Dimmer",
                    "Pretty",
                    "Dimmer");
              });
          d.element(
              "Attributes",
              a -> {
                for (String name : used) {
                  if (name.equals("Dimmer")) {
                    a.empty("Attribute", "Name", name, "Pretty", "Dim", "Feature", "Dimmer.Dimmer");
                  } else {
                    a.empty(
                        "Attribute",
                        "Name",
                        name,
                        "Pretty",
                        name.substring("ColorAdd_".length()),
                        "ActivationGroup",
                        "ColorRGB",
                        "Feature",
                        "Color.RGB",
                        "PhysicalUnit",
                        "ColorComponent");
                  }
                }
              });
        });
  }

  private static final String HERE = "{1,0,0,0}{0,1,0,0}{0,0,1,0}{0,0,0,1}";

  private static void geometries(Xml xml, int channels, Set<Integer> lengths)
      throws XMLStreamException {
    xml.empty("Geometry", "Name", PIXEL, "Position", HERE);
    for (int sets : lengths) {
      xml.element(
          "Geometry",
          line -> {
            for (int i = 1; i <= sets; i++) {
              int offset = 1 + (i - 1) * channels;
              line.element(
                  "GeometryReference",
                  x -> x.empty("Break", "DMXBreak", "1", "DMXOffset", "" + offset),
                  "Name",
                  "P" + i,
                  "Position",
                  HERE,
                  "Geometry",
                  PIXEL);
            }
          },
          "Name",
          "Line " + sets,
          "Position",
          HERE);
    }
  }

  private static void modes(Xml xml, String order, Set<Integer> lengths) throws XMLStreamException {
    for (int sets : lengths) {
      xml.element(
          "DMXMode",
          mode -> {
            mode.element(
                "DMXChannels",
                list -> {
                  for (int c = 0; c < order.length(); c++) {
                    channel(list, c + 1, attribute(order.charAt(c)), order, c);
                  }
                });
            mode.empty("Relations");
            mode.empty("FTMacros");
          },
          "Name",
          mode(sets),
          "Geometry",
          "Line " + sets);
    }
  }

  private static void channel(Xml xml, int offset, String attribute, String order, int index)
      throws XMLStreamException {
    // Two slots of one attribute would be one channel name twice.
    boolean again = order.indexOf(order.charAt(index)) < index;
    String function = attribute + (again ? " " + offset : " 1");
    xml.element(
        "DMXChannel",
        c ->
            c.element(
                "LogicalChannel",
                l ->
                    l.empty(
                        "ChannelFunction",
                        "Name",
                        function,
                        "Attribute",
                        attribute,
                        "DMXFrom",
                        "0/1",
                        "Default",
                        "0/1",
                        "PhysicalFrom",
                        "0",
                        "PhysicalTo",
                        "1"),
                "Attribute",
                attribute,
                "Snap",
                "No",
                "Master",
                "None"),
        "DMXBreak",
        "Overwrite",
        "Offset",
        "" + offset,
        "Highlight",
        "255/1",
        "Geometry",
        PIXEL,
        "InitialFunction",
        PIXEL + "_" + attribute + "." + attribute + "." + function);
  }
}
