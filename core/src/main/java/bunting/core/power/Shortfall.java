package bunting.core.power;

/** Why an island cannot be powered: what is short, needed and to be had, in one unit. */
record Shortfall(String lacks, double measured, double allowed, String unit) {}
