package app.misura.core.size;

import app.misura.core.measure.Measure;
import java.util.List;

/**
 * Sizes of a ready garment, by the net bodies that they are made for.
 *
 * @param name of the garment, such as "Trial trousers"
 * @param stretch share by which its cloth gives way when it is worn: 0.1 for a tenth
 * @param measures by which its sizes differ, as columns
 * @param sizes from the smallest to the largest
 */
public record SizeTable(String name, double stretch, List<Measure> measures, List<Size> sizes) {
    public SizeTable {
        measures = List.copyOf(measures);
        sizes = List.copyOf(sizes);
    }

    /** A size. @param mm of the net body, in the order of the table's measures */
    public record Size(String name, List<Double> mm) {
        public Size {
            mm = List.copyOf(mm);
        }
    }

    /** What a size is made for, mm. */
    double mm(int size, int measure) {
        return sizes.get(size).mm().get(measure);
    }
}
