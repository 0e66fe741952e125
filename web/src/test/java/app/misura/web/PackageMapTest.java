package app.misura.web;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The map of the web: what each package may use of the others. What is not listed is not allowed. */
class PackageMapTest {
    private static final JavaClasses WEB = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("app.misura.web");

    private static final Map<String, List<String>> MAY_USE = Map.ofEntries(
            Map.entry("id", List.of()),
            Map.entry("problem", List.of()),
            Map.entry("store", List.of()),
            Map.entry("account", List.of("store", "id")),
            Map.entry("security", List.of("account", "door", "id", "problem")),
            Map.entry("ui", List.of("account", "house", "id", "problem")),
            Map.entry("history", List.of()),
            Map.entry("history.page", List.of("history", "client", "order", "house", "account", "id", "ui")),
            Map.entry("client", List.of("history", "id")),
            Map.entry("form", List.of("id")),
            Map.entry("house", List.of("history", "id")),
            Map.entry("house.page", List.of("house", "account", "client", "door", "store", "id", "ui")),
            Map.entry("practice", List.of("order", "client", "house", "house.page", "account", "id", "ui")),
            Map.entry("how", List.of("house", "ui")),
            Map.entry("size", List.of("id")),
            Map.entry("wardrobe", List.of("client", "account", "house", "id", "ui")),
            Map.entry("photo", List.of("order", "reading", "account", "store", "id", "ui")),
            Map.entry("tape", List.of("order", "id", "ui")),
            Map.entry("tapes", List.of("ui", "id")),
            Map.entry("door", List.of("id")),
            Map.entry("account.page", List.of("account", "door", "id", "ui")),
            Map.entry("reading", List.of("id")),
            Map.entry("order", List.of("client", "form", "house", "reading", "history", "id", "ui")),
            Map.entry("known", List.of("id", "order", "reading", "client", "house")),
            Map.entry(
                    "order.page",
                    List.of("order", "known", "photo", "reading", "client", "cutting", "house", "account", "id", "ui")),
            Map.entry("client.page", List.of("client", "known", "size", "house", "order", "store", "id", "ui")),
            Map.entry("measuring", List.of("order", "known", "reading", "client", "house", "account", "id", "ui")),
            Map.entry("proofing", List.of("account", "id", "order", "known", "photo", "reading", "ui")),
            Map.entry("cutting", List.of("order", "account", "house", "id", "ui")),
            Map.entry(
                    "print",
                    List.of(
                            "order",
                            "photo",
                            "reading",
                            "client",
                            "wardrobe",
                            "cutting",
                            "account",
                            "house",
                            "id",
                            "ui")),
            Map.entry("today", List.of("order", "cutting", "client", "account", "store", "ui")),
            Map.entry("api", List.of("order", "reading", "client", "house", "store", "id", "problem")),
            Map.entry("api.described", List.of("api")),
            Map.entry("demo", List.of("order", "known", "size", "reading", "client", "house", "account")));

    static List<String> packages() {
        return MAY_USE.keySet().stream().sorted().toList();
    }

    @ParameterizedTest
    @MethodSource("packages")
    void usesOnlyWhatTheMapAllows(String name) {
        List<String> allowed = new ArrayList<>(
                MAY_USE.get(name).stream().map(p -> "app.misura.web." + p).toList());
        allowed.add("app.misura.web." + name);
        classes()
                .that()
                .resideInAPackage("app.misura.web." + name)
                .should()
                .onlyDependOnClassesThat(DescribedPredicate.describe(
                        "are outside the web or in " + allowed,
                        c -> !c.getPackageName().startsWith("app.misura.web") || allowed.contains(c.getPackageName())))
                .check(WEB);
    }

    @Test
    void entitiesStayInTheirPackage() {
        classes()
                .that()
                .haveSimpleNameEndingWith("Entity")
                .should()
                .bePackagePrivate()
                .check(WEB);
        classes()
                .that()
                .haveSimpleNameEndingWith("Repository")
                .should()
                .bePackagePrivate()
                .check(WEB);
    }

    @Test
    void nobodyReadsTheSystemClock() {
        noClasses()
                .should()
                .callMethod(java.time.Instant.class, "now")
                .orShould()
                .callMethod(java.time.LocalDate.class, "now")
                .check(WEB);
    }
}
