package bunting.core.faults;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bunting.core.pattern.Pattern;
import bunting.core.plan.Assessor;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

/** A search that nobody waits for ends, wherever it is, and leaves nothing half made. */
class StoppedDiagnosisTest {
  private final Layout layout =
      new Layout(Assessor.sketch(Show.of(List.of(Run.of("Weir", "5v-strip-60", 90)))).reading());
  private final Observed dark =
      Observed.NOTHING.with(
          new Observed.Seen(Observed.Sending.full(Pattern.WHITE), "Weir", 40, 90, Looks.DARK));

  @Test
  void endsAtEachPointWhereItAsks() {
    AtomicInteger all = new AtomicInteger();
    Diagnosis.Answer whole =
        new Diagnosis(new Pictures(layout))
            .of(
                dark,
                () -> {
                  all.incrementAndGet();
                  return false;
                });
    assertThat(all.get()).isGreaterThan(10);
    Diagnosis again = new Diagnosis(new Pictures(layout));
    for (int most = 0; most < all.get(); most += 7) {
      AtomicInteger left = new AtomicInteger(most);
      assertThatThrownBy(() -> again.of(dark, () -> left.getAndDecrement() == 0))
          .isInstanceOf(CancellationException.class);
    }
    assertThat(again.of(dark)).isEqualTo(whole);
  }
}
