package bunting.core.show;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What is bought, joined and done until a show stands. Nothing electrical is planned from it.
 *
 * @param opening the first evening; empty: the first day of the show's hours, where these are said
 * @param readyDays before it, by which all that is bought is wanted in the house
 * @param offers what shops ask, in the order in which they were typed
 * @param plugs what is known of the plugs of a pixel type, one each
 * @param done steps of the work list that are done, sorted
 * @param safeSide whether all that is guessed is ordered at its longest
 */
public record Preparation(
    Optional<LocalDate> opening,
    int readyDays,
    List<Offer> offers,
    List<TypePlug> plugs,
    List<Done> done,
    boolean safeSide) {
  /** Three weeks to build in where nobody said otherwise. */
  public static final int READY_DAYS = 21;

  /** Offers for one part that are set side by side. */
  public static final int OFFERS_MAX = 2;

  /** Nothing yet. */
  public static final Preparation NONE =
      new Preparation(Optional.empty(), READY_DAYS, List.of(), List.of(), List.of(), false);

  public Preparation {
    offers = List.copyOf(offers);
    plugs = List.copyOf(plugs);
    done = done.stream().distinct().sorted(Done.ORDER).toList();
  }

  /**
   * What somebody asks for a part.
   *
   * @param part kind and size, as on the shopping list
   * @param from who asks it, in the builder's words; empty: not said
   * @param price of one pack, in the show's currency
   * @param pack what is in one, in the unit of the list; 0: as the list has it
   * @param days until it is in the house
   */
  public record Offer(String part, String from, double price, double pack, int days) {
    public Offer {
      price += 0.0;
      pack += 0.0;
    }
  }

  /** What a step of the work list does. */
  public enum Work {
    /** A box is set and wired. */
    BOX("box"),
    /** A piece is hung and counted. */
    HANG("hang"),
    /** Its lead and feeds are joined on. */
    JOIN("join"),
    /** A box is lit for the first time. */
    TEST("test");

    private final String id;

    Work(String id) {
      this.id = id;
    }

    /** The name used in files. */
    public String id() {
      return id;
    }
  }

  /**
   * A step that is done.
   *
   * @param of name of the run, or id of the box
   * @param firstPixel of the piece; 0 of a box
   */
  public record Done(Work work, String of, int firstPixel) {
    private static final Comparator<Done> ORDER =
        Comparator.comparing(Done::work).thenComparing(Done::of).thenComparing(Done::firstPixel);

    private boolean ofRun() {
      return work == Work.HANG || work == Work.JOIN;
    }

    private Done renamed(String from, String to, boolean run) {
      return ofRun() == run && of.equals(from) ? new Done(work, to, firstPixel) : this;
    }
  }

  /** The first evening; empty: nobody said. */
  public Optional<LocalDate> opening(Show show) {
    return opening.or(() -> show.mains().hours().map(h -> h.season().from()));
  }

  /** The offers for a part, in the order in which they were typed. */
  public List<Offer> offersFor(String part) {
    return offers.stream().filter(o -> o.part().equals(part)).toList();
  }

  /** What is known of the plugs of a type. */
  public Optional<TypePlug> plugOf(String pixelType) {
    return plugs.stream().filter(p -> p.pixelType().equals(pixelType)).findFirst();
  }

  /** The same with another first evening; empty: that of the hours. */
  public Preparation withOpening(Optional<LocalDate> day) {
    return new Preparation(day, readyDays, offers, plugs, done, safeSide);
  }

  /** The same with all in the house so many days before. */
  public Preparation withReadyDays(int days) {
    return new Preparation(opening, days, offers, plugs, done, safeSide);
  }

  /** The same with these offers for a part, and no others. */
  public Preparation withOffers(String part, List<Offer> now) {
    List<Offer> next = new ArrayList<>(offers);
    next.removeIf(o -> o.part().equals(part));
    next.addAll(now);
    return new Preparation(opening, readyDays, next, plugs, done, safeSide);
  }

  /** The same with what is known of a type's plugs. */
  public Preparation withPlug(TypePlug plug) {
    List<TypePlug> next = new ArrayList<>(plugs);
    next.removeIf(p -> p.pixelType().equals(plug.pixelType()));
    if (!plug.says().isEmpty()) {
      next.add(plug);
    }
    return withPlugs(next);
  }

  /** The same with other plugs. */
  public Preparation withPlugs(List<TypePlug> other) {
    return new Preparation(opening, readyDays, offers, other, done, safeSide);
  }

  /** The same with a step done, or not done any more. */
  public Preparation with(Done step, boolean on) {
    List<Done> next = new ArrayList<>(done);
    next.remove(step);
    if (on) {
      next.add(step);
    }
    return withDone(next);
  }

  /** The same with guesses ordered at their longest, or as they are. */
  public Preparation withSafeSide(boolean on) {
    return new Preparation(opening, readyDays, offers, plugs, done, on);
  }

  /** The same with other steps done. */
  public Preparation withDone(List<Done> other) {
    return new Preparation(opening, readyDays, offers, plugs, other, safeSide);
  }

  /** The same with a run under another name. */
  public Preparation runRenamed(String from, String to) {
    return withDone(done.stream().map(d -> d.renamed(from, to, true)).toList());
  }

  /** The same with a box under another name. */
  public Preparation boxRenamed(String from, String to) {
    return withDone(done.stream().map(d -> d.renamed(from, to, false)).toList());
  }
}
