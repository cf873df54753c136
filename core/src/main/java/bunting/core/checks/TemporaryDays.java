package bunting.core.checks;

import bunting.core.assess.Reading;
import bunting.core.show.Hours;
import bunting.core.show.PlaceRules;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A season longer than temporary wiring may hang. */
final class TemporaryDays implements Check {
  @Override
  public String code() {
    return "temporary-days";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "What hangs for good is a permanent installation: other cords, boxes and papers, and"
        + " often a licensed person.";
  }

  @Override
  public String source() {
    return "NFPA 70 590.3(B) for North America, from memory; elsewhere local codes";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    PlaceRules rules = reading.show().mains().rules();
    Optional<Hours> hours = reading.show().mains().hours();
    if (rules.temporaryDays().isEmpty() || hours.isEmpty()) {
      return;
    }
    int most = rules.temporaryDays().getAsInt();
    List<Hours.Season> seasons = new ArrayList<>(List.of(hours.get().season()));
    seasons.addAll(hours.get().apart().seasons());
    for (Hours.Season s : seasons) {
      int days = (int) ChronoUnit.DAYS.between(s.from(), s.to()) + 1;
      if (days > most) {
        to.report(
            Subject.Kind.SHOW,
            reading.show().settings().name(),
            days,
            most,
            "days",
            "The season from "
                + s.from()
                + " to "
                + s.to()
                + " is "
                + days
                + " days, and temporary wiring may hang "
                + most
                + ": take it down between, or build it as a permanent installation.");
      }
    }
  }
}
