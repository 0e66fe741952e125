package app.misura.web.ui;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;

class LatelyTest {
    private final List<String> made = new ArrayList<>();
    private final Lately<String, String> lately = new Lately<>(2);

    private String get(String key) {
        return lately.get(key, () -> {
            made.add(key);
            return key + "!";
        });
    }

    @Test
    void whatIsKnownIsNotMadeAgain() {
        assertThat(get("a")).isEqualTo("a!");
        assertThat(get("a")).isEqualTo("a!");
        assertThat(made).containsExactly("a");
    }

    @Test
    void theOneThatWasLongestNotAskedForGoes() {
        get("a");
        get("b");
        get("a");
        get("c");
        get("a");
        assertThat(made).containsExactly("a", "b", "c");
        get("b");
        assertThat(made).containsExactly("a", "b", "c", "b");
    }

    @Test
    void manyAtOnceGetWhatTheyAskedFor() throws Exception {
        Lately<Integer, Integer> squares = new Lately<>(20);
        ExecutorService pool = Executors.newFixedThreadPool(8);
        List<Future<Boolean>> right = new ArrayList<>();
        for (int i = 0; i < 4_000; i++) {
            int key = i % 37;
            right.add(pool.submit(() -> squares.get(key, () -> key * key) == key * key));
        }
        for (Future<Boolean> each : right) {
            assertThat(each.get()).isTrue();
        }
        pool.shutdown();
    }
}
