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
import java.util.stream.IntStream;

/**
 * Moves of pieces by hand, as new shows. What is moved is held there, and so are the chains that it
 * comes into: the planner leaves them. Boxes that the planner chose become the builder's own.
 */
public final class ByHand {
  private ByHand() {}

  private static Held held(Segment s) {
    return new Held(s.run(), s.firstPixel(), s.lastPixel(), s.controller(), s.port(), s.position());
  }

  /** The show with all pieces of these chains and of this run held as they are planned. */
  private static List<Held> holding(Reading plan, String run, String controller, int port) {
    List<Held> pieces = new ArrayList<>(plan.show().allotting().byHand());
    List<String> runs = new ArrayList<>(List.of(run));
    for (SegmentReading s : plan.segments()) {
      boolean there = s.segment().controller().equals(controller) && s.segment().port() == port;
      if (there && !runs.contains(s.segment().run())) {
        runs.add(s.segment().run());
      }
    }
    pieces.removeIf(h -> runs.contains(h.run()));
    for (SegmentReading s : plan.segments()) {
      if (runs.contains(s.segment().run())) {
        pieces.add(held(s.segment()));
      }
    }
    return pieces;
  }

  /** The show with these pieces held; none of their runs is pinned besides. */
  private static Show with(Reading plan, List<Held> pieces) {
    Show show = HandOuts.withBoxes(plan);
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
      Reading plan, String run, int firstPixel, String controller, int port, int position) {
    List<Held> pieces = holding(plan, run, controller, port);
    Held moved =
        pieces.stream()
            .filter(h -> h.run().equals(run) && h.firstPixel() == firstPixel)
            .findFirst()
            .orElseGet(
                () ->
                    new Held(
                        run, 1, plan.show().run(run).orElseThrow().pixels(), controller, port, 1));
    pieces.remove(moved);
    List<Held> chain =
        new ArrayList<>(
            pieces.stream()
                .filter(h -> h.controller().equals(controller) && h.port() == port)
                .sorted(Comparator.comparingInt(Held::position))
                .toList());
    pieces.removeAll(chain);
    chain.add(Math.clamp(position - 1L, 0, chain.size()), moved);
    for (int i = 0; i < chain.size(); i++) {
      pieces.add(chain.get(i).at(controller, port, i + 1));
    }
    return with(plan, pieces);
  }

  /**
   * A piece in two: the first stays, the second goes to the nearest other peg that takes it. Empty:
   * no other peg does.
   */
  public static Optional<Show> split(Reading plan, Segment piece, int afterPixel) {
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
        .findFirst()
        .map(fit -> split(plan, piece, afterPixel, fit));
  }

  private static Show split(Reading plan, Segment piece, int afterPixel, BoxLoads.Fit to) {
    List<Held> pieces = holding(plan, piece.run(), piece.controller(), piece.port());
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
    return with(plan, cut);
  }

  /** All pieces of a run as one, where its first one is. */
  public static Show join(Reading plan, String run) {
    List<SegmentReading> own = plan.segmentsOf(run);
    Segment first =
        own.stream()
            .map(SegmentReading::segment)
            .min(Comparator.comparingInt(Segment::firstPixel))
            .orElseThrow();
    List<Held> pieces = holding(plan, run, first.controller(), first.port());
    pieces.removeIf(h -> h.run().equals(run));
    pieces.add(held(first).withPixels(1, plan.show().run(run).orElseThrow().pixels()));
    return with(plan, pieces);
  }

  /** A run held where it is planned. */
  public static Show hold(Reading plan, String run) {
    List<Held> pieces = new ArrayList<>(plan.show().allotting().released(run).byHand());
    plan.segmentsOf(run).forEach(s -> pieces.add(held(s.segment())));
    return with(plan, pieces);
  }

  /** A run that the planner may move again. */
  public static Show release(Show show, String run) {
    Show free = show.withAllotting(show.allotting().released(run));
    return free.run(run).map(r -> free.withRun(r.withPin(Optional.empty()))).orElse(free);
  }
}
