package bunting.files.papers;

import com.ibm.icu.text.ArabicShaping;
import com.ibm.icu.text.ArabicShapingException;
import com.ibm.icu.text.Bidi;
import com.ibm.icu.text.BidiRun;
import com.openhtmltopdf.bidi.BidiReorderer;
import com.openhtmltopdf.bidi.BidiSplitter;
import com.openhtmltopdf.bidi.BidiTextRun;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;

/**
 * Scripts that run from right to left: which stretches of a line they are (the Unicode
 * bidirectional algorithm, UAX 9), and how their letters are joined.
 */
final class Writing {
  private Writing() {}

  /** Teaches a renderer to write them. */
  static void use(PdfRendererBuilder builder) {
    builder.useUnicodeBidiSplitter(Stretches::new);
    builder.useUnicodeBidiReorderer(new Letters());
  }

  /** The stretches of a paragraph, from left to right as they are seen. */
  private static final class Stretches implements BidiSplitter {
    private final Bidi bidi = new Bidi();

    @Override
    public void setParagraph(String text, byte direction) {
      byte level =
          switch (direction) {
            case RTL -> Bidi.RTL;
            case NEUTRAL -> Bidi.LEVEL_DEFAULT_LTR;
            default -> Bidi.LTR;
          };
      bidi.setPara(text, level, null);
    }

    @Override
    public int countTextRuns() {
      return bidi.countRuns();
    }

    @Override
    public BidiTextRun getVisualRun(int index) {
      BidiRun run = bidi.getVisualRun(index);
      return new BidiTextRun(run.getStart(), run.getLength(), run.isOddRun() ? RTL : LTR);
    }

    @Override
    public byte getBaseDirection(String text) {
      return switch (Bidi.getBaseDirection(text)) {
        case Bidi.RTL -> RTL;
        case Bidi.LTR -> LTR;
        default -> NEUTRAL;
      };
    }
  }

  /** Letters of a stretch in the order in which they are seen, joined to their neighbours. */
  private static final class Letters implements BidiReorderer {
    private final ArabicShaping joined =
        new ArabicShaping(
            ArabicShaping.LETTERS_SHAPE
                | ArabicShaping.TEXT_DIRECTION_LOGICAL
                | ArabicShaping.LENGTH_GROW_SHRINK);
    private final ArabicShaping apart =
        new ArabicShaping(
            ArabicShaping.LETTERS_UNSHAPE
                | ArabicShaping.TEXT_DIRECTION_LOGICAL
                | ArabicShaping.LENGTH_GROW_SHRINK);

    @Override
    public String reorderRTLTextToLTR(String text) {
      return Bidi.writeReverse(text, Bidi.DO_MIRRORING);
    }

    @Override
    public String shapeText(String text) {
      return shaped(joined, text);
    }

    @Override
    public String deshapeText(String text) {
      return shaped(apart, text);
    }

    private static String shaped(ArabicShaping how, String text) {
      try {
        return how.shape(text);
      } catch (ArabicShapingException e) {
        // What cannot be joined is written letter by letter.
        return text;
      }
    }

    @Override
    public boolean isLiveImplementation() {
      return true;
    }
  }
}
