package bunting.desktop.session;

import bunting.core.ports.SearchWatch;
import bunting.core.propose.Proposal;
import bunting.core.show.Show;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/**
 * Better plans beside the accepted one. After every edit, once its plan is there, a search begins
 * in the background. It changes nothing: what it finds is offered, and the builder accepts or
 * dismisses it.
 */
public final class Proposals {
  /** Savings that differ by less are the same. */
  private static final double CENT = 0.01;

  private final Document document;
  private final Planning planning;
  private final Planning.Engine engine;
  private final Background.Lane lane;
  private final ReadOnlyObjectWrapper<Optional<Proposal>> offered =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private final ReadOnlyObjectWrapper<Optional<Proposal>> preview =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private final ReadOnlyBooleanWrapper searching = new ReadOnlyBooleanWrapper();
  private Optional<Show> looked = Optional.empty();

  private boolean along = true;
  private Consumer<String> onTrouble = why -> {};

  Proposals(Document document, Planning planning, Planning.Engine engine, Background background) {
    this.document = document;
    this.planning = planning;
    this.engine = engine;
    this.lane = background.lane();
    document.opened().addListener(o -> forget());
    document.show().addListener(o -> look());
    planning.state().addListener(o -> look());
    planning.assessment().addListener(o -> look());
  }

  /** The better plan that is offered; empty while none is. */
  public ReadOnlyObjectProperty<Optional<Proposal>> offered() {
    return offered.getReadOnlyProperty();
  }

  /** The plan from scratch beside the accepted one, while the builder looks at it. */
  public ReadOnlyObjectProperty<Optional<Proposal>> preview() {
    return preview.getReadOnlyProperty();
  }

  /** Whether a search goes on. */
  public ReadOnlyBooleanProperty searching() {
    return searching.getReadOnlyProperty();
  }

  void setAlong(boolean on) {
    along = on;
  }

  /** Told in a sentence when a search threw; the accepted plan stands. */
  void setOnTrouble(Consumer<String> listener) {
    onTrouble = listener;
  }

  private void forget() {
    lane.stop();
    searching.set(false);
    looked = Optional.empty();
    offered.set(Optional.empty());
    preview.set(Optional.empty());
  }

  private void look() {
    Optional<Show> now = document.show().get();
    if (looked.isPresent() && now.filter(s -> s.plansLike(looked.get())).isPresent()) {
      return;
    }
    forget();
    boolean planned =
        planning.isCurrent() && planning.state().get() instanceof Planning.State.Planned;
    if (along
        && planned
        && !planning.isFirst()
        && now.filter(s -> !s.runs().isEmpty()).isPresent()) {
      search(now.get(), false, offerAbove(now.get()));
    }
  }

  /** Searches once more from the accepted plan, and offers what was dismissed too. */
  public void again() {
    forget();
    document.show().get().ifPresent(show -> search(show, false, 0));
  }

  private static double offerAbove(Show show) {
    return show.allotting().planning().offerAbove();
  }

  /** Makes a plan from scratch, to be looked at beside the accepted one. */
  public void fromScratch() {
    forget();
    document.show().get().ifPresent(show -> search(show, true, 0));
  }

  private void search(Show show, boolean scratch, double above) {
    looked = Optional.of(show);
    searching.set(true);
    lane.submit(
        "searching for a better plan",
        job -> {
          SearchWatch watch = job::stopped;
          return scratch ? engine.afresh(show, watch) : engine.better(show, watch);
        },
        found -> {
          searching.set(false);
          if (scratch) {
            preview.set(Optional.of(found));
          } else if (found.isWorthAWord() && found.saving() > above + CENT) {
            offered.set(Optional.of(found));
          }
        },
        why -> {
          searching.set(false);
          onTrouble.accept(why);
        });
  }

  /** Stops a search; nothing is offered. */
  public void stop() {
    lane.stop();
    searching.set(false);
  }

  /** Puts the offered plan aside: the show remembers, and it does not come back. */
  public void dismiss() {
    offered.get().ifPresent(this::remember);
    offered.set(Optional.empty());
    preview.set(Optional.empty());
  }

  private void remember(Proposal dismissed) {
    document.edit(
        "Better plan dismissed.",
        s -> {
          double above = Math.max(offerAbove(s), dismissed.saving());
          return s.withAllotting(
              s.allotting().with(s.allotting().planning().withOfferAbove(above)));
        });
  }
}
