package bunting.desktop.addresses;

import bunting.core.addressing.Ip4;
import bunting.core.addressing.Subnet;
import bunting.core.limits.Range;
import bunting.core.show.Lan;
import bunting.core.show.Network;
import bunting.desktop.kit.Form;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;

/** What is edited of the network: its own, or one that belongs to others. */
final class LanForm {
  private static final Pattern BASE = Pattern.compile("\\d{1,3}(\\.\\d{1,3}){1,2}");
  private static final String ADDRESS_WANTED = "An IPv4 address, such as 192.168.1.2";

  private final Session session;
  private final Network network;

  private LanForm(Session session, Network network) {
    this.session = session;
    this.network = network;
  }

  static Form of(Session session, Network network) {
    Form form = new Form();
    LanForm editor = new LanForm(session, network);
    editor.base(form);
    editor.others(form);
    return form;
  }

  private void base(Form form) {
    form.text("Begins", "lan-base", network.base(), "", this::base).prompting("192.168.1");
    List<Integer> bits = new ArrayList<>(List.of(0));
    for (int p = 8; p <= 30; p++) {
      bits.add(p);
    }
    form.choice(
        "Mask",
        "lan-prefix",
        bits,
        p -> p == 0 ? "usual for that" : "/" + p + "  " + Subnet.around(new Ip4(0), p).maskText(),
        network.lan().prefix().orElse(0),
        p -> lan(l -> l.withPrefix(p == 0 ? OptionalInt.empty() : OptionalInt.of(p))));
    form.whole(
        "First box",
        "lan-first",
        network.firstHost(),
        "last number",
        Range.between(1, 200),
        v -> edit(n -> n.at(n.base(), v, n.sender())));
    form.text(
        "Sender",
        "lan-sender",
        network.sender(),
        "",
        text ->
            Ip4.parse(text).isEmpty()
                ? Optional.of(ADDRESS_WANTED)
                : edit(n -> n.at(n.base(), n.firstHost(), text)));
  }

  private void others(Form form) {
    form.text(
            "Router",
            "lan-gateway",
            network.lan().gateway().orElse(""),
            "",
            text ->
                !text.isEmpty() && Ip4.parse(text).isEmpty()
                    ? Optional.of(ADDRESS_WANTED)
                    : lan(l -> l.withGateway(Optional.of(text).filter(t -> !t.isEmpty()))))
        .prompting("192.168.1.1");
    form.text(
            "gives out",
            "lan-pool",
            String.join(", ", network.lan().pool().stream().map(Lan.Pool::text).toList()),
            "",
            text ->
                pool(text)
                    .map(list -> lan(l -> l.withPool(list)))
                    .orElse(Optional.of("From-to, such as 192.168.1.100-192.168.1.199")))
        .prompting("192.168.1.100-192.168.1.199");
    form.text(
            "Taken",
            "lan-taken",
            taken(network.lan().taken()),
            "",
            text ->
                takenOf(text)
                    .map(map -> lan(l -> l.withTaken(map)))
                    .orElse(Optional.of("Address and what has it: 192.168.1.20 till")))
        .prompting("192.168.1.20 till");
  }

  /** A sender that was in the old network is in the new one too. */
  private Optional<String> base(String text) {
    String padded = text + ".0".repeat(Math.max(0, 4 - text.split("\\.", -1).length));
    if (!BASE.matcher(text).matches() || Ip4.parse(padded).isEmpty()) {
      return Optional.of("Two or three numbers, such as 10.20 or 192.168.1");
    }
    return edit(
        n -> {
          Network next = n.at(text, n.firstHost(), n.sender());
          Subnet subnet = Subnet.of(next);
          boolean there = Ip4.parse(n.sender()).filter(subnet::isHost).isPresent();
          return there ? next : n.at(text, n.firstHost(), subnet.first().plus(2).text());
        });
  }

  static Optional<List<Lan.Pool>> pool(String text) {
    List<Lan.Pool> list = new ArrayList<>();
    for (String part : text.isBlank() ? new String[0] : text.split(",", -1)) {
      String[] ends = part.split("-", -1);
      Optional<Ip4> from = Ip4.parse(ends[0].strip());
      Optional<Ip4> to = Ip4.parse(ends[ends.length - 1].strip());
      if (ends.length != 2
          || from.isEmpty()
          || to.isEmpty()
          || from.get().compareTo(to.get()) > 0) {
        return Optional.empty();
      }
      list.add(new Lan.Pool(from.get().text(), to.get().text()));
    }
    return Optional.of(list);
  }

  private static String taken(Map<String, String> taken) {
    return String.join(
        ", ",
        taken.entrySet().stream().map(e -> (e.getKey() + " " + e.getValue()).strip()).toList());
  }

  static Optional<Map<String, String>> takenOf(String text) {
    Map<String, String> map = new TreeMap<>();
    for (String part : text.isBlank() ? new String[0] : text.split(",", -1)) {
      String[] words = part.strip().split("\\s+", 2);
      Optional<Ip4> address = Ip4.parse(words[0]);
      if (address.isEmpty()) {
        return Optional.empty();
      }
      map.put(address.get().text(), words.length > 1 ? words[1] : "something else");
    }
    return Optional.of(map);
  }

  private Optional<String> lan(UnaryOperator<Lan> change) {
    return edit(n -> n.with(change.apply(n.lan())));
  }

  private Optional<String> edit(UnaryOperator<Network> change) {
    session.edit("The network was changed.", s -> s.withNetwork(change.apply(s.network())));
    return Optional.empty();
  }
}
