package bunting.core.show;

/**
 * What carries data further than a bare lead does.
 *
 * @param id unique id
 * @param name for people
 * @param reachM metres of lead that it is good for
 * @param cost price, 0 where none is known
 */
public record LeadHelper(String id, String name, double reachM, double cost) {}
