package app.misura.core.figure;

import app.misura.core.body.Body;
import app.misura.core.body.Trunk;
import java.util.List;

/** Head and throat in profile, moved up or down with the trunk, and the first line of the chest. */
final class ProfileHead extends SideView {
    ProfileHead(Body body, Canvas canvas) {
        super(body, canvas);
    }

    private Knot hd(double z, double v, double dy) {
        return n(.9 * k + z * b.headDepth(), b.chin() + dy + v * b.headHeight());
    }

    List<Knot> face(double dy) {
        return List.of(
                hd(-.06, 1, dy).t(1, 0),
                hd(.50, .945, dy),
                hd(.84, .815, dy),
                hd(.965, .69, dy),
                hd(.985, .605, dy),
                hd(.945, .535, dy).h(.8),
                hd(1.02, .43, dy),
                hd(1.105, .335, dy).h(.75),
                hd(1.02, .275, dy).h(.7),
                hd(1.025, .20, dy),
                hd(.965, .135, dy),
                hd(.975, .06, dy).h(.9),
                hd(.86, -.02, dy),
                hd(.62, -.045, dy));
    }

    List<Knot> skull(double dy) {
        return List.of(
                hd(-.74, .26, dy), hd(-.93, .43, dy), hd(-1, .60, dy).t(0, 1), hd(-.94, .77, dy), hd(-.62, .93, dy));
    }

    void lines(double dy) {
        canvas.layer(
                Figure.Role.SHAPE,
                List.of(
                        hd(.02, .455, dy),
                        hd(.05, .535, dy),
                        hd(-.03, .60, dy),
                        hd(-.16, .59, dy),
                        hd(-.235, .495, dy),
                        hd(-.195, .395, dy),
                        hd(-.10, .305, dy),
                        hd(-.03, .295, dy),
                        hd(-.01, .37, dy)),
                true,
                true);
        canvas.line(
                .75,
                0,
                0,
                .5,
                hd(-.01, .53, dy),
                hd(-.10, .555, dy),
                hd(-.175, .49, dy),
                hd(-.14, .41, dy),
                hd(-.09, .375, dy));
        canvas.line(1.1, 0, 0, .6, hd(-.03, .28, dy), hd(.03, .16, dy), hd(.28, .085, dy), hd(.62, .015, dy));
        canvas.line(
                .9,
                0,
                .2,
                .45,
                hd(-.15, .30, dy),
                n(t("neckMid").zf() * .18, t("neckMid").y() + .5 * k + dy),
                n(t("shoulder").zf() * .72, t("shoulder").y() + .4 * k + dy));
        canvas.line(
                1.0,
                .3,
                0,
                .5,
                n(t("shoulder").zf() - .3 * k, t("shoulder").y() - .9 * k + dy),
                n(2.6 * k, t("shoulder").y() - .1 * k + dy),
                n(.8 * k, t("shoulder").y() + .5 * k + dy));
        chestLine(dy);
    }

    private void chestLine(double dy) {
        if (b.bust() > 1.2) {
            double z = b.frontAt(b.foldY());
            canvas.line(
                    1.2,
                    .8,
                    0,
                    .6,
                    n(z, b.foldY() + dy),
                    n(z - 3.2 * k, b.foldY() + .6 * k + dy),
                    n(z - 5.4 * k, b.foldY() + 3 * k + dy));
        } else {
            Trunk c = t("chest");
            canvas.line(
                    .9,
                    .2,
                    0,
                    .42,
                    n(c.zf() - .9 * k, c.y() - 2.4 * k + dy),
                    n(c.zf() - 4 * k, c.y() - 2.6 * k + dy),
                    n(c.zf() - 7 * k, c.y() - .5 * k + dy));
        }
    }
}
