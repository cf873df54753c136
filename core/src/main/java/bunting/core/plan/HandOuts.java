package bunting.core.plan;

import bunting.core.addressing.HandingOut;
import bunting.core.addressing.NetworkAddresses;
import bunting.core.assess.Patches;
import bunting.core.assess.Reading;
import bunting.core.show.HandOut;
import bunting.core.show.PlacedController;
import bunting.core.show.Show;
import bunting.core.show.edit.BoxEdits;
import bunting.core.show.edit.Names;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** Handing addresses out and taking them back. */
public final class HandOuts {
  private HandOuts() {}

  /**
   * The show with everything nailed as it is planned. Controllers that the planner chose are given
   * from then on, still to be bought. What was handed out before and is not in the plan stays
   * nailed.
   */
  public static Show handOut(Show before, Reading plan, String date, String whom) {
    Show show = withBoxes(before, plan, id -> true);
    String to = Names.shortened(whom);
    HandOut now =
        HandingOut.of(
            date, to, Patches.of(plan), NetworkAddresses.of(plan.show(), plan.decisions()));
    List<HandOut.Nail> nails = new ArrayList<>(now.nails());
    show.allotting()
        .handOut()
        .ifPresent(
            earlier ->
                earlier.nails().stream()
                    .filter(n -> now.of(n.run()).isEmpty())
                    .forEach(nails::add));
    HandOut all = new HandOut(date, to, nails, now.addresses());
    return show.withAllotting(show.allotting().withHandOut(Optional.of(all)));
  }

  /** Returns the show with these controllers of a plan given, as they are planned. */
  public static Show withBoxes(Show show, Reading plan, Predicate<String> which) {
    return BoxEdits.kept(
        show,
        plan.decisions().controllers().stream()
            .map(PlacedController::controller)
            .filter(c -> which.test(c.id()))
            .toList());
  }

  /**
   * The show with addresses taken back.
   *
   * @param run one run's or plain set's; empty: all
   */
  public static Show takeBack(Show show, Optional<String> run) {
    Optional<HandOut> left =
        run.flatMap(name -> show.allotting().handOut().flatMap(h -> h.without(name)));
    return show.withAllotting(show.allotting().withHandOut(left));
  }
}
