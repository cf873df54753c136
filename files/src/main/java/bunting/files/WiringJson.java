package bunting.files;

import bunting.core.limits.Range;
import bunting.core.show.Conductors;
import bunting.core.show.FuseSizes;
import bunting.core.show.HeldPost;
import bunting.core.show.InjectionSchool;
import bunting.core.show.PowerWays;
import bunting.core.show.Run;
import bunting.core.show.Wire;
import bunting.core.show.Wiring;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** SETTINGS.json: {@code conductors} and {@code power}; the show file: {@code posts}. */
final class WiringJson {
  /** A supply's trimmer moves its volts by so much at the most, percent (common practice). */
  private static final double TRIM_PERCENT = 20;

  /** What is done about faults that are fed from behind. */
  private enum BackFeed {
    NOTE("note"),
    PROTECT("protect");

    final String id;

    BackFeed(String id) {
      this.id = id;
    }

    static BackFeed of(boolean protect) {
      return protect ? PROTECT : NOTE;
    }
  }

  private WiringJson() {}

  static Wiring settings(JsonFields in, Set<String> wires) throws BadInputException {
    return new Wiring(conductors(in, wires), ways(in), List.of());
  }

  private static Conductors conductors(JsonFields in, Set<String> wires) throws BadInputException {
    Conductors d = Conductors.PLAIN;
    Optional<JsonFields> found = in.object("conductors");
    if (found.isEmpty()) {
      return d;
    }
    JsonFields f = found.get();
    Map<Double, Double> trims = new TreeMap<>();
    f.list(
        "trims",
        t -> {
          double volts = t.number("volts", Range.above(0));
          double most = volts * TRIM_PERCENT / 100;
          trims.put(volts, t.number("to", Range.between(volts - most, volts + most)));
          return trims.size();
        },
        String::valueOf);
    Conductors conductors =
        new Conductors(
            f.number("celsius", Range.CELSIUS, d.celsius()),
            f.number("fuseMilliohms", Range.MILLIOHMS, d.fuseMilliohms()),
            f.number("connectorMilliohms", Range.MILLIOHMS, d.connectorMilliohms()),
            f.number("boardMilliohms", Range.MILLIOHMS, d.boardMilliohms()),
            f.number("inputM", Range.INPUT_LENGTH, d.inputM()),
            f.whole("inputWires", Range.between(1, 100), d.inputWires()),
            wire(f, "inputWire", wires),
            f.flag("brainOnBank", d.brainOnBank()),
            trims,
            jumper(f, d.jumper()));
    f.done();
    return conductors;
  }

  private static Optional<String> wire(JsonFields f, String key, Set<String> wires)
      throws BadInputException {
    Optional<String> wire = f.optionalText(key);
    if (wire.isPresent() && !wires.contains(wire.get())) {
      throw f.wrong(key, "should be one of the show's wires: " + String.join(", ", wires) + ".");
    }
    return wire;
  }

  private static Wire jumper(JsonFields f, Wire otherwise) throws BadInputException {
    Optional<String> id = f.optionalText("jumperWire");
    if (id.isEmpty()) {
      return otherwise;
    }
    return Wire.parse(id.get())
        .filter(w -> w.fuseAmpsMax() > 0)
        .orElseThrow(
            () ->
                f.wrong(
                    "jumperWire", "should be a wire that may be fused, such as 20AWG or 0.5mm2."));
  }

  static PowerWays ways(JsonFields in) throws BadInputException {
    PowerWays d = PowerWays.DEFAULT;
    Optional<JsonFields> found = in.object("power");
    if (found.isEmpty()) {
      return d;
    }
    JsonFields f = found.get();
    PowerWays ways =
        new PowerWays(
            f.choice("school", InjectionSchool.values(), InjectionSchool::id, d.school()),
            f.whole("everyPixels", Range.between(1, Run.PIXELS_MAX), d.everyPixels()),
            f.flag("fromPorts", d.fromPorts()),
            f.flag("limiter", d.limiter()),
            f.flag("fewSizes", d.fewSizes()),
            f.choice("fuses", FuseSizes.values(), FuseSizes::id, d.fuses()),
            f.flag("nextSizeUp", d.nextSizeUp()),
            f.number("boxLitres", Range.between(0, 100_000), d.boxLitres()),
            f.number("ambientCelsius", Range.between(-50, 80), d.ambientCelsius()),
            f.choice("backFeed", BackFeed.values(), b -> b.id, BackFeed.of(d.protectBackFeed()))
                == BackFeed.PROTECT,
            f.number("marginPercent", Range.VOLTS_MARGIN, d.marginPercent()));
    f.done();
    return ways;
  }

  /** The part of a show file: {@code posts}. */
  static Wiring read(JsonFields in, Wiring bare) throws BadInputException {
    List<HeldPost> posts = new ArrayList<>();
    Set<String> seen = new HashSet<>();
    in.list(
        "posts",
        f -> {
          String name = f.text("run");
          int at = f.whole("atPixel", Range.between(0, Run.PIXELS_MAX));
          if (!seen.add(name + "\0" + at)) {
            throw f.wrong("atPixel", "names a pixel that has a feed already; name each once.");
          }
          OptionalDouble metres =
              f.has("lengthM")
                  ? OptionalDouble.of(f.number("lengthM", Range.between(0, 100_000)))
                  : OptionalDouble.empty();
          posts.add(
              new HeldPost(name, at, f.flag("viaPort", false), f.optionalText("wire"), metres));
          return posts.size();
        },
        String::valueOf);
    return new Wiring(bare.conductors(), bare.ways(), posts);
  }

  static Set<String> ids(List<Wire> wires) {
    return wires.stream()
        .map(Wire::id)
        .collect(Collectors.toCollection(java.util.LinkedHashSet::new));
  }

  static void writeSettings(Json json, Wiring wiring) throws IOException {
    Conductors c = wiring.conductors();
    if (!c.equals(Conductors.PLAIN)) {
      json.object(
          "conductors",
          j -> {
            j.put("celsius", c.celsius())
                .put("fuseMilliohms", c.fuseMilliohms())
                .put("connectorMilliohms", c.connectorMilliohms())
                .put("boardMilliohms", c.boardMilliohms())
                .put("inputM", c.inputM())
                .put("inputWires", c.inputWires());
            if (c.inputWire().isPresent()) {
              j.put("inputWire", c.inputWire());
            }
            j.put("brainOnBank", c.brainOnBank());
            j.list(
                "trims",
                c.trims().entrySet(),
                (k, e) -> k.put("volts", e.getKey()).put("to", e.getValue()));
            j.put("jumperWire", c.jumper().id());
          });
    }
    writeWays(json, wiring.ways());
  }

  static void writeWays(Json json, PowerWays w) throws IOException {
    if (!w.equals(PowerWays.DEFAULT)) {
      json.object(
          "power",
          j ->
              j.put("school", w.school().id())
                  .put("everyPixels", w.everyPixels())
                  .put("fromPorts", w.fromPorts())
                  .put("limiter", w.limiter())
                  .put("fewSizes", w.fewSizes())
                  .put("fuses", w.fuses().id())
                  .put("nextSizeUp", w.nextSizeUp())
                  .put("boxLitres", w.boxLitres())
                  .put("ambientCelsius", w.ambientCelsius())
                  .put("backFeed", BackFeed.of(w.protectBackFeed()).id)
                  .put("marginPercent", w.marginPercent()));
    }
  }

  static void writePosts(Json json, Wiring wiring) throws IOException {
    if (!wiring.posts().isEmpty()) {
      json.list(
          "posts",
          wiring.posts(),
          (j, p) -> {
            j.put("run", p.run()).put("atPixel", p.atPixel()).put("viaPort", p.viaPort());
            if (p.wire().isPresent()) {
              j.put("wire", p.wire());
            }
            if (p.lengthM().isPresent()) {
              j.put("lengthM", p.lengthM().getAsDouble());
            }
          });
    }
  }
}
