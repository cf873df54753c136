package bunting.desktop.bench;

import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.desktop.session.Selection;
import bunting.desktop.survey.WindowDriver;
import java.util.List;

/** What is common to the tests of the bench in the real window: a small show on it. */
abstract class BenchDriver extends WindowDriver {
  static Show mill() {
    return Show.of(List.of(Run.of("Weir", "5v-strip-60", 120), Run.of("Owl", "5v-strip-60", 40)));
  }

  final void floor() {
    does(
        () -> {
          session.start(mill());
          session.selection().set(new Selection.OfRun("Weir"));
          window().go(FloorScreen.SCREEN);
        });
    wait(() -> model().rig().get().isPresent());
  }

  final BenchModel model() {
    return window().view(FloorScreen.SCREEN).model();
  }
}
