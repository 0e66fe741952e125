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
            Map.entry("resource", List.of()),
            Map.entry("length", List.of()),
            Map.entry("life", List.of()),
            Map.entry("finding", List.of()),
            Map.entry("geometry", List.of()),
            Map.entry("formula", List.of()),
            Map.entry("adjust", List.of()),
            Map.entry("measure", List.of("length", "resource")),
            Map.entry("house", List.of("resource", "formula", "measure")),
            Map.entry("norm", List.of("measure", "resource", "formula")),
            Map.entry("judging", List.of("finding", "norm", "measure", "resource", "formula")),
            Map.entry("form", List.of("measure", "length", "resource", "formula")),
            Map.entry("reading", List.of("finding", "judging", "form", "measure", "length")),
            Map.entry(
                    "proportion",
                    List.of("norm", "judging", "finding", "reading", "form", "measure", "length", "house")),
            Map.entry("slip", List.of("finding", "reading", "form", "measure", "length", "adjust")),
            Map.entry(
                    "proof",
                    List.of(
                            "reading",
                            "judging",
                            "norm",
                            "proportion",
                            "form",
                            "measure",
                            "length",
                            "adjust",
                            "finding",
                            "slip",
                            "house")),
            Map.entry("practice", List.of("adjust", "judging", "proof", "reading", "form", "measure", "length")),
            Map.entry(
                    "strength",
                    List.of(
                            "proof",
                            "proportion",
                            "norm",
                            "judging",
                            "house",
                            "reading",
                            "form",
                            "measure",
                            "length",
                            "adjust")),
            Map.entry("course", List.of("proof", "reading", "form", "measure", "finding")),
            Map.entry("size", List.of("measure")),
            Map.entry("ready", List.of("reading", "form", "measure", "length", "figure")),
            Map.entry(
                    "known",
                    List.of("proof", "judging", "reading", "form", "measure", "length", "finding", "figure", "house")),
            Map.entry("body", List.of("measure", "length", "form", "reading", "proof", "geometry", "house")),
            Map.entry("figure", List.of("body", "measure", "geometry", "resource")),
            Map.entry("format.figure", List.of("format.markup", "figure", "body", "geometry")),
            Map.entry("draft", List.of("geometry", "length")),
            Map.entry("block", List.of("draft", "block.*")),
            Map.entry("block.*", List.of("draft", "geometry", "length")),
            Map.entry(
                    "garment",
                    List.of("form", "house", "norm", "formula", "measure", "length", "draft", "block", "resource")),
            Map.entry(
                    "fit",
                    List.of(
                            "garment", "house", "norm", "judging", "finding", "proof", "reading", "measure", "form",
                            "length", "formula", "adjust")),
            Map.entry(
                    "cut",
                    List.of(
                            "fit",
                            "garment",
                            "house",
                            "draft",
                            "block",
                            "geometry",
                            "length",
                            "proof",
                            "reading",
                            "form",
                            "formula",
                            "finding",
                            "measure")),
            Map.entry("format.markup", List.of()),
            Map.entry("format.drawing", List.of("geometry")),
            Map.entry(
                    "format.svg",
                    List.of("format.drawing", "format.markup", "geometry", "length", "cut", "draft", "resource")),
            Map.entry("format.pdf", List.of("format.drawing", "geometry")),
            Map.entry(
                    "format.ladder",
                    List.of("format.markup", "course", "proof", "reading", "form", "length", "measure", "geometry")),
            Map.entry(
                    "format.sums",
                    List.of(
                            "format.markup",
                            "finding",
                            "proof",
                            "proportion",
                            "known",
                            "reading",
                            "form",
                            "measure",
                            "length",
                            "body",
                            "figure",
                            "format.figure",
                            "adjust",
                            "geometry")),
            Map.entry("format.csv", List.of("cut", "fit", "proof", "reading", "form", "measure", "length")),
            Map.entry(
                    "format.json",
                    List.of(
                            "adjust",
                            "cut",
                            "draft",
                            "fit",
                            "garment",
                            "geometry",
                            "proof",
                            "slip",
                            "finding",
                            "reading",
                            "form",
                            "measure",
                            "length")),
            Map.entry(
                    "format.sheet",
                    List.of(
                            "format.drawing",
                            "format.ladder",
                            "format.markup",
                            "format.pdf",
                            "format.svg",
                            "course",
                            "cut",
                            "draft",
                            "fit",
                            "garment",
                            "geometry",
                            "proof",
                            "finding",
                            "reading",
                            "resource",
                            "form",
                            "measure",
                            "length")));

    private static final Path ROOT = Path.of("src/main/java/app/misura/core");

    static List<String> packages() throws IOException {
        try (Stream<Path> files = Files.walk(ROOT)) {
            return files.filter(f -> f.toString().endsWith(".java"))
                    .map(f -> ROOT.relativize(f.getParent()).toString().replace('/', '.'))
                    .distinct()
                    .sorted()
                    .toList();
        }
    }

    /** Every block has a room of its own, all of them under one rule. */
    private static String onTheMap(String name) {
        return name.startsWith("block.") ? "block.*" : name;
    }

    @ParameterizedTest
    @MethodSource("packages")
    void usesOnlyWhatTheMapAllows(String name) {
        List<String> allowed = new java.util.ArrayList<>(MAY_USE.get(onTheMap(name)).stream()
                .map(p -> "app.misura.core." + p)
                .toList());
        allowed.add("app.misura.core." + name);
        boolean blocks = allowed.contains("app.misura.core.block.*") && name.equals("block");
        classes()
                .that()
                .resideInAPackage("app.misura.core." + name)
                .should()
                .onlyDependOnClassesThat(com.tngtech.archunit.base.DescribedPredicate.describe(
                        "are outside the core or in " + allowed,
                        c -> !c.getPackageName().startsWith("app.misura.core")
                                || allowed.contains(c.getPackageName())
                                || blocks && c.getPackageName().startsWith("app.misura.core.block.")))
                .because("one package answers one question")
                .check(CORE);
    }

    /** A room that is not on the map would be nobody's. */
    @Test
    void everyPackageIsOnTheMap() throws IOException {
        assertThat(packages().stream().map(PackageMapTest::onTheMap).distinct())
                .containsExactlyInAnyOrderElementsOf(MAY_USE.keySet());
    }

    /** No class is so large that nobody reads it. */
    @Test
    void noFileIsLongerThanThreeHundredAndFiftyLines() throws IOException {
        try (Stream<Path> files = Files.walk(Path.of("src/main/java/app/misura/core"))) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                assertThat(Files.readAllLines(file)).as(file.toString()).hasSizeLessThanOrEqualTo(350);
            }
        }
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

    /** What a page or a drawing is written as is known in format alone: neither tags nor numbers as their text below it. */
    @Test
    void nothingBelowFormatWritesMarkup() throws IOException {
        try (Stream<Path> files = Files.walk(Path.of("src/main/java/app/misura/core"))) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java"))
                    .filter(f -> !f.startsWith(Path.of("src/main/java/app/misura/core/format")))
                    .toList()) {
                assertThat(Files.readString(file)).as(file.toString()).doesNotContainPattern("\"</?[a-z]+[ >/]");
            }
        }
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
