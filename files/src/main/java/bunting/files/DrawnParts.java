package bunting.files;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Base64;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javax.xml.stream.XMLStreamReader;

/**
 * How much a drawing draws once every reference in it is followed, counted before it is drawn: a
 * few hundred bytes that use themselves over and over can stand for more than any machine draws.
 * Each element is counted once and remembered, so counting takes no longer than reading.
 */
final class DrawnParts {
  /** Most elements that are drawn, each as often as it is used. */
  private static final long DRAWN_MAX = 300_000;

  /** Most pixels of the photos inside, all together. */
  private static final long PHOTO_PIXELS_MAX = 50_000_000;

  /** Most elements inside each other. */
  private static final int DEPTH_MAX = 90;

  private static final class Part {
    private final List<Part> children = new ArrayList<>();
    private Optional<String> uses = Optional.empty();
    private long drawn;
  }

  private final Map<String, Part> byId = new HashMap<>();
  private final Deque<Part> open = new ArrayDeque<>();
  private final Part root = new Part();
  private long photoPixels;

  /** An element begins. */
  void begin(XMLStreamReader xml) throws BadInputException {
    if (open.size() > DEPTH_MAX) {
      throw tooMuch();
    }
    Part part = new Part();
    (open.isEmpty() ? root : open.peek()).children.add(part);
    open.push(part);
    for (int i = 0; i < xml.getAttributeCount(); i++) {
      String name = xml.getAttributeLocalName(i);
      String value = xml.getAttributeValue(i).strip();
      if (name.equals("id")) {
        byId.putIfAbsent(value, part);
      } else if (name.equals("href") && value.startsWith("#")) {
        part.uses = Optional.of(value.substring(1));
      } else if (name.equals("href") && value.startsWith("data:image/")) {
        photo(value);
      }
    }
  }

  /** An element ends. */
  void end() {
    open.pop();
  }

  private void photo(String data) throws BadInputException {
    int comma = data.indexOf(',');
    byte[] bytes;
    try {
      bytes = Base64.getMimeDecoder().decode(data.substring(comma + 1));
    } catch (IllegalArgumentException e) {
      throw new BadInputException("a photo inside the drawing is damaged; save it again.");
    }
    photoPixels += PictureBytes.size(bytes).map(PictureBytes.Size::pixels).orElse(0L);
    if (photoPixels > PHOTO_PIXELS_MAX) {
      throw new BadInputException(
          "the photos inside the drawing have over 50 million pixels; save them smaller.");
    }
  }

  /** Refuses what would draw too much, or itself. */
  void check() throws BadInputException {
    if (count(root, new HashSet<>(), 0) > DRAWN_MAX) {
      throw tooMuch();
    }
  }

  private static BadInputException tooMuch() {
    return new BadInputException(
        "the drawing draws over "
            + DRAWN_MAX
            + " parts, or parts inside each other without end; save it simpler.");
  }

  private long count(Part part, Set<Part> above, int depth) throws BadInputException {
    if (part.drawn > 0) {
      return part.drawn;
    }
    if (!above.add(part) || depth > 2 * DEPTH_MAX) {
      throw tooMuch();
    }
    long drawn = 1;
    for (Part child : part.children) {
      drawn = Math.min(DRAWN_MAX + 1, drawn + count(child, above, depth + 1));
    }
    Optional<Part> used = part.uses.map(byId::get);
    if (used.isPresent()) {
      drawn = Math.min(DRAWN_MAX + 1, drawn + count(used.get(), above, depth + 1));
    }
    above.remove(part);
    part.drawn = drawn;
    return drawn;
  }
}
