package bunting.core.hookup;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.Reading;
import bunting.core.plan.Planner;
import bunting.core.show.BulbString;
import bunting.core.show.Circuit;
import bunting.core.show.OtherLoads;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class SingleLineTest {
  private static Reading plan() {
    OtherLoads bulbs =
        new OtherLoads(List.of(), List.of(new BulbString("Path", 40, 5, 7, 20, new Point(9, 0))));
    Show show =
        Show.of(List.of(Run.of("Weir", "5v-strip-60", 900), Run.of("Owl", "12v-strip-60", 300)))
            .withOthers(bulbs)
            .withCircuits(
                Optional.of(List.of(new Circuit("A", 230, 16, 1), new Circuit("B", 230, 16, 0))));
    return Reading.of(show, Planner.sketch(show));
  }

  @Test
  void allThatHangsOnTheMainsIsOnItOnce() {
    Reading reading = plan();
    SingleLine line = SingleLine.of(reading);
    List<String> loads =
        line.nodes().stream()
            .filter(n -> n.column() == SingleLine.Column.LOAD)
            .map(SingleLine.Node::id)
            .toList();
    Set<String> expected =
        reading.supplies().stream().map(s -> s.supply().id()).collect(Collectors.toSet());
    expected.add("B1");
    assertThat(loads).containsExactlyInAnyOrderElementsOf(expected);
    Set<String> boxes =
        line.nodes().stream()
            .filter(n -> n.column() == SingleLine.Column.BOX)
            .map(SingleLine.Node::id)
            .collect(Collectors.toSet());
    assertThat(boxes)
        .isEqualTo(
            reading.decisions().controllers().stream()
                .map(c -> c.controller().id())
                .collect(Collectors.toSet()));
  }

  /** A tree: each thing but the panel has one line into it, from the left and not from below. */
  @Test
  void linesGoRightAndDownAndNothingLiesOnAnother() {
    SingleLine line = SingleLine.of(plan());
    Map<Integer, Integer> into = new HashMap<>();
    for (SingleLine.Link l : line.links()) {
      SingleLine.Node from = line.nodes().get(l.from());
      SingleLine.Node to = line.nodes().get(l.to());
      assertThat(to.column().at()).isGreaterThan(from.column().at());
      assertThat(to.row()).isGreaterThanOrEqualTo(from.row());
      into.merge(l.to(), 1, Integer::sum);
    }
    assertThat(into.values()).allMatch(n -> n == 1);
    assertThat(into).hasSize(line.nodes().size() - 1);
    Set<String> cells = new HashSet<>();
    for (SingleLine.Node n : line.nodes()) {
      assertThat(cells.add(n.column() + " " + n.row())).as(n.toString()).isTrue();
      assertThat(n.lines()).hasSizeBetween(1, 3);
      assertThat(n.row()).isLessThan(line.rows());
    }
  }

  @Test
  void withoutCircuitsSuppliesStillHangSomewhere() {
    Show show = Show.of(List.of(Run.of("Weir", "5v-strip-60", 300)));
    SingleLine line = SingleLine.of(Reading.of(show, Planner.sketch(show)));
    assertThat(line.nodes()).anyMatch(n -> n.lines().getFirst().equals("no circuit"));
    assertThat(line.nodes()).anyMatch(n -> n.column() == SingleLine.Column.BOX);
  }
}
