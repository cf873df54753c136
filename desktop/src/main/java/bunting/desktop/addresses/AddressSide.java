package bunting.desktop.addresses;

import bunting.core.addressing.HandingOut;
import bunting.core.addressing.HandingOut.Change;
import bunting.core.addressing.HandingOut.State;
import bunting.core.assess.Patches;
import bunting.core.assess.Reading;
import bunting.core.plan.HandOuts;
import bunting.core.show.HandOut;
import bunting.core.show.Show;
import bunting.desktop.kit.Buttons;
import bunting.desktop.kit.SidePanel;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Supplier;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;

/**
 * Beside the tape: what would change for those who have the addresses, handing them out, taking
 * them back, and the policy.
 */
final class AddressSide extends SidePanel {
  private static final int SHOWN = 12;

  private final Session session;
  private final Supplier<LocalDate> today;
  private boolean takingBack;
  private String to = "";

  /**
   * @param today what day it is
   */
  AddressSide(Session session, Supplier<LocalDate> today) {
    super("address-side", 6);
    this.session = session;
    this.today = today;
    session
        .assessment()
        .addListener(
            o -> {
              takingBack = false;
              refresh();
            });
    session.selection().addListener(o -> refresh());
    refresh();
  }

  private void refresh() {
    keepingFocus(
        () -> {
          content().getChildren().clear();
          session.assessment().get().ifPresent(a -> fill(a.reading()));
        });
  }

  private void fill(Reading reading) {
    Show show = reading.show();
    Optional<HandOut> handOut = show.allotting().handOut();
    title(handOut.isPresent() ? "Since they were handed out" : "Addresses");
    List<Change> changes =
        handOut.map(h -> HandingOut.changes(h, Patches.of(reading))).orElse(List.of());
    if (handOut.isEmpty()) {
      soft(
          "Not handed out: everything may still move. Hand them out when somebody begins to write"
              + " sequences against them; from then on they stay, and what is new goes into gaps"
              + " and behind.");
    } else {
      HandOut h = handOut.get();
      soft(
          "Handed out "
              + h.date()
              + (h.to().isEmpty() ? "" : " to " + h.to())
              + ". They do not move until they are taken back.");
      changes(changes);
    }
    boolean news = handOut.isEmpty() || changes.stream().anyMatch(c -> c.state() != State.STAYS);
    if (news) {
      handingOut(reading);
    }
    handOut.ifPresent(h -> takingBack(h));
    content().getChildren().addAll(PolicyEditor.form(session, show).rows());
  }

  private void changes(List<Change> changes) {
    Map<State, List<Change>> byState = new TreeMap<>();
    changes.forEach(c -> byState.computeIfAbsent(c.state(), k -> new ArrayList<>()).add(c));
    int stay = byState.getOrDefault(State.STAYS, List.of()).size();
    line(State.STAYS, stay + (stay == 1 ? " run or set" : " runs and sets"), "");
    byState.forEach(
        (state, list) -> {
          if (state != State.STAYS) {
            list.stream().limit(SHOWN).forEach(c -> line(state, c.run(), where(c)));
            if (list.size() > SHOWN) {
              soft("and " + (list.size() - SHOWN) + " more: " + state.text());
            }
          }
        });
    if (!byState.containsKey(State.MOVES)) {
      line(State.STAYS, "nothing that was handed out moves", "");
    }
  }

  private static String where(Change c) {
    return switch (c.state()) {
      case NEW -> "→ " + c.after();
      case GONE -> "was " + c.before();
      case STAYS -> c.after();
      case GROWS, SHRINKS, MOVES, OTHER_BOX, OTHER_COLOURS -> c.before() + " → " + c.after();
    };
  }

  private void line(State state, String what, String where) {
    Label pill = new Label(state.text());
    State look = state == State.OTHER_BOX || state == State.OTHER_COLOURS ? State.MOVES : state;
    pill.getStyleClass().addAll("pill", "pill-" + look.name().toLowerCase(java.util.Locale.ROOT));
    pill.setMinWidth(58);
    Label text = new Label(where.isEmpty() ? what : what + " " + where);
    text.setWrapText(true);
    HBox row = new HBox(8, pill, text);
    content().getChildren().add(row);
  }

  private void handingOut(Reading reading) {
    TextField whom = new TextField(to);
    whom.setId("hand-to");
    whom.setPromptText("to whom");
    whom.textProperty().addListener((o, was, now) -> to = now);
    Button hand =
        Buttons.of(
            "hand-out",
            "Hand them out",
            () -> {
              if (session.plans().isCurrent()) {
                session.edit(
                    "The addresses are handed out. They stay from now on.",
                    s ->
                        HandOuts.handOut(
                            s, reading, today.get().toString(), whom.getText().strip()));
              } else {
                session.say(
                    "The plan of the last edit is not made yet; hand the addresses out when it"
                        + " is.");
              }
            });
    content().getChildren().add(new HBox(6, whom, hand));
  }

  /** Deliberately: first asked for, then confirmed. */
  private void takingBack(HandOut handOut) {
    Optional<String> run =
        session.selection().get() instanceof Selection.OfRun r && !handOut.of(r.name()).isEmpty()
            ? Optional.of(r.name())
            : Optional.empty();
    FlowPane row = new FlowPane(6, 4);
    if (!takingBack) {
      Button ask = new Button(run.map(r -> "Take back " + r + "…").orElse("Take all back…"));
      ask.setId("take-back");
      ask.setOnAction(
          e -> {
            takingBack = true;
            refresh();
          });
      row.getChildren().add(ask);
      content().getChildren().add(row);
      return;
    }
    Label sure =
        Words.note(
            run.map(r -> r + " may move then, and what was written against it shifts.")
                .orElse(
                    handOut.nails().size()
                        + " pieces may move then, and every sequence that was written against"
                        + " them shifts."),
            "stop");
    Button yes = new Button("Take back");
    yes.setId("take-back-sure");
    yes.setOnAction(
        e ->
            session.edit(
                run.map(r -> "The addresses of " + r + " are taken back.")
                    .orElse("The addresses are taken back."),
                s -> HandOuts.takeBack(s, run)));
    Button no = new Button("Leave them");
    no.setOnAction(
        e -> {
          takingBack = false;
          refresh();
        });
    row.getChildren().addAll(yes, no);
    content().getChildren().addAll(sure, row);
  }

  private void title(String text) {
    content().getChildren().add(Words.heading(text));
  }

  private void soft(String text) {
    content().getChildren().add(Words.softLines(text));
  }
}
