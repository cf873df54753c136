package bunting.core.show;

import java.util.List;

/**
 * A kind of controller.
 *
 * @param id unique id
 * @param name for people
 * @param ports number of outputs
 * @param pixelsPerPortMax the maker's limit for a port
 * @param universesMax universes it can listen to
 * @param volts voltages its bank may have; a placed controller has one
 * @param portAmpsMax most amps through a port; 0: it carries data alone
 * @param boardAmpsMax most amps over all ports together
 * @param fuseGroups ports that share a fuse, each group sorted; other ports have their own
 * @param fuseGroupAmpsMax largest fuse of a shared holder
 * @param cost price, 0 where none is known
 * @param factoryAddress network address fresh from the carton
 * @param terminalMm2Max the thickest wire that a port's terminal takes, mm2; 0: not known
 */
public record ControllerType(
    String id,
    String name,
    int ports,
    int pixelsPerPortMax,
    int universesMax,
    List<Double> volts,
    double portAmpsMax,
    double boardAmpsMax,
    List<List<Integer>> fuseGroups,
    double fuseGroupAmpsMax,
    double cost,
    String factoryAddress,
    double terminalMm2Max) {
  /** Where nobody said otherwise; many come with an address like it (common practice). */
  public static final String USUAL_FACTORY_ADDRESS = "192.168.1.200";

  /** So much more goes in, since sizes are named in round figures. */
  public static final double FORCED_MM2 = 0.05;

  public ControllerType {
    volts = List.copyOf(volts);
    fuseGroups = fuseGroups.stream().map(List::copyOf).toList();
  }

  /** With the usual factory address. */
  public ControllerType(
      String id,
      String name,
      int ports,
      int pixelsPerPortMax,
      int universesMax,
      List<Double> volts,
      double portAmpsMax,
      double boardAmpsMax,
      List<List<Integer>> fuseGroups,
      double fuseGroupAmpsMax,
      double cost) {
    this(
        id,
        name,
        ports,
        pixelsPerPortMax,
        universesMax,
        volts,
        portAmpsMax,
        boardAmpsMax,
        fuseGroups,
        fuseGroupAmpsMax,
        cost,
        USUAL_FACTORY_ADDRESS,
        0);
  }

  /** The same with terminals that take no thicker wire than so many mm2. */
  public ControllerType withTerminals(double mm2Max) {
    return new ControllerType(
        id,
        name,
        ports,
        pixelsPerPortMax,
        universesMax,
        volts,
        portAmpsMax,
        boardAmpsMax,
        fuseGroups,
        fuseGroupAmpsMax,
        cost,
        factoryAddress,
        mm2Max);
  }

  /**
   * Its ports in the order in which to fill them: first of every shared fuse one port, then the
   * next (common practice: use 1 and 3 first).
   */
  public List<Integer> portsInOrder() {
    return java.util.stream.IntStream.rangeClosed(1, ports)
        .boxed()
        .sorted(java.util.Comparator.comparingInt(p -> fuseMates(p).indexOf(p)))
        .toList();
  }

  /** Whether its bank may run at these volts. */
  public boolean takes(double busVolts) {
    return volts.contains(busVolts);
  }

  /** The ports that share a fuse with this port, itself included. */
  public List<Integer> fuseMates(int port) {
    return fuseGroups.stream().filter(g -> g.contains(port)).findFirst().orElse(List.of(port));
  }

  /** Largest fuse that may stand before this port, amps. */
  public double fuseAmpsMax(int port) {
    return fuseGroups.stream().anyMatch(g -> g.contains(port)) ? fuseGroupAmpsMax : portAmpsMax;
  }
}
