package bunting.core.ports;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.ports.PortLayout.Outlet;
import bunting.core.show.Controller;
import bunting.core.show.Pin;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/** A layout that differs in names and port numbers alone is the same plan. */
class LikenessTest {
  /** Ports 1 and 2 of this type share a fuse, and so do 3 and 4. */
  private static final String KIND = "box-4";

  private final Show show =
      Show.of(
          List.of(
              Run.of("a", "5v-strip-60", 10),
              Run.of("b", "5v-strip-60", 20),
              Run.of("c", "5v-strip-60", 30),
              Run.of("d", "5v-strip-60", 40),
              Run.of("e", "5v-strip-60", 50)));

  private List<Piece> chain(String... names) {
    List<Piece> chain = new ArrayList<>();
    for (String name : names) {
      Run run = show.run(name).orElseThrow();
      PixelType type = show.catalogue().pixelTypesById().get(run.type());
      chain.add(new Piece(run, type, 1, run.pixels()));
    }
    return chain;
  }

  private final PortLayout old =
      new PortLayout(
          List.of(new Controller("C1", KIND, 0, 0), new Controller("C2", KIND, 0, 0)),
          Map.of(
              new Outlet("C1", 1), chain("a"),
              new Outlet("C1", 2), chain("b"),
              new Outlet("C1", 3), chain("c"),
              new Outlet("C2", 1), chain("d", "e")),
          List.of());

  private static PortLayout renumbered(PortLayout from, UnaryOperator<Outlet> as) {
    Map<Outlet, List<Piece>> chains = new TreeMap<>();
    from.chains().forEach((port, chain) -> chains.put(as.apply(port), chain));
    return new PortLayout(from.controllers(), chains, from.unplaced());
  }

  @Test
  void controllersThatChangedNamesAreTheSame() {
    PortLayout found =
        renumbered(old, p -> new Outlet(p.controller().equals("C1") ? "C2" : "C1", p.port()));
    assertThat(Likeness.of(show, found, old)).isEqualTo(old);
  }

  @Test
  void portsThatChangedPlacesWithTheirFusesAreTheSame() {
    // 1 and 2 for 4 and 3: the pairs stay together.
    PortLayout found = renumbered(old, p -> new Outlet(p.controller(), 5 - p.port()));
    assertThat(Likeness.of(show, found, old)).isEqualTo(old);
  }

  @Test
  void portsOfDifferentFusesDoNotChangePlaces() {
    PortLayout found =
        new PortLayout(
            old.controllers(),
            Map.of(
                new Outlet("C1", 1), chain("a"),
                new Outlet("C1", 3), chain("b"),
                new Outlet("C1", 4), chain("c"),
                new Outlet("C2", 1), chain("d", "e")),
            List.of());
    PortLayout like = Likeness.of(show, found, old);
    assertThat(like.chains().get(new Outlet("C1", 3))).isEqualTo(chain("c"));
    assertThat(like.chains().get(new Outlet("C1", 4))).isEqualTo(chain("b"));
    assertThat(like.differences(old, Set.of(), show))
        .containsExactly(Set.of(new Outlet("C1", 2), new Outlet("C1", 4)));
  }

  @Test
  void aNewControllerHasANameThatNobodyHad() {
    PortLayout found =
        new PortLayout(
            List.of(new Controller("C1", KIND, 9, 9), new Controller("C2", KIND, 0, 0)),
            Map.of(new Outlet("C1", 1), chain("a"), new Outlet("C2", 1), chain("d", "e")),
            List.of());
    PortLayout like = Likeness.of(show, found, old);
    assertThat(like.controllers())
        .containsExactly(new Controller("C2", KIND, 0, 0), new Controller("C3", KIND, 9, 9));
  }

  @Test
  void aPinnedRunKeepsItsPort() {
    Show pinned =
        show.withControllers(old.controllers())
            .withRun(
                show.run("a").orElseThrow().withPin(Optional.of(new Pin("C1", OptionalInt.of(4)))));
    PortLayout found =
        new PortLayout(old.controllers(), Map.of(new Outlet("C1", 4), chain("a")), List.of());
    assertThat(Likeness.of(pinned, found, old).chains()).containsKey(new Outlet("C1", 4));
  }

  @Test
  void partsThatShareARunChangeTogether() {
    PortLayout found =
        new PortLayout(
            old.controllers(),
            Map.of(
                new Outlet("C1", 1), chain("b"),
                new Outlet("C1", 2), chain("a"),
                new Outlet("C1", 3), chain("c"),
                new Outlet("C2", 1), chain("d"),
                new Outlet("C2", 2), chain("e")),
            List.of());
    List<Set<Outlet>> parts = old.differences(found, Set.of(new Outlet("C1", 3)), show);
    assertThat(parts)
        .containsExactlyInAnyOrder(
            Set.of(new Outlet("C1", 1), new Outlet("C1", 2)),
            Set.of(new Outlet("C1", 3)),
            Set.of(new Outlet("C2", 1), new Outlet("C2", 2)));
    assertThat(old.with(parts.getFirst(), found, show).runs(Set.copyOf(old.chains().keySet())))
        .contains("a", "b");
  }
}
