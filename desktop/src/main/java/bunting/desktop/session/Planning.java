package bunting.desktop.session;

import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.plan.Keeping;
import bunting.core.plan.Kept;
import bunting.core.plan.SavedPlan;
import bunting.core.ports.SearchWatch;
import bunting.core.propose.BetterPlan;
import bunting.core.propose.Proposal;
import bunting.core.show.Decisions;
import bunting.core.show.Show;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/**
 * Plans the newest version of a document, beside the interface. A show without a plan gets its
 * first one from the first fits, and a search goes on improving it until the first edit. From then
 * on the plan is the builder's: an edit is repaired, and nothing else moves. Until the newest
 * version has its plan, the last one stays and {@link #isCurrent} says that it is not of now.
 * Planning that was stopped, or that threw, is a state with a sentence; it is begun anew by {@link
 * #again} or by the next edit.
 */
public final class Planning {
  /** A plan that is there within so many milliseconds is shown without a word about planning. */
  private static final long PATIENCE_MILLIS = 150;

  /** What makes plans. */
  public interface Engine {
    /** The first fits; of a show that has a plan, that plan repaired. */
    Assessment sketch(Show show, SearchWatch watch);

    /** A search, watched. */
    Assessment search(Show show, SearchWatch watch);

    /** The best plan that is found beside the accepted one. */
    default Proposal better(Show show, SearchWatch watch) {
      return BetterPlan.find(show, watch);
    }

    /** The plan from scratch beside the accepted one. */
    default Proposal afresh(Show show, SearchWatch watch) {
      return BetterPlan.afresh(show, watch);
    }

    /** A plan once more, of a show that differs from its own in nothing that is planned from. */
    default Assessment judge(Show show, Assessment plan) {
      return Assessor.assess(show, plan.reading().decisions(), plan.reading());
    }

    /** The planner of the core. */
    Engine CORE =
        new Engine() {
          @Override
          public Assessment sketch(Show show, SearchWatch watch) {
            return Assessor.sketch(show, watch);
          }

          @Override
          public Assessment search(Show show, SearchWatch watch) {
            return Assessor.plan(show, watch);
          }
        };
  }

  /** How the newest version stands. */
  public sealed interface State {
    /** It has a plan, or there is no show. */
    record Planned() implements State {}

    /** Its plan is being made. */
    record Working() implements State {}

    /** Somebody stopped its planning. */
    record Stopped() implements State {}

    /** The planner threw. */
    record Failed(String why) implements State {}
  }

  /**
   * How far a plan is.
   *
   * @param done how many controller boards have their feeds
   * @param of how many there are, 1 or more
   */
  public record Progress(int done, int of) {}

  private final Document document;
  private final Engine engine;
  private final Background background;
  private final Background.Lane sketches;
  private final Background.Lane searches;
  private final ReadOnlyObjectWrapper<Optional<Assessment>> assessment =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private final ReadOnlyObjectWrapper<State> state =
      new ReadOnlyObjectWrapper<>(new State.Planned());
  private final ReadOnlyObjectWrapper<Progress> progress =
      new ReadOnlyObjectWrapper<>(new Progress(0, 1));
  private final ReadOnlyObjectWrapper<String> searching = new ReadOnlyObjectWrapper<>("");
  private long patienceMillis = PATIENCE_MILLIS;
  private boolean searchesAlong = true;
  private volatile boolean stopSearch;

  /** Whether the plan is a first one that nobody has edited since. */
  private boolean first;

  /** Whether a plan is on its way into the document. */
  private boolean settling;

  private BiConsumer<Assessment, Assessment> onFound = (before, after) -> {};
  private Consumer<String> onTrouble = why -> {};
  private Consumer<Kept> onKept = kept -> {};

  Planning(Document document, Engine engine, Background background) {
    this.document = document;
    this.engine = engine;
    this.background = background;
    this.sketches = background.lane();
    this.searches = background.lane();
    document.opened().addListener(o -> forget());
    document.show().addListener(o -> plan());
  }

  /** The last plan that was made of the document, of its newest version or an earlier one. */
  public ReadOnlyObjectProperty<Optional<Assessment>> assessment() {
    return assessment.getReadOnlyProperty();
  }

  /** How far the plan is that is being made. */
  public ReadOnlyObjectProperty<Progress> progress() {
    return progress.getReadOnlyProperty();
  }

  /** How the newest version stands. */
  public ReadOnlyObjectProperty<State> state() {
    return state.getReadOnlyProperty();
  }

  /** What is being searched, for people; empty while nothing is. */
  public ReadOnlyObjectProperty<String> searching() {
    return searching.getReadOnlyProperty();
  }

  /** Whether the plan is of the newest version. */
  public boolean isCurrent() {
    return assessment.get().map(a -> a.reading().show()).equals(document.show().get());
  }

  /** Whether the plan is a first one that still improves. */
  boolean isFirst() {
    return first;
  }

  void setPatience(Duration patience) {
    patienceMillis = patience.toMillis();
  }

  void setSearchesAlong(boolean on) {
    searchesAlong = on;
  }

  /** Told when the search has found a better plan than the one before. */
  void setOnFound(BiConsumer<Assessment, Assessment> listener) {
    onFound = listener;
  }

  /** Told what an edit's plan kept of the one before, when it is there. */
  void setOnKept(Consumer<Kept> listener) {
    onKept = listener;
  }

  /** Told in a sentence when the search threw; the first fits stand. */
  void setOnTrouble(Consumer<String> listener) {
    onTrouble = listener;
  }

  /** Another show comes: the plan of the one before has nothing to do with it. */
  private void forget() {
    sketches.stop();
    searches.stop();
    searching.set("");
    first = false;
    state.set(new State.Planned());
    assessment.set(Optional.empty());
  }

  /** Plans the newest version again. */
  public void again() {
    plan();
  }

  /** Stops planning; the show stays as it is, and the last plan stays on the screen. */
  public void stop() {
    sketches.abandon();
    searches.abandon();
    searching.set("");
    state.set(new State.Stopped());
  }

  /** Stops the search with the best so far. */
  public void stopSearching() {
    stopSearch = true;
  }

  /** Stops improving the first plan: the one that is shown stays. */
  public void keepThisOne() {
    first = false;
    searches.stop();
    searching.set("");
  }

  /** A plan with its consequences, and what it kept of the one before. */
  private record Made(Assessment plan, Optional<Kept> kept) {}

  /** The plan accepted, as a remark about the show that has it. */
  private static Made accepted(Assessment made) {
    Show show = Keeping.accept(made.reading());
    Optional<Kept> kept = Kept.of(made.reading());
    Decisions decisions = show.accepted().orElseThrow().decisions();
    boolean same = show.equals(made.reading().show());
    return new Made(same ? made : Assessor.assess(show, decisions, made.reading()), kept);
  }

  private void plan() {
    if (settling) {
      return;
    }
    searches.stop();
    searching.set("");
    Optional<Show> now = document.show().get();
    if (now.isEmpty() || isCurrent()) {
      sketches.stop();
      state.set(new State.Planned());
      now.filter(s -> first).ifPresent(this::search);
      return;
    }
    Show show = now.get();
    first = show.accepted().isEmpty();
    Optional<Assessment> saved = assessment.get().isEmpty() ? SavedPlan.of(show) : Optional.empty();
    if (saved.isPresent()) {
      assessment.set(saved);
      state.set(new State.Planned());
      verify(show);
      return;
    }
    Optional<Assessment> alike = assessment.get().filter(a -> a.reading().show().plansLike(show));
    boolean patient = patienceMillis > 0 && !sketches.busy();
    CompletableFuture<Made> early = new CompletableFuture<>();
    progress.set(new Progress(0, 1));
    state.set(new State.Working());
    sketches.submit(
        "planning",
        job -> {
          try {
            Made made =
                alike.isPresent()
                    ? new Made(engine.judge(show, alike.get()), Optional.empty())
                    : accepted(engine.sketch(show, progressOf(job)));
            early.complete(made);
            return made;
          } catch (RuntimeException | Error e) {
            early.completeExceptionally(e);
            throw e;
          }
        },
        made -> arrived(show, made),
        why -> state.set(new State.Failed(why)));
    if (patient) {
      await(early)
          .ifPresent(
              made -> {
                // It is here: nothing needs to arrive, and the next edit need not wait for it.
                sketches.abandon();
                arrived(show, made);
              });
    }
  }

  /** A file may have been edited elsewhere since its plan was accepted: then that is repaired. */
  private void verify(Show show) {
    sketches.submit(
        "checking the saved plan",
        job -> accepted(engine.sketch(show, SearchWatch.NOBODY)),
        made -> {
          boolean newest = document.show().get().filter(show::equals).isPresent();
          if (newest && !made.plan().reading().show().equals(show)) {
            settle(made.plan());
            made.kept().ifPresent(onKept);
          }
        },
        why -> state.set(new State.Failed(why)));
  }

  private Optional<Made> await(CompletableFuture<Made> early) {
    try {
      return Optional.of(early.get(patienceMillis, TimeUnit.MILLISECONDS));
    } catch (TimeoutException | ExecutionException e) {
      // Late: it arrives by itself. Failed: so does the sentence.
      return Optional.empty();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return Optional.empty();
    }
  }

  private void arrived(Show show, Made made) {
    boolean newest = document.show().get().filter(show::equals).isPresent();
    if (newest && !(state.get() instanceof State.Planned)) {
      settle(made.plan());
      state.set(new State.Planned());
      made.kept().ifPresent(onKept);
      if (first) {
        search(show);
      }
    }
  }

  /** The plan goes into the document first, so that it is of the newest version when it is told. */
  private void settle(Assessment plan) {
    settling = true;
    document.settle(plan.reading().show());
    settling = false;
    assessment.set(Optional.of(plan));
  }

  private void search(Show show) {
    boolean bare = show.runs().isEmpty();
    if (!searchesAlong || bare) {
      return;
    }
    stopSearch = false;
    searching.set("Still improving…");
    searches.submit(
        "improving the plan",
        job -> accepted(engine.search(show.withAccepted(Optional.empty()), watch(job))),
        found -> {
          searching.set("");
          first = false;
          Optional<Assessment> before = assessment.get();
          settle(found.plan());
          before.ifPresent(b -> onFound.accept(b, found.plan()));
        },
        why -> {
          searching.set("");
          onTrouble.accept(why);
        });
  }

  private SearchWatch progressOf(Background.Job job) {
    return new SearchWatch() {
      @Override
      public boolean stopped() {
        return false;
      }

      @Override
      public void step(int part, int parts, String doing) {
        background.tell(job, () -> progress.set(new Progress(part, parts)));
      }
    };
  }

  private SearchWatch watch(Background.Job job) {
    return new SearchWatch() {
      @Override
      public boolean stopped() {
        return job.stopped() || stopSearch;
      }

      @Override
      public void step(int part, int parts, String doing) {
        String text = "Still improving, part " + part + " of " + parts + ": " + doing + "…";
        background.tell(job, () -> searching.set(text));
      }
    };
  }
}
