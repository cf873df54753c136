package bunting.desktop.power;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** The columns of the river stand beside each other at every width. */
class RiverColumnsTest {
  @Test
  void columnsDoNotOverlapAndLeaveRoomForNames() {
    for (double width = 500; width <= 1600; width += 20) {
      RiverColumns c = RiverColumns.of(width);
      assertThat(c.circuitW()).as(width + "").isLessThan(c.supplyX());
      assertThat(c.supplyX() + c.supplyW()).isLessThan(c.fuseX());
      assertThat(c.fuseX() + c.fuseW()).isLessThan(c.lineX());
      assertThat(width - c.lineX()).as("room for a name and a share").isGreaterThan(90);
    }
    assertThat(RiverColumns.of(2000)).isEqualTo(RiverColumns.of(816));
    assertThat(RiverColumns.of(540).lineX()).isLessThan(RiverColumns.of(816).lineX());
  }

  @Test
  void aClickIsOnTheColumnItHits() {
    RiverColumns c = RiverColumns.of(816);
    assertThat(c.onFuse(c.fuseX())).isTrue();
    assertThat(c.onFuse(c.fuseX() - 1)).isFalse();
    assertThat(c.onFuse(c.fuseX() + c.fuseW() + 1)).isFalse();
    assertThat(c.onSupply(c.supplyX() + 5)).isTrue();
    assertThat(c.onSupply(c.fuseX())).isFalse();
  }
}
