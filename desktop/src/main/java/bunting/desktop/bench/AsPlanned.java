package bunting.desktop.bench;

import bunting.core.faults.Live;
import bunting.desktop.kit.Newest;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** What the stand-ins would show of what they hear if nothing were wrong with them. */
final class AsPlanned {
  private final BenchModel model;
  private final Newest painting;
  private final ReadOnlyObjectWrapper<Optional<Live.Frame>> shown =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private Optional<Live> live = Optional.empty();
  private boolean on;
  private boolean missed;

  AsPlanned(BenchModel model) {
    this.model = model;
    this.painting = new Newest(model.session().background());
    model.shown().addListener(o -> paint());
    model
        .rig()
        .addListener(
            o -> {
              live = Optional.empty();
              paint();
            });
  }

  /** What they would show; empty while nobody asks. */
  ReadOnlyObjectProperty<Optional<Live.Frame>> shown() {
    return shown.getReadOnlyProperty();
  }

  /** Works it out from now on, or no more. */
  void show(boolean now) {
    on = now;
    paint();
  }

  boolean busy() {
    return painting.busy().get();
  }

  private void paint() {
    Optional<Rig> rig = model.rig().get();
    if (!on || rig.isEmpty()) {
      painting.stop();
      shown.set(Optional.empty());
      return;
    }
    if (painting.busy().get()) {
      missed = true;
      return;
    }
    missed = false;
    Rig r = rig.get();
    Live sound = live.orElseGet(() -> new Live(r.layout()));
    live = Optional.of(sound);
    byte[] frame = new byte[r.map().frameBytes()];
    r.standIns().look(frame, System.nanoTime());
    painting.ask(
        "painting what was planned",
        job -> sound.of(frame, 0),
        done -> {
          shown.set(Optional.of(done));
          if (missed) {
            paint();
          }
        },
        model.session()::say);
  }
}
