package app.misura.web.api.described;

import static app.misura.web.api.described.Operation.file;
import static app.misura.web.api.described.Operation.get;
import static app.misura.web.api.described.Operation.getFile;
import static app.misura.web.api.described.Operation.json;
import static app.misura.web.api.described.Operation.post;

import app.misura.core.adjust.Adjustment;
import app.misura.core.adjust.Network;
import app.misura.core.cut.Cutting;
import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.format.json.AdjustmentDoc;
import app.misura.core.format.json.CutJson;
import app.misura.core.format.json.ExportDoc;
import app.misura.core.format.json.FormDoc;
import app.misura.core.format.json.FormsDoc;
import app.misura.core.format.json.JsonRefused;
import app.misura.core.format.json.JsonText;
import app.misura.core.format.json.LeftOutDoc;
import app.misura.core.format.json.MeasuresDoc;
import app.misura.core.format.json.NetworkDoc;
import app.misura.core.format.json.NetworkJson;
import app.misura.core.format.json.ProofDoc;
import app.misura.core.format.json.ReadingDoc;
import app.misura.core.format.json.SheetDoc;
import app.misura.core.format.json.SheetJson;
import app.misura.core.measure.Catalogue;
import app.misura.core.proof.Proof;
import app.misura.web.api.ClientDoc;
import app.misura.web.api.ClientsDoc;
import app.misura.web.api.OrderDoc;
import app.misura.web.api.OrdersDoc;
import app.misura.web.api.ReadingsDoc;
import app.misura.web.api.described.Operation.Parameter;
import java.util.List;
import java.util.Map;

/** Every call of the interface, with made-up documents; what is answered to them is worked out, not written. */
final class Operations {
    private static final String CLIENT_ID = "4kq7w2m9x1ab";
    private static final String ORDER_ID = "8zr3t6n5y0cd";
    private static final Parameter Q = new Parameter("q", "query", "string", List.of(), "");
    private static final Parameter PAGE = new Parameter("page", "query", "integer", List.of(), 0);
    private static final Parameter SIZE = new Parameter("size", "query", "integer", List.of(), 50);
    private static final Parameter FORMAT =
            new Parameter("format", "path", "string", List.of("svg", "dxf", "pdf", "hpgl", "csv", "json"), "json");
    private static final Parameter PAPER =
            new Parameter("paper", "query", "string", List.of("sheet", "a4", "letter", "a3", "a0", "roll"), "sheet");
    private static final Parameter VERSION = new Parameter("version", "query", "integer", List.of(), 1);

    private final OrderForms forms;
    private final OrderForm form;

    Operations(OrderForms forms) {
        this.forms = forms;
        this.form = forms.all().get(0);
    }

    List<Operation> all() {
        try {
            return List.of(
                    get("/measures", "The catalogue of measures", MeasuresDoc.of(Catalogue.shipped())),
                    get("/forms", "All order forms", FormsDoc.of(forms.all())),
                    get("/forms/{id}", "One order form", FormDoc.of(form))
                            .ofOne(form.id())
                            .with(VERSION)
                            .or(422),
                    adjust(),
                    proof(),
                    cut(),
                    export(),
                    getFile("/backup", "Everything, in one state, for the owner", "application/zip")
                            .or(403),
                    get("/clients", "Clients by name", new ClientsDoc("clients/1", List.of(client(CLIENT_ID)), 0, 1))
                            .with(Q, PAGE, SIZE)
                            .or(422),
                    get("/clients/{id}", "One client", client(CLIENT_ID)).ofOne(CLIENT_ID),
                    post(
                                    "/clients",
                                    "Adds a client",
                                    client(null),
                                    json(201, "The client as it is kept", client(CLIENT_ID)))
                            .or(403, 409, 507),
                    get("/orders", "Orders, newest first", new OrdersDoc("orders/1", List.of(order(ORDER_ID)), 0, 1))
                            .with(Q, PAGE, SIZE)
                            .or(422),
                    get("/orders/{id}", "One order", order(ORDER_ID)).ofOne(ORDER_ID),
                    post("/orders", "Adds an order", order(null), json(201, "The order as it is kept", order(ORDER_ID)))
                            .or(403, 409, 507),
                    get("/orders/{id}/readings", "All readings of an order, struck ones included", readings(ORDER_ID))
                            .ofOne(ORDER_ID),
                    post(
                                    "/orders/{id}/readings",
                                    "Keeps readings, all of them or none; a known key keeps nothing new",
                                    readings(null),
                                    json(201, "What is new is kept", readings(ORDER_ID)),
                                    json(200, "All of it was kept before", readings(ORDER_ID)))
                            .ofOne(ORDER_ID)
                            .or(403, 409, 507));
        } catch (JsonRefused wrong) {
            throw new IllegalStateException("an example is refused: " + wrong.faults(), wrong);
        }
    }

    private static Operation adjust() throws JsonRefused {
        NetworkDoc network = new NetworkDoc(
                "network/1",
                "cm",
                null,
                List.of(measure("thigh", 32.5), measure("shin", 45.0), measure("leg", 77.5)),
                List.of(new NetworkDoc.Sum("leg", Map.of("thigh", 1.0, "shin", 1.0, "leg", -1.0), null, 1.0, null)));
        Network read = NetworkJson.read(JsonText.parse(JsonText.write(network)));
        AdjustmentDoc adjusted = AdjustmentDoc.of(read, Adjustment.of(read));
        return post(
                "/adjust", "Adjusts a bare network", network, json(200, "What the least squares make of it", adjusted));
    }

    private static NetworkDoc.Measure measure(String id, double value) {
        return new NetworkDoc.Measure(id, value, 0.5, 0.5);
    }

    private Operation proof() throws JsonRefused {
        ProofDoc proof = ProofDoc.of(Proof.of(new SheetJson(forms).read(JsonText.parse(JsonText.write(sheet())))));
        return post("/proof", "Proves a sheet", sheet(), json(200, "Whether it is one body", proof));
    }

    private Operation cut() throws JsonRefused {
        return post(
                "/cut",
                "Cuts a sheet with its choices",
                chosen(),
                json(200, "Pieces, chain and proof of the cut", spec()));
    }

    private CutJson.Document spec() throws JsonRefused {
        SheetJson.Request request = new SheetJson(forms).readWithChoices(JsonText.parse(JsonText.write(chosen())));
        Cutting.Result result = Cutting.of(Proof.of(request.sheet()), request.garment(), request.choices());
        return CutJson.of(((Cutting.Cut) result).spec());
    }

    private Operation export() throws JsonRefused {
        ProofDoc proof = ProofDoc.of(Proof.of(new SheetJson(forms).read(JsonText.parse(JsonText.write(sheet())))));
        return post(
                        "/export/{format}",
                        "The cut as a file",
                        chosen(),
                        json(200, "A sheet, its proof and its cut", ExportDoc.of(sheet(), proof, spec())),
                        file("The pattern, in mm", "image/svg+xml"),
                        file("The pattern at its true size", "application/pdf"),
                        file("Every reading, value and finished measure as one table", "text/csv"))
                .with(FORMAT, PAPER)
                .or(404, 501);
    }

    /** A made-up body that the first form's garment can be cut for. */
    private SheetDoc sheet() {
        String values = "P3=171 D1=103 D2=58.5 D3=45 D4=18.5 D7=36.5 D8=38 D9-left=57.5 D9-right=58 U1=101.5 U2=87.5"
                + " U2=87.5 S1=77.5 S2=32.5 S3=69.5 S4=27 S5=42.5 M1=25.5 M2=41";
        return new SheetDoc(
                "sheet/1",
                form.id(),
                form.version(),
                "cm",
                new SheetDoc.WearerDoc("right", "adult"),
                Map.of(),
                List.of(values.split(" ")).stream().map(Operations::reading).toList(),
                null,
                null,
                null);
    }

    private SheetDoc chosen() {
        SheetDoc sheet = sheet();
        return new SheetDoc(
                sheet.misura(),
                sheet.form(),
                sheet.version(),
                sheet.unit(),
                sheet.client(),
                sheet.options(),
                sheet.readings(),
                null,
                null,
                Map.of("fit", "easy", "allowanceMm", Map.of("seam", 12)));
    }

    private static ReadingDoc reading(String entry) {
        String[] pair = entry.split("=");
        String[] value = pair[0].split("-");
        return ReadingDoc.sent(value[0], pair[1], value.length > 1 ? value[1] : null, null);
    }

    private static ClientDoc client(@org.jspecify.annotations.Nullable String id) {
        return new ClientDoc("client/1", id, "Somebody Made-Up", "right", "adult");
    }

    private OrderDoc order(@org.jspecify.annotations.Nullable String id) {
        return new OrderDoc("order/1", id, CLIENT_ID, "concert trousers", form.id(), form.version(), "cm", Map.of());
    }

    private static ReadingsDoc readings(@org.jspecify.annotations.Nullable String order) {
        return new ReadingsDoc(
                "readings/1",
                order,
                List.of(ReadingDoc.sent("U1", "104.5", null, "a-key-of-yours")),
                List.of(new LeftOutDoc("D7", null, "refused", "")));
    }
}
