package bunting.desktop.glossary;

import bunting.desktop.shell.Command;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import java.util.List;
import javafx.beans.binding.Bindings;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** All words beside the line and the picture of the one that is chosen. */
public final class GlossaryScreen extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<GlossaryScreen> SCREEN =
      ScreenDefinition.aside("glossary", "Words", GlossaryScreen::new)
          .adding(
              desk ->
                  List.of(
                      Command.of(
                          "glossary",
                          new Command.Place(Command.Menu.HELP, "words"),
                          "What the words mean",
                          "Shift+F1",
                          Bindings.createBooleanBinding(() -> true),
                          () -> desk.go(GlossaryScreen.SCREEN))))
          .finding(
              desk ->
                  Words.all().stream()
                      .map(
                          w ->
                              new ScreenDefinition.Found(
                                  w.name(),
                                  "what it means",
                                  () -> desk.go(GlossaryScreen.SCREEN).choose(w)))
                      .toList());

  private static final double LIST_WIDTH = 190;

  private final ListView<Words.Word> list = new ListView<>();
  private final Label name = new Label();
  private final Label line = new Label();
  private final WordPicture picture;

  private GlossaryScreen(Desk desk) {
    super(10);
    setId("glossary");
    getStyleClass().add("sheet");
    picture = new WordPicture(desk.palette());
    list.setId("glossary-list");
    list.setMinWidth(LIST_WIDTH);
    list.setMaxWidth(LIST_WIDTH);
    list.setCellFactory(v -> new WordCell());
    list.getItems().setAll(Words.all());
    name.getStyleClass().add("heading");
    line.setId("glossary-line");
    line.setWrapText(true);
    line.setMinHeight(Region.USE_PREF_SIZE);
    VBox.setVgrow(picture, Priority.ALWAYS);
    VBox told = new VBox(12, name, line, picture);
    HBox.setHgrow(told, Priority.ALWAYS);
    HBox both = new HBox(24, list, told);
    VBox.setVgrow(both, Priority.ALWAYS);
    Label title = new Label("Words");
    title.getStyleClass().add("heading");
    getChildren().addAll(title, both);
    list.getSelectionModel()
        .selectedItemProperty()
        .addListener(
            (o, was, now) -> {
              if (now != null) {
                name.setText(now.name());
                line.setText(now.line());
                picture.show(now);
              }
            });
    list.getSelectionModel().selectFirst();
  }

  private void choose(Words.Word word) {
    list.getSelectionModel().select(word);
    list.scrollTo(word);
  }

  /** A word in the list. */
  private static final class WordCell extends ListCell<Words.Word> {
    @Override
    protected void updateItem(Words.Word word, boolean empty) {
      super.updateItem(word, empty);
      setText(empty || word == null ? null : word.name());
    }
  }

  @Override
  public List<Region> side(Region inspector) {
    return List.of();
  }

  @Override
  public void takeKeyboard() {
    list.requestFocus();
  }

  @Override
  public boolean standsAlone() {
    return true;
  }
}
