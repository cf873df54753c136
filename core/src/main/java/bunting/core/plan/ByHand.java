package bunting.core.plan;

import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.ports.BoxLoads;
import bunting.core.show.Held;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Moves of pieces by hand, as changes of the show as it is now, in the light of a plan of it or of
 * an earlier version. The run that is moved is pinned there, and no other: the accepted plan keeps
 * the rest of the chain in order. Its controllers are given from then on, still to be bought. What
 * the plan knows and the show has not any more is left aside.
 */
public final class ByHand {
  private ByHand() {}

  /** Returns what is pinned by hand, with all pieces of this run pinned as they are planned. */
  private static List<Held> holding(Show show, Reading plan, String run) {
    List<Held> pieces = new ArrayList<>(show.allotting().released(run).byHand());
    plan.segmentsOf(run).forEach(s -> pieces.add(Held.of(s.segment())));
    return pieces;
  }

  /** The show with these pieces held; none of their runs is pinned besides. */
  static Show with(Show before, Reading plan, List<Held> pieces) {
    Set<String> boxes = pieces.stream().map(Held::controller).collect(Collectors.toSet());
    Show show = HandOuts.withBoxes(before, plan, boxes::contains);
    List<String> runs = pieces.stream().map(Held::run).distinct().toList();
    return show.withRuns(
            show.runs().stream()
                .map(r -> runs.contains(r.name()) ? r.withPin(Optional.empty()) : r)
                .toList())
        .withAllotting(show.allotting().withByHand(pieces));
  }

  /**
   * A piece on another port, or in another place of its chain.
   *
   * @param run whose piece
   * @param firstPixel where the piece begins; a run that is not placed goes whole, from 1
   * @param position from 1; beyond the end: last
   */
  public static Show move(
      Show show,
      Reading plan,
      String run,
      int firstPixel,
      String controller,
      int port,
      int position) {
    if (show.run(run).isEmpty()) {
      return show;
    }
    List<Held> pieces = holding(show, plan, run);
    Held moved =
        pieces.stream()
            .filter(h -> h.run().equals(run) && h.firstPixel() == firstPixel)
            .findFirst()
            .orElseGet(
                () -> new Held(run, 1, show.run(run).orElseThrow().pixels(), controller, port, 1));
    pieces.remove(moved);
    pieces.add(moved.at(controller, port, Math.max(1, position)));
    return with(show, plan, pieces);
  }

  /** The nearest other peg that takes the part of a piece behind a pixel; empty: none does. */
  public static Optional<BoxLoads.Fit> pegForRest(Reading plan, Segment piece, int afterPixel) {
    BoxLoads boxes = new BoxLoads(plan.show(), plan.decisions(), piece.run());
    Run run = plan.show().run(piece.run()).orElseThrow();
    return boxes.ids().stream()
        .sorted(Comparator.comparing(id -> !id.equals(piece.controller())))
        .flatMap(
            id ->
                IntStream.rangeClosed(1, boxes.ports(id))
                    .filter(port -> !id.equals(piece.controller()) || port != piece.port())
                    .mapToObj(port -> boxes.fit(run, afterPixel + 1, piece.lastPixel(), id, port)))
        .filter(fit -> fit.hindrance().isEmpty())
        .findFirst();
  }

  /** A piece in two: the first stays, the second goes to another peg. */
  public static Show split(
      Show show, Reading plan, Segment piece, int afterPixel, BoxLoads.Fit to) {
    if (show.run(piece.run()).isEmpty()) {
      return show;
    }
    List<Held> pieces = holding(show, plan, piece.run());
    List<Held> cut = new ArrayList<>();
    for (Held h : pieces) {
      if (h.run().equals(piece.run())
          && afterPixel >= h.firstPixel()
          && afterPixel < h.lastPixel()) {
        cut.add(h.withPixels(h.firstPixel(), afterPixel));
        cut.add(
            h.withPixels(afterPixel + 1, h.lastPixel())
                .at(to.controller(), to.port(), Integer.MAX_VALUE));
      } else {
        cut.add(h);
      }
    }
    return with(show, plan, cut);
  }

  /** All pieces of a run as one, where its first one is. */
  public static Show join(Show show, Reading plan, String run) {
    Optional<Segment> first =
        plan.segmentsOf(run).stream()
            .map(SegmentReading::segment)
            .min(Comparator.comparingInt(Segment::firstPixel));
    Optional<Run> now = show.run(run);
    if (now.isEmpty() || first.isEmpty()) {
      return show;
    }
    Segment one = first.get();
    List<Held> pieces = new ArrayList<>(show.allotting().released(run).byHand());
    pieces.add(Held.of(one).withPixels(1, now.get().pixels()));
    return with(show, plan, pieces);
  }

  /** A run held where it is planned. */
  public static Show hold(Show show, Reading plan, String run) {
    if (show.run(run).isEmpty()) {
      return show;
    }
    return with(show, plan, holding(show, plan, run));
  }

  /** A run that the planner may move again. */
  public static Show release(Show show, String run) {
    Show free = show.withAllotting(show.allotting().released(run));
    return free.run(run).map(r -> free.withRun(r.withPin(Optional.empty()))).orElse(free);
  }
}
