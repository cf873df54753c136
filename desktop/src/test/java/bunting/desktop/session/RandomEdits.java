package bunting.desktop.session;

import bunting.core.assess.Reading;
import bunting.core.island.Island;
import bunting.core.plan.Assessment;
import bunting.core.plan.ByHand;
import bunting.core.plan.HandOuts;
import bunting.core.plan.Posts;
import bunting.core.show.Addressing;
import bunting.core.show.BoxStarts;
import bunting.core.show.BulbString;
import bunting.core.show.Circuit;
import bunting.core.show.CircuitFacts;
import bunting.core.show.Conductors;
import bunting.core.show.Course;
import bunting.core.show.Fitting;
import bunting.core.show.HeldPost;
import bunting.core.show.Hours;
import bunting.core.show.InjectionSchool;
import bunting.core.show.MainsDevice;
import bunting.core.show.Picture;
import bunting.core.show.Pin;
import bunting.core.show.PlainSet;
import bunting.core.show.Point;
import bunting.core.show.PortStart;
import bunting.core.show.Protocol;
import bunting.core.show.RuleProfile;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.SlotSplit;
import bunting.core.show.Underlay;
import bunting.core.show.UniverseRange;
import bunting.core.show.Workshop;
import bunting.core.show.edit.BoxEdits;
import bunting.core.show.edit.FaceEdits;
import bunting.core.show.edit.MainsEdits;
import bunting.core.show.edit.PlaceEdits;
import bunting.core.show.edit.PlaceKind;
import bunting.core.show.edit.RunEdits;
import bunting.core.survey.MeasuredRuns;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import java.util.function.UnaryOperator;
import javafx.beans.value.ObservableValue;

/** Edits of every part of a show, with names, numbers and places that are awkward or absurd. */
public final class RandomEdits {
  private static final List<String> TYPES =
      List.of("5v-strip-60", "12v-strip-60", "24v-strip-60-rgbw", "12v-string-10");
  private static final List<String> KINDS = List.of("box-2", "box-4", "box-8", "box-16");
  private static final byte[] DRAWING =
      "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 300 200'><path d='M0 0L9 9'/></svg>"
          .getBytes(StandardCharsets.UTF_8);

  private final Random random;

  /** An edit: what it is, and what it does. */
  public record Edit(String what, UnaryOperator<Show> change) {}

  public RandomEdits(Random random) {
    this.random = random;
  }

  /** A show with a little of everything, from which edits go on. */
  public static Show begin() {
    Show show =
        Show.of(
            List.of(
                Run.of("Weir", "5v-strip-60", 200),
                Run.of("Owl", "12v-strip-60", 90).withGroup(Optional.of("wood")),
                Run.of("Hub", "12v-string-10", 50)));
    return new Show(
        show.settings(),
        show.sites(),
        show.addressing(),
        show.catalogue(),
        show.controllers(),
        Optional.of(List.of(new Circuit("Kitchen", 230, 16, 0))),
        show.runs());
  }

  private int below(int n) {
    return random.nextInt(n);
  }

  private <T> T one(List<T> of) {
    return of.get(below(of.size()));
  }

  private String name() {
    return switch (below(9)) {
      case 0 -> "n".repeat(200);
      case 1 -> "n".repeat(201);
      case 2 -> "";
      case 3 -> "Mühle \"x\"; ü, \\ /\t" + below(3);
      case 4 -> "\uD83C";
      default -> "thing " + below(12);
    };
  }

  private String run(Show show) {
    return show.runs().isEmpty() || below(12) == 0 ? "Nobody" : one(show.runs()).name();
  }

  private String box(Show show) {
    List<String> ids = show.controllers().orElse(List.of()).stream().map(c -> c.id()).toList();
    return ids.isEmpty() || below(12) == 0 ? "Nowhere" : one(ids);
  }

  private double metres() {
    return switch (below(8)) {
      case 0 -> -0.0;
      case 1 -> 1e-17 * below(100);
      case 2 -> 100_000;
      case 3 -> 1e300;
      default -> (random.nextDouble() - 0.5) * 40;
    };
  }

  private Point point() {
    return random.nextBoolean()
        ? new Point(metres(), metres())
        : new Point(metres(), metres(), metres());
  }

  private int pixels() {
    return below(10) == 0 ? 1 + below(1_000_000) / 500 : 1 + below(160);
  }

  private static PlaceKind kind(int n) {
    return List.of(PlaceKind.values()).get(n);
  }

  /** The next edit, in the light of the show and perhaps of a plan of it or an earlier one. */
  public Edit next(Show show, ObservableValue<Optional<Assessment>> plan) {
    Optional<Reading> reading = plan.getValue().map(Assessment::reading);
    int n = below(reading.isPresent() ? 38 : 30);
    return new Edit("edit " + n, n < 30 ? ofFacts(n, show) : ofPlan(n, show, reading.get()));
  }

  private UnaryOperator<Show> ofFacts(int n, Show show) {
    String run = run(show);
    String box = box(show);
    String name = name();
    Point at = point();
    int count = pixels();
    int more = below(10);
    double metres = metres();
    boolean yes = random.nextBoolean();
    String type = one(TYPES);
    return switch (n) {
      case 0, 1 ->
          s ->
              RunEdits.added(
                  s,
                  Run.of("run " + count, type, count)
                      .withHanging(bunting.core.show.Hanging.straight(at, Optional.empty())));
      case 2 -> s -> RunEdits.removed(s, run);
      case 3 -> s -> RunEdits.renamed(s, run, name);
      case 4, 5, 6 -> s -> RunEdits.changed(s, run, r -> r.withBuilt(OptionalInt.of(count)));
      case 7 -> s -> RunEdits.changed(s, run, r -> r.withPixels(count));
      case 8 -> s -> RunEdits.changed(s, run, r -> r.withType(type));
      case 9 -> s -> RunEdits.changed(s, run, r -> r.withGroup(Optional.of(name)));
      case 10 ->
          s ->
              RunEdits.changed(
                  s, run, r -> r.withFitting(new Fitting(1 + more, Optional.of("BRG"), yes)));
      case 11 ->
          s ->
              RunEdits.changed(
                  s, run, r -> r.withHanging(r.hanging().moved(at.x(), at.y(), at.z())));
      case 12 ->
          s -> RunEdits.changed(s, run, r -> r.withLead(OptionalDouble.of(Math.abs(metres))));
      case 13 ->
          s ->
              RunEdits.changed(
                  s, run, r -> r.withHanging(r.hanging().withRoute(List.of(at, new Point(1, 2)))));
      case 14 -> course(run, at, more);
      case 15 -> s -> BoxEdits.withCandidate(s, at);
      case 16 -> s -> BoxEdits.removed(s, box);
      case 17 -> s -> BoxEdits.renamed(s, box, name);
      case 18 -> {
        String kind = one(KINDS);
        yield s -> BoxEdits.retyped(s, box, kind);
      }
      case 19 ->
          s ->
              RunEdits.changed(
                  s, run, r -> r.withPin(Optional.of(new Pin(box, OptionalInt.of(1 + more * 2)))));
      case 20 -> place(more, at, name, show);
      case 21 -> lights(at, name, count, yes);
      case 22 -> underlay(at, Math.abs(metres), yes);
      case 23 -> addressing(more, box, yes);
      case 24 -> wiring(run, count, more, metres);
      case 25 -> workshop(count, more);
      case 26 ->
          s -> s.withNetwork(s.network().withAddress(box, "10.1.2." + more).withWifi(box, yes));
      case 27 -> mains(more, name, at, metres, yes, show);
      case 28 ->
          yes
              ? stranger(more, box, name)
              : new RandomPreparations(random).next(more, run, box, type, name, metres);
      default ->
          s -> s.withSettings(s.settings().withBrightness(more * 10).withName("show " + more));
    };
  }

  private static UnaryOperator<Show> course(String run, Point at, int n) {
    Course course =
        n % 3 == 0
            ? new Course.Ring(at, 0.3 + n, 10, 300)
            : n % 3 == 1
                ? new Course.Grid(at, 2 + n, 1.5, 0.1 * n, -90, true).back()
                : n % 2 == 0
                    ? new Course.Traced(List.of(at, at.plus(1.0 / 3, 0), at.plus(1, 0.1 + n)))
                    : new Course.Facing(new Course.Wrap(at, 1 + n, 0.3, 7, 90), 30.0 * n);
    return s ->
        RunEdits.changed(
            s,
            run,
            r -> MeasuredRuns.rehung(r, s.catalogue().pixelTypesById().get(r.type()), course));
  }

  private UnaryOperator<Show> place(int n, Point at, String name, Show show) {
    List<PlaceEdits.Place> places = PlaceEdits.of(show);
    Optional<PlaceEdits.Place> any = places.isEmpty() ? Optional.empty() : Optional.of(one(places));
    PlaceKind kind = any.map(PlaceEdits.Place::kind).orElse(kind(n % 6));
    String id = any.map(PlaceEdits.Place::id).orElse("0");
    return switch (n) {
      case 0 -> s -> PlaceEdits.withOutlet(s, at);
      case 1 -> s -> PlaceEdits.withNetworkPoint(s, at);
      case 2 -> s -> PlaceEdits.withNote(s, at);
      case 3 -> s -> PlaceEdits.removed(s, kind, id);
      case 4 -> s -> PlaceEdits.moved(s, kind, id, at.x(), at.y(), at.z());
      case 5 -> s -> PlaceEdits.onCircuit(s, id, Optional.of(name));
      case 6 -> s -> FaceEdits.added(s, at, at.plus(3, 0, 1));
      case 7 -> s -> FaceEdits.house(s, at.x(), 1 + Math.abs(at.y() % 90), 8);
      case 8 ->
          s -> FaceEdits.changed(s, "Face 1", f -> f.between(f.fromX(), 0, f.toX() + 1, at.z()));
      case 9 -> s -> FaceEdits.removed(s, "Face 1");
      default -> s -> PlaceEdits.renamed(s, kind, id, name);
    };
  }

  private static UnaryOperator<Show> lights(Point at, String name, int n, boolean set) {
    return set
        ? s ->
            PlaceEdits.withSet(
                s,
                new PlainSet(name, 12, 3, n, at, OptionalDouble.empty(), Optional.of("g" + n % 3)))
        : s -> PlaceEdits.withString(s, new BulbString(name, n, 5, 7, 10, at));
  }

  private static UnaryOperator<Show> underlay(Point at, double scale, boolean whole) {
    Picture picture = new Picture("mill.svg", Picture.Kind.SVG, 300, 200, DRAWING);
    return s ->
        s.withSurvey(
            s.survey()
                .withFeet(whole)
                .withUnderlay(
                    whole
                        ? Optional.of(new Underlay(picture, at, scale / 3, 1.0 / 7, 50, true))
                        : s.survey().underlay().map(u -> u.moved(at.x(), at.y()))));
  }

  private static UnaryOperator<Show> addressing(int n, String box, boolean artNet) {
    return s ->
        s.withAddressing(
            new Addressing(
                artNet ? Protocol.ARTNET : Protocol.SACN,
                1 + n,
                n % 2 == 0 ? SlotSplit.WHOLE_PIXELS : SlotSplit.FULL_UNIVERSE,
                n % 3 == 0 ? PortStart.CONTINUOUS : PortStart.NEW_UNIVERSE,
                List.of(new UniverseRange(3, 3 + n, "the desk " + n)),
                new BoxStarts(n, Map.of(box, 40_000 + n))));
  }

  private static UnaryOperator<Show> wiring(String run, int pixel, int n, double metres) {
    return s -> {
      Conductors c = s.wiring().conductors().with(20 + n, n, 1.0 / 3, n, 2);
      List<HeldPost> posts = new ArrayList<>();
      posts.add(new HeldPost(run, 1, false, Optional.of("14AWG"), OptionalDouble.empty()));
      posts.add(
          new HeldPost(
              run,
              1 + pixel,
              n % 2 == 0,
              Optional.of("9AWG"),
              OptionalDouble.of(Math.abs(metres))));
      return s.withWiring(
          s.wiring()
              .with(c)
              .with(s.wiring().ways().with(List.of(InjectionSchool.values()).get(n % 4), 100 + n))
              .withPosts(run, posts));
    };
  }

  private UnaryOperator<Show> mains(
      int n, String name, Point at, double metres, boolean yes, Show show) {
    List<String> ids = show.circuits().orElse(List.of()).stream().map(Circuit::id).toList();
    String circuit = ids.isEmpty() ? "none" : one(ids);
    CircuitFacts facts =
        CircuitFacts.NONE
            .at(at)
            .onPhase(OptionalInt.of(1 + n % 3))
            .withAlso(List.of(new CircuitFacts.Appliance(name, Math.abs(metres))));
    return switch (n) {
      case 0, 1 -> s -> MainsEdits.added(s, new Circuit(name, 230, 16, n).with(facts));
      case 2 -> s -> MainsEdits.renamed(s, circuit, name);
      case 3 -> s -> MainsEdits.removed(s, circuit);
      case 4 -> s -> MainsEdits.changed(s, circuit, c -> c.with(facts));
      case 5 ->
          s ->
              MainsEdits.withDevice(
                  s,
                  new MainsDevice(
                      name, 5, Optional.of(at), Optional.of(circuit), Optional.of(name)));
      case 6 -> s -> MainsEdits.withoutDevice(s, name);
      case 7 -> s -> MainsEdits.ruled(s, yes ? RuleProfile.NORTH_AMERICA : RuleProfile.IEC);
      default -> s -> MainsEdits.withHours(s, hours(name, metres));
    };
  }

  private static Hours hours(String cut, double north) {
    LocalDate day = LocalDate.of(2026, 12, 1);
    return new Hours(
        new Hours.Season(day, day.plusDays(3)),
        new Hours.Place(north, 4, ZoneId.of("Europe/Brussels")),
        Optional.empty(),
        -15,
        Optional.of(LocalTime.of(22, 30)),
        30,
        List.of(cut),
        new Hours.Tariff(0.3, "EUR"),
        Hours.Apart.NONE);
  }

  private static UnaryOperator<Show> stranger(int n, String box, String name) {
    return s ->
        s.withNetwork(
            s.network()
                .at("192.168." + n, 11 + n, "192.168." + n + ".2")
                .with(
                    s.network()
                        .lan()
                        .withPrefix(OptionalInt.of(22 + n % 3))
                        .withTaken(Map.of("192.168." + n + ".20", name))
                        .borrowing(box, name)));
  }

  private static UnaryOperator<Show> workshop(int pixels, int n) {
    String type = n == 0 ? "no-such-type" : TYPES.get(n % TYPES.size());
    return s ->
        s.withWorkshop(
            new Workshop(
                List.of(new Workshop.Pack(type, pixels, n / 3.0)),
                List.of(new Workshop.Rest(type, pixels, n)),
                Map.of(type, n * 1.1)));
  }

  private UnaryOperator<Show> ofPlan(int n, Show show, Reading plan) {
    String run = run(show);
    String box = box(show);
    int more = below(8);
    return switch (n) {
      case 30 -> s -> ByHand.hold(s, plan, run);
      case 31 -> s -> ByHand.join(s, plan, run);
      case 32 -> s -> ByHand.release(s, run);
      case 33 -> s -> ByHand.move(s, plan, run, 1, box, 1 + more, 1);
      case 34 ->
          s ->
              HandOuts.handOut(s, plan, "2026-11-03", more == 0 ? "" : "w".repeat(150 + more * 20));
      case 35 -> s -> HandOuts.takeBack(s, Optional.of(run));
      case 36 -> s -> HandOuts.withBoxes(s, plan, id -> true);
      default -> posts(plan, more);
    };
  }

  private static UnaryOperator<Show> posts(Reading plan, int n) {
    List<Island> islands = plan.islands();
    if (islands.isEmpty()) {
      return s -> s;
    }
    Island island = islands.get(n % islands.size());
    return n < 6
        ? s -> Posts.keep(s, plan, island, Optional.empty())
        : s -> Posts.release(s, island);
  }
}
