package app.misura.web.print;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;

import app.misura.web.TestOrders;
import app.misura.web.account.Accounts;
import app.misura.web.cutting.CutSpecs;
import app.misura.web.house.House;
import app.misura.web.id.NotThere;
import app.misura.web.order.Orders;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mockito.ArgumentCaptor;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

class PrintControllerTest {
    private final Orders orders = mock(Orders.class);
    private final Accounts accounts = mock(Accounts.class);
    private final CutSpecs specs = mock(CutSpecs.class);
    private final House house = mock(House.class);
    private final PrintController controller = new PrintController(orders, accounts, specs, TestOrders.CLOCK, house);

    @BeforeEach
    void anOrder() {
        when(house.rules()).thenReturn(TestOrders.RULES);
        when(orders.get("o1")).thenReturn(TestOrders.of("Zoë Ngaire-Ødegård", TestOrders.FULL, TestOrders.MARKED));
        when(orders.get("o2")).thenReturn(TestOrders.of("Half", "P3=171", TestOrders.MARKED));
        when(accounts.called(anyString())).thenReturn("Marisol Achterberg");
    }

    private static String text(ResponseEntity<byte[]> answer) throws IOException {
        assertThat(answer.getHeaders().getContentType()).isEqualTo(MediaType.APPLICATION_PDF);
        try (PDDocument document = Loader.loadPDF(answer.getBody())) {
            return new PDFTextStripper().getText(document);
        }
    }

    private static float height(ResponseEntity<byte[]> answer) throws IOException {
        try (PDDocument document = Loader.loadPDF(answer.getBody())) {
            return document.getPage(0).getMediaBox().getHeight();
        }
    }

    @Test
    void theFilledFormSaysWhoTookWhatAndWhen() throws IOException {
        assertThat(text(controller.form("o1", "a4")))
                .contains("Workroom on Heron Quay", "Marisol Achterberg", "13 May", "101.5", "one body");
    }

    @Test
    void theBlankFormHasNoNumberOfTheClient() throws IOException {
        assertThat(text(controller.blank("o1", "a4"))).contains("Outside leg").doesNotContain("101.5");
    }

    @ParameterizedTest
    @CsvSource({"a4, 841.89", "letter, 792", "LETTER, 792", "papyrus, 841.89"})
    void sheetsComeOnThePaperThatIsThere(String paper, float points) throws IOException {
        assertThat(height(controller.form("o1", paper)))
                .isEqualTo(points, org.assertj.core.api.Assertions.within(0.5f));
    }

    @Test
    void aFileKeepsItsLettersAndIsNotKeptByTheWay() {
        ResponseEntity<byte[]> answer = controller.cut("o1", "a4");
        assertThat(answer.getHeaders().getContentDisposition().getFilename())
                .isEqualTo("1-zoë-ngaire-ødegård-cut-sheet.pdf");
        assertThat(answer.getHeaders().getCacheControl()).isEqualTo("no-store");
    }

    @Test
    void whoOnlyLooksKeepsNothing() {
        controller.cut("o1", "a4");
        verifyNoInteractions(specs);
    }

    @Test
    void whatIsPrintedIsKeptAndShownAgainAsItWas() throws IOException {
        when(specs.keep(any(), any(), any(), eq("cutter"))).thenReturn("s1");
        assertThat(controller.printCut("o1", "a4", () -> "cutter")).isEqualTo("redirect:/orders/o1/print/cut/s1.pdf");
        ArgumentCaptor<String> page = ArgumentCaptor.forClass(String.class);
        verify(specs).keep(any(), any(), page.capture(), eq("cutter"));
        when(specs.stamped(any(), any(), eq("s1"))).thenReturn(page.getValue());
        assertThat(text(controller.cutAsItWas("o1", "s1"))).contains("Cut sheet", "Proof of the cut: all");
    }

    @Test
    void thePatternComesOnAPaperByName() throws IOException {
        try (PDDocument document =
                Loader.loadPDF(controller.pattern("o1", "sheet").getBody())) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
        }
        assertThatThrownBy(() -> controller.pattern("o1", "papyrus"))
                .isInstanceOf(NotThere.class)
                .hasMessageContaining("there are sheet, a4, letter, a3, a0 and roll");
        assertThat(new String(controller.svg("o1").getBody(), StandardCharsets.UTF_8))
                .contains("mm\" viewBox");
    }

    @Test
    void whatIsNotCutIsNotPrinted() {
        assertThatThrownBy(() -> controller.cut("o2", "a4")).isInstanceOf(NotThere.class);
        assertThatThrownBy(() -> controller.pattern("o2", "a4")).hasMessageContaining("says why");
    }

    @Test
    void theTableHoldsEveryReading() {
        String csv = new String(controller.csv("o1").getBody(), StandardCharsets.UTF_8);
        assertThat(csv.lines().filter(l -> l.startsWith("reading,")).count())
                .isEqualTo(TestOrders.FULL.split(" ").length);
    }
}
