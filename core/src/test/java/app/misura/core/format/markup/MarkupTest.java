package app.misura.core.format.markup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.Random;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Element;

class MarkupTest {
    private static final long SEED = 5;

    @Test
    void whatIsSaidIsEscapedInTextsAndInAttributes() {
        String markup = new Markup()
                .open("p", "title", "\"<&>\"", "class", null)
                .text("30.0 < 33.0 & more")
                .close()
                .toString();
        assertThat(markup).isEqualTo("<p title=\"&quot;&lt;&amp;&gt;&quot;\">30.0 &lt; 33.0 &amp; more</p>");
    }

    /** Whatever is said, a reader of XML reads the same words back, without what no page may hold. */
    @Test
    void anyTextIsReadBack() throws Exception {
        Random random = new Random(SEED);
        for (int i = 0; i < 500; i++) {
            StringBuilder text = new StringBuilder();
            for (int k = 0; k < 40; k++) {
                text.appendCodePoint(random.nextBoolean() ? random.nextInt(0x90) : random.nextInt(0x10FFFF));
            }
            String said = text.toString();
            String markup =
                    new Markup().open("p", "title", said).text(said).close().toString();
            Element p = DocumentBuilderFactory.newInstance()
                    .newDocumentBuilder()
                    .parse(new ByteArrayInputStream(markup.getBytes(StandardCharsets.UTF_8)))
                    .getDocumentElement();
            String kept = said.codePoints()
                    .filter(c -> c == '\n'
                            || c == '\t'
                            || c >= 0x20 && c < 0x7F
                            || c >= 0xA0 && c < 0xD800
                            || c >= 0xE000 && c < 0xFFFE
                            || c >= 0x10000)
                    .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                    .toString();
            assertThat(p.getTextContent()).as("seed %d", SEED).isEqualTo(kept);
        }
    }

    @Test
    void whatIsOpenedIsClosed() {
        Markup open = new Markup().open("p");
        assertThatThrownBy(open::toString).hasMessageContaining("still open: [p]");
        assertThatThrownBy(() -> open.close("td")).hasMessageContaining("open is p, not td");
        assertThatThrownBy(() -> new Markup().add(open)).hasMessageContaining("still open");
    }

    @Test
    void numbersAreShort() {
        assertThat(Markup.number(12.5)).isEqualTo("12.5");
        assertThat(Markup.number(100)).isEqualTo("100");
        assertThat(Markup.number(-0.0001)).isEqualTo("0");
        assertThat(Markup.number(1.23456)).isEqualTo("1.235");
        assertThat(new Markup().empty("circle", "r", 7).toString()).isEqualTo("<circle r=\"7\"/>");
    }

    @Test
    void tenthsAreWrittenShort() {
        assertThat(Tenths.of(12.34)).isEqualTo("12.3");
        assertThat(Tenths.of(7)).isEqualTo("7");
        assertThat(Tenths.of(-0.46)).isEqualTo("-0.5");
        assertThat(Tenths.of(-0.04)).isEqualTo("0");
        Random random = new Random(SEED);
        for (int i = 0; i < 10_000; i++) {
            double value = (random.nextDouble() - 0.5) * 5000;
            assertThat(Double.parseDouble(Tenths.of(value))).as("seed %d", SEED).isEqualTo(value, within(0.0501));
        }
    }
}
