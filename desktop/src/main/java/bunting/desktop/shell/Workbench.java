package bunting.desktop.shell;

import bunting.core.checks.Finding;
import bunting.core.show.Planning;
import bunting.desktop.inspect.Inspector;
import bunting.desktop.look.Palette;
import bunting.desktop.session.Preferences;
import bunting.desktop.session.Session;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import javafx.beans.value.ObservableValue;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/**
 * The middle of the window: the rail of steps, the screen at hand with the findings under it, and
 * its side. Views are made when they are first looked at.
 */
final class Workbench extends BorderPane implements Desk {
  private static final double DRAWER_HEIGHT = 268;

  private final Session session;
  private final ObservableValue<Palette> palette;
  private final Asker asker;
  private final Preferences preferences;
  private final List<ScreenDefinition<?>> screens;
  private final Region start;
  private final Rail rail;
  private final VBox work = new VBox();
  private final VBox side = new VBox();
  private final FindingsDrawer drawer;
  private final List<Command> additions = new ArrayList<>();
  private final Map<String, ScreenView> views = new HashMap<>();
  private Optional<Inspector> inspector = Optional.empty();
  private ScreenDefinition<?> screen;
  private ScreenDefinition<?> before;

  /**
   * @param screens all there are, in the order of the work; {@code first} is one of them
   * @param start what stands there while no show is open
   */
  Workbench(
      Session session,
      ObservableValue<Palette> palette,
      Asker asker,
      Preferences preferences,
      List<ScreenDefinition<?>> screens,
      ScreenDefinition<?> first,
      Region start) {
    this.session = session;
    this.palette = palette;
    this.asker = asker;
    this.preferences = preferences;
    this.screens = List.copyOf(screens);
    this.start = start;
    this.screen = first;
    this.before = first;
    rail = new Rail(screens, this::show);
    drawer = new FindingsDrawer(session, this::toggleFindings);
    drawer.setMinHeight(DRAWER_HEIGHT);
    drawer.setMaxHeight(DRAWER_HEIGHT);
    shown(drawer, false);
    session.document().show().addListener(o -> arrange());
    session.opened().addListener(o -> back());
    arrange();
  }

  @Override
  public Session session() {
    return session;
  }

  @Override
  public ObservableValue<Palette> palette() {
    return palette;
  }

  @Override
  public Asker asker() {
    return asker;
  }

  /** What the palette finds on the screens. */
  List<ScreenDefinition.Found> finds() {
    return screens.stream()
        .flatMap(s -> s.finds().stream())
        .flatMap(f -> f.apply(this).stream())
        .toList();
  }

  @Override
  public Preferences preferences() {
    return preferences;
  }

  @Override
  @SuppressWarnings("unchecked") // only its own maker puts a view behind a definition
  public <V extends ScreenView> V view(ScreenDefinition<V> of) {
    V view = (V) views.get(of.id());
    if (view == null) {
      view = of.make().apply(this);
      views.put(of.id(), view);
    }
    return view;
  }

  @Override
  public <V extends ScreenView> V go(ScreenDefinition<V> to) {
    V view = view(to);
    show(to);
    return view;
  }

  @Override
  public void back() {
    if (screen.step().isEmpty()) {
      show(before);
    }
  }

  /** All screens. */
  List<ScreenDefinition<?>> screens() {
    return screens;
  }

  private void show(ScreenDefinition<?> to) {
    if (screen.step().isPresent()) {
      before = screen;
    }
    screen = to;
    arrange();
    takeKeyboard();
  }

  void takeKeyboard() {
    if (isOpen()) {
      view(screen).takeKeyboard();
    }
  }

  private boolean isOpen() {
    return session.show().isPresent() || (screen.step().isEmpty() && view(screen).standsAlone());
  }

  private void arrange() {
    boolean open = isOpen();
    setCenter(open ? work : start);
    setLeft(session.show().isPresent() ? rail : null);
    if (!open) {
      setRight(null);
      return;
    }
    ScreenView view = view(screen);
    rail.show(screen, view.rail());
    Region middle = view.middle();
    VBox.setVgrow(middle, Priority.ALWAYS);
    List<Region> stack = screen.step().isPresent() ? List.of(middle, drawer) : List.of(middle);
    if (!work.getChildren().equals(stack)) {
      work.getChildren().setAll(stack);
    }
    List<Region> right = view.side(inspector());
    setRight(right.isEmpty() ? null : side);
    if (!right.isEmpty()) {
      VBox.setVgrow(right.getLast(), Priority.ALWAYS);
    }
    if (!side.getChildren().equals(right)) {
      side.getChildren().setAll(right);
    }
  }

  private Inspector inspector() {
    Inspector there = inspector.orElseGet(() -> new Inspector(session));
    inspector = Optional.of(there);
    return there;
  }

  /** Puts the keyboard into the inspector, on a screen that has it. */
  void focusInspector() {
    showInspector();
    inspector().focusFirst();
  }

  private void showInspector() {
    if (!side.getChildren().contains(inspector()) || getRight() == null) {
      show(
          screens.stream()
              .filter(s -> view(s).side(inspector()).contains(inspector()))
              .findFirst()
              .orElse(screen));
    }
  }

  /** Opens or closes the drawer of findings. */
  void toggleFindings() {
    shown(drawer, !drawer.isVisible());
  }

  void chooseFinding(Predicate<Finding> which) {
    drawer.choose(which);
  }

  /** Whether a view works something out, or better places are searched for. */
  boolean busy() {
    return views.values().stream().anyMatch(ScreenView::busy)
        || !session.searching().get().isEmpty();
  }

  /** The window is closed. */
  void leave() {
    views.values().forEach(ScreenView::leave);
  }

  /** Stops what takes long, with the best so far. */
  void stop() {
    session.stopSearching();
    views.values().forEach(ScreenView::stop);
  }

  /** Gives a file to the first screen that takes such; whether one does. */
  boolean take(Path file) {
    String name = file.toString().toLowerCase(Locale.ROOT);
    Optional<ScreenDefinition.Drop> taker =
        screens.stream()
            .flatMap(s -> s.drops().stream())
            .filter(d -> d.names().matcher(name).matches())
            .findFirst();
    taker.ifPresent(d -> d.take().accept(this, file));
    return taker.isPresent();
  }

  /** What the screens add to the menus; made once, since each command listens to the session. */
  List<Command> additions() {
    if (additions.isEmpty()) {
      for (ScreenDefinition<?> s : screens) {
        s.commands().forEach(more -> additions.addAll(more.apply(this)));
      }
      additions.add(owning("add-supply", "Add supply", Planning.Shelf.SUPPLIES));
      additions.add(owning("add-pwm-board", "Add PWM board", Planning.Shelf.PWM_BOARDS));
    }
    return additions;
  }

  private Command owning(String id, String text, Planning.Shelf kind) {
    return Command.of(
        id,
        new Command.Place(Command.Menu.ADD, "power"),
        text,
        Command.whileOpen(session),
        () -> {
          showInspector();
          inspector().add(kind);
        });
  }

  @Override
  public List<Command> commands(Command.Menu menu) {
    return additions().stream().filter(c -> c.place().menu() == menu).toList();
  }

  private static void shown(Region part, boolean show) {
    part.setVisible(show);
    part.setManaged(show);
  }
}
