package bunting.core.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.StandardCatalogue;
import java.math.BigDecimal;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class GeometryTest {
  @Test
  void lengthsCountInDecimalsAndRoundDownToACutUnit() {
    assertThat(Geometry.pixelsOf(new BigDecimal("4.35"), 100, 1)).isEqualTo(435);
    assertThat(Geometry.pixelsOf(new BigDecimal("0.29"), 100, 1)).isEqualTo(29);
    assertThat(Geometry.pixelsOf(new BigDecimal("1.09"), 60, 6)).isEqualTo(60);
    assertThat(Geometry.pixelsOf(Geometry.metresOfFeet(new BigDecimal("100")), 10, 1))
        .isEqualTo(304);
  }

  @Test
  void cablesFollowTheRuleForLengths() {
    var type = StandardCatalogue.get().pixelTypesById().get("5v-string-10");
    Run run = Run.of("a", type.id(), 11);
    assertThat(Geometry.end(run, type).x()).isCloseTo(1.0, within(1e-12));
    assertThat(Geometry.boxToPixel(new Point(-2, 3), run, type, 1)).isCloseTo(6, within(1e-12));
    assertThat(Geometry.boxToPixel(new Point(-2, 3), run, type, 6)).isCloseTo(6.5, within(1e-12));
    assertThat(Geometry.boxToPixel(new Point(-2, 3), run.withLead(OptionalDouble.of(9)), type, 1))
        .isEqualTo(9);
    assertThat(Geometry.joint(new Point(0, 0), new Point(1, -1))).isEqualTo(2.5);
  }

  @Test
  void aRunOfOnePixelIsAtItsFeedEnd() {
    var type = StandardCatalogue.get().pixelTypesById().get("5v-string-10");
    Run run =
        new Run(
            "one",
            type.id(),
            1,
            OptionalDouble.empty(),
            new Point(3, 4),
            Optional.of(new Point(9, 9)),
            OptionalDouble.empty(),
            Optional.empty(),
            Optional.empty(),
            true,
            java.util.Map.of());
    assertThat(Geometry.pixel(run, type, 1)).isEqualTo(new Point(3, 4));
  }
}
