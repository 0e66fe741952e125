package app.misura.core.body;

/** A section of the trunk. Its width is solved once its depth is known; from outside it does not change. */
public final class Trunk {
    final String name;
    final double y;
    double w;
    double zf;
    double zb;
    final double n;
    final double girth;
    final double plainFront;
    final double plainBack;

    Trunk(String name, double y, double w, double zf, double zb, double n, double girth, double f0, double b0) {
        this.name = name;
        this.y = y;
        this.w = w;
        this.zf = zf;
        this.zb = zb;
        this.n = n;
        this.girth = girth;
        this.plainFront = f0;
        this.plainBack = b0;
    }

    void solveWidth() {
        w = Section.widthFor(girth, (zf - zb) / 2, n, w);
    }

    public String name() {
        return name;
    }

    /** Its height over the floor, cm. */
    public double y() {
        return y;
    }

    /** Half its width, cm. */
    public double w() {
        return w;
    }

    /** Where it ends in front, cm. */
    public double zf() {
        return zf;
    }

    /** Where it ends behind, cm. */
    public double zb() {
        return zb;
    }

    /** Exponent of its superellipse. */
    public double n() {
        return n;
    }
}
