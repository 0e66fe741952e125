/**
 * What do many sheets tell of the hands and tools of a house, that one cannot? {@link app.misura.core.practice.Repeats}: how much
 * a measurer's tries scatter; {@link app.misura.core.practice.Offset}: what is read too short time and again; {@link
 * app.misura.core.practice.Calibration}: whether the scatter that is assumed is the one there is.
 */
@NullMarked
package app.misura.core.practice;

import org.jspecify.annotations.NullMarked;
