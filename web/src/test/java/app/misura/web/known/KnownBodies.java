package app.misura.web.known;

import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import app.misura.web.TestOrders;
import app.misura.web.client.Clients;
import app.misura.web.house.House;
import app.misura.web.order.Orders;
import app.misura.web.reading.Readings;

/** What is known of bodies in tests without a house. */
public final class KnownBodies {
    private KnownBodies() {}

    /** From these orders. */
    public static KnownBody of(Orders orders) {
        House house = mock(House.class);
        when(house.rules()).thenReturn(TestOrders.RULES);
        return new KnownBody(orders, mock(Readings.class), mock(Clients.class), house, TestOrders.CLOCK);
    }
}
