package bunting.files;

import bunting.core.addressing.Ip4;
import bunting.core.addressing.NetworkAddresses;
import bunting.core.limits.Range;
import bunting.core.show.Lan;
import bunting.core.show.Network;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.regex.Pattern;

/** The part of SETTINGS.json: {@code network}. */
final class NetworkJson {
  private static final Pattern BASE =
      Pattern.compile("(25[0-4]|2[0-4]\\d|1?\\d?\\d)(\\.(25[0-5]|2[0-4]\\d|1?\\d?\\d)){1,2}");

  private NetworkJson() {}

  static Network read(JsonFields in) throws BadInputException {
    Network d = Network.DEFAULT;
    Optional<JsonFields> found = in.object("network");
    if (found.isEmpty()) {
      return d;
    }
    JsonFields f = found.get();
    String base = f.text("base", d.base());
    if (!BASE.matcher(base).matches()) {
      throw f.wrong(
          "base",
          "should be the first two or three numbers of the addresses, such as \"10.20\" or"
              + " \"192.168.1\".");
    }
    Map<String, String> addresses = addresses(f);
    Network network =
        new Network(
            base,
            f.whole("firstHost", Range.between(1, 200), d.firstHost()),
            address(f, "sender", f.text("sender", sender(base))),
            f.flag("multicast", d.multicast()),
            f.whole("switchUniverses", Range.between(0, 63_999), d.switchUniverses()),
            f.number("wifiMbits", Range.atLeast(0), d.wifiMbits()),
            addresses,
            Set.copyOf(f.texts("wifi").orElse(List.of())),
            lan(f));
    f.done();
    return network;
  }

  /** The sender is in the network of its boxes unless somebody says otherwise. */
  private static String sender(String base) {
    return base.equals(Network.DEFAULT.base())
        ? Network.DEFAULT.sender()
        : base + (base.indexOf('.') == base.lastIndexOf('.') ? ".0.2" : ".2");
  }

  private static Lan lan(JsonFields f) throws BadInputException {
    OptionalInt prefix =
        f.has("prefix") ? OptionalInt.of(f.whole("prefix", Range.PREFIX)) : OptionalInt.empty();
    Optional<String> gateway =
        f.has("gateway") ? Optional.of(address(f, "gateway", f.text("gateway"))) : Optional.empty();
    List<Lan.Pool> pool = new ArrayList<>();
    for (String text : f.texts("pool").orElse(List.of())) {
      String[] ends = text.split("-", -1);
      Optional<Ip4> from = Ip4.parse(ends[0].strip());
      Optional<Ip4> to = Ip4.parse(ends[ends.length - 1].strip());
      if (ends.length > 2 || from.isEmpty() || to.isEmpty() || from.get().compareTo(to.get()) > 0) {
        throw f.wrong(
            "pool", "should list addresses from and to, such as \"192.168.1.100-192.168.1.199\".");
      }
      pool.add(new Lan.Pool(from.get().text(), to.get().text()));
    }
    Map<String, String> taken = AllottingJson.texts(f, "taken");
    for (String address : taken.keySet()) {
      address(f, "taken", address);
    }
    return new Lan(prefix, gateway, pool, taken, AllottingJson.texts(f, "borrowed"));
  }

  /** Reads {@code addresses}: an IPv4 address by the id of each controller. */
  static Map<String, String> addresses(JsonFields f) throws BadInputException {
    Map<String, String> addresses = AllottingJson.texts(f, "addresses");
    for (String text : addresses.values()) {
      address(f, "addresses", text);
    }
    return addresses;
  }

  static String address(JsonFields f, String key, String text) throws BadInputException {
    if (!NetworkAddresses.valid(text)) {
      throw f.wrong(key, "should be an IPv4 address, such as 10.20.0.11.");
    }
    return text;
  }

  static void write(Json json, Network n) throws IOException {
    if (n.equals(Network.DEFAULT)) {
      return;
    }
    json.object(
        "network",
        j -> {
          j.put("base", n.base())
              .put("firstHost", n.firstHost())
              .put("sender", n.sender())
              .put("multicast", n.multicast())
              .put("switchUniverses", n.switchUniverses())
              .put("wifiMbits", n.wifiMbits());
          AllottingJson.putAll(j, "addresses", n.addresses());
          j.texts("wifi", n.wifi());
          Lan lan = n.lan();
          if (lan.prefix().isPresent()) {
            j.put("prefix", lan.prefix().getAsInt());
          }
          if (lan.gateway().isPresent()) {
            j.put("gateway", lan.gateway().get());
          }
          if (!lan.pool().isEmpty()) {
            j.texts("pool", lan.pool().stream().map(Lan.Pool::text).toList());
          }
          if (!lan.taken().isEmpty()) {
            AllottingJson.putAll(j, "taken", lan.taken());
          }
          if (!lan.borrowed().isEmpty()) {
            AllottingJson.putAll(j, "borrowed", lan.borrowed());
          }
        });
  }
}
