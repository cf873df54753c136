package bunting.desktop.survey;

import bunting.core.survey.Sheet;
import bunting.desktop.session.Session;
import bunting.desktop.shell.Command;
import bunting.desktop.shell.Desk;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javafx.beans.value.ObservableBooleanValue;

/** What the survey adds to the menus. */
final class SurveyCommands {
  private static final Command.Place PICTURE = new Command.Place(Command.Menu.EDIT, "picture");

  private SurveyCommands() {}

  static List<Command> of(Desk desk) {
    Session session = desk.session();
    ObservableBooleanValue open = Command.whileOpen(session);
    List<Command> all = new ArrayList<>();
    all.add(tool(desk, "add-run", "Add run", Tool.TRACE));
    all.add(tool(desk, "add-controller", "Add controller", Tool.CONTROLLER));
    all.add(tool(desk, "add-place", "Add candidate place", Tool.PLACE));
    all.add(tool(desk, "add-outlet", "Add outlet", Tool.OUTLET));
    all.add(tool(desk, "add-network", "Add network point", Tool.NETWORK));
    all.add(tool(desk, "add-note", "Add note", Tool.NOTE));
    all.addAll(pictures(desk, session, open));
    return all;
  }

  /** Takes a tool up on the elevation: the next click adds the thing. */
  private static Command tool(Desk desk, String id, String text, Tool tool) {
    return Command.of(
        id,
        new Command.Place(Command.Menu.ADD, "elevation"),
        text,
        Command.whileOpen(desk.session()),
        () -> {
          SurveyScreen survey = desk.go(SurveyScreen.SCREEN);
          survey.elevation().drafting().take(tool);
          desk.session().say(text + ": " + tool.hint() + ". Escape gives up.");
        });
  }

  private static List<Command> pictures(Desk desk, Session session, ObservableBooleanValue open) {
    return List.of(
        Command.of(
            "count",
            new Command.Place(Command.Menu.EDIT, "find"),
            "Enter built counts",
            "F3",
            open,
            () -> desk.go(SurveyScreen.SCREEN).count()),
        Command.of(
            "underlay",
            PICTURE,
            "Lay a photo or a drawing under the elevation…",
            "Shortcut+U",
            open,
            () ->
                desk.asker()
                    .open(
                        "Lay a picture under",
                        "Pictures",
                        List.of("*.png", "*.jpg", "*.jpeg", "*.svg"))
                    .ifPresent(f -> lay(desk, f))),
        Command.of(
            "underlay-away",
            PICTURE,
            "Take the picture away",
            "Shortcut+Shift+U",
            open,
            () ->
                UnderlayEdits.remove(
                    session, desk.view(SurveyScreen.SCREEN).elevation().sheet().get())));
  }

  /** Lays a picture under the elevation and shows all of it. */
  static void lay(Desk desk, Path file) {
    if (desk.session().show().isEmpty()) {
      desk.session().say("Begin or open a show first; then a picture can lie under it.");
      return;
    }
    SurveyScreen survey = desk.go(SurveyScreen.SCREEN);
    Sheet sheet = survey.elevation().sheet().get();
    if (sheet instanceof Sheet.Plan) {
      desk.session().say("A picture lies on a face; choose the front or another first.");
      return;
    }
    UnderlayEdits.lay(desk.session(), sheet, file);
    survey.elevation().fit();
  }
}
