package app.misura.core.cut;

import app.misura.core.fit.TrousersChoices;
import app.misura.core.format.pdf.Paper;
import app.misura.core.format.pdf.PatternPdf;
import app.misura.core.format.sheet.PatternSheet;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Sheets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;

class ShowPattern {
    public static void main(String[] a) throws Exception {
        Map<String, String> bodies = Map.of(
                "average", Sheets.AVERAGE,
                "belly", "D1=104 D2=59 D3=45 D4=20 D8=42 D9-left=67 D9-right=67 U1=119.5 U2=117.5 S1=76 S2=31 S3=77 S4=33 S5=44 M1=28 M2=46",
                "slim", "D1=105.5 D2=59 D3=46.5 D4=17.5 D8=34.5 D9-left=50 D9-right=50 U1=89.5 U2=72.5 S1=80.5 S2=34 S3=64 S4=25 S5=39 M1=25 M2=37.5",
                "wide", "D1=102 D2=58 D3=44 D4=20 D8=42 D9-left=69 D9-right=69 U1=116 U2=84 S1=74.5 S2=30.5 S3=76 S4=29 S5=47 M1=27.5 M2=46");
        for (var e : bodies.entrySet()) {
            var r = TrousersCut.of(Proof.of(Sheets.of(e.getValue())), TrousersChoices.of(e.getKey().equals("wide") ? Map.of("seat-shape", "prominent") : e.getKey().equals("slim") ? Map.of("front", "two-pleats") : Map.of()));
            if (r instanceof TrousersCut.Cut c) {
                Files.write(Path.of("/tmp/" + e.getKey() + ".pdf"), PatternPdf.write(PatternSheet.of(c.spec(), e.getKey()), Paper.SHEET));
                c.spec().draft().targets().forEach(t -> System.out.printf("%s %.2f %.2f %s%n", t.name(), t.expected(), t.measured(), t.holds()));
                c.spec().draft().pieces().get(1).darts().forEach(d -> System.out.println(d.intake()));
            } else System.out.println(e.getKey() + " " + r);
        }
        Files.write(Path.of("/tmp/tiles.pdf"), PatternPdf.write(PatternSheet.of(((TrousersCut.Cut) TrousersCut.of(Proof.of(Sheets.of(Sheets.AVERAGE)), TrousersChoices.of(Map.of()))).spec(), "x"), Paper.A4));
    }
}
