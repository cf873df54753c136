/** Tests in the real window, on the headless toolkit. */
@NullMarked
package bunting.desktop;

import org.jspecify.annotations.NullMarked;
