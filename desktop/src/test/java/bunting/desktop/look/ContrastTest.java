package bunting.desktop.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bunting.core.lens.LensPalette;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import javafx.scene.paint.Color;
import org.junit.jupiter.api.Test;

/** What is written on pictures can be read: WCAG 2.1, 1.4.3, level AA (from memory). */
class ContrastTest {
  /** The standard's own ends, and a pair that is often quoted: #767676 on white is 4.54 to 1. */
  @Test
  void ratiosAreThoseOfTheStandard() {
    assertThat(Contrast.ratio(Color.BLACK, Color.WHITE)).isCloseTo(21, within(1e-9));
    assertThat(Contrast.ratio(Color.RED, Color.RED)).isEqualTo(1);
    assertThat(Contrast.ratio(Color.web("#767676"), Color.WHITE)).isCloseTo(4.54, within(0.005));
    assertThat(Contrast.ratio(Color.WHITE, Color.web("#767676"))).isCloseTo(4.54, within(0.005));
  }

  @Test
  void eachInkOfAThemeIsReadOnEachGroundOfIt() {
    Map<String, Double> bad = new TreeMap<>();
    for (Palette p : List.of(Palette.DAY, Palette.NIGHT)) {
      Map<String, Color> inks =
          Map.of(
              "ink", p.ink(), "soft", p.soft(), "power", p.power(), "stop", p.stop(), "warn",
              p.warn(), "good", p.good());
      Map<String, Color> grounds = Map.of("card", p.card(), "ground", p.ground());
      inks.forEach(
          (ink, i) ->
              grounds.forEach(
                  (ground, g) -> {
                    double ratio = Contrast.ratio(i, g);
                    if (ratio < Contrast.AA) {
                      bad.put(ink + " on " + ground + (p.night() ? ", night" : ", day"), ratio);
                    }
                  }));
      assertThat(Contrast.ratio(p.powerInk(), p.power())).isGreaterThanOrEqualTo(Contrast.AA);
      assertThat(Contrast.ratio(p.ink(), p.pick())).isGreaterThanOrEqualTo(Contrast.AA);
      assertThat(Contrast.ratio(p.card(), p.ink())).isGreaterThanOrEqualTo(Contrast.AA);
    }
    assertThat(bad).isEmpty();
  }

  @Test
  void namesOnTheColoursOfKindsAreRead() {
    for (boolean night : new boolean[] {false, true}) {
      for (int n = 0; n < LensPalette.DAY.size(); n++) {
        Color ground = Color.web(String.format("#%06x", LensPalette.kind(n, night)));
        assertThat(Contrast.ratio(Contrast.inkOn(ground), ground))
            .as(n + (night ? " by night" : " by day"))
            .isGreaterThanOrEqualTo(Contrast.AA);
      }
    }
  }

  @Test
  void noFontIsUnderTwelvePixels() {
    assertThat(Fonts.plain(12).getSize()).isEqualTo(12);
    assertThatThrownBy(() -> Fonts.plain(11.9)).hasMessageContaining("12");
    assertThatThrownBy(() -> Fonts.bold(11)).isInstanceOf(IllegalArgumentException.class);
  }
}
