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
 * @param banks its power boards, each port on one of them; none: all ports are on one
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
    double terminalMm2Max,
    List<Bank> banks) {
  /** Where nobody said otherwise; many come with an address like it (common practice). */
  public static final String USUAL_FACTORY_ADDRESS = "192.168.1.200";

  /** So much more goes in, since sizes are named in round figures. */
  public static final double FORCED_MM2 = 0.05;

  public ControllerType {
    volts = List.copyOf(volts);
    fuseGroups = fuseGroups.stream().map(List::copyOf).toList();
    banks = List.copyOf(banks);
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
        0,
        List.of());
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
        mm2Max,
        banks);
  }

  /** The same with other power boards. */
  public ControllerType withBanks(List<Bank> boards) {
    return with(volts, boardAmpsMax, boards);
  }

  /** One of its boards as if it were all: its volts and its most; the numbers of ports stay. */
  public ControllerType board(int bank) {
    return bank == 0 ? this : with(volts(bank), boardAmps(bank), List.of());
  }

  private ControllerType with(List<Double> busVolts, double ampsMax, List<Bank> boards) {
    return new ControllerType(
        id,
        name,
        ports,
        pixelsPerPortMax,
        universesMax,
        busVolts,
        portAmpsMax,
        ampsMax,
        fuseGroups,
        fuseGroupAmpsMax,
        cost,
        factoryAddress,
        terminalMm2Max,
        boards);
  }

  /** The board that a port is on, from 1; 0: it has one. */
  public int bankOf(int port) {
    for (int b = 0; b < banks.size(); b++) {
      if (banks.get(b).ports().contains(port)) {
        return b + 1;
      }
    }
    return 0;
  }

  /** The numbers of its boards. */
  public List<Integer> bankNumbers() {
    return banks.isEmpty()
        ? List.of(0)
        : java.util.stream.IntStream.rangeClosed(1, banks.size()).boxed().toList();
  }

  /** Volts that a board may have. */
  public List<Double> volts(int bank) {
    return bank == 0 || banks.get(bank - 1).volts().isEmpty() ? volts : banks.get(bank - 1).volts();
  }

  /** Most amps over all ports of a board. */
  public double boardAmps(int bank) {
    return bank == 0 || banks.get(bank - 1).ampsMax() == 0
        ? boardAmpsMax
        : banks.get(bank - 1).ampsMax();
  }

  /** Whether the board of a port may run at these volts. */
  public boolean takes(int port, double busVolts) {
    return volts(bankOf(port)).contains(busVolts);
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

  /** Whether a board of it may run at these volts. */
  public boolean takes(double busVolts) {
    return bankNumbers().stream().anyMatch(b -> volts(b).contains(busVolts));
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
