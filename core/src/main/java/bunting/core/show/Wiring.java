package bunting.core.show;

import java.util.ArrayList;
import java.util.List;

/**
 * What the builder knows and decided about power.
 *
 * @param conductors what is known of copper and joints
 * @param ways how power is planned
 * @param posts feeds by hand, by run and pixel
 */
public record Wiring(Conductors conductors, PowerWays ways, List<HeldPost> posts) {
  /** Nothing known, nothing decided. */
  public static final Wiring DEFAULT = new Wiring(Conductors.PLAIN, PowerWays.DEFAULT, List.of());

  public Wiring {
    posts = List.copyOf(posts);
  }

  /** The posts that are held on a run, by pixel. */
  public List<HeldPost> postsOf(String run) {
    return posts.stream()
        .filter(p -> p.run().equals(run))
        .sorted(java.util.Comparator.comparingInt(HeldPost::atPixel))
        .toList();
  }

  /** The same with other knowledge of copper. */
  public Wiring with(Conductors other) {
    return new Wiring(other, ways, posts);
  }

  /** The same with other ways. */
  public Wiring with(PowerWays other) {
    return new Wiring(conductors, other, posts);
  }

  /** The same with these posts, and no others, on a run; none: the planner's choice again. */
  public Wiring withPosts(String run, List<HeldPost> held) {
    List<HeldPost> next = new ArrayList<>(posts);
    next.removeIf(p -> p.run().equals(run));
    next.addAll(held);
    return new Wiring(conductors, ways, next);
  }

  /** The same with a run under another name. */
  public Wiring renamed(String from, String to) {
    return new Wiring(
        conductors,
        ways,
        posts.stream()
            .map(
                p ->
                    p.run().equals(from)
                        ? new HeldPost(to, p.atPixel(), p.viaPort(), p.wire(), p.lengthM())
                        : p)
            .toList());
  }
}
