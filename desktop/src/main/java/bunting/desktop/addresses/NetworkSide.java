package bunting.desktop.addresses;

import static bunting.core.show.Texts.number;

import bunting.core.addressing.Ip4;
import bunting.core.addressing.Subnet;
import bunting.core.network.NetworkPlan;
import bunting.core.network.Reach;
import bunting.core.network.UnknownBox;
import bunting.core.network.WireFigures;
import bunting.core.show.Network;
import bunting.core.show.Show;
import bunting.desktop.kit.Buttons;
import bunting.desktop.kit.Form;
import bunting.desktop.kit.Newest;
import bunting.desktop.kit.SidePanel;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/**
 * Beside the network sheet: whose network it is, what of it this computer reaches, and what to do
 * with a box that nobody finds.
 */
final class NetworkSide extends SidePanel {
  private final Session session;
  private final LaptopNetwork laptop;
  private final Newest asking;
  private final VBox form = new VBox(6);
  private final VBox reach = new VBox(5);
  private final VBox box = new VBox(5);
  private final VBox air = new VBox(5);
  private Optional<Network> shown = Optional.empty();
  private Optional<NetworkPlan> plan = Optional.empty();
  private Optional<NetworkPlan.Link> link = Optional.empty();
  private Optional<List<Reach.Nic>> nics = Optional.empty();
  private Optional<Told> told = Optional.empty();

  /** What the steps of a box follow from. */
  private record Told(Network network, Optional<NetworkPlan.Link> link) {}

  NetworkSide(Session session, LaptopNetwork laptop) {
    super("network-side", 16);
    this.session = session;
    this.laptop = laptop;
    this.asking = new Newest(session.background());
    reach.setId("network-reach");
    box.setId("network-box");
    content().getChildren().addAll(form, reach, box, air);
    session.document().show().addListener(o -> refresh());
    refresh();
  }

  void plan(NetworkPlan now) {
    plan = Optional.of(now);
    link = link.flatMap(l -> now.links().stream().filter(x -> x.box().equals(l.box())).findFirst());
    refresh();
  }

  void at(Optional<NetworkPlan.Link> now) {
    link = now;
    refresh();
  }

  boolean busy() {
    return asking.busy().get();
  }

  private void refresh() {
    keepingFocus(
        () -> {
          Optional<Network> now = session.show().map(Show::network);
          if (!now.equals(shown) || form.getChildren().isEmpty()) {
            shown = now;
            form.getChildren().setAll(now.map(this::form).orElse(List.of()));
          }
          reach.getChildren().setAll(now.map(this::reach).orElse(List.of()));
          // Made anew only where it would differ: what is being typed stays.
          Optional<Told> of = now.map(n -> new Told(n, link));
          if (!of.equals(told) || box.getChildren().isEmpty()) {
            told = of;
            box.getChildren().setAll(now.map(this::box).orElse(List.of()));
          }
          air.getChildren().setAll(session.show().map(this::air).orElse(List.of()));
        });
  }

  private List<Node> form(Network network) {
    List<Node> rows = new ArrayList<>();
    rows.add(Words.subheading("Whose network it is"));
    rows.add(
        Words.softLines(
            "In a hall or a house ask for these before anything is plugged in; boxes then get"
                + " addresses that nobody else has."));
    rows.addAll(LanForm.of(session, network).rows());
    Subnet subnet = Subnet.of(network);
    rows.add(
        Words.softLines(
            "Addresses from "
                + subnet.first().plus(1).text()
                + " to "
                + subnet.broadcast().plus(-1).text()));
    return rows;
  }

  private List<Node> reach(Network network) {
    List<Node> rows = new ArrayList<>();
    rows.add(Words.subheading("What this computer reaches"));
    rows.add(Buttons.of("network-ask", "Look at its interfaces", this::ask));
    if (nics.isEmpty()) {
      rows.add(Words.softLines("They are only read; nothing is sent."));
      return rows;
    }
    for (Reach.Nic n : nics.get()) {
      rows.add(Words.softLines(n.name() + ": " + n.address().text() + "/" + n.prefix()));
    }
    if (nics.get().isEmpty()) {
      rows.add(Words.softLines("It has none that is up: plug the cable in."));
    }
    List<Node> well = new ArrayList<>();
    int reached = 0;
    for (NetworkPlan.Link l : plan.map(NetworkPlan::links).orElse(List.of())) {
      Reach.Verdict v = Reach.of(nics.get(), Ip4.parse(l.address()).orElseThrow(), network);
      if (v.outcome() == Reach.Outcome.REACHED) {
        reached++;
      } else {
        well.add(Words.lines("! " + l.box() + ", " + l.address() + ": " + v.why(), "problem"));
      }
    }
    rows.add(
        Words.lines(
            reached + " of " + plan.map(p -> p.links().size()).orElse(0) + " boxes are reached."));
    rows.addAll(well.size() > 3 ? same(well) : well);
    return rows;
  }

  /** A dozen boxes in one wrong subnet have one reason. */
  private static List<Node> same(List<Node> all) {
    List<Node> few = new ArrayList<>(all.subList(0, 3));
    few.add(Words.softLines("and " + (all.size() - 3) + " more."));
    return few;
  }

  private void ask() {
    asking.ask(
        "looking at the interfaces",
        job -> laptop.interfaces(),
        found -> {
          nics = Optional.of(found);
          refresh();
        },
        session::say);
  }

  private List<Node> box(Network network) {
    List<Node> rows = new ArrayList<>();
    if (link.isEmpty()) {
      rows.add(Words.subheading("A box that nobody finds"));
      rows.add(Words.softLines("Choose its row: what to do, step by step, is told here."));
      return rows;
    }
    NetworkPlan.Link l = link.get();
    rows.add(Words.subheading(l.box() + " does not answer"));
    int n = 1;
    for (String step : UnknownBox.steps(l.type(), l.address(), network)) {
      rows.add(Words.lines(n + ". " + step, "fine"));
      n++;
    }
    Form cable = new Form();
    cable
        .text(
            "Its cable",
            "network-borrowed",
            network.lan().borrowed().getOrDefault(l.box(), ""),
            "",
            text -> {
              session.edit(
                  text.isEmpty()
                      ? l.box() + " has a cable of its own."
                      : l.box() + " is on a borrowed cable.",
                  s -> s.withNetwork(s.network().with(s.network().lan().borrowing(l.box(), text))));
              return Optional.empty();
            })
        .prompting("borrowed from: the till");
    rows.addAll(cable.rows());
    return rows;
  }

  private List<Node> air(Show show) {
    Network n = show.network();
    double fps = show.settings().targetFps();
    int bears = WireFigures.universes(show.addressing().protocol(), n.wifiMbits(), fps);
    return List.of(
        Words.subheading("By Wi-Fi, and from zero"),
        Words.softLines(
            "Wi-Fi trusted with "
                + number(n.wifiMbits())
                + " Mbit/s bears "
                + bears
                + " full universes at "
                + number(fps)
                + " fps; a cable has no such limit here."),
        Words.softLines(
            "Here universes, slots, ports and pixels count from 1. Some senders and boxes count"
                + " from 0: there everything is one less."));
  }
}
