package app.misura.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.misura.core.cut.CutSpec;
import app.misura.core.cut.Cutting;
import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.format.sheet.CutTable;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Sheets;
import java.util.Map;
import org.junit.jupiter.api.Test;

class GarmentReaderTest {
    /** A garment without a block: a gathered skirt, measured on the trousers' form. */
    private static final String SKIRT = """
            id: gathered-skirt
            version: 3
            title: Gathered skirt
            forms: [trousers-tailored]
            blocks: []
            cloth: light
            fits: [close, easy]
            child: 0.7
            choices:
              - { id: fit, title: Fit, group: Fit, pick: [close, easy], usual: close, json: fit }
              - { id: fullness, title: Fullness, group: Shape, unit: cm, between: [0, 1500], usual: 600, json: fullnessMm }
            lines:
              - { name: waist, of: trouser-waist-girth, kind: G, ladder: [read], ease: [10, 20] }
              - { name: seat, ladder: [read], ease: [60, 90], bound: floor }
              - { name: length, of: waist-to-knee, kind: L, ladder: [read], ease: [20, 60] }
              - { name: hem, is: [ { formula: seat + fullness, said: seat and fullness } ] }
              - { name: calf, drop: not there, ease: [10, 10] }
              - { name: neck, net: neck, drop: not there }
            openings:
              - { edge: waist, over: seat, slit: "180", by: placket }
            cautions: ["Mind the hem on stairs."]
            """;

    @Test
    void aGarmentWithoutABlockIsCutInNumbers() {
        Garment skirt = GarmentFiles.read(SKIRT);
        Sheet sheet = Sheets.of(Sheets.AVERAGE);
        Choices choices = skirt.choices().usual(Map.of());
        CutSpec spec = ((Cutting.Cut) Cutting.of(Proof.of(sheet), skirt, choices)).spec();
        assertThat(spec.isDrawn()).isFalse();
        assertThat(spec.line("waist").finished()).isEqualTo(870, within(1e-9));
        assertThat(spec.line("seat").finished()).isEqualTo(1060, within(1e-9));
        assertThat(spec.line("hem").finished()).isEqualTo(1660, within(1e-9));
        assertThat(spec.line("length").finished()).isEqualTo(605, within(1e-9));
        assertThat(spec.line("calf").finished()).isEqualTo(375, within(1e-9));
        assertThat(spec.chain().stream().map(CutSpec.Entry::id))
                .as("no neck was read, none is needed")
                .doesNotContain("neck");
        assertThat(spec.notes()).contains("No pieces are drawn for this garment yet: it is cut from these numbers.");
        assertThat(spec.cautions()).contains("Mind the hem on stairs.");
        assertThat(spec.openings())
                .singleElement()
                .satisfies(o -> assertThat(o.holds()).isTrue());
        CutTable table = CutTable.of(spec, sheet.form());
        assertThat(table.rows())
                .extracting(CutTable.Row::line)
                .containsExactly("waist", "seat", "length", "hem", "calf");
        assertThat(table.heading()).isEqualTo("1 of 1 holds");
        assertThat(table.drawn()).isFalse();
    }

    @Test
    void whatIsMissingIsNamedByItsStep() {
        Sheet sheet = Sheets.of(Sheets.AVERAGE.replace("D2=58.5", ""));
        Cutting.Result result = Cutting.of(
                Proof.of(sheet),
                GarmentFiles.read(SKIRT),
                GarmentFiles.read(SKIRT).choices().usual(Map.of()));
        assertThat(((Cutting.Missing) result).sentence()).isEqualTo("Gathered skirt cannot be cut without D2.");
    }

    @Test
    void allFaultsAreListedAtOnceWithTheFile() {
        String wrong = SKIRT.replace("forms: [trousers-tailored]", "forms: [skirts]")
                .replace("blocks: []", "blocks: [trousers, cone]")
                .replace("of: waist-to-knee", "of: waist-to-moon")
                .replace("ease: [60, 90]", "ease: [60, 90, 120]")
                .replace("seat + fullness, said", "seat + width, said")
                .replace("over: seat,", "over: moon,")
                .replace("name: calf,", "name: waist, of: calf-girth, kind: Q,");
        assertThatThrownBy(() -> GarmentFiles.read(wrong))
                .hasMessageStartingWith("test.yaml: ")
                .hasMessageContaining("no form has the id skirts")
                .hasMessageContaining("no block is called cone")
                .hasMessageContaining("block trousers is drawn from thigh, which the table has not")
                .hasMessageContaining("the catalogue has no measure waist-to-moon")
                .hasMessageContaining("line seat has 3 numbers for the fits [close, easy]")
                .hasMessageContaining("width is no line, net, choice or measure")
                .hasMessageContaining("no passage and no net is called moon")
                .hasMessageContaining("line waist is there twice")
                .hasMessageContaining("no class of measures is called Q");
    }

    @Test
    void aKeyThatIsNotKnownIsRefused() {
        assertThatThrownBy(() -> GarmentFiles.read(SKIRT.replace("child: 0.7", "child: 0.7\nmoon: 1")))
                .hasMessageContaining("moon");
        assertThatThrownBy(() -> GarmentFiles.read(SKIRT.replace("usual: 600", "usual: 600, between: [1, 2]")))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void everyFormThatIsCutHasItsGarments() {
        OrderForms.shipped().all().stream()
                .filter(OrderForm::cuts)
                .forEach(form ->
                        assertThat(Garments.shipped().allOf(form)).as(form.id()).isNotEmpty());
        assertThat(Garments.shipped().allOf(OrderForms.shipped().get("tunic")))
                .extracting(Garment::id)
                .containsExactly("tunic", "trousers-tied");
    }

    @Test
    void nothingIsStretchedRoundANeck() {
        String knit = SKIRT.replace("cloth: light", "cloth: knit")
                .replace("{ name: neck, net: neck, drop: not there }", "{ name: neck, net: neck, strain: usual }");
        assertThatThrownBy(() -> GarmentFiles.read(knit))
                .hasMessageContaining("line neck: nothing is stretched round a neck");
    }

    @Test
    void whatPressesIsSaidWithWhoDecides() {
        String foam = SKIRT.replace("cloth: light", "cloth: foam").replace("ease: [10, 10] }", "strain: usual }");
        Garment cover = GarmentFiles.read(foam);
        Choices stiff = cover.choices()
                .usual(Map.of())
                .with("hang-load", 500)
                .with("hang-width", 50)
                .with("hang-length", 200)
                .with("hang-longer", 10);
        CutSpec spec = ((Cutting.Cut) Cutting.of(Proof.of(Sheets.of(Sheets.AVERAGE)), cover, stiff)).spec();
        assertThat(spec.line("calf").ease().value()).isNegative();
        assertThat(spec.cautions())
                .anySatisfy(c -> assertThat(c)
                        .startsWith("It presses: calf 13 mmHg, as the cloth hung.")
                        .contains("licensed fitter decides"));
    }
}
