package bunting.core.show.edit;

import bunting.core.show.Controller;
import bunting.core.show.Fitting;
import bunting.core.show.HandOut;
import bunting.core.show.Held;
import bunting.core.show.HeldPost;
import bunting.core.show.Pin;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

/**
 * Changes of runs. An edit of a run that is not there (any more) leaves the show as it is, so that
 * edits can be done in any order.
 */
public final class RunEdits {
  private RunEdits() {}

  /** The show with one run more; where its name is taken, under the next free one. */
  public static Show added(Show show, Run run) {
    Run named = Names.isLight(show, run.name()) ? run.withName(Names.free(show, run.name())) : run;
    List<Run> runs = new ArrayList<>(show.runs());
    runs.add(named);
    return show.withRuns(runs);
  }

  /** The show without a run: nothing of it is held by hand any more; what was handed out stays. */
  public static Show removed(Show show, String name) {
    return show.run(name).isEmpty()
        ? show
        : show.withRuns(show.runs().stream().filter(r -> !r.name().equals(name)).toList())
            .withAllotting(show.allotting().released(name))
            .withWiring(show.wiring().withPosts(name, List.of()))
            .withLeftovers(show.leftovers().without("runs", name));
  }

  /**
   * The show with a run changed, and with what depends on its count and type: posts beyond a new
   * end come to the end, a colour order of other letters is the type's again. Its name stays.
   */
  public static Show changed(Show show, String name, UnaryOperator<Run> change) {
    return show.run(name)
        .map(run -> replaced(show, run, change.apply(run).withName(name)))
        .orElse(show);
  }

  /** Several runs changed alike; those that are not there are passed over. */
  public static Show each(Show show, Collection<String> names, UnaryOperator<Run> change) {
    Show next = show;
    for (String name : names) {
      next = changed(next, name, change);
    }
    return next;
  }

  /**
   * Runs pinned to a place, or none of theirs any more; what was held of them by hand is let go.
   *
   * @param boxes where the planner had chosen them, a pin makes these what there is
   */
  public static Show pinned(
      Show show, Collection<String> names, Optional<Pin> pin, List<Controller> boxes) {
    boolean fixes = show.controllers().isEmpty() && pin.isPresent();
    Show next = fixes ? show.withControllers(boxes) : show;
    for (String name : names) {
      next =
          changed(next, name, r -> r.withPin(pin)).withAllotting(next.allotting().released(name));
    }
    return next;
  }

  private static Show replaced(Show show, Run before, Run after) {
    Run fitted = fitted(show, after);
    List<Run> runs = new ArrayList<>(show.runs());
    runs.replaceAll(r -> r.name().equals(before.name()) ? fitted : r);
    Show next = show.withRuns(runs);
    return fitted.pixels() < before.pixels() ? withPostsInside(next, fitted) : next;
  }

  /** The run with its own colour order only where that has the letters of its type. */
  static Run fitted(Show show, Run run) {
    Fitting f = run.fitting();
    PixelType type = show.catalogue().pixelTypesById().get(run.type());
    boolean fits =
        f.order().isEmpty() || type == null || Fitting.rearranges(f.order().get(), type.order());
    return fits ? run : run.withFitting(new Fitting(f.grouping(), Optional.empty(), f.reversed()));
  }

  /** A post beyond the end comes to the end, unless one stands there. */
  static Show withPostsInside(Show show, Run run) {
    List<HeldPost> posts = show.wiring().postsOf(run.name());
    if (posts.stream().allMatch(p -> p.atPixel() <= run.pixels())) {
      return show;
    }
    List<HeldPost> inside = new ArrayList<>();
    Set<Integer> seen = new HashSet<>();
    for (HeldPost post : posts) {
      HeldPost at = post.at(Math.min(post.atPixel(), run.pixels()));
      if (seen.add(at.atPixel())) {
        inside.add(at);
      }
    }
    return show.withWiring(show.wiring().withPosts(run.name(), inside));
  }

  /**
   * The show with a run under another name, and all that refers to it: pieces and posts by hand,
   * what was handed out. The same show where the name is no name, or something has it.
   */
  public static Show renamed(Show show, String from, String to) {
    if (from.equals(to)
        || !Names.sound(to)
        || show.run(from).isEmpty()
        || Names.isLight(show, to)) {
      return show;
    }
    List<Run> runs = new ArrayList<>(show.runs());
    runs.replaceAll(r -> r.name().equals(from) ? r.withName(to) : r);
    return show.withRuns(runs)
        .withAllotting(
            show.allotting()
                .withByHand(show.allotting().byHand().stream().map(h -> held(h, from, to)).toList())
                .withHandOut(show.allotting().handOut().map(h -> nailsRenamed(h, from, to))))
        .withWiring(show.wiring().renamed(from, to))
        .withBench(show.bench().renamed(from, to))
        .withPreparation(show.preparation().runRenamed(from, to))
        .withAccepted(show.accepted().map(a -> a.lightRenamed(from, to)))
        .withLeftovers(show.leftovers().renamed("runs", from, to));
  }

  private static Held held(Held h, String from, String to) {
    return h.run().equals(from)
        ? new Held(to, h.firstPixel(), h.lastPixel(), h.controller(), h.port(), h.position())
        : h;
  }

  /** What was handed out, with a run or a plain set under another name. */
  static HandOut nailsRenamed(HandOut h, String from, String to) {
    return h.withNails(h.nails().stream().map(n -> n.withHeld(held(n.held(), from, to))).toList());
  }
}
