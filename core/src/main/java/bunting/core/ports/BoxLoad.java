package bunting.core.ports;

import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.PixelType;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;

/**
 * A controller while its ports are being filled. Each of its boards takes the volts of the first
 * piece on it.
 */
public final class BoxLoad {
  private final Controller controller;
  private final ControllerType type;
  private final List<PortLoad> ports;
  private final List<Integer> order;
  private final int bank;
  private int pieces;
  private double volts;
  private int changes;

  /** A box of which every port may be used. */
  BoxLoad(Controller controller, ControllerType type) {
    this(controller, type, 0);
  }

  /** A box of which so many ports, the last in the order of filling, stay free. */
  BoxLoad(Controller controller, ControllerType type, int spare) {
    this(
        controller,
        type,
        0,
        type.portsInOrder().subList(0, Math.max(1, type.ports() - Math.max(0, spare))));
  }

  private BoxLoad(Controller controller, ControllerType type, int bank, List<Integer> order) {
    this.bank = bank;
    this.order = order;
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

  /** The ports that may be filled, in the order in which to fill them. */
  List<Integer> order() {
    return order;
  }

  /** An empty box like this one. */
  BoxLoad emptied() {
    return new BoxLoad(controller, type, bank, order);
  }

  /** The number of the board that it is a part of; 0: it is all of the controller. */
  public int bank() {
    return bank;
  }

  /** Its boards, each as a box of its own whose other ports are empty; one: the box itself. */
  public List<BoxLoad> boards() {
    if (type.banks().isEmpty()) {
      return List.of(this);
    }
    List<BoxLoad> boards = new ArrayList<>();
    for (int number : type.bankNumbers()) {
      List<Integer> own = order.stream().filter(p -> type.bankOf(p) == number).toList();
      BoxLoad board = new BoxLoad(controller, type.board(number), number, own);
      for (int port = 1; port <= ports.size(); port++) {
        if (type.bankOf(port) == number) {
          for (Piece piece : ports.get(port - 1).pieces()) {
            board.append(port, piece);
          }
        }
      }
      boards.add(board);
    }
    return boards;
  }

  /** Whether each board has one voltage, and one that it may have. */
  boolean oneVoltageEach() {
    for (BoxLoad board : boards()) {
      for (PortLoad port : board.ports) {
        for (Piece p : port.pieces()) {
          if (p.type().volts() != board.volts() || !board.type.takes(p.type().volts())) {
            return false;
          }
        }
      }
    }
    return true;
  }

  /** A copy with another chain on one port. */
  BoxLoad with(int port, List<Piece> chain) {
    BoxLoad box = emptied();
    for (int p = 1; p <= ports.size(); p++) {
      for (Piece piece : p == port ? chain : ports.get(p - 1).pieces()) {
        box.append(p, piece);
      }
    }
    return box;
  }

  /** The same box with the same pieces under another name. */
  BoxLoad renamed(Controller other) {
    BoxLoad box = new BoxLoad(other, type, bank, order);
    for (int port = 1; port <= ports.size(); port++) {
      for (Piece piece : ports.get(port - 1).pieces()) {
        box.append(port, piece);
      }
    }
    return box;
  }

  /** Whether nothing is on it. */
  public boolean isEmpty() {
    return pieces == 0;
  }

  /** How many pixels are on it. */
  long pixelsOnIt() {
    return ports.stream().mapToLong(PortLoad::pixels).sum();
  }

  /** Volts of its first piece; while it is empty, the first that its type takes. */
  public double volts() {
    return isEmpty() ? type.volts().getFirst() : volts;
  }

  /** Volts of the board of a port; while that is empty, the first that it may have. */
  double volts(int port) {
    if (type.banks().isEmpty()) {
      return volts();
    }
    int own = type.bankOf(port);
    return java.util.stream.IntStream.rangeClosed(1, ports.size())
        .filter(p -> type.bankOf(p) == own && !ports.get(p - 1).pieces().isEmpty())
        .mapToDouble(p -> ports.get(p - 1).pieces().getFirst().type().volts())
        .findFirst()
        .orElse(type.volts(own).getFirst());
  }

  /** Goes up with every change: what was computed for an older number is out of date. */
  public int changes() {
    return changes;
  }

  boolean takes(PixelType pixel) {
    if (type.banks().isEmpty()) {
      return isEmpty() ? type.takes(pixel.volts()) : volts == pixel.volts();
    }
    return order.stream().anyMatch(p -> takes(p, pixel));
  }

  /** Whether the board of a port has these volts, or may still take them. */
  boolean takes(int port, PixelType pixel) {
    if (type.banks().isEmpty()) {
      return takes(pixel);
    }
    int own = type.bankOf(port);
    for (int p = 1; p <= ports.size(); p++) {
      List<Piece> chain = ports.get(p - 1).pieces();
      if (!chain.isEmpty() && type.bankOf(p) == own) {
        return chain.getFirst().type().volts() == pixel.volts();
      }
    }
    return type.takes(port, pixel.volts());
  }

  /** How many more pixels of a type a port takes, slots apart. */
  int room(int port, PixelType pixel, double targetFps) {
    PortLoad load = ports.get(port - 1);
    boolean otherSignal =
        !load.pieces().isEmpty() && load.pieces().getFirst().type().signal() != pixel.signal();
    if (otherSignal || !takes(port, pixel)) {
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
    settleVolts();
  }

  /** A box that had several voltages has those of what is left. */
  private void settleVolts() {
    for (PortLoad port : ports) {
      if (!port.pieces().isEmpty()) {
        volts = port.pieces().getFirst().type().volts();
        return;
      }
    }
  }

  /** Takes a run's pieces off. */
  void removeRun(String name) {
    for (PortLoad port : ports) {
      int gone = port.removeRun(name);
      pieces -= gone;
      changes += gone;
    }
    settleVolts();
  }

  /** Puts a port's pieces into another order. */
  void reorder(int port, List<Piece> order) {
    changes++;
    ports.get(port - 1).reorder(order);
  }
}
