package bunting.core.assess;

import bunting.core.show.Input;
import java.util.ArrayList;
import java.util.List;

/**
 * A piece of power cable that a plan wants.
 *
 * @param use what it is for
 * @param wire conductor id
 * @param conductors side by side in it
 * @param metres of the cable
 */
public record PowerCable(Use use, String wire, int conductors, double metres) {
  /** What cable is for. */
  public enum Use {
    FEED,
    TRUNK,
    LEAD,
    INPUT,
    SET
  }

  /** All power cable of a plan. */
  public static List<PowerCable> of(Reading reading) {
    List<PowerCable> list = new ArrayList<>();
    for (FeedReading f : reading.feeds()) {
      list.add(new PowerCable(Use.FEED, f.feed().wire(), 2, f.lengthM()));
    }
    for (TrunkReading t : reading.trunks()) {
      list.add(new PowerCable(Use.TRUNK, t.trunk().wire(), 2, t.metres()));
    }
    for (SegmentReading s : reading.segments()) {
      boolean joins = s.segment().position() > 1 && s.segment().powerFromPrevious();
      if (joins && s.segment().leadWire().isPresent()) {
        list.add(new PowerCable(Use.LEAD, s.segment().leadWire().get(), 2, s.leadM()));
      }
    }
    for (InputReading i : reading.designed().inputs()) {
      Input input = i.input();
      list.add(new PowerCable(Use.INPUT, input.wire(), 2, input.wires() * input.cableM()));
    }
    for (OtherReading.Set s : reading.others().sets()) {
      list.add(new PowerCable(Use.SET, s.output().wire(), s.set().channels() + 1, s.leadM()));
    }
    return list;
  }
}
