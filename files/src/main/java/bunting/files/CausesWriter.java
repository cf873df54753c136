package bunting.files;

import bunting.core.faults.Cause;
import bunting.core.faults.Diagnosis;
import java.io.IOException;
import java.util.List;
import java.util.Map;

/** What may be wrong, as JSON. */
public final class CausesWriter {
  private CausesWriter() {}

  /** A document with causes of the closed list, other ones beside, and the next tests. */
  public static String write(Diagnosis.Answer answer) {
    List<Cause> listed = answer.causes().stream().filter(c -> c.fault().kind().inFiles()).toList();
    List<Cause> beside = answer.causes().stream().filter(c -> !c.fault().kind().inFiles()).toList();
    return Json.text(
        Json.document(
            json -> {
              json.list("causes", listed, CausesWriter::cause);
              json.list(
                  "next",
                  answer.tests(),
                  (j, t) ->
                      j.put("do", t.text())
                          .put("pattern", t.pattern().id())
                          .put("where", t.where())
                          .put("tells", t.tells())
                          .put("act", t.act().id())
                          .list(
                              "spots",
                              t.spots(),
                              (k, s) ->
                                  k.put("run", s.run())
                                      .put("firstPixel", s.firstPixel())
                                      .put("lastPixel", s.lastPixel())));
              json.list("beside", beside, CausesWriter::cause);
            }));
  }

  private static void cause(Json json, Cause cause) throws IOException {
    json.put("kind", cause.fault().kind().id());
    for (Map.Entry<String, Object> e : cause.fault().where().entrySet()) {
      switch (e.getValue()) {
        case String s -> json.put(e.getKey(), s);
        case Integer n -> json.put(e.getKey(), n);
        case Double d -> json.put(e.getKey(), d);
        case List<?> l -> json.numbers(e.getKey(), l.stream().map(n -> (Integer) n).toList());
        default -> throw new IllegalStateException(e.getKey());
      }
    }
    // Rounded down: all of them together are never more than one.
    json.put("share", Math.floor(1e6 * cause.share()) / 1e6).put("why", cause.why());
  }
}
