package bunting.core.season;

import bunting.core.show.Network;
import bunting.core.show.Show;
import bunting.core.show.Survey;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A room, a house or a park with its measures, kept for another show: the picture under the
 * elevation and its scale, outlets, network points and notes, circuits and the rules of the place,
 * where boxes can stand, whose network it is, when it gets dark; the builder's catalogue, prices
 * and plugs. Nothing that hangs there.
 */
public final class Place {
  private Place() {}

  /** A show with nothing in it yet, at the place of another. */
  public static Show of(Show there, String name) {
    Network n = there.network();
    Network bare =
        new Network(
            n.base(),
            n.firstHost(),
            n.sender(),
            n.multicast(),
            n.switchUniverses(),
            n.wifiMbits(),
            Map.of(),
            Set.of(),
            n.lan());
    return Show.fresh()
        .withSettings(there.settings().withName(name))
        .withSites(there.sites())
        .withCatalogue(there.catalogue())
        .withCircuits(there.circuits())
        .withSurvey(
            new Survey(
                there.survey().feet(),
                there.survey().underlay(),
                there.survey().outlets(),
                there.survey().networkPoints(),
                there.survey().notes(),
                there.survey().faces()))
        .withNetwork(bare)
        .withAddressing(there.addressing())
        .withMains(there.mains().withDevices(List.of()))
        .withPreparation(there.preparation().withDone(List.of()));
  }
}
