package bunting.core.pattern;

import bunting.core.patch.LightMap;
import bunting.core.patch.LightPiece;
import java.util.Optional;
import java.util.OptionalInt;

/** The part of a show that a pattern is for; the rest stays black. */
public record Scope(Optional<String> box, OptionalInt port, Optional<String> run) {
  /** All of it. */
  public static final Scope SHOW =
      new Scope(Optional.empty(), OptionalInt.empty(), Optional.empty());

  /** A box. */
  public static Scope ofBox(String id) {
    return new Scope(Optional.of(id), OptionalInt.empty(), Optional.empty());
  }

  /** A port of a box. */
  public static Scope ofPort(String id, int port) {
    return new Scope(Optional.of(id), OptionalInt.of(port), Optional.empty());
  }

  /** A run. */
  public static Scope ofRun(String name) {
    return new Scope(Optional.empty(), OptionalInt.empty(), Optional.of(name));
  }

  /** Whether a piece is in it. */
  public boolean holds(LightMap map, LightPiece piece) {
    return box.filter(b -> !b.equals(map.boxes().get(piece.box()).id())).isEmpty()
        && (port.isEmpty() || port.getAsInt() == piece.port())
        && run.filter(r -> !r.equals(piece.run())).isEmpty();
  }

  /** As people say it. */
  public String text() {
    return run.or(() -> box.map(b -> b + (port.isPresent() ? " port " + port.getAsInt() : "")))
        .orElse("the whole show");
  }
}
