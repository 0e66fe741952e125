package app.misura.web.measuring;

import app.misura.web.reading.SheetChanged;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Tells open pages of a sheet that there is something new: another's reading, strike or mark, or that somebody is at another
 * step. What it is, the page asks for as ever; so a word that is lost costs a few seconds and nothing else.
 */
@Component
class Live {
    /** A page asks again after that: whoever may not come in any more is gone then. */
    private static final Duration LASTS = Duration.ofMinutes(5);

    private static final int MOST_OF_A_SHEET = 20;
    private static final int MOST = 400;
    private static final int MOST_WAITING = 1000;

    private final ConcurrentHashMap<String, List<SseEmitter>> sheets = new ConcurrentHashMap<>();

    /** One hand that tells: whoever keeps a reading never waits for somebody's slow line. What it cannot hold is dropped. */
    private final ExecutorService teller = new ThreadPoolExecutor(
            1,
            1,
            0,
            TimeUnit.SECONDS,
            new LinkedBlockingQueue<>(MOST_WAITING),
            run -> {
                Thread thread = new Thread(run, "live");
                thread.setDaemon(true);
                return thread;
            },
            new ThreadPoolExecutor.DiscardPolicy());

    /** A line to an open page; empty where too many are open: that page asks every few seconds. */
    Optional<SseEmitter> open(String order) {
        if (listening(order) >= MOST_OF_A_SHEET
                || sheets.values().stream().mapToInt(List::size).sum() >= MOST) {
            return Optional.empty();
        }
        SseEmitter line = new SseEmitter(LASTS.toMillis());
        sheets.compute(order, (o, lines) -> {
            List<SseEmitter> own = lines == null ? new CopyOnWriteArrayList<>() : lines;
            own.add(line);
            return own;
        });
        line.onCompletion(() -> close(order, line));
        line.onTimeout(line::complete);
        line.onError(e -> close(order, line));
        teller.execute(() -> say(order, line, "open"));
        return Optional.of(line);
    }

    private void close(String order, SseEmitter line) {
        sheets.computeIfPresent(order, (o, lines) -> {
            lines.remove(line);
            return lines.isEmpty() ? null : lines;
        });
    }

    /** How many pages of a sheet are listening. */
    int listening(String order) {
        return sheets.getOrDefault(order, List.of()).size();
    }

    /** Once it is committed, so that the page finds what it is told of. */
    @TransactionalEventListener(fallbackExecution = true)
    void changed(SheetChanged sheet) {
        tell(sheet.orderId());
    }

    /** Tells every open page of a sheet. */
    void tell(String order) {
        for (SseEmitter line : sheets.getOrDefault(order, List.of())) {
            teller.execute(() -> say(order, line, "news"));
        }
    }

    private void say(String order, SseEmitter line, String what) {
        try {
            line.send(SseEmitter.event().name(what).data(""));
        } catch (IOException | IllegalStateException e) {
            close(order, line);
        }
    }

    /** The house closes: pages that listen would keep it open. */
    @EventListener(ContextClosedEvent.class)
    void end() {
        sheets.values().forEach(lines -> lines.forEach(SseEmitter::complete));
        teller.shutdownNow();
    }
}
