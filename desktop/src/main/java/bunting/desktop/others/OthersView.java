package bunting.desktop.others;

import bunting.core.assess.OtherReading;
import bunting.core.explain.LightExplanations;
import bunting.core.plan.Assessment;
import bunting.core.show.Texts;
import bunting.core.show.edit.PlaceKind;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Plain sets on their boards and bulb strings on their plugs, with the arithmetic. */
public final class OthersView extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<OthersView> SCREEN =
      ScreenDefinition.of("other-lights", "Survey", "Other lights", OthersView::new)
          .reachedBy("Shortcut+Shift+O", "Survey: plain sets and bulb strings");

  private final Session session;
  private final VBox boards = new VBox(10);
  private final VBox chains = new VBox(10);
  private final Label problem = new Label();

  private OthersView(Desk desk) {
    super(12);
    this.session = desk.session();
    setId("others");
    getStyleClass().add("sheet");
    setFocusTraversable(true);
    Label title = new Label("Lights that are not pixels");
    title.getStyleClass().add("heading");
    problem.getStyleClass().add("problem");
    problem.setId("others-problem");
    Label sets = new Label("Plain sets: one colour at a time, on PWM outputs");
    sets.getStyleClass().add("heading-small");
    Label strings =
        new Label("Bulb strings on the mains: a cord carries its own and all behind it");
    strings.getStyleClass().add("heading-small");
    Label caution =
        new Label(
            "RCD or GFCI on every outdoor outlet. Mains wiring belongs to local codes and, where"
                + " they say so, to a licensed person.");
    caution.getStyleClass().addAll("note", "note-stop");
    caution.setMinHeight(Region.USE_PREF_SIZE);
    LightForms forms = new LightForms(session, problem);
    VBox content =
        new VBox(10, sets, forms.set(), boards, strings, forms.string(), chains, caution);
    ScrollPane scroll = new ScrollPane(content);
    scroll.setFitToWidth(true);
    scroll.getStyleClass().add("plain-scroll");
    VBox.setVgrow(scroll, Priority.ALWAYS);
    getChildren().addAll(title, problem, scroll);
    session.assessment().addListener(o -> refresh());
    refresh();
  }

  private void refresh() {
    boards.getChildren().clear();
    chains.getChildren().clear();
    session.assessment().get().ifPresent(this::fill);
  }

  private void fill(Assessment plan) {
    OtherReading others = plan.reading().others();
    for (OtherReading.Board b : others.boards()) {
      VBox card = new VBox(3);
      Label head =
          new Label(
              b.dimmer().id()
                  + " · "
                  + b.type().name()
                  + " · "
                  + Texts.fixed(b.amps(), 1)
                  + " A of "
                  + Texts.number(b.type().boardAmpsMax())
                  + " A · "
                  + b.outputs()
                  + " of "
                  + b.type().outputs()
                  + " outputs · fuse "
                  + Texts.number(b.dimmer().fuseAmps())
                  + " A · supply "
                  + b.dimmer().supply());
      head.getStyleClass().add("figure");
      card.getChildren().add(head);
      for (OtherReading.Set s : others.sets()) {
        if (s.output().dimmer().equals(b.dimmer().id())) {
          card.getChildren().add(set(s));
        }
      }
      boards.getChildren().add(card);
    }
    for (OtherReading.Chain c : others.chains()) {
      chains.getChildren().add(chain(c));
    }
    if (others.boards().isEmpty()) {
      boards.getChildren().add(soft("None yet."));
    }
    if (others.chains().isEmpty()) {
      chains.getChildren().add(soft("None yet."));
    }
    plan.reading().decisions().unplaced().stream()
        .filter(u -> plan.reading().show().run(u.run()).isEmpty())
        .forEach(
            u -> {
              Label lacks = new Label("! " + u.run() + " " + u.lacks());
              lacks.getStyleClass().add("problem");
              boards.getChildren().add(lacks);
            });
  }

  private static HBox row(Node... nodes) {
    HBox row = new HBox(8, nodes);
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  private static Label soft(String text) {
    Label label = new Label(text);
    label.getStyleClass().add("soft");
    return label;
  }

  private Node set(OtherReading.Set s) {
    return row(
        link(s.set().name(), PlaceKind.SET),
        soft(LightExplanations.amps(s) + " · " + LightExplanations.place(s)));
  }

  private Hyperlink link(String name, PlaceKind kind) {
    Hyperlink link = new Hyperlink(name);
    link.setOnAction(e -> session.selection().set(new Selection.OfPlace(kind, name)));
    return link;
  }

  /** The strings of a plug, as many lines as they take, and what they draw under them. */
  private Node chain(OtherReading.Chain c) {
    FlowPane strings = new FlowPane(8, 2, soft(c.chain().id()));
    for (String name : c.chain().strings()) {
      strings.getChildren().add(link(name, PlaceKind.BULBS));
    }
    Label amps = soft(LightExplanations.amps(c));
    amps.setWrapText(true);
    return new VBox(strings, amps);
  }
}
