package app.misura.web.store;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.web.Api;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/** What was answered for is on the disk, whatever happens to the machine then; and a full disk is no end. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {"misura.demo=true", "misura.files=watched"})
@DirtiesContext
class DurabilityTest {
    private static final Path DATA = folder();

    @LocalServerPort
    private int port;

    @TempDir
    private Path after;

    private Api api;
    private String readings;

    private static Path folder() {
        try {
            return Files.createTempDirectory("misura-watched");
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @DynamicPropertySource
    static void data(DynamicPropertyRegistry registry) {
        WatchedFiles.use();
        registry.add("misura.data", DATA::toString);
    }

    @BeforeEach
    void order() {
        api = new Api(port, "measurer:demo-misura");
        readings = "/api/v1/orders/"
                + api.get("/api/v1/orders?q=evening")
                        .json()
                        .get("items")
                        .get(0)
                        .get("id")
                        .stringValue()
                + "/readings";
    }

    @AfterEach
    void room() {
        WatchedFiles.full(false);
    }

    private Api.Answer keep(String key) {
        return api.post(
                readings,
                "{\"misura\":\"readings/1\",\"readings\":[{\"step\":\"U1\",\"text\":\"101\",\"key\":\"" + key
                        + "\"}]}");
    }

    private int left(String key, String name) throws IOException, SQLException {
        WatchedFiles.cutPower(DATA.resolve("misura.mv.db"), after.resolve(name + ".mv.db"));
        try (Connection connection = DriverManager.getConnection("jdbc:h2:file:" + after.resolve(name), "sa", "");
                ResultSet found = connection
                        .createStatement()
                        .executeQuery("select count(*) from reading where client_key = '" + key + "'")) {
            found.next();
            return found.getInt(1);
        }
    }

    @Test
    void whatWasAnsweredForOutlivesAPowerCut() throws Exception {
        for (int i = 0; i < 12; i++) {
            assertThat(keep("power-" + i).status()).isEqualTo(201);
            assertThat(left("power-" + i, "cut-" + i)).as("reading %d", i).isEqualTo(1);
        }
    }

    /** So many readings the free blocks of a small file may take. */
    private static final int MOST_ROOM = 100;

    @Test
    void aFullDiskIsSaidAndIsNoEnd() throws Exception {
        assertThat(keep("before").status()).isEqualTo(201);
        WatchedFiles.full(true);
        int room = 0;
        Api.Answer refused = keep("full-0");
        while (refused.status() == 201 && room < MOST_ROOM) {
            // what lies free inside the file is used up first
            refused = keep("full-" + ++room);
        }
        assertThat(refused.status()).isEqualTo(507);
        assertThat(refused.json().get("detail").stringValue())
                .contains("disk is full")
                .contains("Nothing was kept");
        assertThat(api.get(readings).body()).as("reading goes on").contains("before");
        WatchedFiles.full(false);
        assertThat(keep("after").status()).isEqualTo(201);
        assertThat(api.get(readings).body())
                .contains("before")
                .contains("after")
                .doesNotContain("\"full-" + room + "\"");
        assertThat(left("after", "full-" + room)).isEqualTo(1);
    }
}
