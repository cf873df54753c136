package bunting.core.kit;

import bunting.core.show.Texts;
import java.util.ArrayList;
import java.util.List;

/**
 * A plug of a cable: what each of its pins carries, and at which volts. Another kind of plug for
 * each voltage keeps 12 V out of 5 V pixels (common practice, no source).
 *
 * @param pins in their order; at least one
 * @param volts nominal, of what it feeds
 */
public record Plug(List<Pin> pins, double volts) {
  /** What a pin carries. */
  public enum Pin {
    /** The feed's plus. */
    PLUS("V+"),
    /** The common return of power and data. */
    GROUND("ground"),
    /** Data to the next pixel. */
    DATA("data"),
    /** The clock beside it. */
    CLOCK("clock");

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

  /** The plug of a data lead, with power in it or without. */
  static Plug lead(boolean power, boolean clocked, double volts) {
    List<Pin> pins = new ArrayList<>();
    if (power) {
      pins.add(Pin.PLUS);
    }
    pins.add(Pin.GROUND);
    pins.add(Pin.DATA);
    if (clocked) {
      pins.add(Pin.CLOCK);
    }
    return new Plug(pins, volts);
  }

  /** The plug of a pair that brings power alone. */
  static Plug feed(double volts) {
    return new Plug(List.of(Pin.PLUS, Pin.GROUND), volts);
  }

  /** As people say it: {@code 3 pins, 5 V: V+, ground, data}. */
  public String words() {
    return kind() + ": " + String.join(", ", pins.stream().map(Pin::words).toList());
  }

  /** What tells it from others: {@code 3 pins, 5 V}. */
  public String kind() {
    return pins.size() + " pins, " + Texts.number(volts) + " V";
  }
}
