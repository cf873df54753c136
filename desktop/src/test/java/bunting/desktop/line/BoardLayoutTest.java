package bunting.desktop.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.assess.Reading;
import bunting.core.plan.Planner;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("slow")
class BoardLayoutTest {
  private static BoardLayout layout(int runs) {
    List<Run> list =
        IntStream.range(0, runs)
            .mapToObj(
                i ->
                    Run.of("r" + i, i % 2 == 0 ? "5v-strip-60" : "12v-strip-60", 200 + i)
                        .withLead(OptionalDouble.of(2)))
            .toList();
    Show show = Show.of(list);
    return new BoardLayout(Reading.of(show, Planner.propose(show)), 840);
  }

  @Test
  void cardsAndRowsFollowEachOtherWithoutOverlap() {
    BoardLayout layout = layout(30);
    double y = 0;
    for (BoardLayout.Card card : layout.cards()) {
      assertThat(card.y()).isGreaterThanOrEqualTo(y);
      double inside = card.y();
      for (BoardLayout.Row row : card.rows()) {
        assertThat(row.y()).isGreaterThanOrEqualTo(inside);
        inside = row.y() + row.height();
      }
      assertThat(inside).isLessThanOrEqualTo(card.y() + card.height());
      y = card.y() + card.height();
    }
    assertThat(layout.height()).isGreaterThanOrEqualTo(y);
  }

  @Test
  void aRowIsAsHighAsItsShape() {
    for (BoardLayout.Row row : layout(12).lines()) {
      assertThat(row.shape().orElseThrow().height()).isCloseTo(row.height(), within(1e-9));
    }
  }

  @Test
  void whatStandsAtAHeightIsFoundAgain() {
    BoardLayout layout = layout(12);
    for (BoardLayout.Row row : layout.lines()) {
      assertThat(layout.rowAt(row.y() + 1)).containsSame(row);
      assertThat(layout.rowOf(row.port().controller(), row.port().port())).containsSame(row);
      assertThat(layout.rowOfRun(row.port().segments().getFirst().run().name())).containsSame(row);
      assertThat(layout.card(row.port().controller()).orElseThrow().rows()).contains(row);
    }
    assertThat(layout.rowAt(-5)).isEmpty();
    assertThat(layout.cardAt(layout.height() + 10)).isEmpty();
  }

  @Test
  void sparePortsStandTogetherInOneRow() {
    BoardLayout layout = layout(1);
    List<BoardLayout.Row> rows = layout.cards().getFirst().rows();
    assertThat(rows).hasSize(2);
    assertThat(rows.getLast().carriesRuns()).isFalse();
    assertThat(rows.getLast().shape()).isEmpty();
  }
}
