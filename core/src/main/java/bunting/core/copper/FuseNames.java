package bunting.core.copper;

import bunting.core.show.ControllerType;
import java.util.List;
import java.util.stream.Collectors;

/** Names of the fuses on a controller. */
public final class FuseNames {
  private FuseNames() {}

  /** {@code C1:3} for a port's own fuse, {@code C1:1-2} for one that ports 1 and 2 share. */
  public static String of(String controller, ControllerType type, int port) {
    List<Integer> mates = type.fuseMates(port);
    return controller + ":" + mates.stream().map(String::valueOf).collect(Collectors.joining("-"));
  }
}
