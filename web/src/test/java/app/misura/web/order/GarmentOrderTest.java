package app.misura.web.order;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.web.TestOrders;
import org.junit.jupiter.api.Test;

class GarmentOrderTest {
    private static GarmentOrder order(String readings) {
        return TestOrders.of("7", readings, TestOrders.MARKED);
    }

    @Test
    void theSameSheetIsProvedOnce() {
        assertThat(order("P3=171 D1=103").course())
                .isSameAs(order("P3=171 D1=103").course());
    }

    @Test
    void aSheetThatChangedIsProvedAnew() {
        GarmentOrder before = order("P3=171 D1=103");
        assertThat(order("P3=171 D1=104").course().proof().settled())
                .isNotEqualTo(before.course().proof().settled());
        GarmentOrder marked = TestOrders.of("7", "P3=171 D1=103", TestOrders.marks("P1"));
        assertThat(marked.course().taken()).isEqualTo(before.course().taken() - 1);
    }
}
