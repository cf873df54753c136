package bunting.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bunting.core.assess.Reading;
import bunting.core.plan.ByHand;
import bunting.core.plan.HandOuts;
import bunting.core.plan.Planner;
import bunting.core.show.Addressing;
import bunting.core.show.BoxStarts;
import bunting.core.show.Goal;
import bunting.core.show.Planning;
import bunting.core.show.PortStart;
import bunting.core.show.PriceList;
import bunting.core.show.Protocol;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.SlotSplit;
import bunting.core.show.UniverseRange;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Planning, what is held, what was handed out, and the network, in files. */
class AllottingFilesTest {
  @TempDir Path folder = Path.of("");

  private static Reading plan(Show show) {
    return Reading.of(show, Planner.sketch(show));
  }

  @Test
  void whatWasDecidedComesBackFromTheFile() throws Exception {
    Show bare =
        Show.of(List.of(Run.of("rim", "12v-strip-60", 400), Run.of("hub", "12v-strip-60", 60)));
    Planning planning =
        Planning.DEFAULT
            .preferring(Goal.CABLE)
            .withSparePorts(1)
            .with(PriceList.DEFAULT.withGroupApart(7).withWire("14AWG", 1.9).withMinuteRate(1))
            .owning(Planning.Shelf.CONTROLLERS, "box-4", 2)
            .owning(Planning.Shelf.SUPPLIES, "12v-350", 1)
            .owning(Planning.Shelf.PWM_BOARDS, "pwm-24", 3)
            .withOfferAbove(136.5);
    Show show =
        bare.withAllotting(bare.allotting().with(planning))
            .withNetwork(
                bare.network()
                    .withMulticast(true)
                    .withAddress("C1", "10.20.0.99")
                    .withWifi("C1", true))
            .withAddressing(
                new Addressing(
                    Protocol.ARTNET,
                    5,
                    SlotSplit.FULL_UNIVERSE,
                    PortStart.NEW_UNIVERSE,
                    List.of(new UniverseRange(1, 4, "the desk"), new UniverseRange(9, 9)),
                    new BoxStarts(10, Map.of("C1", 20))));
    Show moved = ByHand.move(show, plan(show), "hub", 1, "C1", 2, 1);
    Show out = HandOuts.handOut(moved, plan(moved), "2026-11-03", "the sequencer");
    Path file = folder.resolve("show.bunting.json");
    ShowFiles.writeShow(file, out);
    Show back = ShowFiles.readShow(file);
    assertThat(back.leftovers().strays()).isEmpty();
    assertThat(back.allotting()).isEqualTo(out.allotting());
    assertThat(back.network()).isEqualTo(out.network());
    assertThat(back.addressing()).isEqualTo(out.addressing());
    assertThat(back).isEqualTo(out);
    byte[] first = Files.readAllBytes(file);
    ShowFiles.writeShow(file, back);
    assertThat(Files.readAllBytes(file)).isEqualTo(first);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{\"planning\":{\"goals\":[\"luck\"]}}|$.planning.goals[0]",
        "{\"planning\":{\"sparePorts\":-1}}|$.planning.sparePorts",
        "{\"planning\":{\"ownedBoxes\":[{\"type\":\"box-4\",\"count\":-2}]}}|$.planning.ownedBoxes[0].count",
        "{\"network\":{\"base\":\"10\"}}|$.network.base",
        "{\"network\":{\"sender\":\"10.20.0.300\"}}|$.network.sender",
        "{\"network\":{\"addresses\":{\"C1\":\"here\"}}}|$.network.addresses",
        "{\"addressing\":{\"boxStartEvery\":-1}}|$.addressing.boxStartEvery",
        "{\"addressing\":{\"boxStarts\":[{\"box\":\"C1\",\"universe\":0}]}}|$.addressing.boxStarts[0].universe",
        "{\"leadHelpers\":[{\"id\":\"x\",\"reachM\":0}]}|$.leadHelpers[0].reachM"
      })
  void badInputIsNamedByItsPath(String json, String path) throws Exception {
    Path file = folder.resolve("s.json");
    Files.writeString(file, json);
    assertThatThrownBy(() -> ShowFiles.readSettings(Optional.of(file)))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining(path);
  }
}
