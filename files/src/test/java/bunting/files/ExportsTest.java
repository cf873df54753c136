package bunting.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.show.Addressing;
import bunting.core.show.OtherLoads;
import bunting.core.show.PlainSet;
import bunting.core.show.Point;
import bunting.core.show.PortStart;
import bunting.core.show.Protocol;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.SlotSplit;
import bunting.files.papers.PatchFiles;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayInputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TimeZone;
import javax.xml.parsers.DocumentBuilderFactory;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/**
 * The patch and the rig. The rules of GDTF 1.2 (DIN SPEC 15800:2022-02) and MVR 1.6 (DIN SPEC
 * 15801:2023-12) are written down here from memory of the published texts.
 */
class ExportsTest {
  @TempDir Path folder = Path.of("");

  private static Assessment plan(SlotSplit split) {
    PlainSet bush =
        new PlainSet("bush", 12, 3, 24, new Point(3, 1), OptionalDouble.empty(), Optional.empty());
    Show show =
        Show.of(
                List.of(
                    Run.of("Wheel rim", "12v-strip-60", 400),
                    Run.of("Stand ribs", "24v-strip-60-rgbw", 180),
                    Run.of("Boat", "5v-strip-60", 100)))
            .withOthers(new OtherLoads(List.of(bush), List.of()))
            .withAddressing(
                new Addressing(Protocol.SACN, 7, split, PortStart.CONTINUOUS, List.of()));
    return Assessor.sketch(show);
  }

  private static Document xml(byte[] bytes) throws Exception {
    return DocumentBuilderFactory.newInstance()
        .newDocumentBuilder()
        .parse(new ByteArrayInputStream(bytes));
  }

  private static List<Element> all(Document document, String name) {
    NodeList nodes = document.getElementsByTagName(name);
    List<Element> list = new ArrayList<>();
    for (int i = 0; i < nodes.getLength(); i++) {
      list.add((Element) nodes.item(i));
    }
    return list;
  }

  private static String child(Element e, String name) {
    return e.getElementsByTagName(name).item(0).getTextContent();
  }

  @Test
  void theRigHasAFixtureForEveryStretchAndATypeForEachFixture() throws Exception {
    for (SlotSplit split : SlotSplit.values()) {
      Assessment plan = plan(split);
      Map<String, byte[]> files = Archive.read(Rig.mvr(plan));
      Document scene = xml(files.get("GeneralSceneDescription.xml"));
      assertThat(scene.getDocumentElement().getTagName()).isEqualTo("GeneralSceneDescription");
      assertThat(scene.getDocumentElement().getAttribute("verMajor")).isEqualTo("1");
      Set<String> uuids = new HashSet<>();
      Set<Integer> slots = new HashSet<>();
      for (Element f : all(scene, "Fixture")) {
        assertThat(f.getAttribute("uuid")).matches("[0-9A-F]{8}(-[0-9A-F]{4}){3}-[0-9A-F]{12}");
        assertThat(uuids.add(f.getAttribute("uuid"))).isTrue();
        assertThat(child(f, "Matrix")).matches("(\\{-?\\d+,-?\\d+,-?\\d+\\}){4}");
        String spec = child(f, "GDTFSpec");
        assertThat(files).containsKey(spec);
        Document type = xml(Archive.read(files.get(spec)).get("description.xml"));
        String mode = child(f, "GDTFMode");
        Element used =
            all(type, "DMXMode").stream()
                .filter(m -> m.getAttribute("Name").equals(mode))
                .findFirst()
                .orElseThrow();
        int sets = Integer.parseInt(mode.substring(0, mode.indexOf(' ')));
        int footprint = sets * used.getElementsByTagName("DMXChannel").getLength();
        int address = Integer.parseInt(child(f, "Address"));
        for (int i = 0; i < footprint; i++) {
          assertThat(slots.add(address + i)).as("slot " + (address + i) + " once").isTrue();
        }
      }
      // Every slot of the plan is covered once: 400 and 100 RGB, 180 RGBW, a set of 3.
      assertThat(slots).hasSize(400 * 3 + 180 * 4 + 100 * 3 + 3);
      assertThat(slots).allMatch(s -> s > 6 * 512);
    }
  }

  @Test
  void fixtureTypesKeepTheRulesOfTheirFormat() throws Exception {
    Map<String, byte[]> files = Archive.read(Rig.mvr(plan(SlotSplit.WHOLE_PIXELS)));
    for (Map.Entry<String, byte[]> file : files.entrySet()) {
      if (!file.getKey().endsWith(".gdtf")) {
        continue;
      }
      Document type = xml(Archive.read(file.getValue()).get("description.xml"));
      assertThat(type.getDocumentElement().getAttribute("DataVersion")).isEqualTo("1.2");
      Element fixture = all(type, "FixtureType").getFirst();
      assertThat(fixture.getAttribute("FixtureTypeID"))
          .matches("[0-9A-F]{8}(-[0-9A-F]{4}){3}-[0-9A-F]{12}");
      assertThat(file.getKey()).startsWith(fixture.getAttribute("Manufacturer") + "@");
      Set<String> features = new HashSet<>();
      for (Element group : all(type, "FeatureGroup")) {
        NodeList inside = group.getElementsByTagName("Feature");
        for (int i = 0; i < inside.getLength(); i++) {
          features.add(
              group.getAttribute("Name") + "." + ((Element) inside.item(i)).getAttribute("Name"));
        }
      }
      Set<String> attributes = new HashSet<>();
      for (Element a : all(type, "Attribute")) {
        assertThat(attributes.add(a.getAttribute("Name"))).isTrue();
        assertThat(features).contains(a.getAttribute("Feature"));
      }
      Set<String> geometries = new HashSet<>();
      all(type, "Geometry").forEach(g -> geometries.add(g.getAttribute("Name")));
      all(type, "GeometryReference")
          .forEach(r -> assertThat(geometries).contains(r.getAttribute("Geometry")));
      for (Element mode : all(type, "DMXMode")) {
        assertThat(geometries).contains(mode.getAttribute("Geometry"));
        NodeList channels = mode.getElementsByTagName("DMXChannel");
        Set<String> offsets = new HashSet<>();
        for (int i = 0; i < channels.getLength(); i++) {
          Element c = (Element) channels.item(i);
          assertThat(offsets.add(c.getAttribute("Offset"))).isTrue();
          assertThat(geometries).contains(c.getAttribute("Geometry"));
          Element logical = (Element) c.getElementsByTagName("LogicalChannel").item(0);
          assertThat(attributes).contains(logical.getAttribute("Attribute"));
          Element function = (Element) c.getElementsByTagName("ChannelFunction").item(0);
          assertThat(c.getAttribute("InitialFunction"))
              .isEqualTo(
                  c.getAttribute("Geometry")
                      + "_"
                      + logical.getAttribute("Attribute")
                      + "."
                      + logical.getAttribute("Attribute")
                      + "."
                      + function.getAttribute("Name"));
        }
      }
      for (Element reference : all(type, "Break")) {
        assertThat(Integer.parseInt(reference.getAttribute("DMXOffset"))).isBetween(1, 512);
      }
    }
  }

  @Test
  void thePatchIsTheSameInEveryFormat() throws Exception {
    Assessment plan = plan(SlotSplit.WHOLE_PIXELS);
    for (String name : List.of("p.csv", "p.xlsx", "p.json", "p.mvr")) {
      PatchFiles.write(plan, folder.resolve(name));
    }
    JsonNode json = new ObjectMapper().readTree(folder.resolve("p.json").toFile());
    int rows =
        plan.reading().segments().stream().mapToInt(s -> s.slots().size()).sum()
            + plan.reading().others().sets().size();
    assertThat(json.get("patch")).hasSize(rows);
    assertThat(json.get("patch").get(0).get("universe").intValue()).isEqualTo(7);
    assertThat(json.get("controllers").get(0).get("universes").get(0).get("multicast").textValue())
        .startsWith("239.255.0.");
    try (ReadableWorkbook book = new ReadableWorkbook(folder.resolve("p.xlsx").toFile())) {
      assertThat(book.getFirstSheet().read()).hasSize(rows + 1);
    }
    assertThatThrownBy(() -> PatchFiles.write(plan, folder.resolve("p.ods")))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining(".xlsx");
  }

  @Test
  void exportsAreTheSameBytesEveryTimeAndInEveryZone() throws Exception {
    Assessment plan = plan(SlotSplit.WHOLE_PIXELS);
    TimeZone here = TimeZone.getDefault();
    try {
      for (String zone : List.of("UTC", "Pacific/Kiritimati", "America/St_Johns")) {
        TimeZone.setDefault(TimeZone.getTimeZone(zone));
        for (String ending : List.of("xlsx", "json", "mvr", "csv")) {
          PatchFiles.write(plan, folder.resolve(zone.replace('/', ' ') + "." + ending));
          assertThat(Files.readAllBytes(folder.resolve(zone.replace('/', ' ') + "." + ending)))
              .as(zone + " " + ending)
              .isEqualTo(Files.readAllBytes(folder.resolve("UTC." + ending)));
        }
      }
    } finally {
      TimeZone.setDefault(here);
    }
    assertThat(
            new String(
                Archive.read(Files.readAllBytes(folder.resolve("UTC.xlsx")))
                    .get("docProps/core.xml"),
                java.nio.charset.StandardCharsets.UTF_8))
        .contains("1980-01-01");
  }

  @Test
  void kindsThatDifferInWhatNoFileNameBearsHaveFilesOfTheirOwn() throws Exception {
    Path runs =
        Files.writeString(folder.resolve("R.csv"), "name,type,pixels\na,k/1,20\nb,k:1,20\n");
    String kind =
        "{\"id\":\"k%s1\",\"volts\":12,\"channels\":3,\"order\":\"RGB\",\"pitchPerM\":60,";
    String rest =
        "\"signal\":\"one-wire-800k\",\"milliampsFull\":20,\"railOhmsPerM\":0.05,\"name\":\"k\"}";
    Path settings =
        Files.writeString(
            folder.resolve("S.json"),
            "{\"pixelTypes\":["
                + kind.formatted("/")
                + rest
                + ","
                + kind.formatted(":")
                + rest
                + "]}");
    Assessment both = Assessor.sketch(ShowFiles.readRuns(runs, Optional.of(settings)));
    assertThat(Archive.read(Rig.mvr(both)).keySet().stream().filter(f -> f.endsWith(".gdtf")))
        .hasSize(2);
  }
}
