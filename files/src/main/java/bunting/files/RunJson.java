package bunting.files;

import static bunting.files.codec.Optionals.decimal;

import bunting.core.limits.Range;
import bunting.core.show.Controller;
import bunting.core.show.Pin;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.io.IOException;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/** A run of a show file. */
final class RunJson {
  private RunJson() {}

  static Run read(JsonFields f, Show bare) throws BadInputException {
    PixelType type = RunFields.type(f, bare);
    Optional<JsonFields> notes = f.object("notes");
    return RunFields.run(
        f,
        new RunFields.Found(
            type,
            f.of(RunFields.PIXELS),
            decimal(f.maybe(RunFields.LENGTH)),
            Optional.of(f.cutText("group", "")).filter(g -> !g.isBlank()),
            pin(f, bare),
            notes.isPresent() ? notes.get().allTexts() : Map.of()));
  }

  private static Optional<Pin> pin(JsonFields f, Show bare) throws BadInputException {
    Optional<String> id = f.maybe(RunFields.CONTROLLER);
    if (id.isEmpty()) {
      if (f.has("port")) {
        throw f.wrong("port", "stands without a controller; name the controller too.");
      }
      return Optional.empty();
    }
    Controller box =
        bare.controllers().stream()
            .flatMap(java.util.List::stream)
            .filter(c -> c.id().equals(id.get()))
            .findFirst()
            .orElseThrow(
                () ->
                    f.wrong(
                        RunFields.CONTROLLER,
                        BadInputException.echo(id.get())
                            + " is no controller of this show; give the id of one."));
    if (!f.has("port")) {
      return Optional.of(new Pin(id.get(), OptionalInt.empty()));
    }
    int ports = bare.catalogue().controllerTypesById().get(box.type()).ports();
    return Optional.of(new Pin(id.get(), OptionalInt.of(f.whole("port", Range.between(1, ports)))));
  }

  static void write(Json json, Run run) throws IOException {
    Shape.write(json, RunFields.ALL, run);
    if (!run.notes().isEmpty()) {
      json.object(
          "notes",
          j -> {
            for (Map.Entry<String, String> e : run.notes().entrySet()) {
              j.put(e.getKey(), e.getValue());
            }
          });
    }
  }
}
