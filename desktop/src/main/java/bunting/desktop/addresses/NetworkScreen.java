package bunting.desktop.addresses;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.addressing.NetworkAddresses;
import bunting.core.assess.Reading;
import bunting.core.network.DmxLine;
import bunting.core.network.NetworkPlan;
import bunting.core.network.WireFigures;
import bunting.core.show.Network;
import bunting.core.show.Protocol;
import bunting.core.units.Lengths;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The network sheet: addresses and links of the boxes, commissioning, and the DMX lines. */
public final class NetworkScreen extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<NetworkScreen> SCREEN =
      ScreenDefinition.of("network", "Addresses", "Network", NetworkScreen::new)
          .reachedBy("Shortcut+Shift+N", "Addresses: the network sheet");

  private static final double[] COLUMNS = {116, 120, 92, 64, 60, 50};
  private static final String[] HEADS = {
    "Box", "Address", "Universes", "Packets/s", "Mbit/s", "Wi-Fi"
  };

  private final Session session;
  private final Label facts = new Label();
  private final HBox sending = new HBox(12);
  private final ListView<NetworkPlan.Link> links = new ListView<>();
  private final VBox steps = new VBox(3);
  private final VBox lines = new VBox(8);
  private final NetworkSide side;
  private boolean filling;

  private NetworkScreen(Desk desk) {
    super(8);
    this.session = desk.session();
    this.side = new NetworkSide(session, LaptopNetwork.SYSTEM);
    setId("network");
    getStyleClass().add("sheet");
    setFocusTraversable(true);
    Label title = new Label("Network");
    title.getStyleClass().add("heading");
    title.setMinWidth(USE_PREF_SIZE);
    facts.getStyleClass().add("soft");
    facts.setWrapText(true);
    sending.setAlignment(Pos.CENTER_LEFT);
    HBox head = new HBox(6);
    for (int i = 0; i < HEADS.length; i++) {
      head.getChildren().add(cell(HEADS[i], COLUMNS[i], "soft"));
    }
    head.setPadding(new Insets(4, 0, 0, 8));
    links.setId("network-links");
    links.setCellFactory(v -> new LinkCell());
    links.setMinHeight(150);
    links
        .getSelectionModel()
        .selectedItemProperty()
        .addListener((o, was, now) -> chosen(Optional.ofNullable(now)));
    VBox.setVgrow(links, Priority.ALWAYS);
    HBox below =
        new HBox(
            24, scrolled("Commissioning, one box at a time", steps), scrolled("DMX lines", lines));
    below.setMinHeight(236);
    below.setPrefHeight(262);
    getChildren().addAll(new HBox(12, title, facts), sending, head, links, below);
    session.assessment().addListener(o -> refresh());
    refresh();
  }

  private static Node scrolled(String title, VBox content) {
    Label head = new Label(title);
    head.getStyleClass().add("heading-small");
    ScrollPane scroll = new ScrollPane(content);
    scroll.setFitToWidth(true);
    scroll.getStyleClass().add("plain-scroll");
    VBox.setVgrow(scroll, Priority.ALWAYS);
    VBox box = new VBox(6, head, scroll);
    HBox.setHgrow(box, Priority.ALWAYS);
    box.setMaxWidth(Double.MAX_VALUE);
    box.setPrefWidth(400);
    return box;
  }

  static Label cell(String text, double width, String... styles) {
    Label label = new Label(text);
    label.setMinWidth(width);
    label.setMaxWidth(width);
    label.getStyleClass().addAll(styles);
    return label;
  }

  private void chosen(Optional<NetworkPlan.Link> link) {
    if (!filling) {
      side.at(link);
    }
  }

  /** The box that was chosen stays so. */
  private void relink(List<NetworkPlan.Link> now) {
    Optional<String> was =
        Optional.ofNullable(links.getSelectionModel().getSelectedItem()).map(NetworkPlan.Link::box);
    filling = true;
    links.getItems().setAll(now);
    int at = now.stream().map(NetworkPlan.Link::box).toList().indexOf(was.orElse(""));
    if (at >= 0) {
      links.getSelectionModel().clearAndSelect(at);
    }
    filling = false;
  }

  private void refresh() {
    session.assessment().get().ifPresent(a -> fill(a.reading()));
  }

  private void fill(Reading reading) {
    NetworkPlan plan = NetworkPlan.of(reading);
    Network n = reading.show().network();
    Protocol protocol = reading.show().addressing().protocol();
    String how = protocol != Protocol.SACN ? "unicast" : n.multicast() ? "multicast" : "unicast";
    facts.setText(
        plan.subnet()
            + " · "
            + Names.of(protocol)
            + " "
            + how
            + " · at "
            + number(reading.show().settings().targetFps())
            + " fps the sender sends "
            + fixed(plan.packetsPerSecond(), 0)
            + " packets, "
            + fixed(plan.megabits(), 1)
            + " Mbit a second");
    sending(reading, n, protocol);
    side.plan(plan);
    relink(plan.links());
    steps.getChildren().clear();
    for (NetworkPlan.Step step : plan.commissioning()) {
      Label line = new Label("☐  " + step.what());
      line.setWrapText(true);
      line.setMinHeight(USE_PREF_SIZE);
      line.getStyleClass().add(step.box().isEmpty() ? "heading-small" : "fine");
      steps.getChildren().add(line);
    }
    lines.getChildren().clear();
    List<DmxLine> dmx = DmxLine.of(reading);
    if (dmx.isEmpty()) {
      Label none = new Label("No plain sets, so no dimmer boards and no DMX cable.");
      none.getStyleClass().add("soft");
      none.setWrapText(true);
      lines.getChildren().add(none);
    }
    dmx.forEach(l -> lines.getChildren().add(DmxLineRows.of(l, Lengths.of(reading.show()))));
  }

  private void sending(Reading reading, Network n, Protocol protocol) {
    Label sender = new Label("Sender " + n.sender());
    CheckBox groups = new CheckBox("multicast: a group for each universe");
    groups.setId("network-multicast");
    groups.setSelected(n.multicast());
    groups.setDisable(protocol != Protocol.SACN);
    groups
        .selectedProperty()
        .addListener(
            (o, was, now) ->
                session.edit(
                    now ? "Universes are sent to groups." : "Universes are sent to their boxes.",
                    s -> s.withNetwork(s.network().withMulticast(now))));
    int universes = reading.totals().universes();
    boolean many = n.multicast() && universes > n.switchUniverses();
    Label verdict =
        new Label(
            universes
                + " universes; simple switches bear some "
                + n.switchUniverses()
                + " by multicast"
                + (many ? ": too many, send unicast or use IGMP snooping" : ""));
    verdict.getStyleClass().add(many ? "is-other" : "soft");
    String first =
        reading.segments().isEmpty() || reading.segments().getFirst().slots().isEmpty()
            ? ""
            : WireFigures.multicast(reading.segments().getFirst().slots().getFirst().universe());
    Label group = new Label(n.multicast() && !first.isEmpty() ? "from " + first : "");
    group.getStyleClass().add("soft");
    sending.getChildren().setAll(sender, groups, group, verdict);
  }

  /** A box and its link. */
  private final class LinkCell extends ListCell<NetworkPlan.Link> {
    @Override
    protected void updateItem(NetworkPlan.Link link, boolean empty) {
      super.updateItem(link, empty);
      setGraphic(empty || link == null ? null : row(link));
    }

    private Node row(NetworkPlan.Link link) {
      TextField address = new TextField(link.address());
      address.setId("address-" + link.box());
      address.setMinWidth(COLUMNS[1]);
      address.setMaxWidth(COLUMNS[1]);
      address.setAccessibleText("Address of " + link.box());
      address.setOnAction(e -> readdress(link.box(), address.getText().strip()));
      CheckBox wifi = new CheckBox();
      wifi.setAccessibleText(link.box() + " on Wi-Fi");
      wifi.setSelected(link.wifi());
      wifi.selectedProperty()
          .addListener(
              (o, was, now) ->
                  session.edit(
                      link.box() + (now ? " is on Wi-Fi." : " is on a cable."),
                      s -> s.withNetwork(s.network().withWifi(link.box(), now))));
      boolean tooMuch =
          link.wifi()
              && session.show().filter(s -> link.received() > s.network().wifiMbits()).isPresent();
      Label rate = cell(fixed(link.received(), 1) + (tooMuch ? " !" : ""), COLUMNS[4]);
      rate.getStyleClass().add(tooMuch ? "is-other" : "figure");
      Label name = cell(link.box(), COLUMNS[0], "heading-small");
      name.setOnMouseClicked(e -> session.selection().set(new Selection.OfBox(link.box())));
      Label universes = cell(link.universeText(), COLUMNS[2]);
      HBox row =
          new HBox(
              6,
              name,
              address,
              universes,
              cell(fixed(link.packetsPerSecond(), 0), COLUMNS[3]),
              rate,
              wifi);
      row.setAlignment(Pos.CENTER_LEFT);
      return row;
    }
  }

  private void readdress(String box, String text) {
    if (!text.isEmpty() && !NetworkAddresses.valid(text)) {
      session.say("Give an IPv4 address, such as 10.20.0.11, or nothing for the next free one.");
      return;
    }
    session.edit(
        box + (text.isEmpty() ? " has the next free address." : " is at " + text + "."),
        s -> s.withNetwork(s.network().withAddress(box, text)));
  }

  @Override
  public List<Region> side(Region inspector) {
    return List.of(side);
  }

  @Override
  public boolean busy() {
    return side.busy();
  }

  @Override
  public void takeKeyboard() {
    links.requestFocus();
  }
}
