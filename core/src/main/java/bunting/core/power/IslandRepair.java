package bunting.core.power;

import bunting.core.cost.JoinPlaces;
import bunting.core.ports.Piece;
import bunting.core.show.HeldPost;
import bunting.core.show.InjectionSchool;
import bunting.core.show.Point;
import bunting.core.show.Wire;
import bunting.core.show.Wiring;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * The feeds of an island as they were; where these do not hold any more, the cheapest change of one
 * of them that does.
 *
 * <p><b>Method.</b> Each feed with a thicker wire, and one feed more at each ready place; of what
 * holds the cheapest. Where no single change holds, all feeds with thicker wires.
 */
final class IslandRepair {
  private final PowerRules rules;
  private final Wiring wiring;
  private final Standing.Wired was;
  private final Stretch stretch;

  IslandRepair(Point box, PowerRules rules, Wiring wiring, Standing.Wired was) {
    this.rules = rules;
    this.wiring = wiring;
    this.was = was;
    this.stretch = new Stretch(box, was.pieces(), wiring.conductors());
  }

  /**
   * Feeds that hold; empty: the island has to be wired anew.
   *
   * @param limit what the port's own feed may be
   */
  Optional<FeedTrial> trial(Optional<PortLimit> limit) {
    if (was.viaPort() && limit.isEmpty()) {
      return Optional.empty();
    }
    Optional<List<Post>> posts = posts();
    if (posts.isEmpty()) {
      return Optional.empty();
    }
    Optional<PortLimit> port = was.viaPort() ? limit : Optional.empty();
    Wire joints = was.joints().map(id -> wire(id, 0)).orElse(rules.thickest());
    FeedTrial same = new FeedTrial(stretch, rules.atTheLimit(), port, posts.get(), joints);
    boolean byHand = posts.get().stream().anyMatch(p -> p.held().isPresent());
    InjectionSchool school = wiring.ways().school();
    // The other methods say where each feed is: they are asked again.
    boolean free = school == InjectionSchool.PORT_FIRST || school == InjectionSchool.BEST;
    if (same.holds() || byHand || !free) {
      return Optional.of(same).filter(FeedTrial::holds);
    }
    List<FeedTrial> changes = new ArrayList<>();
    for (int f = 0; f < posts.get().size(); f++) {
      thicker(posts.get(), f, port, joints).ifPresent(changes::add);
    }
    more(posts.get(), port, joints, changes);
    if (changes.isEmpty()) {
      allThicker(posts.get(), port, joints).ifPresent(changes::add);
    }
    return changes.stream().min(Comparator.comparingDouble(this::price));
  }

  private double price(FeedTrial trial) {
    return IslandPrice.of(List.of(new PortWiring.Island(trial, false)), rules.prices()).total();
  }

  private FeedTrial trial(List<Post> posts, Optional<PortLimit> port, Wire joints) {
    return new FeedTrial(stretch, rules, port, posts, joints);
  }

  /** The posts as they were; empty: the builder has put others in their place since. */
  private Optional<List<Post>> posts() {
    List<Post> posts = new ArrayList<>();
    for (Standing.Known k : was.feeds()) {
      int at = stretch.index(k.run(), k.pixel());
      Optional<HeldPost> held =
          wiring.postsOf(k.run()).stream().filter(p -> p.atPixel() == k.pixel()).findFirst();
      double metres =
          held.isPresent() && held.get().lengthM().isPresent()
              ? held.get().lengthM().getAsDouble()
              : stretch.feedM(at);
      Wire wire = wire(k.feed().wire(), k.feed().fuseAmps());
      boolean asHeld =
          held.isEmpty()
              || (held.get().viaPort() == k.feed().viaPort()
                  && held.get().wire().filter(w -> !w.equals(wire.id())).isEmpty());
      if (!asHeld || stretch.atMark(at) != at) {
        return Optional.empty();
      }
      posts.add(new Post(at, metres, wire, held));
    }
    Set<Integer> wanted = new TreeSet<>();
    boolean first = true;
    for (Piece piece : was.pieces()) {
      List<HeldPost> held =
          wiring.postsOf(piece.run().name()).stream()
              .filter(
                  p ->
                      p.atPixel() == 0
                          || (p.atPixel() >= piece.first() && p.atPixel() <= piece.last()))
              .toList();
      boolean joinsOn = !held.isEmpty() && held.getFirst().atPixel() == 0;
      if (!held.isEmpty() && joinsOn == first) {
        return Optional.empty();
      }
      held.stream()
          .filter(p -> p.atPixel() > 0)
          .forEach(p -> wanted.add(stretch.index(p.run(), p.atPixel())));
      first = false;
    }
    boolean byHand = posts.stream().anyMatch(p -> p.held().isPresent()) || !wanted.isEmpty();
    Set<Integer> there = new TreeSet<>();
    posts.forEach(p -> there.add(p.at()));
    return byHand && !there.equals(wanted) ? Optional.empty() : Optional.of(posts);
  }

  /** The wire of that name; where the show has it no more, the thinnest that does as much. */
  private Wire wire(String id, double fuseAmps) {
    Optional<Wire> known = rules.wires().stream().filter(w -> w.id().equals(id)).findFirst();
    double ohms = Wire.parse(id).map(Wire::ohmsPerM).orElse(0.0);
    return known
        .or(
            () ->
                rules.wires().stream()
                    .filter(w -> w.ohmsPerM() <= ohms && w.fuseAmpsMax() >= fuseAmps)
                    .findFirst())
        .orElse(rules.thickest());
  }

  private Optional<FeedTrial> thicker(
      List<Post> posts, int f, Optional<PortLimit> port, Wire joints) {
    List<Wire> wires = rules.wires();
    for (int w = wires.indexOf(posts.get(f).wire()) + 1; w < wires.size(); w++) {
      List<Post> other = new ArrayList<>(posts);
      other.set(f, posts.get(f).with(wires.get(w)));
      FeedTrial trial = trial(other, port, joints);
      if (trial.holds()) {
        return Optional.of(trial);
      }
    }
    return Optional.empty();
  }

  private Optional<FeedTrial> allThicker(List<Post> posts, Optional<PortLimit> port, Wire joints) {
    List<Wire> wires = rules.wires();
    List<Post> now = posts;
    Wire lead = joints;
    for (int step = 1; step < wires.size(); step++) {
      now = now.stream().map(p -> p.with(next(p.wire()))).toList();
      lead = next(lead);
      FeedTrial trial = trial(now, port, lead);
      if (trial.holds()) {
        return Optional.of(trial);
      }
    }
    return Optional.empty();
  }

  private Wire next(Wire wire) {
    List<Wire> wires = rules.wires();
    return wires.get(Math.min(wires.indexOf(wire) + 1, wires.size() - 1));
  }

  /** One feed more, at each ready place, of the thinnest wire that does. */
  private void more(
      List<Post> posts, Optional<PortLimit> port, Wire joints, List<FeedTrial> changes) {
    Set<Integer> taken = new TreeSet<>();
    posts.forEach(p -> taken.add(p.at()));
    int from = 0;
    for (Piece piece : was.pieces()) {
      for (int pixel :
          JoinPlaces.ready(piece.run(), piece.type(), piece.first(), piece.last()).keySet()) {
        int at = from + pixel - piece.first();
        if (!taken.contains(at) && trial(with(posts, at, rules.thickest()), port, joints).holds()) {
          rules.wires().stream()
              .map(w -> trial(with(posts, at, w), port, joints))
              .filter(FeedTrial::holds)
              .findFirst()
              .ifPresent(changes::add);
        }
      }
      from += piece.pixels();
    }
  }

  /** The posts and one more, in their order; the port's own stays first. */
  private List<Post> with(List<Post> posts, int at, Wire wire) {
    List<Post> all = new ArrayList<>(posts);
    int i = was.viaPort() ? 1 : 0;
    while (i < all.size() && all.get(i).at() < at) {
      i++;
    }
    all.add(i, new Post(at, stretch.feedM(at), wire));
    return all;
  }
}
