package bunting.core.ports;

import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.PixelType;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;

/** A controller while its ports are being filled. Its bank takes the volts of the first piece. */
public final class BoxLoad {
  private final Controller controller;
  private final ControllerType type;
  private final List<PortLoad> ports;
  private int pieces;
  private double volts;
  private int changes;

  BoxLoad(Controller controller, ControllerType type) {
    this.controller = controller;
    this.type = type;
    this.ports = Stream.generate(PortLoad::new).limit(type.ports()).toList();
  }

  /** The controller in its place. */
  public Controller controller() {
    return controller;
  }

  /** Its type. */
  public ControllerType type() {
    return type;
  }

  /** Its ports, port 1 first. */
  public List<PortLoad> ports() {
    return Collections.unmodifiableList(ports);
  }

  /** Whether nothing is on it. */
  public boolean isEmpty() {
    return pieces == 0;
  }

  /** Volts of its bank; while it is empty, the first that its type takes. */
  public double volts() {
    return isEmpty() ? type.volts().getFirst() : volts;
  }

  /** Goes up with every change: what was computed for an older number is out of date. */
  public int changes() {
    return changes;
  }

  boolean takes(PixelType pixel) {
    return isEmpty() ? type.takes(pixel.volts()) : volts == pixel.volts();
  }

  /** How many more pixels of a type a port takes, slots apart. */
  int room(int port, PixelType pixel, double targetFps) {
    PortLoad load = ports.get(port - 1);
    boolean otherSignal =
        !load.pieces().isEmpty() && load.pieces().getFirst().type().signal() != pixel.signal();
    if (otherSignal || !takes(pixel)) {
      return 0;
    }
    return PortRules.room(type, pixel, targetFps, load.pixels(), load.micros());
  }

  void append(int port, Piece piece) {
    if (pieces++ == 0) {
      volts = piece.type().volts();
    }
    changes++;
    ports.get(port - 1).append(piece);
  }

  void removeLast(int port) {
    pieces--;
    changes++;
    ports.get(port - 1).removeLast();
  }
}
