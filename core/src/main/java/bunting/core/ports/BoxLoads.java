package bunting.core.ports;

import bunting.core.show.ControllerType;
import bunting.core.show.Decisions;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import bunting.core.show.Signal;
import bunting.core.show.Texts;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** The boxes of a plan as they are filled, to ask what else they would take. */
public final class BoxLoads {
  private final Show show;
  private final Map<String, BoxLoad> boxes = new LinkedHashMap<>();
  private final Map<String, PixelType> types;
  private final Prices prices;

  /** Of a plan. */
  public BoxLoads(Show show, Decisions decisions) {
    this(show, decisions, "");
  }

  /** Of a plan without one run. */
  public BoxLoads(Show show, Decisions decisions, String without) {
    this.show = show;
    this.types = show.catalogue().pixelTypesById();
    this.prices = new Prices(show);
    Map<String, ControllerType> kinds = show.catalogue().controllerTypesById();
    Map<String, Run> runs =
        show.runs().stream().collect(Collectors.toMap(Run::name, Function.identity()));
    decisions
        .controllers()
        .forEach(
            c ->
                boxes.put(
                    c.controller().id(),
                    new BoxLoad(
                        c.controller(),
                        java.util.Objects.requireNonNull(kinds.get(c.controller().type())))));
    for (Segment s : decisions.segments()) {
      Run run = java.util.Objects.requireNonNull(runs.get(s.run()));
      BoxLoad box = java.util.Objects.requireNonNull(boxes.get(s.controller()));
      if (!s.run().equals(without)) {
        box.append(s.port(), new Piece(run, type(run), s.firstPixel(), s.lastPixel()));
      }
    }
  }

  private PixelType type(Run run) {
    return java.util.Objects.requireNonNull(types.get(run.type()));
  }

  /**
   * What a port would carry with so many more pixels of a run, and why it may not.
   *
   * @param pixels on the port then
   * @param hz refresh rate then
   * @param amps at the designed brightness then, over all feeds
   * @param metres from the box to the run
   * @param hindrance why not, in one sentence; empty: it fits
   */
  public record Fit(
      String controller,
      int port,
      int pixels,
      double hz,
      double amps,
      double metres,
      Optional<String> hindrance) {}

  /** Box ids in the order of the plan. */
  public List<String> ids() {
    return List.copyOf(boxes.keySet());
  }

  /** How many ports a box has. */
  public int ports(String controller) {
    return java.util.Objects.requireNonNull(boxes.get(controller)).type().ports();
  }

  /** Pixels {@code first} to {@code last} of a run on a port. */
  public Fit fit(Run run, int first, int last, String controller, int port) {
    BoxLoad box = java.util.Objects.requireNonNull(boxes.get(controller));
    PixelType type = type(run);
    PortLoad load = box.ports().get(port - 1);
    int count = last - first + 1;
    double percent = show.settings().brightnessPercent();
    double amps = count * type.amps(percent);
    for (Piece p : load.pieces()) {
      amps += p.pixels() * p.type().amps(percent);
    }
    double micros = load.micros() + count * type.wireMicros();
    return new Fit(
        controller,
        port,
        load.pixels() + count,
        PortRules.refreshHz(micros),
        amps,
        prices.metres(box.controller().at(), run, type, first),
        hindrance(box, port, type, count, micros));
  }

  private Optional<String> hindrance(
      BoxLoad box, int port, PixelType type, int count, double micros) {
    PortLoad load = box.ports().get(port - 1);
    String id = box.controller().id();
    if (!box.takes(port, type)) {
      return Optional.of(
          box.isEmpty() || (!box.type().banks().isEmpty() && !box.type().takes(port, type.volts()))
              ? id + " does not run at " + Texts.number(type.volts()) + " V"
              : "its supply group is at "
                  + Texts.number(box.volts(port))
                  + " V, not "
                  + Texts.number(type.volts())
                  + " V");
    }
    Signal signal =
        load.pieces().isEmpty() ? type.signal() : load.pieces().getFirst().type().signal();
    if (signal != type.signal()) {
      return Optional.of("it carries " + signal.id() + ", not " + type.signal().id());
    }
    int over = load.pixels() + count - box.type().pixelsPerPortMax();
    double budget = PortRules.budgetMicros(show.settings().targetFps());
    int late = (int) Math.ceil((micros - budget) / type.wireMicros() - 1e-9);
    if (late > 0 && late >= over) {
      return Optional.of(
          late
              + " px too many for "
              + Texts.number(show.settings().targetFps())
              + " fps: it would do "
              + Texts.fixed(PortRules.refreshHz(micros), 1));
    }
    if (over > 0) {
      return Optional.of(
          over + " px over the " + box.type().pixelsPerPortMax() + " that a port takes");
    }
    return Optional.empty();
  }

  /** The port of a box that suits whole: the first that fits, else the one with most room. */
  public Fit best(Run run, String controller) {
    BoxLoad box = java.util.Objects.requireNonNull(boxes.get(controller));
    Fit most = fit(run, 1, run.pixels(), controller, box.order().getFirst());
    for (int port : box.order()) {
      Fit one = fit(run, 1, run.pixels(), controller, port);
      if (one.hindrance().isEmpty()) {
        return one;
      }
      most = one.pixels() < most.pixels() ? one : most;
    }
    return most;
  }
}
