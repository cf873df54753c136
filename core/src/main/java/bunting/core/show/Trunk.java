package bunting.core.show;

import java.util.List;

/**
 * One heavy pair from a box past several runs behind one fuse, tapped by short tails, which are
 * feeds and know its supply and its fuse.
 *
 * @param id the name of its fuse too
 * @param wire conductor id
 * @param ring whether it comes back to the box
 * @param tails ids of its feeds in the order of their branches, at least one
 */
public record Trunk(String id, String wire, boolean ring, List<String> tails) {
  public Trunk {
    tails = List.copyOf(tails);
  }
}
