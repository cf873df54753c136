package bunting.core.kit;

import bunting.core.show.PixelType;
import bunting.core.show.Preparation;
import bunting.core.show.Signal;
import bunting.core.show.Texts;
import bunting.core.show.TypePlug;
import java.util.ArrayList;
import java.util.List;

/**
 * A plug of a cable: what each of its pins carries, at which volts, and which kind it is where that
 * is known. Another kind of plug for each voltage keeps 12 V out of 5 V pixels (common practice, no
 * source).
 *
 * @param pins in their order; at least one
 * @param volts nominal, of what it feeds
 * @param name the kind, in the builder's words; empty: not said
 */
public record Plug(List<Pin> pins, double volts, String name) {
  /** What a pin carries. */
  public enum Pin {
    /** The feed's plus. */
    PLUS("V+"),
    /** The common return of power and data. */
    GROUND("ground"),
    /** Data to the next pixel. */
    DATA("data"),
    /** The data that goes on past a dead pixel. */
    BACKUP("backup data"),
    /** The same at the first pixel, where no pixel is before it: it lies at ground. */
    BACKUP_GROUNDED("backup data to ground"),
    /** The clock beside it. */
    CLOCK("clock"),
    /** Data of the last pixel, on its way back. */
    DATA_BACK("data back");

    private final String words;

    Pin(String words) {
      this.words = words;
    }

    /** As people say it. */
    public String words() {
      return words;
    }
  }

  public Plug {
    pins = List.copyOf(pins);
  }

  /**
   * The plug of a data lead.
   *
   * @param power whether V+ goes along; not where the pixels have a supply of their own
   * @param first whether a board is before it, and no pixel
   */
  static Plug lead(Preparation known, PixelType type, boolean power, boolean first) {
    TypePlug own = known.plugOf(type.id()).orElse(TypePlug.of(type.id()));
    List<Pin> pins = new ArrayList<>(rails(own, power));
    pins.add(Pin.DATA);
    if (own.backup()) {
      pins.add(first ? Pin.BACKUP_GROUNDED : Pin.BACKUP);
    }
    if (type.signal() == Signal.CLOCKED) {
      pins.add(Pin.CLOCK);
    }
    if (own.back()) {
      pins.add(Pin.DATA_BACK);
    }
    return new Plug(pins, type.volts(), own.plug());
  }

  /** The plug of a pair that brings power alone. */
  static Plug feed(Preparation known, PixelType type) {
    TypePlug own = known.plugOf(type.id()).orElse(TypePlug.of(type.id()));
    return new Plug(rails(own, true), type.volts(), own.plug().isEmpty() ? "" : "power tail");
  }

  /** V+ and ground, in the order in which they lie with the arrow pointing away. */
  private static List<Pin> rails(TypePlug own, boolean power) {
    if (!power) {
      return List.of(Pin.GROUND);
    }
    return own.plus() == TypePlug.Side.RIGHT
        ? List.of(Pin.GROUND, Pin.PLUS)
        : List.of(Pin.PLUS, Pin.GROUND);
  }

  /** As people say it: {@code 3 pins, 5 V: V+, ground, data}. */
  public String words() {
    boolean dataAlone = !pins.contains(Pin.PLUS);
    return kind()
        + ": "
        + String.join(", ", pins.stream().map(Pin::words).toList())
        + (dataAlone ? "; no V+, they are fed on their own" : "");
  }

  /** What tells it from others: {@code 3 pins, 5 V}. */
  public String kind() {
    return pins.size()
        + " pins, "
        + Texts.number(volts)
        + " V"
        + (name.isEmpty() ? "" : ", " + name);
  }
}
