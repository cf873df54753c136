package bunting.core.assess;

import bunting.core.show.Trunk;

/**
 * A trunk with its consequences.
 *
 * @param controller the box that it comes from
 * @param supply that it hangs on
 * @param fuseAmps rating of its fuse
 * @param metres of its heavy pair, without tails
 * @param amps that it draws
 */
public record TrunkReading(
    Trunk trunk, String controller, String supply, double fuseAmps, double metres, double amps) {
  /** The feed that stands for it where a feed is to be named: its first tail. */
  public String feed() {
    return trunk.tails().getFirst();
  }
}
