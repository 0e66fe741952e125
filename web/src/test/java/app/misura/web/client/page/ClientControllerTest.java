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
import app.misura.web.client.Clients;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.ui.ExtendedModelMap;
import org.springframework.validation.BeanPropertyBindingResult;
import org.springframework.validation.BindingResult;

class ClientControllerTest {
    private final Clients clients = mock(Clients.class);
    private final ClientController controller = new ClientController(clients);
    private final ExtendedModelMap model = new ExtendedModelMap();
    private final MockHttpServletResponse response = new MockHttpServletResponse();
    private final ClientForm form = new ClientForm();
    private final BindingResult faults = new BeanPropertyBindingResult(form, "form");

    @Test
    void aListIsCutIntoPages() {
        when(clients.search("ann", 2, 50)).thenReturn(new Clients.Found(List.of(TestOrders.client("Ann")), 101));
        assertThat(controller.list("ann", 2, false, model)).isEqualTo("clients");
        assertThat(model.get("pages")).isEqualTo(3L);
        assertThat(model.get("total")).isEqualTo(101L);
        assertThat(controller.list("ann", 2, true, model)).as("only the list").isEqualTo("clients :: list");
    }

    @Test
    void pagesThatCannotBeAreTheNearestThatCan() {
        when(clients.search(anyString(), anyInt(), anyInt())).thenReturn(new Clients.Found(List.of(), 0));
        controller.list("", -7, false, model);
        verify(clients).search("", 0, 50);
        controller.list("", Integer.MAX_VALUE, false, model);
        verify(clients).search("", 100_000, 50);
        controller.list("x".repeat(5000), 0, false, model);
        verify(clients).search("x".repeat(120), 0, 50);
    }

    @Test
    void aNewClientIsAddedByWhoeverIsSignedIn() {
        form.setName("Ann");
        form.setHandedness("LEFT");
        form.setAgeGroup("YOUNG");
        when(clients.add("Ann", Side.LEFT, AgeGroup.YOUNG, "", "measurer")).thenReturn(TestOrders.client("Ann"));
        assertThat(controller.add(form, faults, () -> "measurer", response)).isEqualTo("redirect:/clients/cAnn");
    }

    @Test
    void aFaultIsShownWithWhatWasTyped() {
        faults.rejectValue("name", "blank", "A client has a name.");
        assertThat(controller.add(form, faults, () -> "measurer", response)).isEqualTo("client-form");
        assertThat(response.getStatus()).isEqualTo(422);
        verify(clients, never()).add(any(), any(), any(), any(), any());
    }

    @Test
    void whoComesLaterIsToldWhatStandsThereNow() {
        when(clients.get("c1")).thenReturn(TestOrders.client("Ann the new"));
        when(clients.change(anyString(), anyLong(), any(), any(), any(), any()))
                .thenThrow(new OptimisticLockingFailureException("late"));
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
    }
}
