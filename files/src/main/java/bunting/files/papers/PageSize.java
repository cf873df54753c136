package bunting.files.papers;

import java.util.Arrays;
import java.util.Optional;

/** Sizes of paper that printers take (ISO 216, ANSI Y14.1). */
public enum PageSize {
  /** 210 by 297 mm. */
  A4("A4", 210, 297),
  /** 8.5 by 11 inches. */
  LETTER("Letter", 215.9, 279.4);

  private final String id;
  private final double widthMm;
  private final double heightMm;

  PageSize(String id, double widthMm, double heightMm) {
    this.id = id;
    this.widthMm = widthMm;
    this.heightMm = heightMm;
  }

  /** As one asks for it. */
  public String id() {
    return id;
  }

  /** Width upright, mm. */
  public double widthMm() {
    return widthMm;
  }

  /** Height upright, mm. */
  public double heightMm() {
    return heightMm;
  }

  /** The size of a name, in any case. */
  public static Optional<PageSize> of(String name) {
    return Arrays.stream(values()).filter(s -> s.id.equalsIgnoreCase(name)).findFirst();
  }
}
