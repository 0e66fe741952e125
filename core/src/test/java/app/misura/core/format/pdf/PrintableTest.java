package app.misura.core.format.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PrintableTest {
    @ParameterizedTest
    @CsvSource({
        "Zsófia Adebayo-Lund, Zsófia Adebayo-Lund",
        "Ikaika Sørbø ½ → ≠, Ikaika Sørbø ½ → ≠",
        "张伟, zhāng wěi",
        "Zoë 张伟, Zoë zhāng wěi",
        "Мария, Мария",
        "김민준, gimminjun"
    })
    void aNameIsSetInLettersThatAreThere(String name, String set) {
        assertThat(Printable.text(name)).isEqualTo(set);
    }

    @ParameterizedTest
    @CsvSource({"محمد", "שרה", "สมชาย", "अनिल", "さくら", "\uD83E\uDDF5 thread", "a\u0301\u0323", "\uD800"})
    void everyScriptIsSetSomehow(String name) throws Exception {
        byte[] pdf =
                PagePdf.write("<html><body style=\"font-family: 'Source Sans 3'\"><p>" + name + "</p></body></html>");
        try (var document = Loader.loadPDF(pdf)) {
            String read = new PDFTextStripper().getText(document).strip();
            assertThat(read).isNotEmpty().doesNotContain("#");
        }
    }

    @Test
    void whatIsPrintedIsReadBackLetterByLetter() throws Exception {
        String text = "Left thigh, soft cloth; 5 ft 7, drafted, office, fjord, 1/2";
        byte[] pdf = PagePdf.write("<html><body style=\"font-family: 'Source Sans 3'\"><p>" + text + "</p><p><b>" + text
                + "</b></p><p><i>" + text + "</i></p></body></html>");
        try (var document = Loader.loadPDF(pdf)) {
            assertThat(new PDFTextStripper().getText(document).strip().split("\\R"))
                    .containsOnly(text);
        }
    }

    @Test
    void nothingThatCanBeTypedMakesAPaperFail() {
        long seed = 20260513;
        Random random = new Random(seed);
        for (int i = 0; i < 300; i++) {
            StringBuilder name = new StringBuilder();
            for (int k = 0; k < 12; k++) {
                int sign = random.nextInt(0x1FFFF);
                name.appendCodePoint(Character.isISOControl(sign) || sign >= 0xD800 && sign < 0xE000 ? 'x' : sign);
            }
            String set = Printable.text(name.toString());
            assertThat(Printable.text(set)).as("seed %d, %s", seed, name).isEqualTo(set);
        }
    }
}
