package bunting.desktop.look;

import atlantafx.base.theme.PrimerDark;
import atlantafx.base.theme.PrimerLight;
import java.util.Objects;
import javafx.application.Application;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.scene.Parent;
import javafx.scene.Scene;

/** Day or night, worn by a window. */
public final class Theme {
  private final Parent root;
  private final ReadOnlyObjectWrapper<Palette> palette;

  /** A theme on the root of a scene. */
  public Theme(Parent root, boolean night) {
    this.root = root;
    palette = new ReadOnlyObjectWrapper<>(night ? Palette.NIGHT : Palette.DAY);
    wear();
  }

  /** The colours. */
  public ReadOnlyObjectProperty<Palette> palette() {
    return palette.getReadOnlyProperty();
  }

  /** Changes to day or night. */
  public void setNight(boolean night) {
    if (night != palette.get().night()) {
      palette.set(night ? Palette.NIGHT : Palette.DAY);
      wear();
    }
  }

  /** Gives a scene the application's own style sheet. */
  public void dress(Scene scene) {
    scene
        .getStylesheets()
        .add(
            Objects.requireNonNull(Theme.class.getResource("/bunting/desktop/bunting.css"))
                .toExternalForm());
  }

  private void wear() {
    Palette p = palette.get();
    Application.setUserAgentStylesheet(
        p.night()
            ? new PrimerDark().getUserAgentStylesheet()
            : new PrimerLight().getUserAgentStylesheet());
    root.setStyle(
        "-fx-font-family: '"
            + Fonts.family()
            + "';-color-accent-emphasis:-b-power;-color-accent-fg:-b-power;"
            + p.css());
    root.getStyleClass().removeAll("night", "day");
    root.getStyleClass().add(p.night() ? "night" : "day");
  }
}
