package bunting.core.plan;

import bunting.core.addressing.HandingOut;
import bunting.core.addressing.NetworkAddresses;
import bunting.core.assess.Patches;
import bunting.core.assess.Reading;
import bunting.core.show.Controller;
import bunting.core.show.HandOut;
import bunting.core.show.PlacedController;
import bunting.core.show.Show;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Handing addresses out and taking them back. */
public final class HandOuts {
  private HandOuts() {}

  /**
   * The show with everything nailed as it is planned now. Boxes that the planner chose become the
   * builder's own, and the planner may go on adding to them. What was handed out before and is not
   * in the plan stays nailed.
   */
  public static Show handOut(Reading plan, String date, String to) {
    Show show = withBoxes(plan);
    HandOut now =
        HandingOut.of(
            date,
            to,
            Patches.of(plan),
            NetworkAddresses.of(plan.show(), plan.decisions().controllers()));
    List<HandOut.Nail> nails = new ArrayList<>(now.nails());
    plan.show()
        .allotting()
        .handOut()
        .ifPresent(
            before ->
                before.nails().stream().filter(n -> now.of(n.run()).isEmpty()).forEach(nails::add));
    HandOut all = new HandOut(date, to, nails, now.addresses());
    return show.withAllotting(show.allotting().withHandOut(Optional.of(all)));
  }

  /** The show with the planned boxes as what there is, and leave to add to them. */
  public static Show withBoxes(Reading plan) {
    Show show = plan.show();
    if (show.controllers().isPresent()) {
      return show;
    }
    List<Controller> boxes =
        plan.decisions().controllers().stream().map(PlacedController::controller).toList();
    return show.withControllers(boxes)
        .withAllotting(show.allotting().with(show.allotting().planning().withAddBoxes(true)));
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
