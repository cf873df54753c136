package bunting.files.codec;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.limits.Range;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** A field, typed, read, written and told. */
class FieldTest {
  private static final ObjectMapper MAPPER = new ObjectMapper();

  private static <V> Field<V, V> field(Kind<V> kind) {
    return new Field<>("k", "what it is", kind, Optional::of);
  }

  private static <V> Optional<V> back(Field<V, V> field, V value) {
    ObjectNode object = MAPPER.createObjectNode();
    field.write(value, object);
    assertThat(field.spoils(object)).isFalse();
    return field.read(object);
  }

  @Property(tries = 300)
  void everyNumberOfARangeComesBack(@ForAll double any) {
    Field<Double, Double> f = field(Kind.number(Range.between(-1e6, 1e6)));
    if (Range.between(-1e6, 1e6).holds(any)) {
      assertThat(back(f, any + 0.0)).contains(any + 0.0);
    }
  }

  @Property(tries = 300)
  void everyTextOfTheRightLengthComesBack(@ForAll String any) {
    Field<String, String> f = field(Kind.text(50));
    Optional<String> typed = f.parse(any);
    typed.ifPresent(t -> assertThat(back(f, t)).contains(any));
    assertThat(typed.isPresent()).isEqualTo(!any.isBlank() && any.length() <= 50 && sound(any));
  }

  private static boolean sound(String text) {
    return text.codePoints().noneMatch(c -> c >= 0xD800 && c <= 0xDFFF);
  }

  @Test
  void whatIsTypedIsTakenOrNot() {
    Field<Integer, Integer> whole = field(Kind.whole(Range.between(-10, 10)));
    assertThat(whole.parse("-3")).contains(-3);
    for (String wrong : List.of("", "1.5", "11", "0x1", "1e1", " 1", "--1", "NaN")) {
      assertThat(whole.parse(wrong)).as(wrong).isEmpty();
    }
    Field<LocalDate, LocalDate> day = field(Kind.day());
    assertThat(day.parse("2024-02-29")).contains(LocalDate.of(2024, 2, 29));
    for (String wrong : List.of("2023-02-29", "29.2.2024", "2024-2-9", "9999-01-01", "")) {
      assertThat(day.parse(wrong)).as(wrong).isEmpty();
    }
    Field<String, String> word = field(Kind.word(List.of("one", "two"), w -> w));
    assertThat(word.parse("two")).contains("two");
    assertThat(word.parse("Two")).isEmpty();
    assertThat(word.wanted()).isEqualTo("one of one, two");
  }

  @Test
  void whatIsInAFileMustBeOfItsKind() throws Exception {
    Field<Double, Double> f = field(Kind.number(Range.AMPS));
    assertThat(f.read(MAPPER.readTree("{\"k\":1.25}"))).contains(1.25);
    assertThat(f.spoils(MAPPER.readTree("{}"))).isFalse();
    for (String wrong : List.of("{\"k\":\"1\"}", "{\"k\":-1}", "{\"k\":null}", "{\"k\":[1]}")) {
      assertThat(f.spoils(MAPPER.readTree(wrong))).as(wrong).isTrue();
    }
  }

  @Test
  void wholeNumbersAreWrittenWithoutAPoint() {
    ObjectNode object = MAPPER.createObjectNode();
    field(Kind.number(Range.AMPS)).write(12.0, object);
    assertThat(object.toString()).isEqualTo("{\"k\":12}");
  }

  @Test
  void whatItemOfAListIsWrongIsFound() throws Exception {
    Field<List<Double>, List<Double>> f = field(Kind.numbers(Range.PERCENT));
    assertThat(f.read(MAPPER.readTree("{\"k\":[5, 12.5]}"))).contains(List.of(5.0, 12.5));
    assertThat(f.spoiltItem(MAPPER.readTree("{\"k\":[5, 12, \"x\", 7]}"))).hasValue(2);
    assertThat(f.spoiltItem(MAPPER.readTree("{\"k\":[5]}"))).isEmpty();
    for (String wrong : List.of("{\"k\":[]}", "{\"k\":5}", "{\"k\":[[5]]}", "{\"k\":[101]}")) {
      assertThat(f.spoils(MAPPER.readTree(wrong))).as(wrong).isTrue();
    }
    Field<List<List<Integer>>, List<List<Integer>>> groups =
        field(Kind.groups(Range.between(1, 4)));
    assertThat(groups.read(MAPPER.readTree("{\"k\":[[1, 2], [4]]}")))
        .contains(List.of(List.of(1, 2), List.of(4)));
    assertThat(groups.spoiltItem(MAPPER.readTree("{\"k\":[[1], []]}"))).hasValue(1);
  }

  @Test
  void aFlagIsYesInACellAndTrueInAFile() throws Exception {
    Field<Boolean, Boolean> f = field(Kind.flag()).usually(false);
    assertThat(f.parse("YES")).contains(true);
    assertThat(f.parse("true")).isEmpty();
    assertThat(f.read(MAPPER.readTree("{\"k\":true}"))).contains(true);
    assertThat(f.spoils(MAPPER.readTree("{\"k\":\"yes\"}"))).isTrue();
    assertThat(f.cell(true)).contains("yes");
    assertThat(f.cell(false)).as("what is usual is left out").isEmpty();
    assertThat(f.documentedColumn()).isEqualTo("| `k` | yes or no, by default no | what it is |");
  }

  @Test
  void itTellsWhatItIs() {
    assertThat(field(Kind.number(Range.PERCENT)).documented())
        .isEqualTo("| `k` | a number from 0 to 100 | what it is |");
  }
}
