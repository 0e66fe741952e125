package app.misura.web.api;

import app.misura.core.format.json.OneOf;
import java.util.List;

/** Document {@code orders/1}: one page of orders. @param total how many there are in all */
public record OrdersDoc(@OneOf("orders/1") String misura, List<OrderDoc> items, int page, long total) {}
