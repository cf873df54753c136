package bunting.files;

import bunting.core.limits.Range;
import bunting.core.show.BreakerKind;
import bunting.core.show.Circuit;
import bunting.core.show.CircuitFacts;
import bunting.core.show.MainsDevice;
import bunting.core.show.PlaceRules;
import bunting.core.show.Point;
import bunting.core.show.RuleProfile;
import bunting.core.show.Show;
import bunting.core.show.ShowSettings;
import bunting.core.show.WallSwitch;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/** Circuits, and small things on the mains, in SETTINGS.json. */
final class MainsJson {
  private MainsJson() {}

  static Optional<List<Circuit>> circuits(JsonFields in, ShowSettings settings)
      throws BadInputException {
    return in.list("circuits", f -> circuit(f, settings.mainsVolts()), Circuit::id);
  }

  private static Circuit circuit(JsonFields f, double mainsVolts) throws BadInputException {
    return new Circuit(
        f.text("id"),
        f.number("volts", Range.VOLTS, mainsVolts),
        f.number("breakerAmps", Range.BREAKER),
        f.number("existingAmps", Range.AMPS, 0),
        new CircuitFacts(
            f.has("phase") ? OptionalInt.of(f.whole("phase", Range.PHASE)) : OptionalInt.empty(),
            f.has("rcdMilliamps")
                ? OptionalDouble.of(f.number("rcdMilliamps", Range.MILLIAMPS))
                : OptionalDouble.empty(),
            f.text("rcdWith", ""),
            place(f),
            f.choice("breaker", BreakerKind.values(), BreakerKind::id, BreakerKind.UNKNOWN),
            f.choice("wallSwitch", WallSwitch.values(), WallSwitch::id, WallSwitch.NONE),
            f.text("socket", ""),
            appliances(f)));
  }

  private static Optional<Point> place(JsonFields f) throws BadInputException {
    return f.has("x") || f.has("y") || f.has("z")
        ? Optional.of(
            new Point(
                f.number("x", Range.PLACE, 0),
                f.number("y", Range.PLACE, 0),
                f.number("z", Range.PLACE, 0)))
        : Optional.empty();
  }

  private static List<CircuitFacts.Appliance> appliances(JsonFields f) throws BadInputException {
    List<CircuitFacts.Appliance> list = new ArrayList<>();
    f.list(
        "also",
        a -> {
          list.add(new CircuitFacts.Appliance(a.text("what"), a.number("amps", Range.AMPS)));
          return list.size();
        },
        String::valueOf);
    return list;
  }

  static List<MainsDevice> devices(JsonFields in) throws BadInputException {
    return in.list(
            "devices",
            f ->
                new MainsDevice(
                    f.text("id"),
                    f.number("watts", Range.WATTS),
                    place(f),
                    f.optionalText("circuit"),
                    f.optionalText("keeps")),
            MainsDevice::id)
        .orElse(List.of());
  }

  static PlaceRules rules(JsonFields in) throws BadInputException {
    Optional<JsonFields> found = in.object("rules");
    if (found.isEmpty()) {
      return PlaceRules.UNSAID;
    }
    JsonFields f = found.get();
    PlaceRules d =
        f.choice("profile", RuleProfile.values(), RuleProfile::id, RuleProfile.OWN).rules();
    PlaceRules rules =
        new PlaceRules(
            d.profile(),
            f.number("continuousPercent", Range.CONTINUOUS, d.continuousPercent()),
            f.has("temporaryDays")
                ? OptionalInt.of(f.whole("temporaryDays", Range.DAYS))
                : d.temporaryDays());
    f.done();
    return rules;
  }

  static void write(Json json, Show show) throws IOException {
    if (show.circuits().isPresent()) {
      json.list("circuits", show.circuits().get(), MainsJson::circuit);
    }
    if (!show.mains().devices().isEmpty()) {
      json.list(
          "devices",
          show.mains().devices(),
          (j, d) -> {
            j.put("id", d.id()).put("watts", d.watts());
            put(j, d.at());
            if (d.circuit().isPresent()) {
              j.put("circuit", d.circuit().get());
            }
            if (d.keeps().isPresent()) {
              j.put("keeps", d.keeps().get());
            }
          });
    }
    PlaceRules rules = show.mains().rules();
    if (!rules.equals(PlaceRules.UNSAID)) {
      json.object(
          "rules",
          j -> {
            j.put("profile", rules.profile().id())
                .put("continuousPercent", rules.continuousPercent());
            if (rules.temporaryDays().isPresent()) {
              j.put("temporaryDays", rules.temporaryDays().getAsInt());
            }
          });
    }
    if (show.mains().hours().isPresent()) {
      HoursJson.write(json, show.mains().hours().get());
    }
  }

  private static void put(Json json, Optional<Point> at) throws IOException {
    if (at.isPresent()) {
      json.at(at.get());
    }
  }

  private static void circuit(Json json, Circuit c) throws IOException {
    json.put("id", c.id())
        .put("volts", c.volts())
        .put("breakerAmps", c.breakerAmps())
        .put("existingAmps", c.restAmps());
    CircuitFacts facts = c.facts();
    if (facts.phase().isPresent()) {
      json.put("phase", facts.phase().getAsInt());
    }
    if (facts.rcdMilliamps().isPresent()) {
      json.put("rcdMilliamps", facts.rcdMilliamps().getAsDouble());
    }
    if (!facts.rcdWith().isEmpty()) {
      json.put("rcdWith", facts.rcdWith());
    }
    put(json, facts.at());
    if (facts.breaker() != BreakerKind.UNKNOWN) {
      json.put("breaker", facts.breaker().id());
    }
    if (facts.wallSwitch() != WallSwitch.NONE) {
      json.put("wallSwitch", facts.wallSwitch().id());
    }
    if (!facts.socket().isEmpty()) {
      json.put("socket", facts.socket());
    }
    if (!facts.also().isEmpty()) {
      json.list("also", facts.also(), (j, a) -> j.put("what", a.what()).put("amps", a.amps()));
    }
  }
}
