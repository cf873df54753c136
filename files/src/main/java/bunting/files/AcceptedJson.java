package bunting.files;

import bunting.core.cost.JoinPlaces;
import bunting.core.limits.Range;
import bunting.core.show.Accepted;
import bunting.core.show.Addresses;
import bunting.core.show.Break;
import bunting.core.show.Controller;
import bunting.core.show.Decisions;
import bunting.core.show.Feed;
import bunting.core.show.Goal;
import bunting.core.show.HandOut;
import bunting.core.show.Held;
import bunting.core.show.Input;
import bunting.core.show.OtherDecisions;
import bunting.core.show.PixelType;
import bunting.core.show.PlacedBoard;
import bunting.core.show.PlacedController;
import bunting.core.show.Point;
import bunting.core.show.PortReport;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import bunting.core.show.SlotRange;
import bunting.core.show.Supply;
import bunting.core.show.Trunk;
import bunting.core.show.Unplaced;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;

/** The accepted plan of a show file: {@code plan}, in the words of PLAN.json. */
final class AcceptedJson {
  private static final Range PIXEL = Range.between(1, Run.PIXELS_MAX);
  private static final Range AMPS = Range.AMPS;
  private static final Range PORT = Range.between(0, 10_000);
  private static final Range COUNT = Range.between(0, 1_000_000);

  private AcceptedJson() {}

  static Optional<Accepted> read(JsonFields in) throws BadInputException {
    Optional<JsonFields> found = in.object("plan");
    if (found.isEmpty()) {
      return Optional.empty();
    }
    JsonFields f = found.get();
    Map<String, String> network = new TreeMap<>();
    List<HandOut.Nail> slots = new ArrayList<>();
    List<PlacedController> controllers =
        f.list("controllers", c -> controller(c, network), c -> c.controller().id())
            .orElse(List.of());
    List<Segment> segments =
        f.list("segments", s -> segment(s, slots), Segment::id).orElse(List.of());
    Set<String> ids = new HashSet<>();
    segments.forEach(s -> ids.add(s.id()));
    List<Feed> feeds = f.list("feeds", k -> feed(k, ids), Feed::id).orElse(List.of());
    List<Trunk> trunks = f.list("trunks", AcceptedJson::trunk, Trunk::id).orElse(List.of());
    List<Break> breaks =
        things(f, "breaks", b -> new Break(known(b, "segment", ids), b.whole("afterPixel", PIXEL)));
    List<Supply> supplies =
        f.list(
                "supplies",
                s -> new Supply(s.text("id"), s.text("type"), at(s), s.optionalText("circuit")),
                Supply::id)
            .orElse(List.of());
    List<Input> inputs =
        f.list(
                "inputs",
                i ->
                    new Input(
                        i.longText("board"),
                        i.text("supply"),
                        i.whole("wires", Range.between(1, 100)),
                        i.text("wire"),
                        i.number("lengthM", Range.LENGTH),
                        i.number("fuseAmps", AMPS)),
                Input::board)
            .orElse(List.of());
    List<Unplaced> unplaced =
        f.list(
                "unplaced",
                u ->
                    new Unplaced(
                        u.text("run"),
                        u.longText("lacks"),
                        u.number("measured", Range.between(-1e12, 1e12)),
                        u.number("allowed", Range.between(-1e12, 1e12)),
                        u.text("unit")),
                Unplaced::run)
            .orElse(List.of());
    Decisions decisions =
        new Decisions(
            controllers,
            segments,
            feeds,
            trunks,
            breaks,
            supplies,
            inputs,
            unplaced,
            f.whole("controllersLowerBound", COUNT, 0),
            others(f, slots),
            report(f),
            Optional.of(new Addresses(slots, network)));
    Accepted plan = new Accepted(decisions, WiringJson.ways(f));
    f.done();
    return Optional.of(plan);
  }

  private static <T> List<T> things(JsonFields f, String key, JsonFields.Reader<T> reader)
      throws BadInputException {
    List<T> things = new ArrayList<>();
    f.list(
        key,
        j -> {
          things.add(reader.read(j));
          return things.size();
        },
        String::valueOf);
    return things;
  }

  private static String known(JsonFields f, String key, Set<String> ids) throws BadInputException {
    String id = f.longText(key);
    if (!ids.contains(id)) {
      throw f.wrong(
          key, "is " + BadInputException.echo(id) + ", and should be the id of a segment here.");
    }
    return id;
  }

  private static Point at(JsonFields f) throws BadInputException {
    return new Point(
        f.number("x", Range.PLACE), f.number("y", Range.PLACE), f.number("z", Range.PLACE, 0));
  }

  private static PlacedController controller(JsonFields f, Map<String, String> network)
      throws BadInputException {
    Controller c = new Controller(f.text("id"), f.text("type"), at(f));
    Optional<String> address = f.optionalText("address");
    address.ifPresent(a -> network.put(c.id(), a));
    List<PlacedBoard> boards =
        things(
            f,
            "boards",
            b ->
                new PlacedBoard(
                    c,
                    b.whole("bank", Range.between(1, 1000)),
                    b.number("volts", Range.VOLTS),
                    b.optionalText("supply")));
    return new PlacedController(
        c, f.number("volts", Range.VOLTS), f.optionalText("supply"), boards);
  }

  private static Segment segment(JsonFields f, List<HandOut.Nail> slots) throws BadInputException {
    int first = f.whole("firstPixel", PIXEL);
    Segment s =
        new Segment(
            f.longText("id"),
            f.text("run"),
            first,
            f.whole("lastPixel", Range.between(first, Run.PIXELS_MAX)),
            f.text("controller"),
            f.whole("port", Range.between(1, 10_000)),
            f.whole("position", Range.between(1, Run.PIXELS_MAX)),
            f.optionalText("leadWire"),
            f.flag("powerFromPrevious", false));
    List<SlotRange> own = AllottingJson.slots(f);
    Held held = new Held(s.run(), first, s.lastPixel(), s.controller(), s.port(), s.position());
    slots.add(
        new HandOut.Nail(
            held,
            f.whole("channels", Range.between(1, 512), 3),
            f.whole("grouping", PIXEL, 1),
            f.flag("reversed", false),
            own));
    return s;
  }

  private static Feed feed(JsonFields f, Set<String> segments) throws BadInputException {
    f.optionalText("attach");
    return new Feed(
        f.text("id"),
        known(f, "segment", segments),
        f.whole("atPixel", PIXEL),
        f.text("via").equals("port"),
        f.text("supply"),
        f.has("fuseGroup") ? Optional.of(f.longText("fuseGroup")) : Optional.empty(),
        f.number("fuseAmps", AMPS),
        f.text("wire"),
        f.has("lengthM")
            ? OptionalDouble.of(f.number("lengthM", Range.LENGTH))
            : OptionalDouble.empty(),
        f.optionalText("trunk"));
  }

  private static Trunk trunk(JsonFields f) throws BadInputException {
    return new Trunk(
        f.text("id"), f.text("wire"), f.flag("ring", false), f.texts("feeds").orElse(List.of()));
  }

  private static OtherDecisions others(JsonFields f, List<HandOut.Nail> slots)
      throws BadInputException {
    List<OtherDecisions.Dimmer> dimmers =
        f.list(
                "dimmers",
                d ->
                    new OtherDecisions.Dimmer(
                        d.text("id"),
                        d.text("type"),
                        at(d),
                        d.number("volts", Range.VOLTS),
                        d.text("supply"),
                        d.number("fuseAmps", AMPS)),
                OtherDecisions.Dimmer::id)
            .orElse(List.of());
    List<OtherDecisions.Output> outputs =
        f.list(
                "outputs",
                o -> {
                  OtherDecisions.Output output =
                      new OtherDecisions.Output(
                          o.text("set"),
                          o.text("dimmer"),
                          o.whole("firstOutput", PORT),
                          o.number("fuseAmps", AMPS),
                          o.text("wire"));
                  List<SlotRange> own = AllottingJson.slots(o);
                  Held held = new Held(output.set(), 1, 1, output.dimmer(), 0, 0);
                  int channels = own.isEmpty() ? 1 : own.getFirst().slots();
                  slots.add(new HandOut.Nail(held, channels, 1, false, own));
                  return output;
                },
                OtherDecisions.Output::set)
            .orElse(List.of());
    List<OtherDecisions.Chain> chains =
        f.list(
                "chains",
                c ->
                    new OtherDecisions.Chain(
                        c.text("id"),
                        c.texts("strings").orElse(List.of()),
                        c.optionalText("outlet"),
                        c.optionalText("circuit")),
                OtherDecisions.Chain::id)
            .orElse(List.of());
    return new OtherDecisions(dimmers, outputs, chains, AllottingJson.texts(f, "devices"));
  }

  private static PortReport report(JsonFields f) throws BadInputException {
    Optional<JsonFields> found = f.object("search");
    if (found.isEmpty()) {
      return PortReport.NONE;
    }
    JsonFields s = found.get();
    Range figure = Range.between(-1e12, 1e12);
    List<PortReport.Reached> goals =
        things(
            s,
            "goals",
            g ->
                new PortReport.Reached(
                    g.choice("goal", Goal.values(), Goal::id, Goal.COST),
                    g.number("value", figure),
                    g.has("bound")
                        ? OptionalDouble.of(g.number("bound", figure))
                        : OptionalDouble.empty()));
    PortReport report =
        new PortReport(
            goals,
            s.flag("ran", false),
            s.whole("parts", COUNT, 0),
            s.whole("answered", COUNT, 0),
            s.flag("stopped", false),
            s.optionalText("problem"));
    s.done();
    return report;
  }

  static void write(Json json, Show show) throws IOException {
    if (show.accepted().isPresent()) {
      json.object("plan", j -> new Writer(j, show, show.accepted().get()).write());
    }
  }

  /** Writes one plan. */
  private static final class Writer {
    private final Json json;
    private final Decisions plan;
    private final Accepted accepted;
    private final Map<String, HandOut.Nail> slots = new HashMap<>();
    private final Map<String, String> network;
    private final Map<String, Segment> segments = new HashMap<>();
    private final Map<String, Run> runs = new HashMap<>();
    private final Map<String, PixelType> types;

    Writer(Json json, Show show, Accepted accepted) {
      this.json = json;
      this.accepted = accepted;
      this.plan = accepted.decisions();
      Addresses addresses = plan.addresses().orElse(new Addresses(List.of(), Map.of()));
      addresses.slots().forEach(n -> slots.put(n.run() + "\0" + n.held().firstPixel(), n));
      network = addresses.network();
      plan.segments().forEach(s -> segments.put(s.id(), s));
      show.runs().forEach(r -> runs.put(r.name(), r));
      types = show.catalogue().pixelTypesById();
    }

    void write() throws IOException {
      json.list("controllers", plan.controllers(), this::controller);
      json.list("segments", plan.segments(), this::segment);
      json.list("feeds", plan.feeds(), this::feed);
      if (!plan.trunks().isEmpty()) {
        json.list(
            "trunks",
            plan.trunks(),
            (j, t) -> {
              j.put("id", t.id()).put("wire", t.wire()).put("ring", t.ring());
              j.texts("feeds", t.tails());
            });
      }
      json.list(
          "breaks",
          plan.breaks(),
          (j, b) -> j.put("segment", b.segment()).put("afterPixel", b.afterPixel()));
      json.list(
          "supplies",
          plan.supplies(),
          (j, s) -> {
            j.put("id", s.id()).put("type", s.type()).at(s.at());
            text(j, "circuit", s.circuit());
          });
      json.list(
          "inputs",
          plan.inputs(),
          (j, i) ->
              j.put("board", i.board())
                  .put("supply", i.supply())
                  .put("wires", i.wires())
                  .put("wire", i.wire())
                  .put("lengthM", i.lengthM())
                  .put("fuseAmps", i.fuseAmps()));
      others(plan.others());
      if (!plan.unplaced().isEmpty()) {
        json.list(
            "unplaced",
            plan.unplaced(),
            (j, u) ->
                j.put("run", u.run())
                    .put("lacks", u.lacks())
                    .put("measured", u.measured())
                    .put("allowed", u.allowed())
                    .put("unit", u.unit()));
      }
      json.put("controllersLowerBound", plan.controllersLowerBound());
      if (!plan.report().equals(PortReport.NONE)) {
        json.object("search", j -> search(j, plan.report()));
      }
      WiringJson.writeWays(json, accepted.ways());
    }

    private static void text(Json j, String key, Optional<String> value) throws IOException {
      if (value.isPresent()) {
        j.put(key, value.get());
      }
    }

    private void controller(Json j, PlacedController c) throws IOException {
      String id = c.controller().id();
      j.put("id", id).put("type", c.controller().type()).at(c.controller().at());
      j.put("volts", c.volts());
      text(j, "supply", c.supply());
      text(j, "address", Optional.ofNullable(network.get(id)));
      if (!c.boards().isEmpty()) {
        j.list(
            "boards",
            c.boards(),
            (k, b) -> {
              k.put("bank", b.bank()).put("volts", b.volts());
              text(k, "supply", b.supply());
            });
      }
    }

    private void segment(Json j, Segment s) throws IOException {
      j.put("id", s.id())
          .put("run", s.run())
          .put("firstPixel", s.firstPixel())
          .put("lastPixel", s.lastPixel())
          .put("controller", s.controller())
          .put("port", s.port())
          .put("position", s.position());
      text(j, "leadWire", s.leadWire());
      j.put("powerFromPrevious", s.powerFromPrevious());
      HandOut.Nail nail = slots.get(s.run() + "\0" + s.firstPixel());
      if (nail != null) {
        j.put("channels", nail.channels())
            .put("grouping", nail.grouping())
            .put("reversed", nail.reversed());
        AllottingJson.writeSlots(j, nail.slots());
      }
    }

    private void feed(Json j, Feed f) throws IOException {
      j.put("id", f.id())
          .put("segment", f.segment())
          .put("atPixel", f.atPixel())
          .put("via", f.viaPort() ? "port" : "distribution")
          .put("supply", f.supply());
      text(j, "fuseGroup", f.fuseGroup());
      j.put("fuseAmps", f.fuseAmps()).put("wire", f.wire());
      if (f.lengthM().isPresent()) {
        j.put("lengthM", f.lengthM().getAsDouble());
      }
      Segment s = segments.get(f.segment());
      Run run = s == null ? null : runs.get(s.run());
      if (run != null && f.atPixel() <= run.pixels()) {
        PixelType type = types.get(run.type());
        var attach =
            JoinPlaces.at(run, type, s.firstPixel(), s.lastPixel(), f.atPixel(), f.viaPort());
        j.put("attach", attach.id());
      }
      text(j, "trunk", f.trunk());
    }

    private void others(OtherDecisions o) throws IOException {
      if (o.equals(OtherDecisions.NONE)) {
        return;
      }
      json.list(
          "dimmers",
          o.dimmers(),
          (j, d) ->
              j.put("id", d.id())
                  .put("type", d.type())
                  .at(d.at())
                  .put("volts", d.volts())
                  .put("supply", d.supply())
                  .put("fuseAmps", d.fuseAmps()));
      json.list(
          "outputs",
          o.outputs(),
          (j, out) -> {
            j.put("set", out.set())
                .put("dimmer", out.dimmer())
                .put("firstOutput", out.firstOutput())
                .put("fuseAmps", out.fuseAmps())
                .put("wire", out.wire());
            HandOut.Nail nail = slots.get(out.set() + "\0" + 1);
            AllottingJson.writeSlots(j, nail == null ? List.of() : nail.slots());
          });
      json.list(
          "chains",
          o.chains(),
          (j, c) -> {
            j.put("id", c.id());
            j.texts("strings", c.strings());
            text(j, "outlet", c.outlet());
            text(j, "circuit", c.circuit());
          });
      AllottingJson.putAll(json, "devices", o.devices());
    }

    private static void search(Json json, PortReport report) throws IOException {
      json.list(
          "goals",
          report.goals(),
          (j, g) -> {
            j.put("goal", g.goal().id()).put("value", g.value());
            if (g.bound().isPresent()) {
              j.put("bound", g.bound().getAsDouble());
            }
          });
      json.put("ran", report.searched())
          .put("parts", report.parts())
          .put("answered", report.answered())
          .put("stopped", report.stopped());
      text(json, "problem", report.noSearch());
    }
  }
}
