package app.misura.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The map of the core: what each package may use of the others. What is not listed is not allowed. */
class PackageMapTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("app.misura.core");

    private static final Map<String, List<String>> MAY_USE = Map.ofEntries(
            Map.entry("length", List.of()),
            Map.entry("finding", List.of()),
            Map.entry("geometry", List.of()),
            Map.entry("adjust", List.of()),
            Map.entry("measure", List.of("length")),
            Map.entry("form", List.of("measure", "length")),
            Map.entry("reading", List.of("form", "measure", "length")),
            Map.entry("proof", List.of("reading", "form", "measure", "length", "adjust", "finding")),
            Map.entry("course", List.of("proof", "reading", "form", "measure", "finding")),
            Map.entry("body", List.of("measure", "length", "form", "reading", "proof", "geometry")),
            Map.entry("draft", List.of("geometry")),
            Map.entry("draft.block", List.of("draft", "geometry")),
            Map.entry("fit", List.of("proof", "reading", "length", "measure", "form", "adjust", "draft.block")),
            Map.entry(
                    "cut",
                    List.of(
                            "fit",
                            "draft",
                            "draft.block",
                            "geometry",
                            "proof",
                            "reading",
                            "form",
                            "finding",
                            "measure")),
            Map.entry("format.drawing", List.of("geometry")),
            Map.entry("format.svg", List.of("format.drawing", "geometry", "cut", "draft", "fit")),
            Map.entry("format.pdf", List.of("format.drawing", "geometry")),
            Map.entry("format.ladder", List.of("course", "proof", "reading", "form", "length", "measure", "geometry")),
            Map.entry("format.sums", List.of("proof", "reading", "form", "length", "body", "adjust", "geometry")));

    static List<String> packages() {
        return MAY_USE.keySet().stream().sorted().toList();
    }

    @ParameterizedTest
    @MethodSource("packages")
    void usesOnlyWhatTheMapAllows(String name) {
        List<String> allowed = new java.util.ArrayList<>(
                MAY_USE.get(name).stream().map(p -> "app.misura.core." + p).toList());
        allowed.add("app.misura.core." + name);
        classes()
                .that()
                .resideInAPackage("app.misura.core." + name)
                .should()
                .onlyDependOnClassesThat(com.tngtech.archunit.base.DescribedPredicate.describe(
                        "are outside the core or in " + allowed,
                        c -> !c.getPackageName().startsWith("app.misura.core") || allowed.contains(c.getPackageName())))
                .because("one package answers one question")
                .check(CORE);
    }

    @Test
    void nothingOfTheTradeKnowsAFormat() {
        noClasses()
                .that()
                .resideOutsideOfPackage("app.misura.core.format..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("app.misura.core.format..")
                .check(CORE);
    }

    @Test
    void theCoreIsPlainJava() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.springframework..", "jakarta..", "org.hibernate..")
                .check(CORE);
    }

    @Test
    void noSystemClockAndNoDefaultLocale() {
        noClasses()
                .should()
                .callMethod(java.time.Instant.class, "now")
                .orShould()
                .callMethod(java.util.Locale.class, "getDefault")
                .orShould()
                .callMethod(String.class, "format", String.class, Object[].class)
                .check(CORE);
    }

    @Test
    void everyPackageSaysWhatItIs() throws IOException {
        try (Stream<Path> folders = Files.walk(Path.of("src/main/java/app/misura/core"))) {
            for (Path folder : folders.filter(Files::isDirectory).toList()) {
                boolean hasClasses;
                try (Stream<Path> files = Files.list(folder)) {
                    hasClasses = files.anyMatch(f -> f.toString().endsWith(".java"));
                }
                if (hasClasses) {
                    String info = Files.readString(folder.resolve("package-info.java"));
                    assertThat(info).as(folder.toString()).contains("/**").contains("@NullMarked");
                }
            }
        }
    }
}
