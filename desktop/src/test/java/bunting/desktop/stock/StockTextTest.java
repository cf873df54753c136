package bunting.desktop.stock;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class StockTextTest {
  @Test
  void piecesAreReadAsPeopleTypeThem() {
    assertThat(StockText.parse("47, 2×120; 3 x 50 px").orElseThrow())
        .containsExactly(
            new StockText.Item(1, 47, 0),
            new StockText.Item(2, 120, 0),
            new StockText.Item(3, 50, 0));
    assertThat(StockText.parse("300 at 18.50, 150").orElseThrow())
        .containsExactly(new StockText.Item(1, 300, 18.5), new StockText.Item(1, 150, 0));
    assertThat(StockText.parse(" ").orElseThrow()).isEmpty();
    assertThat(StockText.parse("many")).isEmpty();
    assertThat(StockText.parse("0")).isEmpty();
    assertThat(StockText.parse("3,,4")).isEmpty();
    assertThat(StockText.parse("300 at much")).isEmpty();
  }
}
