package bunting.core.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.log.LogEntry;
import bunting.core.log.LogKind;
import bunting.core.log.ShowLog;
import bunting.core.plan.Assessor;
import bunting.core.show.Hanging;
import bunting.core.show.Point;
import bunting.core.show.Preparation;
import bunting.core.show.Preparation.Done;
import bunting.core.show.Preparation.Offer;
import bunting.core.show.Preparation.Work;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.edit.References;
import bunting.core.show.edit.RunEdits;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What is bought by when, what is done, what was learnt, and what goes into which tote. */
class PreparationTest {
  private static final LocalDate OPENING = LocalDate.of(2026, 12, 1);
  private static final LocalDate EARLY = LocalDate.of(2026, 6, 1);

  private static Show show() {
    List<Run> runs = new ArrayList<>();
    for (int i = 0; i < 5; i++) {
      runs.add(
          Run.of("run " + i, i % 2 == 0 ? "12v-strip-60" : "5v-strip-60", 150)
              .withHanging(Hanging.straight(new Point(3 * i, i % 3), Optional.empty())));
    }
    return Show.of(runs);
  }

  private static Reading reading() {
    return Assessor.sketch(show()).reading();
  }

  private static LogEntry built(String run, double minutes) {
    return new LogEntry(
        LogKind.BUILT,
        EARLY,
        Optional.of(run),
        OptionalInt.empty(),
        Optional.empty(),
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        OptionalInt.empty(),
        OptionalDouble.of(minutes),
        Optional.empty(),
        Optional.empty());
  }

  private static ShowLog log(LogEntry... entries) {
    List<ShowLog.Line> lines = new ArrayList<>();
    for (LogEntry e : entries) {
      lines.add(new ShowLog.Line(lines.size() + 1, e));
    }
    return new ShowLog(lines, List.of());
  }

  private static double minutesOf(WorkList list, String of) {
    return list.steps().stream()
        .filter(s -> s.key().of().equals(of))
        .mapToDouble(WorkList.Step::minutes)
        .sum();
  }

  @Test
  void eachBoxIsLitOnceAllOfItIsJoined() {
    Reading reading = reading();
    WorkList list = WorkList.of(reading);
    Set<String> boxes = new HashSet<>();
    reading.segments().forEach(s -> boxes.add(s.segment().controller()));
    List<WorkList.Step> tests =
        list.steps().stream().filter(s -> s.key().work() == Work.TEST).toList();
    assertThat(tests).extracting(s -> s.key().of()).containsExactlyInAnyOrderElementsOf(boxes);
    for (WorkList.Step test : tests) {
      List<Integer> joins =
          list.steps().stream()
              .filter(s -> s.key().work() == Work.JOIN)
              .filter(s -> boxOf(reading, s.key()).equals(test.key().of()))
              .map(WorkList.Step::number)
              .toList();
      assertThat(test.after()).isEqualTo(joins);
    }
  }

  private static String boxOf(Reading reading, Done key) {
    return reading.segments().stream()
        .filter(s -> s.run().name().equals(key.of()))
        .filter(s -> s.segment().firstPixel() == key.firstPixel())
        .map(s -> s.segment().controller())
        .findFirst()
        .orElseThrow();
  }

  /** A lead needs its box, its piece and, from the run before, that one too. */
  @Test
  void aLeadIsJoinedWhenBothItsEndsAreThere() {
    Reading reading = reading();
    WorkList list = WorkList.of(reading);
    SegmentReading before = null;
    for (SegmentReading s : reading.segments()) {
      WorkList.Step join = step(list, Work.JOIN, s);
      assertThat(join.after()).contains(step(list, Work.HANG, s).number());
      if (s.segment().position() > 1) {
        assertThat(join.after()).contains(step(list, Work.HANG, before).number());
      }
      before = s;
    }
  }

  private static WorkList.Step step(WorkList list, Work work, SegmentReading s) {
    Done key = new Done(work, s.run().name(), s.segment().firstPixel());
    return list.steps().stream().filter(x -> x.key().equals(key)).findFirst().orElseThrow();
  }

  @Test
  void minutesAreLearntFromTheLog() {
    WorkList ours = WorkList.of(reading());
    double a = minutesOf(ours, "run 0");
    double b = minutesOf(ours, "run 1");
    WorkList learnt = ours.learning(log(built("run 0", 5 * a), built("run 0", 2 * a)));
    assertThat(minutesOf(learnt, "run 0")).as("the newest holds").isCloseTo(2 * a, within(1e-9));
    assertThat(minutesOf(learnt, "run 1"))
        .as("others by the median")
        .isCloseTo(2 * b, within(1e-9));
    assertThat(learnt.steps()).allMatch(WorkList.Step::learned);
    assertThat(ours.learning(ShowLog.empty())).isEqualTo(ours);
    assertThat(ours.learning(log(built("nobody", 7)))).isEqualTo(ours);
  }

  @Test
  void whatIsDoneIsNotAwaited() {
    WorkList list = WorkList.of(reading());
    WorkList.Step last = list.steps().getLast();
    Preparation some = Preparation.NONE;
    assertThat(list.awaits(last, some)).isEqualTo(last.after());
    for (int n : last.after()) {
      some = some.with(list.steps().get(n - 1).key(), true);
    }
    assertThat(list.awaits(last, some)).isEmpty();
    assertThat(list.open(some)).hasSize(list.steps().size() - last.after().size());
    assertThat(some.with(list.steps().get(last.after().getFirst() - 1).key(), false).done())
        .hasSize(last.after().size() - 1);
  }

  @Test
  void whatIsDoneGoesWithARenamedRunAndWithOneThatIsGone() {
    Done hung = new Done(Work.HANG, "run 1", 1);
    Done box = new Done(Work.BOX, "run 1", 0);
    Show show =
        show()
            .withPreparation(
                new Preparation(
                    Optional.empty(), 21, List.of(), List.of(), List.of(hung, box), false));
    Show renamed = RunEdits.renamed(show, "run 1", "weir");
    assertThat(renamed.preparation().done())
        .containsExactlyInAnyOrder(new Done(Work.HANG, "weir", 1), box);
    Show gone = show.withRuns(show.runs().subList(0, 1));
    assertThat(References.keep(gone).show().preparation().done()).containsExactly(box);
  }

  private static Need need(double missing, double packs, double price) {
    return new Need(
        Need.Group.FUSES, "blade fuse", "5 A", missing, missing, 0, "pieces", packs, price);
  }

  private static Purchase bought(Need need, LocalDate today, Offer... offers) {
    Show show =
        show()
            .withPreparation(
                Preparation.NONE
                    .withOpening(Optional.of(OPENING))
                    .withReadyDays(30)
                    .withOffers(need.part(), List.of(offers)));
    return Purchase.of(List.of(need), show, today).getFirst();
  }

  @Test
  void theCheaperOfTwoOffersIsTakenWhileItComesInTime() {
    Offer slow = new Offer("blade fuse 5 A", "by ship", 2, 10, 60);
    Offer quick = new Offer("blade fuse 5 A", "in the village", 3, 5, 2);
    Purchase early = bought(need(12, 1, 0), EARLY, slow, quick);
    assertThat(early.taken().from()).isEqualTo("by ship");
    assertThat(early.taken().buy()).isEqualTo(2);
    assertThat(early.taken().cost()).isEqualTo(4);
    // 1 December less 30 days less 60 days, counted in a calendar by hand.
    assertThat(early.taken().orderBy()).contains(LocalDate.of(2026, 9, 2));
    assertThat(early.quotes().get(1).cost()).isEqualTo(9);
    Purchase onTheDay = bought(need(12, 1, 0), LocalDate.of(2026, 9, 2), slow, quick);
    assertThat(onTheDay.taken().from()).isEqualTo("by ship");
    Purchase late = bought(need(12, 1, 0), LocalDate.of(2026, 9, 3), slow, quick);
    assertThat(late.taken().from()).isEqualTo("in the village");
    assertThat(late.quotes().getFirst().late()).isTrue();
    Purchase tooLate = bought(need(12, 1, 0), OPENING, slow, quick);
    assertThat(tooLate.taken().from()).as("the quickest").isEqualTo("in the village");
    assertThat(tooLate.taken().late()).isTrue();
  }

  @Test
  void withoutAnOfferTheListsOwnPriceStands() {
    Purchase own = bought(need(12, 5, 1.5), EARLY);
    assertThat(own.compared()).isFalse();
    assertThat(own.taken().cost()).isEqualTo(4.5);
    assertThat(own.taken().orderBy()).contains(LocalDate.of(2026, 11, 1));
    Purchase nothing = bought(need(0, 5, 1.5), OPENING);
    assertThat(nothing.taken().orderBy()).as("nothing is bought").isEmpty();
    assertThat(nothing.taken().late()).isFalse();
  }

  @Test
  void everyCableAndPieceGoesIntoATote() {
    Reading reading = reading();
    List<Cables.Cable> cables = Cables.of(reading);
    StrikeList list = StrikeList.of(reading, cables);
    long inside = cables.stream().filter(c -> c.kind() == Cables.Kind.INPUT).count();
    assertThat(list.items())
        .hasSize(
            reading.segments().size()
                + (int) (cables.size() - inside)
                + reading.decisions().controllers().size());
    for (Map.Entry<Integer, List<StrikeList.Item>> tote : list.byTote().entrySet()) {
      assertThat(tote.getValue())
          .extracting(StrikeList.Item::box)
          .as("one box")
          .containsOnly(tote.getValue().getFirst().box());
      double litres = tote.getValue().stream().mapToDouble(StrikeList.Item::litres).sum();
      assertThat(tote.getValue().size() == 1 || litres <= 60 + 1e-6).isTrue();
    }
    assertThat(list.byTote().keySet()).first().isEqualTo(1);
    assertThat(list.byTote()).hasSize(list.totes());
    for (SegmentReading s : reading.segments()) {
      assertThat(list.items()).anyMatch(i -> i.label().startsWith(s.run().name()));
    }
  }
}
