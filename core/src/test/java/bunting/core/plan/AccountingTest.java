package bunting.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bunting.core.checks.Severity;
import bunting.core.show.Decisions;
import bunting.core.show.Held;
import bunting.core.show.Pin;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import bunting.core.show.Unplaced;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

/** What a plan lost is thrown in tests, and a stop finding in use. */
class AccountingTest {
  private final Show show =
      Show.of(
          List.of(
              Run.of("Owl", "5v-strip-60", 40),
              Run.of("Weir", "5v-strip-60", 40),
              Run.of("Boats", "5v-strip-60", 40)));
  private final Decisions sound = Planner.sketch(show);

  private Decisions with(List<Segment> segments) {
    List<String> ids = segments.stream().map(Segment::id).toList();
    return sound.with(
        segments,
        sound.feeds().stream().filter(f -> ids.contains(f.segment())).toList(),
        sound.breaks());
  }

  @Test
  void aSoundPlanIsTakenAsItIs() {
    assertThat(Accounting.lost(show, sound)).isEmpty();
    assertThat(Accounting.settled(show, sound)).isSameAs(sound);
  }

  @Test
  void aMissingSegmentIsLost() {
    List<Segment> fewer = new ArrayList<>(sound.segments());
    Segment gone = fewer.removeFirst();
    Decisions broken = with(fewer);
    assertThat(Accounting.lost(show, broken)).extracting(Unplaced::run).containsExactly(gone.run());
    assertThatThrownBy(() -> Accounting.settled(show, broken))
        .isInstanceOf(AssertionError.class)
        .hasMessageContaining(gone.run());
  }

  @Test
  void aSegmentInThePlanTwiceIsLostToo() {
    List<Segment> more = new ArrayList<>(sound.segments());
    more.add(more.getFirst());
    assertThat(Accounting.lost(show, with(more))).hasSize(1);
  }

  @Test
  void aRunElsewhereThanPinnedOrPutByHandIsLost() {
    Segment owl =
        sound.segments().stream().filter(s -> s.run().equals("Owl")).findFirst().orElseThrow();
    int other = owl.port() + 1;
    Show pinned =
        show.withRun(
            show.runs()
                .getFirst()
                .withPin(Optional.of(new Pin(owl.controller(), OptionalInt.of(other)))));
    assertThat(Accounting.lost(pinned, sound)).extracting(Unplaced::run).containsExactly("Owl");
    Held hand = new Held("Owl", 1, 40, owl.controller(), other, 1);
    Show put = show.withAllotting(show.allotting().withByHand(List.of(hand)));
    assertThat(Accounting.lost(put, sound)).extracting(Unplaced::run).containsExactly("Owl");
  }

  @Test
  void whatIsListedAsUnplacedIsAccountedFor() {
    List<Segment> fewer = new ArrayList<>(sound.segments());
    fewer.removeFirst();
    Decisions broken = with(fewer);
    Decisions listed = broken.withUnplaced(Accounting.lost(show, broken));
    assertThat(Accounting.lost(show, listed)).isEmpty();
    assertThat(Assessor.assess(show, listed).findings())
        .filteredOn(f -> f.severity() == Severity.STOP)
        .anySatisfy(f -> assertThat(f.message()).contains("0 of its 40 pixels are in this plan"));
  }
}
