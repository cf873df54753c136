package bunting.core.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What follows from a log. */
class DriftTest {
  private static final LocalDate FIRST = LocalDate.of(2023, 11, 25);

  private static LogEntry entry(LogKind kind, int day, double volts) {
    return new LogEntry(
        kind,
        FIRST.plusDays(day),
        Optional.of("Arch"),
        OptionalInt.of(1),
        Optional.empty(),
        OptionalDouble.of(volts),
        OptionalDouble.empty(),
        OptionalInt.empty(),
        OptionalDouble.empty(),
        Optional.empty(),
        Optional.empty());
  }

  private static ShowLog log(List<LogEntry> entries) {
    List<ShowLog.Line> lines = new ArrayList<>();
    for (LogEntry e : entries) {
      lines.add(new ShowLog.Line(lines.size() + 1, e));
    }
    return new ShowLog(lines, List.of());
  }

  private static Drift only(double... voltsByMonth) {
    List<LogEntry> entries = new ArrayList<>();
    for (int i = 0; i < voltsByMonth.length; i++) {
      entries.add(entry(LogKind.READING, 30 * i, voltsByMonth[i]));
    }
    return Drift.of(log(entries)).getFirst();
  }

  @Test
  void aSlowFallIsFlagged() {
    Drift d = only(4.80, 4.76, 4.71, 4.66);
    assertThat(d.flagged()).isTrue();
    assertThat(d.fallVolts()).isCloseTo(0.14, within(0.01));
    assertThat(d.voltsPerYear()).isNegative();
  }

  @Test
  void aSteadyPlaceARiseAndOneWrongReadingAreNot() {
    assertThat(only(4.80, 4.79, 4.81, 4.80).flagged()).isFalse();
    assertThat(only(4.60, 4.70, 4.80).flagged()).isFalse();
    assertThat(only(4.80, 4.80, 3.10, 4.80, 4.79).flagged()).isFalse();
    assertThat(only(4.80, 4.20).flagged()).as("two readings say nothing yet").isFalse();
  }

  /** Of 101 numbers the median of all pairs' slopes, as Sen (1968) defines it, by hand. */
  @Test
  void theSlopeIsTheMedianOfAllPairs() {
    Random random = new Random(7);
    List<LogEntry> entries = new ArrayList<>();
    double[] volts = new double[21];
    for (int i = 0; i < volts.length; i++) {
      volts[i] = 5 - 0.002 * i + 0.05 * random.nextGaussian();
      entries.add(entry(LogKind.READING, i, volts[i]));
    }
    List<Double> slopes = new ArrayList<>();
    for (int i = 0; i < volts.length; i++) {
      for (int j = 0; j < i; j++) {
        slopes.add((volts[i] - volts[j]) / (i - j));
      }
    }
    slopes.sort(null);
    double median = (slopes.get(104) + slopes.get(105)) / 2;
    assertThat(Drift.of(log(entries)).getFirst().voltsPerYear())
        .isCloseTo(median * 365.25, within(1e-9));
  }

  private static LogEntry part(LogKind kind, String part, OptionalInt count) {
    return new LogEntry(
        kind,
        FIRST,
        Optional.empty(),
        OptionalInt.empty(),
        Optional.empty(),
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        count,
        kind == LogKind.HOURS ? OptionalDouble.of(90) : OptionalDouble.empty(),
        Optional.of(part),
        Optional.of("2024"));
  }

  @Test
  void stockGoesUpAndDown() {
    ShowLog log =
        log(
            List.of(
                part(LogKind.PART, "fuse 5 A", OptionalInt.of(20)),
                part(LogKind.REPAIR, "fuse 5 A", OptionalInt.empty()),
                part(LogKind.PART, "fuse 5 A", OptionalInt.of(-3)),
                part(LogKind.REPAIR, "pixel", OptionalInt.of(2))));
    assertThat(log.stock()).isEqualTo(Map.of("fuse 5 A", 16, "pixel", -2));
  }

  @Test
  void seasonsHoldWhatWasWrittenInThem() {
    ShowLog log =
        log(
            List.of(
                part(LogKind.NOTE, "a", OptionalInt.empty()),
                part(LogKind.SEASON, "b", OptionalInt.empty()),
                part(LogKind.HOURS, "c", OptionalInt.empty()),
                part(LogKind.SEASON, "d", OptionalInt.empty())));
    assertThat(log.seasons()).hasSize(3);
    assertThat(log.seasons().get(1).peopleMinutes()).isEqualTo(90);
    assertThat(log.seasons().get(1).name()).isEqualTo("2024");
  }
}
