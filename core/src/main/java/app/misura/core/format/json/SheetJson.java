package app.misura.core.format.json;

import app.misura.core.finding.Acceptance;
import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.form.ValueId;
import app.misura.core.garment.Choices;
import app.misura.core.garment.Garment;
import app.misura.core.garment.Garments;
import app.misura.core.length.Unit;
import app.misura.core.measure.Side;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.LeftOut;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Wearer;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Reads a {@link SheetDoc}, with every fault of it; with the choices of a cut where they are wanted. */
public final class SheetJson {
    private final OrderForms forms;

    public SheetJson(OrderForms forms) {
        this.forms = forms;
    }

    /** A sheet, the garment it is cut to, and what is chosen for its cut. */
    public record Request(Sheet sheet, Garment garment, Choices choices) {}

    /** @param cut empty if nothing is cut from the sheet's form */
    public record Written(Sheet sheet, Optional<Request> cut) {}

    /** @throws JsonRefused with every fault of the document */
    public Sheet read(JsonNode root) throws JsonRefused {
        JsonIn in = JsonIn.document(root, "sheet/1");
        Sheet sheet = sheet(in, root);
        in.finish();
        return java.util.Objects.requireNonNull(sheet);
    }

    /** @throws JsonRefused with every fault of the document; that nothing is cut from its form is one */
    public Request readWithChoices(JsonNode root) throws JsonRefused {
        Written written = readWritten(root);
        return written.cut()
                .orElseThrow(() -> new JsonRefused(
                        JsonRefused.Why.WRONG,
                        List.of(new JsonFault(
                                "/form",
                                "nothing is cut from " + written.sheet().form().id() + " yet"))));
    }

    /** A sheet to be written down: with its cut, where something is cut from its form. @throws JsonRefused with every fault */
    public Written readWritten(JsonNode root) throws JsonRefused {
        JsonIn in = JsonIn.document(root, "sheet/1");
        Sheet sheet = sheet(in, root);
        JsonIn chosen = in.object("choices");
        Garment garment = sheet == null ? null : garment(in, sheet.form());
        Choices choices = garment == null || sheet == null
                ? null
                : ChoicesJson.read(chosen, garment.choices(), garment.choices().usual(sheet.answers()));
        if (sheet != null && garment == null) {
            chosen.close();
        }
        in.finish();
        Sheet read = java.util.Objects.requireNonNull(sheet);
        return new Written(
                read,
                garment == null || choices == null
                        ? Optional.empty()
                        : Optional.of(new Request(read, garment, choices)));
    }

    /** The garment that is named, else the form's first; null where nothing is cut from it. */
    private static @Nullable Garment garment(JsonIn in, OrderForm form) {
        List<Garment> all = Garments.shipped().allOf(form);
        String named = in.textOrNull("garment");
        Optional<Garment> garment =
                all.stream().filter(g -> named == null || g.id().equals(named)).findFirst();
        if (named != null && garment.isEmpty()) {
            in.fault(
                    "garment",
                    "must be one of " + all.stream().map(Garment::id).toList() + ", which are cut from " + form.id());
        }
        return garment.or(() -> all.stream().findFirst()).orElse(null);
    }

    private @Nullable Sheet sheet(JsonIn in, JsonNode root) throws JsonRefused {
        if (root.path("readings").size() > ReadingJson.MOST) {
            throw new JsonRefused(
                    JsonRefused.Why.TOO_LARGE,
                    List.of(new JsonFault("/readings", "at most " + ReadingJson.MOST + " readings are taken")));
        }
        OrderForm form = form(in, forms);
        Wearer wearer = wearer(in.object("client"));
        Map<String, String> options = in.texts("options");
        if (form == null) {
            in.list("readings", r -> r);
            in.list("leftOut", r -> r);
            in.list("accepted", r -> r);
            return null;
        }
        form = form.adding(steps(root, "readings")).adding(steps(root, "leftOut"));
        OrderForm full = form;
        full.faults(options).forEach((id, message) -> in.object("options").fault(id, message));
        OrderForm asked = full.asAsked(in.faults().isEmpty() ? options : Map.of());
        ReadingJson reader = new ReadingJson(asked, wearer);
        List<Reading> readings = in.list("readings", r -> {
            Reading reading = reader.read(r);
            r.close();
            return java.util.Objects.requireNonNull(reading);
        });
        Set<ValueId> out = new HashSet<>();
        List<LeftOut> leftOut = in.list("leftOut", one -> {
            LeftOut read = LeftOutJson.read(one, asked);
            if (!out.add(read.value())) {
                one.fault("step", read.value() + " is left out twice");
            }
            return read;
        });
        List<Acceptance> accepted = in.list("accepted", AcceptedJson::read);
        return new Sheet(full, wearer, in.faults().isEmpty() ? options : Map.of(), readings, leftOut, accepted);
    }

    /** The labels that the entries of a list name. */
    public static List<String> steps(JsonNode root, String list) {
        return root.path(list)
                .valueStream()
                .map(r -> r.path("step").asString(""))
                .toList();
    }

    /** The form that {@code form}, {@code version} and {@code unit} name; null (and a fault) where there is none. */
    public static @Nullable OrderForm form(JsonIn in, OrderForms forms) {
        String id = in.text("form");
        Integer version = in.whole("version");
        String unit = in.textOrNull("unit");
        Optional<OrderForm> now = forms.find(id);
        if (now.isEmpty()) {
            if (!id.isEmpty()) {
                in.fault("form", "no form has the id " + (id.length() > 60 ? id.substring(0, 60) + "…" : id));
            }
            return null;
        }
        Optional<OrderForm> asked = version == null ? now : forms.find(id, version);
        if (asked.isEmpty()) {
            in.fault("version", id + " has version " + versions(id, forms) + ", not " + version);
        }
        OrderForm form = asked.orElse(now.get());
        if (unit == null) {
            return form;
        }
        if (!unit.equals("cm") && !unit.equals("in")) {
            in.fault("unit", "must be cm or in");
            return form;
        }
        return form.in(Unit.parse(unit));
    }

    private static String versions(String id, OrderForms forms) {
        return forms.everyVersion().stream()
                .filter(f -> f.id().equals(id))
                .map(f -> String.valueOf(f.version()))
                .collect(Collectors.joining(" and "));
    }

    public static Wearer wearer(JsonIn in) {
        String hand = in.choice("handedness", List.of("right", "left"), "right");
        String age = in.choice("ageGroup", List.of("adult", "young", "child"), "adult");
        in.close();
        return new Wearer(
                hand.equals("left") ? Side.LEFT : Side.RIGHT,
                AgeGroup.named(age).orElse(AgeGroup.ADULT));
    }
}
