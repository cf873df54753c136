package bunting.core.checks;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.Reading;
import bunting.core.plan.Planner;
import bunting.core.show.Addressing;
import bunting.core.show.PortStart;
import bunting.core.show.Protocol;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.SlotSplit;
import bunting.core.show.UniverseRange;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** Ranges that several people claim, beside every pair of them. */
class ForeignOverlapTest {
  private static List<Finding> found(List<UniverseRange> ranges) {
    Show show = Show.of(List.of(Run.of("Owl", "5v-strip-60", 40)));
    Show claimed =
        show.withAddressing(
            new Addressing(Protocol.SACN, 1, SlotSplit.WHOLE_PIXELS, PortStart.CONTINUOUS, ranges));
    Reading reading = Reading.of(claimed, Planner.sketch(claimed));
    return Checks.examine(reading).stream()
        .filter(f -> f.code().equals("foreign-overlap"))
        .toList();
  }

  @Test
  void eachRangeIsNamedWithTheOneThatReachesFurthestIntoIt() {
    List<Finding> found =
        found(
            List.of(
                new UniverseRange(50, 60, "the pub"),
                new UniverseRange(7, 8, "the desk"),
                new UniverseRange(1, 100, "the desk"),
                new UniverseRange(5, 6, "the mill")));
    assertThat(found).extracting(Finding::measured).containsExactlyInAnyOrder(2.0, 11.0);
    assertThat(found)
        .anyMatch(f -> f.message().contains("the desk (1-100) and the pub (50-60) both claim 11"));
  }

  @Property(tries = 60, seed = "16")
  void isFoundJustWhereAnyPairOverlaps(@ForAll long seed) {
    Random random = new Random(seed);
    List<UniverseRange> ranges = new ArrayList<>();
    for (int i = random.nextInt(8); i > 0; i--) {
      int first = 1 + random.nextInt(60);
      String owner = List.of("", "the desk", "the pub").get(random.nextInt(3));
      ranges.add(new UniverseRange(first, first + random.nextInt(12), owner));
    }
    long later =
        ranges.stream()
            .filter(
                b ->
                    ranges.stream()
                        .anyMatch(
                            a ->
                                a.first() < b.first()
                                    && a.last() >= b.first()
                                    && !a.owner().equals(b.owner())))
            .count();
    boolean pair =
        ranges.stream()
            .anyMatch(
                a ->
                    ranges.stream()
                        .anyMatch(
                            b ->
                                a.first() <= b.first()
                                    && a.last() >= b.first()
                                    && !a.owner().equals(b.owner())));
    List<Finding> found = found(ranges);
    assertThat(found.isEmpty()).isEqualTo(!pair);
    assertThat(found.size()).isBetween((int) later, ranges.size());
  }
}
