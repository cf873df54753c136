package bunting.files;

import bunting.core.solve.SolverLibrary;
import com.sun.jna.Platform;
import java.io.IOException;
import java.io.InputStream;
import java.net.JarURLConnection;
import java.net.URL;
import java.nio.channels.FileChannel;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.Comparator;
import java.util.List;
import java.util.jar.JarEntry;
import java.util.jar.JarFile;
import java.util.stream.Stream;

/**
 * The solver's native library, unpacked once into the user's cache folder: some 58 MB, the same for
 * every process. It is unpacked beside its place and moved there whole; two that do so at once do
 * not disturb each other, and what a killed one left is swept.
 */
public final class UnpackedSolver implements SolverLibrary {
  private static final String LIBRARY = System.mapLibraryName("jniortools");

  private final Path cache;
  private final String resources;

  /** In the cache folder of the user who runs this. */
  public UnpackedSolver() {
    this(UserFolders.here().cache());
  }

  UnpackedSolver(Path cache) {
    this.cache = cache;
    this.resources = "ortools-" + Platform.RESOURCE_PREFIX;
  }

  @Override
  public String path() throws IOException {
    URL packed = UnpackedSolver.class.getClassLoader().getResource(resources + "/" + LIBRARY);
    if (packed == null) {
      throw new IOException("no " + resources + " is on the class path");
    }
    if (!(packed.openConnection() instanceof JarURLConnection connection)) {
      return Path.of(packed.getPath()).toAbsolutePath().toString();
    }
    connection.setUseCaches(false);
    try (JarFile jar = connection.getJarFile()) {
      String name = String.valueOf(Path.of(jar.getName()).getFileName()).replaceAll("\\.jar$", "");
      Path kept = cache.resolve("native").resolve(name);
      List<JarEntry> files =
          jar.stream()
              .filter(e -> e.getName().startsWith(resources + "/") && !e.isDirectory())
              .toList();
      if (!isWhole(kept, files)) {
        Files.createDirectories(kept.getParent());
        sweep(kept);
        unpack(jar, files, kept);
      }
      return kept.resolve(LIBRARY).toAbsolutePath().toString();
    }
  }

  private static String name(JarEntry entry) {
    return entry.getName().substring(entry.getName().lastIndexOf('/') + 1);
  }

  private static boolean isWhole(Path folder, List<JarEntry> files) throws IOException {
    for (JarEntry file : files) {
      Path path = folder.resolve(name(file));
      if (!Files.isRegularFile(path) || Files.size(path) != file.getSize()) {
        return false;
      }
    }
    return true;
  }

  private static void unpack(JarFile jar, List<JarEntry> files, Path kept) throws IOException {
    Path draft = kept.resolveSibling(draftPrefix(kept) + ProcessHandle.current().pid());
    try {
      remove(draft);
      Files.createDirectory(draft);
      for (JarEntry file : files) {
        Path path = draft.resolve(name(file));
        try (InputStream in = jar.getInputStream(file)) {
          Files.copy(in, path);
        }
        try (FileChannel channel = FileChannel.open(path, StandardOpenOption.WRITE)) {
          channel.force(true);
        }
      }
      takePlace(draft, kept, files);
    } finally {
      remove(draft);
    }
  }

  /** Somebody else may have been quicker: then his is as good. A damaged one makes room. */
  private static void takePlace(Path draft, Path kept, List<JarEntry> files) throws IOException {
    try {
      Files.move(draft, kept, StandardCopyOption.ATOMIC_MOVE);
    } catch (FileAlreadyExistsException | java.nio.file.DirectoryNotEmptyException e) {
      if (!isWhole(kept, files)) {
        remove(kept);
        Files.move(draft, kept, StandardCopyOption.ATOMIC_MOVE);
      }
    }
  }

  private static String draftPrefix(Path kept) {
    return "." + kept.getFileName() + "-";
  }

  private static void sweep(Path kept) throws IOException {
    String prefix = draftPrefix(kept);
    try (Stream<Path> all = Files.list(kept.getParent())) {
      for (Path path : (Iterable<Path>) all::iterator) {
        String name = String.valueOf(path.getFileName());
        String process = name.startsWith(prefix) ? name.substring(prefix.length()) : "";
        if (process.matches("\\d{1,18}") && ProcessHandle.of(Long.parseLong(process)).isEmpty()) {
          remove(path);
        }
      }
    }
  }

  private static void remove(Path folder) throws IOException {
    if (!Files.exists(folder)) {
      return;
    }
    try (Stream<Path> all = Files.walk(folder)) {
      for (Path path : all.sorted(Comparator.reverseOrder()).toList()) {
        Files.deleteIfExists(path);
      }
    }
  }
}
