/**
 * The cables behind the addresses: boxes on an IP network, with packets and megabits; dimmer boards
 * on DMX lines, with start addresses. Start at {@link bunting.core.network.NetworkPlan}.
 */
@NullMarked
package bunting.core.network;

import org.jspecify.annotations.NullMarked;
