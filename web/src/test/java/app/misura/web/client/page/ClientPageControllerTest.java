package app.misura.web.client.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import app.misura.web.TestOrders;
import app.misura.web.client.Clients;
import app.misura.web.house.House;
import app.misura.web.house.Tables;
import app.misura.web.known.KnownBodies;
import app.misura.web.order.Orders;
import app.misura.web.size.HouseSizes;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.ui.ExtendedModelMap;

class ClientPageControllerTest {
    private final Orders orders = mock(Orders.class);
    private final Clients clients = mock(Clients.class);
    private final ClientPageController controller = new ClientPageController(
            orders,
            clients,
            KnownBodies.of(orders),
            mock(HouseSizes.class),
            mock(Tables.class),
            mock(House.class),
            TestOrders.CLOCK);
    private final ExtendedModelMap model = new ExtendedModelMap();

    @Test
    void aClientsPageShowsTheBodyOnceSomethingIsMeasured() {
        when(clients.get("c1")).thenReturn(TestOrders.client("Ann"));
        when(orders.of("c1")).thenReturn(List.of(TestOrders.of("1", "", TestOrders.MARKED)));
        controller.client("c1", model);
        assertThat(model.get("figures")).isNull();
        when(orders.of("c1")).thenReturn(List.of(TestOrders.of("1", TestOrders.FULL, TestOrders.MARKED)));
        assertThat(controller.client("c1", model)).isEqualTo("client");
        assertThat((List<?>) model.get("figures")).hasSize(2);
        assertThat(model.get("since")).isEqualTo("13 May");
        ClientPageController.Line line = (ClientPageController.Line) ((List<?>) model.get("orders")).get(0);
        assertThat(line.state()).isEqualTo("These numbers are one body.");
        assertThat(line.signs()).hasSize(4);
    }
}
