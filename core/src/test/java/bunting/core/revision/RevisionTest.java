package bunting.core.revision;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.Reading;
import bunting.core.plan.Assessor;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Two seasons side by side. */
class RevisionTest {
  private static Reading plan(Run... runs) {
    return Assessor.sketch(Show.of(List.of(runs))).reading();
  }

  private static final Run ARCH = Run.of("Arch", "12v-strip-60", 120);
  private static final Run WEIR = Run.of("Weir", "12v-strip-60", 200);

  @Test
  void theSameShowDiffersInNothing() {
    assertThat(Revision.of(plan(ARCH, WEIR), plan(ARCH, WEIR)).same()).isTrue();
  }

  @Test
  void whatIsNewGoneAndLongerIsToldRunByRun() {
    Revision r =
        Revision.of(
            plan(ARCH, WEIR),
            plan(Run.of("Arch", "12v-strip-60", 180), Run.of("Owl", "12v-strip-60", 40)));
    assertThat(r.runs())
        .extracting(x -> x.run() + " " + x.state())
        .containsExactly("Arch CHANGED", "Owl NEW", "Weir GONE");
    assertThat(r.runs().getFirst().facts()).contains(new Revision.Fact("pixels", "120", "180"));
    assertThat(r.sums())
        .anyMatch(s -> s.what().equals("pixels") && s.before() == 320 && s.after() == 220);
    assertThat(r.sums()).noneMatch(s -> s.what().equals("runs"));
  }

  @Test
  void whatMovedWithoutAChangeOfItsOwnIsTold() {
    Revision r = Revision.of(plan(ARCH, WEIR), plan(Run.of("Arch", "12v-strip-60", 121), WEIR));
    Revision.OfRun weir =
        r.runs().stream().filter(x -> x.run().equals("Weir")).findFirst().orElseThrow();
    assertThat(weir.facts()).extracting(Revision.Fact::what).contains("addresses");
    assertThat(weir.facts()).extracting(Revision.Fact::what).doesNotContain("pixels");
  }
}
