package bunting.desktop.power;

import bunting.core.limits.Range;
import bunting.core.show.FuseSizes;
import bunting.core.show.InjectionSchool;
import bunting.core.show.PowerWays;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.desktop.kit.Form;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** How power is planned. */
final class WaysEditor {
  private final Session session;
  private final Show show;

  private WaysEditor(Session session, Show show) {
    this.session = session;
    this.show = show;
  }

  static void addTo(Form form, Session session, Show show) {
    new WaysEditor(session, show).fill(form, show.wiring().ways());
  }

  private void fill(Form form, PowerWays w) {
    form.heading("How power is planned");
    form.choice(
        "Way",
        "ways-school",
        List.of(InjectionSchool.values()),
        InjectionSchool::text,
        w.school(),
        now -> ways("Way of feeding: " + now.text() + ".", x -> x.with(now, x.everyPixels())));
    form.whole(
        "Step",
        "ways-every",
        w.everyPixels(),
        "px",
        Range.PIXELS,
        n -> ways("A step of " + n + " px.", x -> x.with(x.school(), n)));
    form.number(
        "Margin",
        "ways-margin",
        w.marginPercent(),
        "% of volts",
        Range.VOLTS_MARGIN,
        v -> ways("A margin of " + Texts.number(v) + " % of the volts.", x -> x.withMargin(v)));
    form.choice(
        "Fuses",
        "ways-fuses",
        List.of(FuseSizes.values()),
        FuseSizes::text,
        w.fuses(),
        now -> ways("Fuses: " + now.text() + ".", x -> x.withFuses(now)));
    headroom(form, w);
    form.alone(
        "ways-limiter",
        "controllers limit brightness",
        w.limiter(),
        on -> ways(on ? "Controllers limit." : "Fuses bear full white.", x -> x.withLimiter(on)));
    form.alone(
        "ways-ports",
        "boards' own outputs may feed",
        w.fromPorts(),
        on ->
            ways(
                "Feeds " + (on ? "also from ports." : "from the distribution."),
                x -> x.withPorts(on)));
    form.alone(
        "ways-sizes",
        "few sizes of wire",
        w.fewSizes(),
        on -> ways(on ? "Few sizes of wire." : "Every size of wire.", x -> x.withFewSizes(on)));
    form.alone(
        "ways-back-feed",
        "cables bear back-feed",
        w.protectBackFeed(),
        on ->
            ways(
                on ? "Each cable bears all fuses of its island." : "Back-feed is a note.",
                x -> x.withProtectBackFeed(on)));
  }

  /** A school of headroom. */
  private record Headroom(double percent, boolean nextSize) {
    String text() {
      return nextSize ? "next size up" : Texts.number(percent) + " % of rating";
    }
  }

  private void headroom(Form form, PowerWays w) {
    Headroom now =
        w.nextSizeUp()
            ? new Headroom(100, true)
            : new Headroom(show.settings().supplyLoadPercentMax(), false);
    List<Headroom> all =
        new ArrayList<>(
            List.of(new Headroom(75, false), new Headroom(80, false), new Headroom(100, true)));
    if (!all.contains(now)) {
      all.add(now);
    }
    form.choice("Headroom", "ways-headroom", all, Headroom::text, now, this::take);
  }

  private void take(Headroom chosen) {
    session.edit(
        "Headroom: " + chosen.text() + ".",
        s ->
            s.withSettings(s.settings().withSupplyLoad(chosen.percent()))
                .withWiring(s.wiring().with(s.wiring().ways().withNextSizeUp(chosen.nextSize()))));
  }

  private void ways(String what, UnaryOperator<PowerWays> change) {
    session.edit(what, s -> s.withWiring(s.wiring().with(change.apply(s.wiring().ways()))));
  }
}
