/**
 * The made-up workroom that ships for trying out. Uses order, client and account.
 */
@NullMarked
package app.misura.web.demo;

import org.jspecify.annotations.NullMarked;
