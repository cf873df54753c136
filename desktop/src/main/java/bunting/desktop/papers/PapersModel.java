package bunting.desktop.papers;

import bunting.core.log.ShowLog;
import bunting.core.plan.Assessment;
import bunting.desktop.kit.Newest;
import bunting.desktop.session.Background;
import bunting.desktop.session.LogBeside;
import bunting.desktop.session.Session;
import bunting.files.BadInputException;
import bunting.files.papers.PageSize;
import bunting.files.papers.Papers;
import bunting.files.papers.Preview;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicReference;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** The paper that is looked at, and a printing under way. */
final class PapersModel {
  /** Twice what fits on the screen, so that letters stay sharp where the screen is fine. */
  private static final int HEIGHT = 1300;

  /** A paper in a size, of a plan: what a preview is of. */
  private record Made(Assessment plan, String id, PageSize size, ShowLog log) {}

  /** A printing under way: so many papers of all. */
  record Printing(String title, int done, int all) {}

  private final Session session;
  private final Newest looking;
  private final ReadOnlyObjectWrapper<Optional<Preview.Seen>> seen =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private final ReadOnlyObjectWrapper<Optional<Printing>> printing =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private final AtomicReference<Optional<Rendered>> rendered =
      new AtomicReference<>(Optional.empty());
  private String id = "box-cards";
  private PageSize size = PageSize.A4;
  private int page = 1;
  private Optional<Background.Job> job = Optional.empty();

  /** A paper that was set, so that turning its pages sets it no second time. */
  private record Rendered(Made made, Preview paper) {}

  PapersModel(Session session) {
    this.session = session;
    this.looking = new Newest(session.background());
  }

  ReadOnlyObjectProperty<Optional<Preview.Seen>> seen() {
    return seen.getReadOnlyProperty();
  }

  ReadOnlyObjectProperty<Optional<Printing>> printing() {
    return printing.getReadOnlyProperty();
  }

  boolean busy() {
    return looking.busy().get() || printing.get().isPresent();
  }

  PageSize size() {
    return size;
  }

  void choose(String paper) {
    id = paper;
    page = 1;
    refresh();
  }

  void choose(PageSize paper) {
    size = paper;
    refresh();
  }

  /** Turns so many pages on, or back. */
  void turn(int pages) {
    int most = seen.get().map(Preview.Seen::pages).orElse(1);
    page = Math.max(1, Math.min(most, page + pages));
    refresh();
  }

  /** Looks at the paper again, of the newest plan. */
  void refresh() {
    Optional<Assessment> plan = session.assessment().get();
    Optional<Papers.Title> title =
        Papers.titles().stream().filter(t -> t.id().equals(id) && t.prints()).findFirst();
    if (plan.isEmpty() || title.isEmpty()) {
      looking.stop();
      seen.set(Optional.empty());
      return;
    }
    String paper = id;
    PageSize of = size;
    int at = page;
    Optional<Path> file = session.file().get();
    looking.ask(
        "setting a paper",
        j -> paper(new Made(plan.get(), paper, of, LogBeside.of(file))).page(at, HEIGHT),
        s -> seen.set(Optional.of(s)),
        session::say);
  }

  private Preview paper(Made made) {
    Optional<Rendered> last = rendered.get();
    if (last.isPresent() && last.get().made().equals(made)) {
      return last.get().paper();
    }
    Preview paper =
        Papers.preview(
            made.plan(), made.id(), new Papers.Order(Set.of(), made.size(), today(), made.log()));
    rendered.set(Optional.of(new Rendered(made, paper)));
    return paper;
  }

  private static LocalDate today() {
    return LocalDate.now(ZoneId.systemDefault());
  }

  /**
   * Writes papers into a folder, beside the interface.
   *
   * @param ids which; none: all
   */
  void print(Set<String> ids, Path folder) {
    Optional<Assessment> plan = session.assessment().get();
    if (plan.isEmpty() || !session.plans().isCurrent()) {
      session.say("The plan of the last edit is not made yet; print when it is.");
      return;
    }
    Path[] own = session.file().get().stream().toArray(Path[]::new);
    PageSize of = size;
    Optional<Path> file = session.file().get();
    printing.set(Optional.of(new Printing("", 0, 1)));
    job =
        Optional.of(
            session
                .background()
                .run(
                    "writing the papers",
                    j ->
                        written(
                            plan.get(),
                            folder,
                            new Papers.Order(ids, of, today(), LogBeside.of(file)),
                            j,
                            own),
                    this::ended,
                    this::ended));
  }

  private String written(
      Assessment plan, Path folder, Papers.Order order, Background.Job of, Path[] own) {
    Papers.Watch watch =
        (title, done, all) -> {
          Printing now = new Printing(title, done, all);
          session.background().tell(of, () -> printing.set(Optional.of(now)));
          return !of.stopped();
        };
    try {
      List<Path> files = Papers.write(plan, folder, order, watch, own);
      return files.size() + " files are in " + folder.getFileName() + ".";
    } catch (BadInputException e) {
      return String.valueOf(e.getMessage());
    }
  }

  private void ended(String sentence) {
    printing.set(Optional.empty());
    job = Optional.empty();
    session.say(sentence);
  }

  /** Stops a printing; nothing is written then. */
  void stop() {
    if (job.isPresent()) {
      job.get().stop();
      ended("Stopped: no paper was written.");
    }
  }
}
