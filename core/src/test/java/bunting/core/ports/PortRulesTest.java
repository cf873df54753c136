package bunting.core.ports;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.show.ControllerType;
import bunting.core.show.StandardCatalogue;
import java.util.List;
import org.junit.jupiter.api.Test;

class PortRulesTest {
  private static final ControllerType WIDE =
      new ControllerType("w", "w", 1, 100_000, 1000, List.of(5.0), 10, 10, List.of(), 10, 0);

  /** 1,000 RGB pixels at 800 kbit/s: 30.3 ms, 33 fps; 823 for 40 fps (handbook, arithmetic). */
  @Test
  void timeOnTheWireLimitsAPort() {
    var rgb = StandardCatalogue.get().pixelTypesById().get("5v-strip-60");
    var rgbw = StandardCatalogue.get().pixelTypesById().get("5v-strip-60-rgbw");
    assertThat(rgb.wireMicros()).isEqualTo(30);
    assertThat(rgbw.wireMicros()).isEqualTo(40);
    assertThat(PortRules.refreshHz(1000 * rgb.wireMicros())).isCloseTo(33.0, within(0.01));
    assertThat(PortRules.room(WIDE, rgb, 40, 0, 0)).isEqualTo(823);
    assertThat(PortRules.room(WIDE, rgb, 40, 800, 24_000)).isEqualTo(23);
    assertThat(PortRules.room(WIDE, rgb, 4000, 0, 0)).isZero();
  }
}
