package bunting.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.Reading;
import bunting.core.build.BuiltBox;
import bunting.core.build.Part;
import bunting.core.checks.Checks;
import bunting.core.checks.Severity;
import bunting.core.explain.BoxExplanations;
import bunting.core.show.Bank;
import bunting.core.show.Catalogue;
import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.Decisions;
import bunting.core.show.Pin;
import bunting.core.show.PlacedBoard;
import bunting.core.show.PlacedController;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.whatif.Loss;
import bunting.core.whatif.Outcome;
import bunting.core.whatif.WhatIf;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** A brain with several power boards, each of its own volts and supply. */
class BanksTest {
  private static final Bank LOW = new Bank(List.of(1, 2), List.of(5.0), 0);
  private static final Bank HIGH = new Bank(List.of(3, 4), List.of(24.0), 0);

  private static ControllerType brain(Bank... banks) {
    return new ControllerType(
            "brain",
            "a brain of two boards",
            4,
            800,
            16,
            List.of(5.0, 24.0),
            10,
            30,
            List.of(),
            10,
            60)
        .withBanks(List.of(banks));
  }

  private static Show show(ControllerType type, Run... runs) {
    Show bare = Show.of(List.of(runs));
    Catalogue c = bare.catalogue();
    return bare.withCatalogue(only(c, type))
        .withControllers(List.of(new Controller("C1", "brain", 0, 0)));
  }

  private static Catalogue only(Catalogue c, ControllerType type) {
    return new Catalogue(
        c.pixelTypes(),
        List.of(type),
        c.supplyTypes(),
        c.wires(),
        c.dimmerTypes(),
        c.leadHelpers(),
        c.blocks(),
        c.tails(),
        c.joints());
  }

  private static Run low(String name, int pixels) {
    return Run.of(name, "5v-strip-60", pixels);
  }

  private static Run high(String name, int pixels) {
    return Run.of(name, "24v-strip-60-rgbw", pixels);
  }

  private static Reading plan(Show show) {
    return Reading.of(show, Planner.propose(show));
  }

  private static Show mixed() {
    return show(brain(LOW, HIGH), low("Owl", 100), high("Weir", 120), low("Toad", 60));
  }

  @Test
  void twoVoltagesLieOnOneBrainEachOnItsBoard() {
    Reading reading = plan(mixed());
    assertThat(reading.decisions().unplaced()).isEmpty();
    assertThat(reading.totals().controllers()).isEqualTo(1);
    reading
        .segments()
        .forEach(
            s ->
                assertThat(s.type().volts() == 5 ? List.of(1, 2) : List.of(3, 4))
                    .contains(s.segment().port()));
    PlacedController box = reading.decisions().controllers().getFirst();
    assertThat(box.boards()).extracting(PlacedBoard::volts).containsExactly(5.0, 24.0);
    assertThat(box.supplies()).hasSize(2);
    assertThat(reading.decisions().inputs())
        .extracting(i -> i.board())
        .containsExactlyInAnyOrder("C1/1", "C1/2");
    assertThat(Checks.examine(reading)).noneMatch(f -> f.severity() == Severity.STOP);
  }

  /** Without boards of its own it is one bank of one voltage: one of the two finds no place. */
  @Test
  void withoutBanksItIsAsItWas() {
    Reading reading = plan(show(brain(), low("Owl", 100), high("Weir", 120)));
    assertThat(reading.decisions().unplaced()).hasSize(1);
    assertThat(reading.decisions().controllers().getFirst().boards()).isEmpty();
    assertThat(reading.decisions().boards()).hasSize(1);
  }

  @Test
  void oneSupplyServesBothBoardsOfOneVoltageAndNoBoardHasTwo() {
    Bank a = new Bank(List.of(1, 2), List.of(5.0), 0);
    Bank b = new Bank(List.of(3, 4), List.of(5.0), 0);
    Reading reading = plan(show(brain(a, b), low("Owl", 60), low("Toad", 60), low("Frog", 60)));
    Set<String> supplies =
        reading.feeds().stream().map(f -> f.feed().supply()).collect(Collectors.toSet());
    assertThat(supplies).hasSize(1);
    assertThat(reading.decisions().controllers().getFirst().supplies()).hasSize(1);
  }

  /** 100 pixels of 50 mA are 5 A: a bank of 3 A may not carry them through its ports. */
  @Test
  void aBankHasALimitOfItsOwn() {
    Bank weak = new Bank(List.of(1, 2), List.of(5.0), 3);
    Reading reading = plan(show(brain(weak, HIGH), low("Owl", 100), high("Weir", 60)));
    assertThat(reading.boardAmps(reading.worst()).getOrDefault("C1/1", 0.0)).isLessThanOrEqualTo(3);
    assertThat(reading.feeds().stream().filter(f -> f.feed().segment().startsWith("Owl")))
        .anyMatch(f -> !f.feed().viaPort());
    assertThat(Checks.examine(reading)).noneMatch(f -> f.code().equals("board-amps"));
    Decisions kept = plan(show(brain(LOW, HIGH), low("Owl", 100))).decisions();
    Reading over = Reading.of(show(brain(weak, HIGH), low("Owl", 100)), kept);
    assertThat(Checks.examine(over))
        .filteredOn(f -> f.code().equals("board-amps"))
        .singleElement()
        .satisfies(
            f -> {
              assertThat(f.subject().id()).isEqualTo("C1");
              assertThat(f.message()).startsWith("C1/1 carries");
            });
  }

  @Test
  void aPinToAPortOfAnotherVoltageIsToldAsSuch() {
    Run pinned = low("Owl", 60).withPin(Optional.of(new Pin("C1", OptionalInt.of(3))));
    assertThat(plan(show(brain(LOW, HIGH), pinned)).decisions().unplaced())
        .singleElement()
        .satisfies(u -> assertThat(u.lacks()).contains("C1").contains("does not run at 5 V"));
  }

  @Test
  void aLostSupplyTakesItsBoardAndWithTheFirstTheBrain() {
    Reading reading = plan(mixed());
    PlacedController box = reading.decisions().controllers().getFirst();
    WhatIf whatIf = new WhatIf(reading);
    boolean brain = reading.show().wiring().conductors().brainOnBank();
    Outcome low = whatIf.lose(new Loss(Loss.Kind.SUPPLY, box.boards().get(0).supply().get()));
    Outcome high = whatIf.lose(new Loss(Loss.Kind.SUPPLY, box.boards().get(1).supply().get()));
    assertThat(high.darkPixels()).isEqualTo(120);
    assertThat(high.noDataPixels()).isZero();
    assertThat(box.brain().id()).isEqualTo("C1/1");
    assertThat(low.darkPixels()).isEqualTo(160);
    assertThat(low.noDataPixels()).isEqualTo(brain ? 120 : 0);
    Outcome all = whatIf.lose(new Loss(Loss.Kind.CONTROLLER, "C1"));
    assertThat(all.darkPixels() + all.noDataPixels()).isEqualTo(280);
  }

  @Test
  void theSameComesOutTwice() {
    assertThat(Planner.propose(mixed())).isEqualTo(Planner.propose(mixed()));
  }

  @Test
  void itIsExplainedAndBuilt() {
    Reading reading = plan(mixed());
    assertThat(BoxExplanations.of(reading, "C1"))
        .extracting(l -> l.title())
        .contains("On board 1, 5 V", "On board 2, 24 V");
    assertThat(BuiltBox.of(reading).getFirst().plate().parts())
        .filteredOn(p -> p.part().kind() == Part.Kind.BOARD)
        .singleElement()
        .satisfies(
            p -> assertThat(p.part().says()).contains("from the top: C1/1 (5 V, 2 fuses), C1/2"));
  }

  @Test
  void thePlannerBuysOneBrainForBoth() {
    Show bare = Show.of(List.of(low("Owl", 100), high("Weir", 120)));
    Show show = bare.withCatalogue(only(bare.catalogue(), brain(LOW, HIGH)));
    Reading reading = plan(show);
    assertThat(reading.totals().controllers()).isEqualTo(1);
    assertThat(reading.totals().controllersLowerBound()).isEqualTo(1);
  }
}
