package app.misura.web.order;

import app.misura.web.reading.Readings;

/**
 * How far an order's rows have come. Rows are only added, or changed with a version, so each state comes once: what was
 * read of an order at a state is what it is as long as it is there.
 */
record OrderState(
        String id,
        long version,
        long client,
        long readings,
        long strikes,
        long marks,
        long passes,
        long leftOut,
        long takenBack,
        long notes,
        long accepted,
        long acceptedBack) {
    OrderState withReadings(int added) {
        return new OrderState(
                id,
                version,
                client,
                readings + added,
                strikes,
                marks,
                passes,
                leftOut,
                takenBack,
                notes,
                accepted,
                acceptedBack);
    }

    Readings.Rows rows() {
        return new Readings.Rows(readings, strikes, marks, passes, leftOut, takenBack, notes, accepted);
    }
}
