package bunting.core.show;

/**
 * What a feed is joined on with between two packs: a tee of plug, socket and lead.
 *
 * @param id unique id
 * @param name as people say it
 * @param ampsMax most that its feed may bring
 * @param cost price, 0 where none is known
 */
public record Joint(String id, String name, double ampsMax, double cost) {}
