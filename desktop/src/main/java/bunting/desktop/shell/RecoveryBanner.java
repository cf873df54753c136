package bunting.desktop.shell;

import bunting.desktop.session.Recovery;
import java.nio.file.Path;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.BooleanSupplier;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** Offers what a Bunting that ended without saving left behind, one show after the other. */
final class RecoveryBanner extends HBox {
  private static final DateTimeFormatter WHEN =
      DateTimeFormatter.ofPattern("d MMMM, HH:mm", Locale.ENGLISH);

  private final Recovery recovery;
  private final BooleanSupplier mayLeave;
  private final List<Recovery.Lost> lost = new ArrayList<>();
  private final Label text = new Label();

  /**
   * @param mayLeave asks whether the show that is open may be left
   */
  RecoveryBanner(Recovery recovery, BooleanSupplier mayLeave) {
    super(12);
    this.recovery = recovery;
    this.mayLeave = mayLeave;
    setId("recovery");
    getStyleClass().add("plan-banner");
    setAlignment(Pos.CENTER_LEFT);
    text.setId("recovery-text");
    text.setWrapText(true);
    text.setMaxWidth(Double.MAX_VALUE);
    HBox.setHgrow(text, Priority.ALWAYS);
    getChildren()
        .addAll(
            text,
            button("Open it", "recovery-open", this::open),
            button("Forget it", "recovery-forget", this::forget));
    refresh();
    recovery.seek(
        found -> {
          lost.addAll(found);
          refresh();
        });
  }

  private static Button button(String words, String id, Runnable work) {
    Button button = new Button(words);
    button.setId(id);
    button.getStyleClass().add("small");
    button.setMinWidth(Region.USE_PREF_SIZE);
    button.setOnAction(e -> work.run());
    return button;
  }

  private void open() {
    if (mayLeave.getAsBoolean()) {
      recovery.open(lost.removeFirst());
      refresh();
    }
  }

  private void forget() {
    recovery.forget(lost.removeFirst());
    refresh();
  }

  private void refresh() {
    setVisible(!lost.isEmpty());
    setManaged(!lost.isEmpty());
    if (!lost.isEmpty()) {
      Recovery.Lost first = lost.getFirst();
      String file =
          first.own().map(Path::getFileName).map(f -> " (" + f + ")").orElse(", never saved");
      text.setText(
          "Bunting ended without saving "
              + first.show().settings().name()
              + file
              + ". It is kept as of "
              + WHEN.format(first.when().atZone(ZoneId.systemDefault()))
              + (lost.size() > 1 ? "; " + (lost.size() - 1) + " more after it." : "."));
    }
  }
}
