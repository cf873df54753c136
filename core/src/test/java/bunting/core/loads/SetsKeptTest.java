package bunting.core.loads;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.Reading;
import bunting.core.kit.Cables;
import bunting.core.kit.Need;
import bunting.core.kit.ShoppingList;
import bunting.core.plan.Assessor;
import bunting.core.plan.Keeping;
import bunting.core.show.BulbString;
import bunting.core.show.OtherDecisions;
import bunting.core.show.OtherLoads;
import bunting.core.show.PlainSet;
import bunting.core.show.Planning;
import bunting.core.show.Point;
import bunting.core.show.Show;
import bunting.core.stock.CutList;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** PWM light sets of a show that has a plan, and boards that the builder owns. */
class SetsKeptTest {
  private static PlainSet set(String name, int channels, double watts) {
    return new PlainSet(
        name, 12, channels, watts, new Point(0, 0), OptionalDouble.empty(), Optional.empty());
  }

  private static Show show(PlainSet... sets) {
    return Show.of(List.of()).withOthers(new OtherLoads(List.of(sets), List.of()));
  }

  private static Show accepted(Show show) {
    return Keeping.accept(Assessor.sketch(show).reading());
  }

  private static List<OtherDecisions.Output> outputs(Show accepted) {
    return accepted.accepted().orElseThrow().decisions().others().outputs();
  }

  private static Show with(Show show, List<PlainSet> sets) {
    return show.withOthers(new OtherLoads(sets, List.of()));
  }

  @Test
  void aSetThatGoesMovesNoOtherAndANewOneTakesItsOutputs() {
    Show before = accepted(show(set("a", 3, 24), set("b", 3, 24), set("c", 3, 24)));
    List<PlainSet> sets = new ArrayList<>(before.others().plainSets());
    sets.remove(1);
    Show shorter = accepted(with(before, sets));
    assertThat(outputs(shorter)).containsExactly(outputs(before).get(0), outputs(before).get(2));
    sets.addFirst(set("new", 3, 24));
    Show longer = accepted(with(shorter, sets));
    assertThat(outputs(longer)).containsAll(outputs(shorter));
    assertThat(outputs(longer))
        .filteredOn(o -> o.set().equals("new"))
        .extracting(OtherDecisions.Output::firstOutput)
        .containsExactly(4);
    assertThat(longer.accepted().orElseThrow().decisions().others().dimmers())
        .isEqualTo(before.accepted().orElseThrow().decisions().others().dimmers());
  }

  @Test
  void aSetThatNoLongerFitsItsOutputsIsTheOnlyOneThatMoves() {
    Show before = accepted(show(set("a", 2, 24), set("b", 2, 24), set("c", 2, 24)));
    List<PlainSet> sets = new ArrayList<>(before.others().plainSets());
    sets.set(1, set("b", 3, 24));
    Show after = accepted(with(before, sets));
    assertThat(outputs(after))
        .contains(outputs(before).get(0), outputs(before).get(2))
        .filteredOn(o -> o.set().equals("b"))
        .extracting(OtherDecisions.Output::firstOutput)
        .containsExactly(7);
  }

  @Test
  void aBrighterSetGetsAnotherFuseAndADimmerOneKeepsIts() {
    Show before = accepted(show(set("a", 3, 24), set("b", 3, 24)));
    Show brighter = accepted(with(before, List.of(set("a", 3, 60), set("b", 3, 24))));
    assertThat(outputs(brighter).get(0).fuseAmps())
        .isGreaterThan(outputs(before).get(0).fuseAmps());
    assertThat(outputs(brighter).get(1)).isEqualTo(outputs(before).get(1));
    Show dimmer = accepted(with(brighter, List.of(set("a", 3, 24), set("b", 3, 24))));
    assertThat(outputs(dimmer)).isEqualTo(outputs(brighter));
  }

  /** A board of the builder's is used first, also where another is cheaper, and is not bought. */
  @Test
  void anOwnedBoardAndAnOwnedSupplyAreUsedFirst() {
    Show bare = show(set("a", 3, 24));
    Reading bought = Assessor.sketch(bare).reading();
    String cheap = bought.others().boards().getFirst().type().id();
    String dear =
        bare.catalogue().dimmerTypes().stream()
            .map(t -> t.id())
            .filter(id -> !id.equals(cheap))
            .findFirst()
            .orElseThrow();
    assertThat(toBuy(bought)).containsEntry("PWM board", 1.0).containsEntry("supply", 1.0);
    Planning own =
        bare.allotting()
            .planning()
            .owning(Planning.Shelf.PWM_BOARDS, dear, 1)
            .owning(Planning.Shelf.SUPPLIES, "12v-350", 1);
    Reading owned = Assessor.sketch(bare.withAllotting(bare.allotting().with(own))).reading();
    assertThat(owned.others().boards()).extracting(b -> b.type().id()).containsExactly(dear);
    assertThat(owned.supplies()).extracting(s -> s.type().id()).containsExactly("12v-350");
    assertThat(toBuy(owned)).containsEntry("PWM board", 0.0).containsEntry("supply", 0.0);
    // In a show that has a plan, a board on the shelf moves nothing.
    Show kept = accepted(bare);
    Show more = accepted(kept.withAllotting(kept.allotting().with(own)));
    assertThat(more.accepted()).isEqualTo(kept.accepted());
  }

  /** 100 bulbs of 5 W are 2.4 A on mains that sag from 230 V: three of them on a cord for 7.5 A. */
  @Test
  void aLightStringThatGoesMovesNoOther() {
    Show before = accepted(strings("a", "b", "c", "d", "e"));
    assertThat(chains(before)).containsEntry("B1", List.of("a", "b", "c"));
    Show shorter = accepted(before.withOthers(strings("b", "c", "d", "e").others()));
    assertThat(chains(shorter)).isEqualTo(Map.of("B1", List.of("b", "c"), "B2", List.of("d", "e")));
    Show longer = accepted(shorter.withOthers(strings("x", "b", "c", "d", "e").others()));
    assertThat(chains(longer))
        .isEqualTo(Map.of("B1", List.of("b", "c", "x"), "B2", List.of("d", "e")));
    Show gone = accepted(longer.withOthers(strings("new", "d", "e").others()));
    assertThat(chains(gone)).isEqualTo(Map.of("B2", List.of("d", "e", "new")));
  }

  private static Show strings(String... names) {
    List<BulbString> all =
        Stream.of(names).map(n -> new BulbString(n, 100, 5, 7.5, 30, new Point(0, 0))).toList();
    return Show.of(List.of()).withOthers(new OtherLoads(List.of(), all));
  }

  private static Map<String, List<String>> chains(Show accepted) {
    return accepted.accepted().orElseThrow().decisions().others().chains().stream()
        .collect(Collectors.toMap(OtherDecisions.Chain::id, OtherDecisions.Chain::strings));
  }

  private static Map<String, Double> toBuy(Reading plan) {
    Map<String, Double> missing = new TreeMap<>();
    for (Need n : ShoppingList.of(plan, CutList.of(plan.show()), Cables.of(plan), Map.of())) {
      missing.merge(n.kind(), n.missing(), Double::sum);
    }
    return missing;
  }
}
