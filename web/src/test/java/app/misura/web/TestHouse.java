package app.misura.web;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/** A running house with the demo data, in a folder of its own, shared by all tests of one run. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT, properties = "misura.demo=true")
public abstract class TestHouse {
    private static final Path DATA = folder();

    private static Path folder() {
        try {
            return Files.createTempDirectory("misura-test");
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @DynamicPropertySource
    static void data(DynamicPropertyRegistry registry) {
        registry.add("misura.data", DATA::toString);
    }
}
