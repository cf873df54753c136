package bunting.desktop.kit;

import javafx.scene.control.Label;
import javafx.scene.layout.Region;

/** Words on a screen, each kind made in one way. */
public final class Words {
  private Words() {}

  /** What a screen or a part of it is called. */
  public static Label heading(String text) {
    Label label = styled(text, "heading");
    label.setMinWidth(Region.USE_PREF_SIZE);
    return label;
  }

  /** What a group of rows is called. */
  public static Label subheading(String text) {
    return styled(text, "heading-small");
  }

  /** What goes with something, in one line. */
  public static Label soft(String text) {
    return styled(text, "soft");
  }

  /** The same, in as many lines as it takes. */
  public static Label softLines(String text) {
    return lines(text, "soft");
  }

  /** A sentence, in as many lines as it takes. */
  public static Label lines(String text, String... styles) {
    Label label = styled(text, styles);
    label.setWrapText(true);
    label.setMinHeight(Region.USE_PREF_SIZE);
    return label;
  }

  /** A sentence that must be heeded; {@code severity} is stop, warn or note. */
  public static Label note(String text, String severity) {
    Label label = lines(text, "note", "note-" + severity);
    label.setMaxWidth(Double.MAX_VALUE);
    return label;
  }

  /** A figure that is never cut. */
  public static Label figure(String text) {
    Label label = styled(text, "figure");
    label.setMinWidth(Region.USE_PREF_SIZE);
    return label;
  }

  /** Words in a style. */
  public static Label styled(String text, String... styles) {
    Label label = new Label(text);
    label.getStyleClass().addAll(styles);
    return label;
  }
}
