package bunting.desktop.mains;

import bunting.core.assess.Reading;
import bunting.core.hookup.Standby;
import bunting.core.hours.HoursSheet;
import bunting.core.show.Hours;
import bunting.desktop.kit.Newest;
import bunting.desktop.session.Session;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** The evenings of the show, by the newest plan and the hours as they are said now. */
final class HoursModel {
  private final Session session;
  private final Newest working;
  private final ReadOnlyObjectWrapper<Optional<Answer>> answer =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private Optional<Asked> of = Optional.empty();

  private record Asked(Optional<Reading> reading, Optional<Hours> hours) {}

  /**
   * What was worked out.
   *
   * @param sheet empty: no hours were said yet
   * @param standby what burns in the dark
   */
  record Answer(Optional<HoursSheet> sheet, List<Standby.Dark> standby) {}

  HoursModel(Session session) {
    this.session = session;
    this.working = new Newest(session.background());
  }

  Session session() {
    return session;
  }

  ReadOnlyObjectProperty<Optional<Answer>> answer() {
    return answer.getReadOnlyProperty();
  }

  Optional<Hours> said() {
    return session.show().flatMap(s -> s.mains().hours());
  }

  boolean busy() {
    return working.busy().get();
  }

  void refresh() {
    Asked now = new Asked(session.assessment().get().map(a -> a.reading()), said());
    if (of.filter(now::equals).isPresent()) {
      return;
    }
    of = Optional.of(now);
    if (now.reading().isEmpty()) {
      working.stop();
      answer.set(Optional.empty());
      return;
    }
    Reading reading = now.reading().get();
    working.ask(
        "reckoning the hours",
        job -> new Answer(now.hours().map(h -> HoursSheet.of(reading, h)), Standby.of(reading)),
        a -> answer.set(Optional.of(a)),
        why -> {
          of = Optional.empty();
          session.say(why);
        });
  }
}
