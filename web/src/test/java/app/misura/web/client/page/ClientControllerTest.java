package app.misura.web.client.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import app.misura.core.measure.Side;
import app.misura.core.reading.AgeGroup;
import app.misura.web.TestOrders;
import app.misura.web.client.Client;
import app.misura.web.client.Clients;
import app.misura.web.order.Orders;
import app.misura.web.store.Compacting;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.ui.ExtendedModelMap;
import org.springframework.validation.BeanPropertyBindingResult;
import org.springframework.validation.BindingResult;

class ClientControllerTest {
    private final Clients clients = mock(Clients.class);
    private final Orders orders = mock(Orders.class);
    private final Compacting compacting = mock(Compacting.class);
    private final ClientController controller = new ClientController(clients, orders, compacting, TestOrders.CLOCK);
    private final ExtendedModelMap model = new ExtendedModelMap();
    private final MockHttpServletResponse response = new MockHttpServletResponse();
    private final ClientForm form = new ClientForm();
    private final BindingResult faults = new BeanPropertyBindingResult(form, "form");

    @Test
    void aListComesInPagesByNameByVisitAndByAge() {
        Client seen = new Client(
                "c1", Client.About.of("Ann", Side.RIGHT, AgeGroup.CHILD), TestOrders.TODAY, null, TestOrders.NOW, 0);
        when(clients.list(Clients.Order.VISIT, 2, 50))
                .thenReturn(new Clients.Listed(List.of(seen, TestOrders.client("Bo")), true));
        when(clients.count()).thenReturn(101L);
        when(orders.open(List.of("c1", "cBo"))).thenReturn(Map.of("c1", 2L));
        assertThat(controller.list("", "visit", 2, false, model)).isEqualTo("clients");
        assertThat(model.get("clients"))
                .isEqualTo(List.of(
                        new ClientController.Line("c1", "Ann", "child", "today", 2),
                        new ClientController.Line("cBo", "Bo", "adult", "", 0)));
        assertThat(model.get("total")).isEqualTo(101L);
        assertThat(model.get("more")).isEqualTo(true);
    }

    @Test
    void whatIsTypedFindsAndPagesThatCannotBeAreTheNearestThatCan() {
        when(clients.list(any(), anyInt(), anyInt())).thenReturn(new Clients.Listed(List.of(), false));
        when(clients.find(anyString(), anyInt(), anyInt())).thenReturn(new Clients.Listed(List.of(), false));
        controller.list("", "nonsense", -7, false, model);
        verify(clients).list(Clients.Order.NAME, 0, 50);
        controller.list("", "name", Integer.MAX_VALUE, false, model);
        verify(clients).list(Clients.Order.NAME, 100_000, 50);
        assertThat(controller.list("x".repeat(5000), "name", 0, true, model))
                .as("only the list")
                .isEqualTo("clients :: list");
        verify(clients).find("x".repeat(120), 0, 50);
    }

    @Test
    void aNewClientIsAddedByWhoeverIsSignedIn() {
        form.setName("Ann");
        form.setHandedness("LEFT");
        form.setAgeGroup("YOUNG");
        when(clients.add(Client.About.of("Ann", Side.LEFT, AgeGroup.YOUNG), "measurer"))
                .thenReturn(TestOrders.client("Ann"));
        assertThat(controller.add(form, faults, () -> "measurer", response)).isEqualTo("redirect:/clients/cAnn");
    }

    @Test
    void aFaultIsShownWithWhatWasTyped() {
        faults.rejectValue("name", "blank", "A client has a name.");
        assertThat(controller.add(form, faults, () -> "measurer", response)).isEqualTo("client-form");
        assertThat(response.getStatus()).isEqualTo(422);
        verify(clients, never()).add(any(), any());
    }

    @Test
    void aDayThatIsNoneIsSaid() {
        form.setName("Ann");
        form.setConsentedOn("2026-02-31");
        assertThat(controller.add(form, faults, () -> "measurer", response)).isEqualTo("client-form");
        assertThat(faults.getFieldError("consentedOn").getDefaultMessage()).contains("no such day");
        verify(clients, never()).add(any(), any());
    }

    @Test
    void whoComesLaterIsToldWhatStandsThereNow() {
        when(clients.get("c1")).thenReturn(TestOrders.client("Ann the new"));
        when(clients.change(anyString(), anyLong(), any())).thenThrow(new OptimisticLockingFailureException("late"));
        form.setName("Ann the old");
        assertThat(controller.change("c1", form, faults, model, response)).isEqualTo("client-form");
        assertThat(response.getStatus()).isEqualTo(409);
        assertThat(faults.getGlobalError().getDefaultMessage())
                .contains("Ann the new")
                .contains("keep it once more");
        assertThat(form.getName()).as("what was typed stands").isEqualTo("Ann the old");
    }

    @Test
    void deletingAsksForTheWholeName() {
        when(clients.get("c1")).thenReturn(TestOrders.client("Ann"));
        assertThat(controller.delete("c1", "ann", model, response)).isEqualTo("client-form");
        assertThat(response.getStatus()).isEqualTo(422);
        assertThat((String) model.get("notDeleted")).contains("Nothing was deleted");
        verify(clients, never()).delete(any());
        assertThat(controller.delete("c1", " Ann ", model, response)).isEqualTo("redirect:/clients");
        verify(clients).delete("c1");
        verify(compacting).begin();
    }
}
