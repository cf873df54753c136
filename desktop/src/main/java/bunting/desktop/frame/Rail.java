package bunting.desktop.frame;

import bunting.desktop.model.Session;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The steps of the work, with what belongs to the one at hand. */
final class Rail extends VBox {
  private static final List<Screen> SURVEY =
      List.of(Screen.ELEVATION, Screen.CUT, Screen.VOLTS, Screen.OTHERS, Screen.WHICH);

  private final Button survey = new Button("Survey");
  private final Button ports = new Button("Ports");
  private final Map<Screen, Button> sheets = new EnumMap<>(Screen.class);
  private final VBox sub = new VBox(2);
  private final BoxRail boxes;

  Rail(Session session, Consumer<Screen> go) {
    getStyleClass().add("box-rail");
    boxes = new BoxRail(session);
    survey.setId("step-survey");
    survey.setOnAction(e -> go.accept(Screen.ELEVATION));
    ports.setId("step-ports");
    ports.setOnAction(e -> go.accept(Screen.PORTS));
    for (Button step : List.of(survey, ports)) {
      step.setMaxWidth(Double.MAX_VALUE);
    }
    for (Screen screen : SURVEY) {
      Button sheet = new Button(screen.text());
      sheet.setId("sheet-" + screen.name().toLowerCase(Locale.ROOT));
      sheet.setMaxWidth(Double.MAX_VALUE);
      sheet.setOnAction(e -> go.accept(screen));
      sheets.put(screen, sheet);
      sub.getChildren().add(sheet);
    }
    VBox.setVgrow(boxes, Priority.ALWAYS);
    getChildren().addAll(survey, sub, ports, boxes);
  }

  void show(Screen screen) {
    boolean measuring = screen != Screen.PORTS;
    survey.getStyleClass().setAll("button", measuring ? "step" : "step-other");
    ports.getStyleClass().setAll("button", measuring ? "step-other" : "step");
    sub.setVisible(measuring);
    sub.setManaged(measuring);
    boxes.setVisible(!measuring);
    boxes.setManaged(!measuring);
    sheets.forEach(
        (s, button) -> button.getStyleClass().setAll("button", s == screen ? "sub-on" : "sub"));
  }
}
