package bunting.core.show;

/** What the planner strives for, once everything is placed. */
public enum Goal {
  /** Least price of building: boxes, supplies, cable, ways and work, groups torn apart. */
  COST("cost", "least price of building", ""),
  /** Runs of one group on one box, at any price. */
  GROUPS("groups", "groups together", "boxes too many"),
  /** Fewest boxes. */
  BOXES("boxes", "fewest boxes", "boxes"),
  /** Least cable: leads and feeds. */
  CABLE("cable", "least cable", "m"),
  /** Even load on shared fuses. */
  FUSES("fuses", "even fuses", "A over even"),
  /** Fewest feeds besides the ports' own leads: each is work on a ladder. */
  FEEDS("feeds", "fewest extra feeds", "feeds"),
  /** Least copper in leads that carry power and in feeds. */
  COPPER("copper", "least copper", "kg");

  private final String id;
  private final String text;
  private final String unit;

  Goal(String id, String text, String unit) {
    this.id = id;
    this.text = text;
    this.unit = unit;
  }

  /** The name used in files. */
  public String id() {
    return id;
  }

  /** As people read it. */
  public String text() {
    return text;
  }

  /** Unit of its figure; empty for money. */
  public String unit() {
    return unit;
  }
}
