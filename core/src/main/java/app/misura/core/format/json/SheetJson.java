package app.misura.core.format.json;

import app.misura.core.fit.Cloth;
import app.misura.core.fit.FitChoice;
import app.misura.core.fit.TrousersChoices;
import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.length.Unit;
import app.misura.core.measure.Side;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Wearer;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Document {@code sheet/1} in, with the choices of a cut where they are wanted. */
public final class SheetJson {
    private final OrderForms forms;

    public SheetJson(OrderForms forms) {
        this.forms = forms;
    }

    /** A sheet and what is chosen for its cut. */
    public record Request(Sheet sheet, TrousersChoices choices) {}

    /** @throws JsonRefused with every fault of the document */
    public Sheet read(JsonNode root) throws JsonRefused {
        JsonIn in = JsonIn.document(root, "sheet/1");
        Sheet sheet = sheet(in, root);
        in.finish();
        return java.util.Objects.requireNonNull(sheet);
    }

    /** @throws JsonRefused with every fault of the document */
    public Request readWithChoices(JsonNode root) throws JsonRefused {
        JsonIn in = JsonIn.document(root, "sheet/1");
        Sheet sheet = sheet(in, root);
        TrousersChoices usual = TrousersChoices.of(sheet == null ? Map.of() : sheet.answers());
        TrousersChoices choices = choices(in.object("choices"), usual);
        in.finish();
        return new Request(java.util.Objects.requireNonNull(sheet), choices);
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
            return null;
        }
        form.faults(options).forEach((id, message) -> in.object("options").fault(id, message));
        ReadingJson reader = new ReadingJson(form, wearer);
        List<Reading> readings = in.list("readings", r -> {
            Reading reading = reader.read(r);
            r.close();
            return java.util.Objects.requireNonNull(reading);
        });
        return new Sheet(form, wearer, in.faults().isEmpty() ? options : Map.of(), readings);
    }

    /** The form that {@code form}, {@code version} and {@code unit} name; null (and a fault) where there is none. */
    public static @Nullable OrderForm form(JsonIn in, OrderForms forms) {
        String id = in.text("form");
        Integer version = in.whole("version");
        String unit = in.textOrNull("unit");
        Optional<OrderForm> form = forms.find(id);
        if (form.isEmpty()) {
            if (!id.isEmpty()) {
                in.fault("form", "no form has the id " + (id.length() > 60 ? id.substring(0, 60) + "…" : id));
            }
            return null;
        }
        if (version != null && version != form.get().version()) {
            in.fault("version", id + " has version " + form.get().version() + ", not " + version);
        }
        if (unit == null) {
            return form.get();
        }
        if (!unit.equals("cm") && !unit.equals("in")) {
            in.fault("unit", "must be cm or in");
            return form.get();
        }
        return form.get().in(Unit.parse(unit));
    }

    public static Wearer wearer(JsonIn in) {
        String hand = in.choice("handedness", List.of("right", "left"), "right");
        String age = in.choice("ageGroup", List.of("adult", "young", "child"), "adult");
        in.close();
        return new Wearer(
                hand.equals("left") ? Side.LEFT : Side.RIGHT,
                AgeGroup.named(age).orElse(AgeGroup.ADULT));
    }

    /** Stored choices; the usual ones where the text is empty. @throws JsonRefused if it is none of ours */
    public static TrousersChoices choices(String json, TrousersChoices usual) throws JsonRefused {
        if (json.isEmpty()) {
            return usual;
        }
        JsonIn in = JsonIn.document(JsonText.parse(json), "choices/1");
        TrousersChoices choices = choices(in.object("choices"), usual);
        in.finish();
        return choices;
    }

    /** Choices as a text; {@link #choices(String, TrousersChoices)} gives them back. */
    public static String write(TrousersChoices c) {
        return JsonText.write(JsonOut.document("choices/1")
                .put(
                        "choices",
                        JsonOut.object()
                                .put("fit", c.fit().word())
                                .put(
                                        "front",
                                        c.front()
                                                .name()
                                                .toLowerCase(java.util.Locale.ROOT)
                                                .replace('_', '-'))
                                .put("hemGirthMm", c.hemGirth())
                                .put("waistbandMm", c.waistband())
                                .put("hemAboveFloorMm", c.hemAboveFloor())
                                .put(
                                        "seatShape",
                                        List.of("flat", "regular", "prominent").get(c.seatShape() + 1))
                                .put(
                                        "cloth",
                                        JsonOut.object()
                                                .put("shrinkAcross", c.cloth().shrinkAcross())
                                                .put("shrinkAlong", c.cloth().shrinkAlong())
                                                .put("stretchAcross", c.cloth().stretchAcross())
                                                .put("stretchAlong", c.cloth().stretchAlong()))
                                .put("layersMm", c.layers())
                                .put("growthMonths", c.growthMonths())
                                .put(
                                        "allowanceMm",
                                        JsonOut.object()
                                                .put("seam", c.seamAllowance())
                                                .put("hem", c.hemAllowance())))
                .tree());
    }

    private static TrousersChoices choices(JsonIn in, TrousersChoices usual) {
        String fit = in.choice(
                "fit", List.of("close", "regular", "easy"), usual.fit().word());
        String front = in.choice(
                "front",
                List.of("flat", "one-pleat", "two-pleats"),
                usual.front().name().toLowerCase(java.util.Locale.ROOT).replace('_', '-'));
        Double hem = in.has("hemGirthMm") ? (Double) in.number("hemGirthMm", 150, 1200, 400) : usual.hemGirth();
        double band = in.number("waistbandMm", 10, 120, usual.waistband());
        double up = in.number("hemAboveFloorMm", 0, 700, usual.hemAboveFloor());
        String seat = in.choice(
                "seatShape",
                List.of("flat", "regular", "prominent"),
                List.of("flat", "regular", "prominent").get(usual.seatShape() + 1));
        JsonIn c = in.object("cloth");
        Cloth cloth = new Cloth(
                c.number("shrinkAcross", 0, Cloth.MOST_SHRINK, 0),
                c.number("shrinkAlong", 0, Cloth.MOST_SHRINK, 0),
                c.number("stretchAcross", 0, Cloth.MOST_STRETCH, 0),
                c.number("stretchAlong", 0, Cloth.MOST_STRETCH, 0));
        c.close();
        double layers = in.number("layersMm", 0, 50, usual.layers());
        double months = in.number("growthMonths", 0, 12, usual.growthMonths());
        if (months != 0 && months != 6 && months != 12) {
            in.fault("growthMonths", "must be 0, 6 or 12");
        }
        JsonIn a = in.object("allowanceMm");
        double seam = a.number("seam", 0, 60, usual.seamAllowance());
        double hemAllowance = a.number("hem", 0, 150, usual.hemAllowance());
        a.close();
        in.close();
        return new TrousersChoices(
                FitChoice.named(fit),
                TrousersChoices.front(front),
                hem,
                band,
                up,
                TrousersChoices.seatShape(seat),
                cloth,
                layers,
                (int) months,
                seam,
                hemAllowance);
    }

    /** The document of a sheet; {@link #read} gives it back. */
    public static Map<String, @Nullable Object> write(Sheet sheet) {
        return JsonOut.document("sheet/1")
                .put("form", sheet.form().id())
                .put("version", sheet.form().version())
                .put("unit", sheet.unit().symbol())
                .put(
                        "client",
                        JsonOut.object()
                                .put("handedness", sheet.wearer().dominant().word())
                                .put("ageGroup", sheet.wearer().age().word()))
                .put("options", new java.util.TreeMap<>(sheet.answers()))
                .put(
                        "readings",
                        sheet.readings().stream()
                                .map(r -> ReadingJson.write(r, sheet.form()).tree())
                                .toList())
                .tree();
    }
}
