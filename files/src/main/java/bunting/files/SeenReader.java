package bunting.files;

import bunting.core.assess.Reading;
import bunting.core.faults.Looks;
import bunting.core.faults.Observed;
import bunting.core.limits.Range;
import bunting.core.pattern.Pattern;
import bunting.core.show.Run;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** SEEN.json: what was seen and measured on a show. */
public final class SeenReader {
  private final Map<String, Run> runs = new HashMap<>();
  private int read;

  private SeenReader(Reading reading) {
    reading.show().runs().forEach(r -> runs.put(r.name(), r));
  }

  /** Reads it; runs and pixels must be the show's. */
  public static Observed read(Path file, Reading reading) throws BadInputException {
    JsonFields fields = JsonFields.parse(file, TextFiles.read(file));
    SeenReader reader = new SeenReader(reading);
    List<Observed.Seen> seen =
        fields.list("seen", reader::seen, s -> reader.next()).orElse(List.of());
    List<Observed.Reading> readings =
        fields.list("readings", reader::reading, r -> reader.next()).orElse(List.of());
    if (seen.isEmpty() && readings.isEmpty()) {
      throw fields.wrong("seen", "is empty, and so are the readings; tell what looks wrong.");
    }
    return new Observed(seen, readings);
  }

  private String next() {
    return Integer.toString(read++);
  }

  private Observed.Sending sending(JsonFields f) throws BadInputException {
    String id = f.text("pattern", Pattern.WHITE.id());
    Pattern pattern =
        Pattern.of(id)
            .orElseThrow(
                () ->
                    f.wrong(
                        "pattern", "should be one of " + String.join(", ", Pattern.ids()) + "."));
    return new Observed.Sending(pattern, f.number("brightnessPercent", Range.PERCENT, 100));
  }

  private Run run(JsonFields f) throws BadInputException {
    Run run = runs.get(f.longText("run"));
    if (run == null) {
      throw f.wrong("run", "should be the name of one of the show's runs.");
    }
    return run;
  }

  private Observed.Seen seen(JsonFields f) throws BadInputException {
    Observed.Sending sending = sending(f);
    Run run = run(f);
    int first = f.whole("firstPixel", Range.between(1, run.pixels()), 1);
    int last = f.whole("lastPixel", Range.between(first, run.pixels()), run.pixels());
    String id = f.text("looks");
    Looks looks =
        Looks.of(id)
            .orElseThrow(
                () -> f.wrong("looks", "should be one of " + String.join(", ", Looks.ids()) + "."));
    return new Observed.Seen(sending, run.name(), first, last, looks);
  }

  private Observed.Reading reading(JsonFields f) throws BadInputException {
    Observed.Sending sending = sending(f);
    Run run = run(f);
    int pixel = f.whole("pixel", Range.between(1, run.pixels()));
    return new Observed.Reading(sending, run.name(), pixel, f.number("volts", Range.READ_VOLTS));
  }
}
