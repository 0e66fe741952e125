package app.misura.web.bench;

import app.misura.web.Api;
import app.misura.web.Visitor;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;

/** Times the pages whose cost could grow with the number of clients: median and 95th percentile of so many loads. */
public final class ManyPages {
    private static final int WARM = 60;
    private static final int LOADS = 120;

    private ManyPages() {}

    public static void main(String[] args) {
        int port = Integer.parseInt(args[0]);
        Visitor owner = Visitor.as(port, "owner");
        String order = new Api(port, "owner:demo-misura")
                .get("/api/v1/orders?q=overall")
                .json()
                .get("items")
                .get(0)
                .get("id")
                .stringValue();
        Map<String, String> pages = new LinkedHashMap<>();
        pages.put("Today", "/");
        pages.put("Clients", "/clients");
        pages.put("Clients by visit", "/clients?sort=visit");
        pages.put("search", "/clients?q=mi");
        pages.put("orders", "/orders");
        pages.put("a sheet", "/orders/" + order + "/measure");
        pages.put("a proof", "/orders/" + order + "/proof");
        for (Map.Entry<String, String> page : pages.entrySet()) {
            for (int i = 0; i < WARM; i++) {
                owner.get(page.getValue());
            }
            double[] ms = new double[LOADS];
            for (int i = 0; i < LOADS; i++) {
                long from = System.nanoTime();
                if (owner.get(page.getValue()).status() != 200) {
                    throw new IllegalStateException(page.getKey());
                }
                ms[i] = (System.nanoTime() - from) / 1e6;
            }
            Arrays.sort(ms);
            System.out.printf(
                    Locale.ROOT,
                    "%-18s median %6.1f ms, 95th %6.1f ms%n",
                    page.getKey(),
                    ms[LOADS / 2],
                    ms[LOADS * 95 / 100]);
        }
    }
}
