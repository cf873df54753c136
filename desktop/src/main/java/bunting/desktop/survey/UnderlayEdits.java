package bunting.desktop.survey;

import bunting.core.show.Picture;
import bunting.core.show.Show;
import bunting.core.show.Underlay;
import bunting.desktop.model.Session;
import bunting.files.BadInputException;
import bunting.files.Pictures;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** What is done to the picture under the elevation. */
public final class UnderlayEdits {
  /** A picture is laid down so wide until it is measured, metres. */
  private static final double FIRST_WIDTH_M = 20;

  private UnderlayEdits() {}

  /** Lays a picture under the elevation. */
  public static boolean lay(Session session, Path file) {
    try {
      Picture picture = Pictures.read(file);
      Show show = session.show().orElseThrow();
      session.edit(
          picture.name() + " lies under the elevation. S sets its scale.",
          show.withSurvey(
              show.survey().withUnderlay(Optional.of(Underlay.fresh(picture, FIRST_WIDTH_M)))));
      return true;
    } catch (BadInputException e) {
      session.say(String.valueOf(e.getMessage()));
      return false;
    }
  }

  /** Takes the picture away. */
  public static void remove(Session session) {
    Show show = session.show().orElseThrow();
    session.edit(
        "The picture is gone.", show.withSurvey(show.survey().withUnderlay(Optional.empty())));
  }

  static void move(Session session, double dx, double dy) {
    edit(session, "The picture was moved.", u -> u.moved(dx, dy));
  }

  static void turn(Session session, double degrees) {
    edit(
        session,
        "The picture was turned.",
        u -> u.turnedTo(Math.IEEEremainder(u.turnDeg() + degrees, 360)));
  }

  static void dim(Session session, double percent) {
    edit(
        session,
        "The picture was dimmed.",
        u -> u.dimmedTo(Math.max(5, Math.min(100, u.opacityPercent() + percent))));
  }

  private static void edit(Session session, String what, UnaryOperator<Underlay> change) {
    Show show = session.show().orElseThrow();
    show.survey()
        .underlay()
        .ifPresentOrElse(
            u ->
                session.edit(
                    what,
                    show.withSurvey(show.survey().withUnderlay(Optional.of(change.apply(u))))),
            () -> session.say("There is no picture; Ctrl U lays one under."));
  }
}
