package bunting.desktop.addresses;

import bunting.core.plan.Assessment;
import bunting.core.plan.HandOuts;
import bunting.core.show.edit.RunEdits;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;

/** The demo as it is shown in the picture of the tape. */
final class AddressPictures {
  private AddressPictures() {}

  /** The addresses are handed out; then a boat and a longer gate come. */
  static void handedOut(Session session) {
    session.assessment().get().ifPresent(plan -> handedOut(session, plan));
  }

  private static void handedOut(Session session, Assessment plan) {
    session.edit(
        "Handed out.", s -> HandOuts.handOut(s, plan.reading(), "2026-11-03", "the sequencer"));
    session
        .show()
        .flatMap(s -> s.run("Boat 5"))
        .ifPresent(
            boat ->
                session.edit(
                    "A boat more, and a longer gate.",
                    s ->
                        RunEdits.added(
                            RunEdits.changed(s, "Sluice gate", r -> r.withPixels(260)),
                            boat.withName("Boat 6"))));
    session.selection().set(new Selection.OfRun("Boat 6"));
  }
}
