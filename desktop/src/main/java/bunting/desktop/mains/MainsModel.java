package bunting.desktop.mains;

import bunting.core.assess.Reading;
import bunting.core.hookup.MainsSheet;
import bunting.desktop.kit.Newest;
import bunting.desktop.session.Session;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;

/** How the newest plan hangs on the mains, and which circuit is at hand. */
final class MainsModel {
  private final Session session;
  private final Newest working;
  private final ReadOnlyObjectWrapper<Optional<MainsSheet>> sheet =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private final ObjectProperty<Optional<String>> circuit =
      new SimpleObjectProperty<>(Optional.empty());
  private Optional<Reading> of = Optional.empty();

  MainsModel(Session session) {
    this.session = session;
    this.working = new Newest(session.background());
  }

  Session session() {
    return session;
  }

  ReadOnlyObjectProperty<Optional<MainsSheet>> sheet() {
    return sheet.getReadOnlyProperty();
  }

  /** Id of the circuit at hand. */
  ObjectProperty<Optional<String>> circuit() {
    return circuit;
  }

  boolean busy() {
    return working.busy().get();
  }

  /** Works out what the plan of now does; nothing, where that is known. */
  void refresh() {
    Optional<Reading> now = session.assessment().get().map(a -> a.reading());
    if (now.equals(of)) {
      return;
    }
    of = now;
    if (now.isEmpty()) {
      working.stop();
      sheet.set(Optional.empty());
      return;
    }
    working.ask(
        "hanging the plan on the mains",
        job -> MainsSheet.of(now.get()),
        s -> sheet.set(Optional.of(s)),
        why -> {
          of = Optional.empty();
          session.say(why);
        });
  }
}
