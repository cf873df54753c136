package bunting.core.season;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.checks.Severity;
import bunting.core.kit.Cables;
import bunting.core.kit.Need;
import bunting.core.kit.ShoppingList;
import bunting.core.log.LogEntry;
import bunting.core.log.LogKind;
import bunting.core.log.ShowLog;
import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.show.BenchNotes;
import bunting.core.show.Face;
import bunting.core.show.Hanging;
import bunting.core.show.Point;
import bunting.core.show.Preparation;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Survey;
import bunting.core.stock.CutList;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/** From one season to the next: nothing that stands moves, and nothing is bought twice. */
class SeasonTest {
  private static final LocalDate DAY = LocalDate.of(2027, 1, 7);

  private static Show show(long seed) {
    Random random = new Random(seed);
    String[] types = {"5v-strip-60", "12v-strip-60", "12v-string-10"};
    List<Run> runs = new ArrayList<>();
    for (int i = 0; i < 4 + random.nextInt(4); i++) {
      runs.add(
          Run.of("run " + i, types[random.nextInt(types.length)], 20 + random.nextInt(250))
              .withHanging(
                  Hanging.straight(
                      new Point(random.nextInt(25), random.nextInt(5)), Optional.empty())));
    }
    Show show = Show.of(runs);
    return show.withSettings(show.settings().withName("Lantern fair 2026"));
  }

  private static ShowLog log(List<LogEntry> entries) {
    List<ShowLog.Line> lines = new ArrayList<>();
    entries.forEach(e -> lines.add(new ShowLog.Line(lines.size() + 1, e)));
    return new ShowLog(lines, List.of());
  }

  private static Map<String, String> places(Reading reading) {
    Map<String, String> places = new TreeMap<>();
    for (SegmentReading s : reading.segments()) {
      var d = s.segment();
      places.put(
          d.run() + " " + d.firstPixel() + "-" + d.lastPixel(),
          d.controller() + ":" + d.port() + " " + s.slots());
    }
    return places;
  }

  @Test
  void whatStandsKeepsItsPortsAndAddressesWhenSomethingIsAdded() {
    for (long seed = 1; seed <= 5; seed++) {
      Assessment plan = Assessor.plan(show(seed));
      NextSeason next = NextSeason.of(plan.reading(), ShowLog.empty(), "Lantern fair 2027", DAY);
      Map<String, String> before = places(plan.reading());
      assertThat(places(Assessor.plan(next.show()).reading())).isEqualTo(before);
      List<Run> more = new ArrayList<>(next.show().runs());
      more.addFirst(Run.of("Apple arch", "12v-strip-60", 120));
      Assessment added = Assessor.plan(next.show().withRuns(more));
      assertThat(places(added.reading())).as("seed " + seed).containsAllEntriesOf(before);
      assertThat(added.findings())
          .noneMatch(f -> f.severity() == Severity.STOP && f.code().startsWith("handed-out"));
      assertThat(added.reading().segments()).anyMatch(s -> s.run().name().equals("Apple arch"));
    }
  }

  @Test
  void nothingThatLiesInTheTotesIsBoughtAgain() {
    for (long seed = 1; seed <= 5; seed++) {
      Assessment plan = Assessor.plan(show(seed));
      NextSeason next = NextSeason.of(plan.reading(), ShowLog.empty(), "Lantern fair 2027", DAY);
      Reading again = Assessor.plan(next.show()).reading();
      List<Need> needs =
          ShoppingList.of(
              again, CutList.of(again.show()), Cables.of(again), log(next.entries()).stock());
      assertThat(needs.stream().filter(n -> n.buy() > 0).map(Need::part).toList())
          .as("seed " + seed)
          .isEmpty();
    }
  }

  @Test
  void readingsGoToTheLogAndTicksAreCleared() {
    Show show = show(3);
    BenchNotes notes =
        BenchNotes.NONE
            .tick("count run 0", true)
            .read(new BenchNotes.Reading("run 0", 1, 4.83, "white", 100));
    Preparation done =
        Preparation.NONE
            .withOpening(Optional.of(LocalDate.of(2026, 11, 27)))
            .with(new Preparation.Done(Preparation.Work.HANG, "run 0", 1), true);
    Assessment plan = Assessor.plan(show.withBench(notes).withPreparation(done));
    NextSeason next = NextSeason.of(plan.reading(), ShowLog.empty(), "Lantern fair 2027", DAY);
    assertThat(next.show().bench()).isEqualTo(BenchNotes.NONE);
    assertThat(next.show().preparation().done()).isEmpty();
    assertThat(next.show().preparation().opening()).contains(LocalDate.of(2027, 11, 27));
    LogEntry first = next.entries().getFirst();
    assertThat(first.kind()).isEqualTo(LogKind.READING);
    assertThat(first.volts()).hasValue(4.83);
    assertThat(next.entries().getLast().kind()).isEqualTo(LogKind.SEASON);
    ShowLog log = log(next.entries());
    assertThat(log.seasons().getLast().name()).isEqualTo("Lantern fair 2027");
  }

  @Test
  void theNextYearsNameIsGuessed() {
    assertThat(NextSeason.nameAfter(show(1), DAY)).isEqualTo("Lantern fair 2027");
    Show weir = show(1).withSettings(show(1).settings().withName("Weir, 12026 lamps"));
    assertThat(NextSeason.nameAfter(weir, LocalDate.of(2026, 12, 1)))
        .isEqualTo("Weir, 12026 lamps 2027");
    LocalDate opening = LocalDate.of(2026, 11, 27);
    assertThat(
            NextSeason.nameAfter(
                weir.withPreparation(Preparation.NONE.withOpening(Optional.of(opening))), DAY))
        .as("struck in January")
        .isEqualTo("Weir, 12026 lamps 2027");
  }

  @Test
  void aPlaceKeepsItsMeasuresAndNothingThatHangs() {
    Survey survey =
        new Survey(
            true,
            Optional.empty(),
            List.of(new Survey.Outlet("Pillar", new Point(3, 0), Optional.empty())),
            List.of(),
            List.of(new Survey.Note("ivy", new Point(1, 2))),
            List.of(new Face("Back", 10, 8, 0, 8)));
    Show there = HandedOut.of(show(2).withSurvey(survey));
    Show place = Place.of(there, "Spring market");
    assertThat(place.settings().name()).isEqualTo("Spring market");
    assertThat(place.survey()).isEqualTo(survey);
    assertThat(place.catalogue()).isEqualTo(there.catalogue());
    assertThat(place.runs()).isEmpty();
    assertThat(place.controllers()).isEmpty();
    assertThat(place.allotting().handOut()).isEmpty();
    assertThat(place.workshop()).isEqualTo(Show.fresh().workshop());
  }

  /** A show that was handed out. */
  private static final class HandedOut {
    static Show of(Show show) {
      return NextSeason.of(Assessor.plan(show).reading(), ShowLog.empty(), "next", DAY).show();
    }
  }

  @Test
  void suppliesAgeAndTheOldestGoesFirst() {
    LogEntry three = stocked(LocalDate.of(2023, 11, 1), 3);
    LogEntry two = stocked(LocalDate.of(2025, 11, 1), 2);
    LogEntry gone = stocked(LocalDate.of(2025, 12, 1), -4);
    assertThat(log(List.of(three, two)).supplies())
        .extracting(ShowLog.Aged::count)
        .containsExactly(3, 2);
    List<ShowLog.Aged> left = log(List.of(three, two, gone)).supplies();
    assertThat(left).hasSize(1);
    assertThat(left.getFirst().count()).isEqualTo(1);
    assertThat(left.getFirst().since()).isEqualTo(LocalDate.of(2025, 11, 1));
    assertThat(left.getFirst().years(LocalDate.of(2027, 10, 31))).isEqualTo(1);
  }

  private static LogEntry stocked(LocalDate day, int count) {
    return new LogEntry(
        LogKind.PART,
        day,
        Optional.empty(),
        java.util.OptionalInt.empty(),
        Optional.empty(),
        java.util.OptionalDouble.empty(),
        java.util.OptionalDouble.empty(),
        java.util.OptionalInt.of(count),
        java.util.OptionalDouble.empty(),
        Optional.of("supply 5v-300w"),
        Optional.empty());
  }
}
