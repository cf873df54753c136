package bunting.files;

import bunting.core.whatif.Outcome;
import java.io.IOException;
import java.util.List;
import java.util.Optional;

/** What every single loss does, as JSON. */
public final class LossWriter {
  private LossWriter() {}

  /** A document with a list of losses, in the order given. */
  public static String write(List<Outcome> outcomes) {
    return Json.text(Json.document(json -> json.list("losses", outcomes, LossWriter::loss)));
  }

  private static void loss(Json json, Outcome o) throws IOException {
    json.put("kind", o.loss().kind().id())
        .put("id", o.loss().id())
        .put("place", o.place())
        .put("darkPixels", o.darkPixels())
        .put("noDataPixels", o.noDataPixels())
        .put("belowLeastPixels", o.sagPixels());
    if (o.lowest().isPresent()) {
      Outcome.Lowest l = o.lowest().get();
      json.put("lowestVolts", l.volts()).put("lowestRun", l.run()).put("lowestPixel", l.pixel());
    } else {
      json.put("lowestVolts", Optional.empty())
          .put("lowestRun", Optional.empty())
          .put("lowestPixel", Optional.empty());
    }
    json.list(
        "overloaded",
        o.overloads(),
        (k, over) ->
            k.put("what", over.id()).put("amps", over.amps()).put("ratedAmps", over.mostAmps()));
    json.texts("opensNext", o.opensNext());
    json.put("darkInTheEnd", o.darkInTheEnd());
    json.list(
        "burns",
        o.burns(),
        (k, b) -> k.put("what", b.id()).put("amps", b.amps()).put("allowedAmps", b.mostAmps()));
    json.texts("darkLights", o.darkLights());
  }
}
