package app.misura.web.order;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.web.Api;
import app.misura.web.MisuraApplication;
import java.io.File;
import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The process is killed while readings are posted and backups fetched: whatever was acknowledged is there after the next start, once. */
class KillTest {
    private static final Duration PATIENCE = Duration.ofSeconds(150);
    private static final int ENOUGH = 40;

    private final Path data = temporary();
    private final int port = freePort();
    private final AtomicInteger copied = new AtomicInteger();
    private final AtomicInteger lastCopy = new AtomicInteger();

    private static Path temporary() {
        try {
            return Files.createTempDirectory("misura-kill");
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static int freePort() {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private Process start() throws IOException, InterruptedException {
        Process process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1",
                        "-cp",
                        System.getProperty("java.class.path"),
                        "-Dmisura.data=" + data,
                        "-Dmisura.demo=true",
                        "-Dserver.port=" + port,
                        MisuraApplication.class.getName())
                .redirectErrorStream(true)
                .redirectOutput(new File(data.toFile(), "log-" + System.nanoTime()))
                .start();
        Instant until = Instant.now().plus(PATIENCE);
        Api api = new Api(port, "");
        while (Instant.now().isBefore(until)) {
            try {
                if (api.get("/actuator/health").body().contains("\"UP\"")) {
                    return process;
                }
            } catch (AssertionError notYet) {
                // the port is not open yet
            }
            assertThat(process.isAlive())
                    .as("the server ended while it started")
                    .isTrue();
            Thread.sleep(250);
        }
        throw new AssertionError("the server did not start");
    }

    /** So many rounds: the server is killed in the middle of its work, at any moment, and started anew on what it left. */
    @Test
    void whatWasAcknowledgedIsThereOnce() throws Exception {
        int kills = Integer.getInteger("misura.kills", 3);
        long seed = System.nanoTime();
        System.out.println("kills: " + kills + ", seed " + seed);
        Random random = new Random(seed);
        Api api = new Api(port, "measurer:demo-misura");
        String address = "";
        Set<String> sent = ConcurrentHashMap.newKeySet();
        List<String> acknowledged = Collections.synchronizedList(new ArrayList<>());
        for (int round = 0; round < kills; round++) {
            Process server = start();
            if (address.isEmpty()) {
                JsonNode orders = api.get("/api/v1/orders?q=evening").json();
                address =
                        "/api/v1/orders/" + orders.get("items").get(0).get("id").stringValue() + "/readings";
            } else {
                assertThere(api, address, sent, acknowledged);
            }
            assertThat(halves()).as("what a kill left half written is swept").isEmpty();
            Thread copier = copier();
            Thread poster = poster(api, address, round, sent, acknowledged);
            int enough = acknowledged.size() + 5 + random.nextInt(ENOUGH);
            Instant until = Instant.now().plus(PATIENCE);
            while ((acknowledged.size() < enough || copied.get() == 0)
                    && Instant.now().isBefore(until)) {
                Thread.sleep(3);
            }
            Thread.sleep(random.nextInt(30));
            server.destroyForcibly().waitFor();
            poster.join();
            copier.join();
        }
        Process last = start();
        try {
            assertThere(api, address, sent, acknowledged);
            assertThat(acknowledged.size()).isGreaterThanOrEqualTo(5 * kills);
            assertThat(copied.get())
                    .as("backups were fetched meanwhile; the last answer was %s", lastCopy.get())
                    .isPositive();
            assertThat(api.get("/api/v1/clients").json().get("total").intValue())
                    .isEqualTo(14);
        } finally {
            last.destroyForcibly().waitFor();
        }
    }

    private static void assertThere(Api api, String address, Set<String> sent, List<String> acknowledged) {
        List<String> kept = new ArrayList<>();
        api.get(address)
                .json()
                .get("readings")
                .forEach(r -> kept.add(r.get("key").stringValue()));
        assertThat(kept).doesNotHaveDuplicates().containsAll(acknowledged);
        assertThat(sent).containsAll(kept);
    }

    /** What a backup that was killed leaves in the folder. */
    private List<String> halves() throws IOException {
        try (Stream<Path> files = Files.walk(data)) {
            return files.map(f -> f.getFileName().toString())
                    .filter(n -> n.contains(".part"))
                    .toList();
        }
    }

    /** Fetches one backup after the other until the server is gone: it is killed in the middle of one. */
    private Thread copier() {
        Thread copier = new Thread(() -> {
            Api owner = new Api(port, "owner:demo-misura");
            try {
                while (copies(owner)) {
                    copied.incrementAndGet();
                }
            } catch (AssertionError torn) {
                // the server is gone
            }
        });
        copier.start();
        return copier;
    }

    private boolean copies(Api owner) {
        lastCopy.set(owner.get("/api/v1/backup").status());
        return lastCopy.get() == 200;
    }

    /** Posts one reading after the other until the server is gone. */
    private static Thread poster(Api api, String address, int round, Set<String> sent, List<String> acknowledged) {
        Thread poster = new Thread(() -> {
            for (int i = 0; ; i++) {
                String key = "key-" + round + "-" + i;
                sent.add(key);
                try {
                    Api.Answer answer = api.post(
                            address,
                            "{\"misura\":\"readings/1\",\"readings\":[{\"step\":\"U1\",\"text\":\"" + (90 + i % 20)
                                    + "\",\"key\":\"" + key + "\"}]}");
                    if (answer.status() == 201) {
                        acknowledged.add(key);
                    }
                } catch (AssertionError torn) {
                    return;
                }
            }
        });
        poster.start();
        return poster;
    }
}
