package bunting.desktop.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.show.Picture;
import bunting.core.show.Point;
import bunting.core.show.Underlay;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class TracingTest {
  private static final Optional<Double> BY_HAND = Optional.empty();

  @Test
  void theHandIsLedLevelAndPlumb() {
    Tracing trace = new Tracing(List.of());
    trace.set(new Point(1, 1));
    assertThat(trace.next(new Point(5, 1.2), 0.1, BY_HAND))
        .isEqualTo(new Tracing.Next(new Point(5, 1), Tracing.Led.LEVEL));
    assertThat(trace.next(new Point(1.1, 4), 0.1, BY_HAND))
        .isEqualTo(new Tracing.Next(new Point(1, 4), Tracing.Led.PLUMB));
    assertThat(trace.next(new Point(3, 3), 0.1, BY_HAND).led()).isEqualTo(Tracing.Led.FREE);
  }

  @Test
  void nearlyEqualLegsBecomeEqual() {
    Tracing trace = new Tracing(List.of());
    trace.set(new Point(0, 0));
    trace.set(new Point(3, 0));
    Tracing.Next next = trace.next(new Point(3, 2.95), 0.1, BY_HAND);
    assertThat(next.led()).isEqualTo(Tracing.Led.EQUAL);
    assertThat(next.at().y()).isCloseTo(3, within(1e-12));
  }

  @Test
  void endsOfOtherRunsAreMet() {
    Tracing trace = new Tracing(List.of(new Point(4, 4)));
    assertThat(trace.next(new Point(4.05, 3.97), 0.1, BY_HAND).at()).isEqualTo(new Point(4, 4));
    assertThat(trace.next(new Point(4.2, 4), 0.1, BY_HAND).led()).isEqualTo(Tracing.Led.FREE);
  }

  @Test
  void aTypedLengthKeepsTheDirection() {
    Tracing trace = new Tracing(List.of());
    trace.set(new Point(0, 0));
    Point end = trace.next(new Point(3, 4), 0.01, Optional.of(10.0)).at();
    assertThat(end.x()).isCloseTo(6, within(1e-12));
    assertThat(end.y()).isCloseTo(8, within(1e-12));
  }

  @Test
  void backTakesCharactersThenCorners() {
    Tracing trace = new Tracing(List.of());
    trace.set(new Point(0, 0));
    trace.type("4");
    trace.type(".");
    assertThat(trace.back()).isTrue();
    assertThat(trace.typed()).isEqualTo("4");
    trace.back();
    trace.back();
    assertThat(trace.corners()).isEmpty();
    assertThat(trace.back()).isFalse();
  }

  @Test
  void theSameCornerAgainEndsTheTrace() {
    Tracing trace = new Tracing(List.of());
    assertThat(trace.set(new Point(0, 0))).isTrue();
    assertThat(trace.set(new Point(2, 0))).isTrue();
    assertThat(trace.set(new Point(2, 0))).isFalse();
    assertThat(trace.lengthM()).isEqualTo(2);
  }

  /**
   * Two points of a picture 10 m apart by a guess, 4 m by the tape: what lies at one stays there.
   */
  @Test
  void aPictureIsScaledAboutItsFirstPoint() {
    Picture picture = new Picture("p", Picture.Kind.PNG, 200, 100, new byte[0]);
    Underlay u = Underlay.fresh(picture, 20).turnedTo(10);
    Underlay scaled = u.scaledBy(new Point(3, 2), new Point(13, 2), 4);
    assertThat(scaled.metresPerUnit()).isCloseTo(0.04, within(1e-12));
    double share = (3 - u.origin().x()) / u.metresPerUnit();
    assertThat((3 - scaled.origin().x()) / scaled.metresPerUnit()).isCloseTo(share, within(1e-9));
    assertThat(scaled.scaled()).isTrue();
  }
}
