package bunting.files;

import bunting.core.limits.Range;
import bunting.core.show.Preparation;
import bunting.core.show.Preparation.Done;
import bunting.core.show.Preparation.Offer;
import bunting.core.show.TypePlug;
import bunting.core.show.edit.Names;
import bunting.files.codec.Field;
import bunting.files.codec.Kind;
import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What is bought, joined and done until a show stands, in a show file. */
final class PreparationJson {
  private static final Field<Preparation, LocalDate> OPENING =
      new Field<>(
          "opening",
          "the first evening; without it the first of the hours",
          Kind.day(),
          Preparation::opening);
  private static final Field<Preparation, Integer> READY =
      Field.each(
              "readyDays",
              "before it, by which all that is bought is wanted in the house",
              Kind.whole(Range.DAYS_AHEAD),
              Preparation::readyDays)
          .usually(Preparation.READY_DAYS);
  private static final Field<Preparation, Boolean> SAFE_SIDE =
      Field.each(
              "safeSide",
              "what is guessed is ordered at its longest",
              Kind.flag(),
              Preparation::safeSide)
          .usually(false);

  private static final Field<Offer, String> PART =
      Field.each(
          "part",
          "kind and size, as on the shopping list",
          Kind.text(Names.LENGTH_MAX),
          Offer::part);
  private static final Field<Offer, String> FROM =
      Field.each("from", "who asks it", Kind.textOrNone(Names.LENGTH_MAX), Offer::from).usually("");
  private static final Field<Offer, Double> PRICE =
      Field.each("price", "of one pack", Kind.number(Range.MONEY), Offer::price);
  private static final Field<Offer, Double> PACK =
      Field.each(
              "pack",
              "what is in one, in the unit of the list; 0: as the list has it",
              Kind.number(Range.PACK),
              Offer::pack)
          .usually(0.0);
  private static final Field<Offer, Integer> DAYS =
      Field.each("days", "until it is in the house", Kind.whole(Range.DAYS_AHEAD), Offer::days)
          .usually(0);

  /** What somebody asks for a part. */
  static final Shape<Offer> OFFERS =
      new Shape<>(
          List.of(PART, FROM, PRICE, PACK, DAYS),
          v -> new Offer(v.of(PART), v.of(FROM), v.of(PRICE), v.of(PACK), v.of(DAYS)));

  private static final Field<TypePlug, String> TYPE =
      Field.each("type", "id of a pixel type", Kind.text(Names.LENGTH_MAX), TypePlug::pixelType);
  private static final Field<TypePlug, String> PLUG =
      Field.each("plug", "its kind, in words", Kind.textOrNone(Names.LENGTH_MAX), TypePlug::plug)
          .usually("");
  private static final Field<TypePlug, Boolean> BACKUP =
      Field.each("backup", "whether it has a backup data wire", Kind.flag(), TypePlug::backup)
          .usually(false);
  private static final Field<TypePlug, Boolean> BACK =
      Field.each(
              "back",
              "whether its last pixel's data comes back through the same plug",
              Kind.flag(),
              TypePlug::back)
          .usually(false);
  private static final Field<TypePlug, TypePlug.Side> PLUS =
      Field.each(
              "plus",
              "where V+ is, with the arrow of the data pointing away",
              Kind.word(List.of(TypePlug.Side.values()), TypePlug.Side::id),
              TypePlug::plus)
          .usually(TypePlug.Side.UNSAID);

  /** What is known of the plugs of a type. */
  static final Shape<TypePlug> PLUGS =
      new Shape<>(
          List.of(TYPE, PLUG, BACKUP, BACK, PLUS),
          v -> new TypePlug(v.of(TYPE), v.of(PLUG), v.of(BACKUP), v.of(BACK), v.of(PLUS)));

  private static final Field<Done, Preparation.Work> WORK =
      Field.each(
          "work",
          "what was done",
          Kind.word(List.of(Preparation.Work.values()), Preparation.Work::id),
          Done::work);
  private static final Field<Done, String> OF =
      Field.each("of", "a run's name, or a box", Kind.text(Names.LENGTH_MAX), Done::of);
  private static final Field<Done, Integer> FIRST =
      Field.each(
              "firstPixel",
              "of the piece; 0 of a box",
              Kind.whole(Range.between(0, Range.PIXELS.most())),
              Done::firstPixel)
          .usually(0);

  /** A step of the work list that is done. */
  static final Shape<Done> STEPS =
      new Shape<>(List.of(WORK, OF, FIRST), v -> new Done(v.of(WORK), v.of(OF), v.of(FIRST)));

  private PreparationJson() {}

  /** Rows of the documentation. */
  static List<String> documentation() {
    return Stream.of(
            Stream.of(OPENING.documented(), READY.documented(), SAFE_SIDE.documented()),
            OFFERS.documentation().stream(),
            PLUGS.documentation().stream(),
            STEPS.documentation().stream())
        .flatMap(s -> s)
        .toList();
  }

  /** What stands there; empty: nothing. */
  static Optional<Preparation> read(JsonFields in) throws BadInputException {
    JsonFields f = in.object("preparation").orElse(null);
    if (f == null) {
      return Optional.empty();
    }
    Preparation preparation =
        new Preparation(
            f.maybe(OPENING),
            f.of(READY),
            f.things("offers", OFFERS),
            f.list("plugs", PLUGS::read, TypePlug::pixelType).orElse(List.of()),
            f.things("done", STEPS),
            f.of(SAFE_SIDE));
    f.done();
    return Optional.of(preparation);
  }

  static void write(Json json, Preparation preparation) throws IOException {
    if (preparation.equals(Preparation.NONE)) {
      return;
    }
    json.object(
        "preparation",
        j -> {
          Shape.write(j, List.of(OPENING, READY, SAFE_SIDE), preparation);
          j.list("offers", preparation.offers(), OFFERS::write);
          j.list("plugs", preparation.plugs(), PLUGS::write);
          j.list("done", preparation.done(), STEPS::write);
        });
  }
}
