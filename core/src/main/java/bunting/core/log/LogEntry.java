package bunting.core.log;

import bunting.core.show.Texts;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * A line of the log.
 *
 * @param kind what it tells
 * @param date the day of it
 * @param run name of a run
 * @param pixel in the run's numbering
 * @param box id of a box
 * @param volts that were read
 * @param amps that were read
 * @param count of pixels, or of parts
 * @param minutes of people or lamps
 * @param part what kind of part
 * @param text in words
 * @param cost what it cost, in the show's currency
 * @param picture a file of the real thing, as seen from the log's folder
 */
public record LogEntry(
    LogKind kind,
    LocalDate date,
    Optional<String> run,
    OptionalInt pixel,
    Optional<String> box,
    OptionalDouble volts,
    OptionalDouble amps,
    OptionalInt count,
    OptionalDouble minutes,
    Optional<String> part,
    Optional<String> text,
    OptionalDouble cost,
    Optional<String> picture) {
  /** An entry without a price or a picture. */
  public LogEntry(
      LogKind kind,
      LocalDate date,
      Optional<String> run,
      OptionalInt pixel,
      Optional<String> box,
      OptionalDouble volts,
      OptionalDouble amps,
      OptionalInt count,
      OptionalDouble minutes,
      Optional<String> part,
      Optional<String> text) {
    this(
        kind,
        date,
        run,
        pixel,
        box,
        volts,
        amps,
        count,
        minutes,
        part,
        text,
        OptionalDouble.empty(),
        Optional.empty());
  }

  /** What it lacks to say anything; empty: nothing. */
  public Optional<String> lacks() {
    return switch (kind) {
      case COUNT -> run.isPresent() && count.isPresent() ? none() : say("run and count");
      case READING -> volts.isPresent() || amps.isPresent() ? none() : say("volts or amps");
      case PART -> part.isPresent() ? none() : say("part");
      case HOURS -> minutes.isPresent() ? none() : say("minutes");
      case NOTE -> text.isPresent() || picture.isPresent() ? none() : say("text or picture");
      case BUILT ->
          run.isPresent() || box.isPresent() || text.isPresent() ? none() : say("run, box or text");
      case FAULT, REPAIR ->
          run.isPresent() || box.isPresent() || part.isPresent() || text.isPresent()
              ? none()
              : say("run, box, part or text");
      case SEASON -> none();
    };
  }

  private static Optional<String> none() {
    return Optional.empty();
  }

  private static Optional<String> say(String what) {
    return Optional.of(what);
  }

  /** Whether lamps were lit, and not people at work. */
  public boolean ofLamps() {
    return kind == LogKind.HOURS && (run.isPresent() || box.isPresent());
  }

  /** In a sentence, without its day. */
  public String words() {
    StringBuilder out = new StringBuilder(kind.words());
    run.ifPresent(r -> out.append(' ').append(r));
    pixel.ifPresent(p -> out.append(" pixel ").append(p));
    box.ifPresent(b -> out.append(" box ").append(b));
    part.ifPresent(p -> out.append(' ').append(p));
    volts.ifPresent(v -> out.append(", ").append(Texts.number(v)).append(" V"));
    amps.ifPresent(a -> out.append(", ").append(Texts.number(a)).append(" A"));
    count.ifPresent(c -> out.append(", ").append(c));
    minutes.ifPresent(m -> out.append(", ").append(Texts.number(m)).append(" min"));
    cost.ifPresent(c -> out.append(", cost ").append(Texts.number(c)));
    text.ifPresent(t -> out.append(": ").append(t));
    picture.ifPresent(p -> out.append(" [").append(p).append(']'));
    return out.toString();
  }
}
