package bunting.core.show;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What the builder decided about ports and addresses.
 *
 * @param planning how the rest is planned
 * @param byHand pieces that he put in their place
 * @param handOut addresses that must not move
 */
public record Allotting(Planning planning, List<Held> byHand, Optional<HandOut> handOut) {
  /** Nothing by hand, nothing handed out. */
  public static final Allotting FREE = new Allotting(Planning.DEFAULT, List.of(), Optional.empty());

  public Allotting {
    byHand = List.copyOf(byHand);
  }

  /** All pieces that stay: those by hand, and of other runs those that were handed out. */
  public List<Held> held() {
    Set<String> own = byHand.stream().map(Held::run).collect(Collectors.toSet());
    List<Held> all = new ArrayList<>(byHand);
    handOut.ifPresent(
        h ->
            h.nails().stream()
                .map(HandOut.Nail::held)
                .filter(p -> p.port() > 0 && !own.contains(p.run()))
                .forEach(all::add));
    return all;
  }

  /** The same with other ways of planning. */
  public Allotting with(Planning other) {
    return new Allotting(other, byHand, handOut);
  }

  /** The same with other pieces by hand. */
  public Allotting withByHand(List<Held> pieces) {
    return new Allotting(planning, pieces, handOut);
  }

  /** The same with other addresses handed out, or none. */
  public Allotting withHandOut(Optional<HandOut> other) {
    return new Allotting(planning, byHand, other);
  }

  /** The same without what is held of a run by hand. */
  public Allotting released(String run) {
    return withByHand(byHand.stream().filter(h -> !h.run().equals(run)).toList());
  }
}
