package bunting.core.meter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.assess.Reading;
import bunting.core.pattern.Pattern;
import bunting.core.plan.Assessor;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Pixels that draw other than their sheet says, told by a clamp. */
class MeasuredAmpsTest {
  private static final MeterSetting WHITE =
      new MeterSetting(Pattern.WHITE, 100, Map.of(), Set.of());

  private static Reading planned(String type) {
    return Assessor.sketch(Show.of(List.of(Run.of("Weir", type, 180), Run.of("Owl", type, 60))))
        .reading();
  }

  /** The same plan with pixels that draw so much. */
  private static Reading really(Reading plan, String type, double milliamps) {
    PixelType other = plan.show().catalogue().pixelTypesById().get(type).withMeasured(milliamps);
    Show show = plan.show().withCatalogue(plan.show().catalogue().withPixelType(other));
    return Reading.of(show, plan.decisions());
  }

  private static MeterSheet.Amps at(Reading reading, MeterSetting setting, MeterSheet.Amps place) {
    return new Meter(reading)
        .read(setting).amps().stream()
            .filter(a -> a.kind() == place.kind() && a.id().equals(place.id()))
            .findFirst()
            .orElseThrow();
  }

  @Test
  void whatTheyReallyDrawIsFoundAtEveryPlace() {
    for (String type : List.of("5v-strip-60", "12v-strip-60", "12v-string-10-reg")) {
      Reading plan = planned(type);
      double sheet = plan.show().catalogue().pixelTypesById().get(type).milliampsFull();
      for (double real : new double[] {0.62 * sheet, sheet, 1.23 * sheet}) {
        Reading built = really(plan, type, real);
        int told = 0;
        for (MeterSheet.Amps place : new Meter(plan).read(WHITE).amps()) {
          if (place.kind() != MeterSheet.Kind.CIRCUIT) {
            double read = at(built, WHITE, place).amps();
            assertThat(MeasuredAmps.milliamps(plan, WHITE, place, read).orElseThrow().milliamps())
                .as(type + " " + place.kind() + " " + place.id())
                .isCloseTo(real, within(0.11));
            told++;
          }
        }
        assertThat(told).isGreaterThan(2);
      }
    }
  }

  @Test
  void halfAsBrightTellsAsMuch() {
    Reading plan = planned("5v-strip-60");
    MeterSetting half = new MeterSetting(Pattern.WHITE, 50, Map.of(), Set.of());
    MeterSheet.Amps port =
        new Meter(plan)
            .read(half).amps().stream()
                .filter(a -> a.kind() == MeterSheet.Kind.PORT)
                .findFirst()
                .orElseThrow();
    double read = at(really(plan, "5v-strip-60", 40), half, port).amps();
    assertThat(MeasuredAmps.milliamps(plan, half, port, read).orElseThrow().milliamps())
        .isCloseTo(40, within(0.3));
  }

  @Test
  void whatCannotBeOfThesePixelsTellsNothing() {
    Reading plan = planned("5v-strip-60");
    MeterSheet.Amps port =
        new Meter(plan)
            .read(WHITE).amps().stream()
                .filter(a -> a.kind() == MeterSheet.Kind.PORT)
                .findFirst()
                .orElseThrow();
    assertThat(MeasuredAmps.milliamps(plan, WHITE, port, 0)).isEmpty();
    assertThat(MeasuredAmps.milliamps(plan, WHITE, port, 40 * port.amps())).isEmpty();
    MeterSetting black = new MeterSetting(Pattern.BLACK, 100, Map.of(), Set.of());
    assertThat(MeasuredAmps.milliamps(plan, black, port, 1)).isEmpty();
  }

  @Test
  void placesBehindSeveralKindsTellNoOneOfThem() {
    Reading both =
        Assessor.sketch(
                Show.of(
                    List.of(Run.of("Weir", "5v-strip-60", 60), Run.of("Owl", "5v-string-10", 50))))
            .reading();
    for (MeterSheet.Amps a : new Meter(both).read(WHITE).amps()) {
      if (a.kind() == MeterSheet.Kind.SUPPLY) {
        long kinds =
            both.feeds().stream()
                .filter(f -> f.feed().supply().equals(a.id()))
                .map(f -> f.feed().segment())
                .map(
                    id ->
                        both.segments().stream()
                            .filter(s -> s.segment().id().equals(id))
                            .findFirst()
                            .orElseThrow()
                            .type())
                .distinct()
                .count();
        assertThat(MeasuredAmps.type(both, a).isPresent()).isEqualTo(kinds == 1);
      }
    }
  }

  @Test
  void ampsAreJudgedByWhatAClampTells() {
    assertThat(Judgement.ofAmps(6, 6.25)).isEqualTo(Judgement.RIGHT);
    assertThat(Judgement.ofAmps(6, 6.4)).isEqualTo(Judgement.HIGH);
    assertThat(Judgement.ampsText(6, 5.5)).isEqualTo("0.50 A less");
    assertThat(Judgement.ofAmps(0.2, 0.28)).isEqualTo(Judgement.RIGHT);
  }
}
