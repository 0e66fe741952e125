package app.misura.web.demo;

import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.form.Step;
import app.misura.core.form.ValueId;
import app.misura.core.length.Entry;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.life.Stage;
import app.misura.core.measure.Side;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.LeftOut;
import app.misura.core.reading.Reading;
import app.misura.web.account.Accounts;
import app.misura.web.account.Role;
import app.misura.web.client.Client;
import app.misura.web.client.Clients;
import app.misura.web.house.House;
import app.misura.web.house.Rules;
import app.misura.web.known.KnownBody;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.OrderLife;
import app.misura.web.order.Orders;
import app.misura.web.reading.NewReading;
import app.misura.web.reading.Readings;
import app.misura.web.size.HouseSizes;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.dataformat.yaml.YAMLMapper;

/** Fills an empty house with the made-up workroom, in one transaction; a house with accounts is left as it is. */
@Component
public class DemoData implements SmartInitializingSingleton {
    static final String PASSWORD = "demo-misura";

    private static final Logger LOG = LoggerFactory.getLogger(DemoData.class);

    private final boolean wanted;
    private final Accounts accounts;
    private final House house;
    private final Clients clients;
    private final Orders orders;
    private final OrderLife life;
    private final Readings readings;
    private final OrderForms forms;
    private final KnownBody known;
    private final HouseSizes sizes;
    private final Clock clock;
    private final Filler filler;
    private final PasswordEncoder passwords;
    private volatile boolean demoHouse;

    DemoData(
            @Value("${misura.demo}") boolean wanted,
            Accounts accounts,
            House house,
            Clients clients,
            Orders orders,
            OrderLife life,
            Readings readings,
            OrderForms forms,
            KnownBody known,
            HouseSizes sizes,
            Clock clock,
            Filler filler,
            PasswordEncoder passwords) {
        this.passwords = passwords;
        this.wanted = wanted;
        this.accounts = accounts;
        this.house = house;
        this.clients = clients;
        this.orders = orders;
        this.life = life;
        this.readings = readings;
        this.forms = forms;
        this.known = known;
        this.sizes = sizes;
        this.clock = clock;
        this.filler = filler;
    }

    /** Runs the filling within one transaction: all of it is there, or none. */
    @Component
    static class Filler {
        @Transactional
        public void run(Runnable fill) {
            fill.run();
        }
    }

    record Workroom(HouseDoc house, List<PersonDoc> people, List<SizesDoc> sizes, List<ClientDoc> clients) {}

    record SizesDoc(String name, @Nullable Integer stretch, String text) {}

    record HouseDoc(String name, String address) {}

    private Rules rules(Workroom workroom) {
        Rules usual = house.rules();
        return new Rules(
                workroom.house().name(),
                workroom.house().address(),
                usual.paper(),
                usual.unit(),
                usual.consent(),
                usual.keepMonths(),
                usual.fresh(),
                usual.onPaper(),
                usual.version());
    }

    record PersonDoc(String name, String called, Role role) {}

    record ClientDoc(
            String name,
            @Nullable AgeGroup age,
            @Nullable Side hand,
            String notes,
            @Nullable String health,
            @Nullable List<OrderDoc> orders) {}

    record OrderDoc(
            @Nullable String form,
            String title,
            int needed,
            Stage stage,
            @Nullable String unit,
            @Nullable Map<String, String> options,
            @Nullable Boolean known,
            @Nullable String with,
            String readings) {}

    /** Before the server listens: nobody meets a house that is half filled, or could make its owner's account. */
    @Override
    public void afterSingletonsInstantiated() {
        if (wanted && accounts.isEmpty()) {
            Workroom workroom = read();
            filler.run(() -> fill(workroom));
        }
        demoHouse = !accounts.isEmpty()
                && accounts.find("owner").isPresent()
                && passwords.matches(
                        PASSWORD, accounts.loadUserByUsername("owner").getPassword());
    }

    /** Whether anybody may sign in here with the password that is printed: then the house is no real one. */
    boolean isDemoHouse() {
        return demoHouse;
    }

    @EventListener(ApplicationReadyEvent.class)
    void say() {
        if (demoHouse) {
            LOG.info("A demo house: sign in as owner, cutter, measurer or viewer; the password is {}", PASSWORD);
        }
    }

    private static Workroom read() {
        try (InputStream yaml = DemoData.class.getResourceAsStream("/demo/workroom.yaml")) {
            return new YAMLMapper().readValue(Objects.requireNonNull(yaml), Workroom.class);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void fill(Workroom workroom) {
        house.change(rules(workroom));
        workroom.people().forEach(p -> accounts.add(p.name(), p.called(), PASSWORD, p.role()));
        workroom.sizes()
                .forEach(s -> sizes.keep(
                        new HouseSizes.Typed("", s.name(), Objects.requireNonNullElse(s.stretch(), 0), s.text(), 0)));
        for (ClientDoc c : workroom.clients()) {
            Client client = clients.add(
                    new Client.About(
                            c.name(),
                            c.hand() == null ? Side.RIGHT : c.hand(),
                            c.age() == null ? AgeGroup.ADULT : c.age(),
                            c.notes(),
                            c.health() == null ? "" : c.health(),
                            LocalDate.now(clock)),
                    "owner");
            for (OrderDoc o : c.orders() == null ? List.<OrderDoc>of() : c.orders()) {
                order(client, o);
            }
        }
    }

    private void order(Client client, OrderDoc doc) {
        OrderForm form = forms.get(doc.form() == null ? "trousers-tailored" : doc.form())
                .in(Unit.parse(doc.unit() == null ? "cm" : doc.unit()));
        List<Orders.NewOrder> sheets = new ArrayList<>();
        sheets.add(wanted(client, doc, form, doc.title()));
        if (doc.with() != null) {
            OrderForm with = forms.get(doc.with()).in(form.unit());
            sheets.add(wanted(client, doc, with, with.title()));
        }
        GarmentOrder order = orders.addTogether(sheets, "owner").get(0);
        if (Boolean.TRUE.equals(doc.known())) {
            known.takeOver(order.id(), "measurer");
        }
        Instant at = clock.instant().minusSeconds(3 * 3600);
        List<NewReading> taken = new ArrayList<>();
        List<Integer> struck = new ArrayList<>();
        for (String entry :
                doc.readings().isBlank() ? new String[0] : doc.readings().split(" ")) {
            String[] parts = entry.split("=", 2);
            if (parts.length == 1) {
                readings.setMark(order.id(), parts[0], "measurer");
                continue;
            }
            Optional<LeftOut.Why> out = LeftOut.Why.named(parts[1]);
            if (out.isPresent()) {
                LeftOut left = new LeftOut(ValueId.parse(parts[0]), out.get(), "");
                readings.leaveOut(order.id(), List.of(left), "measurer");
                continue;
            }
            at = at.plusSeconds(40);
            boolean strike = parts[1].startsWith("!");
            String text = (strike ? parts[1].substring(1) : parts[1]).replace('_', ' ');
            if (strike) {
                struck.add(taken.size());
            }
            taken.add(new NewReading(reading(order.form(), parts[0], text, at, client), null));
        }
        if (!taken.isEmpty()) {
            Readings.Kept kept = readings.keep(order.id(), taken);
            struck.forEach(
                    i -> readings.strike(order.id(), kept.readings().get(i).id(), "tape twisted", "measurer"));
        }
        GarmentOrder now = orders.get(order.id());
        if (doc.stage() != now.stage()) {
            life.move(order.id(), now.version(), doc.stage(), "", "owner");
        }
    }

    private Orders.NewOrder wanted(Client client, OrderDoc doc, OrderForm form, String title) {
        Map<String, String> answers = doc.options() == null || !title.equals(doc.title()) ? Map.of() : doc.options();
        return new Orders.NewOrder(
                client.id(), title, form, LocalDate.now(clock).plusDays(doc.needed()), answers);
    }

    private static Reading reading(OrderForm form, String id, String text, Instant at, Client client) {
        String label = ValueId.parse(id).step();
        Step step = form.step(label);
        List<Side> sides = step.side().sides(client.handedness());
        Side side = step.side().isTwo()
                ? (id.endsWith("-left") ? Side.LEFT : Side.RIGHT)
                : sides.isEmpty() ? null : sides.get(0);
        Length length = Entry.parse(text, form.unit())
                .asLength()
                .map(form.increment()::snap)
                .orElse(null);
        return new Reading(label, side, text, length, step.play(), at, "measurer", null, null);
    }
}
