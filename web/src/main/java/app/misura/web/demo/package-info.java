/**
 * What does a workroom look like that is at work? A made-up one, for trying out. Uses order, known, size, reading, client,
 * house and account.
 */
@NullMarked
package app.misura.web.demo;

import org.jspecify.annotations.NullMarked;
