package bunting.desktop.mains;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.assess.Reading;
import bunting.core.hookup.MainsSheet;
import bunting.core.hours.HoursSheet;
import bunting.core.plan.Planner;
import bunting.core.show.Circuit;
import bunting.core.show.CircuitFacts;
import bunting.core.show.Hours;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Pictures of the mains, laid out without a window. */
class MainsPicturesTest {
  private static final CircuitFacts FREEZER =
      CircuitFacts.NONE.withAlso(List.of(new CircuitFacts.Appliance("freezer", 2)));

  private static Reading plan() {
    Show show =
        Show.of(List.of(Run.of("Weir", "5v-strip-60", 300), Run.of("Owl", "12v-strip-60", 100)))
            .withCircuits(
                Optional.of(
                    List.of(
                        new Circuit("A", 230, 16, 1).with(FREEZER), new Circuit("B", 230, 32, 0))));
    return Reading.of(show, Planner.sketch(show));
  }

  @Test
  void ropesAreToOneScale() {
    CircuitRows rows = new CircuitRows(MainsSheet.of(plan()), 900);
    CircuitRows.Rope a = rows.ropes().getFirst();
    CircuitRows.Rope b = rows.ropes().getLast();
    double amp = (b.endX() - rows.left()) / 32;
    assertThat(a.endX()).isCloseTo(rows.left() + 16 * amp, within(1e-9));
    assertThat(a.markX()).isCloseTo(rows.left() + 12.8 * amp, within(1e-9));
    assertThat(b.endX()).isLessThan(900);
    double at = rows.left();
    for (CircuitRows.Stretch s : a.stretches()) {
      assertThat(s.x()).isCloseTo(at, within(1e-9));
      assertThat(s.width()).isCloseTo(s.amps() * amp, within(1e-9));
      at += s.width();
    }
    assertThat(a.stretches())
        .extracting(CircuitRows.Stretch::label)
        .startsWith("in use", "freezer", "S1");
  }

  @Test
  void spikesAreToTheScaleOfTheirBreaker() {
    for (CircuitRows.Rope r : new CircuitRows(MainsSheet.of(plan()), 900).ropes()) {
      for (CircuitRows.Spike s : r.spikes()) {
        double amp = r.tripTall() / r.of().circuit().tripAmps();
        assertThat(s.tall()).isCloseTo((s.of().before() + s.of().inrushAmps()) * amp, within(1e-9));
        assertThat(s.rest()).isCloseTo(s.of().before() * amp, within(1e-9));
        assertThat(s.tall()).isLessThanOrEqualTo(62 + 1e-9);
      }
    }
  }

  private static Hours hours(String on, String off) {
    LocalDate day = LocalDate.of(2026, 12, 1);
    return new Hours(
        new Hours.Season(day, day.plusDays(1)),
        new Hours.Place(51.5, 0, ZoneId.of("UTC")),
        Optional.of(LocalTime.parse(on)),
        0,
        Optional.of(LocalTime.parse(off)),
        30,
        List.of(),
        new Hours.Tariff(0, ""),
        new Hours.Apart(java.util.Set.of(), List.of(day.plusDays(1)), List.of(), List.of()));
  }

  private static List<Nights.Column> nights(String on, String off) {
    Hours said = hours(on, off);
    return Nights.of(said, HoursSheet.of(plan(), said));
  }

  /** From noon: 18:00 is a quarter of the way down, 24:00 the middle. */
  @Test
  void aNightGoesFromNoonToNoon() {
    List<Nights.Column> columns = nights("18:00", "00:00");
    assertThat(columns.getFirst().lit()).containsExactly(new Nights.Span(0.25, 0.5));
    assertThat(columns.getLast().lit()).isEmpty();
    Nights.Span night = columns.getLast().night().orElseThrow();
    assertThat(night.from()).isBetween(3.8 / 24, 4.0 / 24);
    assertThat(night.to()).isBetween(19.7 / 24, 19.9 / 24);
  }

  @Test
  void whatIsBeforeNoonStandsAtTheOtherEnd() {
    assertThat(nights("06:00", "08:24").getFirst().lit())
        .containsExactly(new Nights.Span(0.75, 0.85));
    assertThat(nights("10:48", "13:12").getFirst().lit())
        .hasSize(2)
        .allSatisfy(s -> assertThat(s.to() - s.from()).isCloseTo(0.05, within(1e-9)));
  }

  @Test
  void datesAndTimesAreReadAsTheyAreTyped() {
    assertThat(HoursText.time("Sunset", "sunset")).contains(Optional.empty());
    assertThat(HoursText.time("7:05", "sunset")).contains(Optional.of(LocalTime.of(7, 5)));
    assertThat(HoursText.time("24:00", "sunset")).isEmpty();
    assertThat(HoursText.dates("2026-12-24, 2026-12-25").orElseThrow()).hasSize(2);
    assertThat(HoursText.dates("")).contains(List.of());
    assertThat(HoursText.dates("2026-12-24,")).isEmpty();
    var seasons = HoursText.seasons("2027-03-01 to 2027-03-04").orElseThrow();
    assertThat(HoursText.seasons(seasons)).isEqualTo("2027-03-01 to 2027-03-04");
    assertThat(HoursText.seasons("2027-03-01 until 2027-03-04")).isEmpty();
  }
}
