package bunting.core.checks;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.Reading;
import bunting.core.plan.HandOuts;
import bunting.core.plan.Planner;
import bunting.core.show.Addressing;
import bunting.core.show.BoxStarts;
import bunting.core.show.BulbString;
import bunting.core.show.Circuit;
import bunting.core.show.Controller;
import bunting.core.show.Course;
import bunting.core.show.Decisions;
import bunting.core.show.Feed;
import bunting.core.show.Fitting;
import bunting.core.show.Hanging;
import bunting.core.show.Lan;
import bunting.core.show.Leftovers;
import bunting.core.show.Network;
import bunting.core.show.OtherLoads;
import bunting.core.show.Pin;
import bunting.core.show.PlainSet;
import bunting.core.show.Point;
import bunting.core.show.PortReport;
import bunting.core.show.PortStart;
import bunting.core.show.Preparation;
import bunting.core.show.Protocol;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.SlotSplit;
import bunting.core.show.Supply;
import bunting.core.show.TypePlug;
import bunting.core.show.UniverseRange;
import bunting.core.show.edit.RunEdits;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/**
 * Every check has a name, a reason and a source, finds its fault and keeps quiet about a sound
 * show.
 */
class ChecksTest {
  private static Run run(String name, String type, int pixels) {
    return Run.of(name, type, pixels).withLead(OptionalDouble.of(2));
  }

  private static Show plugged(Show show, TypePlug... plugs) {
    return show.withPreparation(Preparation.NONE.withPlugs(List.of(plugs)))
        .withControllers(
            List.of(new Controller("A", "box-4", 0, 0), new Controller("B", "box-4", 0, 0)));
  }

  private static Run onPortOne(Run run) {
    return run.withPin(Optional.of(new Pin("A", OptionalInt.of(1))));
  }

  /** A small show that is sound in every respect. */
  private static Show sound() {
    Show bare =
        Show.of(List.of(run("Sluice gate", "12v-strip-60", 100), run("Owl", "12v-strip-60", 50)));
    return new Show(
        bare.settings(),
        List.of(),
        Addressing.DEFAULT,
        bare.catalogue(),
        Optional.empty(),
        Optional.of(List.of(new Circuit("kitchen", 230, 16, 0))),
        bare.runs());
  }

  private static Reading read(Show show) {
    return Reading.of(show, Planner.propose(show));
  }

  private static List<String> codes(Reading reading) {
    return Checks.examine(reading).stream().map(Finding::code).distinct().toList();
  }

  private static Reading with(Reading r, UnaryOperator<Decisions> change) {
    return Reading.of(r.show(), change.apply(r.decisions()));
  }

  private static Decisions feeds(Decisions d, UnaryOperator<Feed> change) {
    return new Decisions(
        d.controllers(),
        d.segments(),
        d.feeds().stream().map(change).toList(),
        d.breaks(),
        d.supplies(),
        d.unplaced(),
        d.controllersLowerBound());
  }

  private static Decisions supplies(Decisions d, UnaryOperator<Supply> change) {
    return new Decisions(
        d.controllers(),
        d.segments(),
        d.feeds(),
        d.breaks(),
        d.supplies().stream().map(change).toList(),
        d.unplaced(),
        d.controllersLowerBound());
  }

  private static Show runs(Run... runs) {
    return sound().withRuns(List.of(runs));
  }

  /** A plain set behind pixels that fill the last universe there is. */
  private static Show withoutUniverses() {
    Addressing last =
        new Addressing(
            Protocol.SACN, 63999, SlotSplit.WHOLE_PIXELS, PortStart.CONTINUOUS, List.of());
    Show bare = Show.of(List.of(run("Owl", "12v-strip-60", 170)));
    PlainSet set =
        new PlainSet("Boats", 12, 3, 10, new Point(0, 0), OptionalDouble.empty(), Optional.empty());
    return new Show(
            bare.settings(),
            List.of(),
            last,
            bare.catalogue(),
            Optional.empty(),
            Optional.empty(),
            bare.runs())
        .withOthers(new OtherLoads(List.of(set), List.of()));
  }

  /** A reading with each fault, by the code of the check that must find it. */
  private static Map<String, Reading> faults() {
    Map<String, Reading> faults = new HashMap<>();
    Reading ok = read(sound());
    var s = sound();
    faults.put(
        "guess",
        read(
            runs(
                run("Owl", "5v-strip-60", 120)
                    .withGuess(bunting.core.show.Guess.NONE.withLength(60)))));
    faults.put(
        "unplaced",
        read(
            new Show(
                s.settings(),
                s.sites(),
                s.addressing(),
                s.catalogue(),
                Optional.of(List.of()),
                s.circuits(),
                s.runs())));
    faults.put("lead-beside-places", shortLead());
    Reading thin = read(runs(run("Weir", "12v-strip-60", 650).withSplit(false)));
    faults.put("low-volts", with(thin, d -> feedsKept(d, 1)));
    faults.put("unfed", with(ok, d -> feedsKept(d, 0)));
    faults.put("fuse-below-load", with(ok, d -> feeds(d, f -> feed(f, f.wire(), 1))));
    faults.put("fuse-above-wire", with(ok, d -> feeds(d, f -> feed(f, "22AWG", 10))));
    Reading heavy = read(runs(run("Weir", "5v-strip-60", 600)));
    faults.put("port-amps", weakBoards());
    faults.put("board-amps", weakBoards());
    faults.put(
        "frame-rate",
        Reading.of(heavy.show().withSettings(fps(heavy.show(), 200)), heavy.decisions()));
    faults.put(
        "supply-headroom",
        with(heavy, d -> supplies(d, u -> new Supply(u.id(), "5v-150", u.at(), u.circuit()))));
    faults.put(
        "no-circuit",
        with(ok, d -> supplies(d, u -> new Supply(u.id(), u.type(), u.at(), Optional.empty()))));
    faults.put(
        "circuit-full",
        read(circuits(new Circuit("freezer", 230, 16, 13), new Circuit("pillar", 230, 16, 0))));
    faults.put("length-mismatch", read(runs(tape(run("Sluice gate", "12v-strip-60", 100), 2))));
    faults.put("off-cut", read(runs(run("Ribs", "24v-strip-60-rgbw", 100))));
    faults.put(
        "unknown-setting",
        read(
            new Show(
                    s.settings(),
                    s.sites(),
                    s.addressing(),
                    s.catalogue(),
                    s.controllers(),
                    s.circuits(),
                    s.runs())
                .withLeftovers(
                    new Leftovers(
                        List.of(
                            new Leftovers.Stray(
                                List.of(Leftovers.Step.key("shwo")), "$.shwo", "{}")),
                        List.of()))));
    Decisions plain = Planner.sketch(s);
    faults.put(
        "no-search",
        Reading.of(
            s,
            new Decisions(
                plain.controllers(),
                plain.segments(),
                plain.feeds(),
                plain.trunks(),
                plain.breaks(),
                plain.supplies(),
                plain.inputs(),
                plain.unplaced(),
                plain.controllersLowerBound(),
                plain.others(),
                new PortReport(
                    plain.report().goals(), false, 0, 0, false, Optional.of("no such library")),
                Optional.empty())));
    faults.put(
        "left-out",
        read(
            s.withLeftovers(
                Leftovers.NONE.with(
                    List.of(
                        new Leftovers.Dropped(
                            Optional.of("Sluice gate"), "A feed past the end is left out."))))));
    faults.put(
        "group-split",
        read(
            new Show(
                s.settings(),
                s.sites(),
                s.addressing(),
                s.catalogue(),
                Optional.of(
                    List.of(
                        new Controller("A", "box-2", 0, 0), new Controller("B", "box-2", 0, 0))),
                s.circuits(),
                List.of(grouped("Sluice gate", "A"), grouped("Owl", "B")))));
    faults.put("run-divided", read(runs(run("Weir", "12v-strip-60", 1500))));
    faults.put(
        "long-data-lead",
        read(runs(Run.of("Far", "12v-strip-60", 20).withLead(OptionalDouble.of(75)))));
    faults.put(
        "lead-help", read(runs(Run.of("Far", "12v-strip-60", 20).withLead(OptionalDouble.of(9)))));
    addresses(faults);
    faults.put("hot-plug", read(runs(run("Ribs", "24v-strip-60-rgbw", 60))));
    faults.put("fuse-voltage", read(at48Volts()));
    faults.put(
        "full-white",
        read(runs(run("Weir", "5v-strip-60", 300)).withSettings(s.settings().withBrightness(20))));
    faults.put("mains-unchecked", read(Show.of(s.runs())));
    faults.put(
        "multicast-flood",
        read(runs(run("Weir", "12v-strip-60", 1900)).withNetwork(s.network().withMulticast(true))));
    faults.put("dark-watts", read(runs(run("Weir", "12v-strip-60", 1900))));
    faults.put(
        "mixed-volts", read(runs(run("Weir", "12v-strip-60", 60), run("Boat", "5v-strip-60", 60))));
    faults.put(
        "plug-clash",
        read(
            plugged(
                runs(run("Weir", "12v-strip-60", 60), run("Boat", "5v-strip-60", 60)),
                new TypePlug("12v-strip-60", "round", false, false, TypePlug.Side.UNSAID),
                new TypePlug("5v-strip-60", " Round", false, false, TypePlug.Side.UNSAID))));
    faults.put(
        "rails-crossed",
        read(
            plugged(
                runs(
                    onPortOne(run("Weir", "12v-strip-60", 60)),
                    onPortOne(run("Boat", "12v-string-10", 30))),
                new TypePlug("12v-strip-60", "", false, false, TypePlug.Side.LEFT),
                new TypePlug("12v-string-10", "", false, false, TypePlug.Side.RIGHT))));
    faults.put(
        "no-spare-port",
        read(
            new Show(
                s.settings(),
                s.sites(),
                s.addressing(),
                s.catalogue(),
                Optional.of(List.of(new Controller("A", "box-2", 0, 0))),
                s.circuits(),
                List.of(
                    run("Sluice gate", "12v-strip-60", 650), run("Owl", "12v-strip-60", 600)))));
    faults.put(
        "far-feed", read(runs(Run.of("Far", "12v-strip-60", 20).withLead(OptionalDouble.of(19)))));
    faults.put(
        "many-feeds",
        read(
            runs(
                new Run(
                    "Away",
                    "5v-strip-60",
                    150,
                    OptionalDouble.empty(),
                    new bunting.core.show.Point(90, 0),
                    Optional.empty(),
                    OptionalDouble.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    true,
                    Map.of()))));
    faults.putAll(PowerFaults.all());
    faults.putAll(SafetyFaults.all());
    faults.putAll(MainsFaults.all());
    faults.put("local-codes", ok);
    OtherLoads far =
        new OtherLoads(
            List.of(), List.of(new BulbString("Orchard bulbs", 200, 1, 6, 160, new Point(0, 0))));
    faults.put("long-bulb-line", read(s.withOthers(far)));
    faults.put("no-slots", read(withoutUniverses()));
    var type = s.catalogue().pixelTypesById().get("12v-strip-60");
    faults.put(
        "measured-amps", read(s.withCatalogue(s.catalogue().withPixelType(type.withMeasured(14)))));
    return faults;
  }

  private static void addresses(Map<String, Reading> faults) {
    Show two =
        runs(run("Weir", "12v-strip-60", 300), run("Boat", "5v-strip-60", 300))
            .withControllers(
                List.of(new Controller("A", "box-4", 0, 0), new Controller("B", "box-4", 0, 0)));
    var same = new BoxStarts(0, Map.of("A", 5, "B", 5));
    faults.put("slot-clash", read(two.withAddressing(Addressing.DEFAULT.with(same))));
    faults.put("same-address", read(two.withNetwork(two.network().withAddress("B", "10.20.0.2"))));
    faults.put(
        "address-outside", read(two.withNetwork(two.network().withAddress("B", "192.168.1.50"))));
    Lan pool = Lan.OWN.withPool(List.of(new Lan.Pool("10.20.0.100", "10.20.0.199")));
    faults.put(
        "address-pool",
        read(two.withNetwork(two.network().with(pool).withAddress("B", "10.20.0.150"))));
    faults.put("wifi-full", read(wifi(two)));
    Show out = HandOuts.handOut(two, read(two), "2026-11-03", "the sequencer");
    Addressing claimed =
        new Addressing(
            Protocol.SACN,
            1,
            SlotSplit.WHOLE_PIXELS,
            PortStart.CONTINUOUS,
            List.of(new UniverseRange(1, 2, "the desk"), new UniverseRange(2, 9, "the pub")));
    faults.put("foreign-slots", read(out.withAddressing(claimed)));
    faults.put("foreign-overlap", read(two.withAddressing(claimed)));
    faults.put("handed-out-gone", read(RunEdits.removed(out, "Boat")));
    Run weir = out.run("Weir").orElseThrow();
    Fitting turned = new Fitting(1, Optional.empty(), true);
    faults.put("handed-out-moved", read(out.withRun(weir.withFitting(turned))));
  }

  private static Show wifi(Show show) {
    Network d = show.network();
    return show.withNetwork(
        new Network(d.base(), 11, d.sender(), false, 10, 0.1, Map.of(), Set.of("A", "B")));
  }

  /** Planned for boards as they are sold, then read with boards that bear half an amp. */
  private static Reading weakBoards() {
    Reading ok = read(sound());
    Show s = ok.show();
    var c = s.catalogue();
    var weak =
        c.controllerTypes().stream()
            .map(
                t ->
                    new bunting.core.show.ControllerType(
                        t.id(),
                        t.name(),
                        t.ports(),
                        t.pixelsPerPortMax(),
                        t.universesMax(),
                        t.volts(),
                        0.5,
                        0.5,
                        t.fuseGroups(),
                        10,
                        0))
            .toList();
    var catalogue =
        new bunting.core.show.Catalogue(c.pixelTypes(), weak, c.supplyTypes(), c.wires());
    return Reading.of(
        new Show(
            s.settings(),
            s.sites(),
            s.addressing(),
            catalogue,
            s.controllers(),
            s.circuits(),
            s.runs()),
        ok.decisions());
  }

  private static Decisions feedsKept(Decisions d, int count) {
    return new Decisions(
        d.controllers(),
        d.segments(),
        d.feeds().subList(0, count),
        d.breaks(),
        d.supplies(),
        d.unplaced(),
        d.controllersLowerBound());
  }

  private static Feed feed(Feed f, String wire, double fuse) {
    return f.withWire(wire).withFuse(fuse);
  }

  private static bunting.core.show.ShowSettings fps(Show show, double fps) {
    return show.settings().withTargetFps(fps);
  }

  private static Show circuits(Circuit... list) {
    Show s = sound();
    return new Show(
        s.settings(),
        s.sites(),
        s.addressing(),
        s.catalogue(),
        s.controllers(),
        Optional.of(List.of(list)),
        s.runs());
  }

  @Test
  void aPathThatIsFarLongerThanWhatWasMeasuredIsReported() {
    Course path = new Course.Traced(List.of(new Point(0, 0), new Point(9.2, 0)));
    Run typed =
        run("Weir", "5v-strip-60", 228)
            .withHanging(Hanging.along(path))
            .withLength(OptionalDouble.of(3.81));
    assertThat(messages(typed))
        .anyMatch(m -> m.startsWith("Run Weir is 9.2 m long in the picture") && m.contains("3.81"));
    assertThat(messages(typed.withPixels(540).withLength(OptionalDouble.of(9.0)))).isEmpty();
  }

  private static List<String> messages(Run run) {
    return Checks.examine(read(runs(run))).stream()
        .filter(f -> f.code().equals("length-mismatch"))
        .map(Finding::message)
        .toList();
  }

  private static Run tape(Run r, double metres) {
    return new Run(
        r.name(),
        r.type(),
        r.pixels(),
        OptionalDouble.of(metres),
        r.start(),
        r.end(),
        r.leadM(),
        r.group(),
        r.pin(),
        r.split(),
        r.notes());
  }

  private static Run grouped(String name, String box) {
    Run r = run(name, "12v-strip-60", 60);
    return new Run(
        r.name(),
        r.type(),
        r.pixels(),
        r.lengthM(),
        r.start(),
        r.end(),
        r.leadM(),
        Optional.of("weir"),
        Optional.of(new Pin(box, OptionalInt.empty())),
        true,
        Map.of());
  }

  private static Show at48Volts() {
    Show s = sound();
    var c = s.catalogue();
    var p = c.pixelTypesById().get("24v-strip-60-rgbw");
    var pixel =
        new bunting.core.show.PixelType(
            "p48", "p48", 48, 4, "RGBW", 8, p.signal(), 60, 6, 10, 1, p.load(), 0.06);
    var kind =
        new bunting.core.show.ControllerType(
            "k48", "k48", 2, 600, 16, List.of(48.0), 10, 10, List.of(), 10, 0);
    var supply = new bunting.core.show.SupplyType("s48", 48, 300, 0.9, 0.95, 0);
    var catalogue =
        new bunting.core.show.Catalogue(List.of(pixel), List.of(kind), List.of(supply), c.wires());
    return new Show(
        s.settings(),
        s.sites(),
        s.addressing(),
        catalogue,
        s.controllers(),
        s.circuits(),
        List.of(run("Trim", "p48", 60)));
  }

  /** A lead of 2 m to a run that hangs 100 m from its box. */
  private static Reading shortLead() {
    Run far =
        run("Weir", "12v-strip-60", 60)
            .withHanging(
                bunting.core.show.Hanging.straight(
                    new bunting.core.show.Point(100, 0), java.util.Optional.empty()))
            .withLead(java.util.OptionalDouble.of(2));
    return read(
        runs(far)
            .withControllers(List.of(new bunting.core.show.Controller("Mill", "box-4", 0, 0))));
  }

  @Test
  void everyCheckHasItsOwnCodeAReasonAndASource() {
    HashSet<String> codes = new HashSet<>();
    for (Check check : Checks.all()) {
      assertThat(codes.add(check.code())).as(check.code()).isTrue();
      assertThat(check.why()).endsWith(".");
      assertThat(check.source()).isNotBlank();
    }
    assertThat(codes).hasSizeGreaterThanOrEqualTo(20);
  }

  @Test
  void aSoundShowStopsAndWarnsOfNothing() {
    List<Finding> grave =
        Checks.examine(read(sound())).stream().filter(f -> f.severity() != Severity.NOTE).toList();
    assertThat(grave).isEmpty();
  }

  @Test
  void everyCheckFindsItsFault() {
    Map<String, Reading> faults = faults();
    List<String> missed = new ArrayList<>();
    for (Check check : Checks.all()) {
      if (!faults.containsKey(check.code())
          || !codes(faults.get(check.code())).contains(check.code())) {
        missed.add(check.code());
      }
    }
    assertThat(missed).isEmpty();
  }

  @Test
  void messagesAreOneLineAndNameTheirSubject() {
    for (Reading reading : faults().values()) {
      for (Finding f : Checks.examine(reading)) {
        assertThat(f.message()).doesNotContain("\n").endsWith(".");
      }
    }
  }
}
