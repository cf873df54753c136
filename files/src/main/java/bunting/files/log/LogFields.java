package bunting.files.log;

import static bunting.files.codec.Optionals.boxed;
import static bunting.files.codec.Optionals.decimal;
import static bunting.files.codec.Optionals.whole;

import bunting.core.limits.Range;
import bunting.core.log.LogEntry;
import bunting.core.log.LogKind;
import bunting.core.show.Run;
import bunting.core.show.edit.Names;
import bunting.files.BadInputException;
import bunting.files.codec.Field;
import bunting.files.codec.Kind;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The fields of an entry of the log: of its file, of the command line, and of the documentation.
 */
public final class LogFields {
  private static final int TEXT_MOST = 2000;

  private static final Field<LogEntry, LogKind> KIND =
      new Field<>(
          "kind",
          "what it tells",
          Kind.word(List.of(LogKind.values()), LogKind::id),
          e -> Optional.of(e.kind()));
  private static final Field<LogEntry, LocalDate> DATE =
      new Field<>(
          "date", "the day of it; today by default", Kind.day(), e -> Optional.of(e.date()));
  private static final Field<LogEntry, String> RUN =
      new Field<>("run", "a run of the show", Kind.text(Names.LENGTH_MAX), LogEntry::run);
  private static final Field<LogEntry, Integer> PIXEL =
      new Field<>(
          "pixel",
          "in the run's numbering",
          Kind.whole(Range.between(1, Run.PIXELS_MAX)),
          e -> boxed(e.pixel()));
  private static final Field<LogEntry, String> BOX =
      new Field<>("box", "the id of a box", Kind.text(Names.LENGTH_MAX), LogEntry::box);
  private static final Field<LogEntry, Double> VOLTS =
      new Field<>(
          "volts", "that a meter read", Kind.number(Range.READ_VOLTS), e -> boxed(e.volts()));
  private static final Field<LogEntry, Double> AMPS =
      new Field<>("amps", "that a meter read", Kind.number(Range.AMPS), e -> boxed(e.amps()));
  private static final Field<LogEntry, Integer> COUNT =
      new Field<>(
          "count",
          "pixels that were counted; or parts that came, under 0: that went",
          Kind.whole(Range.between(-1_000_000, 1_000_000)),
          e -> boxed(e.count()));
  private static final Field<LogEntry, Double> MINUTES =
      new Field<>(
          "minutes",
          "of people at work; with a run or a box: of its lamps lit",
          Kind.number(Range.between(0, 10_000_000)),
          e -> boxed(e.minutes()));
  private static final Field<LogEntry, String> PART =
      new Field<>("part", "a kind of part", Kind.text(Names.LENGTH_MAX), LogEntry::part);
  private static final Field<LogEntry, String> TEXT =
      new Field<>("text", "in words", Kind.text(TEXT_MOST), LogEntry::text);

  private static final Field<LogEntry, Double> COST =
      new Field<>(
          "cost",
          "what it cost, in the show's currency",
          Kind.number(Range.MONEY),
          e -> boxed(e.cost()));
  private static final Field<LogEntry, String> PICTURE =
      new Field<>(
          "picture",
          "a file of the real thing, as seen from the log's folder",
          Kind.text(TEXT_MOST),
          LogEntry::picture);

  private static final List<Field<LogEntry, ?>> ALL =
      List.of(DATE, KIND, RUN, PIXEL, BOX, VOLTS, AMPS, COUNT, MINUTES, PART, TEXT, COST, PICTURE);

  private LogFields() {}

  /** The fields, for whoever asks for them: the command line, a form. */
  public static List<Field<LogEntry, ?>> all() {
    return ALL;
  }

  /** Rows of the documentation, a field each. */
  public static List<String> documentation() {
    return ALL.stream().map(Field::documented).toList();
  }

  static void write(LogEntry entry, ObjectNode into) {
    ALL.forEach(f -> f.write(entry, into));
  }

  /** The entry of a line; empty: something in it is none, or it lacks what its kind needs. */
  static Optional<LogEntry> read(JsonNode object) {
    boolean spoilt = ALL.stream().anyMatch(f -> f.spoils(object));
    Optional<LogKind> kind = KIND.read(object);
    Optional<LocalDate> date = DATE.read(object);
    if (spoilt || kind.isEmpty() || date.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        entry(
            kind.get(),
            date.get(),
            new Source() {
              @Override
              public <V> Optional<V> of(Field<LogEntry, V> field) {
                return field.read(object);
              }
            }));
  }

  /**
   * The entry of typed texts.
   *
   * @param typed by key; what is not there was not typed
   * @param today the day where none was typed
   * @throws BadInputException for a text that is no value of its field, or where something lacks
   */
  public static LogEntry parse(Map<String, String> typed, LocalDate today)
      throws BadInputException {
    for (Field<LogEntry, ?> f : ALL) {
      String text = typed.get(f.key());
      if (text != null && f.parse(text).isEmpty()) {
        String option = f.key().equals("kind") ? "add" : f.key();
        throw new BadInputException(
            "--" + option + ": " + BadInputException.echo(text) + " should be " + f.wanted() + ".");
      }
    }
    Source source =
        new Source() {
          @Override
          public <V> Optional<V> of(Field<LogEntry, V> field) {
            return Optional.ofNullable(typed.get(field.key())).flatMap(field::parse);
          }
        };
    LogEntry entry =
        entry(source.of(KIND).orElse(LogKind.NOTE), source.of(DATE).orElse(today), source);
    Optional<String> lacks = entry.lacks();
    if (lacks.isPresent()) {
      throw new BadInputException(
          "--add "
              + entry.kind().id()
              + ": it says nothing yet; give "
              + lacks.get()
              + " with it.");
    }
    return entry;
  }

  /** Where values come from. */
  private interface Source {
    <V> Optional<V> of(Field<LogEntry, V> field);
  }

  private static LogEntry entry(LogKind kind, LocalDate date, Source from) {
    return new LogEntry(
        kind,
        date,
        from.of(RUN),
        whole(from.of(PIXEL)),
        from.of(BOX),
        decimal(from.of(VOLTS)),
        decimal(from.of(AMPS)),
        whole(from.of(COUNT)),
        decimal(from.of(MINUTES)),
        from.of(PART),
        from.of(TEXT),
        decimal(from.of(COST)),
        from.of(PICTURE));
  }
}
