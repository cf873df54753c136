package bunting.desktop;

import bunting.core.show.Show;
import bunting.files.BadInputException;
import bunting.files.ShowFiles;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** {@code snapshot --out DIR [--screen ID] [--show SHOW] [--size 1280x800]}. */
final class SnapshotCommand {
  private static final Pattern SIZE = Pattern.compile("(\\d{3,4})x(\\d{3,4})");

  private SnapshotCommand() {}

  static int run(List<String> args, PrintWriter out, PrintWriter err) {
    try {
      Optional<Path> folder = Optional.empty();
      Optional<Path> show = Optional.empty();
      List<Snapshots.Shot> shots = Snapshots.all();
      Matcher size = SIZE.matcher("1280x800");
      for (int i = 0; i < args.size(); i += 2) {
        if (i + 1 >= args.size()) {
          throw new BadInputException("Command line: " + args.get(i) + " wants a value behind it.");
        }
        String value = args.get(i + 1);
        switch (args.get(i)) {
          case "--out" -> folder = Optional.of(Path.of(value));
          case "--screen" -> shots = List.of(shot(value));
          case "--show" -> show = Optional.of(Path.of(value));
          case "--size" -> size = SIZE.matcher(value);
          default ->
              throw new BadInputException(
                  "Command line: snapshot takes --out DIR, --screen ID, --show SHOW and --size"
                      + " WIDTHxHEIGHT, nothing else.");
        }
      }
      if (!size.matches()) {
        throw new BadInputException(
            "Command line: --size should be WIDTHxHEIGHT in pixels, such as 1280x800.");
      }
      if (folder.isEmpty()) {
        throw new BadInputException(
            "Command line: snapshot wants --out DIR, the folder for the pictures.");
      }
      Show opened = show.isPresent() ? ShowFiles.open(show.get()) : DemoShow.read();
      Files.createDirectories(folder.get());
      Snapshots.write(
              opened,
              shots,
              folder.get(),
              Integer.parseInt(size.group(1)),
              Integer.parseInt(size.group(2)))
          .forEach(out::println);
      return 0;
    } catch (BadInputException e) {
      err.println(e.getMessage());
      return 2;
    } catch (IOException | UncheckedIOException e) {
      err.println("The pictures cannot be written; choose a folder that you may write to.");
      return 2;
    }
  }

  private static Snapshots.Shot shot(String id) throws BadInputException {
    return Snapshots.of(id)
        .orElseThrow(
            () ->
                new BadInputException(
                    "Command line: there is no screen "
                        + id
                        + "; there are "
                        + Snapshots.all().stream()
                            .map(Snapshots.Shot::name)
                            .collect(Collectors.joining(", "))
                        + "."));
  }
}
