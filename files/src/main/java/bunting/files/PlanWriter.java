package bunting.files;

import bunting.core.addressing.NetworkAddresses;
import bunting.core.assess.InputReading;
import bunting.core.assess.OtherReading;
import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.assess.Totals;
import bunting.core.network.DmxLine;
import bunting.core.network.NetworkPlan;
import bunting.core.plan.Assessment;
import bunting.core.plan.Kept;
import bunting.core.show.Bank;
import bunting.core.show.PlacedBoard;
import bunting.core.show.PlacedController;
import bunting.core.show.PortReport;
import bunting.core.show.Segment;
import bunting.core.survey.Jumpers;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** PLAN.json, as the contract has it. */
public final class PlanWriter {
  private PlanWriter() {}

  /** The document's bytes: the same for the same assessment. */
  public static byte[] write(Assessment assessment) {
    Reading reading = assessment.reading();
    return Json.document(
        json -> {
          json.put("formatVersion", 1);
          json.object("totals", j -> totals(j, reading.totals()));
          controllers(json, reading);
          segments(json, reading);
          feeds(json, reading);
          json.list(
              "breaks",
              reading.decisions().breaks(),
              (j, b) -> j.put("segment", b.segment()).put("afterPixel", b.afterPixel()));
          jumpers(json, reading);
          json.list(
              "supplies",
              reading.supplies(),
              (j, s) ->
                  j.put("id", s.supply().id())
                      .put("type", s.type().id())
                      .put("volts", s.type().volts())
                      .put("ratedWatts", s.type().watts())
                      .put("loadAmps", s.loadAmps())
                      .put("loadWatts", s.loadWatts())
                      .put("circuit", s.supply().circuit()));
          json.list(
              "circuits",
              reading.circuits(),
              (j, c) ->
                  j.put("id", c.circuit().id())
                      .put("volts", c.circuit().volts())
                      .put("breakerAmps", c.circuit().breakerAmps())
                      .put("existingAmps", c.circuit().existingAmps())
                      .put("loadAmps", c.loadAmps()));
          json.list(
              "segmentVolts",
              reading.segments(),
              (j, s) ->
                  j.put("segment", s.segment().id())
                      .put("first", s.volts().at(0))
                      .put("last", s.volts().at(s.volts().size() - 1))
                      .put("min", s.volts().lowest())
                      .put("minAtPixel", s.minAtPixel()));
          inputs(json, reading);
          others(json, reading.others());
          network(json, reading);
          json.list("goals", reading.decisions().report().goals(), PlanWriter::goal);
          json.object("search", j -> search(j, reading.decisions().report()));
          FindingsWriter.list(json, assessment.findings());
          Optional<Kept> kept = Kept.of(reading);
          if (kept.isPresent()) {
            json.object("kept", j -> kept(j, kept.get()));
          }
        });
  }

  private static void kept(Json json, Kept kept) throws IOException {
    json.put("runs", kept.runs());
    json.texts("moved", kept.moved());
    json.texts("readdressed", kept.readdressed());
    json.texts("resized", kept.resized());
    json.texts("because", kept.because());
  }

  /** The jumpers inside its segments, which the volts reckon with. */
  private static void jumpers(Json json, Reading reading) throws IOException {
    String wire = reading.show().wiring().conductors().jumper().id();
    List<Map.Entry<String, Jumpers.Jumper>> all = new ArrayList<>();
    for (SegmentReading s : reading.segments()) {
      s.jumpers().forEach(j -> all.add(Map.entry(s.segment().id(), j)));
    }
    json.list(
        "jumpers",
        all,
        (j, e) ->
            j.put("segment", e.getKey())
                .put("afterPixel", e.getValue().afterPixel())
                .put("wire", wire)
                .put("lengthM", e.getValue().metres()));
  }

  /** Whether the exact search ran, and for how many of the parts that it was asked for. */
  private static void search(Json json, PortReport report) throws IOException {
    json.put("ran", report.searched())
        .put("parts", report.parts())
        .put("answered", report.answered())
        .put("stopped", report.stopped());
  }

  private static void goal(Json json, PortReport.Reached g) throws IOException {
    json.put("goal", g.goal().id()).put("value", g.value());
    if (g.bound().isPresent()) {
      json.put("bound", g.bound().getAsDouble());
    }
    json.put("proven", g.proven());
  }

  /** How each board is wired to its supply; amps as designed and at the most that can be sent. */
  private static void inputs(Json json, Reading reading) throws IOException {
    List<InputReading> most = reading.worst().inputs();
    List<InputReading> designed = reading.designed().inputs();
    json.list(
        "inputs",
        designed,
        (j, i) -> {
          InputReading w = most.get(designed.indexOf(i));
          j.put("controller", reading.controllerOf(i.input().board()));
          if (!reading.controllerOf(i.input().board()).equals(i.input().board())) {
            j.put("board", i.input().board());
          }
          j.put("supply", i.input().supply())
              .put("wires", i.input().wires())
              .put("wire", i.input().wire())
              .put("lengthM", i.input().lengthM())
              .put("fuseAmps", i.input().fuseAmps())
              .put("amps", i.amps())
              .put("mostAmps", w.amps())
              .put("mostAmpsEach", w.eachAmps())
              .put("mostAmpsWithoutOne", w.withoutOneAmps());
        });
  }

  /** Links, universes and, for a protocol that counts bytes, offsets. */
  private static void network(Json json, Reading reading) throws IOException {
    NetworkPlan plan = NetworkPlan.of(reading);
    json.object(
        "network",
        j -> {
          j.put("protocol", reading.show().addressing().protocol().id())
              .put("multicast", reading.show().network().multicast())
              .put("subnet", plan.subnet())
              .put("sender", plan.sender())
              .put("packetsPerSecond", plan.packetsPerSecond())
              .put("megabitsPerSecond", plan.megabits());
          j.list(
              "links",
              plan.links(),
              (k, l) -> {
                k.put("controller", l.box()).put("address", l.address());
                k.numbers("universes", l.universes());
                k.put("bytes", l.bytes())
                    .put("packetsPerSecond", l.packetsPerSecond())
                    .put("megabitsPerSecond", l.received());
              });
        });
    json.list(
        "dmxLines",
        DmxLine.of(reading),
        (j, line) -> {
          j.put("universe", line.universe())
              .put("segment", line.segment())
              .put("cableM", line.cableM());
          j.list(
              "boards",
              line.boards(),
              (k, b) ->
                  k.put("dimmer", b.dimmer())
                      .put("startAddress", b.start())
                      .put("slots", b.slots())
                      .put("switches", DmxLine.switchText(b.start())));
        });
  }

  private static void others(Json json, OtherReading others) throws IOException {
    json.list(
        "dimmers",
        others.boards(),
        (j, b) ->
            j.put("id", b.dimmer().id())
                .put("type", b.dimmer().type())
                .at(b.dimmer().at())
                .put("volts", b.dimmer().volts())
                .put("supply", b.dimmer().supply())
                .put("fuseAmps", b.dimmer().fuseAmps())
                .put("outputs", b.outputs())
                .put("amps", b.amps()));
    json.list(
        "plainSets",
        others.sets(),
        (j, s) -> {
          j.put("set", s.set().name())
              .put("dimmer", s.output().dimmer())
              .put("firstOutput", s.output().firstOutput())
              .put("channels", s.set().channels())
              .put("amps", s.amps())
              .put("outputAmps", s.outputAmps())
              .put("fuseAmps", s.output().fuseAmps())
              .put("wire", s.output().wire())
              .put("leadM", s.leadM())
              .put("volts", s.volts());
          if (s.slots().isPresent()) {
            j.put("universe", s.slots().get().universe())
                .put("firstSlot", s.slots().get().firstSlot())
                .put("lastSlot", s.slots().get().lastSlot());
          }
        });
    json.list(
        "bulbChains",
        others.chains(),
        (j, c) -> {
          j.put("id", c.chain().id());
          j.texts("strings", c.chain().strings());
          j.put("outlet", c.chain().outlet())
              .put("circuit", c.chain().circuit())
              .put("watts", c.watts())
              .put("amps", c.amps());
        });
  }

  private static void totals(Json json, Totals t) throws IOException {
    json.put("runs", t.runs())
        .put("pixels", t.pixels())
        .put("channels", t.channels())
        .put("universes", t.universes())
        .put("controllers", t.controllers())
        .put("portsUsed", t.portsUsed())
        .put("supplies", t.supplies())
        .put("feeds", t.feeds())
        .put("amps", t.amps())
        .put("watts", t.watts())
        .put("minVoltsPercent", t.minVoltsPercent())
        .put("controllersLowerBound", t.controllersLowerBound())
        .put("buildCost", t.buildCost())
        .put("minutes", t.build().minutes())
        .put("plainSets", t.plainSets())
        .put("bulbStrings", t.bulbStrings());
  }

  private static void bank(Json j, PlacedBoard b, Bank kind) throws IOException {
    j.put("bank", b.bank());
    j.numbers("ports", kind.ports());
    j.put("volts", b.volts()).put("supply", b.supply());
  }

  private static void controllers(Json json, Reading reading) throws IOException {
    Map<String, List<PortReading>> ports =
        reading.ports().stream().collect(Collectors.groupingBy(PortReading::controller));
    Map<String, String> addresses = NetworkAddresses.of(reading.show(), reading.decisions());
    json.list(
        "controllers",
        reading.decisions().controllers(),
        (j, c) -> {
          PlacedController placed = c;
          j.put("id", placed.controller().id())
              .put("type", placed.controller().type())
              .at(placed.controller().at())
              .put("volts", placed.volts())
              .put("address", addresses.get(placed.controller().id()))
              .put("supply", placed.supply());
          if (!placed.boards().isEmpty()) {
            List<Bank> kinds =
                reading
                    .show()
                    .catalogue()
                    .controllerTypesById()
                    .get(placed.controller().type())
                    .banks();
            j.list("banks", placed.boards(), (k, b) -> bank(k, b, kinds.get(b.bank() - 1)));
          }
          j.list(
              "ports",
              ports.getOrDefault(placed.controller().id(), List.of()),
              (k, p) ->
                  k.put("port", p.port())
                      .put("pixels", p.pixels())
                      .put("refreshHz", p.refreshHz())
                      .put("amps", p.amps()));
        });
  }

  private static void segments(Json json, Reading reading) throws IOException {
    json.list(
        "segments",
        reading.segments(),
        (j, s) -> {
          Segment d = s.segment();
          j.put("id", d.id())
              .put("run", d.run())
              .put("pixelType", s.type().id())
              .put("channels", s.type().channels())
              .put("order", s.order())
              .put("grouping", s.run().fitting().grouping())
              .put("reversed", s.run().fitting().reversed())
              .put("firstPixel", d.firstPixel())
              .put("lastPixel", d.lastPixel())
              .put("controller", d.controller())
              .put("port", d.port())
              .put("position", d.position())
              .put("leadM", s.leadM())
              .put("leadWire", d.leadWire())
              .put("powerFromPrevious", d.powerFromPrevious());
          j.list(
              "slots",
              s.slots(),
              (k, row) ->
                  k.put("universe", row.universe())
                      .put("firstSlot", row.firstSlot())
                      .put("lastSlot", row.lastSlot())
                      .put("firstPixel", row.firstPixel())
                      .put("lastPixel", row.lastPixel()));
        });
  }

  private static void feeds(Json json, Reading reading) throws IOException {
    json.list(
        "feeds",
        reading.feeds(),
        (j, f) -> {
          j.put("id", f.feed().id())
              .put("segment", f.feed().segment())
              .put("atPixel", f.feed().atPixel())
              .put("via", f.feed().viaPort() ? "port" : "distribution")
              .put("supply", f.feed().supply())
              .put("fuseGroup", f.feed().fuseGroup())
              .put("fuseAmps", f.feed().fuseAmps())
              .put("wire", f.feed().wire())
              .put("lengthM", f.lengthM())
              .put("amps", f.amps())
              .put("attach", f.attach().id())
              .put("mostAmps", reading.worst().feedAmps(f.feed().id()));
          if (f.feed().trunk().isPresent()) {
            j.put("trunk", f.feed().trunk());
          }
        });
    if (!reading.trunks().isEmpty()) {
      json.list(
          "trunks",
          reading.trunks(),
          (j, t) -> {
            j.put("id", t.trunk().id())
                .put("controller", t.controller())
                .put("supply", t.supply())
                .put("fuseAmps", t.fuseAmps())
                .put("wire", t.trunk().wire())
                .put("ring", t.trunk().ring())
                .put("lengthM", t.metres())
                .put("amps", t.amps());
            j.texts("tails", t.trunk().tails());
            j.put("headM", t.laid().headM());
            j.numbers("spansM", t.laid().spanM());
            if (t.laid().backM().isPresent()) {
              j.put("backM", t.laid().backM().getAsDouble());
            }
          });
    }
  }
}
