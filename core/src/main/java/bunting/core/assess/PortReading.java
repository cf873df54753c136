package bunting.core.assess;

import bunting.core.show.ControllerType;
import bunting.core.show.PlacedController;
import java.util.List;

/**
 * A port and its chain.
 *
 * @param box the controller that it is on
 * @param type the controller's type
 * @param port number, from 1
 * @param segments the chain, next to the port first
 * @param pixels how many
 * @param micros time of its pixel data on the wire, microseconds
 * @param refreshHz frames a second that it can carry
 * @param amps through the port
 */
public record PortReading(
    PlacedController box,
    ControllerType type,
    int port,
    List<SegmentReading> segments,
    int pixels,
    double micros,
    double refreshHz,
    double amps) {
  public PortReading {
    segments = List.copyOf(segments);
  }

  /** Controller id. */
  public String controller() {
    return box.controller().id();
  }
}
