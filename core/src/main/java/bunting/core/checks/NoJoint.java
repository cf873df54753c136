package bunting.core.checks;

import static bunting.core.show.Texts.fixed;

import bunting.core.assess.Joints;
import bunting.core.assess.Reading;
import bunting.core.show.Joint;

/** Every feed between packs has a joint of the catalogue that bears what it brings. */
final class NoJoint implements Check {
  @Override
  public String code() {
    return "no-joint";
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public String why() {
    return "The small plugs between packs bear a few amps; a feed that brings more melts them.";
  }

  @Override
  public String source() {
    return "the limits of the catalogue's joints";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    double most =
        reading.show().catalogue().joints().stream().mapToDouble(Joint::ampsMax).max().orElse(0);
    Joints.without(reading)
        .forEach(
            f -> {
              double amps = reading.worst().feedAmps(f.feed().id());
              to.report(
                  Subject.Kind.FEED,
                  f.feed().id(),
                  amps,
                  most,
                  "A",
                  "Feed "
                      + f.feed().id()
                      + " brings "
                      + fixed(amps, 1)
                      + " A between two packs, and no joint bears over "
                      + fixed(most, 1)
                      + " A: solder it on, or feed at one more place.");
            });
  }
}
