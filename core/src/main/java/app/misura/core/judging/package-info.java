/**
 * How does this house judge a sheet? {@link app.misura.core.judging.Judging}: the declared kinds of {@link
 * app.misura.core.judging.Check} with their weights and tolerances, the norms of its bodies, the {@link app.misura.core.judging.Scatter} of its measurers. Values only; who asks is elsewhere.
 */
@NullMarked
package app.misura.core.judging;

import org.jspecify.annotations.NullMarked;
