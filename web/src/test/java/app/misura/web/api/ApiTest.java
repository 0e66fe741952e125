package app.misura.web.api;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.web.Api;
import app.misura.web.TestHouse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

class ApiTest extends TestHouse {
    @LocalServerPort
    private int port;

    private Api api;

    @BeforeEach
    void signIn() {
        api = new Api(port, "measurer:demo-misura");
    }

    private static final String READINGS =
            "P3=171 D1=103 D2=58.5 D3=45 D4=18 D8=38 D9l=57.5 D9r=58 U1=101.5 U2=87.5 S1=77.5 S2=32.5 S3=69.5 S4=27 S5=42.5 M1=25.5 M2=41";

    static String sheet(String readings, String more) {
        List<String> list = new ArrayList<>();
        for (String each : readings.split(" ")) {
            String[] parts = each.split("=");
            String side =
                    parts[0].endsWith("l") ? ",\"side\":\"left\"" : parts[0].endsWith("r") ? ",\"side\":\"right\"" : "";
            list.add("{\"step\":\"" + parts[0].replaceAll("[lr]$", "") + "\",\"text\":\"" + parts[1] + "\"" + side
                    + "}");
        }
        return "{\"misura\":\"sheet/1\",\"form\":\"trousers-tailored\",\"version\":1,\"unit\":\"cm\",\"readings\":["
                + String.join(",", list) + "]" + more + "}";
    }

    private static List<String> paths(JsonNode problem) {
        List<String> paths = new ArrayList<>();
        problem.get("errors").forEach(e -> paths.add(e.get("path").stringValue()));
        return paths;
    }

    @Test
    void withoutAnAccountThereIsAProblemAndNoRedirect() {
        Api.Answer answer = new Api(port, "").get("/api/v1/forms");
        assertThat(answer.status()).isEqualTo(401);
        assertThat(answer.header("WWW-Authenticate")).startsWith("Basic");
        assertThat(answer.header("Content-Type")).startsWith("application/problem+json");
        assertThat(new Api(port, "owner:wrong").get("/api/v1/forms").status()).isEqualTo(401);
    }

    @Test
    void aViewerReadsAndJudgesAndStoresNothing() {
        Api viewer = new Api(port, "viewer:demo-misura");
        assertThat(viewer.get("/api/v1/clients").status()).isEqualTo(200);
        assertThat(viewer.post("/api/v1/proof", sheet(READINGS, "")).status()).isEqualTo(200);
        assertThat(viewer.post("/api/v1/export/csv", sheet(READINGS, "")).status())
                .isEqualTo(200);
        Api.Answer denied = viewer.post("/api/v1/clients", "{\"misura\":\"client/1\",\"name\":\"X\"}");
        assertThat(denied.status()).isEqualTo(403);
        assertThat(denied.header("Content-Type")).startsWith("application/problem+json");
    }

    @Test
    void tenWrongSignInsHoldUpThatNameAlone() {
        for (int i = 0; i < 10; i++) {
            assertThat(new Api(port, "nobody-here:x").get("/api/v1/forms").status())
                    .isEqualTo(401);
        }
        Api.Answer held = new Api(port, "nobody-here:x").get("/api/v1/forms");
        assertThat(held.status()).isEqualTo(429);
        assertThat(Integer.parseInt(held.header("Retry-After"))).isBetween(1, 301);
        assertThat(api.get("/api/v1/forms").status()).isEqualTo(200);
    }

    @Test
    void catalogueAndForms() {
        assertThat(api.get("/api/v1/measures").json().get("measures").size()).isEqualTo(169);
        JsonNode forms = api.get("/api/v1/forms").json();
        assertThat(forms.get("misura").stringValue()).isEqualTo("forms/1");
        assertThat(forms.get("forms").size())
                .isEqualTo(app.misura.core.form.OrderForms.shipped().all().size());
        JsonNode form = api.get("/api/v1/forms/trousers-tailored?version=1").json();
        assertThat(form.get("increment").stringValue()).isEqualTo("0.5");
        assertThat(form.get("closures").size()).isEqualTo(4);
        assertThat(api.get("/api/v1/forms/trousers-tailored-helper")
                        .json()
                        .get("selectionOf")
                        .stringValue())
                .isEqualTo("trousers-tailored");
        assertThat(api.get("/api/v1/forms/trousers-tailored?version=2")
                        .json()
                        .get("options")
                        .toString())
                .contains("legs-to");
        assertThat(api.get("/api/v1/forms/trousers-tailored?version=3").status())
                .isEqualTo(404);
        assertThat(api.get("/api/v1/forms/none").status()).isEqualTo(404);
        assertThat(api.get("/api/v1/forms/trousers-tailored?version=x").status())
                .isEqualTo(422);
    }

    @Test
    void aSelectionTakesAReadingOfItsWholeForm() {
        String body = """
                {"misura":"sheet/1","form":"trousers-tailored-helper","version":1,"unit":"cm","readings":[
                {"step":"D1","text":"103"},{"step":"S1","text":"77.5"},{"step":"M1","text":"25.5"}]}""";
        JsonNode proof = api.post("/api/v1/proof", body).json();
        assertThat(proof.get("settled").toString()).contains("body-rise");
        assertThat(api.post("/api/v1/proof", body.replace("\"version\":1", "\"version\":7"))
                        .json()
                        .toString())
                .contains("has version 1 and 2, not 7");
        assertThat(api.post("/api/v1/proof", body.replace("\"M1\"", "\"M9\"")).status())
                .isEqualTo(422);
    }

    @Test
    void anOrderTakesAReadingOfItsWholeForm() {
        String order = order("trousers-tailored-alone");
        Api.Answer kept = api.post(
                order + "/readings", "{\"misura\":\"readings/1\",\"readings\":[{\"step\":\"D1\",\"text\":\"103\"}]}");
        assertThat(kept.status()).isEqualTo(201);
        assertThat(api.get(order + "/readings").json().toString()).contains("outside-leg");
    }

    @Test
    void everyProofCaseIsAdjusted() throws Exception {
        try (var files = Files.list(Path.of("../core/src/test/resources/app/misura/core/proof-cases"))) {
            for (Path file : files.toList()) {
                JsonNode root = app.misura.core.format.json.JsonText.parse(Files.readString(file));
                Api.Answer answer =
                        api.post("/api/v1/adjust", root.get("network").toString());
                assertThat(answer.status()).as(file.toString()).isEqualTo(200);
                assertThat(answer.json().get("status"))
                        .isEqualTo(root.get("expected").get("status"));
            }
        }
    }

    @Test
    void aProofNamesTheWrongReading() {
        JsonNode proof = api.post("/api/v1/proof", sheet(READINGS.replace("S2=32.5", "S2=39.5"), ""))
                .json();
        assertThat(proof.get("misura").stringValue()).isEqualTo("proof/1");
        assertThat(proof.get("verdict").stringValue()).isEqualTo("faults");
        assertThat(proof.get("retake").toString()).isEqualTo("[\"S2\"]");
        assertThat(proof.get("sentence").stringValue()).startsWith("One number is wrong: S2, about 7 cm too long.");
        assertThat(proof.get("adjustment").get("suspects").get(0).get("members").toString())
                .isEqualTo("[\"S2\"]");
    }

    /** What cannot be kept is refused before anything is: nothing stored can make an order unreadable. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "{\"step\":\"\",\"text\":\"104.5\"}",
                "{\"text\":\"104.5\"}",
                "{\"step\":\"U1\",\"text\":\"104.5\",\"aid\":\"@60\"}",
                "{\"step\":\"@60\",\"text\":\"104.5\"}",
                "{\"step\":\"U1\",\"text\":\"0000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000000104.5\"}"
            })
    void aReadingThatCannotBeKeptIsRefusedAndNothingIsStored(String reading) {
        String client = api.post("/api/v1/clients", "{\"misura\":\"client/1\",\"name\":\"Bad Input\"}")
                .json()
                .get("id")
                .stringValue();
        String order = api.post(
                        "/api/v1/orders",
                        "{\"misura\":\"order/1\",\"client\":\"" + client + "\",\"form\":\"trousers-tailored\"}")
                .json()
                .get("id")
                .stringValue();
        String body = "{\"misura\":\"readings/1\",\"readings\":[{\"step\":\"U1\",\"text\":\"104.5\"},"
                + reading.replace("@60", "a".repeat(61)) + "]}";
        Api.Answer answer = api.post("/api/v1/orders/" + order + "/readings", body);
        assertThat(answer.status()).as(answer.body()).isEqualTo(422);
        assertThat(paths(answer.json())).allMatch(p -> p.startsWith("/readings/1/"));
        Api.Answer kept = api.get("/api/v1/orders/" + order + "/readings");
        assertThat(kept.status()).isEqualTo(200);
        assertThat(kept.json().get("readings").size()).isZero();
    }

    @Test
    void aTitleHasItsLength() {
        String client = api.post("/api/v1/clients", "{\"misura\":\"client/1\",\"name\":\"Long Title\"}")
                .json()
                .get("id")
                .stringValue();
        String order = "{\"misura\":\"order/1\",\"client\":\"" + client
                + "\",\"form\":\"trousers-tailored\",\"title\":\"%s\"}";
        assertThat(paths(api.post("/api/v1/orders", order.formatted("x".repeat(121)))
                        .json()))
                .containsExactly("/title");
        assertThat(api.post("/api/v1/orders", order.formatted("stage trousers"))
                        .json()
                        .get("title")
                        .stringValue())
                .isEqualTo("stage trousers");
    }

    @Test
    void aChoiceThatCannotBeIsRefusedAsAChoice() {
        Api.Answer growth = api.post("/api/v1/cut", sheet(READINGS, ",\"choices\":{\"growthMonths\":3}"));
        assertThat(growth.status()).isEqualTo(422);
        assertThat(paths(growth.json())).containsExactly("/choices/growthMonths");
        String shortLegs = READINGS.replace("D1=103", "D1=93")
                .replace("D2=58.5", "D2=48.5")
                .replace("S1=77.5", "S1=67.5")
                .replace("S2=32.5", "S2=22.5");
        Api.Answer hem = api.post("/api/v1/cut", sheet(shortLegs, ",\"choices\":{\"hemAboveFloorMm\":690}"));
        assertThat(hem.status()).as(hem.body()).isEqualTo(422);
        assertThat(hem.json().get("type").stringValue()).isEqualTo("/problems/choice");
        assertThat(paths(hem.json())).containsExactly("/choices/hemAboveFloorMm");
    }

    @Test
    void aCutHoldsAndARefusalNamesTwoInputs() {
        Api.Answer cut = api.post(
                "/api/v1/cut",
                sheet(
                        READINGS,
                        ",\"choices\":{\"fit\":\"easy\",\"front\":\"one-pleat\",\"cloth\":{\"shrinkAlong\":0.02}}"));
        assertThat(cut.status()).as(cut.body()).isEqualTo(200);
        cut.json()
                .get("targets")
                .forEach(t -> assertThat(t.get("holds").booleanValue())
                        .as(t.toString())
                        .isTrue());
        Api.Answer fight = api.post("/api/v1/cut", sheet(READINGS.replace("S3=69.5 S4=27 S5=42.5", "S3=95"), ""));
        assertThat(fight.status()).isEqualTo(422);
        assertThat(fight.json().get("type").stringValue()).isEqualTo("/problems/inputs-fight");
        assertThat(fight.json().get("inputs").size()).isGreaterThanOrEqualTo(2);
        Api.Answer missing = api.post("/api/v1/cut", sheet("U1=100 U2=84", ""));
        assertThat(missing.status()).isEqualTo(422);
        assertThat(paths(missing.json())).containsExactly("/readings");
        assertThat(missing.json().get("detail").stringValue()).contains("S1").contains("D9");
    }

    @ParameterizedTest
    @CsvSource({
        "svg,200,image/svg+xml",
        "csv,200,text/csv",
        "json,200,application/json",
        "pdf?paper=letter,200,application/pdf",
        "dxf,501,application/problem+json",
        "hpgl,501,application/problem+json",
        "doc,404,application/problem+json",
        "pdf?paper=napkin,422,application/problem+json"
    })
    void files(String format, int status, String type) throws Exception {
        Api.Answer answer = api.post("/api/v1/export/" + format, sheet(READINGS, ""));
        assertThat(answer.status())
                .as(answer.body().substring(0, Math.min(300, answer.body().length())))
                .isEqualTo(status);
        assertThat(answer.header("Content-Type")).startsWith(type);
        if (format.startsWith("pdf") && status == 200) {
            try (var document = Loader.loadPDF(answer.raw().body())) {
                assertThat(document.getNumberOfPages()).isGreaterThan(10);
            }
        }
    }

    /** A sheet too thin to be cut is still a sheet: what was taken goes out whole, and why there is no cut. */
    @Test
    void whatCannotBeCutIsWrittenAllTheSame() {
        String thin =
                sheet("U1=101.5 S1=77.5", ",\"leftOut\":[{\"step\":\"D4\",\"why\":\"refused\",\"note\":\"=no\"}]");
        Api.Answer csv = api.post("/api/v1/export/csv", thin);
        assertThat(csv.status()).isEqualTo(200);
        assertThat(csv.body().lines().findFirst())
                .contains(
                        "kind,step,line,side,measure,condition,text,unit,mm,play,aid,at,by,struck,struck-at,struck-by,"
                                + "left-out,note,round");
        assertThat(csv.body()).contains("left-out,D4").contains("refused,'=no").doesNotContain("finished");
        Api.Answer json = api.post("/api/v1/export/json", thin);
        assertThat(json.status()).isEqualTo(200);
        assertThat(json.json().path("cut").isNull()).isTrue();
        assertThat(json.json().path("notCut").asString()).contains("cannot be cut without");
        assertThat(json.json().path("sheet").path("leftOut").path(0).path("why").asString())
                .isEqualTo("refused");
        assertThat(api.post("/api/v1/export/svg", thin).status()).isEqualTo(422);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "{", "{\"misura\":\"sheet/1\",\"misura\":\"sheet/1\"}", "{\"a\":1e999}", "[1,2"})
    void unreadableIs400(String body) {
        assertThat(api.post("/api/v1/proof", body).status()).isEqualTo(400);
    }

    @Test
    void wrongDocumentsListEveryFault() {
        Api.Answer answer =
                api.post("/api/v1/proof", sheet("X1=1 D1=12..5 U1=1e9", ",\"moon\":1,\"options\":{\"fit\":\"baggy\"}"));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(paths(answer.json()))
                .contains("/readings/0/step", "/readings/1/text", "/readings/2/text", "/moon", "/options/fit");
        assertThat(answer.body()).doesNotContain("Exception").doesNotContain("app.misura");
    }

    @ParameterizedTest
    @ValueSource(strings = {"12..5", "abc", "37 5/3", "-4", "0", "1e9", "<script>alert(1)</script>", "🙂"})
    void badEntriesAreRefusedAtTheirPlace(String text) {
        Api.Answer answer = api.post(
                "/api/v1/proof",
                sheet("U1=" + "x", "").replace("\"x\"", app.misura.core.format.json.JsonText.write(text)));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(paths(answer.json())).containsExactly("/readings/0/text");
    }

    @Test
    void anInchSizedNumberIsAFindingAndNoRefusal() {
        JsonNode proof = api.post("/api/v1/proof", sheet("U1=39", "")).json();
        assertThat(proof.get("findings").toString()).contains("hard-limit").contains("\"U1\"");
    }

    @Test
    void sizesTypesAndMethods() {
        assertThat(api.post("/api/v1/proof", "x".repeat(2_000_000)).status()).isEqualTo(413);
        assertThat(api.post("/api/v1/proof", sheet("U1=100 ".repeat(501).strip(), ""))
                        .status())
                .isEqualTo(413);
        assertThat(api.post("/api/v1/proof", "x".getBytes(StandardCharsets.UTF_8), "text/plain")
                        .status())
                .isEqualTo(415);
        assertThat(api.get("/api/v1/proof").status()).isEqualTo(405);
        assertThat(api.method("DELETE", "/api/v1/forms").status()).isEqualTo(405);
        assertThat(api.get("/api/v1/moon").status()).isEqualTo(404);
        assertThat(api.get("/api/v1/clients?size=201").status()).isEqualTo(422);
        assertThat(api.get("/api/v1/clients?page=-1").status()).isEqualTo(422);
    }

    @Test
    void anAddressThatCannotBeReadIsAProblemAsWell() {
        Api.Answer answer = api.get("/api/v1/forms;a=b");
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.header("Content-Type")).startsWith("application/problem+json");
        assertThat(answer.json().get("detail").stringValue()).contains("cannot be read");
    }

    @Test
    void aNetworkLargerThanABodyIsRefusedBeforeItIsRead() {
        String measures = "{},".repeat(121).replaceAll(",$", "");
        Api.Answer answer = api.post(
                "/api/v1/adjust",
                "{\"misura\":\"network/1\",\"unit\":\"cm\",\"measures\":[" + measures + "],\"closures\":[]}");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(paths(answer.json())).containsExactly("/measures");
    }

    private String order() {
        return order("trousers-tailored");
    }

    private String order(String form) {
        String client = api.post(
                        "/api/v1/clients", "{\"misura\":\"client/1\",\"name\":\"Test Person\",\"handedness\":\"left\"}")
                .json()
                .get("id")
                .stringValue();
        Api.Answer order = api.post(
                "/api/v1/orders",
                "{\"misura\":\"order/1\",\"client\":\"" + client + "\",\"form\":\"" + form
                        + "\",\"version\":1,\"unit\":\"cm\",\"options\":{}}");
        assertThat(order.status()).isEqualTo(201);
        assertThat(order.header("Location"))
                .isEqualTo("/api/v1/orders/" + order.json().get("id").stringValue());
        return "/api/v1/orders/" + order.json().get("id").stringValue();
    }

    private static String readings(String... each) {
        return "{\"misura\":\"readings/1\",\"readings\":[" + String.join(",", each) + "]}";
    }

    @Test
    void readingsAreStoredAllOrNoneAndKeysOnce() {
        String order = order();
        String one = readings("{\"step\":\"U1\",\"text\":\"104 1/2\",\"key\":\"k1\"}");
        Api.Answer first = api.post(order + "/readings", one);
        assertThat(first.status()).isEqualTo(201);
        Api.Answer again = api.post(order + "/readings", one);
        assertThat(again.status()).isEqualTo(200);
        assertThat(again.json().get("readings").get(0).get("id"))
                .isEqualTo(first.json().get("readings").get(0).get("id"));
        Api.Answer half = api.post(
                order + "/readings",
                readings("{\"step\":\"D1\",\"text\":\"104\"}", "{\"step\":\"D1\",\"text\":\"abc\"}"));
        assertThat(half.status()).isEqualTo(422);
        assertThat(paths(half.json())).containsExactly("/readings/1/text");
        JsonNode stored = api.get(order + "/readings").json();
        assertThat(stored.get("readings").size()).isEqualTo(1);
        assertThat(stored.get("readings").get(0).get("text").stringValue()).isEqualTo("104 1/2");
        assertThat(stored.get("readings").get(0).get("by").stringValue()).isEqualTo("measurer");
        assertThat(api.post(order + "/readings", readings("{\"step\":\"X9\",\"text\":\"1\"}"))
                        .status())
                .isEqualTo(422);
        assertThat(api.post(order + "/readings", readings()).status()).isEqualTo(422);
        assertThat(api.post("/api/v1/orders/none/readings", one).status()).isEqualTo(404);
    }

    @Test
    void clientsAreFoundAndChecked() {
        assertThat(api.get("/api/v1/clients?q=brandvold").json().get("total").intValue())
                .isEqualTo(1);
        assertThat(api.get("/api/v1/clients?q=%25").json().get("total").intValue())
                .isZero();
        Api.Answer wrong =
                api.post("/api/v1/clients", "{\"misura\":\"client/1\",\"name\":\"\",\"handedness\":\"both\",\"x\":1}");
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(paths(wrong.json())).containsExactlyInAnyOrder("/name", "/handedness", "/x");
        Api.Answer gone = api.post(
                "/api/v1/orders", "{\"misura\":\"order/1\",\"client\":\"none\",\"form\":\"trousers-tailored\"}");
        assertThat(paths(gone.json())).containsExactly("/client");
        assertThat(api.get("/api/v1/orders?q=concert").json().get("items").size())
                .isGreaterThan(1);
    }

    @Test
    void healthNeedsNoAccountAndSaysOneWord() {
        assertThat(new Api(port, "").get("/actuator/health").body()).isEqualTo("{\"status\":\"UP\"}");
    }

    @Test
    void theInterfaceIsDescribedBehindTheSignIn() {
        Api.Answer unknown = new Api(port, "").get("/v3/api-docs");
        assertThat(unknown.status()).isEqualTo(401);
        assertThat(unknown.header("Content-Type")).startsWith("application/problem+json");
        assertThat(api.get("/v3/api-docs").status()).isEqualTo(200);
    }

    @Test
    void aLimbIsOrderedMeasuredAndLeftOutOverTheInterface() {
        String client = api.post("/api/v1/clients", "{\"misura\":\"client/1\",\"name\":\"Left Out\"}")
                .json()
                .get("id")
                .stringValue();
        Api.Answer order = api.post(
                "/api/v1/orders",
                "{\"misura\":\"order/1\",\"client\":\"" + client
                        + "\",\"form\":\"limb-cover\",\"options\":{\"sides\":\"both\"}}");
        assertThat(order.status()).isEqualTo(201);
        String at = order.header("Location") + "/readings";
        String body =
                "{\"misura\":\"readings/1\",\"readings\":[{\"step\":\"D4\",\"side\":\"left\",\"text\":\"35\",\"key\":\"k\"}],"
                        + "\"leftOut\":[{\"step\":\"D2\",\"side\":\"right\",\"why\":\"not-there\"}]}";
        assertThat(api.post(at, body).status()).isEqualTo(201);
        assertThat(api.post(at, body).status()).as("said again").isEqualTo(200);
        JsonNode stored = api.get(at).json();
        assertThat(stored.get("readings").get(0).get("side").stringValue()).isEqualTo("left");
        assertThat(stored.get("leftOut").size()).isEqualTo(1);
        assertThat(stored.get("leftOut").get(0).get("why").stringValue()).isEqualTo("not-there");
        Api.Answer wrong = api.post(
                at,
                "{\"misura\":\"readings/1\",\"readings\":[{\"step\":\"D6\",\"text\":\"34\"}],"
                        + "\"leftOut\":[{\"step\":\"D3\",\"why\":\"gone\"}]}");
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(paths(wrong.json())).containsExactly("/readings/0/side", "/leftOut/0/why", "/leftOut/0/side");
        assertThat(api.get(at).json().get("readings").size()).isEqualTo(1);
    }

    @Test
    void aFormSaysItsUsualSideAndWhatItsSumsHangOn() {
        JsonNode form = api.get("/api/v1/forms/limb-cover").json();
        assertThat(form.get("parts").get(1).get("steps").get(0).get("side").stringValue())
                .isEqualTo("right");
        assertThat(form.get("parts").get(1).get("steps").get(2).get("place").stringValue())
                .isEqualTo("ankle");
        assertThat(form.get("closures").get(0).get("onlyIf").get("second-level").stringValue())
                .isEqualTo("7 cm");
    }

    /** A list that is null is no empty list, and a flood of faults is not answered with a larger one. */
    @Test
    void nullIsNoListAndManyFaultsAreToldInPart() {
        Api.Answer none = api.post(
                "/api/v1/proof",
                "{\"misura\":\"sheet/1\",\"form\":\"trousers-tailored\",\"version\":1,\"unit\":\"cm\",\"readings\":null}");
        assertThat(none.status()).isEqualTo(422);
        assertThat(none.body()).contains("/readings").contains("must not be null");
        StringBuilder many =
                new StringBuilder("{\"misura\":\"network/1\",\"unit\":\"cm\",\"measures\":[],\"closures\":[]");
        for (int i = 0; i < 5000; i++) {
            many.append(",\"").append("k".repeat(100)).append(i).append("\":1");
        }
        Api.Answer flood = api.post("/api/v1/adjust", many.append("}").toString());
        assertThat(flood.status()).isEqualTo(422);
        assertThat(flood.json().get("errors").size()).isLessThanOrEqualTo(101);
        assertThat(flood.body()).contains("more");
        assertThat(flood.body().length()).isLessThan(many.length());
    }
}
