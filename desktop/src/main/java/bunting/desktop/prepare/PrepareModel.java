package bunting.desktop.prepare;

import bunting.core.assess.Reading;
import bunting.core.guess.Guesses;
import bunting.core.kit.Cables;
import bunting.core.kit.Need;
import bunting.core.kit.Purchase;
import bunting.core.kit.ShoppingList;
import bunting.core.kit.StrikeList;
import bunting.core.kit.WorkList;
import bunting.core.log.LogEntry;
import bunting.core.log.ShowLog;
import bunting.core.plan.Assessment;
import bunting.core.stock.CutList;
import bunting.desktop.kit.Newest;
import bunting.desktop.session.LogBeside;
import bunting.desktop.session.Session;
import bunting.files.BadInputException;
import bunting.files.log.LogFile;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** What the plan takes to buy and to do, worked out beside the interface. */
final class PrepareModel {
  /**
   * The lists of a plan.
   *
   * @param today from which on something is late
   */
  record Lists(
      Reading reading,
      List<Purchase> purchases,
      WorkList work,
      StrikeList strike,
      LocalDate today) {}

  private final Session session;
  private final Newest working;
  private final ReadOnlyObjectWrapper<Optional<Lists>> lists =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private Optional<LocalDate> today = Optional.empty();

  PrepareModel(Session session) {
    this.session = session;
    this.working = new Newest(session.background());
  }

  ReadOnlyObjectProperty<Optional<Lists>> lists() {
    return lists.getReadOnlyProperty();
  }

  boolean busy() {
    return working.busy().get();
  }

  /** Takes another day for today. */
  void setToday(LocalDate day) {
    today = Optional.of(day);
    refresh();
  }

  /** Works the lists out again, of the newest plan and the log as it is now. */
  void refresh() {
    Optional<Assessment> plan = session.assessment().get();
    if (plan.isEmpty()) {
      working.stop();
      lists.set(Optional.empty());
      return;
    }
    Reading reading = plan.get().reading();
    Optional<Path> file = session.file().get();
    LocalDate day = today.orElseGet(() -> LocalDate.now(ZoneId.systemDefault()));
    working.ask(
        "listing what is to be bought and done",
        job -> of(reading, LogBeside.of(file), day),
        l -> lists.set(Optional.of(l)),
        session::say);
  }

  /** Writes an entry into the log beside the show, and works the lists out again. */
  void log(LogFile file, LogEntry entry, String said) {
    working.ask(
        "writing the log",
        job -> {
          try {
            return "Logged as line " + file.add(entry).line() + ": " + said;
          } catch (BadInputException e) {
            return String.valueOf(e.getMessage());
          }
        },
        says -> {
          session.say(says);
          refresh();
        },
        session::say);
  }

  private static Lists of(Reading reading, ShowLog log, LocalDate day) {
    List<Cables.Cable> cables = Cables.of(reading);
    Reading order = Guesses.toOrder(reading);
    List<Need> needs =
        ShoppingList.of(order, CutList.of(order.show()), Cables.of(order), log.stock());
    return new Lists(
        reading,
        Purchase.of(needs, reading.show(), day),
        WorkList.of(reading).learning(log),
        StrikeList.of(reading, cables),
        day);
  }
}
