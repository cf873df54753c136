package bunting.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.Reading;
import bunting.core.plan.Assessor;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BenchAidsTest {
  private static CountFinder find(int planned, int built) {
    CountFinder finder = CountFinder.of(planned);
    while (!finder.found()) {
      assertThat(finder.mark()).isBetween(1, planned);
      finder = finder.answered(built >= finder.mark());
    }
    return finder;
  }

  @Test
  void fiveAnswersFindACountNearThePlan() {
    for (int built = 470; built <= 500; built++) {
      CountFinder found = find(500, built);
      assertThat(found.least()).isEqualTo(built);
      assertThat(found.answers()).isEqualTo(5);
    }
  }

  @Test
  void anyCountIsFound() {
    for (int planned : new int[] {1, 2, 31, 32, 33, 500, 1000}) {
      for (int built = 0; built <= planned; built++) {
        CountFinder found = find(planned, built);
        assertThat(found.least()).as("%s of %s", built, planned).isEqualTo(built);
        assertThat(found.answers()).isLessThanOrEqualTo(16);
      }
    }
  }

  @ParameterizedTest
  @CsvSource({
    // planned, seen for red, green, blue, the real order: each channel that lit is its letter
    "RGB, RGB, RGB",
    "RGB, GRB, GRB",
    "GRB, GRB, RGB",
    "GRB, BRG, RBG",
    "RGBW, BGR, BGRW",
  })
  void threeAnswersTellTheOrder(String planned, String seen, String real) {
    assertThat(ColourOrder.of(planned, seen)).contains(real);
  }

  @Test
  void answersThatNoOrderExplains() {
    assertThat(ColourOrder.of("RGB", "RRB")).isEqualTo(Optional.empty());
    assertThat(ColourOrder.of("W", "RGB")).isEmpty();
  }

  @Test
  void theListNamesEveryBoxSupplyAndRunOnce() {
    Show show =
        Show.of(List.of(Run.of("Weir", "5v-strip-60", 200), Run.of("Owl", "5v-strip-60", 40)));
    Reading reading = Assessor.sketch(show).reading();
    List<Checklist.Item> list = Checklist.of(reading);
    Set<String> ids = new HashSet<>(list.stream().map(Checklist.Item::id).toList());
    assertThat(ids).hasSameSizeAs(list);
    reading.supplies().forEach(s -> assertThat(ids).contains("polarity " + s.supply().id()));
    reading
        .decisions()
        .controllers()
        .forEach(
            c ->
                assertThat(ids)
                    .contains("button " + c.controller().id(), "terminals " + c.controller().id()));
    assertThat(ids).contains("count Weir", "count Owl", "white", "hand", "week");
    assertThat(list.stream().filter(Checklist.Item::caution)).isNotEmpty();
  }

  @Test
  void whiteIsHeldAtWhatTheFusesBear() {
    Show show = Show.of(List.of(Run.of("Weir", "5v-strip-60", 900)));
    assertThat(WhiteHold.of(Assessor.sketch(show).reading()).percent()).isEqualTo(100);
    Show dim =
        show.withSettings(show.settings().withBrightness(25))
            .withWiring(show.wiring().with(show.wiring().ways().withLimiter(true)));
    Reading planned = Assessor.sketch(dim).reading();
    WhiteHold held = WhiteHold.of(planned);
    assertThat(held.percent()).isBetween(25.0, 99.0);
    assertThat(held.why()).contains("White is held at").contains("A is the most");
  }
}
