package app.misura.web.api;

import app.misura.core.format.json.OneOf;
import java.util.List;

/** Document {@code clients/1}: one page of clients. @param total how many there are in all */
public record ClientsDoc(@OneOf("clients/1") String misura, List<ClientDoc> items, int page, long total) {}
