package app.misura.web.client;

import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Clients who were written down before they were found by words get theirs at the start. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class WordsRunner implements ApplicationRunner {
    private final Clients clients;

    WordsRunner(Clients clients) {
        this.clients = clients;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        while (clients.makeWords()) {
            // the next five hundred
        }
    }
}
