package app.misura.web.reading;

/** The order on whose sheet a reading was written that another sheet took over. */
public record Origin(String orderId, int number) {}
