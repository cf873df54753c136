package bunting.core.assess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.checks.Checks;
import bunting.core.plan.Planner;
import bunting.core.show.DistributionBlock;
import bunting.core.show.HeldPost;
import bunting.core.show.InjectionSchool;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Tail;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Blocks of fused ways, and tails on pads. */
class DistributionTest {
  private static Reading fed(String wire, int pixels, int... at) {
    List<HeldPost> posts = new ArrayList<>();
    for (int pixel : at) {
      posts.add(new HeldPost("Weir", pixel, false, Optional.of(wire), OptionalDouble.of(1)));
    }
    Show show = Show.of(List.of(Run.of("Weir", "5v-strip-60", pixels)));
    Show held = show.withWiring(show.wiring().withPosts("Weir", posts));
    return Reading.of(held, Planner.sketch(held));
  }

  /** Each feed has one way, no block more ways, amps or copper than it bears (the limits alone). */
  @Test
  void everyFeedHasAWayAndNoBlockIsOverfull() {
    for (int feeds = 1; feeds <= 14; feeds++) {
      int[] at = new int[feeds];
      for (int f = 0; f < feeds; f++) {
        at[f] = 1 + 20 * f;
      }
      Reading reading = fed("14AWG", 20 * feeds + 10, at);
      Distribution d = Distribution.of(reading);
      assertThat(Distribution.without(reading)).isEmpty();
      Set<String> seen = new HashSet<>();
      for (Distribution.Block b : d.blocks()) {
        assertThat(b.feeds()).hasSizeLessThanOrEqualTo(b.type().ways());
        double amps = b.feeds().stream().mapToDouble(f -> reading.worst().feedAmps(f)).sum();
        assertThat(amps).isLessThanOrEqualTo(b.type().ampsMax());
        b.feeds().forEach(f -> assertThat(seen.add(f)).isTrue());
      }
      assertThat(seen).hasSize(feeds);
      // By ways alone: 4 for 14, 8 for 26, 12 for 44, so 5 to 8 want the second kind.
      double cost = d.blocks().stream().mapToDouble(b -> b.type().cost()).sum();
      double[] least = {0, 14, 14, 14, 14, 26, 26, 26, 26, 40, 40, 40, 40, 52, 52};
      assertThat(cost).isEqualTo(least[feeds]);
    }
  }

  /**
   * Of many kinds, which had been tried in every order: the least that coins of so many ways cost
   * which reach the number of feeds (the coin problem, by dynamic programming).
   */
  @Test
  void theCheapestOfManyKindsIsFoundForManyFeeds() {
    List<DistributionBlock> kinds = new ArrayList<>();
    for (int ways = 1; ways <= 12; ways++) {
      double cost = 3 + 2.5 * ways - (ways % 5 == 0 ? 4 : 0);
      kinds.add(new DistributionBlock("k" + ways, "k", ways, 30, 1000, 10, cost));
    }
    for (int feeds : new int[] {7, 23, 36}) {
      int[] at = IntStream.range(0, feeds).map(f -> 1 + 20 * f).toArray();
      Reading plain = fed("14AWG", 20 * feeds, at);
      Show show = plain.show().withCatalogue(plain.show().catalogue().withBlocks(kinds));
      double cost =
          Distribution.of(Reading.of(show, Planner.sketch(show))).blocks().stream()
              .mapToDouble(b -> b.type().cost())
              .sum();
      double[] least = new double[feeds + 1];
      for (int n = 1; n <= feeds; n++) {
        least[n] = Double.MAX_VALUE;
        for (DistributionBlock k : kinds) {
          least[n] = Math.min(least[n], k.cost() + least[Math.max(0, n - k.ways())]);
        }
      }
      assertThat(cost).isCloseTo(least[feeds], within(1e-9));
    }
  }

  /** A trunk is one way; where no block takes it, the finding names a feed that is there. */
  @Test
  void aTrunkHasOneWay() {
    Show show = Show.of(List.of(Run.of("Weir", "5v-strip-60", 200)));
    Show asked =
        show.withWiring(show.wiring().with(show.wiring().ways().with(InjectionSchool.TRUNK, 50)));
    Reading reading = Reading.of(asked, Planner.sketch(asked));
    assertThat(Distribution.of(reading).blocks()).hasSize(1);
    assertThat(Distribution.of(reading).blocks().getFirst().feeds()).containsExactly("T1");
    var one = new DistributionBlock("small", "small", 2, 1, 2, 0.5, 1);
    Show less = asked.withCatalogue(asked.catalogue().withBlocks(List.of(one)));
    Reading told = Reading.of(less, Planner.sketch(less));
    assertThat(Checks.examine(told))
        .filteredOn(f -> f.code().equals("no-way"))
        .singleElement()
        .satisfies(f -> assertThat(f.subject().id()).isEqualTo("F1"))
        .satisfies(f -> assertThat(f.message()).startsWith("Trunk T1"));
  }

  @Test
  void aFeedThatNoWayTakesIsTold() {
    Reading reading = fed("10AWG", 30, 1);
    Show show = reading.show();
    var small = show.catalogue().blocks().subList(0, 1);
    Show less = show.withCatalogue(show.catalogue().withBlocks(small));
    Reading told = Reading.of(less, Planner.sketch(less));
    assertThat(Distribution.without(told)).hasSize(1);
    assertThat(Distribution.of(told).blocks()).isEmpty();
    assertThat(Checks.examine(told))
        .anyMatch(f -> f.code().equals("no-way") && f.message().contains("10AWG"));
  }

  /** Packs of this strip are 5 m, 300 px: pixel 301 is a joint. Its feed brings 50 mA a pixel. */
  @Test
  void aFeedBetweenPacksHasAJointThatBearsIt() {
    Reading few = fed("12AWG", 340, 301);
    assertThat(few.feeds().getFirst().amps()).isCloseTo(17, within(1e-6));
    assertThat(Joints.all(few)).isEmpty();
    assertThat(Checks.examine(few)).anyMatch(f -> f.code().equals("no-joint"));
    Reading many = fed("12AWG", 340, 1, 150, 301);
    FeedReading joint =
        many.feeds().stream().filter(f -> f.feed().atPixel() == 301).findFirst().orElseThrow();
    assertThat(many.worst().feedAmps(joint.feed().id())).isBetween(4.0, 10.0);
    assertThat(Joints.of(many, joint).map(j -> j.id())).hasValue("tee-10");
    assertThat(Joints.all(many).values()).containsExactly(1);
    assertThat(Checks.examine(many)).noneMatch(f -> f.code().equals("no-joint"));
  }

  /** 30 px of 50 mA are 1.5 A: a 20 AWG tail; 120 px 6 A: 18 AWG; 180 px 9 A: two of those. */
  @Test
  void thickCableEndsInTailsThatBearItsAmps() {
    assertThat(Tails.all(fed("12AWG", 30, 1))).isEqualTo(Map.of(tail("tail-20"), 1));
    assertThat(Tails.all(fed("12AWG", 120, 1))).isEqualTo(Map.of(tail("tail-18"), 1));
    assertThat(Tails.all(fed("12AWG", 180, 1))).isEqualTo(Map.of(tail("tail-18"), 2));
    assertThat(Tails.all(fed("18AWG", 30, 1))).isEmpty();
  }

  private static Tail tail(String id) {
    return Show.of(List.of()).catalogue().tails().stream()
        .filter(t -> t.id().equals(id))
        .findFirst()
        .orElseThrow();
  }
}
