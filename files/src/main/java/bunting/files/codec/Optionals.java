package bunting.files.codec;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/** Numbers that may be missing, as fields and as records have them. */
public final class Optionals {
  private Optionals() {}

  /** As a field has it. */
  public static Optional<Integer> boxed(OptionalInt value) {
    return value.isPresent() ? Optional.of(value.getAsInt()) : Optional.empty();
  }

  /** As a field has it. */
  public static Optional<Double> boxed(OptionalDouble value) {
    return value.isPresent() ? Optional.of(value.getAsDouble()) : Optional.empty();
  }

  /** As a record has it. */
  public static OptionalInt whole(Optional<Integer> value) {
    return value.isPresent() ? OptionalInt.of(value.get()) : OptionalInt.empty();
  }

  /** As a record has it. */
  public static OptionalDouble decimal(Optional<Double> value) {
    return value.isPresent() ? OptionalDouble.of(value.get()) : OptionalDouble.empty();
  }
}
