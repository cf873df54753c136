package bunting.desktop.power;

import bunting.core.limits.Range;
import bunting.core.show.Conductors;
import bunting.core.show.Show;
import bunting.core.show.Wire;
import bunting.core.units.Lengths;
import bunting.desktop.kit.Form;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** What is known of copper and joints. */
final class CopperEditor {
  private static final int INPUT_WIRES_MAX = 4;

  private final Session session;

  private CopperEditor(Session session) {
    this.session = session;
  }

  static void addTo(Form form, Session session, Show show) {
    new CopperEditor(session).fill(form, show, show.wiring().conductors());
  }

  private void fill(Form form, Show show, Conductors c) {
    form.heading("Copper and joints");
    form.number(
        "Copper at",
        "copper-celsius",
        c.celsius(),
        "°C",
        Range.CELSIUS,
        v ->
            copper(
                k ->
                    k.with(
                        v,
                        k.fuseMilliohms(),
                        k.connectorMilliohms(),
                        k.boardMilliohms(),
                        k.inputM())));
    form.number(
        "Fuse",
        "copper-fuse",
        c.fuseMilliohms(),
        "mΩ",
        Range.MILLIOHMS,
        v ->
            copper(
                k ->
                    k.with(
                        k.celsius(), v, k.connectorMilliohms(), k.boardMilliohms(), k.inputM())));
    form.number(
        "Contact",
        "copper-contact",
        c.connectorMilliohms(),
        "mΩ each",
        Range.MILLIOHMS,
        v ->
            copper(k -> k.with(k.celsius(), k.fuseMilliohms(), v, k.boardMilliohms(), k.inputM())));
    form.number(
        "Board path",
        "copper-board",
        c.boardMilliohms(),
        "mΩ",
        Range.MILLIOHMS,
        v ->
            copper(
                k ->
                    k.with(k.celsius(), k.fuseMilliohms(), k.connectorMilliohms(), v, k.inputM())));
    form.choice(
        "Jumpers",
        "copper-jumper",
        jumpers(show, c.jumper()),
        Wire::id,
        c.jumper(),
        w -> copper(k -> k.withJumper(w)));
    form.choice(
        "Board input",
        "copper-input",
        inputs(show),
        Input::text,
        new Input(c.inputWires(), c.inputWire()),
        now -> copper(k -> k.withInput(now.wires(), now.size())));
    form.length(
        "of length",
        "copper-input-m",
        c.inputM(),
        Lengths.of(show),
        Range.INPUT_LENGTH,
        v ->
            copper(
                k ->
                    k.with(
                        k.celsius(),
                        k.fuseMilliohms(),
                        k.connectorMilliohms(),
                        k.boardMilliohms(),
                        v)));
    form.alone(
        "copper-brain",
        "boards on the pixels' supply",
        c.brainOnBank(),
        on -> copper(k -> k.withBrainOnBank(on)));
    form.words(
        "We cut V+ between supplies and join ground and data. Some join V+ of similar supplies;"
            + " we do not plan that: unequal ones push current into each other, and a failed"
            + " one is fed through a fuse sized for something else.");
  }

  /** So many wires of a size. */
  private record Input(int wires, Optional<String> size) {
    String text() {
      return size.map(s -> wires + " x " + s).orElse("planned");
    }
  }

  private static List<Wire> jumpers(Show show, Wire now) {
    List<Wire> all = new ArrayList<>(show.catalogue().wires());
    all.removeIf(w -> w.fuseAmpsMax() == 0);
    if (!all.contains(now)) {
      all.addFirst(now);
    }
    return all;
  }

  private static List<Input> inputs(Show show) {
    List<Input> all = new ArrayList<>(List.of(new Input(1, Optional.empty())));
    for (Wire wire : show.catalogue().wires()) {
      for (int n = 1; n <= INPUT_WIRES_MAX; n++) {
        all.add(new Input(n, Optional.of(wire.id())));
      }
    }
    return all;
  }

  private void copper(UnaryOperator<Conductors> change) {
    session.edit(
        "What is known of copper and joints.",
        s -> s.withWiring(s.wiring().with(change.apply(s.wiring().conductors()))));
  }
}
