package bunting.core.faults;

import java.util.ArrayList;
import java.util.List;

/** Colour orders that are taken for each other. */
final class Orders {
  private static final List<String> COLOURS = List.of("RGB", "RBG", "GRB", "GBR", "BRG", "BGR");

  private Orders() {}

  /** Every other order of red, green and blue; what else there is stays in its place. */
  static List<String> others(String planned) {
    List<String> others = new ArrayList<>();
    for (String rgb : COLOURS) {
      StringBuilder order = new StringBuilder();
      int next = 0;
      for (int i = 0; i < planned.length(); i++) {
        char c = planned.charAt(i);
        order.append("RGB".indexOf(c) >= 0 && next < rgb.length() ? rgb.charAt(next++) : c);
      }
      boolean whole = next == rgb.length() && planned.chars().filter(c -> c == 'R').count() == 1;
      if (whole && !order.toString().equals(planned)) {
        others.add(order.toString());
      }
    }
    return others;
  }

  /** The one with red and green in each other's place. */
  static String redForGreen(String planned) {
    return planned.replace('R', '*').replace('G', 'R').replace('*', 'G');
  }
}
