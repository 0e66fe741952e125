package app.misura.web;

import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;

/** Several hands that do the same at the same moment. */
public final class AtOnce {
    private AtOnce() {}

    /** What came of each: null where it was done, else what was thrown. */
    public static List<Throwable> doing(int hands, Callable<?> work) throws InterruptedException {
        ExecutorService pool = Executors.newFixedThreadPool(hands);
        try {
            CyclicBarrier together = new CyclicBarrier(hands);
            List<Future<Object>> done = IntStream.range(0, hands)
                    .mapToObj(i -> pool.submit(() -> {
                        together.await();
                        return (Object) work.call();
                    }))
                    .toList();
            return done.stream().map(AtOnce::thrown).toList();
        } finally {
            pool.shutdownNow();
        }
    }

    private static Throwable thrown(Future<?> done) {
        try {
            done.get();
            return null;
        } catch (ExecutionException e) {
            return e.getCause();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
