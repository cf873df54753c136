package bunting.files;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.Reading;
import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.show.Conductors;
import bunting.core.show.FuseSizes;
import bunting.core.show.HeldPost;
import bunting.core.show.InjectionSchool;
import bunting.core.show.PowerWays;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Wire;
import bunting.core.show.Wiring;
import bunting.core.whatif.WhatIf;
import bunting.files.papers.Papers;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is known and decided about power, in files. */
class WiringFilesTest {
  @TempDir Path folder = Path.of("");

  private static Show weir() {
    return Show.of(List.of(Run.of("Weir", "5v-strip-60", 300)));
  }

  private static Wiring wiring() {
    return new Wiring(
        new Conductors(
            45,
            4,
            2.5,
            3,
            1.5,
            3,
            Optional.of("14AWG"),
            false,
            Map.of(5.0, 5.2),
            Wire.parse("18AWG").orElseThrow()),
        new PowerWays(
            InjectionSchool.EVERY, 120, false, false, false, FuseSizes.TEN, true, 12, 40, true, 3),
        List.of(
            new HeldPost("Weir", 1, true, Optional.empty(), OptionalDouble.empty()),
            new HeldPost("Weir", 200, false, Optional.of("12AWG"), OptionalDouble.of(7.5))));
  }

  @Test
  void whatIsKnownAndHeldComesBackFromTheFile() throws Exception {
    Show show = weir().withWiring(wiring());
    Path file = folder.resolve("weir" + ShowFiles.ENDING);
    ShowFiles.writeShow(file, show);
    assertThat(ShowFiles.open(file).wiring()).isEqualTo(show.wiring());
  }

  @Test
  void aPostOnARunThatIsNotThereIsLeftOut() throws Exception {
    Show show = weir().withWiring(wiring());
    Path file = folder.resolve("weir" + ShowFiles.ENDING);
    ShowFiles.writeShow(file, show);
    String text = Files.readString(file).replace("\"run\" : \"Weir\"", "\"run\" : \"Owl\"");
    Files.writeString(file, text.replace("\"run\": \"Weir\"", "\"run\": \"Owl\""));
    Show read = ShowFiles.open(file);
    assertThat(read.wiring().posts()).isEmpty();
    assertThat(read.leftovers().dropped()).isNotEmpty();
  }

  /** Every fuse that is fitted is in the kit, with two spares of its size at the least. */
  @Test
  void theKitHoldsEveryFuseAndSpares() throws Exception {
    Assessment plan = Assessor.sketch(weir());
    Papers.write(
        plan,
        folder,
        new Papers.Order(
            java.util.Set.of("power-kit"),
            bunting.files.papers.PageSize.A4,
            java.time.LocalDate.of(2026, 11, 28)));
    String kit = java.nio.file.Files.readString(folder.resolve("power-kit.csv"));
    int fuses = 0;
    for (String line : kit.lines().filter(l -> l.startsWith("blade fuse")).toList()) {
      String[] cells = line.split(",", -1);
      int planned = Integer.parseInt(cells[2]);
      assertThat(Integer.parseInt(cells[3])).isGreaterThanOrEqualTo(planned + 2);
      fuses += planned;
    }
    assertThat(fuses)
        .as("one for each fuse of feeds, one in each input wire")
        .isEqualTo(
            (int) plan.reading().feeds().stream().map(f -> f.feed().fuse()).distinct().count()
                + plan.reading().decisions().inputs().stream().mapToInt(i -> i.wires()).sum());
  }

  @Test
  void aTrunkIsWrittenWithItsTails() throws Exception {
    Show trunk =
        weir().withWiring(Wiring.DEFAULT.with(PowerWays.DEFAULT.with(InjectionSchool.TRUNK, 100)));
    Path file = folder.resolve("PLAN.json");
    Files.write(file, PlanWriter.write(Assessor.sketch(trunk)));
    JsonNode plan = new ObjectMapper().readTree(file.toFile());
    assertThat(plan.get("feeds"))
        .extracting(f -> f.get("atPixel").asInt())
        .as("with the last pixel: each 100 alone does not hold here")
        .containsExactly(1, 101, 201, 300);
    assertThat(plan.get("feeds")).extracting(f -> f.get("trunk").asText()).containsOnly("T1");
    JsonNode one = plan.get("trunks").get(0);
    assertThat(one.get("tails"))
        .extracting(JsonNode::asText)
        .containsExactly("F1", "F2", "F3", "F4");
    assertThat(one.get("fuseAmps")).isEqualTo(plan.get("feeds").get(0).get("fuseAmps"));
  }

  @Test
  void lossesAreWrittenWorstFirst() throws Exception {
    Reading reading = Assessor.sketch(weir()).reading();
    JsonNode losses =
        new ObjectMapper().readTree(LossWriter.write(new WhatIf(reading).all())).get("losses");
    assertThat(losses).hasSameSizeAs(new WhatIf(reading).losses());
    assertThat(losses).anyMatch(l -> l.get("darkInTheEnd").asInt() == 300);
    boolean plain = false;
    for (JsonNode loss : losses) {
      boolean burns = !loss.get("burns").isEmpty();
      assertThat(burns && plain).as("what burns comes before what only goes dark").isFalse();
      plain |= !burns;
    }
  }
}
