package bunting.files;

import bunting.core.meter.MeterSheet;

/** The sheet of what a meter should read, as JSON. */
public final class MeterWriter {
  private MeterWriter() {}

  /** A document with volts and amps, in the order of the plan. */
  public static String write(MeterSheet sheet) {
    return Json.text(
        Json.document(
            json -> {
              json.put("pattern", sheet.setting().pattern().id())
                  .put("brightnessPercent", sheet.setting().brightnessPercent());
              json.list(
                  "volts",
                  sheet.volts(),
                  (j, v) ->
                      j.put("run", v.run())
                          .put("segment", v.segment())
                          .put("pixel", v.pixel())
                          .put("volts", v.volts())
                          .put("why", v.why()));
              json.list(
                  "amps",
                  sheet.amps(),
                  (j, a) -> j.put("kind", a.kind().id()).put("id", a.id()).put("amps", a.amps()));
            }));
  }
}
