package bunting.desktop.look;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.lens.LensPalette;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/**
 * The lens colours as people with colour blindness see them: the matrices of "A
 * Physiologically-based Model for Simulation of Color Vision Deficiency" (IEEE TVCG 15, 2009),
 * severity 1.0, on linear RGB, from memory. Distances are CIE 1976 (L*a*b*, D65), where about 2.3
 * is just seen.
 */
class ColourVisionTest {
  private static final double PLAINLY_APART = 12;

  private static final Map<String, double[][]> EYES =
      Map.of(
          "usual",
          new double[][] {{1, 0, 0}, {0, 1, 0}, {0, 0, 1}},
          "protanopia",
          new double[][] {
            {0.152286, 1.052583, -0.204868},
            {0.114503, 0.786281, 0.099216},
            {-0.003882, -0.048116, 1.051998}
          },
          "deuteranopia",
          new double[][] {
            {0.367322, 0.860646, -0.227968},
            {0.280085, 0.672501, 0.047413},
            {-0.011820, 0.042940, 0.968881}
          },
          "tritanopia",
          new double[][] {
            {1.255528, -0.076749, -0.178779},
            {-0.078411, 0.930809, 0.147602},
            {0.004733, 0.691367, 0.303900}
          });

  private static double linear(int channel) {
    double c = channel / 255.0;
    return c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
  }

  private static double[] seen(int rgb, double[][] eye) {
    double[] in = {linear((rgb >> 16) & 255), linear((rgb >> 8) & 255), linear(rgb & 255)};
    double[] out = new double[3];
    for (int i = 0; i < 3; i++) {
      for (int j = 0; j < 3; j++) {
        out[i] += eye[i][j] * in[j];
      }
      out[i] = Math.max(0, Math.min(1, out[i]));
    }
    return out;
  }

  /** sRGB primaries, D65 (IEC 61966-2-1); L*a*b* (CIE 15). */
  private static double[] lab(double[] c) {
    double x = (0.4124 * c[0] + 0.3576 * c[1] + 0.1805 * c[2]) / 0.9505;
    double y = 0.2126 * c[0] + 0.7152 * c[1] + 0.0722 * c[2];
    double z = (0.0193 * c[0] + 0.1192 * c[1] + 0.9505 * c[2]) / 1.089;
    return new double[] {116 * f(y) - 16, 500 * (f(x) - f(y)), 200 * (f(y) - f(z))};
  }

  private static double f(double t) {
    return t > 216.0 / 24389 ? Math.cbrt(t) : (24389.0 / 27 * t + 16) / 116;
  }

  private static double apart(int a, int b, double[][] eye) {
    double[] p = lab(seen(a, eye));
    double[] q = lab(seen(b, eye));
    return Math.sqrt(
        Math.pow(p[0] - q[0], 2) + Math.pow(p[1] - q[1], 2) + Math.pow(p[2] - q[2], 2));
  }

  @Test
  void kindsStayApartForEveryEye() {
    for (List<Integer> kinds : List.of(LensPalette.DAY, LensPalette.NIGHT)) {
      EYES.forEach(
          (name, eye) -> {
            for (int i = 0; i < kinds.size(); i++) {
              for (int j = i + 1; j < kinds.size(); j++) {
                assertThat(apart(kinds.get(i), kinds.get(j), eye))
                    .as("%06x and %06x, %s", kinds.get(i), kinds.get(j), name)
                    .isGreaterThan(PLAINLY_APART);
              }
            }
          });
    }
  }

  @Test
  void theRampGrowsLighterForEveryEye() {
    EYES.forEach(
        (name, eye) -> {
          double before = -1;
          for (int i = 0; i <= 20; i++) {
            double lightness = lab(seen(LensPalette.ramp(i / 20.0), eye))[0];
            assertThat(lightness).as("step %d, %s", i, name).isGreaterThan(before);
            before = lightness;
          }
        });
  }

  @Test
  void kindsStandOutFromTheirGround() {
    double[][] usual = EYES.get("usual");
    LensPalette.DAY.forEach(
        c -> assertThat(apart(c, 0xFFFDF6, usual)).as("%06x on paper", c).isGreaterThan(25));
    LensPalette.NIGHT.forEach(
        c -> assertThat(apart(c, 0x1A2732, usual)).as("%06x at night", c).isGreaterThan(25));
  }
}
