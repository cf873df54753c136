package bunting.desktop.power;

import bunting.core.assess.FeedReading;
import bunting.core.assess.SegmentReading;
import bunting.core.plan.Posts;
import bunting.desktop.kit.Keys;
import bunting.desktop.picture.BuntingLine;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** The line by keyboard: from feed to feed, one moved, planted or pulled out. */
final class CordKeys {
  private static final int STRIDE = 10;

  private final CordView cord;
  private final PowerModel model;

  CordKeys(CordView cord, PowerModel model) {
    this.cord = cord;
    this.model = model;
  }

  void install() {
    new Keys()
        .on(KeyCode.N, () -> step(1))
        .on(KeyCode.P, () -> step(-1))
        .on(KeyCode.INSERT, this::plantInWidestGap)
        .on(KeyCode.DELETE, model.byHand()::pull)
        .on(KeyCode.BACK_SPACE, model.byHand()::pull)
        .on(
            KeyCode.ESCAPE,
            () -> {
              cord.forget();
              model.reset();
            })
        .install(cord);
    cord.addEventHandler(KeyEvent.KEY_PRESSED, this::nudge);
  }

  private List<BuntingLine.Post> posts() {
    return cord.placed().map(l -> l.line().posts()).orElse(List.of());
  }

  private void step(int by) {
    List<BuntingLine.Post> posts = posts();
    List<String> feeds = posts.stream().map(p -> p.feed().feed().id()).toList();
    if (!feeds.isEmpty()) {
      int now = model.feed().get().map(feeds::indexOf).orElse(-1);
      int next = now < 0 ? 0 : Math.floorMod(now + by, feeds.size());
      model.feed().set(Optional.of(feeds.get(next)));
    }
  }

  private void nudge(KeyEvent e) {
    boolean sideways = e.getCode() == KeyCode.LEFT || e.getCode() == KeyCode.RIGHT;
    if (sideways && !e.isShortcutDown() && !e.isAltDown() && cord.placed().isPresent()) {
      int stride = e.isShiftDown() ? STRIDE : 1;
      int by = e.getCode() == KeyCode.LEFT ? -stride : stride;
      model
          .feedReading()
          .filter(f -> !f.feed().viaPort() && f.feed().trunk().isEmpty())
          .ifPresent(f -> model.segmentOf(f.feed().id()).ifPresent(s -> nudge(f, s, by)));
      e.consume();
    }
  }

  private void nudge(FeedReading f, SegmentReading s, int by) {
    int to =
        Math.clamp(
            (long) f.feed().atPixel() + by, s.segment().firstPixel(), s.segment().lastPixel());
    model.carry(d -> Posts.moved(d, f.feed().id(), to));
    cord.decide(f.feed().id(), to);
  }

  /** Adds a feed where the next one is farthest. */
  void plantInWidestGap() {
    cord.placed().ifPresent(this::plantInWidestGap);
  }

  private void plantInWidestGap(CordLayout l) {
    List<BuntingLine.Span> spans = l.line().spans();
    List<BuntingLine.Post> posts = l.line().posts();
    double from = spans.getFirst().x1();
    double end = spans.getLast().x2();
    double best = 0;
    double at = (from + end) / 2;
    for (int i = 0; i <= posts.size(); i++) {
      double to = i < posts.size() ? posts.get(i).x() : end;
      if (to - from > best) {
        best = to - from;
        at = i == posts.size() ? to - 1 : (from + to) / 2;
      }
      from = to;
    }
    cord.plantAt(at);
  }
}
