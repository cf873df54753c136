package bunting.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import picocli.CommandLine.Command;

/** A fault inside Bunting is one sentence, whatever command it happens in. */
class OwnFaultTest extends CommandDriver {
  /** A command with a fault. */
  @Command(name = "boom")
  private static final class Boom implements Runnable {
    @Override
    public void run() {
      throw new IllegalStateException("of our own");
    }
  }

  @Test
  void whatACommandThrowsIsASentence() {
    ByteArrayOutputStream errors = new ByteArrayOutputStream();
    PrintStream to = new PrintStream(errors, true, StandardCharsets.UTF_8);
    assertThat(Main.commands(to, to).addSubcommand(new Boom()).execute("boom")).isEqualTo(2);
    assertThat(errors.toString(StandardCharsets.UTF_8).strip())
        .contains("doing boom (IllegalStateException)")
        .doesNotContain("\n")
        .hasSizeLessThanOrEqualTo(600);
  }

  @Test
  void anIssuedAddressThatIsNoneIsNamed() throws Exception {
    String show =
        file(
            "gone.bunting.json",
            "{\"formatVersion\": 1, \"settings\": {}, \"runs\": [{\"name\": \"Owl\", \"type\":"
                + " \"5v-strip-60\", \"pixels\": 10}], \"handOut\": {\"date\": \"2026-11-03\","
                + " \"addresses\": {\"X\": \"gone\"}}}");
    for (String command : new String[] {"check", "lose", "meter", "mains", "guesses"}) {
      assertThat(run(command, show)).as(command).isEqualTo(2);
      assertThat(err.strip())
          .contains("$.handOut.addresses")
          .contains("should be an IPv4 address")
          .doesNotContain("\n");
    }
  }
}
