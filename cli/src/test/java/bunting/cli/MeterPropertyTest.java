package bunting.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.meter.Meter;
import bunting.core.meter.MeterSetting;
import bunting.core.meter.MeterSheet;
import bunting.core.pattern.Pattern;
import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.show.Show;
import bunting.files.PlanWriter;
import bunting.files.ShowFiles;
import bunting.testkit.PlanValidator;
import bunting.testkit.RandomShows;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What a meter should read, beside a dense solve of PLAN.json that shares no code with it. */
@Tag("property")
class MeterPropertyTest {
  private static final ObjectMapper MAPPER = new ObjectMapper();

  @Test
  void withinAMillivoltOnAHundredPlans() throws Exception {
    int points = 0;
    for (long seed = 1; seed <= 100; seed++) {
      RandomShows show = new RandomShows(seed);
      Show read = ShowFiles.ofTexts(show.csv(), MAPPER.writeValueAsString(show.settings()));
      Assessment assessment = Assessor.sketch(read);
      JsonNode plan = MAPPER.readTree(PlanWriter.write(assessment));
      Meter meter = new Meter(assessment.reading());
      PlanValidator dense = new PlanValidator(plan, show.settings(), show.runs());
      double designed = read.settings().brightnessPercent();
      points += compare(meter, plan, dense, Pattern.WHITE, designed, designed);
      points += compare(meter, plan, dense, Pattern.WHITE, designed / 3, designed / 3);
      points += compare(meter, plan, dense, Pattern.BLACK, designed, 0);
      // A type without red stays at idle.
      points += compare(meter, plan, dense, Pattern.RED, designed, 0);
    }
    assertThat(points).isGreaterThan(2000);
  }

  private static int compare(
      Meter meter, JsonNode plan, PlanValidator dense, Pattern pattern, double said, double draws) {
    Map<String, double[]> wanted = dense.voltsAt(draws);
    Map<String, Integer> first = new HashMap<>();
    plan.path("segments")
        .forEach(s -> first.put(s.path("id").asText(), s.path("firstPixel").asInt()));
    MeterSheet sheet = meter.read(new MeterSetting(pattern, said, Map.of(), Set.of()));
    for (MeterSheet.Volts v : sheet.volts()) {
      int at = v.pixel() - first.get(v.segment());
      assertThat(v.volts()).isCloseTo(wanted.get(v.segment())[at], within(1e-3));
    }
    return sheet.volts().size();
  }
}
