package bunting.core.assess;

import bunting.core.show.Circuit;

/** A circuit and the amps that the show draws from it. */
public record CircuitReading(Circuit circuit, double loadAmps) {}
