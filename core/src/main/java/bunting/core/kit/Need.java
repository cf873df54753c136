package bunting.core.kit;

/**
 * What a plan needs of one thing.
 *
 * @param group under which it is looked for in a shop
 * @param kind what it is
 * @param size which one of its kind; empty: there is one
 * @param planned so many, or so many metres
 * @param withSpares what one takes along
 * @param shelf what lies there already
 * @param unit {@code pieces}, {@code pairs}, {@code m}, {@code packs}
 * @param packs what is bought in one: metres of a reel, pieces of a pack; 1 where it comes singly
 * @param price of one pack; 0: not known
 */
public record Need(
    Group group,
    String kind,
    String size,
    double planned,
    double withSpares,
    double shelf,
    String unit,
    double packs,
    double price) {
  /** Under what a thing is looked for. */
  public enum Group {
    /** Strips and strings. */
    PIXELS("Pixels"),
    /** Boards and what goes around them. */
    BOXES("Boxes"),
    /** Supplies and what divides them. */
    POWER("Power"),
    /** Fuses and their holders. */
    FUSES("Fuses"),
    /** Cable. */
    WIRE("Cable"),
    /** Plugs, joints, ferrules, glands. */
    ENDS("Plugs and ends"),
    /** From the socket to the supplies. */
    MAINS("Mains"),
    /** What holds it. */
    FIXINGS("Fixings and labels");

    private final String words;

    Group(String words) {
      this.words = words;
    }

    /** As people say it. */
    public String words() {
      return words;
    }
  }

  /** Its name in the log: {@code blade fuse 5 A}. */
  public String part() {
    return (kind + " " + size).strip();
  }

  /** The same with more of it on the shelf. */
  public Need withMore(double there) {
    return new Need(group, kind, size, planned, withSpares, shelf + there, unit, packs, price);
  }

  /** What is not on the shelf. */
  public double missing() {
    return Math.max(0, withSpares - shelf);
  }

  /** Packs to buy. */
  public int buy() {
    return buyOf(packs);
  }

  /** Packs to buy where so much is in one. */
  public int buyOf(double pack) {
    return (int) Math.ceil(missing() / pack - 1e-9);
  }

  /** What they cost; 0: no price is known. */
  public double cost() {
    return buy() * price;
  }
}
