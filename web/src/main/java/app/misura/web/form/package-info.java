/**
 * Which forms does the house have, and how were they when a sheet was measured? Uses id.
 */
@NullMarked
package app.misura.web.form;

import org.jspecify.annotations.NullMarked;
