package app.misura.core.format.json;

import com.fasterxml.jackson.annotation.JsonInclude;
import org.jspecify.annotations.Nullable;

/**
 * Document {@code export/1}: a sheet, its proof and its cut in one file.
 *
 * @param cut null where there is none
 * @param notCut why there is no cut; absent where there is one
 */
public record ExportDoc(
        @OneOf("export/1") String misura,
        SheetDoc sheet,
        ProofDoc proof,
        CutJson.@Nullable Document cut,

        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable String notCut) {
    public static ExportDoc of(SheetDoc sheet, ProofDoc proof, CutJson.Document cut) {
        return new ExportDoc("export/1", sheet, proof, cut, null);
    }

    /** @param why in one sentence */
    public static ExportDoc uncut(SheetDoc sheet, ProofDoc proof, String why) {
        return new ExportDoc("export/1", sheet, proof, null, why);
    }
}
