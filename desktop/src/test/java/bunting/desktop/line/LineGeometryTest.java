package bunting.desktop.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.plan.Planner;
import bunting.core.show.Decisions;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class LineGeometryTest {
  private static Reading read(Run... runs) {
    Show show = bunting.testkit.Shows.chained(Show.of(List.of(runs)));
    return Reading.of(show, Planner.propose(show));
  }

  private static Run run(String name, int pixels) {
    return Run.of(name, "5v-strip-60", pixels).withLead(OptionalDouble.of(2));
  }

  private static LineShape shape(Reading reading) {
    PortReading port = reading.ports().getFirst();
    return LineGeometry.of(reading, port, BoardLayout.capacity(reading, port), 800);
  }

  @Test
  void postsStandAsTallAsTheVoltsTheyBring() {
    Reading reading = read(run("Sluice gate", 240));
    LineShape shape = shape(reading);
    assertThat(shape.posts()).hasSize(reading.feeds().size()).isNotEmpty();
    var volts = reading.segments().getFirst().volts();
    for (int i = 0; i < shape.posts().size(); i++) {
      double v = volts.at(reading.feeds().get(i).feed().atPixel() - 1);
      double y = LineGeometry.CORD_TOP + (5 - v) / 0.5 * LineGeometry.SAG_TO_LEAST;
      assertThat(shape.posts().get(i).topY()).isCloseTo(y, within(1e-9));
    }
  }

  @Test
  void aCordBelowTheLeastFallsAsFarAsItDoesAndTheLineGrowsWithIt() {
    Reading sound = read(run("Sluice gate", 240));
    Decisions d = sound.decisions();
    Decisions oneFeed =
        new Decisions(
            d.controllers(),
            d.segments(),
            d.feeds().subList(0, 1),
            d.breaks(),
            d.supplies(),
            d.unplaced(),
            1);
    Reading starved = Reading.of(sound.show(), oneFeed);
    LineShape shape = shape(starved);
    double lowest = starved.segments().getFirst().volts().lowest();
    assertThat(lowest).isLessThan(4.0);
    double end = LineGeometry.CORD_TOP + (5 - lowest) / 0.5 * LineGeometry.SAG_TO_LEAST;
    double[] cord = shape.line().cords().getLast();
    assertThat(cord[cord.length - 1]).isCloseTo(end, within(1e-9));
    assertThat(shape.footY()).isGreaterThan(end);
    assertThat(shape.height()).isGreaterThan(shape(sound).height());
    // Orange before the end: red stays, blue is gone.
    int last = shape.line().pennants().getLast().rgb();
    assertThat((last >> 16) & 0xFF).isGreaterThan((last & 0xFF) + 60);
  }

  @Test
  void stitchesAreTheUniverseBoundaries() {
    LineShape shape = shape(read(run("Sluice gate", 400)));
    assertThat(shape.stitches()).filteredOn(LineShape.Stitch::universe).hasSize(3);
    double scale = (shape.stitches().get(1).x() - shape.stitches().get(0).x()) / 170;
    assertThat(shape.stitches().get(2).x() - shape.stitches().get(0).x())
        .isCloseTo(340 * scale, within(1e-6));
  }

  /** 400 pixels from the far end: universe 3 holds the 60 nearest to the port, 180 slots. */
  @Test
  void stitchesOfAReversedRunCountFromTheFarEnd() {
    Run far =
        run("Sluice gate", 400)
            .withFitting(new bunting.core.show.Fitting(1, java.util.Optional.empty(), true));
    LineShape shape = shape(read(far));
    assertThat(shape.stitches()).hasSize(3);
    assertThat(shape.stitches().get(0).label()).isEqualTo("u3.178 ‹");
    assertThat(shape.stitches().get(0).universe()).isFalse();
    assertThat(shape.stitches().get(2).label()).isEqualTo("u1.508 ‹");
    double scale = (shape.stitches().get(2).x() - shape.stitches().get(1).x()) / 170;
    assertThat(shape.stitches().get(1).x() - shape.stitches().get(0).x())
        .isCloseTo(60 * scale, within(1e-6));
  }

  @Test
  void pennantsCoverTheRunWithoutGapAndNothingPassesTheFlag() {
    LineShape shape = shape(read(run("a", 300), run("b", 45), run("c", 1)));
    for (int i = 1; i < shape.line().pennants().size(); i++) {
      assertThat(shape.line().pennants().get(i).x1())
          .isGreaterThanOrEqualTo(shape.line().pennants().get(i - 1).x2() - 1e-9);
    }
    assertThat(shape.line().pennants().getLast().x2()).isLessThanOrEqualTo(shape.flagX() + 1e-6);
    assertThat(shape.runs()).hasSize(3);
  }

  @Test
  void tagsDoNotOverlap() {
    LineShape shape =
        shape(read(run("a", 300), run("b", 60), run("c", 60), run("d", 60), run("e", 60)));
    double free = 0;
    for (LineShape.Post post : shape.posts()) {
      if (!post.tag().isEmpty()) {
        assertThat(post.tagX()).isGreaterThanOrEqualTo(free);
        free = post.tagX() + post.tagWidth();
      }
    }
    assertThat(free).isPositive();
  }
}
