package bunting.desktop.shell;

import bunting.core.assess.Reading;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;

/**
 * Find a run, a port or a box, or do anything that the window can do, by typing a part of its name.
 */
final class CommandPalette extends VBox {
  /** Something that can be found. */
  private record Entry(String text, String hint, Runnable work) {}

  private static final int SHOWN_MAX = 60;

  private final Session session;
  private final Commands commands;
  private final Supplier<List<ScreenDefinition.Found>> finds;
  private final Runnable close;
  private final TextField field = new TextField();
  private final ListView<Entry> list = new ListView<>();

  CommandPalette(
      Session session,
      Commands commands,
      Supplier<List<ScreenDefinition.Found>> finds,
      Runnable close) {
    this.finds = finds;
    this.session = session;
    this.commands = commands;
    this.close = close;
    setId("palette");
    getStyleClass().add("palette");
    setMaxSize(560, 380);
    field.setId("palette-field");
    field.setPromptText("a run, a box, or what to do");
    list.setId("palette-list");
    list.setFocusTraversable(false);
    list.setCellFactory(v -> new EntryCell());
    list.setPlaceholder(new Label("Nothing has that name."));
    list.setOnMouseClicked(e -> choose());
    field.textProperty().addListener(o -> refresh());
    field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    getChildren().addAll(field, list);
  }

  void show() {
    field.clear();
    refresh();
    field.requestFocus();
  }

  private void key(KeyEvent e) {
    int now = list.getSelectionModel().getSelectedIndex();
    switch (e.getCode()) {
      case ESCAPE -> close.run();
      case ENTER -> choose();
      case DOWN -> list.getSelectionModel().select(Math.min(list.getItems().size() - 1, now + 1));
      case UP -> list.getSelectionModel().select(Math.max(0, now - 1));
      default -> {
        return;
      }
    }
    list.scrollTo(Math.max(0, list.getSelectionModel().getSelectedIndex() - 3));
    e.consume();
  }

  private void choose() {
    Entry entry = list.getSelectionModel().getSelectedItem();
    if (entry != null) {
      close.run();
      entry.work().run();
    }
  }

  private void refresh() {
    String wanted = field.getText().toLowerCase(Locale.ROOT).strip();
    list.getItems()
        .setAll(
            entries().stream()
                .filter(e -> e.text().toLowerCase(Locale.ROOT).contains(wanted))
                .limit(SHOWN_MAX)
                .toList());
    list.getSelectionModel().selectFirst();
  }

  private List<Entry> entries() {
    List<Entry> entries = new ArrayList<>();
    for (Command c : commands.all()) {
      if (c.enabled().get() && !c.id().equals("find")) {
        entries.add(new Entry(c.text(), c.keys().map(k -> k.getDisplayText()).orElse(""), c::run));
      }
    }
    session.assessment().get().ifPresent(a -> things(a.reading(), entries));
    finds.get().forEach(f -> entries.add(new Entry(f.text(), f.hint(), f.go())));
    return entries;
  }

  private void things(Reading reading, List<Entry> entries) {
    for (var c : reading.decisions().controllers()) {
      String id = c.controller().id();
      entries.add(new Entry(id, "box", () -> session.selection().set(new Selection.OfBox(id))));
    }
    for (var r : reading.show().runs()) {
      entries.add(
          new Entry(
              r.name(),
              "run, " + r.pixels() + " px",
              () -> session.selection().set(new Selection.OfRun(r.name()))));
    }
  }

  private static final class EntryCell extends ListCell<Entry> {
    private final Label hint = new Label();

    EntryCell() {
      hint.getStyleClass().add("soft");
      setContentDisplay(javafx.scene.control.ContentDisplay.RIGHT);
      setGraphicTextGap(14);
    }

    @Override
    protected void updateItem(Entry entry, boolean empty) {
      super.updateItem(entry, empty);
      setText(empty || entry == null ? null : entry.text());
      hint.setText(empty || entry == null ? "" : entry.hint());
      setGraphic(empty ? null : hint);
    }
  }
}
