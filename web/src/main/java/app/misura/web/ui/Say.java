package app.misura.web.ui;

import app.misura.core.format.ladder.LadderSvg;
import app.misura.core.proof.Bracket;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** How dates and numbers are said on pages. */
public final class Say {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM", Locale.UK);
    private static final DateTimeFormatter DAY_NAME = DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.UK);
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm", Locale.UK);

    private Say() {}

    public static String day(@Nullable LocalDate date) {
        return date == null ? "no day set" : DAY.format(date);
    }

    /** A day on paper, which is read in other years too. */
    public static String onPaper(LocalDate date) {
        return DAY.format(date) + " " + date.getYear();
    }

    /** A day of a list; with its year where it is not this one. */
    public static String day(@Nullable LocalDate date, LocalDate today) {
        return date == null ? "no day set" : dated(date, today);
    }

    /** By when something is needed, in words that stand alone. */
    public static String needed(@Nullable LocalDate date, LocalDate today) {
        return date == null ? "no day set" : "needed " + dated(date, today);
    }

    /** A day, with its year where it is not this one. */
    public static String dated(LocalDate date, LocalDate today) {
        return DAY.format(date) + (date.getYear() == today.getYear() ? "" : " " + date.getYear());
    }

    public static String dayName(LocalDate date) {
        return DAY_NAME.format(date);
    }

    public static String clock(Instant at, ZoneId zone) {
        return CLOCK.format(at.atZone(zone));
    }

    /** When a thing was, from today: "today 10:42" or "3 May". */
    public static String when(Instant at, ZoneId zone, LocalDate today) {
        LocalDate day = at.atZone(zone).toLocalDate();
        return day.equals(today) ? "today " + clock(at, zone) : dated(day, today);
    }

    /** When a thing was, for a line that stands beside it: the hour alone if it was today. */
    public static String recently(Instant at, Clock clock) {
        return when(at, clock.getZone(), LocalDate.now(clock)).replace("today ", "");
    }

    /** How long until a day: "today", "1 day", "5 days", "2 days late". */
    public static String until(@Nullable LocalDate date, LocalDate today) {
        if (date == null) {
            return "no day";
        }
        long days = ChronoUnit.DAYS.between(today, date);
        if (days == 0) {
            return "today";
        }
        String count = Math.abs(days) == 1 ? "1 day" : Math.abs(days) + " days";
        return days > 0 ? count : count + " late";
    }

    public static String sign(Bracket.State state) {
        return LadderSvg.sign(state).toString();
    }
}
