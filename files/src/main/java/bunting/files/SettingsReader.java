package bunting.files;

import bunting.core.limits.Range;
import bunting.core.show.Addressing;
import bunting.core.show.BoxStarts;
import bunting.core.show.Catalogue;
import bunting.core.show.Circuit;
import bunting.core.show.Controller;
import bunting.core.show.Mains;
import bunting.core.show.Network;
import bunting.core.show.Planning;
import bunting.core.show.PortStart;
import bunting.core.show.Preparation;
import bunting.core.show.Protocol;
import bunting.core.show.Show;
import bunting.core.show.ShowSettings;
import bunting.core.show.Site;
import bunting.core.show.SlotSplit;
import bunting.core.show.UniverseRange;
import bunting.core.show.Wiring;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** SETTINGS.json: a show without runs. Every part is optional. */
final class SettingsReader {
  private static final Pattern UNIVERSES = Pattern.compile("(\\d{1,5})(?:-(\\d{1,5}))?");

  private SettingsReader() {}

  static Show read(JsonFields in) throws BadInputException {
    PricesJson.Read prices = PricesJson.read(in);
    ShowSettings settings = showSettings(in, prices.currency());
    List<Site> sites =
        in.list(
                "sites",
                f ->
                    new Site(
                        f.text("id"),
                        f.number("x", Range.PLACE),
                        f.number("y", Range.PLACE),
                        f.number("z", Range.PLACE, 0)),
                Site::id)
            .orElse(List.of());
    Addressing addressing = addressing(in);
    Planning planning = AllottingJson.planning(in, prices);
    Network network = NetworkJson.read(in);
    Catalogue catalogue = CatalogueJson.read(in);
    Wiring wiring = WiringJson.settings(in, WiringJson.ids(catalogue.wires()));
    Optional<List<Controller>> controllers = controllers(in, catalogue);
    Optional<List<Circuit>> circuits = MainsJson.circuits(in, settings);
    Mains mains = new Mains(HoursJson.read(in), MainsJson.devices(in), MainsJson.rules(in));
    Preparation preparation = PreparationJson.read(in).orElse(Preparation.NONE);
    in.done();
    Show show =
        new Show(settings, sites, addressing, catalogue, controllers, circuits, List.of())
            .withLeftovers(in.leftovers());
    return show.withAllotting(show.allotting().with(planning))
        .withNetwork(network)
        .withWiring(wiring)
        .withMains(mains)
        .withPreparation(preparation);
  }

  private static ShowSettings showSettings(JsonFields in, String currency)
      throws BadInputException {
    ShowSettings d = ShowSettings.DEFAULT;
    Optional<JsonFields> found = in.object("show");
    if (found.isEmpty()) {
      return d.withCurrency(currency);
    }
    JsonFields f = found.get();
    ShowSettings settings =
        new ShowSettings(
            f.text("name", d.name()),
            f.number("mainsVolts", Range.VOLTS, d.mainsVolts()),
            f.number("targetFps", Range.FPS, d.targetFps()),
            f.number("brightnessPercent", Range.between(0, 100), d.brightnessPercent()),
            f.number("supplyLoadPercentMax", Range.between(1, 100), d.supplyLoadPercentMax()),
            f.number("fuseMargin", Range.between(1, 1000), d.fuseMargin()),
            f.number("minVoltsPercent", Range.LEAST_VOLTS, d.minVoltsPercent()),
            currency);
    f.done();
    return settings;
  }

  private static Addressing addressing(JsonFields in) throws BadInputException {
    Addressing d = Addressing.DEFAULT;
    Optional<JsonFields> found = in.object("addressing");
    if (found.isEmpty()) {
      return d;
    }
    JsonFields f = found.get();
    Protocol protocol = f.choice("protocol", Protocol.values(), Protocol::id, d.protocol());
    Addressing addressing =
        new Addressing(
            protocol,
            f.whole("startUniverse", Range.between(1, protocol.universeMax()), d.startUniverse()),
            f.choice("split", SlotSplit.values(), SlotSplit::id, d.split()),
            f.choice("portStart", PortStart.values(), PortStart::id, d.portStart()),
            reserved(f),
            boxStarts(f, protocol));
    f.done();
    return addressing;
  }

  private static BoxStarts boxStarts(JsonFields f, Protocol protocol) throws BadInputException {
    Map<String, Integer> at = new HashMap<>();
    f.list(
        "boxStarts",
        b -> {
          at.put(b.text("box"), b.whole("universe", Range.between(1, protocol.universeMax())));
          return at.size();
        },
        String::valueOf);
    return new BoxStarts(f.whole("boxStartEvery", Range.between(0, 63_999), 0), at);
  }

  private static List<UniverseRange> reserved(JsonFields f) throws BadInputException {
    Map<String, String> owners = AllottingJson.texts(f, "owners");
    List<UniverseRange> ranges = new ArrayList<>();
    for (String text : f.texts("reserved").orElse(List.of())) {
      Matcher m = UNIVERSES.matcher(text.strip());
      int first = m.matches() ? Integer.parseInt(m.group(1)) : 0;
      int last = m.matches() && m.group(2) != null ? Integer.parseInt(m.group(2)) : first;
      if (first < 1 || last < first || last > Protocol.SACN.universeMax()) {
        throw f.wrong(
            "reserved[" + ranges.size() + "]",
            "should be a universe or a range of universes from 1 to 63999, such as \"100\" or"
                + " \"1-4\".");
      }
      ranges.add(new UniverseRange(first, last, owners.getOrDefault(text.strip(), "")));
    }
    return ranges;
  }

  private static Optional<List<Controller>> controllers(JsonFields in, Catalogue catalogue)
      throws BadInputException {
    Set<String> types = catalogue.controllerTypesById().keySet();
    return in.list(
        "controllers",
        f -> {
          String type = f.text("type");
          if (!types.contains(type)) {
            throw f.wrong(
                "type",
                "should be the id of a controller type; "
                    + BadInputException.echo(type)
                    + " is not in the list.");
          }
          return new Controller(
              f.text("id"),
              type,
              f.number("x", Range.PLACE, 0),
              f.number("y", Range.PLACE, 0),
              f.number("z", Range.PLACE, 0));
        },
        Controller::id);
  }
}
