package bunting.core.guess;

/**
 * What somebody who judges plans has against one.
 *
 * @param code of the rule
 * @param about what it is about, as the rule names it
 * @param says in a sentence or two
 */
public record Alarm(String code, String about, String says) {}
