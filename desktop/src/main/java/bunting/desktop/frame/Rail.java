package bunting.desktop.frame;

import bunting.desktop.session.Session;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The steps of the work, with what belongs to the one at hand. */
final class Rail extends VBox {
  private static final List<Screen> SURVEY =
      List.of(Screen.ELEVATION, Screen.CUT, Screen.VOLTS, Screen.OTHERS, Screen.WHICH);

  private final Button survey = new Button("Survey");
  private static final List<Screen> ADDRESSES = List.of(Screen.TAPE, Screen.NETWORK);
  private static final List<Screen> POWER = List.of(Screen.POWER, Screen.LOSSES, Screen.QUICK);

  private final Button ports = new Button("Ports");
  private final Button addresses = new Button("Addresses");
  private final Button power = new Button("Power");
  private final VBox under = new VBox(2);
  private final VBox amps = new VBox(2);
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
    addresses.setId("step-addresses");
    addresses.setOnAction(e -> go.accept(Screen.TAPE));
    power.setId("step-power");
    power.setOnAction(e -> go.accept(Screen.POWER));
    for (Button step : List.of(survey, ports, addresses, power)) {
      step.setMaxWidth(Double.MAX_VALUE);
    }
    sheets(SURVEY, sub, go);
    sheets(ADDRESSES, under, go);
    sheets(POWER, amps, go);
    VBox.setVgrow(boxes, Priority.ALWAYS);
    getChildren().addAll(survey, sub, ports, addresses, under, power, amps, boxes);
  }

  private void sheets(List<Screen> screens, VBox into, Consumer<Screen> go) {
    for (Screen screen : screens) {
      Button sheet = new Button(screen.text());
      sheet.setId("sheet-" + screen.name().toLowerCase(Locale.ROOT));
      sheet.setMaxWidth(Double.MAX_VALUE);
      sheet.setOnAction(e -> go.accept(screen));
      sheets.put(screen, sheet);
      into.getChildren().add(sheet);
    }
  }

  void show(Screen screen) {
    boolean measuring = SURVEY.contains(screen);
    boolean addressing = ADDRESSES.contains(screen);
    boolean allotting = screen == Screen.PORTS;
    boolean powering = POWER.contains(screen);
    survey.getStyleClass().setAll("button", measuring ? "step" : "step-other");
    ports.getStyleClass().setAll("button", allotting ? "step" : "step-other");
    addresses.getStyleClass().setAll("button", addressing ? "step" : "step-other");
    power.getStyleClass().setAll("button", powering ? "step" : "step-other");
    for (Region part : List.of(sub, boxes, under, amps)) {
      boolean on =
          part == sub
              ? measuring
              : part == boxes ? allotting : part == under ? addressing : powering;
      part.setVisible(on);
      part.setManaged(on);
    }
    sheets.forEach(
        (s, button) -> button.getStyleClass().setAll("button", s == screen ? "sub-on" : "sub"));
  }
}
