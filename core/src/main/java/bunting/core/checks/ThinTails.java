package bunting.core.checks;

import static bunting.core.show.Texts.number;

import bunting.core.assess.FeedReading;
import bunting.core.assess.Reading;
import bunting.core.copper.TailRule;

/** A trunk's fuse may protect tails that are short, and no thinner than a tenth of it. */
final class ThinTails implements Check {
  @Override
  public String code() {
    return "thin-tail";
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
  }

  @Override
  public String why() {
    return "Shorted, a tail that is too thin or too long lets too little through to open the"
        + " trunk's fuse, and burns.";
  }

  @Override
  public String source() {
    return "NFPA 70 240.21(B)(1), from memory";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    var wires = reading.show().catalogue().wiresById();
    for (FeedReading f : reading.feeds()) {
      if (f.feed().trunk().isPresent()) {
        double most = TailRule.fuseMost(wires.get(f.feed().wire()));
        String tail = "The tail of feed " + f.feed().id();
        if (f.feed().fuseAmps() > most) {
          to.report(
              Subject.Kind.FEED,
              f.feed().id(),
              f.feed().fuseAmps(),
              most,
              "A",
              tail
                  + ", "
                  + f.feed().wire()
                  + ", lies behind a "
                  + number(f.feed().fuseAmps())
                  + " A fuse; no more than "
                  + number(most)
                  + " A may protect it: take a thicker tail.");
        }
        if (f.lengthM() > TailRule.METRES_MAX) {
          to.report(
              Subject.Kind.FEED,
              f.feed().id(),
              f.lengthM(),
              TailRule.METRES_MAX,
              "m",
              tail
                  + " is "
                  + number(f.lengthM())
                  + " m long; without a fuse of its own it may be "
                  + number(TailRule.METRES_MAX)
                  + " m at most.");
        }
      }
    }
  }
}
