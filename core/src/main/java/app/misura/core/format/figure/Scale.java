package app.misura.core.format.figure;

import app.misura.core.figure.View;
import app.misura.core.geometry.Point;

/**
 * From body centimetres to picture units.
 *
 * @param ox where the plumb line lies @param oy where the floor lies @param unit picture units per centimetre
 */
public record Scale(View view, double ox, double oy, double unit) {
    Point of(Point cm) {
        return new Point(ox + view.mirror() * unit * cm.x(), oy - unit * cm.y());
    }

    Point of(double x, double y) {
        return of(new Point(x, y));
    }
}
