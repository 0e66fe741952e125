package app.misura.web.cutting;

import app.misura.core.fit.Cloth;
import app.misura.core.fit.FitChoice;
import app.misura.core.fit.TrousersChoices;
import app.misura.core.format.json.JsonRefused;
import app.misura.core.format.json.SheetJson;
import app.misura.web.order.GarmentOrder;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Turns what is typed on the cut's screen into choices and back; one place for their bounds and words. */
public final class CutChoices {
    private CutChoices() {}

    /** An order's choices: what was kept, else what its form's answers and the house say. */
    public static TrousersChoices of(GarmentOrder order) {
        try {
            return SheetJson.choices(order.choices(), TrousersChoices.of(order.answers()));
        } catch (JsonRefused e) {
            throw new IllegalStateException("stored choices are unreadable", e);
        }
    }

    static CutForm form(TrousersChoices c, long version) {
        CutForm form = new CutForm();
        form.setFit(c.fit().word());
        form.setFront(c.front().name().toLowerCase(Locale.ROOT).replace('_', '-'));
        form.setSeatShape(List.of("flat", "regular", "prominent").get(c.seatShape() + 1));
        form.setHem(c.hemGirth() == null ? "" : number(c.hemGirth() / 10));
        form.setBand(number(c.waistband() / 10));
        form.setUp(number(c.hemAboveFloor() / 10));
        form.setShrinkAcross(number(c.cloth().shrinkAcross() * 100));
        form.setShrinkAlong(number(c.cloth().shrinkAlong() * 100));
        form.setStretch(number(c.cloth().stretchAcross() * 100));
        form.setLayers(number(c.layers()));
        form.setGrowth(String.valueOf(c.growthMonths()));
        form.setVersion(version);
        return form;
    }

    private static String number(double value) {
        String text = String.format(Locale.ROOT, "%.2f", value);
        return text.replaceFirst("\\.?0+$", "");
    }

    /** What was typed: choices, or what is wrong, by field. */
    record Read(Optional<TrousersChoices> choices, Map<String, String> faults) {}

    static Read read(CutForm form, TrousersChoices before) {
        Map<String, String> faults = new LinkedHashMap<>();
        Double hem = form.getHem().isBlank() ? null : (Double) (number(form.getHem(), "hem", 15, 120, faults) * 10);
        double band = number(form.getBand(), "band", 1, 12, faults) * 10;
        double up = number(form.getUp(), "up", 0, 70, faults) * 10;
        double across = number(form.getShrinkAcross(), "shrinkAcross", 0, Cloth.MOST_SHRINK * 100, faults) / 100;
        double along = number(form.getShrinkAlong(), "shrinkAlong", 0, Cloth.MOST_SHRINK * 100, faults) / 100;
        double stretch = number(form.getStretch(), "stretch", 0, Cloth.MOST_STRETCH * 100, faults) / 100;
        double layers = number(form.getLayers(), "layers", 0, 50, faults);
        int growth = (int) number(form.getGrowth(), "growth", 0, 12, faults);
        choice(form.getFit(), "fit", List.of("close", "regular", "easy"), faults);
        choice(form.getFront(), "front", List.of("flat", "one-pleat", "two-pleats"), faults);
        choice(form.getSeatShape(), "seatShape", List.of("flat", "regular", "prominent"), faults);
        if (!faults.isEmpty()) {
            return new Read(Optional.empty(), faults);
        }
        return new Read(
                Optional.of(new TrousersChoices(
                        FitChoice.named(form.getFit()),
                        TrousersChoices.front(form.getFront()),
                        hem,
                        band,
                        up,
                        TrousersChoices.seatShape(form.getSeatShape()),
                        new Cloth(across, along, stretch, 0),
                        layers,
                        growth,
                        before.seamAllowance(),
                        before.hemAllowance())),
                faults);
    }

    private static void choice(String said, String field, List<String> choices, Map<String, String> faults) {
        if (!choices.contains(said)) {
            faults.put(field, "Choose one of " + String.join(", ", choices) + ".");
        }
    }

    private static double number(String text, String field, double low, double high, Map<String, String> faults) {
        try {
            double value = Double.parseDouble(text.strip().replace(',', '.'));
            if (value >= low && value <= high) {
                return value;
            }
        } catch (NumberFormatException e) {
            // said below
        }
        String shown = text.length() > 30 ? text.substring(0, 30) + "…" : text;
        faults.put(
                field,
                "\"" + shown + "\" does not fit; a number from " + number(low) + " to " + number(high) + " does.");
        return low;
    }
}
