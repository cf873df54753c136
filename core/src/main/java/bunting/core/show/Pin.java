package bunting.core.show;

import java.util.OptionalInt;

/** A decision of the builder: this run on this controller, and perhaps on this port. */
public record Pin(String controller, OptionalInt port) {
  /** As people say it. */
  public String text() {
    return port.isPresent() ? controller + " port " + port.getAsInt() : controller;
  }
}
