package bunting.desktop.log;

import bunting.core.log.LogEntry;
import bunting.core.log.LogKind;
import bunting.core.log.ShowLog;
import bunting.core.show.Run;
import bunting.core.show.Texts;
import bunting.desktop.kit.Buttons;
import bunting.desktop.kit.Choices;
import bunting.desktop.kit.SidePanel;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Session;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** An entry to be written, and what lies on the shelf. */
final class LogSide extends SidePanel {
  private static final double LABEL = 64;
  private static final double EDGE = 18;
  private static final double PICTURE_MOST = 190;

  private final Session session;
  private final LogModel model;
  private final ComboBox<LogKind> kind = new ComboBox<>();
  private final ComboBox<String> run = new ComboBox<>();
  private final Map<String, TextField> fields = new LinkedHashMap<>();
  private final Map<String, Node> rows = new HashMap<>();
  private final Label wrong = Words.note("", "stop");
  private final VBox stock = new VBox(3);
  private final ImageView picture = new ImageView();

  LogSide(Session session, LogModel model) {
    super("log-side", 7);
    this.session = session;
    this.model = model;
    kind.setId("log-kind");
    kind.getItems().setAll(LogKind.values());
    Choices.named(kind, LogKind::words);
    kind.setValue(LogKind.READING);
    kind.setMaxWidth(Double.MAX_VALUE);
    run.setId("log-run");
    run.setMaxWidth(Double.MAX_VALUE);
    wrong.setId("log-wrong");
    content().getChildren().addAll(Words.subheading("Write it down"), row("kind", "What", kind));
    content().getChildren().add(row("run", "Run", run));
    for (String[] f :
        new String[][] {
          {"pixel", "Pixel"},
          {"box", "Box"},
          {"volts", "Volts"},
          {"amps", "Amps"},
          {"count", "Count"},
          {"minutes", "Minutes"},
          {"part", "Part"},
          {"cost", "Cost"},
          {"text", "Words"},
          {"picture", "Picture"},
          {"date", "Day"}
        }) {
      TextField field = new TextField();
      field.setId("log-" + f[0]);
      field.setOnAction(e -> write());
      switch (f[0]) {
        case "date" -> field.setPromptText("today");
        case "picture" -> field.setPromptText("photos/weir.jpg");
        default -> field.setPromptText("");
      }
      fields.put(f[0], field);
      content().getChildren().add(row(f[0], f[1], field));
    }
    content()
        .getChildren()
        .addAll(
            wrong,
            Buttons.of("log-add", "Log it", this::write),
            Words.softLines(
                "What is written stays: a line is never changed. Write a second one to set it"
                    + " right."),
            picture,
            Words.subheading("On the shelf"),
            stock);
    picture.setId("log-picture");
    picture.setPreserveRatio(true);
    picture.setFitWidth(WIDTH - 2 * EDGE);
    picture.setFitHeight(PICTURE_MOST);
    picture.managedProperty().bind(picture.imageProperty().isNotNull());
    kind.valueProperty().addListener(o -> ask());
    model.log().addListener(o -> refresh());
    session.document().show().addListener(o -> runs());
    ask();
    runs();
    refresh();
  }

  /** The kind is chosen first. */
  void takeKeyboard() {
    kind.requestFocus();
  }

  private Node row(String key, String label, Node control) {
    Label name = Words.soft(label);
    name.setMinWidth(LABEL);
    name.setPrefWidth(LABEL);
    name.setLabelFor(control);
    HBox row = new HBox(8, name, control);
    row.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
    HBox.setHgrow(control, Priority.ALWAYS);
    rows.put(key, row);
    return row;
  }

  /** Fields that say something of an entry of that kind. */
  private static List<String> asked(LogKind kind) {
    return switch (kind) {
      case BUILT -> List.of("run", "box", "count", "minutes", "text", "picture");
      case COUNT -> List.of("run", "count", "text");
      case READING -> List.of("run", "pixel", "volts", "amps", "text");
      case FAULT -> List.of("run", "pixel", "box", "text", "picture");
      case REPAIR ->
          List.of("run", "pixel", "box", "part", "count", "minutes", "cost", "text", "picture");
      case PART -> List.of("part", "count", "cost", "text");
      case HOURS -> List.of("minutes", "run", "box", "text");
      case NOTE -> List.of("run", "cost", "text", "picture");
      case SEASON -> List.of("text");
    };
  }

  private void ask() {
    List<String> asked = asked(kind.getValue());
    rows.forEach(
        (key, row) -> {
          boolean on = key.equals("kind") || key.equals("date") || asked.contains(key);
          row.setVisible(on);
          row.setManaged(on);
        });
    said("");
  }

  private void said(String sentence) {
    wrong.setText(sentence);
    wrong.setVisible(!sentence.isEmpty());
    wrong.setManaged(!sentence.isEmpty());
  }

  private void runs() {
    Optional<String> was = Optional.ofNullable(run.getValue());
    List<String> names =
        session.show().map(s -> s.runs().stream().map(Run::name).toList()).orElse(List.of());
    if (!names.equals(run.getItems().stream().skip(1).toList())) {
      run.getItems().setAll(names);
      run.getItems().addFirst("");
      run.setValue(was.filter(names::contains).orElse(""));
    }
  }

  private void write() {
    Map<String, String> typed = new HashMap<>();
    typed.put("kind", kind.getValue().id());
    List<String> asked = asked(kind.getValue());
    Optional.ofNullable(run.getValue())
        .filter(r -> !r.isEmpty() && asked.contains("run"))
        .ifPresent(r -> typed.put("run", r));
    fields.forEach(
        (key, field) -> {
          String text = field.getText().strip();
          if (!text.isEmpty() && (asked.contains(key) || key.equals("date"))) {
            typed.put(key, text);
          }
        });
    Optional<String> problem = model.add(typed);
    said(problem.orElse(""));
    if (problem.isEmpty()) {
      fields.values().forEach(TextField::clear);
    }
  }

  /** Shows the picture of an entry, if it has one that can be read; empty: none. */
  void show(Optional<LogEntry> entry) {
    Optional<Path> file =
        entry.flatMap(LogEntry::picture).flatMap(model::picture).filter(Files::isRegularFile);
    picture.setImage(
        file.map(
                f -> new Image(f.toUri().toString(), 2 * WIDTH, 2 * PICTURE_MOST, true, true, true))
            .orElse(null));
  }

  private void refresh() {
    ShowLog log = model.log().get();
    stock.getChildren().clear();
    log.stock().forEach((part, n) -> stock.getChildren().add(Words.soft(n + " x " + part)));
    LocalDate today = LocalDate.now(ZoneId.systemDefault());
    for (ShowLog.Aged a : log.supplies()) {
      stock
          .getChildren()
          .add(
              Words.softLines(
                  a.part()
                      + ": "
                      + a.count()
                      + " since "
                      + a.since().getYear()
                      + ", "
                      + Texts.count(a.years(today), "year", "years")
                      + " old"));
    }
    if (log.stock().isEmpty()) {
      stock.getChildren().add(Words.softLines("Nothing yet: log parts as they come (stock)."));
    }
  }
}
