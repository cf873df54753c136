package bunting.core.kit;

import bunting.core.show.Point;
import bunting.core.show.Survey;
import bunting.core.units.Lengths;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * The way of a cable in words: up, down, left and right with lengths, and the notes of the survey
 * that it passes.
 */
final class RouteWords {
  /** What is nearer to the way than this is passed, metres (our reckoning). */
  private static final double PASSED_M = 0.75;

  /** Shorter legs are not worth a word, metres. */
  private static final double LEG_M = 0.1;

  private final Lengths lengths;
  private final List<Survey.Note> notes;

  RouteWords(Lengths lengths, List<Survey.Note> notes) {
    this.lengths = lengths;
    this.notes = notes;
  }

  /** From a place to another through corners; without corners along the axes, first up or down. */
  String of(Point from, List<Point> corners, Point to) {
    List<Point> way = new ArrayList<>(List.of(from));
    if (corners.isEmpty()) {
      way.add(new Point(from.x(), to.y(), from.z()));
    }
    way.addAll(corners);
    way.add(to);
    List<String> words = new ArrayList<>();
    Set<String> passed = new LinkedHashSet<>();
    for (int i = 1; i < way.size(); i++) {
      leg(way.get(i - 1), way.get(i), words);
      for (Survey.Note n : notes) {
        if (distance(n.at(), way.get(i - 1), way.get(i)) <= PASSED_M) {
          passed.add("past \"" + n.text() + "\"");
        }
      }
    }
    words.addAll(passed);
    return words.isEmpty() ? "at the box" : String.join(", ", words);
  }

  private void leg(Point from, Point to, List<String> words) {
    double dx = to.x() - from.x();
    double dy = to.y() - from.y();
    double dz = to.z() - from.z();
    if (Math.abs(dy) >= LEG_M) {
      words.add(lengths.rough(Math.abs(dy)) + (dy > 0 ? " up" : " down"));
    }
    if (Math.abs(dx) >= LEG_M) {
      words.add(lengths.rough(Math.abs(dx)) + (dx > 0 ? " right" : " left"));
    }
    if (Math.abs(dz) >= LEG_M) {
      words.add(lengths.rough(Math.abs(dz)) + (dz > 0 ? " back" : " to the front"));
    }
  }

  private static double distance(Point p, Point a, Point b) {
    double dx = b.x() - a.x();
    double dy = b.y() - a.y();
    double dz = b.z() - a.z();
    double square = dx * dx + dy * dy + dz * dz;
    double along = (p.x() - a.x()) * dx + (p.y() - a.y()) * dy + (p.z() - a.z()) * dz;
    double t = square == 0 ? 0 : along / square;
    return p.distanceTo(a.towards(b, Math.max(0, Math.min(1, t))));
  }
}
