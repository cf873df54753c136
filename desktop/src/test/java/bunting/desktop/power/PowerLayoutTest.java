package bunting.desktop.power;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.plan.Planner;
import bunting.core.plan.Posts;
import bunting.core.show.Circuit;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.desktop.picture.BuntingLine;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The river and the cord as places on paper. */
class PowerLayoutTest {
  private static Reading plan(Show show) {
    return Reading.of(show, Planner.sketch(show));
  }

  private static Reading mill() {
    Show bare =
        Show.of(
            List.of(
                Run.of("Rim", "5v-strip-60", 360),
                Run.of("Weir", "12v-strip-60", 250),
                Run.of("Owl", "5v-strip-60", 60)));
    return plan(
        new Show(
            bare.settings(),
            List.of(),
            bare.addressing(),
            bare.catalogue(),
            Optional.empty(),
            Optional.of(List.of(new Circuit("kitchen", 230, 16, 2))),
            bare.runs()));
  }

  @Test
  void everyFuseHasItsRowAndNoRowsMeet() {
    Reading reading = mill();
    RiverLayout river = new RiverLayout(reading, reading, Optional.empty());
    long fuses = reading.feeds().stream().map(f -> f.feed().fuse()).distinct().count();
    assertThat(river.fuses()).hasSize((int) fuses + reading.decisions().inputs().size());
    assertThat(river.supplies()).hasSameSizeAs(reading.supplies());
    assertThat(river.circuits()).extracting(RiverLayout.Block::id).containsExactly("kitchen");
    for (int i = 1; i < river.fuses().size(); i++) {
      assertThat(river.fuses().get(i).y() - river.fuses().get(i - 1).y())
          .isGreaterThanOrEqualTo(RiverLayout.ROW);
    }
    for (RiverFuse f : river.fuses()) {
      assertThat(f.y()).isBetween(0.0, river.height());
      assertThat(f.thick()).isLessThan(RiverLayout.ROW);
    }
  }

  /** What flows into the fuses of a supply is what the supply gives. */
  @Test
  void bandsAreAsWideAsTheirAmps() {
    Reading reading = mill();
    RiverLayout river = new RiverLayout(reading, reading, Optional.empty());
    List<RiverFuse> fuses = river.fuses().stream().filter(f -> f.board().isEmpty()).toList();
    RiverFuse a = fuses.getFirst();
    for (RiverFuse b : fuses) {
      if (a.thick() > 1.5 && b.thick() > 1.5) {
        assertThat(b.thick() / a.thick()).isCloseTo(b.amps() / a.amps(), within(1e-9));
      }
    }
    double amps = fuses.stream().mapToDouble(RiverFuse::amps).sum();
    assertThat(amps)
        .isCloseTo(reading.supplies().stream().mapToDouble(s -> s.loadAmps()).sum(), within(1e-9));
  }

  @Test
  void aLostFuseKeepsItsRowAndHasNoBand() {
    Reading reading = mill();
    String lost = reading.feeds().getFirst().feed().id();
    Reading without = Reading.of(reading.show(), Posts.pulled(reading.decisions(), lost), reading);
    RiverLayout whole = new RiverLayout(reading, reading, Optional.empty());
    RiverLayout river = new RiverLayout(reading, without, Optional.empty());
    assertThat(river.fuses()).hasSameSizeAs(whole.fuses());
    assertThat(river.fuses().stream().filter(RiverFuse::blown)).hasSize(1);
    int flows = river.lower().size() + river.stems().size();
    assertThat(flows).isEqualTo(whole.lower().size() + whole.stems().size() - 1);
  }

  private static PortReading port(Reading reading) {
    return reading.ports().stream().filter(p -> p.pixels() > 0).findFirst().orElseThrow();
  }

  @Test
  void theCordHangsAtItsVoltsAndPixelsComeBack() {
    Reading reading = mill();
    PortReading port = port(reading);
    CordLayout cord = new CordLayout(reading, port, 800, 260);
    assertThat(cord.line().posts()).isNotEmpty();
    assertThat(cord.y(4.5)).isGreaterThan(cord.y(4.8));
    for (BuntingLine.Span span : cord.line().spans()) {
      SegmentReading s = span.segment();
      for (int p = s.segment().firstPixel(); p <= s.segment().lastPixel(); p += 7) {
        assertThat(span.pixelAt(span.xOf(p))).isEqualTo(p);
        assertThat(cord.spanAt(span.xOf(p))).isEqualTo(span);
      }
      assertThat(span.x2()).isLessThanOrEqualTo(800);
    }
    CordLayout.Least least = cord.least().orElseThrow();
    double lowest =
        port.segments().stream().mapToDouble(s -> s.volts().lowest()).min().orElseThrow();
    assertThat(least.y()).isCloseTo(cord.y(lowest), within(1e-9));
    assertThat(least.enough()).isTrue();
  }

  /** A cord that sags far below is let fall: the scale goes down with it. */
  @Test
  void theScaleFollowsADeepSag() {
    Reading reading = mill();
    List<String> feeds =
        port(reading).segments().stream()
            .flatMap(s -> reading.feedsOf(s.segment().id()).stream())
            .map(f -> f.feed().id())
            .toList();
    Reading sagging =
        Reading.of(reading.show(), Posts.pulled(reading.decisions(), feeds.getLast()), reading);
    CordLayout cord = new CordLayout(sagging, port(sagging), 800, 260);
    for (double[] line : cord.line().cords()) {
      for (int i = 1; i < line.length; i += 2) {
        assertThat(line[i]).isBetween(CordLayout.TOP - 1, cord.floor() + 1);
      }
    }
  }
}
