package app.misura.web.house;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.web.Api;
import app.misura.web.TestHouse;
import app.misura.web.Visitor;
import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

/** A house says whether a sum that does not close is judged, or closes the gate as on paper. */
class OnPaperTest extends TestHouse {
    @Autowired
    private House house;

    @LocalServerPort
    private int port;

    private void sums(String rule) {
        Rules now = house.rules();
        Map<String, String> fields = new LinkedHashMap<>();
        fields.put("name", now.name());
        fields.put("address", now.address());
        fields.put("consent", now.consent());
        fields.put("keepMonths", String.valueOf(now.keepMonths()));
        fields.put("freshMonths", String.valueOf(now.fresh().months()));
        fields.put("freshWeeks", String.valueOf(now.fresh().weeks()));
        fields.put("paper", now.paper());
        fields.put("unit", now.unit());
        fields.put("version", String.valueOf(now.version()));
        fields.put("sums", rule);
        assertThat(Visitor.as(port, "owner").post("/house/rules", fields).status())
                .isEqualTo(302);
    }

    @Test
    void theRuleHoldsForEverySheetAtOnceAndIsTakenBack() {
        Api api = new Api(port, "owner:demo-misura");
        String order = api.trousers(api.client("On Paper"));
        for (String each : new String[] {"D1=104", "D2=60.5", "D3=45.5"}) {
            String[] read = each.split("=");
            api.post(
                    "/api/v1/orders/" + order + "/readings",
                    "{\"misura\":\"readings/1\",\"readings\":[{\"step\":\"" + read[0] + "\",\"text\":\"" + read[1]
                            + "\"}]}");
        }
        Visitor measurer = Visitor.as(port, "measurer");
        String gap = "D2 + D3 is 2.0 over D1; the form allows 1.0.";
        assertThat(measurer.get("/orders/" + order + "/proof").body()).contains("So far nothing contradicts itself.");
        try {
            sums("paper");
            assertThat(measurer.get("/orders/" + order + "/proof").body())
                    .contains("<span class=\"wrong\">≠ </span>" + gap);
            assertThat(measurer.get("/orders/" + order + "/measure?gate=D").body())
                    .contains("Gate after Down")
                    .contains(gap);
            assertThat(Visitor.as(port, "owner").get("/house/changes").body()).contains("as on paper");
        } finally {
            sums("judged");
        }
        assertThat(measurer.get("/orders/" + order + "/proof").body()).contains("So far nothing contradicts itself.");
    }
}
