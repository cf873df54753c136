package bunting.desktop.prepare;

import bunting.core.kit.Purchase;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.desktop.kit.Columns;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Session;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TableView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** All that is to be bought: how much, from whom, for how much, and by which day. */
public final class ShoppingScreen extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<ShoppingScreen> SCREEN =
      ScreenDefinition.of("shopping", "Papers", "Shopping", ShoppingScreen::new)
          .reachedBy("Shortcut+Shift+P", "Shopping: what is bought from whom, and by when")
          .pictured("shopping", (desk, view) -> view.pose());

  private final Session session;
  private final PrepareModel model;
  private final OrderCord cord;
  private final ShoppingSide side;
  private final Label sum = Words.soft("");
  private final Label days = Words.softLines("");
  private final TableView<Purchase> table;

  private ShoppingScreen(Desk desk) {
    super(8);
    this.session = desk.session();
    this.model = new PrepareModel(session);
    this.cord = new OrderCord(desk.palette(), this::choose);
    this.side = new ShoppingSide(session);
    getStyleClass().add("sheet");
    sum.setId("shopping-sum");
    days.setId("shopping-days");
    table =
        new Columns<Purchase>("shopping-table", "No plan yet: there is nothing to buy.")
            .add("What", 384, p -> p.need().part())
            .add("Shelf", 48, p -> amount(p.need().shelf()))
            .add("Buy", 44, p -> p.taken().buy() > 0 ? "" + p.taken().buy() : "\u2013")
            .add("Sum", 62, p -> p.taken().cost() > 0 ? Texts.fixed(p.taken().cost(), 2) : "")
            .add("From", 132, p -> p.taken().from())
            .add("Order by", 112, ShoppingScreen::by)
            .table();
    VBox.setVgrow(table, Priority.ALWAYS);
    HBox head = new HBox(12, Words.heading("Shopping"), sum);
    head.setAlignment(Pos.BASELINE_LEFT);
    getChildren().addAll(head, days, cord, table);
    table
        .getSelectionModel()
        .selectedItemProperty()
        .addListener((o, was, now) -> side.show(Optional.ofNullable(now)));
    model.lists().addListener(o -> refresh());
    session.assessment().addListener(o -> look());
    session.document().show().addListener(o -> look());
    session.file().addListener(o -> look());
    sceneProperty().addListener(o -> look());
    refresh();
  }

  private static String amount(double value) {
    return value > 0 ? Texts.number(Math.rint(10 * value) / 10) : "";
  }

  private static String by(Purchase p) {
    return p.taken().orderBy().map(LocalDate::toString).orElse("")
        + (p.taken().late() ? " late" : "");
  }

  private void look() {
    if (getScene() != null) {
      model.refresh();
    }
  }

  private void choose(Purchase purchase) {
    table.getSelectionModel().select(purchase);
    table.scrollTo(purchase);
  }

  private void refresh() {
    Optional<PrepareModel.Lists> lists = model.lists().get();
    List<Purchase> all = lists.map(PrepareModel.Lists::purchases).orElse(List.of());
    Optional<String> chosen =
        Optional.ofNullable(table.getSelectionModel().getSelectedItem()).map(p -> p.need().part());
    table.getItems().setAll(all);
    Optional<Purchase> again =
        chosen.flatMap(c -> all.stream().filter(p -> p.need().part().equals(c)).findFirst());
    again.ifPresent(p -> table.getSelectionModel().select(p));
    side.show(again);
    Optional<Show> show = session.show();
    Optional<LocalDate> opening = show.flatMap(s -> s.preparation().opening(s));
    cord.show(all, opening, lists.map(PrepareModel.Lists::today).orElse(LocalDate.EPOCH));
    boolean hangs = opening.isPresent() && !all.isEmpty();
    cord.setVisible(hangs);
    cord.setManaged(hangs);
    sum.setText(lists.isEmpty() ? "" : together(all, show.orElseThrow()));
    days.setText(
        opening.isEmpty()
            ? "Say the first evening at the right: then each thing has a day to order it by."
            : late(all));
  }

  private static String together(List<Purchase> all, Show show) {
    double cost = all.stream().mapToDouble(p -> p.taken().cost()).sum();
    long open = all.stream().filter(p -> p.taken().buy() > 0).count();
    long unpriced = all.stream().filter(p -> p.taken().buy() > 0 && p.taken().price() <= 0).count();
    return Texts.count(open, "thing", "things")
        + " to buy, "
        + show.settings().price(cost)
        + (unpriced > 0 ? "; " + unpriced + " have no price yet" : "");
  }

  private static String late(List<Purchase> all) {
    long late = all.stream().filter(p -> p.taken().late()).count();
    return late == 0
        ? "Each pennant is a day to order by; the number says how many things."
        : Texts.count(late, "thing comes", "things come")
            + " too late for the days you want to build in: find a quicker offer.";
  }

  /** A day in autumn, one thing with two offers. */
  private void pose() {
    model.setToday(LocalDate.of(2026, 9, 7));
    table.getItems().stream().filter(Purchase::compared).findFirst().ifPresent(this::choose);
  }

  @Override
  public List<Region> side(Region inspector) {
    return List.of(side);
  }

  @Override
  public boolean busy() {
    return model.busy();
  }

  @Override
  public void takeKeyboard() {
    table.requestFocus();
    if (table.getSelectionModel().isEmpty() && !table.getItems().isEmpty()) {
      table.getSelectionModel().select(0);
    }
  }
}
