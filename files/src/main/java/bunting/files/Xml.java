package bunting.files;

import java.io.ByteArrayOutputStream;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** Writes XML: elements with attributes, nested. */
final class Xml {
  /** What stands inside an element. */
  @FunctionalInterface
  interface Body {
    void write(Xml xml) throws XMLStreamException;
  }

  private final XMLStreamWriter out;

  private Xml(XMLStreamWriter out) {
    this.out = out;
  }

  static byte[] document(Body body) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try {
      XMLStreamWriter writer = XMLOutputFactory.newInstance().createXMLStreamWriter(bytes, "UTF-8");
      writer.writeStartDocument("UTF-8", "1.0");
      body.write(new Xml(writer));
      writer.writeEndDocument();
      writer.close();
    } catch (XMLStreamException e) {
      throw new IllegalStateException("what is written is well-formed", e);
    }
    return bytes.toByteArray();
  }

  /** An element with attributes, name and value by turns, and a body. */
  void element(String name, Body body, String... attributes) throws XMLStreamException {
    out.writeStartElement(name);
    for (int i = 0; i + 1 < attributes.length; i += 2) {
      out.writeAttribute(attributes[i], clean(attributes[i + 1]));
    }
    body.write(this);
    out.writeEndElement();
  }

  /** An element without a body. */
  void empty(String name, String... attributes) throws XMLStreamException {
    element(name, x -> {}, attributes);
  }

  /** An element with text. */
  void text(String name, String text, String... attributes) throws XMLStreamException {
    element(name, x -> x.out.writeCharacters(clean(text)), attributes);
  }

  /** Without what XML 1.0 does not allow. */
  private static String clean(String text) {
    return text.replaceAll("[\\p{Cntrl}\\uFFFE\\uFFFF]", " ");
  }
}
