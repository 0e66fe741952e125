package app.misura.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.misura.core.length.Unit;
import app.misura.core.measure.Catalogue;
import java.util.Map;
import org.junit.jupiter.api.Test;

class AskedTest {
    private static final String FORM = """
            id: tube
            version: 1
            title: Tube
            unit: cm
            increment: "0.5"
            parts:
              D:
                title: Down
                place: kneeling
                steps:
                  - { label: D1, name: Knee, measure: knee-girth, side: asked, how: h, place: p, brief: b }
                  - { label: D2, name: Calf, measure: calf-girth, side: asked, how: h, place: p, brief: b }
                  - { label: D3, name: Seat, measure: seat-girth, how: h, place: p, brief: b }
                  - { label: D4, name: Knee up, measure: girth-level-height, side: asked, at: knee, how: h, place: p, brief: b }
                  - { label: D5, name: Calf up, measure: girth-level-height, side: asked, at: calf, how: h, place: p, brief: b }
            closures:
              - { id: near, name: level, sum: D5 - D4, constant: "7", tolerance: "1", onlyIf: { apart: "7 cm" } }
              - { id: far, name: level, sum: D5 - D4, constant: "10", tolerance: "1", onlyIf: { apart: "10 cm" } }
            orders:
              - { id: knee-over-calf, more: D4, less: D5, reason: it lies over it }
              - { id: seat-over-knee, more: D3, less: D1, within: "2", reason: a seat is wider }
            options:
              - { id: sides, title: Sides, choices: [right, left, both], usual: right }
              - { id: apart, title: Apart, choices: ["7 cm", "10 cm"], usual: "7 cm" }
            """;

    private static OrderForm form() {
        return new OrderFormReader(Catalogue.shipped()).read(FORM, Map.of());
    }

    @Test
    void oneSideIsTakenWhereOneIsAskedFor() {
        OrderForm left = form().asAsked(Map.of("sides", "left"));
        assertThat(left.step("D1").side()).isEqualTo(StepSide.LEFT);
        assertThat(left.step("D3").side()).isEqualTo(StepSide.NONE);
        assertThat(left.closures())
                .singleElement()
                .satisfies(c -> assertThat(c.equation(Unit.CM)).isEqualTo("D5 + 7.0 = D4"));
        assertThat(form().asAsked(Map.of()).step("D1").side()).isEqualTo(StepSide.RIGHT);
    }

    @Test
    void bothSidesAreTwoBodiesWithASumForEach() {
        OrderForm both = form().asAsked(Map.of("sides", "both", "apart", "10 cm"));
        assertThat(both.step("D1").side()).isEqualTo(StepSide.EACH);
        assertThat(both.closures().stream().map(c -> c.id() + ": " + c.equation(Unit.CM)))
                .containsExactly("far-left: D5-left + 10.0 = D4-left", "far-right: D5-right + 10.0 = D4-right");
        assertThat(both.orders().stream().map(o -> o.more() + " > " + o.less()))
                .containsExactly("D4-left > D5-left", "D4-right > D5-right", "D3 > D1-left", "D3 > D1-right");
    }

    @Test
    void askedOnceItStaysAsItIs() {
        OrderForm both = form().asAsked(Map.of("sides", "both"));
        assertThat(both.asAsked(Map.of("sides", "left"))).isSameAs(both);
    }

    @Test
    void withoutAnyAnswerTheWholeFormIsShownWithItsUsualSide() {
        OrderForm usual = form().withUsualSides();
        assertThat(usual.step("D2").side()).isEqualTo(StepSide.RIGHT);
        assertThat(usual.closures()).hasSize(2);
    }

    @Test
    void aFormThatTakesTheSideThatIsAskedAsksForIt() {
        assertThatThrownBy(() -> new OrderFormReader(Catalogue.shipped())
                        .read(FORM.replaceAll("(?m)^\\s+- \\{ id: sides.*\n", ""), Map.of()))
                .hasMessageContaining("no option sides");
        assertThatThrownBy(() -> new OrderFormReader(Catalogue.shipped())
                        .read(FORM.replace("[right, left, both]", "[right, other]"), Map.of()))
                .hasMessageContaining("[right, left, both]");
        assertThatThrownBy(() -> new OrderFormReader(Catalogue.shipped())
                        .read(FORM.replace("{ apart: \"10 cm\" }", "{ apart: \"9 cm\" }"), Map.of()))
                .hasMessageContaining("closure far depends on apart being 9 cm");
    }

    @Test
    void aToleranceOfACheckIsThatOfTheOtherTapeThere() {
        OrderCheck check = form().in(Unit.INCH).orders().get(1);
        assertThat(check.within()).isEqualTo(app.misura.core.length.Length.of("1", Unit.INCH));
    }
}
