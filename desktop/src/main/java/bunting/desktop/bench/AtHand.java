package bunting.desktop.bench;

import bunting.core.faults.Layout;
import bunting.core.pattern.Scope;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.Optional;
import java.util.function.Supplier;

/** What is at hand at the bench, by what is selected: a run, its line, its box. */
final class AtHand {
  /** For which part of the show a pattern is. */
  enum Reach {
    /** All. */
    SHOW("Show"),
    /** The box of what is selected. */
    BOX("Box"),
    /** The port of what is selected. */
    PORT("Port"),
    /** The run that is selected. */
    RUN("Run");

    private final String text;

    Reach(String text) {
      this.text = text;
    }

    String text() {
      return text;
    }
  }

  private final Session session;
  private final Supplier<Optional<Rig>> rig;

  AtHand(Session session, Supplier<Optional<Rig>> rig) {
    this.session = session;
    this.rig = rig;
  }

  /** The part of the show that a reach is. */
  Scope scope(Reach reach) {
    Optional<Layout.Chain> chain = chain();
    return switch (reach) {
      case SHOW -> Scope.SHOW;
      case BOX -> chain.map(c -> Scope.ofBox(c.controller())).orElse(Scope.SHOW);
      case PORT -> chain.map(c -> Scope.ofPort(c.controller(), c.port())).orElse(Scope.SHOW);
      case RUN -> run().map(Scope::ofRun).orElse(Scope.SHOW);
    };
  }

  /** The run at hand: the selected one, or the first of the line at hand. */
  Optional<String> run() {
    return session.selection().get() instanceof Selection.OfRun r
        ? Optional.of(r.name())
        : chain().map(c -> c.segments().getFirst().run().name());
  }

  /** The line at hand: that of what is selected, or the first. */
  Optional<Layout.Chain> chain() {
    return rig.get()
        .map(Rig::layout)
        .flatMap(l -> selected(l).or(() -> l.chains().stream().findFirst()));
  }

  private Optional<Layout.Chain> selected(Layout layout) {
    return switch (session.selection().get()) {
      case Selection.OfRun s -> layout.parts(s.name()).stream().map(Layout.Part::chain).findFirst();
      case Selection.OfPort s ->
          layout.chains().stream()
              .filter(c -> c.port() == s.port() && c.controller().equals(s.controller()))
              .findFirst();
      case Selection.OfBox s ->
          layout.chains().stream().filter(c -> c.controller().equals(s.controller())).findFirst();
      case Selection.OfPlace s -> Optional.empty();
      case Selection.OfRuns s -> Optional.empty();
      case Selection.Nothing s -> Optional.empty();
    };
  }
}
