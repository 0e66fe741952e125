package app.misura.web.measuring;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.course.Course;
import app.misura.core.measure.Side;
import app.misura.web.TestOrders;
import org.junit.jupiter.api.Test;

class PlaceTest {
    @Test
    void aPlaceHasItsAddress() {
        assertThat(Place.step("D1", null).address("o1", null)).isEqualTo("/orders/o1/measure?step=D1");
        assertThat(Place.of("D9", "left", null).address("o1", "r7"))
                .isEqualTo("/orders/o1/measure?step=D9&side=left&kept=r7");
        assertThat(Place.of(null, null, "S").address("o1", null)).isEqualTo("/orders/o1/measure?gate=S");
        assertThat(Place.of(null, null, null).address("o1", null)).isEqualTo("/orders/o1/measure");
    }

    @Test
    void whatIsNoSideIsNone() {
        assertThat(Place.of("D9", "right", null).side()).isEqualTo(Side.RIGHT);
        assertThat(Place.of("D9", "middle", null).side()).isNull();
        assertThat(Place.of("D9", "", null).side()).isNull();
    }

    @Test
    void whatIsTypedIntoAnAddressCannotLeaveIt() {
        assertThat(Place.step("D1&side=left#x", null).address("o/../1", null))
                .doesNotContain("#")
                .doesNotContain("&")
                .startsWith("/orders/o%2F..%2F1/measure?step=");
    }

    @Test
    void theWorkGoesOnWhereTheCourseSays() {
        Course half = TestOrders.of("H", TestOrders.FULL.replace(" D9-right=58", ""), TestOrders.MARKED)
                .course();
        Place onward = Place.of(half.after(half.proof().sheet().form().step("D9")));
        assertThat(onward).isEqualTo(Place.step("D9", Side.RIGHT));
        Course wrong = TestOrders.of("W", TestOrders.FULL.replace("S2=32.5", "S2=40"), TestOrders.MARKED)
                .course();
        assertThat(Place.of(wrong.after(wrong.proof().sheet().form().step("S5")))
                        .gate())
                .isEqualTo("S");
    }
}
