package bunting.desktop.prepare;

import bunting.core.kit.StrikeList;
import bunting.core.kit.WorkList;
import bunting.core.limits.Range;
import bunting.core.show.Preparation;
import bunting.core.show.Texts;
import bunting.desktop.kit.Buttons;
import bunting.desktop.kit.Form;
import bunting.desktop.kit.Numbers;
import bunting.desktop.kit.SidePanel;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Session;
import bunting.files.BadInputException;
import bunting.files.log.LogFields;
import bunting.files.log.LogFile;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.Label;

/** A step: its minutes, what it waits for, how long it took; and where its things go afterwards. */
final class WorkSide extends SidePanel {
  private static final double LABEL = 60;

  private final Session session;
  private final PrepareModel model;
  private final BiConsumer<WorkList.Step, Boolean> tick;
  private Optional<WorkList.Step> shown = Optional.empty();
  private Optional<StrikeList> strike = Optional.empty();
  private Button done = Buttons.of("work-done", "", () -> {});
  private Label waits = Words.softLines("");
  private String took = "";

  WorkSide(Session session, PrepareModel model, BiConsumer<WorkList.Step, Boolean> tick) {
    super("work-side", 7);
    this.session = session;
    this.model = model;
    this.tick = tick;
    content().getChildren().add(Words.softLines("Choose a step."));
  }

  void show(Optional<WorkList.Step> step) {
    Optional<StrikeList> totes = model.lists().get().map(PrepareModel.Lists::strike);
    if (step.equals(shown) && totes.equals(strike)) {
      return;
    }
    shown = step;
    strike = totes;
    took = "";
    if (step.isEmpty()) {
      content().getChildren().setAll(Words.softLines("Choose a step."));
      return;
    }
    fill(step.get());
    ticked();
  }

  private void fill(WorkList.Step step) {
    Form form = new Form(LABEL);
    form.heading("Step " + step.number());
    form.add(Words.lines(step.what()));
    form.words(
        step.place()
            + (step.people() > 1 ? "; two people" : "")
            + "; "
            + Texts.fixed(step.minutes(), 0)
            + " min "
            + (step.learned() ? "as the log knows you" : "by our reckoning"));
    waits = Words.softLines("");
    waits.setId("work-waits");
    form.add(waits);
    done = Buttons.of("work-done", "", this::tickShown);
    form.add(done);
    if (step.key().work() != Preparation.Work.TEST) {
      form.heading("How long did it take?");
      form.text("Minutes", "work-minutes", "", "min", this::minutes)
          .prompting(Texts.fixed(whole(step), 0));
      form.words(
          "For all of "
              + step.key().of()
              + ", boxes and leads as well. It is logged as built, and the next list knows it.");
      form.button("work-log", "Log it", this::log);
    }
    form.heading("When it comes down");
    form.words(totes(step));
    content().getChildren().setAll(form.rows());
  }

  /** Minutes of all steps of the same run or box. */
  private double whole(WorkList.Step step) {
    return model
        .lists()
        .get()
        .map(
            l ->
                l.work().steps().stream()
                    .filter(s -> s.key().of().equals(step.key().of()))
                    .filter(s -> s.key().work() != Preparation.Work.TEST)
                    .mapToDouble(WorkList.Step::minutes)
                    .sum())
        .orElse(0.0);
  }

  private String totes(WorkList.Step step) {
    List<StrikeList.Item> items = strike.map(StrikeList::items).orElse(List.of());
    Set<Integer> in =
        items.stream()
            .filter(i -> i.label().startsWith(step.key().of()))
            .map(StrikeList.Item::tote)
            .collect(Collectors.toCollection(TreeSet::new));
    return in.isEmpty()
        ? "The work list's paper says what goes into which tote."
        : step.key().of()
            + " goes into tote "
            + in.stream().map(n -> "" + n).collect(Collectors.joining(", "))
            + " of "
            + strike.map(StrikeList::totes).orElse(0)
            + "; the paper has all of them with their labels.";
  }

  /** What changes as steps are ticked. */
  void ticked() {
    if (shown.isEmpty()) {
      return;
    }
    Preparation known = session.show().map(s -> s.preparation()).orElse(Preparation.NONE);
    WorkList.Step step = shown.get();
    done.setText(known.done().contains(step.key()) ? "Not done after all" : "Done (Space)");
    List<Integer> open =
        model.lists().get().map(l -> l.work().awaits(step, known)).orElse(List.of());
    waits.setText(
        open.isEmpty()
            ? "Nothing has to come before it any more."
            : "First: step "
                + open.stream().map(n -> "" + n).collect(Collectors.joining(", "))
                + ".");
  }

  private void tickShown() {
    Preparation known = session.show().map(s -> s.preparation()).orElse(Preparation.NONE);
    shown.ifPresent(s -> tick.accept(s, !known.done().contains(s.key())));
  }

  private Optional<String> minutes(String text) {
    boolean sound = text.isEmpty() || Numbers.in(Range.MINUTES, text).isPresent();
    took = sound ? text : "";
    return sound ? Optional.empty() : Optional.of(Numbers.wanted(Range.MINUTES));
  }

  private void log() {
    Optional<Path> file = session.file().get();
    if (shown.isEmpty() || took.isEmpty()) {
      session.say("Type the minutes first.");
      return;
    }
    if (file.isEmpty()) {
      session.say("Save the show first (Ctrl S): its log stands beside its file.");
      return;
    }
    Preparation.Done key = shown.get().key();
    Map<String, String> typed = new HashMap<>();
    typed.put("kind", "built");
    typed.put(key.work() == Preparation.Work.BOX ? "box" : "run", key.of());
    typed.put("minutes", took.replace(',', '.'));
    try {
      model.log(
          LogFile.beside(file.get()),
          LogFields.parse(typed, LocalDate.now(ZoneId.systemDefault())),
          key.of() + ", " + took + " min.");
    } catch (BadInputException e) {
      session.say(String.valueOf(e.getMessage()));
    }
  }
}
