package bunting.desktop.session;

import bunting.core.show.Guess;
import bunting.core.show.Lasting;
import bunting.core.show.Preparation;
import bunting.core.show.Show;
import bunting.core.show.TypePlug;
import bunting.core.show.edit.RunEdits;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.UnaryOperator;

/** Edits of what is bought, joined and done, awkward and absurd ones too. */
final class RandomPreparations {
  private final Random random;

  RandomPreparations(Random random) {
    this.random = random;
  }

  UnaryOperator<Show> next(int n, String run, String box, String type, String name, double amount) {
    boolean yes = random.nextBoolean();
    int days = random.nextInt(1200) - 10;
    TypePlug.Side side = List.of(TypePlug.Side.values()).get(random.nextInt(3));
    return switch (n) {
      case 0 -> preparing(p -> p.withOpening(Optional.of(LocalDate.of(1900, 1, 1).plusDays(days))));
      case 1 -> preparing(p -> p.withReadyDays(days));
      case 2, 3 ->
          preparing(
              p ->
                  p.withOffers(
                      name,
                      List.of(
                          new Preparation.Offer(name, run, Math.abs(amount), days, 3),
                          new Preparation.Offer(name, name, amount, 0, days))));
      case 4 -> preparing(p -> p.withPlug(new TypePlug(type, name, yes, !yes, side)));
      case 5 -> preparing(p -> p.with(done(Preparation.Work.HANG, run, Math.max(1, days)), yes));
      case 6 -> preparing(p -> p.with(done(Preparation.Work.BOX, box, 0), yes));
      case 7 -> preparing(p -> p.withSafeSide(yes));
      case 8 ->
          s ->
              RunEdits.changed(
                  s, run, r -> r.withGuess(new Guess(amount, days, Optional.of(name))));
      default ->
          s -> RunEdits.changed(s, run, r -> List.of(Lasting.values()).get(n % 5).with(r, name));
    };
  }

  private static Preparation.Done done(Preparation.Work work, String of, int pixel) {
    return new Preparation.Done(work, of, pixel);
  }

  private static UnaryOperator<Show> preparing(UnaryOperator<Preparation> change) {
    return s -> s.withPreparation(change.apply(s.preparation()));
  }
}
