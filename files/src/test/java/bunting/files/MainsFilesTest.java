package bunting.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bunting.core.limits.ShowLimits;
import bunting.core.show.BreakerKind;
import bunting.core.show.Circuit;
import bunting.core.show.CircuitFacts;
import bunting.core.show.Controller;
import bunting.core.show.Hours;
import bunting.core.show.Mains;
import bunting.core.show.MainsDevice;
import bunting.core.show.PlaceRules;
import bunting.core.show.Point;
import bunting.core.show.RuleProfile;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Survey;
import bunting.core.show.WallSwitch;
import bunting.core.show.edit.BoxEdits;
import bunting.core.show.edit.MainsEdits;
import bunting.core.show.edit.References;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Circuits, small things on the mains and hours are kept with the show. */
class MainsFilesTest {
  @TempDir private Path folder = Path.of("");

  private static final CircuitFacts FACTS =
      new CircuitFacts(
          OptionalInt.of(2),
          OptionalDouble.of(30),
          "kitchen",
          Optional.of(new Point(70.5, 0.5)),
          BreakerKind.C,
          WallSwitch.GUARDED,
          "blue 16 A",
          List.of(
              new CircuitFacts.Appliance("freezer", 1.3),
              new CircuitFacts.Appliance("freezer", 1.2)));

  private static final Hours HOURS =
      new Hours(
          new Hours.Season(LocalDate.of(2026, 11, 27), LocalDate.of(2027, 1, 6)),
          new Hours.Place(51.5, -0.125, ZoneId.of("Europe/London")),
          Optional.empty(),
          -15,
          Optional.of(LocalTime.of(22, 30)),
          30,
          List.of("S1", "player"),
          new Hours.Tariff(0.3, "GBP"),
          new Hours.Apart(
              Set.of(DayOfWeek.MONDAY, DayOfWeek.SUNDAY),
              List.of(LocalDate.of(2026, 12, 24)),
              List.of(LocalDate.of(2027, 2, 2)),
              List.of(new Hours.Season(LocalDate.of(2027, 3, 1), LocalDate.of(2027, 3, 4)))));

  private static final List<MainsDevice> DEVICES =
      List.of(
          new MainsDevice(
              "player", 12, Optional.of(new Point(1, 2)), Optional.of("A"), Optional.empty()),
          new MainsDevice("brain", 3, Optional.empty(), Optional.empty(), Optional.of("C1")));

  private static Show show() {
    return Show.of(List.of(Run.of("Weir", "5v-strip-60", 120)))
        .withCircuits(
            Optional.of(
                List.of(new Circuit("A", 230, 16, 0.5, FACTS), new Circuit("B", 120, 20, 0))))
        .withMains(
            new Mains(
                Optional.of(HOURS),
                DEVICES,
                new PlaceRules(RuleProfile.OWN, 75, OptionalInt.of(60))))
        .withSurvey(
            Survey.EMPTY.withOutlets(
                List.of(new Survey.Outlet("pillar", new Point(3, 0), Optional.of("A")))));
  }

  @Test
  void allOfItGoesIntoTheFileAndComesBack() throws Exception {
    Path file = folder.resolve("mill.bunting.json");
    ShowFiles.writeShow(file, show());
    Show back = ShowFiles.readShow(file);
    assertThat(back.circuits()).isEqualTo(show().circuits());
    assertThat(back.mains()).isEqualTo(show().mains());
    Circuit first = back.circuits().orElseThrow().getFirst();
    assertThat(first.existingAmps()).isEqualTo(3.0);
    assertThat(first.allowedAmps()).isEqualTo(12);
  }

  @Test
  void aShowFileMayHaveItsHoursBesideItsSettings() throws Exception {
    Path file = folder.resolve("mill.bunting.json");
    ShowFiles.writeShow(file, show());
    String text = java.nio.file.Files.readString(file);
    int from = text.indexOf("\"hours\"");
    int to = text.indexOf("\n    }", from) + 6;
    String hours = text.substring(from, to);
    String moved =
        text.substring(0, from).stripTrailing().replaceAll(",$", "") + text.substring(to);
    moved = moved.replaceFirst("\"formatVersion\" : 1,", "\"formatVersion\" : 1, " + hours + ",");
    java.nio.file.Files.writeString(file, moved);
    assertThat(ShowFiles.readShow(file).mains().hours()).contains(HOURS);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "'to': '2026-11-26' | $.hours.to should be a date from 2026-11-27",
        "'to': 'soon' | $.hours.to should be a date of the years 1901 to 2199",
        "'to': '2026-11-27', 'zone': 'Mill/Weir' | $.hours.zone should be the name of a time zone",
        "'to': '2026-11-27', 'on': '25:00' | $.hours.on should be \"sunset\" or a time",
        "'to': '2026-11-27', 'off': 'sunset' | $.hours.off should be \"sunrise\" or a time",
        "'to': '2026-11-27', 'latitude': 91 | $.hours.latitude should be a number from -90 to 90",
        "'to': '2026-11-27', 'daysOff': ['Mon'] | $.hours.daysOff should list days of the week",
        "'to': '2026-11-31' | $.hours.to should be a date",
      })
  void whatIsWrongWithTheHoursIsSaidInASentence(String bad, String says) {
    String good = "'from': '2026-11-27', 'latitude': 51, 'longitude': 0, 'zone': 'Europe/London', ";
    String text = "{'hours': {" + without(good, bad) + bad + "}}";
    assertThatThrownBy(
            () ->
                ShowFiles.ofTexts(
                    "name,type,pixels\nWeir,5v-strip-60,10\n", text.replace('\'', '"')))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining(says);
  }

  /** A key stands once. */
  private static String without(String good, String bad) {
    String left = good;
    for (String key : List.of("latitude", "zone")) {
      if (bad.contains("'" + key + "'")) {
        left = left.replaceAll("'" + key + "': [^,]*, ", "");
      }
    }
    return left;
  }

  @Test
  void aCircuitTakesWhatIsOnItAlong() {
    Show renamed = MainsEdits.renamed(show(), "A", "Mill");
    assertThat(renamed.circuits().orElseThrow())
        .extracting(Circuit::id)
        .containsExactly("Mill", "B");
    assertThat(renamed.mains().devices().getFirst().circuit()).contains("Mill");
    assertThat(renamed.survey().outlets().getFirst().circuit()).contains("Mill");
    assertThat(References.keep(renamed).dropped()).isEmpty();
    assertThat(MainsEdits.renamed(show(), "A", "B")).isEqualTo(show());
    Show gone = MainsEdits.removed(show(), "A");
    assertThat(gone.mains().devices().getFirst().circuit()).isEmpty();
    assertThat(gone.survey().outlets().getFirst().circuit()).isEmpty();
    assertThat(MainsEdits.removed(gone, "B").circuits()).isEmpty();
  }

  @Test
  void whatKeepsABoardAwakeFollowsItsBox() {
    Show boxed = show().withControllers(List.of(new Controller("C1", "box-2", 0, 0)));
    assertThat(BoxEdits.renamed(boxed, "C1", "Weir box").mains().devices().getLast().keeps())
        .contains("Weir box");
    assertThat(BoxEdits.removed(boxed, "C1").mains().devices().getLast().keeps()).isEmpty();
  }

  @Test
  void aPlaceIsChosenOnceWithItsUnitsAndWires() throws Exception {
    Show plain = show().withMains(Mains.UNSAID);
    Show iec = MainsEdits.ruled(plain, RuleProfile.IEC);
    assertThat(iec.catalogue().wiresById()).containsKey("1.5mm2").doesNotContainKey("14AWG");
    assertThat(iec.survey().feet()).isFalse();
    Show back = MainsEdits.ruled(iec, RuleProfile.NORTH_AMERICA);
    assertThat(back.catalogue()).isEqualTo(plain.catalogue());
    assertThat(back.survey().feet()).isTrue();
    assertThat(back.mains().rules().temporaryDays()).hasValue(90);
    Show own = MainsEdits.ruled(back, RuleProfile.OWN);
    assertThat(own.mains().rules().temporaryDays()).hasValue(90);
    assertThat(own.catalogue()).isEqualTo(back.catalogue());
    Path file = folder.resolve("mill.bunting.json");
    ShowFiles.writeShow(file, iec);
    assertThat(ShowFiles.readShow(file).mains().rules()).isEqualTo(RuleProfile.IEC.rules());
    assertThat(References.keep(iec).dropped()).isEmpty();
  }

  @Test
  void aThingThatIsTakenAwayIsCutNoMore() {
    Show without = MainsEdits.withoutDevice(show(), "player");
    assertThat(without.mains().hours().orElseThrow().switched()).containsExactly("S1");
    assertThat(without.mains().devices()).hasSize(1);
    assertThat(MainsEdits.freeDevice(show(), "Small supply")).isEqualTo("Small supply 1");
    assertThat(MainsEdits.freeCircuit(show())).isEqualTo("Circuit 1");
  }

  @Test
  void aThingOnACircuitThatIsNotThereMayHangOnAny() {
    Show lost = show().withCircuits(Optional.of(List.of(new Circuit("B", 120, 20, 0))));
    References.Kept kept = References.keep(lost);
    assertThat(kept.show().mains().devices().getFirst().circuit()).isEmpty();
    assertThat(kept.dropped()).anyMatch(d -> d.what().startsWith("player was on a circuit"));
  }

  @Test
  void whatCouldNotBeReadAgainIsRefused() {
    assertThat(ShowLimits.problem(show())).isEmpty();
    Show loud = MainsEdits.changed(show(), "B", c -> new Circuit(c.id(), 120, -1, 0));
    assertThat(ShowLimits.problem(loud)).hasValueSatisfying(s -> assertThat(s).contains("breaker"));
    Hours late =
        new Hours(
            new Hours.Season(LocalDate.of(2026, 1, 2), LocalDate.of(2026, 1, 1)),
            HOURS.place(),
            HOURS.on(),
            0,
            HOURS.off(),
            30,
            List.of(),
            HOURS.tariff(),
            Hours.Apart.NONE);
    assertThat(ShowLimits.problem(MainsEdits.withHours(show(), late))).isPresent();
  }
}
