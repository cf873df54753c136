package bunting.desktop.addresses;

import bunting.core.show.Addressing;
import bunting.desktop.session.Session;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import java.time.LocalDate;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The universe tape with what finds and folds it. */
public final class AddressScreen extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<AddressScreen> SCREEN =
      ScreenDefinition.of("addresses", "Addresses", "Universe tape", AddressScreen::new)
          .reachedBy("F7", "Addresses: the universe tape")
          .pictured("addresses", (desk, view) -> AddressPictures.handedOut(desk.session()));

  private final Session session;
  private final TapeView tape;
  private final AddressSide side;
  private final Label policy = new Label();

  private AddressScreen(Desk desk) {
    super(6);
    this.session = desk.session();
    this.tape = new TapeView(session, desk.palette());
    this.side = new AddressSide(session, LocalDate::now);
    getStyleClass().add("survey");
    Label title = new Label("Universe tape");
    title.getStyleClass().add("heading");
    title.setMinWidth(USE_PREF_SIZE);
    policy.getStyleClass().add("soft");
    TextField find = new TextField();
    find.setId("tape-find");
    find.setPromptText("universe, box or run");
    find.setAccessibleText("Find a universe, a box or a run on the tape");
    find.setPrefColumnCount(13);
    find.setMinWidth(USE_PREF_SIZE);
    find.setOnAction(
        e -> {
          if (!find.getText().isBlank() && !tape.find(find.getText().strip())) {
            session.say("Nothing on the tape is called " + find.getText().strip() + ".");
          }
        });
    Button fold = new Button("Fold all");
    fold.setId("tape-fold");
    fold.getStyleClass().add("small");
    fold.setMinWidth(USE_PREF_SIZE);
    fold.setOnAction(e -> tape.foldAll());
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    HBox top = new HBox(10, title, policy, gap, find, fold);
    top.setAlignment(Pos.CENTER_LEFT);
    VBox.setVgrow(tape, Priority.ALWAYS);
    getChildren().addAll(top, tape);
    session.assessment().addListener(o -> refresh());
    refresh();
  }

  private void refresh() {
    session
        .show()
        .ifPresent(
            show -> {
              Addressing a = show.addressing();
              policy.setText(
                  Names.of(a.protocol())
                      + " · "
                      + Names.of(a.split())
                      + show.allotting()
                          .handOut()
                          .map(h -> " · ● handed out " + h.date())
                          .orElse(" · not handed out"));
            });
  }

  @Override
  public List<Region> side(Region inspector) {
    return List.of(side);
  }

  @Override
  public void takeKeyboard() {
    tape.requestFocus();
  }
}
