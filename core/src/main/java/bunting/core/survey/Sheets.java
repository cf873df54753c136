package bunting.core.survey;

import bunting.core.show.Face;
import bunting.core.show.Survey;
import java.util.ArrayList;
import java.util.List;

/** The sheets that a site has. */
public final class Sheets {
  /** The one that every site has. */
  public static final Sheet FRONT = new Sheet.Standing(new Face(Face.FRONT, 0, 0, 1, 0));

  /** Seen from above, on the ground. */
  public static final Sheet PLAN = new Sheet.Plan();

  private Sheets() {}

  /** The front, the faces of a site, the plan. */
  public static List<Sheet> of(Survey survey) {
    List<Sheet> sheets = new ArrayList<>(List.of(FRONT));
    survey.faces().forEach(f -> sheets.add(new Sheet.Standing(f)));
    sheets.add(PLAN);
    return sheets;
  }
}
