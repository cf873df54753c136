package bunting.core.power;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.ports.Piece;
import bunting.core.show.Conductors;
import bunting.core.show.LoadKind;
import bunting.core.show.PixelType;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Signal;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("property")
class FeedSearchTest {
  private static PixelType type(double volts, double milliamps, LoadKind kind, double rail) {
    return new PixelType(
        "t", "t", volts, 3, "RGB", 8, Signal.ONE_WIRE_800K, 60, 1, milliamps, 0, kind, rail);
  }

  private static FeedSearch search(PixelType type, int pixels, double lead) {
    Run run = Run.of("r", "t", pixels).withLead(OptionalDouble.of(lead));
    PowerRules rules = PowerRules.of(Show.of(List.of()), type.volts());
    return new FeedSearch(
        new Stretch(new Point(0, 0), List.of(new Piece(run, type, 1, pixels)), Conductors.PLAIN),
        rules);
  }

  /**
   * Doubling and halving finds what counting up from one finds, wherever holding goes on once it
   * began.
   */
  @Property(tries = 150, seed = "11")
  void findsTheFewestEvenFeeds(@ForAll long seed) {
    Random random = new Random(seed);
    LoadKind kind = List.of(LoadKind.values()).get(random.nextInt(3));
    PixelType type =
        type(
            random.nextBoolean() ? 5 : 12,
            10 + random.nextInt(40),
            kind,
            0.02 + random.nextDouble() / 10);
    int pixels = 1 + random.nextInt(260);
    FeedSearch search = search(type, pixels, 1 + random.nextInt(4));
    FeedTrial found = search.fewest(Optional.empty());
    if (found.holds() && found.count() > 1) {
      // The search never passes over a smaller count that it tried; one feed fewer fails.
      assertThat(search.evenly(found.count() - 1, Optional.empty()).holds()).isFalse();
    }
    FeedTrial thin = search.thinned(found);
    assertThat(thin.holds()).isEqualTo(found.holds());
    assertThat(thin.count()).isEqualTo(found.count());
    assertThat(!found.holds() || thin.copper() <= found.copper()).isTrue();
  }

  /**
   * 5 V strip at 60/m, 50 mA: one end alone is too little for 5 m (common practice: both ends of
   * every 5 m, no source).
   */
  @Test
  void fiveVoltStripIsFedMoreThanOnce() {
    PixelType strip = type(5, 50, LoadKind.CONSTANT_CURRENT, 0.06);
    assertThat(search(strip, 300, 2).fewest(Optional.empty()).count()).isGreaterThan(1);
    assertThat(search(strip, 50, 2).fewest(Optional.empty()).posts).hasSize(1);
  }

  @Test
  void aPortThatMayCarryLittleGetsMoreFeedsOrNone() {
    PixelType strip = type(5, 50, LoadKind.CONSTANT_CURRENT, 0.06);
    FeedSearch search = search(strip, 100, 2);
    FeedTrial wide = search.fewest(Optional.of(new PortLimit(10, 10, false)));
    FeedTrial narrow = search.fewest(Optional.of(new PortLimit(0.8, 1, false)));
    assertThat(wide.holds()).isTrue();
    assertThat(wide.portAmps()).isLessThanOrEqualTo(10);
    assertThat(narrow.count()).isGreaterThan(wide.count());
    assertThat(!narrow.holds() || narrow.portAmps() <= 0.8).isTrue();
  }

  @Test
  void aSharedFuseWantsWireThatBearsTheHolder() {
    PixelType strip = type(12, 12, LoadKind.CONSTANT_CURRENT, 0.06);
    FeedSearch search = search(strip, 60, 2);
    FeedTrial thin = search.thinned(search.single(Optional.of(new PortLimit(4, 10, true))));
    assertThat(thin.holds()).isTrue();
    assertThat(thin.posts.getFirst().wire().fuseAmpsMax()).isGreaterThanOrEqualTo(10);
    FeedTrial own = search.thinned(search.single(Optional.of(new PortLimit(4, 10, false))));
    assertThat(own.posts.getFirst().wire().fuseAmpsMax()).isLessThan(10);
  }

  @Test
  void whatDoesNotHoldSaysByHowMuch() {
    PixelType strip = type(5, 50, LoadKind.CONSTANT_CURRENT, 0.06);
    FeedTrial far = search(strip, 40, 2000).single(Optional.empty());
    assertThat(far.holds()).isFalse();
    assertThat(far.shortfall())
        .hasValueSatisfying(
            s -> {
              assertThat(s.unit()).isEqualTo("V");
              assertThat(s.lacks()).contains("break down").endsWith("4.50 V is the least");
              assertThat(s.measured()).isZero();
              assertThat(s.allowed()).isEqualTo(4.5);
            });
  }
}
