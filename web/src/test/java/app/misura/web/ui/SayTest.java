package app.misura.web.ui;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.web.TestOrders;
import app.misura.web.account.Role;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SayTest {
    @ParameterizedTest
    @CsvSource({"0, today", "1, 1 day", "5, 5 days", "-1, 1 day late", "-12, 12 days late", "400, 400 days"})
    void howLongUntilADay(int days, String said) {
        assertThat(Say.until(TestOrders.TODAY.plusDays(days), TestOrders.TODAY)).isEqualTo(said);
    }

    @Test
    void noDayIsSaidAsNone() {
        assertThat(Say.until(null, TestOrders.TODAY)).isEqualTo("no day");
        assertThat(Say.day(null)).isEqualTo("no day set");
        assertThat(Say.day(LocalDate.of(2026, 3, 1))).isEqualTo("1 March");
        assertThat(Say.dayName(LocalDate.of(2026, 3, 1))).isEqualTo("Sunday 1 March");
    }

    @Test
    void todayHasAnHourAndAnotherDayItsDate() {
        assertThat(Say.when(TestOrders.NOW, ZoneOffset.UTC, TestOrders.TODAY)).isEqualTo("today 09:00");
        assertThat(Say.recently(TestOrders.NOW, TestOrders.CLOCK)).isEqualTo("09:00");
        assertThat(Say.recently(TestOrders.NOW.minusSeconds(60 * 60 * 30), TestOrders.CLOCK))
                .isEqualTo("12 May");
        assertThat(Say.clock(TestOrders.NOW, ZoneId.of("Asia/Tokyo"))).isEqualTo("18:00");
    }

    @Test
    void whoMayDoWhat() {
        Who owner = new Who("o", "O", Role.OWNER);
        Who cutter = new Who("c", "C", Role.CUTTER);
        Who measurer = new Who("m", "M", Role.MEASURER);
        Who viewer = new Who("v", "V", Role.VIEWER);
        assertThat(owner.isOwner() && owner.canCut() && owner.canWrite()).isTrue();
        assertThat(cutter.canCut() && cutter.canWrite() && !cutter.isOwner()).isTrue();
        assertThat(measurer.canWrite() && !measurer.canCut()).isTrue();
        assertThat(viewer.canWrite() || viewer.canCut() || viewer.isOwner()).isFalse();
    }
}
