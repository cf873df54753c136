package bunting.desktop.kit;

import java.util.function.Function;
import javafx.scene.control.ComboBox;
import javafx.util.StringConverter;

/** Lists to choose from that show things by their names. */
public final class Choices {
  private Choices() {}

  /** Lets a list that is not edited show its items by a name; nothing chosen shows as nothing. */
  public static <T> void named(ComboBox<T> box, Function<T, String> name) {
    box.setConverter(
        new StringConverter<>() {
          @Override
          public String toString(T item) {
            return item == null ? "" : name.apply(item);
          }

          @Override
          public T fromString(String text) {
            throw new UnsupportedOperationException("the list is not edited");
          }
        });
  }
}
