package bunting.core.hours;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.assess.Reading;
import bunting.core.plan.Planner;
import bunting.core.show.Hours;
import bunting.core.show.MainsDevice;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.SupplyType;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class HoursSheetTest {
  private static final Hours.Place PLACE = new Hours.Place(51.5, -0.1, ZoneId.of("Europe/London"));
  private static final LocalDate FIRST = LocalDate.of(2026, 11, 27);

  private static Hours hours(
      LocalDate from, LocalDate to, Optional<LocalTime> on, int offset, Optional<LocalTime> off) {
    return new Hours(
        new Hours.Season(from, to),
        PLACE,
        on,
        offset,
        off,
        30,
        List.of(),
        new Hours.Tariff(0.3, "GBP"),
        Hours.Apart.NONE);
  }

  private static Optional<LocalTime> at(String time) {
    return Optional.of(LocalTime.parse(time));
  }

  private static Reading plan(Show show) {
    return Reading.of(show, Planner.propose(show));
  }

  private static final Show LANTERNS =
      Show.of(List.of(Run.of("Weir", "5v-strip-60", 300), Run.of("Owl", "12v-strip-60", 100)));

  private static HoursSheet sheet(Hours hours) {
    return HoursSheet.of(plan(LANTERNS), hours);
  }

  /** One day's hours by hand: 17:00 to 22:30 are 5.5. */
  @Test
  void fixedHoursAreCountedFromTheFirstDayToTheLast() {
    HoursSheet s = sheet(hours(FIRST, FIRST.plusDays(40), at("17:00"), 0, at("22:30")));
    assertThat(s.days()).hasSize(41);
    assertThat(s.days().getLast().date()).isEqualTo(LocalDate.of(2027, 1, 6));
    assertThat(s.hours()).isCloseTo(41 * 5.5, within(1e-9));
  }

  @Test
  void anOffThatIsNotAfterOnIsTheNextDays() {
    HoursSheet late = sheet(hours(FIRST, FIRST, at("22:00"), 0, at("01:30")));
    assertThat(late.hours()).isCloseTo(3.5, within(1e-9));
    HoursSheet round = sheet(hours(FIRST, FIRST, at("18:00"), 0, at("18:00")));
    assertThat(round.hours()).isCloseTo(24, within(1e-9));
    HoursSheet shifted = sheet(hours(FIRST, FIRST, at("18:00"), 30, at("18:00")));
    assertThat(shifted.hours()).isCloseTo(23.5, within(1e-9));
  }

  @Test
  void fromSunsetToSunriseIsTheNight() {
    HoursSheet s = sheet(hours(FIRST, FIRST, Optional.empty(), -15, Optional.empty()));
    HoursSheet.Day day = s.days().getFirst();
    assertThat(day.on().orElseThrow()).isEqualTo(day.sunset().orElseThrow().minusMinutes(15));
    assertThat(day.off()).isEqualTo(day.sunrise());
    assertThat(day.off().orElseThrow().toLocalDate()).isEqualTo(FIRST.plusDays(1));
    // A night of late November at 51.5 degrees is some 15 h 40 min.
    assertThat(s.hours()).isBetween(15.8, 16.1);
  }

  @Test
  void lightsOfAMorningGoOffThatMorning() {
    HoursSheet s = sheet(hours(FIRST, FIRST, at("06:00"), 0, Optional.empty()));
    assertThat(s.days().getFirst().off().orElseThrow().toLocalDate()).isEqualTo(FIRST);
    assertThat(s.hours()).isBetween(1.5, 1.8);
  }

  /** Clocks go back at 02:00 on 25 October 2026: that night is an hour longer. */
  @Test
  void aNightOnWhichClocksGoBackIsAnHourLonger() {
    LocalDate night = LocalDate.of(2026, 10, 24);
    assertThat(sheet(hours(night, night, at("22:00"), 0, at("06:00"))).hours())
        .isCloseTo(9, within(1e-9));
  }

  /**
   * A season on paper: watts of each pixel by its sheet, through its supply's efficiency, times the
   * hours. Constant current draws from the supply what it draws at its nominal volts.
   */
  @Test
  void energyAndCostAreThoseOfASpreadsheet() {
    Hours said = hours(FIRST, FIRST.plusDays(9), at("17:00"), 0, at("22:00")).switching("S2", true);
    Reading reading = plan(LANTERNS);
    double lit = 0;
    double dark = 0;
    Map<String, SupplyType> types = LANTERNS.catalogue().supplyTypesById();
    for (var supply : reading.decisions().supplies()) {
      SupplyType type = types.get(supply.type());
      double full = 0;
      double idle = 0;
      for (Run run : LANTERNS.runs()) {
        var pixel = LANTERNS.catalogue().pixelTypesById().get(run.type());
        if (pixel.volts() == type.volts()) {
          double amps =
              pixel.milliampsIdle() + (pixel.milliampsFull() - pixel.milliampsIdle()) * 0.3;
          full += run.pixels() * amps / 1000 * pixel.volts() / type.efficiency();
          idle += run.pixels() * pixel.milliampsIdle() / 1000 * pixel.volts() / type.efficiency();
        }
      }
      lit += full * 50 / 1000;
      dark += supply.id().equals("S2") ? 0 : idle * (240 - 50) / 1000;
    }
    assertThat(reading.decisions().supplies()).hasSize(2);
    HoursSheet s = HoursSheet.of(reading, said);
    assertThat(s.kwhLit()).isCloseTo(lit, within(lit * 1e-6));
    assertThat(s.kwhDark()).isCloseTo(dark, within(dark * 1e-6));
    assertThat(s.cost()).isCloseTo((lit + dark) * 0.3, within(1e-5));
    assertThat(s.kwhOff()).isZero();
  }

  /** 2 W for 10 days are 0.48 kWh, 4 W of a player that is cut burn only while it is lit. */
  @Test
  void smallThingsBurnDayAndNightUnlessTheyAreCut() {
    Hours said =
        hours(FIRST, FIRST.plusDays(9), at("17:00"), 0, at("22:00")).switching("player", true);
    HoursSheet without = sheet(said);
    Show more =
        LANTERNS.withMains(
            LANTERNS
                .mains()
                .withDevices(
                    List.of(
                        new MainsDevice(
                            "brain", 2, Optional.empty(), Optional.empty(), Optional.empty()),
                        new MainsDevice(
                            "player", 4, Optional.empty(), Optional.empty(), Optional.empty()))));
    HoursSheet with = HoursSheet.of(plan(more), said);
    double extra = with.kwhLit() + with.kwhDark() - without.kwhLit() - without.kwhDark();
    assertThat(extra).isCloseTo(0.48 + 4 * 50 / 1000.0, within(1e-9));
  }

  @Test
  void daysOffSingleDatesAndSeasonsMakeTheCalendar() {
    Hours plain = hours(FIRST, FIRST.plusDays(13), at("17:00"), 0, at("22:00"));
    Hours said =
        new Hours(
            plain.season(),
            plain.place(),
            plain.on(),
            0,
            plain.off(),
            30,
            List.of(),
            plain.tariff(),
            new Hours.Apart(
                Set.of(DayOfWeek.MONDAY),
                List.of(FIRST.plusDays(1)),
                List.of(FIRST.plusDays(3), LocalDate.of(2027, 2, 2)),
                List.of(new Hours.Season(FIRST.plusDays(12), FIRST.plusDays(15)))));
    HoursSheet s = sheet(said);
    // Friday the first: Mondays are the days 4, 11 (and a fourth day lit by its date is a Monday).
    assertThat(FIRST.plusDays(3).getDayOfWeek()).isEqualTo(DayOfWeek.MONDAY);
    assertThat(s.days()).hasSize(14 + 2 + 1 - 1 - 1);
    assertThat(s.darkDays()).isEqualTo(2);
    assertThat(s.kwhOff()).isCloseTo(s.wattsDark() * 48 / 1000, within(1e-9));
    assertThat(s.days().getLast().date()).isEqualTo(LocalDate.of(2027, 2, 2));
  }

  @Test
  void underAMidnightSunNothingIsLitAndInAPolarNightFromNoonToNoon() {
    Hours.Place north = new Hours.Place(70, 25, ZoneId.of("Europe/Oslo"));
    Hours night = hours(FIRST, FIRST, Optional.empty(), 0, Optional.empty());
    for (String date : List.of("2026-06-21", "2026-12-21")) {
      LocalDate day = LocalDate.parse(date);
      Hours said =
          new Hours(
              new Hours.Season(day, day),
              north,
              night.on(),
              0,
              night.off(),
              30,
              List.of(),
              night.tariff(),
              Hours.Apart.NONE);
      HoursSheet s = sheet(said);
      assertThat(s.days().getFirst().sunset()).isEmpty();
      assertThat(s.hours()).isCloseTo(day.getMonthValue() == 6 ? 0 : 24, within(0.02));
    }
  }

  private static HoursSheet.Day reykjavik(Optional<LocalTime> off) {
    LocalDate day = LocalDate.of(2026, 6, 21);
    Hours said =
        new Hours(
            new Hours.Season(day, day),
            new Hours.Place(64.147, -21.943, ZoneId.of("Atlantic/Reykjavik")),
            Optional.empty(),
            0,
            off,
            30,
            List.of(),
            new Hours.Tariff(0, ""),
            Hours.Apart.NONE);
    return HoursSheet.evenings(said).getFirst();
  }

  /** Its sun sets after midnight in June: lights that go off at 23:00 do not burn for 23 hours. */
  @Test
  void whereTheSunSetsAfterTheLightsGoOffTheyStayOff() {
    HoursSheet.Day early = reykjavik(at("23:00"));
    assertThat(early.sunset().orElseThrow().toLocalDate()).isEqualTo(LocalDate.of(2026, 6, 22));
    assertThat(early.on()).isEmpty();
    assertThat(early.hours()).isZero();
    assertThat(early.odd()).contains(HoursSheet.Odd.SETS_TOO_LATE);
    HoursSheet.Day late = reykjavik(at("01:00"));
    assertThat(late.hours()).isBetween(0.9, 1.0);
    assertThat(late.odd()).isEmpty();
    assertThat(reykjavik(Optional.empty()).hours()).as("to sunrise").isBetween(2.5, 3.0);
  }

  @Test
  void lightsThatBurnThroughTheNextDayAreNamed() {
    HoursSheet.Day day =
        HoursSheet.evenings(hours(FIRST, FIRST, at("18:00"), 0, at("17:00"))).getFirst();
    assertThat(day.hours()).isEqualTo(23);
    assertThat(day.odd()).contains(HoursSheet.Odd.LIT_BY_DAY);
  }
}
