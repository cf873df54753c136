package bunting.core.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.show.Catalogue;
import bunting.core.show.StandardCatalogue;
import bunting.core.survey.PixelFinder.Measured;
import bunting.core.survey.PixelFinder.Seen;
import bunting.core.survey.PixelFinder.Wires;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class PixelFinderTest {
  private static final Catalogue CATALOGUE = StandardCatalogue.get();

  @Test
  void aStripOfSixtyIsFound() {
    var found =
        PixelFinder.find(CATALOGUE, new Seen(5, Wires.THREE, 3, 60, 1, 1, Optional.empty()));
    assertThat(found.matches().getFirst().type().id()).isEqualTo("5v-strip-60");
    assertThat(found.matches().getFirst().fits()).isTrue();
    assertThat(found.plainSet()).isFalse();
  }

  /** 60 LEDs a metre, three to a chip, cut every three: 20 pixels a metre, cut at each. */
  @Test
  void threeLedsToAChipAreOnePixel() {
    var found =
        PixelFinder.find(CATALOGUE, new Seen(12, Wires.FOUR_BACKUP, 3, 60, 3, 3, Optional.empty()));
    assertThat(found.matches().getFirst().type().id()).isEqualTo("12v-strip-20");
    assertThat(found.matches().getFirst().fits()).isTrue();
    assertThat(found.made().pitchPerM()).isEqualTo(20);
    assertThat(found.made().cutEvery()).isEqualTo(1);
  }

  /** 5 m of 30 a metre at 7.2 W a metre draw 3 A at 12 V: 20 mA a pixel (common practice). */
  @Test
  void measuredAmpsMakeTheTypeAndAreMarked() {
    var found =
        PixelFinder.find(
            CATALOGUE, new Seen(12, Wires.THREE, 3, 30, 1, 1, Optional.of(new Measured(3.0, 5))));
    assertThat(found.made().milliampsFull()).isCloseTo(20, within(1e-9));
    assertThat(found.made().measured()).isTrue();
    assertThat(found.matches().getFirst().fits()).isFalse();
  }

  @Test
  void oneWireAColourIsNoPixel() {
    var found =
        PixelFinder.find(CATALOGUE, new Seen(12, Wires.COLOURS, 3, 10, 1, 1, Optional.empty()));
    assertThat(found.plainSet()).isTrue();
  }

  @Test
  void aClockWireTellsTypesApart() {
    var found =
        PixelFinder.find(CATALOGUE, new Seen(5, Wires.FOUR_CLOCK, 3, 60, 1, 1, Optional.empty()));
    assertThat(found.matches().getFirst().differences()).containsExactly("has no clock wire");
    assertThat(found.made().wireMicros()).isEqualTo(24);
  }

  @Test
  void aMadeTypeGetsAnIdOfItsOwn() {
    Seen seen = new Seen(12, Wires.THREE, 3, 60, 1, 1, Optional.empty());
    Catalogue more = CATALOGUE.withPixelType(PixelFinder.find(CATALOGUE, seen).made());
    assertThat(PixelFinder.find(more, seen).made().id()).isEqualTo("my-12v-strip-60-2");
  }
}
