package bunting.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileAttribute;
import java.nio.file.attribute.GroupPrincipal;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFileAttributes;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.nio.file.attribute.UserPrincipal;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/**
 * Who may read and write a file, and whose it is. A file is created with its rights, so that what
 * is private is private from its first byte. Where a system has no such rights, nothing is done.
 */
public final class FileRights {
  /** By the umask, and of whoever runs this. */
  static final FileRights USUAL = new FileRights(Optional.empty(), Optional.empty());

  /** For its owner alone. */
  static final FileRights PRIVATE =
      new FileRights(Optional.of(PosixFilePermissions.fromString("rw-------")), Optional.empty());

  private static final Set<PosixFilePermission> PRIVATE_FOLDER =
      PosixFilePermissions.fromString("rwx------");

  private record Owner(UserPrincipal user, GroupPrincipal group) {}

  private final Optional<Set<PosixFilePermission>> mode;
  private final Optional<Owner> owner;

  private FileRights(Optional<Set<PosixFilePermission>> mode, Optional<Owner> owner) {
    this.mode = mode;
    this.owner = owner;
  }

  /** Returns those of a file; the usual ones where there is none. */
  static FileRights of(Path file) throws IOException {
    if (!Files.exists(file)) {
      return USUAL;
    }
    try {
      PosixFileAttributes a = Files.readAttributes(file, PosixFileAttributes.class);
      return new FileRights(
          Optional.of(a.permissions()), Optional.of(new Owner(a.owner(), a.group())));
    } catch (UnsupportedOperationException e) {
      return USUAL;
    }
  }

  /** Returns what a file beside this one gets: its mode, writable for the owner. */
  public static FileRights like(Path file) {
    try {
      FileRights there = of(file);
      if (there.mode.isEmpty()) {
        return USUAL;
      }
      Set<PosixFilePermission> mode = EnumSet.copyOf(there.mode.get());
      mode.add(PosixFilePermission.OWNER_WRITE);
      return new FileRights(Optional.of(mode), Optional.empty());
    } catch (IOException e) {
      return PRIVATE;
    }
  }

  /** Returns the attributes to create a file with; the umask can only take away from them. */
  public FileAttribute<?>[] atCreation() {
    return mode.isPresent() && isPosix()
        ? new FileAttribute<?>[] {PosixFilePermissions.asFileAttribute(mode.get())}
        : new FileAttribute<?>[0];
  }

  /** Gives a file its owner, where that may be done, and its mode. */
  void applyTo(Path file) throws IOException {
    if (mode.isEmpty() || !isPosix()) {
      return;
    }
    if (owner.isPresent()) {
      handTo(file, owner.get());
    }
    Files.setPosixFilePermissions(file, mode.get());
  }

  /** Only the system's master may give files away; everybody else keeps his own. */
  private static void handTo(Path file, Owner owner) throws IOException {
    var view = Files.getFileAttributeView(file, PosixFileAttributeView.class);
    PosixFileAttributes now = view.readAttributes();
    try {
      if (!now.group().equals(owner.group())) {
        view.setGroup(owner.group());
      }
      if (!now.owner().equals(owner.user())) {
        view.setOwner(owner.user());
      }
    } catch (IOException e) {
      return;
    }
  }

  private static boolean isPosix() {
    return Path.of("").getFileSystem().supportedFileAttributeViews().contains("posix");
  }

  /**
   * Makes a folder of the user's own, and those above it that are missing, for him alone; one that
   * is his and stood open to others is closed.
   */
  public static void makePrivate(Path folder) throws IOException {
    if (!isPosix()) {
      Files.createDirectories(folder);
      return;
    }
    Files.createDirectories(folder, PosixFilePermissions.asFileAttribute(PRIVATE_FOLDER));
    if (!Files.getPosixFilePermissions(folder).equals(PRIVATE_FOLDER) && Files.isWritable(folder)) {
      try {
        Files.setPosixFilePermissions(folder, PRIVATE_FOLDER);
      } catch (IOException e) {
        // It is somebody else's: what is written there is private all the same.
        return;
      }
    }
  }
}
