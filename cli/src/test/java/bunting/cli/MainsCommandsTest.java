package bunting.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** {@code mains} and {@code hours} as the contract has them. */
class MainsCommandsTest extends CommandDriver {
  private static final ObjectMapper MAPPER = new ObjectMapper();

  private static final String RUNS =
      "name,type,pixels,x_m,y_m\nWeir,5v-strip-60,600,0,0\nOwl,12v-strip-60,300,0,0\n";

  private static final String HOURS =
      """
      "hours": {"from": "2026-11-27", "to": "2027-01-06", "latitude": 51.5, "longitude": -0.1,
        "zone": "Europe/London", "on": "sunset", "onOffsetMinutes": -15, "off": "22:30",
        "averagePercent": 30, "switched": ["S1"], "pricePerKWh": 0.3, "currency": "GBP"}
      """;

  private JsonNode asked(String word, String settings) throws Exception {
    String show = file("RUNS.csv", RUNS);
    file("SETTINGS.json", "{" + settings + "}");
    assertThat(run(word, show, "--json")).as(err).isZero();
    return MAPPER.readTree(out);
  }

  private static List<String> texts(JsonNode list) {
    List<String> texts = new ArrayList<>();
    list.forEach(n -> texts.add(n.asText()));
    return texts;
  }

  @Test
  void mainsSaysWhatEachCircuitCarriesAndWhatStartsTogether() throws Exception {
    JsonNode said =
        asked(
            "mains",
            """
            "circuits": [
              {"id": "A", "volts": 230, "breakerAmps": 16, "existingAmps": 3, "phase": 1,
               "rcdMilliamps": 30, "x": 0, "y": 0},
              {"id": "B", "volts": 230, "breakerAmps": 10}]
            """);
    JsonNode a = said.get("circuits").get(0);
    assertThat(a.get("allowedAmps").asDouble()).isCloseTo(12.8, within(1e-9));
    assertThat(a.get("existingAmps").asDouble()).isEqualTo(3);
    assertThat(a.get("phase").asInt()).isEqualTo(1);
    assertThat(said.get("circuits").get(1).get("phase").isNull()).isTrue();
    int supplies = 0;
    double load = 0;
    for (JsonNode c : said.get("circuits")) {
      List<String> starting = new ArrayList<>();
      c.get("startGroups").forEach(g -> starting.addAll(texts(g)));
      List<String> all = texts(c.get("supplies"));
      all.addAll(texts(c.get("bulbChains")));
      assertThat(starting).containsExactlyInAnyOrderElementsOf(all);
      assertThat(c.get("inrushAmps").asDouble()).isEqualTo(60.0 * all.size());
      supplies += c.get("supplies").size();
      load += c.get("phase").isNull() ? 0 : c.get("loadAmps").asDouble();
    }
    assertThat(said.get("standby")).hasSize(supplies);
    assertThat(said.get("standby").get(0).get("switched").asBoolean()).isFalse();
    assertThat(said.get("phases").get(0).get("amps").asDouble()).isCloseTo(load, within(1e-9));
  }

  @Test
  void withoutCircuitsThereAreNone() throws Exception {
    JsonNode said = asked("mains", "");
    assertThat(said.get("circuits")).isEmpty();
    assertThat(said.get("phases")).isEmpty();
    assertThat(said.get("standby")).isNotEmpty();
  }

  @Test
  void hoursAreThoseOfTheSunAndTheClock() throws Exception {
    JsonNode said = asked("hours", HOURS);
    assertThat(said.get("days")).hasSize(41);
    JsonNode first = said.get("days").get(0);
    assertThat(first.get("date").asText()).isEqualTo("2026-11-27");
    assertThat(first.get("sunset").asText()).matches("15:5[78]:\\d\\d");
    assertThat(first.get("on").asText()).matches("15:4[23]:\\d\\d");
    assertThat(first.get("off").asText()).isEqualTo("22:30:00");
    double hours = 0;
    for (JsonNode d : said.get("days")) {
      hours += d.get("hours").asDouble();
    }
    assertThat(said.get("hours").asDouble()).isCloseTo(hours, within(1e-4));
    double both = said.get("kWhLit").asDouble() + said.get("kWhDark").asDouble();
    assertThat(said.get("cost").asDouble()).isCloseTo(both * 0.3, within(1e-5));
    assertThat(said.get("kWhDark").asDouble()).isPositive();
  }

  @Test
  void withoutHoursItSaysWhatIsMissing() throws Exception {
    String show = file("RUNS.csv", RUNS);
    assertThat(run("hours", show)).isEqualTo(2);
    assertThat(err).contains("$.hours is missing").hasLineCount(1);
    assertThat(out).isEmpty();
  }

  @Test
  void peopleReadSentences() throws Exception {
    String show = file("RUNS.csv", RUNS);
    String settings = "{" + HOURS + ", \"circuits\": [{\"id\": \"A\", \"breakerAmps\": 16}]}";
    Files.writeString(Path.of(show).resolveSibling("SETTINGS.json"), settings);
    assertThat(run("mains", show)).isZero();
    assertThat(out)
        .contains("16 A breaker x 80 % for hours = 12.80 A")
        .contains("S1: ")
        .contains("starts anew each evening")
        .contains("licensed person");
    assertThat(run("hours", show)).isZero();
    assertThat(out).contains("41 evenings").contains("GBP");
  }
}
