/**
 * Which outline has these lengths? A {@link app.misura.core.draft.Draft} is pieces, the seams that join them and the
 * targets they keep, all re-measured on the drawn line. Plain doubles in millimetres; may use geometry.
 */
@NullMarked
package app.misura.core.draft;

import org.jspecify.annotations.NullMarked;
