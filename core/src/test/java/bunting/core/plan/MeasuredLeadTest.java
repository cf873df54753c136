package bunting.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.FeedReading;
import bunting.core.assess.Reading;
import bunting.core.faults.Diagnosis;
import bunting.core.faults.Fault;
import bunting.core.faults.Layout;
import bunting.core.faults.Observed;
import bunting.core.faults.Pictures;
import bunting.core.meter.Judgement;
import bunting.core.meter.Meter;
import bunting.core.meter.MeterSetting;
import bunting.core.meter.MeterSheet;
import bunting.core.pattern.Pattern;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** A cable that measures more than it was planned, found by its readings and planned as it is. */
class MeasuredLeadTest {
  private static final double OHMS = 0.15;

  /** Supplies that were trimmed up at the mill. */
  private static final Map<Double, Double> TRIMS = Map.of(5.0, 5.2);

  private final Show show =
      Show.of(List.of(Run.of("Weir", "5v-strip-60", 200), Run.of("Owl", "5v-strip-60", 60)));
  private final Reading reading = Assessor.sketch(show).reading();
  private final Layout layout = new Layout(reading);
  private final MeterSetting setting = new MeterSetting(Pattern.WHITE, 100, TRIMS, Set.of());
  private final Observed.Sending sending = Observed.Sending.full(Pattern.WHITE);

  private record Read(MeterSheet.Volts expected, double volts) {}

  /** What a meter reads at the points of the sheet with so much too much in a feed. */
  private List<Read> readings(String feed) {
    Pictures pictures = new Pictures(layout, TRIMS);
    List<Read> all = new ArrayList<>();
    for (MeterSheet.Volts v : new Meter(reading).read(setting).volts()) {
      Layout.Part part = layout.partAt(v.run(), v.pixel()).orElseThrow();
      double[] volts = pictures.of(new Fault.ThinLead(feed, OHMS), sending, part.chain()).volts();
      all.add(new Read(v, Math.round(100 * volts[part.indexOf(v.pixel())]) / 100.0));
    }
    return all;
  }

  private static Observed observed(List<Read> readings, Observed.Sending sending) {
    Observed all = Observed.NOTHING;
    for (Read r : readings) {
      all =
          all.with(
              new Observed.Reading(sending, r.expected().run(), r.expected().pixel(), r.volts()));
    }
    return all;
  }

  private FeedReading feed(boolean viaPort) {
    return reading.feeds().stream()
        .filter(f -> f.feed().viaPort() == viaPort)
        .filter(
            f ->
                f.feed().segment().equals(layout.parts("Weir").getFirst().segment().segment().id()))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void aLongCableIsFoundWithTheSuppliesAsTheyRead() {
    for (boolean viaPort : List.of(true, false)) {
      String id = feed(viaPort).feed().id();
      Observed all = observed(readings(id), sending);
      var cause = new Diagnosis(new Pictures(layout, TRIMS)).of(all).causes().getFirst();
      assertThat(cause.fault()).isInstanceOf(Fault.ThinLead.class);
      assertThat(((Fault.ThinLead) cause.fault()).feed()).isEqualTo(id);
      // Readings of two decimals at some amps.
      assertThat(((Fault.ThinLead) cause.fault()).ohms()).isBetween(0.9 * OHMS, 1.1 * OHMS);
    }
  }

  @Test
  void plannedAsItMeasuresAllReadingsAreRight() {
    for (boolean viaPort : List.of(true, false)) {
      FeedReading feed = feed(viaPort);
      String id = feed.feed().id();
      List<Read> readings = readings(id);
      assertThat(readings)
          .anyMatch(
              r ->
                  Judgement.of(r.expected().volts(), 5, r.volts()) == Judgement.LOW
                      && r.expected().run().equals("Weir"));
      double metres = MeasuredLead.metres(reading, id, OHMS).orElseThrow();
      assertThat(metres).isGreaterThan(feed.lengthM());
      assertThat(MeasuredLead.hindrance(reading, id)).isEmpty();
      Show next = MeasuredLead.planned(show, reading, id, metres);
      Reading again = Assessor.sketch(next).reading();
      FeedReading same =
          again.feeds().stream()
              .filter(f -> f.feed().viaPort() == viaPort)
              .filter(f -> f.feed().atPixel() == feed.feed().atPixel())
              .filter(f -> f.feed().segment().equals(feed.feed().segment()))
              .findFirst()
              .orElseThrow();
      assertThat(same.lengthM()).isEqualTo(metres);
      assertThat(same.feed().wire()).isEqualTo(feed.feed().wire());
      List<MeterSheet.Volts> expected = new Meter(again).read(setting).volts();
      for (Read r : readings) {
        Optional<MeterSheet.Volts> now =
            expected.stream()
                .filter(v -> v.run().equals(r.expected().run()))
                .filter(v -> v.pixel() == r.expected().pixel())
                .findFirst();
        now.ifPresent(
            v ->
                assertThat(Judgement.of(v.volts(), 5, r.volts()))
                    .as(v.run() + " " + v.pixel())
                    .isEqualTo(Judgement.RIGHT));
      }
    }
  }

  @Test
  void theOhmsAreThoseOfTheWireBothWays() {
    FeedReading feed = feed(false);
    double perM = 2 * reading.show().catalogue().wiresById().get(feed.feed().wire()).ohmsPerM();
    double metres = MeasuredLead.metres(reading, feed.feed().id(), 2 * perM).orElseThrow();
    assertThat(metres).isEqualTo(Math.round(10 * (feed.lengthM() + 2)) / 10.0);
  }

  @Test
  void aFeedThatIsNotThereIsNotMeasured() {
    assertThat(MeasuredLead.metres(reading, "F999", OHMS)).isEmpty();
    assertThat(MeasuredLead.hindrance(reading, "F999")).isPresent();
  }
}
