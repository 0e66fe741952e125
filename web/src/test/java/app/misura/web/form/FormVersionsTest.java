package app.misura.web.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.form.Step;
import app.misura.web.TestOrders;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.DefaultApplicationArguments;

class FormVersionsTest {
    private final OrderForms shipped = OrderForms.shipped();
    private final FormVersionRepository repository = mock(FormVersionRepository.class);
    private final Map<String, FormVersionEntity> rows = new HashMap<>();
    private final FormVersions versions = new FormVersions(repository, shipped, TestOrders.CLOCK);

    @BeforeEach
    void table() {
        when(repository.findById(any())).thenAnswer(call -> Optional.ofNullable(rows.get(call.<String>getArgument(0))));
        when(repository.saveAndFlush(any())).thenAnswer(call -> {
            FormVersionEntity row = call.getArgument(0);
            rows.put(row.id, row);
            return row;
        });
    }

    private void start() {
        versions.run(new DefaultApplicationArguments());
    }

    @Test
    void everyFormIsKeptOnceHoweverOftenTheHouseStarts() {
        start();
        start();
        verify(repository, times(shipped.everyVersion().size())).saveAndFlush(any());
        assertThat(rows).containsKey("trousers-tailored/2");
        assertThat(rows.get("trousers-tailored/2").keptAt).isEqualTo(TestOrders.NOW);
    }

    @Test
    void aFormThatChangedUnderItsVersionStopsTheHouse() {
        start();
        rows.get("trousers-tailored/2").hash = "another";
        assertThatThrownBy(this::start)
                .hasMessageContaining("trousers-tailored was changed, but is still version 2")
                .hasMessageContaining("Give it a new version");
    }

    @Test
    void anOldVersionIsReadAsItWas() {
        OrderForm now = shipped.get("trousers-tailored");
        String text = shipped.source(now)
                .replaceFirst("version: 2", "version: 0")
                .replaceFirst("name: Outside leg", "name: Long outside leg");
        FormVersionEntity row = new FormVersionEntity(now, text, null, "h", TestOrders.NOW);
        row.id = "trousers-tailored/0";
        rows.put(row.id, row);
        OrderForm old = versions.find("trousers-tailored", 0).orElseThrow();
        assertThat(old.version()).isZero();
        assertThat(old.step("D1").name()).isEqualTo("Long outside leg");
        assertThat(old.steps().stream().map(Step::label))
                .isEqualTo(now.steps().stream().map(Step::label).toList());
        versions.find("trousers-tailored", 0);
        verify(repository, times(1)).findById("trousers-tailored/0");
    }

    @Test
    void whatShipsIsNotAskedOfTheDatabaseAndWhatNeverWasIsNot() {
        assertThat(versions.find("trousers-tailored", 2)).contains(shipped.get("trousers-tailored"));
        verify(repository, never()).findById(any());
        assertThat(versions.find("cloak", 1)).isEmpty();
        assertThat(versions.find("trousers-tailored", 99)).isEmpty();
    }

    private static double sdOfTheLoop(OrderForm form) {
        return form.step("S3").taken().sdCm();
    }

    @Test
    void aSheetIsProvedWithWhatWasKnownOfItsMeasuresThen() {
        start();
        FormVersionEntity row = rows.get("trousers-tailored/2");
        assertThat(row.measures).contains("\ncrotch-loop,").doesNotContain("\nhead-girth,");
        double now = sdOfTheLoop(shipped.get("trousers-tailored"));
        row.measures = row.measures.replaceFirst("(?m)^(crotch-loop,.*),[0-9.]+,(\\d+),(\\d+),", "$1,9.5,$2,$3,");
        FormVersions later = new FormVersions(repository, shipped, TestOrders.CLOCK);
        later.run(new DefaultApplicationArguments());
        assertThat(sdOfTheLoop(later.find("trousers-tailored", 2).orElseThrow()))
                .isEqualTo(9.5)
                .isNotEqualTo(now);
        assertThat(later.find("trousers-tailored-helper", 2)).contains(shipped.get("trousers-tailored-helper"));
    }

    @Test
    void aVersionThatWasKeptWithoutItsMeasuresGetsThem() {
        start();
        rows.get("trousers-tailored/2").measures = null;
        start();
        assertThat(rows.get("trousers-tailored/2").measures).contains("outside-leg");
    }
}
