package app.misura.core.cut;

import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.garment.Choices;
import app.misura.core.garment.Garment;
import app.misura.core.garment.Garments;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Sheets;
import app.misura.core.reading.Wearer;

/** Cuts for tests: {@code Cuts.spec("U1=104.5 ...", Cuts.chosen("fit=easy hem-up=200"))}. */
public final class Cuts {
    public static final Garment TROUSERS =
            Garments.shipped().find("trousers-tailored").orElseThrow();

    private Cuts() {}

    public static Choices usual(Sheet sheet) {
        return garment(sheet).choices().usual(sheet.answers());
    }

    public static Garment garment(Sheet sheet) {
        return Garments.shipped().of(sheet.form()).orElseThrow();
    }

    /** Trousers' choices that differ from the usual: words, and numbers in mm or as a share. */
    public static Choices chosen(String text) {
        return chosen(TROUSERS, text);
    }

    public static Choices chosen(Garment garment, String text) {
        Choices choices = garment.choices().usual(java.util.Map.of());
        for (String each : text.isBlank() ? new String[0] : text.trim().split("\\s+")) {
            String[] pair = each.split("=");
            boolean word = garment.choices().get(pair[0]).isPick();
            choices = word ? choices.with(pair[0], pair[1]) : choices.with(pair[0], Double.parseDouble(pair[1]));
        }
        return choices;
    }

    public static Cutting.Result of(Sheet sheet, Choices choices) {
        return Cutting.of(Proof.of(sheet), garment(sheet), choices);
    }

    public static Cutting.Result of(String sheet, String choices) {
        return of(Sheets.of(sheet), chosen(choices));
    }

    public static CutSpec spec(Sheet sheet, Choices choices) {
        Cutting.Result result = of(sheet, choices);
        if (result instanceof Cutting.Cut cut) {
            return cut.spec();
        }
        throw new AssertionError(result);
    }

    public static CutSpec spec(String sheet, String choices) {
        return spec(Sheets.of(sheet), chosen(choices));
    }

    /** The average sheet with some values changed; {@code D4=} takes one away. */
    public static String average(String changes) {
        String text = Sheets.AVERAGE;
        for (String each : changes.trim().split("\\s+")) {
            text = text.replaceAll(" " + each.split("=")[0] + "=\\S+", "") + (each.endsWith("=") ? "" : " " + each);
        }
        return text;
    }

    public static Sheet sheet(String form, Wearer wearer, String text) {
        OrderForm known = OrderForms.shipped().get(form);
        return Sheets.of(known, wearer, text);
    }
}
