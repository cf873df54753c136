package bunting.desktop.survey;

import bunting.core.show.Point;
import bunting.core.survey.Sheet;
import bunting.core.survey.Sheets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Corners as they are being set, one after the other. The hand is led: a leg that is nearly level
 * or plumb becomes so, one that is nearly as long as another becomes as long, an end that is near
 * another run's meets it. A length that is typed overrules the hand and keeps its direction.
 */
public final class Tracing {
  private static final double STRAIGHT_DEG = 5;

  private final List<Point> corners = new ArrayList<>();
  private final List<Point> magnets;
  private Sheet sheet = Sheets.FRONT;
  private final StringBuilder typed = new StringBuilder();

  /** What led the hand. */
  public enum Led {
    FREE,
    LEVEL,
    PLUMB,
    EQUAL,
    MET
  }

  /** Where the next corner would be, and why there. */
  public record Next(Point at, Led led) {}

  /**
   * @param magnets ends of what is there already
   */
  public Tracing(List<Point> magnets) {
    this.magnets = List.copyOf(magnets);
  }

  /** What is drawn on from now on; corners that were set stay where they are. */
  void on(Sheet other) {
    sheet = other;
  }

  /** The corners so far. */
  public List<Point> corners() {
    return List.copyOf(corners);
  }

  /** What was typed. */
  public String typed() {
    return typed.toString();
  }

  /** Takes a character of a typed length. */
  public void type(String character) {
    typed.append(character);
  }

  /** Takes back the last character, else the last corner; false where there was nothing. */
  public boolean back() {
    if (!typed.isEmpty()) {
      typed.setLength(typed.length() - 1);
      return true;
    }
    if (!corners.isEmpty()) {
      corners.removeLast();
      return true;
    }
    return false;
  }

  /** Length of the traced legs, metres. */
  public double lengthM() {
    double sum = 0;
    for (int i = 1; i < corners.size(); i++) {
      sum += corners.get(i - 1).distanceTo(corners.get(i));
    }
    return sum;
  }

  /**
   * Where the next corner would be with the hand there.
   *
   * @param nearM how near is near, metres
   * @param lengthM the typed length, where one was typed
   */
  public Next next(Point hand, double nearM, Optional<Double> lengthM) {
    if (corners.isEmpty()) {
      return met(hand, nearM).orElse(new Next(hand, Led.FREE));
    }
    Point from = corners.getLast();
    Next led = led(from, hand, nearM);
    if (lengthM.isEmpty()) {
      return led;
    }
    double now = from.distanceTo(led.at());
    Point direction = now > 0 ? led.at() : sheet.moved(from, 1, 0);
    return new Next(along(from, direction, lengthM.get()), led.led());
  }

  private Optional<Next> met(Point hand, double nearM) {
    // A trace of three legs may close on itself.
    Stream<Point> own = corners.size() > 2 ? Stream.of(corners.getFirst()) : Stream.empty();
    return Stream.concat(magnets.stream(), own)
        .filter(m -> sheet.apart(m, hand) <= nearM)
        .findFirst()
        .map(m -> new Next(m, Led.MET));
  }

  private Next led(Point from, Point hand, double nearM) {
    Optional<Next> met = met(hand, nearM);
    if (met.isPresent()) {
      return met.get();
    }
    double angle =
        Math.toDegrees(
            Math.atan2(
                Math.abs(sheet.up(hand) - sheet.up(from)),
                Math.abs(sheet.across(hand) - sheet.across(from))));
    Next straight =
        angle <= STRAIGHT_DEG
            ? new Next(sheet.beside(from, sheet.across(hand), sheet.up(from)), Led.LEVEL)
            : angle >= 90 - STRAIGHT_DEG
                ? new Next(sheet.beside(from, sheet.across(from), sheet.up(hand)), Led.PLUMB)
                : new Next(sheet.beside(from, sheet.across(hand), sheet.up(hand)), Led.FREE);
    double now = from.distanceTo(straight.at());
    for (int i = 1; i < corners.size(); i++) {
      double leg = corners.get(i - 1).distanceTo(corners.get(i));
      if (now > 0 && Math.abs(leg - now) <= nearM) {
        return new Next(along(from, straight.at(), leg), Led.EQUAL);
      }
    }
    return straight;
  }

  private static Point along(Point from, Point to, double metres) {
    double now = from.distanceTo(to);
    return from.towards(to, metres / now);
  }

  /** Sets a corner; false where it is the last one again: then the trace is done. */
  public boolean set(Point corner) {
    typed.setLength(0);
    if (!corners.isEmpty() && corners.getLast().distanceTo(corner) < 1e-6) {
      return false;
    }
    corners.add(corner);
    return true;
  }
}
