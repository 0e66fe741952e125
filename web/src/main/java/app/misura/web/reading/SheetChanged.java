package app.misura.web.reading;

/** Something was taken, struck, marked, left out or noted on an order's sheet, or the order itself was changed. */
public record SheetChanged(String orderId) {}
