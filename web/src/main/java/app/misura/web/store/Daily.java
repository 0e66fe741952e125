package app.misura.web.store;

import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Looks once an hour whether the copy of the day is due. */
@Component
class Daily implements AutoCloseable {
    private static final long FIRST_MINUTES = 2;
    private static final long EVERY_MINUTES = 60;
    private final Backups backups;
    private final ScheduledExecutorService hand = Executors.newSingleThreadScheduledExecutor(r -> {
        Thread thread = new Thread(r, "copy of the day");
        thread.setDaemon(true);
        return thread;
    });

    Daily(Backups backups) {
        this.backups = backups;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        hand.scheduleWithFixedDelay(backups::daily, FIRST_MINUTES, EVERY_MINUTES, TimeUnit.MINUTES);
    }

    @Override
    public void close() {
        hand.shutdown();
    }
}
