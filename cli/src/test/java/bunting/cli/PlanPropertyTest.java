package bunting.cli;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.testkit.PlanValidator;
import bunting.testkit.RandomShows;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.StreamSupport;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Tag;
import net.jqwik.api.statistics.Statistics;

/** Every plan of every sound input keeps the contract, and comes out the same twice. */
@Tag("property")
class PlanPropertyTest {
  private static final ObjectMapper MAPPER = new ObjectMapper();

  /** Of the search where the show sets it. */
  private static final double EFFORT = 0.01;

  @Property(tries = 180, seed = "20261123")
  void plansKeepTheContract(@ForAll long seed) throws IOException {
    RandomShows plain = new RandomShows(seed);
    RandomShows show =
        switch (Math.floorMod(seed, 3)) {
          case 0 -> plain.withCopper();
          case 1 -> plain.withPlanning(EFFORT);
          default -> plain;
        };
    Path folder = Files.createTempDirectory("bunting");
    Path runs = Files.writeString(folder.resolve("RUNS.csv"), show.csv());
    Path settings =
        Files.writeString(folder.resolve("S.json"), MAPPER.writeValueAsString(show.settings()));
    Path out = folder.resolve("PLAN.json");
    int status = plan(runs, settings, out);
    byte[] first = Files.readAllBytes(out);
    JsonNode plan = MAPPER.readTree(first);
    new PlanValidator(plan, show.settings(), show.runs()).validate();
    int placed = plan.path("totals").path("runs").asInt();
    Statistics.collect(placed == show.runs().size() ? "all" : placed > 0 ? "some" : "none");
    Statistics.coverage(c -> c.check("none").percentage(p -> p < 40));
    boolean stops =
        StreamSupport.stream(plan.path("findings").spliterator(), false)
            .anyMatch(f -> f.path("severity").asText().equals("stop"));
    assertThat(status).isEqualTo(stops ? 1 : 0);
    // Each second show twice: planning is what takes the time here.
    if (seed % 2 == 0) {
      assertThat(plan(runs, settings, out)).isEqualTo(status);
      assertThat(Files.readAllBytes(out)).isEqualTo(first);
    }
    for (Path file : new Path[] {runs, settings, out, folder}) {
      Files.delete(file);
    }
  }

  private static int plan(Path runs, Path settings, Path out) {
    ByteArrayOutputStream err = new ByteArrayOutputStream();
    PrintStream errors = new PrintStream(err, true, StandardCharsets.UTF_8);
    int status =
        Main.run(
            new String[] {
              "plan", runs.toString(), "--settings", settings.toString(), "--out", out.toString()
            },
            System.out,
            errors);
    assertThat(err.toString(StandardCharsets.UTF_8)).isEmpty();
    return status;
  }
}
