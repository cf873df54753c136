package bunting.core.cost;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.show.Attach;
import bunting.core.show.Course;
import bunting.core.show.Hanging;
import bunting.core.show.PixelType;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.StandardCatalogue;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

/** Where feeds are joined on: the rules of the published letter for files, and common practice. */
class JoinPlacesTest {
  private static final PixelType STRIP =
      StandardCatalogue.get().pixelTypesById().get("5v-strip-60");
  private static final PixelType STRING =
      StandardCatalogue.get().pixelTypesById().get("12v-string-10");

  private static Attach at(Run run, PixelType type, int pixel) {
    return JoinPlaces.at(run, type, 1, run.pixels(), pixel, false);
  }

  /** Reels of 5 m at 60 a metre are 300 pixels, strings have 50 (common practice, no source). */
  @Test
  void packsAreFiveMetresOfStripOrFiftyOnAString() {
    assertThat(STRIP.packPixels()).isEqualTo(300);
    assertThat(STRING.packPixels()).isEqualTo(50);
    assertThat(STRING.withJointEvery(OptionalInt.of(100)).packPixels()).isEqualTo(100);
  }

  @Test
  void thePortsOwnLeadComesFirstThenEndsJointsAndCuts() {
    Run run = Run.of("r", STRIP.id(), 708);
    assertThat(JoinPlaces.at(run, STRIP, 1, 708, 1, true)).isEqualTo(Attach.PORT);
    assertThat(at(run, STRIP, 1)).isEqualTo(Attach.END);
    assertThat(at(run, STRIP, 708)).isEqualTo(Attach.END);
    for (int pixel : new int[] {300, 301, 600, 601}) {
      assertThat(at(run, STRIP, pixel)).as("pixel " + pixel).isEqualTo(Attach.JOINT);
    }
    assertThat(at(run, STRIP, 299)).isEqualTo(Attach.CUT);
    assertThat(at(run, STRIP, 381)).isEqualTo(Attach.CUT);
  }

  @Test
  void theEndsOfASegmentAreEndsWhereverTheRunGoesOn() {
    Run run = Run.of("r", STRIP.id(), 708);
    assertThat(JoinPlaces.at(run, STRIP, 1, 420, 420, false)).isEqualTo(Attach.END);
    assertThat(JoinPlaces.at(run, STRIP, 421, 708, 421, false)).isEqualTo(Attach.END);
    assertThat(JoinPlaces.at(run, STRIP, 421, 708, 420, false)).isEqualTo(Attach.CUT);
  }

  /** Three lines of 20 pixels: corners at 20, 21, 40 and 41. */
  @Test
  void strandsOfACourseHaveCorners() {
    Run run =
        Run.of("panel", STRIP.id(), 60)
            .withHanging(Hanging.along(new Course.Grid(new Point(0, 0), 3, 0.33, 0.1, 0, true)));
    for (int pixel : new int[] {20, 21, 40, 41}) {
      assertThat(at(run, STRIP, pixel)).as("pixel " + pixel).isEqualTo(Attach.CORNER);
    }
    assertThat(at(run, STRIP, 30)).isEqualTo(Attach.CUT);
    assertThat(JoinPlaces.ready(run, STRIP, 1, 60).keySet()).containsExactly(1, 20, 21, 40, 41, 60);
  }
}
