package bunting.files.log;

import bunting.core.log.Drift;
import bunting.core.log.LogKind;
import bunting.core.log.ShowLog;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.UncheckedIOException;

/** A log and what follows from it, as JSON. */
public final class LogWriter {
  private static final ObjectMapper MAPPER = new ObjectMapper();

  private LogWriter() {}

  /** A document with entries, seasons, stock, ages of supplies, counts and drift. */
  public static String write(ShowLog log) {
    ObjectNode root = MAPPER.createObjectNode();
    root.put("formatVersion", 1);
    ArrayNode entries = root.putArray("entries");
    for (ShowLog.Line line : log.lines()) {
      ObjectNode entry = entries.addObject().put("line", line.number());
      LogFields.write(line.entry(), entry);
    }
    ArrayNode broken = root.putArray("halfLines");
    log.broken().forEach(broken::add);
    ArrayNode seasons = root.putArray("seasons");
    for (ShowLog.Season s : log.seasons()) {
      seasons
          .addObject()
          .put("name", s.name())
          .put("from", s.from().toString())
          .put("entries", s.entries().size())
          .put("faults", s.count(LogKind.FAULT))
          .put("repairs", s.count(LogKind.REPAIR))
          .put("peopleMinutes", s.peopleMinutes())
          .put("lampMinutes", s.lampMinutes())
          .put("cost", s.cost());
    }
    ArrayNode stock = root.putArray("stock");
    log.stock().forEach((part, n) -> stock.addObject().put("part", part).put("count", n));
    ArrayNode supplies = root.putArray("supplies");
    for (ShowLog.Aged a : log.supplies()) {
      supplies
          .addObject()
          .put("part", a.part())
          .put("since", a.since().toString())
          .put("count", a.count());
    }
    ArrayNode counts = root.putArray("counts");
    log.counts().forEach((run, n) -> counts.addObject().put("run", run).put("count", n));
    ArrayNode drift = root.putArray("drift");
    for (Drift d : Drift.of(log)) {
      ObjectNode at = drift.addObject().put("run", d.run());
      if (d.pixel() > 0) {
        at.put("pixel", d.pixel());
      }
      at.put("readings", d.readings().size())
          .put("voltsPerYear", d.voltsPerYear())
          .put("fallVolts", d.fallVolts())
          .put("flagged", d.flagged());
    }
    try {
      return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(root).replace("\r\n", "\n")
          + "\n";
    } catch (JsonProcessingException e) {
      throw new UncheckedIOException("memory does not fail to be written", e);
    }
  }
}
