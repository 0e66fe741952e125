package app.misura.web;

import app.misura.core.course.Marks;
import app.misura.core.course.Passes;
import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.house.HouseTables;
import app.misura.core.known.Fresh;
import app.misura.core.length.Entry;
import app.misura.core.length.Unit;
import app.misura.core.life.Stage;
import app.misura.core.measure.Side;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Strike;
import app.misura.web.client.Client;
import app.misura.web.house.Rules;
import app.misura.web.order.About;
import app.misura.web.order.GarmentOrder;
import app.misura.web.reading.StoredReading;
import app.misura.web.reading.Taken;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Orders for tests that need no database. */
public final class TestOrders {
    public static final LocalDate TODAY = LocalDate.of(2026, 5, 13);
    public static final Instant NOW = TODAY.atTime(9, 0).toInstant(ZoneOffset.UTC);
    public static final Clock CLOCK = Clock.fixed(NOW, ZoneOffset.UTC);

    /** All of the trousers' steps but the wish; the readings are one body. */
    public static final String FULL = "P3=171 D1=103 D2=58.5 D3=45 D4=18 D7=36.5 D8=38 D9-left=57.5 D9-right=58"
            + " U1=101.5 U2=87.5 U2=87.5 S1=77.5 S2=32.5 S3=69.5 S4=27 S5=42.5 M1=25.5 M2=41";

    /** Band and knee, set before anything was read. */
    public static final Marks MARKED = marks("P1", "P2");

    public static final Rules RULES =
            new Rules("Workroom on Heron Quay", "Heron Quay 7", "a4", "cm", "said", 36, Fresh.USUAL, false, 0);

    private TestOrders() {}

    public static Marks marks(String... labels) {
        Marks marks = Marks.NONE;
        for (String label : labels) {
            marks = marks.with(label, Instant.EPOCH);
        }
        return marks;
    }

    public static Client client(String name) {
        return new Client("c" + name, Client.About.of(name, Side.RIGHT, AgeGroup.ADULT), null, null, NOW, 0);
    }

    /** An order in centimetres whose readings are written as {@code U1=101.5 D9-left=57.5}; {@code ~} strikes one. */
    public static GarmentOrder of(String name, String readings, Marks marks) {
        return of(name, readings, marks, Unit.CM, Stage.MEASURING, 5);
    }

    public static GarmentOrder of(String name, String readings, Marks marks, Unit unit, Stage stage, int neededIn) {
        OrderForm form = OrderForms.shipped().get("trousers-tailored").in(unit);
        Client client = client(name);
        List<StoredReading> stored = new ArrayList<>();
        for (String each : readings.isBlank() ? new String[0] : readings.split(" ")) {
            stored.add(stored("r" + stored.size(), form, each));
        }
        return order(
                "o" + name,
                client,
                new About(1, "trousers", stage, TODAY.plusDays(neededIn), List.of(), "", null, NOW),
                new Sheet(form, client.wearer(), Map.of(), List.of()),
                new Taken(stored, marks, Passes.NONE, List.of(), Map.of(), List.of()));
    }

    private static GarmentOrder order(String id, Client client, About about, Sheet blank, Taken taken) {
        Sheet sheet = new Sheet(
                blank.form(),
                blank.wearer(),
                blank.answers(),
                taken.readings().stream().map(StoredReading::reading).toList());
        return new GarmentOrder(id, client, about, sheet, taken, "", HouseTables.shipped(), 0);
    }

    /** The same order with one of its readings taken by another hand. */
    public static GarmentOrder by(String account, GarmentOrder o, int at) {
        List<StoredReading> stored = new ArrayList<>(o.readings());
        Reading r = stored.get(at).reading();
        Reading other =
                new Reading(r.step(), r.side(), r.text(), r.length(), r.play(), r.at(), account, r.aid(), r.struck());
        stored.set(at, new StoredReading(stored.get(at).id(), other, null, Optional.empty()));
        return order(o.id(), o.client(), o.about(), o.sheet(), o.taken().with(stored));
    }

    private static StoredReading stored(String id, OrderForm form, String written) {
        boolean struck = written.endsWith("~");
        String[] parts = written.replace("~", "").split("=");
        String label = parts[0].replaceAll("-(left|right)$", "");
        String text = parts[1].replace('_', ' ');
        Reading reading = new Reading(
                label,
                parts[0].endsWith("-left") ? Side.LEFT : Side.RIGHT,
                text,
                Entry.parse(text, form.unit()).asLength().orElse(null),
                form.step(label).play(),
                NOW.minusSeconds(60),
                "measurer",
                null,
                struck ? new Strike("tape twisted", NOW, "measurer") : null);
        return new StoredReading(id, reading, null, Optional.empty());
    }
}
