package app.misura.web.order.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.garment.Garments;
import app.misura.core.judging.Judging;
import app.misura.core.length.Unit;
import app.misura.web.TestOrders;
import app.misura.web.client.Clients;
import app.misura.web.house.House;
import app.misura.web.house.Judgings;
import app.misura.web.known.KnownBodies;
import app.misura.web.order.Orders;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.ui.ExtendedModelMap;
import org.springframework.validation.BeanPropertyBindingResult;
import org.springframework.validation.BindingResult;

class NewOrderControllerTest {
    private final Orders orders = mock(Orders.class);
    private final Clients clients = mock(Clients.class);
    private final House house = mock(House.class);
    private final Judgings judgings = mock(Judgings.class);
    private final NewOrderController controller = new NewOrderController(
            orders, clients, OrderForms.shipped(), house, KnownBodies.of(orders), judgings, TestOrders.CLOCK);
    private final ExtendedModelMap model = new ExtendedModelMap();
    private final MockHttpServletResponse response = new MockHttpServletResponse();
    private final OrderFormData data = new OrderFormData();
    private final BindingResult faults = new BeanPropertyBindingResult(data, "form");

    @BeforeEach
    void aClient() {
        when(house.rules()).thenReturn(TestOrders.RULES);
        when(judgings.now()).thenReturn(Judging.usual());
        when(clients.find("c1")).thenReturn(Optional.of(TestOrders.client("Ann")));
        when(clients.find("gone")).thenReturn(Optional.empty());
        when(clients.search(anyString(), anyInt(), anyInt())).thenReturn(new Clients.Found(List.of(), 0));
        data.setClient("c1");
        data.setTitle("concert trousers");
        data.setForm("trousers-tailored");
    }

    private String add() {
        return controller.add(data, faults, () -> "owner", model, response);
    }

    @Test
    void aNewOrderBeginsWithTheFirstFormItsGarmentAndItsOptions() {
        controller.form(wanted("c1", "", ""), model);
        OrderForm first = OrderForms.shipped().all().get(0);
        assertThat(model.get("form")).isInstanceOfSatisfying(OrderFormData.class, form -> {
            assertThat(form.getForm()).isEqualTo(first.id());
            assertThat(form.getTitle()).isEqualTo("Trousers");
        });
        assertThat(model.get("options")).isEqualTo(first.options());
    }

    @Test
    void theQuestionsFollowTheFormAndATitleThatWasTypedStays() {
        List<OrderForm> all = OrderForms.shipped().all();
        OrderForm last = all.get(all.size() - 1);
        controller.form(wanted("c1", last.id(), "Trousers"), model);
        assertThat(model.get("options")).isEqualTo(last.options());
        assertThat(((OrderFormData) model.get("form")).getTitle())
                .isEqualTo(Garments.shipped().of(last).orElseThrow().title());
        controller.form(wanted("c1", last.id(), "for the marathon"), model);
        assertThat(((OrderFormData) model.get("form")).getTitle()).isEqualTo("for the marathon");
    }

    private static OrderFormData wanted(String client, String form, String title) {
        OrderFormData wanted = new OrderFormData();
        wanted.setClient(client);
        wanted.setForm(form);
        wanted.setTitle(title);
        return wanted;
    }

    @Test
    void anOrderIsOpenedOnTheTapeThatWasChosen() {
        when(orders.addTogether(any(), anyString())).thenReturn(List.of(TestOrders.of("1", "", TestOrders.MARKED)));
        when(orders.get("o1")).thenReturn(TestOrders.of("1", "", TestOrders.MARKED));
        data.setUnit("in");
        data.setNeededOn("2026-06-01");
        data.setOptions(Map.of("fit", "easy"));
        assertThat(add()).isEqualTo("redirect:/orders/o1/measure");
        Orders.NewOrder order = opened().get(0);
        assertThat(order.form().unit()).isEqualTo(Unit.INCH);
        assertThat(order.neededOn()).isEqualTo(LocalDate.of(2026, 6, 1));
        assertThat(order.options()).containsEntry("fit", "easy");
    }

    @SuppressWarnings("unchecked")
    private List<Orders.NewOrder> opened() {
        ArgumentCaptor<List<Orders.NewOrder>> wanted = ArgumentCaptor.forClass(List.class);
        verify(orders).addTogether(wanted.capture(), org.mockito.ArgumentMatchers.eq("owner"));
        return wanted.getValue();
    }

    @Test
    void whatIsInTheSameOrderHasASheetOfItsOwn() {
        when(orders.addTogether(any(), anyString())).thenReturn(List.of(TestOrders.of("1", "", TestOrders.MARKED)));
        when(orders.get("o1")).thenReturn(TestOrders.of("1", "", TestOrders.MARKED));
        data.setUnit("cm");
        data.setWith("coat-tailored");
        data.setOptions(Map.of("fit", "easy"));
        add();
        assertThat(opened()).extracting(o -> o.form().id()).containsExactly("trousers-tailored", "coat-tailored");
        assertThat(opened().get(1).options())
                .as("its own questions are asked later")
                .isEmpty();
    }

    @Test
    void theSameFormIsNotOrderedTwiceByTheWay() {
        when(orders.addTogether(any(), anyString())).thenReturn(List.of(TestOrders.of("1", "", TestOrders.MARKED)));
        when(orders.get("o1")).thenReturn(TestOrders.of("1", "", TestOrders.MARKED));
        data.setUnit("cm");
        data.setWith("trousers-tailored");
        add();
        assertThat(opened()).hasSize(1);
    }

    @Test
    void everyFaultIsSaidAtOnceAndNothingIsStored() {
        data.setClient("gone");
        data.setForm("cloak");
        data.setNeededOn("soon");
        assertThat(add()).isEqualTo("order-form");
        assertThat(response.getStatus()).isEqualTo(422);
        assertThat(faults.getFieldError("client").getDefaultMessage()).contains("not here any more");
        assertThat(faults.getFieldError("form").getDefaultMessage()).contains("no such form");
        assertThat(faults.getFieldError("neededOn").getDefaultMessage()).contains("2026-05-13");
        verify(orders, never()).addTogether(any(), any());
    }

    @Test
    void anAnswerTheFormDoesNotKnowIsRefused() {
        data.setOptions(Map.of("fit", "baggy"));
        assertThat(add()).isEqualTo("order-form");
        assertThat(faults.getGlobalErrors())
                .singleElement()
                .satisfies(f -> assertThat(f.getDefaultMessage()).contains("close"));
    }

    @Test
    void anOrdersAddressLeadsToWhereItsWorkStands() {
        when(orders.get("o1")).thenReturn(TestOrders.of("1", "P3=171", TestOrders.MARKED));
        when(orders.get("o2")).thenReturn(TestOrders.of("2", TestOrders.FULL, TestOrders.MARKED));
        assertThat(controller.order("o1")).isEqualTo("redirect:/orders/o1/measure");
        assertThat(controller.order("o2")).isEqualTo("redirect:/orders/o2/proof");
    }

    @Test
    void aNewOrdersPageOffersTheClientsWhereNoneIsNamed() {
        assertThat(controller.form(wanted("", "", ""), model)).isEqualTo("order-form");
        verify(clients).search("", 0, 50);
        assertThat(model.get("client")).isNull();
        controller.form(wanted("c1", "", ""), model);
        assertThat(model.get("client")).isNotNull();
    }

    @Test
    void aClientBeyondTheFirstFiftyIsFoundByName() {
        when(clients.search("", 0, 50)).thenReturn(new Clients.Found(List.of(TestOrders.client("Ann")), 320));
        controller.form(wanted("", "", ""), model);
        assertThat(model.get("more")).isEqualTo(319L);
        when(clients.search("zo", 0, 50)).thenReturn(new Clients.Found(List.of(TestOrders.client("Zoë")), 1));
        OrderFormData finding = wanted("", "", "");
        finding.setFind("zo");
        controller.form(finding, model);
        assertThat(model.get("more")).isEqualTo(0L);
        assertThat((List<?>) model.get("clients")).hasSize(1);
    }
}
