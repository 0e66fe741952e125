/** The workroom as a web application: a package for each thing the user does. Rules of the trade live in the core. */
@NullMarked
package app.misura.web;

import org.jspecify.annotations.NullMarked;
