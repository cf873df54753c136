package bunting.desktop.season;

import bunting.core.assess.Reading;
import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.ports.SearchWatch;
import bunting.core.revision.Revision;
import bunting.core.season.NextSeason;
import bunting.core.season.Place;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.desktop.kit.Newest;
import bunting.desktop.session.Background;
import bunting.desktop.session.Session;
import bunting.files.BadInputException;
import bunting.files.ShowFiles;
import bunting.files.log.SeasonFiles;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** Another season beside the open one, and seasons that are begun. */
final class SeasonsModel {
  /**
   * Two plans side by side.
   *
   * @param name of the other
   * @param before runs of the other, in their order
   * @param after runs of the open show, in their order
   */
  record Compared(String name, List<Run> before, List<Run> after, Revision revision) {}

  private final Session session;
  private final Newest working;
  private final ReadOnlyObjectWrapper<Optional<Compared>> compared =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private Optional<Other> other = Optional.empty();

  /** The other season, planned. */
  private record Other(String name, Reading reading) {}

  SeasonsModel(Session session) {
    this.session = session;
    this.working = new Newest(session.background());
    session.assessment().addListener(o -> again());
    session
        .opened()
        .addListener(
            o -> {
              other = Optional.empty();
              compared.set(Optional.empty());
            });
  }

  ReadOnlyObjectProperty<Optional<Compared>> compared() {
    return compared.getReadOnlyProperty();
  }

  Newest working() {
    return working;
  }

  /** Reads and plans another season, and sets it beside this one. */
  void compare(Path file) {
    ask(file.getFileName().toString(), () -> ShowFiles.open(file));
  }

  /** The same with a show that is there already. */
  void compare(String name, Show show) {
    ask(name, () -> show);
  }

  /** Reads a show. */
  @FunctionalInterface
  private interface Source {
    Show read() throws BadInputException;
  }

  private record Answer(Optional<Other> other, String says) {}

  private void ask(String name, Source source) {
    working.ask(
        "planning the other season",
        job -> {
          try {
            Show show = source.read();
            return new Answer(
                Optional.of(new Other(name, Assessor.plan(show, watch(job)).reading())), "");
          } catch (BadInputException e) {
            return new Answer(Optional.empty(), String.valueOf(e.getMessage()));
          }
        },
        answer -> {
          if (answer.other().isPresent()) {
            other = answer.other();
            again();
          } else {
            session.say(answer.says());
          }
        },
        session::say);
  }

  private static SearchWatch watch(Background.Job job) {
    return new SearchWatch() {
      @Override
      public boolean stopped() {
        return job.stopped();
      }

      @Override
      public void step(int part, int parts, String doing) {}
    };
  }

  private void again() {
    Optional<Reading> now = session.assessment().get().map(Assessment::reading);
    if (other.isEmpty() || now.isEmpty()) {
      compared.set(Optional.empty());
      return;
    }
    Reading was = other.get().reading();
    compared.set(
        Optional.of(
            new Compared(
                other.get().name(),
                was.show().runs(),
                now.get().show().runs(),
                Revision.of(was, now.get()))));
  }

  /** What the next season would be called. */
  String nextName() {
    return session.show().map(s -> NextSeason.nameAfter(s, today())).orElse("");
  }

  private static LocalDate today() {
    return LocalDate.now(ZoneId.systemDefault());
  }

  /** Why the next season cannot begin now; empty: it can. */
  Optional<String> hindered() {
    if (session.file().get().isEmpty()) {
      return Optional.of("Save the show first (Ctrl S): a season ends in a file.");
    }
    if (session.changed().get()) {
      return Optional.of("Save the last edits first (Ctrl S): the next season begins from them.");
    }
    return session.plans().isCurrent()
        ? Optional.empty()
        : Optional.of("The plan of the last edit is not made yet; begin when it is.");
  }

  /** Writes the next season and opens it. */
  void begin(Path out) {
    Path file = session.file().get().orElseThrow();
    Reading plan = session.assessment().get().orElseThrow().reading();
    String name = nextName();
    LocalDate day = today();
    write(out, () -> SeasonFiles.next(plan, file, out, name, day, file));
  }

  /** Writes a show that has the place alone, and opens it. */
  void keepPlace(Path out) {
    Show show = session.show().orElseThrow();
    String name = String.valueOf(out.getFileName()).replace(ShowFiles.ENDING, "");
    write(out, () -> SeasonFiles.begin(out, Place.of(show, name)));
  }

  /** Writes something. */
  @FunctionalInterface
  private interface Writing {
    void write() throws BadInputException;
  }

  private void write(Path out, Writing writing) {
    working.ask(
        "beginning a season",
        job -> {
          try {
            writing.write();
            return "";
          } catch (BadInputException e) {
            return String.valueOf(e.getMessage());
          }
        },
        says -> {
          if (says.isEmpty()) {
            session.open(out);
          } else {
            session.say(says);
          }
        },
        session::say);
  }
}
