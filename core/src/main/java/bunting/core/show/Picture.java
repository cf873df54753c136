package bunting.core.show;

import java.util.Arrays;
import java.util.Objects;

/** A picture file, as bytes, with what must be known of it before it is drawn. */
public final class Picture {
  /** Kinds that may lie under an elevation. */
  public enum Kind {
    PNG,
    JPEG,
    SVG
  }

  private final String name;
  private final Kind kind;
  private final double width;
  private final double height;
  private final byte[] bytes;

  /**
   * @param name the file's name, for people
   * @param width in pixels or user units, over 0
   * @param height likewise
   */
  public Picture(String name, Kind kind, double width, double height, byte[] bytes) {
    this.name = name;
    this.kind = kind;
    this.width = width;
    this.height = height;
    this.bytes = bytes.clone();
  }

  /** The file's name. */
  public String name() {
    return name;
  }

  /** Its kind. */
  public Kind kind() {
    return kind;
  }

  /** Width in pixels or user units. */
  public double width() {
    return width;
  }

  /** Height in pixels or user units. */
  public double height() {
    return height;
  }

  /** A copy of the file. */
  public byte[] bytes() {
    return bytes.clone();
  }

  @Override
  public boolean equals(Object other) {
    return other == this
        || (other instanceof Picture p
            && p.name.equals(name)
            && p.kind == kind
            && Arrays.equals(p.bytes, bytes));
  }

  @Override
  public int hashCode() {
    return Objects.hash(name, kind, bytes.length);
  }

  @Override
  public String toString() {
    return name + " (" + kind + ", " + bytes.length + " bytes)";
  }
}
