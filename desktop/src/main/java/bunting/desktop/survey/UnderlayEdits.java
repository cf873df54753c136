package bunting.desktop.survey;

import bunting.core.show.Picture;
import bunting.core.show.Underlay;
import bunting.core.survey.Sheet;
import bunting.desktop.session.Session;
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
  public static boolean lay(Session session, Sheet sheet, Path file) {
    try {
      Picture picture = Pictures.read(file);
      session.edit(
          picture.name() + " lies under the elevation. S sets its scale.",
          s -> sheet.withUnderlay(s, Optional.of(Underlay.fresh(picture, FIRST_WIDTH_M))));
      return true;
    } catch (BadInputException e) {
      session.say(String.valueOf(e.getMessage()));
      return false;
    }
  }

  /** Takes the picture away. */
  public static void remove(Session session, Sheet sheet) {
    session.edit("The picture is gone.", s -> sheet.withUnderlay(s, Optional.empty()));
  }

  static void move(Session session, Sheet sheet, double dx, double dy) {
    edit(session, sheet, "The picture was moved.", u -> u.moved(dx, dy));
  }

  static void turn(Session session, Sheet sheet, double degrees) {
    edit(
        session,
        sheet,
        "The picture was turned.",
        u -> u.turnedTo(Math.IEEEremainder(u.turnDeg() + degrees, 360)));
  }

  static void dim(Session session, Sheet sheet, double percent) {
    edit(
        session,
        sheet,
        "The picture was dimmed.",
        u -> u.dimmedTo(Math.max(5, Math.min(100, u.opacityPercent() + percent))));
  }

  static void edit(Session session, Sheet sheet, String what, UnaryOperator<Underlay> change) {
    if (session.show().flatMap(s -> sheet.underlay(s.survey())).isEmpty()) {
      session.say("There is no picture; Ctrl U lays one under.");
      return;
    }
    session.edit(what, s -> sheet.withUnderlay(s, sheet.underlay(s.survey()).map(change)));
  }
}
