package bunting.desktop.shell;

import bunting.core.plan.Assessment;
import bunting.desktop.session.Session;
import bunting.files.BadInputException;
import bunting.files.ShowFiles;
import bunting.files.papers.PatchFiles;
import java.nio.file.Path;
import java.util.Optional;

/** Writes what others need of the show: the run list and the patch. */
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

  /** What no export may write over: the show's own file. */
  private Path[] own() {
    return session.file().get().stream().toArray(Path[]::new);
  }
}
