package bunting.benchmarks;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Launches in turn, each in a process of its own: an empty window, the desktop for the first time,
 * and the desktop as the launcher starts it again, with the classes that its last start left.
 * Prints the medians to the first frame and how many times as long as the empty window the desktop
 * takes.
 */
public final class Launch {
  private static final int ROUNDS = 7;
  private static final Pattern FRAME = Pattern.compile("first frame after (\\d+) ms");

  private Launch() {}

  /** Where the archive of classes goes, then the arguments of the virtual machine. */
  public static void main(String[] args) throws IOException, InterruptedException {
    Path archive = Path.of(args[0]);
    List<String> plain = List.of(args).subList(1, args.length);
    List<String> kept = new ArrayList<>(plain);
    kept.add("-XX:+AutoCreateSharedArchive");
    kept.add("-XX:SharedArchiveFile=" + archive);
    Files.deleteIfExists(archive);
    frame(kept);
    List<Long> empty = new ArrayList<>();
    List<Long> first = new ArrayList<>();
    List<Long> again = new ArrayList<>();
    for (int i = 0; i < ROUNDS; i++) {
      empty.add(frame(plain, "empty"));
      first.add(frame(plain));
      again.add(frame(kept));
    }
    long a = median(empty);
    System.out.printf(
        "empty window %d ms; desktop for the first time %d ms, %.2f times; again %d ms, %.2f times"
            + " (medians of %d)%n",
        a,
        median(first),
        median(first) / (double) a,
        median(again),
        median(again) / (double) a,
        ROUNDS);
  }

  private static long median(List<Long> times) {
    Collections.sort(times);
    return times.get(times.size() / 2);
  }

  private static long frame(List<String> machine, String... words)
      throws IOException, InterruptedException {
    List<String> command = new ArrayList<>();
    command.add(ProcessHandle.current().info().command().orElseThrow());
    command.addAll(machine);
    command.addAll(List.of("-cp", System.getProperty("java.class.path")));
    command.add(FirstFrame.class.getName());
    command.addAll(List.of(words));
    Process process =
        new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.DISCARD).start();
    String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    process.waitFor();
    Matcher m = FRAME.matcher(said);
    if (!m.find()) {
      throw new IOException("no frame came: " + said);
    }
    return Long.parseLong(m.group(1));
  }
}
