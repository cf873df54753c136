package bunting.core.ports;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** A port while it is being filled; its pieces in chain order. */
public final class PortLoad {
  private final List<Piece> pieces = new ArrayList<>();
  private int pixels;
  private double micros;

  PortLoad() {}

  /** The chain, next to the port first. */
  public List<Piece> pieces() {
    return Collections.unmodifiableList(pieces);
  }

  int pixels() {
    return pixels;
  }

  double micros() {
    return micros;
  }

  void append(Piece piece) {
    pieces.add(piece);
    count(piece, 1);
  }

  void removeLast() {
    count(pieces.removeLast(), -1);
  }

  /** Takes a run's pieces off; returns how many. */
  int removeRun(String name) {
    List<Piece> own = pieces.stream().filter(p -> p.run().name().equals(name)).toList();
    own.forEach(p -> count(p, -1));
    pieces.removeAll(own);
    return own.size();
  }

  /** Puts the same pieces into another order. */
  void reorder(List<Piece> order) {
    pieces.clear();
    pieces.addAll(order);
  }

  private void count(Piece piece, int sign) {
    pixels += sign * piece.pixels();
    micros += sign * piece.pixels() * piece.type().wireMicros();
  }
}
