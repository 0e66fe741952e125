package app.misura.core.format.json;

/** Document {@code export/1}: a sheet, its proof and its cut in one file. */
public record ExportDoc(@OneOf("export/1") String misura, SheetDoc sheet, ProofDoc proof, CutJson.Document cut) {
    public static ExportDoc of(SheetDoc sheet, ProofDoc proof, CutJson.Document cut) {
        return new ExportDoc("export/1", sheet, proof, cut);
    }
}
