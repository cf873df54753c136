package bunting.files;

import bunting.core.checks.Finding;
import java.io.IOException;
import java.util.List;

/** Findings as JSON. */
public final class FindingsWriter {
  private FindingsWriter() {}

  /** A document with a list of findings, as UTF-8 text. */
  public static String write(List<Finding> findings) {
    return Json.text(Json.document(json -> list(json, findings)));
  }

  static void list(Json json, List<Finding> findings) throws IOException {
    json.list(
        "findings",
        findings,
        (j, f) -> {
          j.put("code", f.code())
              .put("severity", f.severity().id())
              .put("subject", f.subject().id())
              .put("message", f.message())
              .put("measured", f.measured())
              .put("allowed", f.allowed())
              .put("unit", f.unit());
          if (!f.details().isEmpty()) {
            j.texts("details", f.details());
          }
        });
  }
}
