package bunting.core.assess;

import bunting.core.island.TrunkLaid;
import bunting.core.show.Trunk;

/**
 * A trunk with its consequences.
 *
 * @param laid the trunk with its metres from branch to branch
 * @param controller the box that it comes from
 * @param supply that it hangs on
 * @param fuseAmps rating of its fuse
 * @param amps that it draws
 */
public record TrunkReading(
    TrunkLaid laid, String controller, String supply, double fuseAmps, double amps) {
  /** What was decided about it. */
  public Trunk trunk() {
    return laid.trunk();
  }

  /** Metres of its heavy pair, without tails. */
  public double metres() {
    return laid.metres();
  }

  /** The feed that stands for it where a feed is to be named: its first tail. */
  public String feed() {
    return trunk().tails().getFirst();
  }
}
