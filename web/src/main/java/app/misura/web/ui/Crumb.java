package app.misura.web.ui;

import java.util.List;
import java.util.stream.Stream;

/** Of which order a page is, for its bar: whose it is, what it is, and the ways to its other pages. */
public record Crumb(String orderId, String clientId, String client, String title, At at) {
    /** The pages of an order, in the order in which the work goes. */
    public enum At {
        MEASURE("Measuring"),
        PROOF("Proof"),
        CUT("Cut"),
        ORDER("Order");

        private final String word;

        At(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }

        /** The last part of the page's address. */
        public String path() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }
    }

    public List<At> ways() {
        return Stream.of(At.values()).toList();
    }
}
