package app.misura.core.garment;

import app.misura.core.house.ClothKind;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * One garment as data: from which forms it is measured, what is chosen, the table of its finished measures, what must pass
 * over what. What it is drawn with are blocks; without one it is cut in numbers.
 *
 * @param version of its tables; named on every sheet that was cut by them
 * @param fits the words of its fits, from close to easy; a row of the table has a number for each
 * @param child what a child's ease is multiplied by
 * @param lines in the order of the table
 * @param refusals what is never cut
 * @param doubts what is probably not meant, and is asked on the sheet
 * @param cautions said on every sheet
 * @param notes what the cutter is told on every sheet: pieces to cut, what the maker adds
 * @param nets the lengths of the body that its formulas may name, shared by all garments
 * @param thick what the cloth is where the sheet is a thick one; null where that makes no difference
 */
public record Garment(
        String id,
        int version,
        String title,
        List<String> forms,
        List<String> blocks,
        ClothKind cloth,
        @Nullable Thick thick,
        ChoiceSheet choices,
        List<String> fits,
        double child,
        List<Line> lines,
        List<Passing> openings,
        List<Refusal> refusals,
        List<Doubt> doubts,
        List<String> cautions,
        List<String> notes,
        Map<String, Net> nets) {
    public Garment {
        forms = List.copyOf(forms);
        blocks = List.copyOf(blocks);
        fits = List.copyOf(fits);
        lines = List.copyOf(lines);
        openings = List.copyOf(openings);
        refusals = List.copyOf(refusals);
        doubts = List.copyOf(doubts);
        cautions = List.copyOf(cautions);
        notes = List.copyOf(notes);
        nets = Map.copyOf(nets);
    }

    /** What the cloth is from a thickness on. @param fromMm of the sheet */
    public record Thick(double fromMm, ClothKind cloth) {}

    /** The cloth as it was chosen: a thick sheet is another one. */
    public ClothKind cloth(Choices choices) {
        return thick != null && choices.numberOr0("thickness") >= thick.fromMm() ? thick.cloth() : cloth;
    }

    public Optional<Line> find(String name) {
        return lines.stream().filter(l -> l.name().equals(name)).findFirst();
    }

    /** @throws IllegalArgumentException if it has no such line */
    public Line line(String name) {
        return find(name).orElseThrow(() -> new IllegalArgumentException(id + " has no line " + name));
    }

    /** A net by name: the garment's own, else the shared one. */
    public Optional<Net> net(String name) {
        return lines.stream()
                .map(Line::net)
                .flatMap(java.util.stream.Stream::ofNullable)
                .filter(n -> n.name().equals(name))
                .findFirst()
                .or(() -> Optional.ofNullable(nets.get(name)));
    }

    /** Whether pieces are drawn for it. */
    public boolean isDrawn() {
        return !blocks.isEmpty();
    }
}
