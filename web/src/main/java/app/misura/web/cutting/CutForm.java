package app.misura.web.cutting;

import org.jspecify.annotations.NullUnmarked;

/** What is chosen on the screen of ease and cut, as it is typed. */
@NullUnmarked
public class CutForm {
    private String fit = "regular";
    private String front = "flat";
    private String seatShape = "regular";
    private String hem = "";
    private String band = "4";
    private String up = "0";
    private String shrinkAcross = "0";
    private String shrinkAlong = "0";
    private String stretch = "0";
    private String layers = "0";
    private String growth = "0";
    private long version;

    public String getFit() {
        return fit;
    }

    public void setFit(String fit) {
        this.fit = fit;
    }

    public String getFront() {
        return front;
    }

    public void setFront(String front) {
        this.front = front;
    }

    public String getSeatShape() {
        return seatShape;
    }

    public void setSeatShape(String seatShape) {
        this.seatShape = seatShape;
    }

    public String getHem() {
        return hem;
    }

    public void setHem(String hem) {
        this.hem = hem;
    }

    public String getBand() {
        return band;
    }

    public void setBand(String band) {
        this.band = band;
    }

    public String getUp() {
        return up;
    }

    public void setUp(String up) {
        this.up = up;
    }

    public String getShrinkAcross() {
        return shrinkAcross;
    }

    public void setShrinkAcross(String shrinkAcross) {
        this.shrinkAcross = shrinkAcross;
    }

    public String getShrinkAlong() {
        return shrinkAlong;
    }

    public void setShrinkAlong(String shrinkAlong) {
        this.shrinkAlong = shrinkAlong;
    }

    public String getStretch() {
        return stretch;
    }

    public void setStretch(String stretch) {
        this.stretch = stretch;
    }

    public String getLayers() {
        return layers;
    }

    public void setLayers(String layers) {
        this.layers = layers;
    }

    public String getGrowth() {
        return growth;
    }

    public void setGrowth(String growth) {
        this.growth = growth;
    }

    public long getVersion() {
        return version;
    }

    public void setVersion(long version) {
        this.version = version;
    }
}
