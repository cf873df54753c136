/**
 * The universe tape, the policy of addresses, handing out, and the network. Layout is apart from
 * painting. Start at {@link bunting.desktop.addresses.AddressScreen}.
 */
@NullMarked
package bunting.desktop.addresses;

import org.jspecify.annotations.NullMarked;
