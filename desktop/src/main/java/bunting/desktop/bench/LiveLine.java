package bunting.desktop.bench;

import bunting.core.assess.PortReading;
import bunting.core.assess.SegmentReading;
import bunting.core.dc.VoltProfile;
import bunting.core.faults.Layout;
import bunting.core.faults.Live;
import bunting.core.show.Texts;
import bunting.desktop.look.Fonts;
import bunting.desktop.look.Palette;
import bunting.desktop.picture.BuntingLine;
import bunting.desktop.picture.BuntingPainter;
import bunting.desktop.session.Selection;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.text.TextAlignment;

/** The line at hand with the volts that it has now, its cloth in the colours that arrive. */
final class LiveLine extends Region {
  static final double HEIGHT = 150;
  private static final double LEFT = 50;
  private static final double RIGHT = 16;
  private static final double JOINT = 12;
  private static final double TOP = 16;
  private static final double FLOOR = 34;
  private static final double CLOTH = 22;
  private static final double PENNANT = 11;
  private static final double BELOW_SHARE = 0.55;

  private final BenchModel model;
  private final ObservableValue<Optional<Live.Frame>> frame;
  private final LiveElevation.Pointed pointed;
  private final Canvas canvas = new Canvas();
  private Optional<BuntingLine> line = Optional.empty();
  private Optional<LiveElevation.Mark> mark = Optional.empty();

  LiveLine(
      BenchModel model,
      ObservableValue<Optional<Live.Frame>> frame,
      LiveElevation.Pointed pointed) {
    this.model = model;
    this.frame = frame;
    this.pointed = pointed;
    setId("live-line");
    setAccessibleText("The line at hand, as it is now. A click measures there.");
    setMinHeight(HEIGHT);
    setPrefHeight(HEIGHT);
    getChildren().add(canvas);
    frame.addListener(o -> paint());
    model.rig().addListener(o -> paint());
    model.session().selection().addListener(o -> paint());
    setOnMouseClicked(e -> pick(e.getX()));
  }

  /** Marks pixels, or none. */
  void mark(Optional<LiveElevation.Mark> pixels) {
    mark = pixels;
    paint();
  }

  @Override
  protected void layoutChildren() {
    canvas.setWidth(getWidth());
    canvas.setHeight(getHeight());
    paint();
  }

  private void pick(double x) {
    line.ifPresent(
        l -> {
          BuntingLine.Span at = l.spans().getFirst();
          for (BuntingLine.Span s : l.spans()) {
            at = x >= s.x1() ? s : at;
          }
          String run = at.segment().run().name();
          model.session().selection().set(new Selection.OfRun(run));
          pointed.at(run, at.pixelAt(Math.min(x, at.x2() - 0.01)));
        });
  }

  private void paint() {
    GraphicsContext g = canvas.getGraphicsContext2D();
    Palette p = Palette.NIGHT;
    g.clearRect(0, 0, getWidth(), getHeight());
    g.setFill(LiveElevation.DUSK);
    g.fillRoundRect(0, 0, getWidth(), getHeight(), 10, 10);
    line = Optional.empty();
    Optional<Rig> rig = model.rig().get();
    Optional<Layout.Chain> chain = model.hand().chain();
    if (rig.isPresent() && chain.isPresent() && getWidth() > LEFT + RIGHT) {
      paint(g, p, rig.get(), chain.get());
    }
  }

  private void paint(GraphicsContext g, Palette p, Rig rig, Layout.Chain chain) {
    Optional<Live.Frame> live = frame.getValue().filter(f -> f.rgb().length > chain.index());
    double[] volts = live.map(f -> f.volts()[chain.index()]).orElseGet(() -> planned(chain));
    PortReading port = rig.reading().port(chain.controller(), chain.port()).orElseThrow();
    double nominal = chain.segments().getFirst().type().volts();
    double most = Math.max(nominal, Arrays.stream(volts).max().orElse(nominal));
    double low = BELOW_SHARE * nominal;
    double floor = getHeight() - FLOOR;
    int gaps = chain.segments().size() - 1;
    double each = (getWidth() - LEFT - RIGHT - gaps * JOINT) / Math.max(1, chain.pixels());
    BuntingLine.Volts down =
        (v, of) -> TOP + (most - Math.max(v, low)) / (most - low) * (floor - TOP);
    int[] rgb = live.map(f -> f.rgb()[chain.index()]).orElse(new int[0]);
    BuntingLine bunting =
        new BuntingLine(
            rig.reading(),
            with(port, chain, volts),
            new BuntingLine.Scale(LEFT, each, JOINT, PENNANT, down),
            (s, from, to) -> dye(chain, s, from, to, rgb));
    for (double share : new double[] {1, 0.85, 0.6}) {
      double y = Math.round(down.y(share * nominal, nominal)) + 0.5;
      g.setStroke(p.line());
      g.setLineWidth(1);
      g.strokeLine(LEFT - 4, y, getWidth() - RIGHT, y);
      text(g, p, Texts.fixed(share * nominal, 1) + " V", LEFT - 8, y + 4, TextAlignment.RIGHT);
    }
    BuntingPainter painter = new BuntingPainter(g, p, 0, 0);
    painter.pennants(bunting, CLOTH);
    painter.cords(bunting, 2);
    for (BuntingLine.Post post : bunting.posts()) {
      g.setStroke(p.power());
      g.setLineWidth(2.4);
      g.strokeLine(post.x(), post.y(), post.x(), getHeight() - 18);
    }
    for (BuntingLine.Span span : bunting.spans()) {
      var s = span.segment().segment();
      String name = span.segment().run().name() + "  " + s.firstPixel() + "–" + s.lastPixel();
      boolean room = Fonts.width(name, Fonts.plain(Fonts.SMALL)) < span.x2() - span.x1();
      text(g, p, room ? name : "", span.x1(), getHeight() - 5, TextAlignment.LEFT);
    }
    mark.ifPresent(m -> bunting.spans().forEach(s -> marked(g, s, m)));
    line = Optional.of(bunting);
  }

  /** A bracket over the pixels that are marked, as far as they are on this line. */
  private void marked(GraphicsContext g, BuntingLine.Span span, LiveElevation.Mark m) {
    var s = span.segment().segment();
    int first = Math.max(m.first(), s.firstPixel());
    int last = Math.min(m.last(), s.lastPixel());
    if (!s.run().equals(m.run()) || first > last) {
      return;
    }
    double left = span.xOf(first) - 3;
    double right = span.xOf(last) + 3;
    g.setStroke(LiveSigns.MARK);
    g.setLineWidth(2);
    g.strokePolyline(
        new double[] {left, left, right, right},
        new double[] {TOP + 4, TOP - 6, TOP - 6, TOP + 4},
        4);
  }

  private static double[] planned(Layout.Chain chain) {
    double[] volts = new double[chain.pixels()];
    for (int s = 0; s < chain.segments().size(); s++) {
      VoltProfile own = chain.segments().get(s).volts();
      for (int i = 0; i < own.size(); i++) {
        volts[chain.starts().get(s) + i] = own.at(i);
      }
    }
    return volts;
  }

  /** The port with the volts that it has now. */
  private static PortReading with(PortReading port, Layout.Chain chain, double[] volts) {
    List<SegmentReading> segments = new ArrayList<>();
    for (int s = 0; s < chain.segments().size(); s++) {
      SegmentReading own = chain.segments().get(s);
      int from = chain.starts().get(s);
      double[] part = Arrays.copyOfRange(volts, from, from + own.segment().pixels());
      segments.add(
          new SegmentReading(
              own.segment(),
              own.run(),
              own.type(),
              own.leadM(),
              own.slots(),
              VoltProfile.of(part),
              own.stands(),
              own.help()));
    }
    return new PortReading(
        port.box(),
        port.type(),
        port.port(),
        segments,
        port.pixels(),
        port.micros(),
        port.refreshHz(),
        port.amps());
  }

  /** Cloth is of the colour of its brightest pixel: a chase is one pixel and must be seen. */
  private int dye(Layout.Chain chain, SegmentReading s, int from, int to, int[] rgb) {
    int start = 0;
    for (int k = 0; k < chain.segments().size(); k++) {
      if (chain.segments().get(k).segment().id().equals(s.segment().id())) {
        start = chain.starts().get(k);
      }
    }
    int best = 0;
    for (int i = start + from; i < Math.min(start + to, rgb.length); i++) {
      best = light(rgb[i]) > light(best) ? rgb[i] : best;
    }
    return best == 0 ? 0x3D4A54 : best;
  }

  private static int light(int rgb) {
    return (rgb >> 16 & 0xff) * 3 + (rgb >> 8 & 0xff) * 6 + (rgb & 0xff);
  }

  private static void text(
      GraphicsContext g, Palette p, String text, double x, double y, TextAlignment align) {
    g.setFont(Fonts.plain(Fonts.SMALL));
    g.setFill(p.soft());
    g.setTextAlign(align);
    g.fillText(text, x, y);
  }
}
