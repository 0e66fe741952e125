package app.misura.core.garment;

import app.misura.core.form.OrderForms;
import app.misura.core.house.HouseTables;
import app.misura.core.measure.Catalogue;

/** Garments of files that do not ship, for tests. */
public final class GarmentFiles {
    private GarmentFiles() {}

    public static Garment read(String yaml) {
        return new GarmentReader(Catalogue.shipped(), HouseTables.shipped(), OrderForms.shipped())
                .read(yaml, "test.yaml");
    }
}
