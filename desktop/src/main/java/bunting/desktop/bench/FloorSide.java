package bunting.desktop.bench;

import bunting.core.show.Texts;
import bunting.desktop.kit.Buttons;
import bunting.desktop.kit.SidePanel;
import bunting.desktop.kit.Words;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Beside the floor: what is sent and to what, the boxes, aids, and boxes that are real. */
final class FloorSide extends SidePanel {
  private final BenchModel model;
  private final Label hold = Words.softLines("");
  private final Slider bright = new Slider(0, 100, 100);
  private final Label brightText = Words.figure("100 %");

  FloorSide(BenchModel model) {
    super("bench-side", 10);
    this.model = model;
    hold.setId("bench-hold");
    content()
        .getChildren()
        .addAll(
            new VBox(5, Words.subheading("Send"), new PatternKeys(model)),
            brightness(),
            reach(),
            new Aids(model),
            new BoxPanel(model),
            real());
    model.rig().addListener(o -> refresh());
    refresh();
  }

  private VBox brightness() {
    bright.setId("bench-brightness");
    bright.setBlockIncrement(5);
    HBox.setHgrow(bright, Priority.ALWAYS);
    bright
        .valueProperty()
        .addListener(
            (o, was, now) -> {
              double whole = Math.round(now.doubleValue());
              brightText.setText(Texts.number(whole) + " %");
              model.brightness().set(whole);
            });
    Label name = new Label("Brightness");
    name.setMinWidth(USE_PREF_SIZE);
    bright.setPrefWidth(90);
    name.setLabelFor(bright);
    HBox row = new HBox(8, name, bright, brightText);
    row.setAlignment(Pos.CENTER_LEFT);
    ToggleButton still = new ToggleButton("Hold: Space");
    still.setId("bench-still");
    still.setMinWidth(USE_PREF_SIZE);
    still.setOnAction(e -> model.held().set(still.isSelected()));
    model.held().addListener((o, was, now) -> still.setSelected(now));
    Label speedName = new Label("Speed");
    speedName.setMinWidth(USE_PREF_SIZE);
    HBox pace = new HBox(5, speedName);
    pace.setAlignment(Pos.CENTER_LEFT);
    ToggleGroup group = new ToggleGroup();
    for (double speed : new double[] {0.1, 0.3, 1, 3}) {
      ToggleButton b = new ToggleButton("×" + Texts.number(speed));
      b.setId("bench-speed-" + Texts.number(speed));
      b.getStyleClass().add("lens");
      b.setToggleGroup(group);
      b.setMinWidth(USE_PREF_SIZE);
      b.setSelected(speed == 1);
      b.setOnAction(
          e -> {
            b.setSelected(true);
            model.speed().set(speed);
          });
      pace.getChildren().add(b);
    }
    still.getStyleClass().add("lens");
    HBox rest = new HBox(5, still, Buttons.small("bench-quiet", "Send nothing", model::quiet));
    rest.setAlignment(Pos.CENTER_LEFT);
    return new VBox(6, row, hold, pace, rest);
  }

  private HBox reach() {
    HBox row = new HBox(4, new Label("To"));
    row.setAlignment(Pos.CENTER_LEFT);
    ToggleGroup group = new ToggleGroup();
    for (AtHand.Reach r : AtHand.Reach.values()) {
      ToggleButton b = new ToggleButton(r.text());
      b.setId("bench-to-" + r.name().toLowerCase(Locale.ROOT));
      b.getStyleClass().add("lens");
      b.setToggleGroup(group);
      b.setMinWidth(USE_PREF_SIZE);
      b.setSelected(r == model.reach().get());
      b.setOnAction(
          e -> {
            b.setSelected(true);
            model.reach().set(r);
          });
      model.reach().addListener((o, was, now) -> b.setSelected(now == r));
      row.getChildren().add(b);
    }
    return row;
  }

  private VBox real() {
    CheckBox arm = new CheckBox("Arm: send to the real boxes too");
    arm.setId("bench-arm");
    arm.setOnAction(
        e -> {
          if (arm.isSelected()) {
            model.rig().get().ifPresent(model.real()::arm);
          } else {
            model.real().disarm();
          }
        });
    model.real().armed().addListener((o, was, now) -> arm.setSelected(now.isPresent()));
    Label words =
        Words.softLines(
            "Nothing leaves this machine until you arm it, and it disarms when you leave the"
                + " screen. Each box gets its own universes at its planned address. Do not plug"
                + " or part anything while it is live.");
    return new VBox(5, Words.subheading("Real boxes"), arm, words);
  }

  private void refresh() {
    hold.setText(model.rig().get().map(r -> r.hold().why()).orElse(""));
  }
}
