package app.misura.core.format.json;

import app.misura.core.form.OrderForm;
import java.util.Collection;
import java.util.List;

/** Document {@code forms/1}: every order form. */
public record FormsDoc(@OneOf("forms/1") String misura, List<Head> forms) {

    public record Head(
            String id,
            int version,
            String title,
            @OneOf({"cm", "in"}) String unit) {}

    public static FormsDoc of(Collection<OrderForm> forms) {
        return new FormsDoc(
                "forms/1",
                forms.stream()
                        .map(f -> new Head(
                                f.id(), f.version(), f.title(), f.unit().symbol()))
                        .toList());
    }
}
