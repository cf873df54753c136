package bunting.desktop.power;

import bunting.core.assess.FeedReading;
import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.show.Decisions;
import bunting.core.show.Feed;
import bunting.core.show.Show;
import bunting.core.whatif.Loss;
import bunting.core.whatif.Outcome;
import bunting.core.whatif.WhatIf;
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
  private Optional<At> wanted = Optional.empty();
  private Optional<Reading> planned = Optional.empty();
  private final FeedHand feeds;

  PowerModel(Session session) {
    this.session = session;
    this.feeds = new FeedHand(session, this);
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
    if (session.plans().isCurrent()) {
      wanted
          .flatMap(w -> base.flatMap(r -> feedAt(r, w)))
          .ifPresent(id -> feed.set(Optional.of(id)));
      wanted = Optional.empty();
    }
  }

  /** A feed by its place. */
  private record At(String run, int pixel) {}

  private static Optional<String> feedAt(Reading plan, At at) {
    return plan.segmentsOf(at.run()).stream()
        .flatMap(s -> plan.feedsOf(s.segment().id()).stream())
        .map(FeedReading::feed)
        .filter(f -> f.atPixel() == at.pixel() && !f.viaPort())
        .map(Feed::id)
        .findFirst();
  }

  /** Chooses a feed that the next plan has: what is new is selected. */
  void chooseWhenPlanned(String run, int pixel) {
    wanted = Optional.of(new At(run, pixel));
  }

  /** Nothing is tried any more. */
  void forget() {
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
    Show show = Trials.tried(plan.show(), brightness, trim, port().map(p -> p.box().volts()));
    Reading trial = Reading.of(show, hand.apply(plan.decisions()), plan);
    if (loss.isPresent()) {
      WhatIf whatIf = new WhatIf(trial);
      outcome = Optional.of(whatIf.lose(loss.get()));
      trial = Reading.ofFailure(show, Trials.without(trial, whatIf.feedsGone(loss.get())));
    }
    shown.set(Optional.of(trial));
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
          case Selection.OfRuns r -> Optional.empty();
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

  /** Feeds by hand. */
  FeedHand byHand() {
    return feeds;
  }

  /** The plan with what is in the hand. */
  Reading trial() {
    Reading plan = base().orElseThrow();
    return Reading.of(plan.show(), hand.apply(plan.decisions()), plan);
  }

  /** Nothing is lost any more, without a word. */
  void forgetLoss() {
    loss = Optional.empty();
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

  /** Plans the show for what the sliders try. */
  void decideTrial() {
    OptionalDouble percent = brightness;
    OptionalDouble volts = trim;
    Optional<Double> nominal = port().map(p -> p.box().volts());
    session.edit(
        percent.isPresent() ? "Designed for another brightness." : "Supplies are trimmed.",
        s -> Trials.tried(s, percent, volts, nominal));
  }
}
