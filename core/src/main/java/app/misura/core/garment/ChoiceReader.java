package app.misura.core.garment;

import app.misura.core.house.ClothKind;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Makes choices of their documents. Collects its faults. */
final class ChoiceReader {
    private final List<String> faults;

    ChoiceReader(List<String> faults) {
        this.faults = faults;
    }

    /** @param between the bounds of a number, in mm, a share or grams @param usual {@code cloth}: as the cloth has it */
    record ChoiceDoc(
            String id,
            String title,
            String group,
            @Nullable List<String> pick,
            @Nullable String unit,
            @Nullable List<Double> between,
            @Nullable String usual,
            @Nullable String option,
            String json,
            @Nullable String hint) {}

    /** What every garment asks for, and what those of a kind of cloth do. */
    record CommonDoc(
            List<ChoiceDoc> every,
            List<ChoiceDoc> woven,
            List<ChoiceDoc> stretching,
            @Nullable Map<String, String> cautions) {}

    ChoiceSheet sheet(
            String garment, List<ChoiceDoc> own, CommonDoc common, ClothKind cloth, Garment.@Nullable Thick thick) {
        List<ChoiceDoc> docs = new ArrayList<>(own);
        docs.addAll(common.every());
        docs.addAll(cloth.byStrain() ? common.stretching() : common.woven());
        List<ChoiceDef> defs = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (ChoiceDoc doc : docs) {
            if (!seen.add(doc.id()) || !seen.add("json " + doc.json())) {
                faults.add(garment + ": choice " + doc.id() + " (" + doc.json() + ") is there twice");
            }
            try {
                defs.add(def(doc, cloth, thick == null ? null : thick.cloth()));
            } catch (IllegalArgumentException wrong) {
                faults.add(garment + ": choice " + doc.id() + ": " + wrong.getMessage());
            }
        }
        return new ChoiceSheet(defs, thick == null ? null : thick.fromMm());
    }

    private static ChoiceDef def(ChoiceDoc doc, ClothKind cloth, @Nullable ClothKind thick) {
        ChoiceDef.Kind kind = kind(doc);
        List<Double> bounds = doc.between() == null ? List.of(0.0, 0.0) : doc.between();
        if (kind != ChoiceDef.Kind.PICK && bounds.size() != 2) {
            throw new IllegalArgumentException("between wants two numbers");
        }
        return new ChoiceDef(
                doc.id(),
                doc.title(),
                doc.group(),
                kind,
                doc.pick() == null ? List.of() : doc.pick(),
                bounds.get(0),
                bounds.get(1),
                "cloth".equals(doc.usual()) ? ofCloth(doc.id(), cloth) : doc.usual(),
                thick != null && "cloth".equals(doc.usual()) && !doc.id().equals("thickness")
                        ? ofCloth(doc.id(), thick)
                        : null,
                doc.option(),
                doc.json(),
                doc.hint() == null ? "" : doc.hint());
    }

    private static ChoiceDef.Kind kind(ChoiceDoc doc) {
        if (doc.pick() != null) {
            return ChoiceDef.Kind.PICK;
        }
        return switch (String.valueOf(doc.unit())) {
            case "cm" -> ChoiceDef.Kind.CM;
            case "mm" -> ChoiceDef.Kind.MM;
            case "percent" -> ChoiceDef.Kind.PERCENT;
            case "grams" -> ChoiceDef.Kind.GRAMS;
            default -> throw new IllegalArgumentException("unit must be cm, mm, percent or grams, not " + doc.unit());
        };
    }

    private static String ofCloth(String id, ClothKind cloth) {
        return String.valueOf(
                switch (id) {
                    case "seam" -> cloth.seamMm();
                    case "hem-allowance" -> cloth.hemMm();
                    case "thickness" -> cloth.thicknessMm();
                    case "tested-across", "tested-along" -> cloth.tested();
                    default -> throw new IllegalArgumentException("a cloth says nothing of " + id);
                });
    }
}
