package bunting.files.papers;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.show.Controller;
import bunting.core.show.Goal;
import bunting.core.show.OtherLoads;
import bunting.core.show.PlainSet;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.files.PlanWriter;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** The network on paper and in PLAN.json. */
class NetworkTableTest {
  private static Assessment plan(boolean multicast) {
    PlainSet bush =
        new PlainSet("bush", 12, 3, 24, new Point(3, 1), OptionalDouble.empty(), Optional.empty());
    Show show =
        Show.of(List.of(Run.of("rim", "12v-strip-60", 340), Run.of("boat <1>", "5v-strip-60", 170)))
            .withControllers(
                List.of(
                    new Controller("Mill", "box-4", 0, 0), new Controller("Weir", "box-4", 9, 0)))
            .withOthers(new OtherLoads(List.of(bush), List.of()));
    return Assessor.sketch(
        show.withNetwork(
            show.network()
                .withMulticast(multicast)
                .withWifi("Weir", true)
                .withAddress("Weir", "10.20.0.70")));
  }

  @Test
  void everyBoxHasItsRow() {
    List<List<String>> rows = NetworkTable.table(new Sources(plan(false))).all();
    assertThat(rows).hasSize(3);
    assertThat(rows.get(1)).startsWith("Mill", "10.20.0.11", "192.168.1.200", "1-2", "80");
    assertThat(rows.get(2)).startsWith("Weir", "10.20.0.70").endsWith("Wi-Fi");
  }

  @Test
  void thePaperSaysHowToBeginAndHowSwitchesStand() {
    Print print = new Print("Fair", 1, LocalDate.of(2026, 11, 28), PageSize.A4, Map.of());
    Page page = new Page(print, "network", "Network sheet");
    String html = NetworkTable.page(new Sources(plan(true)), page).html("Paper");
    assertThat(html).contains("multicast").contains("Plug in Mill alone, open 192.168.1.200");
    assertThat(html).contains("120 ohm").contains("100000000");
  }

  @Test
  void planJsonCarriesLinksLinesAndGoals() throws Exception {
    JsonNode json = new ObjectMapper().readTree(PlanWriter.write(plan(false)));
    JsonNode links = json.get("network").get("links");
    assertThat(links).hasSize(2);
    assertThat(links.get(0).get("universes")).hasSize(2);
    // 340 RGB pixels are 1,020 bytes (arithmetic).
    assertThat(links.get(0).get("bytes").intValue()).isEqualTo(1020);
    assertThat(json.get("network").get("packetsPerSecond").doubleValue()).isEqualTo(120);
    JsonNode board = json.get("dmxLines").get(0).get("boards").get(0);
    assertThat(board.get("startAddress").intValue()).isBetween(1, 512);
    assertThat(board.get("switches").textValue()).matches("[01]{9}");
    assertThat(json.get("goals")).hasSize(Goal.values().length);
    assertThat(json.get("controllers").get(1).get("address").textValue()).isEqualTo("10.20.0.70");
  }
}
