package bunting.desktop.shell;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Function;
import java.util.regex.Pattern;
import javafx.scene.input.KeyCombination;

/**
 * A screen: all that the shell knows of it, in one place. The rail, the menus, the palette, the
 * keys and the pictures follow from the list of these.
 *
 * @param id its name for style, tests and pictures
 * @param step the step of the work it belongs to; empty: it is reached by a command of its own
 * @param title as the rail has it
 * @param keys goes there
 * @param command as the menu and the palette have it
 * @param make makes its view, when it is first needed
 * @param commands what it adds to the menus
 * @param pictures what is taken of it for the handbook; the first is the screen as such
 * @param drops files that it takes when they are dropped on the window
 * @param finds what the palette finds on it by name
 */
public record ScreenDefinition<V extends ScreenView>(
    String id,
    Optional<String> step,
    String title,
    Optional<KeyCombination> keys,
    String command,
    Function<Desk, V> make,
    List<Function<Desk, List<Command>>> commands,
    List<Picture<V>> pictures,
    List<Drop> drops,
    List<Function<Desk, List<Found>>> finds) {

  /**
   * Something that the palette finds.
   *
   * @param hint what kind of thing it is
   */
  public record Found(String text, String hint, Runnable go) {}

  /**
   * A picture of a screen.
   *
   * @param name of the file, without its ending
   * @param night whether it is taken in the dark
   * @param pose brings the demo show and the view into the state to be seen
   */
  public record Picture<V>(String name, boolean night, BiConsumer<Desk, V> pose) {}

  /**
   * Files that are dropped on the window.
   *
   * @param names what their names look like, in small letters
   */
  public record Drop(Pattern names, BiConsumer<Desk, Path> take) {}

  /** A screen of a step of the work. */
  public static <V extends ScreenView> ScreenDefinition<V> of(
      String id, String step, String title, Function<Desk, V> make) {
    return new ScreenDefinition<>(
        id,
        Optional.of(step),
        title,
        Optional.empty(),
        "Go to " + title,
        make,
        List.of(),
        List.of(),
        List.of(),
        List.of());
  }

  /** A screen that only a command leads to. */
  public static <V extends ScreenView> ScreenDefinition<V> aside(
      String id, String title, Function<Desk, V> make) {
    return new ScreenDefinition<>(
        id,
        Optional.empty(),
        title,
        Optional.empty(),
        title,
        make,
        List.of(),
        List.of(),
        List.of(),
        List.of());
  }

  /** The same, reached by keys and by a command of these words. */
  public ScreenDefinition<V> reachedBy(String combination, String words) {
    return new ScreenDefinition<>(
        id,
        step,
        title,
        Optional.of(KeyCombination.keyCombination(combination)),
        words,
        make,
        commands,
        pictures,
        drops,
        finds);
  }

  /** The same with what it adds to the menus. */
  public ScreenDefinition<V> adding(Function<Desk, List<Command>> more) {
    List<Function<Desk, List<Command>>> all = new ArrayList<>(commands);
    all.add(more);
    return new ScreenDefinition<>(
        id, step, title, keys, command, make, List.copyOf(all), pictures, drops, finds);
  }

  /** The same with one picture more, by day. */
  public ScreenDefinition<V> pictured(String name, BiConsumer<Desk, V> pose) {
    return pictured(new Picture<>(name, false, pose));
  }

  /** The same with one picture more, by night. */
  public ScreenDefinition<V> picturedByNight(String name, BiConsumer<Desk, V> pose) {
    return pictured(new Picture<>(name, true, pose));
  }

  private ScreenDefinition<V> pictured(Picture<V> picture) {
    List<Picture<V>> all = new ArrayList<>(pictures);
    all.add(picture);
    return new ScreenDefinition<>(
        id, step, title, keys, command, make, commands, List.copyOf(all), drops, finds);
  }

  /** The same, taking files of such names. */
  public ScreenDefinition<V> dropping(String names, BiConsumer<Desk, Path> take) {
    List<Drop> all = new ArrayList<>(drops);
    all.add(new Drop(Pattern.compile(names), take));
    return new ScreenDefinition<>(
        id, step, title, keys, command, make, commands, pictures, List.copyOf(all), finds);
  }

  /** The same with things that the palette finds on it. */
  public ScreenDefinition<V> finding(Function<Desk, List<Found>> more) {
    List<Function<Desk, List<Found>>> all = new ArrayList<>(finds);
    all.add(more);
    return new ScreenDefinition<>(
        id, step, title, keys, command, make, commands, pictures, drops, List.copyOf(all));
  }
}
