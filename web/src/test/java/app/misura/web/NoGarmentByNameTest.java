package app.misura.web;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.garment.Garment;
import app.misura.core.garment.Garments;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Garments and forms are data: nothing outside the demo writes one's id, in a program or in a page. */
class NoGarmentByNameTest {
    private static Stream<Path> sources(String folder) throws IOException {
        return Files.walk(Path.of(folder))
                .filter(Files::isRegularFile)
                .filter(p -> !p.toString().contains("demo"))
                // what is worn under the tape has a name of its own, and is not cut
                .filter(p -> !p.endsWith(Path.of("measure", "Condition.java")));
    }

    private static String text(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Test
    void noProgramAndNoPageWritesTheIdOfAGarmentOrAForm() throws IOException {
        Set<String> ids = Stream.concat(
                        Garments.shipped().all().stream().map(Garment::id),
                        OrderForms.shipped().all().stream().map(OrderForm::id))
                .collect(Collectors.toSet());
        assertThat(ids).as("there is something to look for").contains("trousers-tailored");
        try (Stream<Path> core = sources("../core/src/main/java");
                Stream<Path> web = sources("src/main/java");
                Stream<Path> pages = sources("src/main/resources/templates")) {
            List<Path> files = Stream.of(core, web, pages).flatMap(s -> s).toList();
            assertThat(files).hasSizeGreaterThan(200);
            Pattern any = Pattern.compile("(?<![\\w-])(" + String.join("|", ids) + ")(?![\\w-])");
            assertThat(any.matcher("a \"shirt\" by name").find()).isTrue();
            assertThat(files).noneMatch(file -> any.matcher(text(file)).find());
        }
    }
}
