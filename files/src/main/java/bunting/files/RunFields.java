package bunting.files;

import static bunting.files.codec.Optionals.boxed;
import static bunting.files.codec.Optionals.decimal;
import static bunting.files.codec.Optionals.whole;

import bunting.core.limits.Range;
import bunting.core.show.Course;
import bunting.core.show.Fitting;
import bunting.core.show.Guess;
import bunting.core.show.Hanging;
import bunting.core.show.Pin;
import bunting.core.show.PixelType;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.edit.Names;
import bunting.files.codec.Field;
import bunting.files.codec.Kind;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;

/** The fields of a run, in run lists and in show files. */
final class RunFields {
  static final Field<Run, String> NAME =
      Field.each("name", "required; no two are the same", Kind.text(Names.LENGTH_MAX), Run::name);
  static final Field<Run, String> TYPE =
      Field.each(
          "type", "required; the id of a pixel type", Kind.text(Names.LENGTH_MAX), Run::type);
  static final Field<Run, Integer> PIXELS =
      Field.each(
          "pixels",
          "as planned; in a list a length may stand instead: pixels = length x pitch, rounded down"
              + " to a whole cut unit",
          Kind.whole(Range.PIXELS),
          Run::plannedPixels);
  static final Field<Run, Double> LENGTH =
      new Field<Run, Double>(
              "lengthM",
              "as it was measured",
              Kind.number(Range.RUN_LENGTH),
              r -> boxed(r.lengthM()))
          .column("length_m");

  /** Of lists alone; it is metres from there on. */
  static final Field<Run, Double> FEET =
      new Field<Run, Double>(
              "lengthFt",
              "the same in feet",
              Kind.number(Range.aboveTo(0, Range.RUN_LENGTH.most() / 0.3048)),
              r -> Optional.empty())
          .column("length_ft");

  private static final Field<Run, Double> X =
      place("xM", "x_m", "the feed end", r -> r.start().x());
  private static final Field<Run, Double> Y =
      place("yM", "y_m", "the feed end, upwards", r -> r.start().y());
  private static final Field<Run, Double> Z =
      place("zM", "z_m", "the feed end, away from the front", r -> r.start().z());
  private static final Field<Run, Double> END_X =
      end("endXM", "end_x_m", "the last pixel", Point::x);
  private static final Field<Run, Double> END_Y =
      end("endYM", "end_y_m", "the last pixel, upwards", Point::y);
  private static final Field<Run, Double> END_Z =
      new Field<Run, Double>(
              "endZM",
              "where it is: the last pixel, away from the front",
              Kind.number(Range.PLACE),
              r -> r.end().filter(e -> e.z() != r.start().z()).map(Point::z))
          .column("end_z_m");
  private static final Field<Run, Double> LEAD =
      new Field<Run, Double>(
              "leadM",
              "measured cable from the box to the first pixel; else abs dx + abs dy + 1 m",
              Kind.number(Range.LENGTH),
              r -> boxed(r.leadM()))
          .column("lead_m");
  static final Field<Run, String> GROUP =
      new Field<>(
          "group",
          "runs of one group go on one controller where that is possible",
          Kind.text(Names.LENGTH_MAX),
          Run::group);
  static final Field<Run, String> CONTROLLER =
      new Field<>(
          "controller",
          "pinned to that box",
          Kind.text(Names.LENGTH_MAX),
          r -> r.pin().map(Pin::controller));
  static final Field<Run, Integer> PORT =
      new Field<>(
          "port",
          "pinned to that port of it",
          Kind.whole(Range.between(1, BoxFields.PORTS_MAX)),
          r -> r.pin().flatMap(p -> boxed(p.port())));
  private static final Field<Run, Boolean> SPLIT =
      Field.each("split", "whether it may lie on several ports", Kind.flag(), Run::split)
          .usually(true);
  private static final Field<Run, Integer> BUILT =
      new Field<Run, Integer>(
              "builtPixels",
              "the count as it was built; it holds, and `pixels` stays what was planned",
              Kind.whole(Range.PIXELS),
              r -> boxed(r.built()))
          .column("built_pixels");
  private static final Field<Run, Integer> GROUPING =
      new Field<Run, Integer>(
              "groupPixels",
              "so many neighbours share one set of slots",
              Kind.whole(Range.between(1, Fitting.GROUPING_MAX)),
              r -> Optional.of(r.fitting().grouping()).filter(g -> g > 1))
          .column("group_pixels")
          .usually(1);
  static final Field<Run, String> ORDER =
      new Field<Run, String>(
              "colourOrder",
              "the letters of the type's order, rearranged",
              Kind.text(Names.LENGTH_MAX),
              r -> r.fitting().order())
          .column("colour_order");
  private static final Field<Run, Boolean> REVERSED =
      new Field<Run, Boolean>(
              "reverseData",
              "the first slots belong to the far end of each segment; the wire stays as it is",
              Kind.flag(),
              r -> Optional.of(r.fitting().reversed()).filter(on -> on))
          .column("reverse_data")
          .usually(false);
  static final Field<Run, Course> COURSE =
      new Field<Run, Course>(
              "courseM",
              "how the run hangs, in place of its ends (see below)",
              Kind.written(
                  "a course " + CourseText.FORMS,
                  CourseText::parse,
                  CourseText::exactly,
                  CourseText::of),
              r -> r.hanging().course())
          .column("course_m");
  private static final Field<Run, Double> LENGTH_GUESS =
      new Field<Run, Double>(
              "lengthGuessPercent",
              "its length is a guess, give or take so many percent",
              Kind.number(Range.GUESS),
              r -> Optional.of(r.guess().lengthPercent()).filter(p -> p > 0))
          .column("length_guess_percent")
          .usually(0.0);
  private static final Field<Run, Double> LEAD_GUESS =
      new Field<Run, Double>(
              "leadGuessPercent",
              "so is its lead",
              Kind.number(Range.GUESS),
              r -> Optional.of(r.guess().leadPercent()).filter(p -> p > 0))
          .column("lead_guess_percent")
          .usually(0.0);
  private static final Field<Run, String> READ_OFF =
      new Field<Run, String>(
              "lengthReadOff",
              "the thing of known size that its length was read off: give or take 5 percent where"
                  + " nothing else is said",
              Kind.text(Names.LENGTH_MAX),
              r -> r.guess().readOff())
          .column("length_read_off");
  private static final Field<Run, List<Point>> ROUTE =
      new Field<Run, List<Point>>(
              "routeM",
              "corners of the lead from the box to pixel 1: it is then as long as that way and 1 m;"
                  + " a measured lead overrules it",
              Kind.written(
                  "points in metres, such as 0 2; 4.5 2",
                  CourseText::points,
                  CourseText::exactly,
                  CourseText::of),
              r -> Optional.of(r.hanging().route()).filter(l -> !l.isEmpty()))
          .column("route_m");

  /** All fields, in the order in which they are written. */
  static final List<Field<Run, ?>> ALL =
      List.of(
          NAME,
          TYPE,
          PIXELS,
          LENGTH,
          X,
          Y,
          Z,
          END_X,
          END_Y,
          END_Z,
          LEAD,
          GROUP,
          CONTROLLER,
          PORT,
          SPLIT,
          BUILT,
          GROUPING,
          ORDER,
          REVERSED,
          COURSE,
          ROUTE,
          LENGTH_GUESS,
          LEAD_GUESS,
          READ_OFF);

  private RunFields() {}

  private static Field<Run, Double> place(
      String key, String column, String what, Function<Run, Double> of) {
    return Field.each(key, "where it is: " + what, Kind.number(Range.PLACE), of)
        .column(column)
        .usually(0.0);
  }

  private static Field<Run, Double> end(
      String key, String column, String what, Function<Point, Double> of) {
    return new Field<Run, Double>(
            key, "where it is: " + what, Kind.number(Range.PLACE), r -> r.end().map(of))
        .column(column);
  }

  /** What its reader has found out by itself. */
  record Found(
      PixelType type,
      int pixels,
      OptionalDouble length,
      Optional<String> group,
      Optional<Pin> pin,
      Map<String, String> notes) {}

  /** The pixel type. */
  static PixelType type(Shape.Values values, Show show) throws BadInputException {
    String id = values.of(TYPE);
    PixelType type = show.catalogue().pixelTypesById().get(id);
    if (type == null) {
      throw values.wrong(
          TYPE,
          BadInputException.echo(id) + " is no pixel type; give the id of one in the catalogue.");
    }
    return type;
  }

  /** A run of its values. */
  static Run run(Shape.Values values, Found found) throws BadInputException {
    Run run =
        new Run(
            values.of(NAME),
            found.type().id(),
            found.pixels(),
            java.util.OptionalInt.empty(),
            found.length(),
            hanging(values),
            decimal(values.maybe(LEAD)),
            found.group(),
            found.pin(),
            values.of(SPLIT),
            new Fitting(values.of(GROUPING), values.maybe(ORDER), values.of(REVERSED)),
            new Guess(values.of(LENGTH_GUESS), values.of(LEAD_GUESS), values.maybe(READ_OFF)),
            found.notes());
    Optional<Integer> built = values.maybe(BUILT);
    return built.isPresent() ? run.withBuilt(whole(built)) : run;
  }

  private static Hanging hanging(Shape.Values values) throws BadInputException {
    Point start = new Point(values.of(X), values.of(Y), values.of(Z));
    Optional<Double> endX = values.maybe(END_X);
    Optional<Double> endY = values.maybe(END_Y);
    Optional<Double> endZ = values.maybe(END_Z);
    Optional<Point> end =
        endX.isEmpty() && endY.isEmpty() && endZ.isEmpty()
            ? Optional.empty()
            : Optional.of(
                new Point(endX.orElse(start.x()), endY.orElse(start.y()), endZ.orElse(start.z())));
    return new Hanging(start, end, values.maybe(COURSE), values.maybe(ROUTE).orElse(List.of()));
  }
}
