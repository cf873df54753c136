package bunting.desktop.frame;

import bunting.core.compare.RunDifference;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.beans.property.SimpleStringProperty;
import javafx.scene.control.Alert;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Label;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.stage.Window;

/** Two versions of a show: whose holds, and what differs. */
final class ConflictDialog {
  private ConflictDialog() {}

  static Asker.Whose ask(Window owner, Path file) {
    ButtonType mine = new ButtonType("Save mine", ButtonBar.ButtonData.OTHER);
    ButtonType theirs = new ButtonType("Open theirs", ButtonBar.ButtonData.OTHER);
    ButtonType compare = new ButtonType("Compare the runs", ButtonBar.ButtonData.OTHER);
    ButtonType neither = new ButtonType("Neither", ButtonBar.ButtonData.CANCEL_CLOSE);
    Alert question =
        new Alert(
            Alert.AlertType.CONFIRMATION,
            "Another program changed "
                + file.getFileName()
                + " since it was opened here. Saving yours puts theirs into "
                + file.getFileName()
                + ".bak; opening theirs leaves your last edits behind.",
            compare,
            mine,
            theirs,
            neither);
    question.setTitle("Changed by another program");
    dress(question, owner);
    ((Button) question.getDialogPane().lookupButton(neither)).setDefaultButton(true);
    Optional<ButtonType> answer = question.showAndWait();
    return answer.filter(mine::equals).isPresent()
        ? Asker.Whose.MINE
        : answer.filter(theirs::equals).isPresent()
            ? Asker.Whose.THEIRS
            : answer.filter(compare::equals).isPresent()
                ? Asker.Whose.COMPARE
                : Asker.Whose.NEITHER;
  }

  private static void dress(Alert alert, Window owner) {
    alert.setHeaderText(null);
    alert.setGraphic(null);
    alert.initOwner(owner);
    alert
        .getDialogPane()
        .setStyle(
            owner.getScene().getRoot().getStyle()
                + "-fx-background-color: -b-card; -fx-padding: 16;");
  }

  static void show(Window owner, List<RunDifference> differences) {
    Alert sheet = new Alert(Alert.AlertType.INFORMATION, "", ButtonType.CLOSE);
    sheet.setTitle("Yours and theirs");
    dress(sheet, owner);
    TableView<RunDifference> table = new TableView<>();
    table.setId("differences");
    table.getItems().setAll(differences);
    table.setPlaceholder(new Label("No run differs; something else in the show does."));
    table.setPrefSize(860, 420);
    column(table, "", 200, RunDifference::what);
    column(table, "Yours", 310, RunDifference::mine);
    column(table, "Theirs", 310, RunDifference::theirs);
    sheet.getDialogPane().setContent(table);
    sheet.showAndWait();
  }

  private static void column(
      TableView<RunDifference> table,
      String title,
      double width,
      Function<RunDifference, String> text) {
    TableColumn<RunDifference, String> column = new TableColumn<>(title);
    column.setPrefWidth(width);
    column.setSortable(false);
    column.setCellValueFactory(d -> new SimpleStringProperty(text.apply(d.getValue())));
    table.getColumns().add(column);
  }
}
