package app.misura.core.draft;

import app.misura.core.geometry.Point;

/** A mark on an edge that meets its like on the neighbour. */
public record Notch(String edge, Point at) {}
