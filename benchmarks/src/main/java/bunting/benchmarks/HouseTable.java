package bunting.benchmarks;

import bunting.core.assess.Reading;
import bunting.core.plan.Copper;
import bunting.core.plan.Planner;
import bunting.core.show.Course;
import bunting.core.show.Face;
import bunting.core.show.Hanging;
import bunting.core.show.PixelType;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Site;
import bunting.core.show.edit.FaceEdits;
import bunting.core.survey.MeasuredRuns;
import bunting.core.survey.Sheet;
import bunting.core.survey.Sheets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * The same lights of a box-shaped house planned twice: with its four walls unrolled beside each
 * other on one flat sheet, and folded round the house as they are. Metres of all cable and price.
 */
public final class HouseTable {
  private static final double EAVE_M = 3;
  private static final int POSTS = 3;

  private HouseTable() {}

  /** Prints the table. */
  public static void main(String[] arguments) {
    System.out.print(
        text("%-22s %-8s %10s %10s %8s%n", "house", "drawn", "power m", "leads m", "cost"));
    for (double[] size : new double[][] {{10, 8}, {14, 9}, {20, 12}}) {
      String name = text("%.0f x %.0f m", size[0], size[1]);
      line(name, "flat", house(size[0], size[1], false));
      line("", "folded", house(size[0], size[1], true));
    }
  }

  private static void line(String name, String drawn, Show show) {
    Reading plan = Reading.of(show, Planner.propose(show));
    double leads = plan.segments().stream().mapToDouble(s -> s.leadM()).sum();
    System.out.print(
        text(
            "%-22s %-8s %10.1f %10.1f %8.1f%n",
            name, drawn, Copper.of(plan).cableM(), leads, plan.totals().buildCost()));
  }

  /** An eave and three posts on each wall, a place for a box at each corner of the front. */
  static Show house(double wide, double deep, boolean folded) {
    Show empty = FaceEdits.house(Show.fresh(), 0, wide, deep);
    PixelType type = empty.catalogue().pixelTypesById().get("12v-strip-60");
    List<Sheet> walls = Sheets.of(empty.survey()).subList(0, 4);
    List<Run> runs = new ArrayList<>();
    double before = 0;
    for (Sheet wall : walls) {
      double width = wall.name().equals(Face.FRONT) || wall.name().equals("Back") ? wide : deep;
      double left = before;
      runs.add(
          run(
              wall.name() + " eave",
              type,
              at(wall, left, 0, EAVE_M, folded),
              at(wall, left, width, EAVE_M, folded)));
      for (int i = 1; i <= POSTS; i++) {
        double across = width * i / (POSTS + 1);
        runs.add(
            run(
                wall.name() + " post " + i,
                type,
                at(wall, left, across, EAVE_M, folded),
                at(wall, left, across, 1, folded)));
      }
      before += width;
    }
    return empty
        .withSites(List.of(new Site("left", 0, 1), new Site("right", wide, 1)))
        .withRuns(runs);
  }

  private static Point at(Sheet wall, double left, double across, double up, boolean folded) {
    return folded ? wall.at(across, up) : new Point(left + across, up);
  }

  private static Run run(String name, PixelType type, Point from, Point to) {
    Course course = new Course.Traced(List.of(from, to));
    return MeasuredRuns.along(name, type, course).withHanging(Hanging.along(course));
  }

  private static String text(String form, Object... values) {
    return String.format(Locale.ROOT, form, values);
  }
}
