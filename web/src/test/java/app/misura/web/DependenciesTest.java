package app.misura.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The list of what is used of others names the versions that ship: who changes one looks at its line. */
class DependenciesTest {
    private static List<String> lines() throws IOException {
        return Files.readAllLines(Path.of("..", "docs", "dependencies.md"));
    }

    private static Optional<String> version(String artifact) {
        return Arrays.stream(System.getProperty("java.class.path").split(File.pathSeparator))
                .map(jar -> Path.of(jar).getFileName().toString())
                .filter(jar -> jar.matches(artifact + "-[0-9].*\\.jar"))
                .map(jar -> jar.substring(artifact.length() + 1, jar.length() - ".jar".length()))
                .findFirst();
    }

    @ParameterizedTest
    @CsvSource({
        "spring-boot,Spring Boot",
        "h2,H2",
        "hibernate-core,Hibernate",
        "icu4j,ICU4J",
        "pdfbox,PDFBox",
        "openhtmltopdf-core,PDFBox",
        "commons-csv,commons-csv",
        "ejml-core,commons-csv",
        "thumbnailator,Thumbnailator",
        "htmx.org,htmx",
        "bootstrap,htmx"
    })
    void theListNamesTheVersionThatShips(String artifact, String row) throws IOException {
        String shipped = version(artifact).orElseThrow().replace(".Final", "");
        assertThat(lines())
                .filteredOn(line -> line.startsWith("| " + row))
                .singleElement()
                .satisfies(line -> assertThat(line.split("\\|")[2]).contains(shipped));
    }
}
