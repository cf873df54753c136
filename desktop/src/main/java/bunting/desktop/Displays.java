package bunting.desktop;

import java.lang.foreign.Arena;
import java.lang.foreign.FunctionDescriptor;
import java.lang.foreign.Linker;
import java.lang.foreign.MemorySegment;
import java.lang.foreign.SymbolLookup;
import java.lang.foreign.ValueLayout;
import java.lang.invoke.MethodHandle;
import java.util.Map;
import java.util.Optional;

/**
 * Whether a window can be opened, found out before the toolkit is asked: it answers a missing
 * library or a display that is gone with a stack trace.
 */
final class Displays {
  private static final String GTK = "libgtk-3.so.0";
  private static final String X11 = "libX11.so.6";
  private static final String XTST = "libXtst.so.6";

  private Displays() {}

  /** Whether there is a display at all. Off Linux there always is one. */
  static boolean any(Map<String, String> environment, String os) {
    return !isLinux(os) || has(environment, "DISPLAY") || has(environment, "WAYLAND_DISPLAY");
  }

  private static boolean isLinux(String os) {
    return os.startsWith("Linux");
  }

  private static boolean has(Map<String, String> environment, String key) {
    return !environment.getOrDefault(key, "").isEmpty();
  }

  /** Why no window can be opened on the display that is named, and what to install or do. */
  static Optional<String> problem(Map<String, String> environment, String os) {
    if (!isLinux(os)) {
      return Optional.empty();
    }
    for (String library : new String[] {GTK, X11, XTST}) {
      if (!loads(library)) {
        return Optional.of(missing(library));
      }
    }
    if (!has(environment, "DISPLAY")) {
      return Optional.of(
          "The window needs an X display, and DISPLAY is not set: install and start Xwayland, or"
              + " use ./bunting --help for what needs no window.");
    }
    return opens()
        ? Optional.empty()
        : Optional.of(
            "The display that DISPLAY names cannot be reached: set it to one that runs (or install"
                + " xvfb and start one), or unset it for what needs no window.");
  }

  private static String missing(String library) {
    String install =
        library.equals(GTK)
            ? "GTK 3: install libgtk-3-0 (Debian, Ubuntu) or gtk3 (Fedora, Arch)"
            : library.equals(X11)
                ? "Xlib: install libx11-6 (Debian, Ubuntu) or libX11 (Fedora)"
                : "the XTEST library: install libxtst6 (Debian, Ubuntu) or libXtst (Fedora)";
    return "The window needs "
        + install
        + "; "
        + library
        + " does not load, and what needs no window works without it.";
  }

  @SuppressWarnings("restricted")
  private static boolean loads(String library) {
    try (Arena arena = Arena.ofConfined()) {
      SymbolLookup.libraryLookup(library, arena);
      return true;
    } catch (IllegalArgumentException e) {
      return false;
    }
  }

  /** XOpenDisplay answers null where it reaches nobody. */
  @SuppressWarnings("restricted")
  private static boolean opens() {
    try (Arena arena = Arena.ofConfined()) {
      SymbolLookup x11 = SymbolLookup.libraryLookup(X11, arena);
      Linker linker = Linker.nativeLinker();
      MethodHandle open =
          linker.downcallHandle(
              x11.find("XOpenDisplay").orElseThrow(),
              FunctionDescriptor.of(ValueLayout.ADDRESS, ValueLayout.ADDRESS));
      MethodHandle close =
          linker.downcallHandle(
              x11.find("XCloseDisplay").orElseThrow(),
              FunctionDescriptor.of(ValueLayout.JAVA_INT, ValueLayout.ADDRESS));
      MemorySegment display = (MemorySegment) open.invokeExact(MemorySegment.NULL);
      if (display.equals(MemorySegment.NULL)) {
        return false;
      }
      int unused = (int) close.invokeExact(display);
      return true;
    } catch (Throwable e) {
      // It could not be asked: then the toolkit is.
      return true;
    }
  }
}
