/**
 * A better plan beside the accepted one: what it saves and what it moves. It changes nothing. Start
 * at {@link bunting.core.propose.BetterPlan}.
 */
@NullMarked
package bunting.core.propose;

import org.jspecify.annotations.NullMarked;
