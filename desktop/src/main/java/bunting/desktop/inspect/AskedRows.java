package bunting.desktop.inspect;

import bunting.desktop.kit.Buttons;
import bunting.desktop.session.Session;
import java.util.List;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;

/** A question that takes a while: a button, an answer found aside, put in the button's place. */
final class AskedRows<T> {
  private final Session session;
  private final String job;
  private final Supplier<T> find;
  private final Function<T, List<Node>> told;
  private final Button ask;
  private final VBox answer = new VBox(4);

  private AskedRows(
      Session session,
      String id,
      String question,
      String job,
      Supplier<T> find,
      Function<T, List<Node>> told) {
    this.session = session;
    this.job = job;
    this.find = find;
    this.told = told;
    this.ask = Buttons.of(id, question, this::ask);
    answer.getChildren().add(ask);
  }

  /**
   * A question.
   *
   * @param job what is being done meanwhile, as "looking for ..."
   * @param find the answer; not on the interface's thread
   * @param told the answer as rows
   */
  static <T> Node of(
      Session session,
      String id,
      String question,
      String job,
      Supplier<T> find,
      Function<T, List<Node>> told) {
    return new AskedRows<>(session, id, question, job, find, told).answer;
  }

  private void ask() {
    ask.setDisable(true);
    ask.setText("Trying…");
    session
        .background()
        .run(
            job,
            running -> find.get(),
            found -> answer.getChildren().setAll(told.apply(found)),
            why -> {
              ask.setDisable(false);
              ask.setText("Try again");
              session.say(why);
            });
  }
}
