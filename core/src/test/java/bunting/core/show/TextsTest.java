package bunting.core.show;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Numbers and counts as people read them. */
class TextsTest {
  @Test
  void oneIsOneAndAllElseAreMany() {
    assertThat(Texts.count(1, "box", "boxes")).isEqualTo("1 box");
    assertThat(Texts.count(0, "box", "boxes")).isEqualTo("0 boxes");
    assertThat(Texts.count(2, "box", "boxes")).isEqualTo("2 boxes");
    assertThat(Texts.count(21, "box", "boxes")).isEqualTo("21 boxes");
  }

  @Test
  void needlessDecimalsAreLeftOut() {
    assertThat(Texts.number(5)).isEqualTo("5");
    assertThat(Texts.number(7.50)).isEqualTo("7.5");
    assertThat(Texts.number(0.0405)).isEqualTo("0.041");
    assertThat(Texts.number(-0.0001)).isEqualTo("0");
    assertThat(Texts.number(1e6)).isEqualTo("1000000");
    assertThat(Texts.fixed(2.345, 2)).isEqualTo("2.35");
    assertThat(Texts.fixed(2, 1)).isEqualTo("2.0");
  }
}
