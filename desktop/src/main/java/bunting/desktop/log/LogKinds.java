package bunting.desktop.log;

import bunting.core.log.LogKind;
import bunting.desktop.look.Palette;
import javafx.scene.paint.Color;

/** How kinds of entries look: a colour, and a mark that says the same without it. */
final class LogKinds {
  private LogKinds() {}

  static Color colour(LogKind kind, Palette p) {
    return switch (kind) {
      case FAULT -> p.stop();
      case REPAIR -> p.good();
      case READING -> p.power();
      case PART -> p.warn();
      case BUILT, COUNT, SEASON -> p.ink();
      case HOURS, NOTE -> p.soft();
    };
  }

  static String mark(LogKind kind) {
    return switch (kind) {
      case FAULT -> "!";
      case REPAIR -> "+";
      case READING -> "V";
      case PART -> "#";
      case BUILT -> "^";
      case COUNT -> "n";
      case HOURS -> "h";
      case NOTE -> "\u2026";
      case SEASON -> "\u25C6";
    };
  }
}
