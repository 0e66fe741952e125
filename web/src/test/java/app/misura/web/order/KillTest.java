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
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The process is killed while readings are posted: whatever was acknowledged is there after the next start, once. */
class KillTest {
    private static final Duration PATIENCE = Duration.ofSeconds(150);
    private static final int ENOUGH = 40;

    private final Path data = temporary();
    private final int port = freePort();

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

    @Test
    void whatWasAcknowledgedIsThereOnce() throws Exception {
        Process first = start();
        Api api = new Api(port, "measurer:demo-misura");
        JsonNode orders = api.get("/api/v1/orders?q=evening").json();
        String address =
                "/api/v1/orders/" + orders.get("items").get(0).get("id").stringValue() + "/readings";
        Set<String> sent = new HashSet<>();
        List<String> acknowledged = new ArrayList<>();
        AtomicBoolean alive = new AtomicBoolean(true);
        Thread poster = new Thread(() -> {
            for (int i = 0; alive.get(); i++) {
                String key = "key-" + i;
                sent.add(key);
                try {
                    Api.Answer answer = api.post(
                            address,
                            "{\"misura\":\"readings/1\",\"readings\":[{\"step\":\"U1\",\"text\":\"" + (90 + i % 20)
                                    + "\",\"key\":\"" + key + "\"}]}");
                    if (answer.status() == 201) {
                        synchronized (acknowledged) {
                            acknowledged.add(key);
                        }
                    }
                } catch (AssertionError torn) {
                    return;
                }
            }
        });
        poster.start();
        Instant until = Instant.now().plus(PATIENCE);
        while (count(acknowledged) < ENOUGH && Instant.now().isBefore(until)) {
            Thread.sleep(5);
        }
        first.destroyForcibly().waitFor();
        alive.set(false);
        poster.join();
        Process second = start();
        try {
            List<String> kept = new ArrayList<>();
            api.get(address)
                    .json()
                    .get("readings")
                    .forEach(r -> kept.add(r.get("key").stringValue()));
            assertThat(kept).doesNotHaveDuplicates().containsAll(acknowledged);
            assertThat(sent).containsAll(kept);
            assertThat(acknowledged.size()).isGreaterThanOrEqualTo(ENOUGH);
            assertThat(api.get("/api/v1/clients").json().get("total").intValue())
                    .isEqualTo(14);
        } finally {
            second.destroyForcibly().waitFor();
        }
    }

    private static int count(List<String> list) {
        synchronized (list) {
            return list.size();
        }
    }
}
