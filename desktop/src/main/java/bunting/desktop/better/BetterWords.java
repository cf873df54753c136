package bunting.desktop.better;

import bunting.core.assess.FeedReading;
import bunting.core.assess.Reading;
import bunting.core.assess.Totals;
import bunting.core.propose.Proposal;
import bunting.core.propose.Share;
import bunting.core.show.ShowSettings;
import bunting.core.show.Texts;
import bunting.desktop.session.OfferText;
import java.util.List;
import java.util.Optional;

/** What the comparison of two plans says. */
final class BetterWords {
  private static final String ARROW = " → ";

  private BetterWords() {}

  /**
   * One figure of both plans.
   *
   * @param good whether the change is for the better; empty: it is neither
   */
  record Figure(String what, String values, String change, Optional<Boolean> good) {}

  static List<Figure> figures(Proposal p) {
    Reading yours = p.yours().reading();
    Reading other = p.proposed().reading();
    Totals was = yours.totals();
    Totals is = other.totals();
    ShowSettings settings = yours.show().settings();
    int moved = p.kept().moved().size();
    int readdressed = p.kept().readdressed().size();
    boolean issued = yours.show().allotting().handOut().isPresent();
    return List.of(
        new Figure(
            "Build cost",
            settings.price(Math.rint(p.cost()))
                + ARROW
                + settings.price(Math.rint(p.proposedCost())),
            OfferText.change(settings, -p.saving()),
            better(p.saving())),
        count("Feeds", was.feeds(), is.feeds()),
        count("Supplies", was.supplies(), is.supplies()),
        count("Controllers", was.controllers(), is.controllers()),
        new Figure(
            "Lowest voltage",
            percent(was.minVoltsPercent()) + ARROW + percent(is.minVoltsPercent()),
            "of nominal",
            Optional.empty()),
        new Figure(
            "Runs moved", moved + " of " + was.runs(), p.kept().runs() + " stay", Optional.empty()),
        new Figure(
            "Addresses",
            readdressed == 0
                ? "none change"
                : Texts.count(readdressed, "run changes", "runs change"),
            issued ? "issued ones stay" : "none issued yet",
            Optional.empty()));
  }

  private static Optional<Boolean> better(double saving) {
    return Math.rint(saving) == 0 ? Optional.empty() : Optional.of(saving > 0);
  }

  private static Figure count(String what, int was, int is) {
    String by = is == was ? "same" : (is > was ? "+" : "−") + Math.abs(is - was);
    return new Figure(what, was == is ? "" + was : was + ARROW + is, by, better(was - is));
  }

  private static String percent(double value) {
    return Texts.fixed(Math.floor(value * 10) / 10, 1) + " %";
  }

  /** Returns what a part changes and saves. */
  static String share(Proposal p, Share share) {
    long moved = share.runs().stream().filter(p.kept().moved()::contains).count();
    ShowSettings settings = p.yours().reading().show().settings();
    return OfferText.moves((int) moved) + " · " + OfferText.change(settings, -share.saving());
  }

  /** Returns what becomes of one run. */
  static String run(Proposal p, String run) {
    int before = feeds(p.yours().reading(), run);
    int after = feeds(p.proposed().reading(), run);
    String fed =
        before == after ? "feeds: " + before + ", as before" : "feeds: " + before + ARROW + after;
    return p.moved().stream()
        .filter(m -> m.run().equals(run))
        .findFirst()
        .map(m -> run + " moves from " + m.from() + " to " + m.to() + ". Its " + fed + ".")
        .orElse(run + " stays on its port. Its " + fed + ".");
  }

  private static int feeds(Reading plan, String run) {
    return (int)
        plan.feeds().stream()
            .map(FeedReading::feed)
            .filter(
                f ->
                    plan.segmentsOf(run).stream()
                        .anyMatch(s -> s.segment().id().equals(f.segment())))
            .count();
  }
}
