package bunting.core.show;

import java.util.Optional;

/** A supply in its box, and the mains circuit that it hangs on where one was found. */
public record Supply(String id, String type, Point at, Optional<String> circuit) {}
