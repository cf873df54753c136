package bunting.desktop.bench;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.pattern.Scope;
import bunting.core.plan.Assessor;
import bunting.core.show.Controller;
import bunting.core.show.Held;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What is selected decides whom a pattern is for. */
class AtHandTest {
  private static final String STRIP = "5v-strip-60";
  private static final Rig RIG = rig();

  /** Weir on port 1, Owl and Hub on port 2. */
  private static Rig rig() {
    Show bare =
        Show.of(
            List.of(Run.of("Weir", STRIP, 60), Run.of("Owl", STRIP, 30), Run.of("Hub", STRIP, 50)));
    Show show =
        bare.withControllers(List.of(new Controller("C1", "box-2", 0, 0)))
            .withAllotting(
                bare.allotting()
                    .withByHand(
                        List.of(
                            new Held("Weir", 1, 60, "C1", 1, 1),
                            new Held("Owl", 1, 30, "C1", 2, 1),
                            new Held("Hub", 1, 50, "C1", 2, 2))));
    return new Rig(Assessor.sketch(show).reading());
  }

  private final Session session = new Session();
  private final AtHand hand = new AtHand(session, () -> Optional.of(RIG));

  private void selected(Selection what) {
    session.selection().set(what);
  }

  @Test
  void withNothingSelectedTheFirstLineIsAtHand() {
    selected(new Selection.Nothing());
    assertThat(hand.run()).contains("Weir");
    assertThat(hand.scope(AtHand.Reach.PORT)).isEqualTo(Scope.ofPort("C1", 1));
    assertThat(hand.scope(AtHand.Reach.SHOW)).isEqualTo(Scope.SHOW);
  }

  @Test
  void aRunBringsItsLineAndItsBox() {
    selected(new Selection.OfRun("Hub"));
    assertThat(hand.scope(AtHand.Reach.RUN)).isEqualTo(Scope.ofRun("Hub"));
    assertThat(hand.scope(AtHand.Reach.PORT)).isEqualTo(Scope.ofPort("C1", 2));
    assertThat(hand.scope(AtHand.Reach.BOX)).isEqualTo(Scope.ofBox("C1"));
  }

  @Test
  void aPortBringsItsFirstRun() {
    selected(new Selection.OfPort("C1", 2));
    assertThat(hand.run()).contains("Owl");
    assertThat(hand.chain().orElseThrow().port()).isEqualTo(2);
  }

  @Test
  void withoutAPlanAllIsTheShow() {
    AtHand none = new AtHand(session, Optional::empty);
    selected(new Selection.Nothing());
    for (AtHand.Reach reach : AtHand.Reach.values()) {
      assertThat(none.scope(reach)).isEqualTo(Scope.SHOW);
    }
    assertThat(none.run()).isEmpty();
  }
}
