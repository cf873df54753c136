package bunting.desktop.shell;

import bunting.core.compare.RunDifference;
import bunting.desktop.kit.Columns;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import javafx.scene.control.Alert;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Label;
import javafx.scene.control.TableView;
import javafx.stage.Window;

/** Questions that must be answered before anything else goes on. */
final class Questions {
  private Questions() {}

  static Asker.Whose changedByOthers(Window owner, Path file) {
    Map<Asker.Whose, String> answers = new LinkedHashMap<>();
    answers.put(Asker.Whose.COMPARE, "Compare the runs");
    answers.put(Asker.Whose.MINE, "Save mine");
    answers.put(Asker.Whose.THEIRS, "Open theirs");
    answers.put(Asker.Whose.NEITHER, "Neither");
    return ask(
        owner,
        "Changed by another program",
        "Another program changed "
            + file.getFileName()
            + " since it was opened here. Saving yours puts theirs into "
            + file.getFileName()
            + ".bak; opening theirs leaves your last edits behind.",
        answers,
        Asker.Whose.NEITHER,
        Asker.Whose.NEITHER);
  }

  static Asker.Leaving leaving(Window owner, String show) {
    Map<Asker.Leaving, String> answers = new LinkedHashMap<>();
    answers.put(Asker.Leaving.SAVE, "Save");
    answers.put(Asker.Leaving.LEAVE, "Leave without saving");
    answers.put(Asker.Leaving.STAY, "Stay");
    return ask(
        owner,
        "Not saved",
        "The last edits of " + show + " are not saved yet.",
        answers,
        Asker.Leaving.SAVE,
        Asker.Leaving.STAY);
  }

  /**
   * Asks.
   *
   * @param usual what Enter answers
   * @param otherwise what Escape and closing answer
   */
  private static <T> T ask(
      Window owner, String title, String text, Map<T, String> answers, T usual, T otherwise) {
    Map<T, ButtonType> buttons =
        answers.entrySet().stream()
            .collect(
                Collectors.toMap(
                    Map.Entry::getKey,
                    e ->
                        new ButtonType(
                            e.getValue(),
                            e.getKey().equals(otherwise)
                                ? ButtonBar.ButtonData.CANCEL_CLOSE
                                : ButtonBar.ButtonData.OTHER),
                    (a, b) -> a,
                    LinkedHashMap::new));
    Alert question =
        new Alert(Alert.AlertType.CONFIRMATION, text, buttons.values().toArray(ButtonType[]::new));
    question.setTitle(title);
    dress(question, owner);
    buttons.forEach(
        (answer, type) ->
            ((Button) question.getDialogPane().lookupButton(type))
                .setDefaultButton(answer.equals(usual)));
    ButtonType chosen = question.showAndWait().orElse(buttons.get(otherwise));
    return buttons.entrySet().stream()
        .filter(e -> e.getValue() == chosen)
        .map(Map.Entry::getKey)
        .findFirst()
        .orElse(otherwise);
  }

  private static void dress(Alert alert, Window owner) {
    alert.setHeaderText(null);
    alert.setGraphic(null);
    alert.initOwner(owner);
    // The colours first: the style sheets ask for them by name.
    alert.getDialogPane().setStyle(owner.getScene().getRoot().getStyle());
    alert.getDialogPane().getStyleClass().add("question");
    alert.getDialogPane().getStylesheets().addAll(owner.getScene().getStylesheets());
  }

  static void compare(Window owner, List<RunDifference> differences) {
    TableView<RunDifference> table =
        new Columns<RunDifference>(
                "differences", "No run differs; something else in the show does.")
            .add("", 200, RunDifference::what)
            .add("Yours", 310, RunDifference::mine)
            .add("Theirs", 310, RunDifference::theirs)
            .table();
    table.getItems().setAll(differences);
    sheet(owner, "Yours and theirs", table);
  }

  /** All commands with their keys. */
  static void keys(Window owner, List<Command> commands) {
    TableView<Command> table =
        new Columns<Command>("keys", "")
            .add("Keys", 200, c -> c.keys().map(k -> k.getDisplayText()).orElse(""))
            .add("What they do", 600, Command::text)
            .table();
    table.getItems().setAll(commands.stream().filter(c -> c.keys().isPresent()).toList());
    sheet(owner, "All keys", table);
  }

  static void caution(Window owner) {
    Label text =
        new Label(
            "Mains wiring, permanent installation and anything on a roof belong to local codes and,"
                + " where they say so, to a licensed person. Use an RCD or GFCI on every outdoor"
                + " outlet. Switch off before any plug is made or parted. Bunting computes; it does"
                + " not inspect what was built: measure it.");
    text.setWrapText(true);
    text.setPrefWidth(520);
    text.setMinHeight(110);
    sheet(owner, "Before you climb", text);
  }

  private static void sheet(Window owner, String title, javafx.scene.Node content) {
    Alert sheet = new Alert(Alert.AlertType.INFORMATION, "", ButtonType.CLOSE);
    sheet.setTitle(title);
    dress(sheet, owner);
    if (content instanceof TableView<?> table) {
      table.setPrefSize(860, 420);
    }
    sheet.getDialogPane().setContent(content);
    sheet.showAndWait();
  }
}
