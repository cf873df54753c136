package bunting.files.log;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Map;

/** Writes into a log until it is killed, and tells each line that was acknowledged. */
public final class LogChild {
  private LogChild() {}

  /** Show and a name of its own. */
  public static void main(String[] args) throws Exception {
    LogFile log = LogFile.beside(Path.of(args[0]));
    for (int i = 0; ; i++) {
      String text = args[1] + " " + i + " " + "x".repeat(i % 700);
      int line =
          log.add(LogFields.parse(Map.of("kind", "note", "text", text), LocalDate.of(2026, 1, 1)))
              .line();
      System.out.println(line + " " + text);
      System.out.flush();
    }
  }
}
