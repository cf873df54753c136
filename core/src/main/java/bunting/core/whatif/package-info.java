/**
 * What happens when something is lost: a fuse, a feed, a lead, an input wire, a supply. Pure
 * functions of a reading. Start at {@link bunting.core.whatif.WhatIf}.
 */
@NullMarked
package bunting.core.whatif;

import org.jspecify.annotations.NullMarked;
