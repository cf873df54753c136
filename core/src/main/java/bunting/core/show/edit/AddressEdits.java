package bunting.core.show.edit;

import bunting.core.show.Accepted;
import bunting.core.show.Addressing;
import bunting.core.show.Show;

/** Changes of the policy by which addresses are laid. */
public final class AddressEdits {
  private AddressEdits() {}

  /**
   * Returns the show with another policy. Where slots begin or how they are packed has changed, all
   * but issued ones are laid anew; a universe more that is reserved moves only what lies in it.
   */
  public static Show policy(Show show, Addressing policy) {
    Addressing was = show.addressing();
    boolean same =
        was.startUniverse() == policy.startUniverse()
            && was.split() == policy.split()
            && was.portStart() == policy.portStart()
            && was.boxStarts().equals(policy.boxStarts());
    Show next = show.withAddressing(policy);
    return same ? next : next.withAccepted(show.accepted().map(Accepted::withoutSlots));
  }
}
