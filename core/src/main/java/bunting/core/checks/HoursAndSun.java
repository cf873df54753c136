package bunting.core.checks;

import bunting.core.assess.Reading;
import bunting.core.hours.HoursSheet;
import bunting.core.show.Hours;
import bunting.core.show.Texts;
import java.util.List;
import java.util.Optional;

/** Lights that follow the sun stay off, or burn by day, where the sun sets late or not at all. */
final class HoursAndSun implements Check {
  @Override
  public String code() {
    return "hours-and-sun";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "Where the sun sets after midnight or not at all, the lights may stay off or burn by"
        + " day.";
  }

  @Override
  public String source() {
    return "arithmetic of the almanac";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    Optional<Hours> hours = reading.show().mains().hours();
    List<HoursSheet.Day> evenings = hours.map(HoursSheet::evenings).orElse(List.of());
    for (HoursSheet.Odd odd : HoursSheet.Odd.values()) {
      List<HoursSheet.Day> such =
          evenings.stream().filter(d -> d.odd().filter(o -> o == odd).isPresent()).toList();
      if (!such.isEmpty()) {
        to.report(
            Subject.Kind.SETTING,
            "hours",
            such.size(),
            0,
            "evenings",
            Texts.count(such.size(), "evening", "evenings")
                + " of "
                + evenings.size()
                + ", the first on "
                + such.getFirst().date()
                + ": "
                + odd.text()
                + ". Change when the lights go on or off.");
      }
    }
  }
}
