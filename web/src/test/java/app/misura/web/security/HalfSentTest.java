package app.misura.web.security;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.web.TestHouse;
import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Whoever sends half of something and waits holds nobody up for long. */
class HalfSentTest extends TestHouse {
    /** More than there are hands that answer. */
    private static final int HALVES = 230;

    @LocalServerPort
    private int port;

    @Test
    void theHouseAnswersBehindManyHalfSentForms() throws Exception {
        List<Socket> open = new ArrayList<>();
        try {
            for (int i = 0; i < HALVES; i++) {
                open.add(half());
            }
            HttpResponse<String> answer = HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/signin"))
                                    .timeout(Duration.ofSeconds(30))
                                    .build(),
                            HttpResponse.BodyHandlers.ofString());
            assertThat(answer.statusCode()).isEqualTo(200);
        } finally {
            for (Socket socket : open) {
                socket.close();
            }
        }
    }

    private Socket half() throws IOException {
        Socket socket = new Socket("127.0.0.1", port);
        socket.getOutputStream()
                .write(
                        ("POST /signin HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/x-www-form-urlencoded\r\n"
                                        + "Content-Length: 1000\r\n\r\nname=owner&pass")
                                .getBytes(StandardCharsets.US_ASCII));
        socket.getOutputStream().flush();
        return socket;
    }
}
