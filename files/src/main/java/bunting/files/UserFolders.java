package bunting.files;

import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;

/**
 * Where a user's own files go that he does not name himself, by each platform's convention (XDG
 * Base Directory Specification; Application Support and Caches; Local AppData).
 */
public final class UserFolders {
  private final Path state;
  private final Path cache;

  private UserFolders(Path state, Path cache) {
    this.state = state;
    this.cache = cache;
  }

  /** Those of the user who runs this. */
  public static UserFolders here() {
    return of(System.getenv(), System.getProperties());
  }

  /** Those that an environment and the system's properties tell. */
  static UserFolders of(Map<String, String> environment, Properties system) {
    Path home = Path.of(system.getProperty("user.home", "."));
    String os = system.getProperty("os.name", "").toLowerCase(Locale.ROOT);
    if (os.contains("mac")) {
      Path library = home.resolve("Library");
      return new UserFolders(
          library.resolve("Application Support/Bunting"), library.resolve("Caches/Bunting"));
    }
    if (os.contains("win")) {
      Path local =
          absolute(environment, "LOCALAPPDATA").orElse(home.resolve("AppData").resolve("Local"));
      return new UserFolders(local.resolve("Bunting"), local.resolve("Bunting").resolve("Cache"));
    }
    return new UserFolders(
        absolute(environment, "XDG_STATE_HOME")
            .orElse(home.resolve(".local/state"))
            .resolve("bunting"),
        absolute(environment, "XDG_CACHE_HOME").orElse(home.resolve(".cache")).resolve("bunting"));
  }

  /** The specification says that a relative path is to be left aside. */
  private static Optional<Path> absolute(Map<String, String> environment, String key) {
    return Optional.ofNullable(environment.get(key))
        .filter(v -> !v.isBlank())
        .map(Path::of)
        .filter(Path::isAbsolute);
  }

  /** What outlives the process and is nobody's document: logs, recovery files. */
  public Path state() {
    return state;
  }

  /** What can be made again. */
  public Path cache() {
    return cache;
  }
}
