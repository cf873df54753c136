package bunting.desktop.bench;

import bunting.core.assess.Reading;
import bunting.core.bench.Checklist;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Session;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The check before the ladder: made from the plan, ticked as it is done, kept in the show. */
public final class LadderScreen extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<LadderScreen> SCREEN =
      ScreenDefinition.of("ladder", "Bench", "Before the ladder", LadderScreen::new)
          .reachedBy("Shortcut+Shift+K", "Bench: the check before the ladder");

  private final Session session;
  private final Label done = Words.soft("");
  private final VBox list = new VBox(5);
  private final Map<String, CheckBox> boxes = new HashMap<>();
  private List<Checklist.Item> items = List.of();
  private boolean filling;

  private LadderScreen(Desk desk) {
    super(8);
    this.session = desk.session();
    getStyleClass().add("sheet");
    done.setId("ladder-done");
    HBox head = new HBox(12, Words.heading("Before the ladder"), done);
    head.setAlignment(Pos.BASELINE_LEFT);
    ScrollPane scroll = new ScrollPane(list);
    scroll.getStyleClass().add("plain-scroll");
    scroll.setFitToWidth(true);
    scroll.setId("ladder-list");
    VBox.setVgrow(scroll, Priority.ALWAYS);
    Label caution =
        Words.note(
            "Mains, roofs and permanent wiring belong to local codes and, where they say so, to a"
                + " licensed person. Switch off before any plug is made or parted.",
            "warn");
    getChildren().addAll(head, scroll, caution);
    session.assessment().addListener(o -> replanned());
    session.document().show().addListener(o -> ticks());
    replanned();
  }

  private void replanned() {
    Optional<Reading> reading = session.assessment().get().map(a -> a.reading());
    List<Checklist.Item> now = reading.map(Checklist::of).orElse(List.of());
    if (now.equals(items) && !list.getChildren().isEmpty()) {
      return;
    }
    items = now;
    list.getChildren().clear();
    boxes.clear();
    if (items.isEmpty()) {
      list.getChildren().add(Words.softLines("No plan yet: nothing to check."));
    }
    Optional<Checklist.Stage> stage = Optional.empty();
    for (Checklist.Item item : items) {
      if (stage.filter(item.stage()::equals).isEmpty()) {
        stage = Optional.of(item.stage());
        list.getChildren().add(Words.subheading(item.stage().text()));
      }
      list.getChildren().add(row(item));
    }
    ticks();
  }

  private CheckBox row(Checklist.Item item) {
    CheckBox box = new CheckBox((item.caution() ? "Caution. " : "") + item.text());
    box.setId("tick-" + item.id().replaceAll("[^\\w]+", "-"));
    box.setWrapText(true);
    box.setMinHeight(USE_PREF_SIZE);
    if (item.caution()) {
      box.getStyleClass().add("caution");
    }
    box.setOnAction(e -> tick(item, box.isSelected()));
    boxes.put(item.id(), box);
    return box;
  }

  private void tick(Checklist.Item item, boolean on) {
    if (!filling) {
      session.edit(
          on ? "Ticked: " + item.text() + "." : "No more ticked: " + item.text() + ".",
          s -> s.withBench(s.bench().tick(item.id(), on)));
    }
  }

  private void ticks() {
    filling = true;
    Set<String> ticked =
        new HashSet<>(session.show().map(s -> s.bench().ticked()).orElse(List.of()));
    int count = 0;
    for (Map.Entry<String, CheckBox> e : boxes.entrySet()) {
      boolean on = ticked.contains(e.getKey());
      e.getValue().setSelected(on);
      count += on ? 1 : 0;
    }
    done.setText(
        boxes.isEmpty() ? "" : count + " of " + boxes.size() + " done · kept with the show");
    filling = false;
  }

  @Override
  public List<Region> side(Region inspector) {
    return List.of(inspector);
  }

  @Override
  public void takeKeyboard() {
    list.getChildren().stream()
        .filter(n -> n instanceof CheckBox)
        .findFirst()
        .ifPresent(n -> n.requestFocus());
  }
}
