package bunting.desktop.survey;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.show.Picture;
import bunting.desktop.session.Background;
import bunting.files.Pictures;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import javafx.scene.image.Image;
import javafx.stage.Stage;
import javafx.util.Duration;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.testfx.framework.junit5.Start;

/** Drawings are drawn beside the window, whatever they ask for, and can be given up. */
@Tag("slow")
class UnderlayImageTest extends WindowDriver {
  private final List<String> said = Collections.synchronizedList(new ArrayList<>());

  @Start
  void start(Stage stage) {
    stage.show();
  }

  private static Picture drawing(String body) throws Exception {
    String svg =
        "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 1000 1000'>" + body + "</svg>";
    return Pictures.of("mill.svg", svg.getBytes(StandardCharsets.UTF_8));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "<path d='M0 0H1000V1000H0Z' stroke='black' fill='none' stroke-dasharray='1e-9'/>",
        "<path d='M0 0L1e7 1e7' stroke='black' stroke-dasharray='0.00001 0.00001'/>",
        "<g transform='scale(1e6)'><path d='M0 0L1 1' stroke='black' stroke-width='1e-6'"
            + " stroke-dasharray='1e-8'/></g>",
        "<style>path{stroke-dasharray:1e-7;stroke:red}</style><path d='M0 0L999 999'/>",
        "<filter id='f' width='1000%' height='1000%'><feGaussianBlur stdDeviation='100000'/>"
            + "</filter><rect width='900' height='900' filter='url(#f)'/>"
      })
  void whatWouldHoldUpTheWindowIsDrawnSimply(String body) throws Exception {
    Picture picture = drawing(body);
    UnderlayImage images =
        onScreen(() -> new UnderlayImage(Background.ofWindow(), () -> {}, said::add));
    onScreen(() -> images.of(picture, 500));
    wait(() -> !images.busy());
    assertThat(onScreen(() -> images.of(picture, 500))).as(String.join(" ", said)).isPresent();
    assertThat(said).isEmpty();
  }

  @Test
  void aDrawingThatTakesTooLongIsGivenUpAndToldAndTheWindowGoesOn() throws Exception {
    CountDownLatch never = new CountDownLatch(1);
    Background slow =
        new Background(
            work ->
                Thread.ofPlatform()
                    .daemon()
                    .start(
                        () -> {
                          await(never);
                          work.run();
                        }),
            javafx.application.Platform::runLater);
    Picture picture = drawing("<rect width='9' height='9'/>");
    UnderlayImage images =
        onScreen(() -> new UnderlayImage(slow, () -> {}, said::add, Duration.millis(50)));
    Optional<Image> first = onScreen(() -> images.of(picture, 500));
    assertThat(first).isEmpty();
    wait(() -> !said.isEmpty());
    assertThat(said.getFirst()).contains("mill.svg takes too long to draw").endsWith(".");
    assertThat(onScreen(images::busy)).isFalse();
    never.countDown();
    assertThat(onScreen(() -> images.of(picture, 500))).as("it was given up").isEmpty();
  }

  private static void await(CountDownLatch latch) {
    try {
      latch.await();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
