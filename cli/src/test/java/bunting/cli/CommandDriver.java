package bunting.cli;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.io.TempDir;

/** Runs commands in this process and keeps what they print. */
abstract class CommandDriver {
  @TempDir Path folder = Path.of("");
  String out = "";
  String err = "";

  int run(String... args) {
    ByteArrayOutputStream to = new ByteArrayOutputStream();
    ByteArrayOutputStream errors = new ByteArrayOutputStream();
    int status =
        Main.run(
            args,
            new PrintStream(to, true, StandardCharsets.UTF_8),
            new PrintStream(errors, true, StandardCharsets.UTF_8));
    out = to.toString(StandardCharsets.UTF_8);
    err = errors.toString(StandardCharsets.UTF_8);
    return status;
  }

  String file(String name, String text) throws Exception {
    return Files.writeString(folder.resolve(name), text).toString();
  }
}
