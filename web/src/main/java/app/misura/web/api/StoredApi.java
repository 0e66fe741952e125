package app.misura.web.api;

import app.misura.core.course.Course;
import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.format.json.JsonFault;
import app.misura.core.format.json.JsonIn;
import app.misura.core.format.json.JsonRefused;
import app.misura.core.format.json.LeftOutJson;
import app.misura.core.format.json.ReadingJson;
import app.misura.core.format.json.SheetJson;
import app.misura.core.measure.Side;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.LeftOut;
import app.misura.core.reading.Reading;
import app.misura.web.client.Client;
import app.misura.web.client.Clients;
import app.misura.web.id.Texts;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import app.misura.web.reading.NewReading;
import app.misura.web.reading.Readings;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.net.URI;
import java.security.Principal;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** What is stored: clients, orders, readings. An answer is sent only after its commit is on disk. */
@RestController
@RequestMapping("/api/v1")
class StoredApi {
    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_KEY = 60;
    private static final int LARGEST_PAGE = 200;

    private final Clients clients;
    private final Orders orders;
    private final Readings readings;
    private final OrderForms forms;
    private final Clock clock;

    StoredApi(Clients clients, Orders orders, Readings readings, OrderForms forms, Clock clock) {
        this.clients = clients;
        this.orders = orders;
        this.readings = readings;
        this.forms = forms;
        this.clock = clock;
    }

    private static ResponseEntity<byte[]> created(String address, int status, Object document) {
        ResponseEntity<byte[]> answer = JudgingApi.json(status, document);
        return ResponseEntity.status(status)
                .headers(answer.getHeaders())
                .location(URI.create(address))
                .body(answer.getBody());
    }

    private static void requirePage(int page, int size) throws JsonRefused {
        List<JsonFault> faults = new ArrayList<>();
        if (page < 0 || page > 1_000_000) {
            faults.add(new JsonFault("/page", "must be 0 or more"));
        }
        if (size < 1 || size > LARGEST_PAGE) {
            faults.add(new JsonFault("/size", "must lie between 1 and " + LARGEST_PAGE));
        }
        if (!faults.isEmpty()) {
            throw new JsonRefused(JsonRefused.Why.WRONG, faults);
        }
    }

    @GetMapping("/clients")
    ResponseEntity<byte[]> clients(
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "0") int page,
            @RequestParam(defaultValue = "50") int size)
            throws JsonRefused {
        requirePage(page, size);
        Clients.Found found = clients.search(q, page, size);
        return JudgingApi.json(
                200,
                new ClientsDoc(
                        "clients/1", found.clients().stream().map(ClientDoc::of).toList(), page, found.total()));
    }

    @GetMapping("/clients/{id}")
    ResponseEntity<byte[]> client(@PathVariable String id) {
        return JudgingApi.json(200, ClientDoc.of(clients.get(id)));
    }

    @PostMapping("/clients")
    ResponseEntity<byte[]> addClient(HttpServletRequest request, Principal who)
            throws IOException, JsonRefused, HttpMediaTypeNotSupportedException {
        JsonIn in = JsonIn.document(ApiBody.read(request), "client/1");
        String name = in.text("name").strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME || !Texts.isOneLine(name)) {
            in.fault("name", "must be 1 to " + LONGEST_NAME + " characters on one line");
        }
        String hand = in.choice("handedness", List.of("right", "left"), "right");
        String age = in.choice("ageGroup", List.of("adult", "young", "child"), "adult");
        in.finish();
        Client client = clients.add(
                Client.About.of(
                        name,
                        hand.equals("left") ? Side.LEFT : Side.RIGHT,
                        AgeGroup.named(age).orElseThrow()),
                who.getName());
        return created("/api/v1/clients/" + client.id(), 201, ClientDoc.of(client));
    }

    @GetMapping("/orders")
    ResponseEntity<byte[]> orders(
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "0") int page,
            @RequestParam(defaultValue = "50") int size)
            throws JsonRefused {
        requirePage(page, size);
        Orders.Found found = orders.search(q, page, size);
        return JudgingApi.json(
                200,
                new OrdersDoc(
                        "orders/1", found.orders().stream().map(OrderDoc::of).toList(), page, found.total()));
    }

    @GetMapping("/orders/{id}")
    ResponseEntity<byte[]> order(@PathVariable String id) {
        return JudgingApi.json(200, OrderDoc.of(orders.get(id)));
    }

    @PostMapping("/orders")
    ResponseEntity<byte[]> addOrder(HttpServletRequest request, Principal who)
            throws IOException, JsonRefused, HttpMediaTypeNotSupportedException {
        JsonIn in = JsonIn.document(ApiBody.read(request), "order/1");
        String client = in.text("client");
        @Nullable OrderForm form = SheetJson.form(in, forms);
        String title = in.textOrNull("title");
        if (title != null && (title.isBlank() || title.length() > LONGEST_NAME || !Texts.isOneLine(title))) {
            in.fault("title", "must be 1 to " + LONGEST_NAME + " characters");
        }
        Map<String, String> options = in.texts("options");
        if (form != null) {
            JsonIn at = in.object("options");
            form.faults(options).forEach(at::fault);
        }
        if (!client.isEmpty() && clients.find(client).isEmpty()) {
            in.fault("client", "no client has this id");
        }
        in.finish();
        OrderForm known = Objects.requireNonNull(form);
        GarmentOrder order = orders.add(
                new Orders.NewOrder(client, title == null ? known.title() : title, known, null, options),
                who.getName());
        return created("/api/v1/orders/" + order.id(), 201, OrderDoc.of(order));
    }

    @GetMapping("/orders/{id}/readings")
    ResponseEntity<byte[]> readings(@PathVariable String id) {
        GarmentOrder order = orders.get(id);
        return JudgingApi.json(200, ReadingsDoc.of(order, order.readings()));
    }

    @PostMapping("/orders/{id}/readings")
    ResponseEntity<byte[]> keep(@PathVariable String id, HttpServletRequest request, Principal who)
            throws IOException, JsonRefused, HttpMediaTypeNotSupportedException {
        JsonNode root = ApiBody.read(request);
        GarmentOrder order = orders.get(id);
        if (root.path("readings").size() > ReadingJson.MOST) {
            throw new JsonRefused(
                    JsonRefused.Why.TOO_LARGE,
                    List.of(new JsonFault("/readings", "at most " + ReadingJson.MOST + " readings are taken at once")));
        }
        JsonIn in = JsonIn.document(root, "readings/1");
        OrderForm form = orders.form(
                order,
                Stream.of("readings", "leftOut")
                        .flatMap(list -> SheetJson.steps(root, list).stream())
                        .toList());
        ReadingJson reader = new ReadingJson(form, order.client().wearer());
        boolean again = in.yes("again");
        List<NewReading> wanted = in.list("readings", each -> reading(each, reader, order, again, who.getName()));
        List<LeftOut> leftOut = in.list("leftOut", each -> LeftOutJson.read(each, form));
        if (wanted.isEmpty() && leftOut.isEmpty()) {
            in.fault("readings", "must hold at least one reading");
        }
        in.finish();
        Readings.Kept kept = readings.keep(id, wanted, leftOut, who.getName());
        return created(
                "/api/v1/orders/" + id + "/readings",
                kept.added() == 0 ? 200 : 201,
                ReadingsDoc.of(orders.get(id), kept.readings()));
    }

    private NewReading reading(JsonIn in, ReadingJson reader, GarmentOrder order, boolean again, String by) {
        Reading read = Objects.requireNonNull(reader.read(in));
        String key = in.textOrNull("key");
        if (key != null && (key.isBlank() || key.length() > LONGEST_KEY)) {
            in.fault("key", "must be 1 to " + LONGEST_KEY + " characters");
        }
        if (in.has("struck")) {
            in.fault("struck", "a reading is kept first and struck afterwards");
        }
        int round = round(read, order, again, in.has("round"));
        if (in.has("round") && again) {
            in.fault("round", "is opened by \"again\"; say one of the two");
        } else if (round < read.round()) {
            in.fault("round", "the newest that can be opened is " + round);
        }
        in.close();
        return new NewReading(read.kept(clock.instant(), by).inRound(in.has("round") ? read.round() : round), key);
    }

    /** The round that a reading opens or goes on; of one that says its own, the newest that it can open. */
    private static int round(Reading read, GarmentOrder order, boolean again, boolean said) {
        Course course = order.course();
        return order.sheet().allSlots().stream()
                .filter(s -> s.id().isOf(read.step()) && (!s.isOneOfBoth() || s.side() == read.side()))
                .findFirst()
                .map(slot -> again || said ? course.roundAnew(slot) : course.round(slot, null))
                .orElse(1);
    }
}
