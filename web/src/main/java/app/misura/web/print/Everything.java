package app.misura.web.print;

import app.misura.core.format.json.JsonText;
import app.misura.core.format.json.SheetDoc;
import app.misura.core.format.pdf.PagePdf;
import app.misura.core.reading.Differs;
import app.misura.web.account.Accounts;
import app.misura.web.client.Client;
import app.misura.web.client.Clients;
import app.misura.web.cutting.CutSpecs;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Moved;
import app.misura.web.order.OrderLife;
import app.misura.web.order.Orders;
import app.misura.web.photo.Photographs;
import app.misura.web.reading.StepNote;
import app.misura.web.ui.Who;
import app.misura.web.wardrobe.Wardrobe;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;

/** Everything that the house keeps of one client, as one zip: documents for programs, papers for people. */
@Controller
class Everything {
    private final Clients clients;
    private final Orders orders;
    private final OrderLife life;
    private final CutSpecs specs;
    private final Accounts accounts;
    private final PrintController papers;
    private final Photographs photographs;
    private final Wardrobe wardrobe;

    Everything(
            Clients clients,
            Orders orders,
            OrderLife life,
            CutSpecs specs,
            Accounts accounts,
            PrintController papers,
            Photographs photographs,
            Wardrobe wardrobe) {
        this.wardrobe = wardrobe;
        this.photographs = photographs;
        this.clients = clients;
        this.orders = orders;
        this.life = life;
        this.specs = specs;
        this.accounts = accounts;
        this.papers = papers;
    }

    private record ClientEverything(
            String misura,
            String name,
            String handedness,
            String ageGroup,
            String note,
            @Nullable String healthNote,
            @Nullable List<String> notCompared,
            @Nullable String consentedOn,
            @Nullable String measuredLast,
            @Nullable String bodyChanged,
            Instant writtenDown) {}

    private record OrderEverything(
            String misura,
            int number,
            String title,
            String stage,
            @Nullable String neededOn,
            String notes,
            Map<String, NoteDoc> stepNotes,
            List<TakenOverDoc> takenOver,
            List<MoveDoc> moves,
            String choices,
            SheetDoc sheet) {}

    /** A reading that was written on the sheet of another order first. */
    private record TakenOverDoc(String step, String text, int fromOrder) {}

    /** Lengths of garments that fit. */
    private record GarmentsDoc(String misura, List<GarmentDoc> garments) {}

    /** @param mm of the garment, the whole of what was read flat */
    private record GarmentDoc(
            String garment, String what, String text, String unit, double mm, Instant at, String by, boolean struck) {}

    private record NoteDoc(String text, Instant at, String by) {}

    private record MoveDoc(String from, String to, String reason, Instant at, String by) {}

    /** Those who may not see the health note and photographs get everything but those. */
    @GetMapping("/clients/{id}/everything.zip")
    void everything(@PathVariable String id, @ModelAttribute("who") Who who, HttpServletResponse response)
            throws IOException {
        Client client = clients.get(id);
        response.setContentType("application/zip");
        response.setHeader("Cache-Control", "no-store");
        response.setHeader("Content-Disposition", "attachment; filename=\"client-" + client.id() + ".zip\"");
        write(client, who.canWrite(), response.getOutputStream());
    }

    void write(Client client, boolean health, OutputStream to) throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(to)) {
            put(zip, "client.json", json(document(client, health)));
            List<GarmentDoc> worn =
                    wardrobe.of(client.id()).stream().map(this::document).toList();
            if (!worn.isEmpty()) {
                put(zip, "garments.json", json(new GarmentsDoc("client-garments/1", worn)));
            }
            for (GarmentOrder order : orders.of(client.id())) {
                String at = "order-" + order.number() + "/";
                put(zip, at + "order.json", json(document(order)));
                put(zip, at + "readings.csv", body(papers.csv(order.id()).getBody()));
                put(zip, at + "order-form.pdf", body(papers.form(order.id(), "").getBody()));
                for (Photographs.Photograph seen : photographs.there(order.id())) {
                    if (health) {
                        put(
                                zip,
                                at + "photograph-" + seen.from().word() + "-" + seen.id() + ".jpg",
                                photographs.picture(order.id(), seen.id()));
                    }
                }
                for (CutSpecs.Printed printed : specs.of(order.id())) {
                    put(
                            zip,
                            at + "cut-sheet-" + printed.id() + ".pdf",
                            PagePdf.write(specs.page(order.id(), printed.id())));
                }
            }
        }
    }

    private static byte[] body(byte @Nullable [] bytes) {
        return bytes == null ? new byte[0] : bytes;
    }

    private static byte[] json(Object document) {
        return JsonText.pretty(document).getBytes(StandardCharsets.UTF_8);
    }

    private static void put(ZipOutputStream zip, String name, byte[] bytes) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(bytes);
        zip.closeEntry();
    }

    private static ClientEverything document(Client client, boolean health) {
        return new ClientEverything(
                "client-everything/1",
                client.name(),
                client.handedness().word(),
                client.ageGroup().word(),
                client.notes(),
                health ? client.about().healthNote() : null,
                health
                        ? client.about().differs().stream()
                                .sorted()
                                .map(Differs::word)
                                .toList()
                        : null,
                text(client.about().consentedOn()),
                text(client.seenOn()),
                text(client.bodyChangedAt()),
                client.createdAt());
    }

    private static @Nullable String text(@Nullable Object value) {
        return value == null ? null : value.toString();
    }

    private GarmentDoc document(Wardrobe.Worn worn) {
        return new GarmentDoc(
                worn.garment(),
                worn.what().word(),
                worn.text(),
                worn.unit().symbol(),
                worn.what().of(worn.read()).toMm(),
                worn.at(),
                accounts.called(worn.by()),
                worn.struck());
    }

    private OrderEverything document(GarmentOrder order) {
        Map<String, NoteDoc> notes = new TreeMap<>();
        for (Map.Entry<String, StepNote> note : order.taken().notes().entrySet()) {
            StepNote said = note.getValue();
            notes.put(note.getKey(), new NoteDoc(said.text(), said.at(), accounts.called(said.by())));
        }
        return new OrderEverything(
                "order-everything/1",
                order.number(),
                order.title(),
                order.stage().word(),
                text(order.neededOn()),
                order.about().notes(),
                notes,
                order.readings().stream()
                        .filter(r -> r.from().isPresent())
                        .map(r -> new TakenOverDoc(
                                r.reading().step(),
                                r.reading().text(),
                                r.from().orElseThrow().number()))
                        .toList(),
                life.moves(order.id()).stream().map(this::document).toList(),
                order.choices(),
                SheetDoc.of(order.sheet()));
    }

    private MoveDoc document(Moved moved) {
        return new MoveDoc(
                moved.from().word(), moved.to().word(), moved.reason(), moved.at(), accounts.called(moved.by()));
    }
}
