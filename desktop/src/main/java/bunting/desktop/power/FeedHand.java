package bunting.desktop.power;

import bunting.core.assess.Reading;
import bunting.core.island.Island;
import bunting.core.plan.Posts;
import bunting.core.show.Show;
import bunting.desktop.session.Document;
import bunting.desktop.session.Session;
import java.util.List;
import java.util.Optional;

/** Feeds by hand: moved, added, taken out, and left to the planner again. */
final class FeedHand {
  private final Session session;
  private final PowerModel model;

  FeedHand(Session session, PowerModel model) {
    this.session = session;
    this.model = model;
  }

  private Optional<Island> islandOf(String segment, int pixel) {
    return model
        .base()
        .flatMap(
            r ->
                r.islands().stream()
                    .filter(
                        i ->
                            i.parts().stream()
                                .anyMatch(
                                    p ->
                                        p.segment().equals(segment)
                                            && pixel >= p.firstPixel()
                                            && pixel < p.firstPixel() + p.count()))
                    .findFirst());
  }

  /** Decides what is in the hand, on the island of a pixel. */
  void keep(String what, String segment, int pixel, Optional<String> touched) {
    Optional<Island> island = islandOf(segment, pixel);
    if (island.isEmpty()) {
      model.reset();
      return;
    }
    Optional<String> no = Posts.hindrance(model.base().orElseThrow(), island.get());
    if (no.isPresent()) {
      model.reset();
      session.say(no.get());
      return;
    }
    Reading trial = model.trial();
    model.forgetLoss();
    Document.Outcome outcome = session.edit(what, s -> Posts.keep(s, trial, island.get(), touched));
    if (!(outcome instanceof Document.Outcome.Done)) {
      model.forget();
    }
  }

  /** Adds a feed on a pixel of a segment. */
  void plant(String segment, String run, int pixel) {
    Optional<Island> island = islandOf(segment, pixel);
    boolean taken =
        model
            .base()
            .filter(r -> r.feedsOf(segment).stream().anyMatch(f -> f.feed().atPixel() == pixel))
            .isPresent();
    if (island.isEmpty() || taken) {
      return;
    }
    model.carry(d -> Posts.planted(d, island.get(), segment, pixel));
    model.chooseWhenPlanned(run, pixel);
    keep("Feed added at pixel " + pixel + " of " + run + ".", segment, pixel, Optional.empty());
  }

  /** Takes the chosen feed out. */
  void pull() {
    model
        .feedReading()
        .ifPresent(
            f -> {
              String segment = f.feed().segment();
              int pixel = f.feed().atPixel();
              model.carry(d -> Posts.pulled(d, f.feed().id()));
              keep("The feed at " + pixel + " is taken out.", segment, pixel, Optional.empty());
            });
  }

  /** Leaves the feeds of the chosen feed's island, or of the whole line, to the planner again. */
  void release() {
    model
        .base()
        .ifPresent(
            r -> {
              List<Island> here =
                  r.islands().stream()
                      .filter(
                          i ->
                              model
                                  .port()
                                  .filter(
                                      p ->
                                          p.controller().equals(i.controller())
                                              && p.port() == i.port())
                                  .isPresent())
                      .toList();
              session.edit(
                  "The planner sets the feeds of this line again.",
                  s -> {
                    Show next = s;
                    for (Island island : here) {
                      next = Posts.release(next, island);
                    }
                    return next;
                  });
            });
  }

  /** Whether feeds of this line are held by hand. */
  boolean held() {
    return model
        .port()
        .filter(
            p ->
                p.segments().stream()
                    .anyMatch(
                        s ->
                            !session
                                .show()
                                .orElseThrow()
                                .wiring()
                                .postsOf(s.run().name())
                                .isEmpty()))
        .isPresent();
  }
}
