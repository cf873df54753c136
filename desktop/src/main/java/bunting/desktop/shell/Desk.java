package bunting.desktop.shell;

import bunting.desktop.look.Palette;
import bunting.desktop.session.Preferences;
import bunting.desktop.session.Session;
import java.util.List;
import javafx.beans.value.ObservableValue;

/** What a screen finds around it: the session, the colours, and the way to the other screens. */
public interface Desk {
  /** The open show and what is planned of it. */
  Session session();

  /** The colours of the theme. */
  ObservableValue<Palette> palette();

  /** Asks for files and folders. */
  Asker asker();

  /** What is remembered of the user. */
  Preferences preferences();

  /** The view of a screen, made when it is first asked for. */
  <V extends ScreenView> V view(ScreenDefinition<V> screen);

  /** Shows a screen and gives it the keyboard. */
  <V extends ScreenView> V go(ScreenDefinition<V> screen);

  /** Goes back to the screen before a screen that stands aside. */
  void back();

  /** What a menu offers, of all screens. */
  List<Command> commands(Command.Menu menu);
}
