package bunting.desktop.session;

import bunting.core.propose.Proposal;
import bunting.core.show.ShowSettings;
import bunting.core.show.Texts;

/** What a better plan offers, in few words. */
public final class OfferText {
  private OfferText() {}

  /** Returns an amount of money with its sign, such as {@code −136 EUR}. */
  public static String change(ShowSettings settings, double by) {
    double whole = Math.rint(by);
    String sign = whole > 0 ? "+" : whole < 0 ? "−" : "±";
    return sign + settings.price(Math.abs(whole));
  }

  /** Returns how many runs move. */
  public static String moves(int runs) {
    return runs == 0 ? "no run moves" : Texts.count(runs, "run moves", "runs move");
  }

  /** Returns what a better plan gains. */
  public static String gain(Proposal p) {
    return p.placed() > 0
        ? Texts.count(p.placed(), "more run placed", "more runs placed")
        : p.fewerStops() > 0
            ? Texts.count(p.fewerStops(), "problem fewer", "problems fewer")
            : change(p.yours().reading().show().settings(), -p.saving());
  }

  /** Returns what the head line offers. */
  public static String of(Proposal p) {
    return "Better plan: " + gain(p) + ", " + moves(p.kept().moved().size());
  }
}
