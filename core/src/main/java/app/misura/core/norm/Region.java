package app.misura.core.norm;

/** What part of a body a measure tells of. */
public enum Region {
    LENGTH,
    TRUNK,
    ARM,
    LEG
}
