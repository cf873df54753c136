package bunting.desktop.shell;

import bunting.core.plan.Assessment;
import bunting.desktop.session.Session;
import bunting.files.BadInputException;
import bunting.files.ShowFiles;
import bunting.files.papers.Papers;
import bunting.files.papers.PatchFiles;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Optional;

/** Writes what others need of the show: the run list, the patch, the papers. */
final class Exports {
  private final Session session;

  Exports(Session session) {
    this.session = session;
  }

  /** A plan of the show as it is now; empty, and a message, while there is none. */
  private Optional<Assessment> newest() {
    if (session.plans().isCurrent()) {
      return session.assessment().get();
    }
    session.say("The plan of the last edit is not made yet; write it when it is.");
    return Optional.empty();
  }

  void runs(Path file) {
    try {
      ShowFiles.writeRuns(file, session.show().orElseThrow(), own());
      session.say("The run list is in " + file.getFileName() + ".");
    } catch (BadInputException e) {
      session.say(String.valueOf(e.getMessage()));
    }
  }

  void patch(Path file) {
    try {
      Optional<Assessment> plan = newest();
      if (plan.isPresent()) {
        PatchFiles.write(plan.get(), file, own());
        session.say("The patch is in " + file.getFileName() + ".");
      }
    } catch (BadInputException e) {
      session.say(String.valueOf(e.getMessage()));
    }
  }

  /** Cutting and typesetting take seconds: they are done beside the interface. */
  void papers(Path folder) {
    newest()
        .ifPresent(
            plan -> {
              session.say("The papers are being written…");
              Path[] own = own();
              session
                  .background()
                  .run(
                      "writing the papers",
                      job -> written(plan, folder, own),
                      session::say,
                      session::say);
            });
  }

  /** What no export may write over: the show's own file. */
  private Path[] own() {
    return session.file().get().stream().toArray(Path[]::new);
  }

  private static String written(Assessment plan, Path folder, Path[] own) {
    try {
      Papers.Order order = Papers.Order.all(LocalDate.now(ZoneId.systemDefault()));
      return Papers.write(plan, folder, order, own).size()
          + " files are in "
          + folder.getFileName()
          + ".";
    } catch (BadInputException e) {
      return String.valueOf(e.getMessage());
    }
  }
}
