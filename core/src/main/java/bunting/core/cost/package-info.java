/**
 * The one price of building: what boxes, supplies, ways, cable and work cost, and where a feed can
 * be joined on. Search, totals and papers ask here. Knows no search. Start with {@link
 * bunting.core.cost.BuildCost} and {@link bunting.core.cost.JoinPlaces}.
 */
@NullMarked
package bunting.core.cost;

import org.jspecify.annotations.NullMarked;
