package bunting.files;

import bunting.core.whatif.Outcome;
import java.util.List;

/** What every single loss does, as JSON. */
public final class LossWriter {
  private LossWriter() {}

  /** A document with a list of losses, in the order given. */
  public static String write(List<Outcome> outcomes) {
    return Json.text(
        Json.document(
            json ->
                json.list(
                    "losses",
                    outcomes,
                    (j, o) -> {
                      j.put("kind", o.loss().kind().text())
                          .put("id", o.loss().id())
                          .put("place", o.place())
                          .put("darkPixels", o.darkPixels())
                          .put("noDataPixels", o.noDataPixels())
                          .put("belowLeastPixels", o.sagPixels())
                          .put("darkInTheEnd", o.darkInTheEnd());
                      if (o.lowest().isPresent()) {
                        Outcome.Lowest l = o.lowest().get();
                        j.put("lowestVolts", l.volts())
                            .put("lowestRun", l.run())
                            .put("lowestPixel", l.pixel());
                      }
                      j.list(
                          "overloads",
                          o.overloads(),
                          (k, over) ->
                              k.put("id", over.id())
                                  .put("amps", over.amps())
                                  .put("mostAmps", over.mostAmps()));
                      j.texts("opensNext", o.opensNext());
                    })));
  }
}
