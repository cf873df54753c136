package bunting.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.Reading;
import bunting.core.checks.Finding;
import bunting.core.checks.Severity;
import bunting.core.checks.Subject;
import bunting.core.plan.Planner;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.desktop.session.Selection;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Where a click on a finding leads, for each kind of subject. */
class FindingTargetTest {
  private static final Show SHOW = Show.of(List.of(Run.of("Hub", "5v-strip-60", 60)));
  private static final Reading READING = Reading.of(SHOW, Planner.propose(SHOW));

  private static Selection target(Subject.Kind kind, String id) {
    return FindingsDrawer.target(
        READING, new Finding("x", Severity.WARN, new Subject(kind, id), 1, 0, "A", "A message."));
  }

  @Test
  void leadsToWhatItIsAbout() {
    assertThat(target(Subject.Kind.RUN, "Hub")).isEqualTo(new Selection.OfRun("Hub"));
    assertThat(target(Subject.Kind.SEGMENT, "Hub#1")).isEqualTo(new Selection.OfRun("Hub"));
    assertThat(target(Subject.Kind.FEED, READING.feeds().getFirst().feed().id()))
        .isEqualTo(new Selection.OfRun("Hub"));
    assertThat(target(Subject.Kind.CONTROLLER, "C1")).isEqualTo(new Selection.OfBox("C1"));
    assertThat(target(Subject.Kind.SUPPLY, "S1")).isEqualTo(new Selection.OfBox("C1"));
    assertThat(target(Subject.Kind.SHOW, "anything")).isEqualTo(new Selection.Nothing());
  }

  @Test
  void leadsNowhereWhereTheThingIsGone() {
    assertThat(target(Subject.Kind.SEGMENT, "gone")).isEqualTo(new Selection.Nothing());
    assertThat(target(Subject.Kind.FEED, "gone")).isEqualTo(new Selection.Nothing());
    assertThat(target(Subject.Kind.SUPPLY, "gone")).isEqualTo(new Selection.Nothing());
  }
}
