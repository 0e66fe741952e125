/**
 * What does a workroom look like that is at work? A made-up one, for trying out. Uses order, reading, client and
 * account.
 */
@NullMarked
package app.misura.web.demo;

import org.jspecify.annotations.NullMarked;
