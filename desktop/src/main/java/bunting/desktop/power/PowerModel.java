package bunting.desktop.power;

import bunting.core.assess.FeedReading;
import bunting.core.assess.IslandReading;
import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.plan.Posts;
import bunting.core.show.Decisions;
import bunting.core.show.Show;
import bunting.core.whatif.Loss;
import bunting.core.whatif.Outcome;
import bunting.core.whatif.WhatIf;
import bunting.desktop.session.Document;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;

/**
 * What the power screen shows: the plan, or a trial of it with another brightness, trim, a post in
 * hand or something lost. A trial is read with all islands of the plan that it does not touch.
 */
final class PowerModel {
  private final Session session;
  private final ReadOnlyObjectWrapper<Optional<Reading>> shown =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private final ObjectProperty<Optional<String>> feed =
      new SimpleObjectProperty<>(Optional.empty());
  private Optional<Outcome> outcome = Optional.empty();
  private Optional<Loss> loss = Optional.empty();
  private OptionalDouble brightness = OptionalDouble.empty();
  private OptionalDouble trim = OptionalDouble.empty();
  private UnaryOperator<Decisions> hand = d -> d;
  private boolean inHand;
  private Optional<Reading> planned = Optional.empty();

  PowerModel(Session session) {
    this.session = session;
    session.assessment().addListener(o -> plan());
    session.selection().addListener(o -> reread());
    plan();
  }

  /** A new plan: nothing is tried any more, and what is not there any more is not chosen. */
  private void plan() {
    Optional<Reading> base = base();
    boolean same =
        base.isPresent()
            && planned.isPresent()
            && base.get().show().equals(planned.get().show())
            && base.get().decisions().feeds().equals(planned.get().decisions().feeds())
            && base.get().decisions().segments().equals(planned.get().decisions().segments());
    planned = base;
    if (same) {
      reread();
    } else {
      forget();
    }
  }

  private void forget() {
    loss = Optional.empty();
    brightness = OptionalDouble.empty();
    trim = OptionalDouble.empty();
    hand = d -> d;
    inHand = false;
    reread();
    Optional<String> chosen = feed.get();
    if (chosen.isPresent() && feedReading().isEmpty()) {
      feed.set(Optional.empty());
    }
  }

  /** The plan as it stands, without any trial. */
  Optional<Reading> base() {
    return session.assessment().get().map(a -> a.reading());
  }

  /** What is shown. */
  ReadOnlyObjectProperty<Optional<Reading>> shown() {
    return shown.getReadOnlyProperty();
  }

  /** The feed that is chosen. */
  ObjectProperty<Optional<String>> feed() {
    return feed;
  }

  /** What the loss that is tried does. */
  Optional<Outcome> outcome() {
    return outcome;
  }

  /** Whether anything is tried. */
  boolean trying() {
    return loss.isPresent() || brightness.isPresent() || trim.isPresent() || inHand;
  }

  private void reread() {
    Optional<Reading> base = base();
    outcome = Optional.empty();
    if (base.isEmpty() || !trying()) {
      shown.set(base);
      return;
    }
    Reading plan = base.get();
    Show show = tried(plan.show(), brightness, trim, port().map(p -> p.box().volts()));
    Reading trial = Reading.of(show, hand.apply(plan.decisions()), plan);
    if (loss.isPresent()) {
      outcome = Optional.of(new WhatIf(trial).lose(loss.get()));
      Decisions without = without(trial, loss.get());
      trial = Reading.of(show, without, trial);
    }
    shown.set(Optional.of(trial));
  }

  /** A show at another brightness, with the supplies of some volts trimmed. */
  private static Show tried(
      Show show, OptionalDouble percent, OptionalDouble volts, Optional<Double> nominal) {
    Show next = show;
    if (percent.isPresent()) {
      next = next.withSettings(next.settings().withBrightness(percent.getAsDouble()));
    }
    if (volts.isPresent() && nominal.isPresent()) {
      next =
          next.withWiring(
              next.wiring()
                  .with(next.wiring().conductors().withTrim(nominal.get(), volts.getAsDouble())));
    }
    return next;
  }

  private static Decisions without(Reading reading, Loss loss) {
    Decisions d = reading.decisions();
    return switch (loss.kind()) {
      case FUSE ->
          d.withFeeds(d.feeds().stream().filter(f -> !f.fuse().equals(loss.id())).toList());
      case SUPPLY ->
          d.withFeeds(d.feeds().stream().filter(f -> !f.supply().equals(loss.id())).toList());
      case LEAD, INPUT -> d;
    };
  }

  /** The port at hand: the selected one, or that of what is selected, or the first in use. */
  Optional<PortReading> port() {
    return shown.get().or(this::base).flatMap(this::portOf);
  }

  private Optional<PortReading> portOf(Reading reading) {
    List<PortReading> used = reading.ports().stream().filter(p -> !p.segments().isEmpty()).toList();
    Optional<PortReading> chosen =
        switch (session.selection().get()) {
          case Selection.OfPort p -> reading.port(p.controller(), p.port());
          case Selection.OfRun r ->
              used.stream()
                  .filter(p -> p.segments().stream().anyMatch(s -> s.run().name().equals(r.name())))
                  .findFirst();
          case Selection.OfBox b ->
              used.stream().filter(p -> p.controller().equals(b.controller())).findFirst();
          case Selection.OfPlace p -> Optional.empty();
          case Selection.Nothing n -> Optional.empty();
        };
    return chosen.filter(p -> !p.segments().isEmpty()).or(() -> used.stream().findFirst());
  }

  /** The chosen feed as it is shown; empty where it is lost or none is chosen. */
  Optional<FeedReading> feedReading() {
    return shown
        .get()
        .flatMap(
            r ->
                r.feeds().stream()
                    .filter(f -> feed.get().filter(f.feed().id()::equals).isPresent())
                    .findFirst());
  }

  /** The segment of a feed. */
  Optional<SegmentReading> segmentOf(String feedId) {
    return shown
        .get()
        .flatMap(
            r ->
                r.feeds().stream()
                    .filter(f -> f.feed().id().equals(feedId))
                    .findFirst()
                    .flatMap(
                        f ->
                            r.segments().stream()
                                .filter(s -> s.segment().id().equals(f.feed().segment()))
                                .findFirst()));
  }

  private Optional<IslandReading> islandOf(String segment, int pixel) {
    return base()
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

  /** Shows the line at another brightness; the show stays as it is. */
  void tryBrightness(double percent) {
    boolean same =
        base().filter(r -> r.show().settings().brightnessPercent() == percent).isPresent();
    brightness = same ? OptionalDouble.empty() : OptionalDouble.of(percent);
    reread();
  }

  /** Shows all supplies of this line's volts trimmed; the show stays as it is. */
  void tryTrim(double volts) {
    boolean same =
        port()
            .filter(
                p ->
                    base().orElseThrow().show().wiring().conductors().supplyVolts(p.box().volts())
                        == volts)
            .isPresent();
    trim = same ? OptionalDouble.empty() : OptionalDouble.of(volts);
    reread();
  }

  /** Blows a fuse or loses something else; the same again brings it back. */
  void lose(Loss what) {
    loss = loss.filter(what::equals).isPresent() ? Optional.empty() : Optional.of(what);
    reread();
    session.say(
        outcome
            .map(o -> "Without " + what.text() + ": " + o.text() + ".")
            .orElse("All is whole again."));
  }

  /** What is lost at the moment. */
  Optional<Loss> lost() {
    return loss;
  }

  /** Takes a change of the feeds into the hand: shown, not decided. */
  void carry(UnaryOperator<Decisions> change) {
    hand = change;
    inHand = true;
    reread();
  }

  /** Puts everything back as it is planned. */
  void reset() {
    boolean tried = trying();
    forget();
    if (tried) {
      session.say("As planned again.");
    }
  }

  /** Decides what is in the hand, on the island of a pixel. */
  void keep(String what, String segment, int pixel, Optional<String> touched) {
    Optional<IslandReading> island = islandOf(segment, pixel);
    if (island.isEmpty()) {
      reset();
      return;
    }
    Optional<String> no = Posts.hindrance(base().orElseThrow(), island.get());
    if (no.isPresent()) {
      reset();
      session.say(no.get());
      return;
    }
    Reading plan = base().orElseThrow();
    Reading trial = Reading.of(plan.show(), hand.apply(plan.decisions()), plan);
    loss = Optional.empty();
    Document.Outcome outcome = session.edit(what, s -> Posts.keep(s, trial, island.get(), touched));
    if (!(outcome instanceof Document.Outcome.Done)) {
      forget();
    }
  }

  /** Plants a post on a pixel of a segment. */
  void plant(String segment, String run, int pixel) {
    Optional<IslandReading> island = islandOf(segment, pixel);
    boolean taken =
        base()
            .filter(r -> r.feedsOf(segment).stream().anyMatch(f -> f.feed().atPixel() == pixel))
            .isPresent();
    if (island.isEmpty() || taken) {
      return;
    }
    carry(d -> Posts.planted(d, island.get(), segment, pixel));
    keep("A feed at " + pixel + " of " + run + ".", segment, pixel, Optional.empty());
  }

  /** Pulls the chosen post out. */
  void pull() {
    feedReading()
        .ifPresent(
            f -> {
              String segment = f.feed().segment();
              int pixel = f.feed().atPixel();
              carry(d -> Posts.pulled(d, f.feed().id()));
              keep("The feed at " + pixel + " is taken out.", segment, pixel, Optional.empty());
            });
  }

  /** Leaves the posts of the chosen feed's island, or of the whole line, to the planner again. */
  void release() {
    base()
        .ifPresent(
            r -> {
              List<IslandReading> here =
                  r.islands().stream()
                      .filter(
                          i ->
                              port()
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
                    for (IslandReading island : here) {
                      next = Posts.release(next, island);
                    }
                    return next;
                  });
            });
  }

  /** Whether posts of this line are held by hand. */
  boolean held() {
    return port()
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

  /** Plans the show for what the sliders try. */
  void decideTrial() {
    OptionalDouble percent = brightness;
    OptionalDouble volts = trim;
    Optional<Double> nominal = port().map(p -> p.box().volts());
    session.edit(
        percent.isPresent() ? "Designed for another brightness." : "Supplies are trimmed.",
        s -> tried(s, percent, volts, nominal));
  }
}
