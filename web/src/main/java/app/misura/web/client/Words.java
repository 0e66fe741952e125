package app.misura.web.client;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** Names as they are sorted and found: small letters without marks, so that {@code sorbo} finds Sørbø and Šorbo. */
final class Words {
    private Words() {}

    static String sorted(String name) {
        return Normalizer.normalize(name, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT)
                .replace('ø', 'o')
                .replace('ł', 'l')
                .replace('đ', 'd')
                .replace("ß", "ss")
                .replace("æ", "ae")
                .strip();
    }

    /** The words of a name that is sorted, each once; none if it has no letter and no digit. */
    static List<String> of(String sorted) {
        return Arrays.stream(sorted.split("[^\\p{L}\\p{N}]+"))
                .filter(w -> !w.isEmpty())
                .distinct()
                .toList();
    }
}
