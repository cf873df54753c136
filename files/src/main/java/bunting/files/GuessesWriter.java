package bunting.files;

import bunting.core.assess.Reading;
import bunting.core.guess.Flip;
import bunting.core.guess.Guesses;
import bunting.core.guess.Walk;
import bunting.core.show.Run;
import java.util.List;
import java.util.Locale;

/** What the guesses of a plan may bring, as JSON. */
public final class GuessesWriter {
  private GuessesWriter() {}

  /** The guessed runs, what would flip, and the walks that are worth it. */
  public static String write(Reading reading, List<Flip> flips) {
    return Json.text(
        Json.document(
            json -> {
              json.list("guessed", Guesses.guessed(reading), GuessesWriter::guessed);
              json.list("flips", flips, GuessesWriter::flip);
              json.texts("walk", Walk.of(flips).stream().map(Walk::run).toList());
            }));
  }

  private static void guessed(Json json, Run run) throws java.io.IOException {
    json.put("run", run.name())
        .put("lengthPercent", run.guess().length())
        .put("leadPercent", run.guess().leadPercent())
        .put("readOff", run.guess().readOff());
  }

  private static void flip(Json json, Flip flip) throws java.io.IOException {
    json.put("kind", flip.kind().id())
        .put("end", flip.end().name().toLowerCase(Locale.ROOT))
        .put("says", flip.says());
    json.texts("alone", flip.alone());
    json.texts("together", flip.together());
  }
}
