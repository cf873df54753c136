package bunting.files;

import bunting.core.show.Picture;
import java.io.ByteArrayInputStream;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.XMLConstants;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/**
 * Pictures that may lie under an elevation: PNG, JPEG, and SVG that draws and does nothing else.
 */
public final class Pictures {
  /** Most bytes of a picture: what a telephone makes, several times over. */
  private static final int BYTES_MAX = 40_000_000;

  /** Most pixels of a picture: what fits the memory of an old machine. */
  private static final long PIXELS_MAX = 100_000_000;

  private static final Pattern LENGTH =
      Pattern.compile("\\s*(\\d{1,7}(?:\\.\\d{1,9})?)\\s*(?:px|pt|mm|cm|in)?\\s*");

  /** A part of the drawing, or a photo inside it. */
  private static final Pattern OWN = Pattern.compile("#|data:image/(?:png|jpe?g|gif)[;,]");

  /** A style that is fetched, not one of the drawing's own parts. */
  private static final Pattern FETCH = Pattern.compile("url\\(\\s*['\"]?(?!#)");

  private Pictures() {}

  /** Reads a picture. */
  public static Picture read(Path file) throws BadInputException {
    byte[] bytes = TextFiles.bytes(file, BYTES_MAX);
    try {
      return of(String.valueOf(file.getFileName()), bytes);
    } catch (BadInputException e) {
      throw BadInputException.of(file, e.getMessage());
    }
  }

  /** A picture by its bytes. */
  public static Picture of(String name, byte[] bytes) throws BadInputException {
    if (bytes.length > 8 && (bytes[0] & 0xFF) == 0x89 && bytes[1] == 'P') {
      return raster(name, Picture.Kind.PNG, bytes);
    }
    if (bytes.length > 3 && (bytes[0] & 0xFF) == 0xFF && (bytes[1] & 0xFF) == 0xD8) {
      return raster(name, Picture.Kind.JPEG, bytes);
    }
    return drawing(name, bytes);
  }

  private static Picture raster(String name, Picture.Kind kind, byte[] bytes)
      throws BadInputException {
    if (kind == Picture.Kind.PNG
        ? !PictureBytes.isWholePng(bytes)
        : !PictureBytes.isWholeJpeg(bytes)) {
      throw new BadInputException(
          "the picture is damaged or its end is missing; try a copy of it.");
    }
    PictureBytes.Size size =
        PictureBytes.size(bytes)
            .orElseThrow(() -> new BadInputException("the picture is damaged; try a copy of it."));
    if (size.pixels() > PIXELS_MAX) {
      throw new BadInputException("it has over 100 million pixels; save it smaller.");
    }
    return new Picture(name, kind, size.width(), size.height(), bytes);
  }

  private static Picture drawing(String name, byte[] bytes) throws BadInputException {
    XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    factory.setProperty(XMLConstants.ACCESS_EXTERNAL_DTD, "");
    double[] size = {};
    DrawnParts parts = new DrawnParts();
    try {
      XMLStreamReader xml = factory.createXMLStreamReader(new ByteArrayInputStream(bytes));
      while (xml.hasNext()) {
        int event = xml.next();
        if (event == XMLStreamConstants.DTD || event == XMLStreamConstants.ENTITY_REFERENCE) {
          throw new BadInputException(
              "the drawing declares a document type or entities; save it as plain SVG.");
        }
        if (event == XMLStreamConstants.PROCESSING_INSTRUCTION || fetchesByStyle(xml, event)) {
          throw new BadInputException(
              "the drawing fetches a style from elsewhere; save it as plain SVG.");
        }
        if (event == XMLStreamConstants.START_ELEMENT) {
          if (size.length == 0) {
            size = size(xml);
          }
          draws(xml);
          parts.begin(xml);
        } else if (event == XMLStreamConstants.END_ELEMENT) {
          parts.end();
        }
      }
    } catch (XMLStreamException e) {
      throw new BadInputException("it is no PNG, JPEG or SVG picture; save it as one of them.");
    }
    if (size.length == 0) {
      throw new BadInputException("it is no PNG, JPEG or SVG picture; save it as one of them.");
    }
    parts.check();
    return new Picture(name, Picture.Kind.SVG, size[0], size[1], bytes);
  }

  private static boolean fetchesByStyle(XMLStreamReader xml, int event) {
    if (event != XMLStreamConstants.CHARACTERS && event != XMLStreamConstants.CDATA) {
      return false;
    }
    String text = xml.getText();
    return text.contains("@import") || FETCH.matcher(text).find();
  }

  private static double[] size(XMLStreamReader xml) throws BadInputException {
    if (!xml.getLocalName().equals("svg")) {
      throw new BadInputException("it is no PNG, JPEG or SVG picture; save it as one of them.");
    }
    String box = xml.getAttributeValue(null, "viewBox");
    if (box != null && box.strip().split("[\\s,]+").length == 4) {
      String[] n = box.strip().split("[\\s,]+");
      try {
        return positive(Double.parseDouble(n[2]), Double.parseDouble(n[3]));
      } catch (NumberFormatException e) {
        throw new BadInputException("the drawing's viewBox should hold four numbers.");
      }
    }
    Matcher width = LENGTH.matcher(String.valueOf(xml.getAttributeValue(null, "width")));
    Matcher height = LENGTH.matcher(String.valueOf(xml.getAttributeValue(null, "height")));
    if (width.matches() && height.matches()) {
      return positive(Double.parseDouble(width.group(1)), Double.parseDouble(height.group(1)));
    }
    throw new BadInputException(
        "the drawing has no size; give its svg element a viewBox, or width and height.");
  }

  private static double[] positive(double width, double height) throws BadInputException {
    if (!(width > 0 && height > 0 && width <= 1e7 && height <= 1e7)) {
      throw new BadInputException("the drawing's width and height should be over 0.");
    }
    return new double[] {width, height};
  }

  /** Refuses what runs, and what would be fetched from elsewhere. */
  private static void draws(XMLStreamReader xml) throws BadInputException {
    switch (xml.getLocalName()) {
      case "script", "foreignObject", "iframe", "handler", "animate", "set" ->
          throw new BadInputException(
              "the drawing holds more than lines and pictures (a script or the like); save it as"
                  + " plain SVG.");
      default -> {
        for (int i = 0; i < xml.getAttributeCount(); i++) {
          String name = xml.getAttributeLocalName(i);
          String value = xml.getAttributeValue(i).strip();
          boolean elsewhere = name.equals("href") && !OWN.matcher(value).lookingAt();
          boolean style = FETCH.matcher(value).find();
          if (name.startsWith("on") || elsewhere || style) {
            throw new BadInputException(
                "the drawing runs or fetches something (attribute "
                    + name
                    + "); save it as plain SVG.");
          }
        }
      }
    }
  }
}
