package app.misura.web.bench;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.ThreadLocalRandom;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Times pages of a running house with eight people at once, each with a session: a trivial page, the measuring page, saving
 * a reading. Bounded in count; talks to 127.0.0.1 only. Argument: the port.
 */
public final class PageBenchmark {
    private static final int USERS = 8;
    private static final int WARM = 200;
    private static final int COUNT = 100;
    private static final int UNHURRIED = 40;
    private static final int SECOND = 1000;
    /** A sheet is measured in some twenty readings; then comes the next, begun before the clock runs. */
    private static final int SHEET = 20;

    /**
     * A form with a half-taken sheet, as it is while somebody measures.
     *
     * @param form as the interface names it, with its unit
     * @param marks that are set
     * @param readings {@code step text}, with commas between
     * @param page the step that is looked at
     * @param save what is kept again and again
     */
    private record Sheet(String form, List<String> marks, String readings, String page, String save) {
        static final Sheet SHORT = new Sheet(
                "\"form\":\"trousers-tailored\"",
                List.of("P1", "P2"),
                "P3 171,D1 103,D2 58.5,D3 45,D4 18,D7 36.5,D8 38,U1 101.5,U2 87.5,U2 87.5,S1 77.5,S2 32.5",
                "S3",
                "step=U1&text=101.5");
        static final Sheet LONG = new Sheet(
                "\"form\":\"race-suit\",\"unit\":\"in\"",
                List.of("P1"),
                "P2 66 3/4,D1 37 1/4,D2 23,D3 14 1/4,D4 6,D5 12,D6 8 1/4,D7 13,D8 13 1/4,D9 14 1/2,D10 20,U1 35 1/2,U2 30,"
                        + "U3 27 3/4,U4 30 3/4,U5 33 3/4,U6 14 3/4,B1 17,B2 19 1/4,B3 16 1/4,B4 5 1/2,B5 38 1/2,B6 52 3/4",
                "S5",
                "step=U1&text=35%201/2");

        String json() {
            return Stream.of(readings.split(","))
                    .map(r -> r.split(" ", 2))
                    .map(r -> "{\"step\":\"" + r[0] + "\",\"text\":\"" + r[1] + "\"}")
                    .collect(Collectors.joining(","));
        }
    }

    private final String base;

    private final Sheet sheet;

    private PageBenchmark(String base, Sheet sheet) {
        this.base = base;
        this.sheet = sheet;
    }

    public static void main(String[] args) throws Exception {
        String base = "http://127.0.0.1:" + args[0];
        new PageBenchmark(base, Sheet.SHORT).run();
        System.out.println("the longest form:");
        new PageBenchmark(base, Sheet.LONG).run();
    }

    private final class User {
        private final HttpClient http =
                HttpClient.newBuilder().cookieHandler(new CookieManager()).build();
        private String token = "";
        private String order = "";
        private final Deque<String> sheets = new ArrayDeque<>();

        String get(String path) throws IOException, InterruptedException {
            HttpResponse<String> answer = http.send(
                    HttpRequest.newBuilder(URI.create(base + path)).build(), HttpResponse.BodyHandlers.ofString());
            if (answer.statusCode() != 200 && answer.statusCode() != 302) {
                throw new IOException(path + " answered " + answer.statusCode());
            }
            return answer.body();
        }

        int post(String path, String form) throws IOException, InterruptedException {
            return http.send(
                            HttpRequest.newBuilder(URI.create(base + path))
                                    .header("Content-Type", "application/x-www-form-urlencoded")
                                    .header("HX-Request", "true")
                                    .header("HX-Target", "measure")
                                    .POST(HttpRequest.BodyPublishers.ofString(
                                            form + "&_csrf=" + URLEncoder.encode(token, StandardCharsets.UTF_8)))
                                    .build(),
                            HttpResponse.BodyHandlers.ofString())
                    .statusCode();
        }

        String api(String path, String json) throws IOException, InterruptedException {
            String basic = java.util.Base64.getEncoder()
                    .encodeToString("measurer:demo-misura".getBytes(StandardCharsets.UTF_8));
            return http.send(
                            HttpRequest.newBuilder(URI.create(base + path))
                                    .header("Content-Type", "application/json")
                                    .header("Authorization", "Basic " + basic)
                                    .POST(HttpRequest.BodyPublishers.ofString(json))
                                    .build(),
                            HttpResponse.BodyHandlers.ofString())
                    .body();
        }

        void signIn() throws IOException, InterruptedException {
            token = find(get("/signin"), "name=\"_csrf\" value=\"([^\"]*)\"");
            post("/signin", "name=measurer&password=demo-misura");
            token = find(get("/clients/new"), "name=\"_csrf\" value=\"([^\"]*)\"");
        }

        /** So many sheets, half taken, before anything is timed. */
        void prepare(int count) throws IOException, InterruptedException {
            sheets.clear();
            while (sheets.size() < count) {
                newOrder();
                sheets.add(order);
            }
        }

        void nextSheet() {
            order = sheets.remove();
        }

        private void newOrder() throws IOException, InterruptedException {
            String client = find(
                    api("/api/v1/clients", "{\"misura\":\"client/1\",\"name\":\"Bench\"}"), "\"id\":\"([a-z0-9]+)\"");
            order = find(
                    api(
                            "/api/v1/orders",
                            "{\"misura\":\"order/1\",\"client\":\"" + client + "\"," + sheet.form() + "}"),
                    "\"id\":\"([a-z0-9]+)\"");
            for (String mark : sheet.marks()) {
                post("/orders/" + order + "/marks", "step=" + mark);
            }
            api(
                    "/api/v1/orders/" + order + "/readings",
                    "{\"misura\":\"readings/1\",\"readings\":[" + sheet.json() + "]}");
        }
    }

    private static String find(String text, String pattern) throws IOException {
        Matcher matcher = Pattern.compile(pattern).matcher(text);
        if (!matcher.find()) {
            throw new IOException("no " + pattern + " on the page");
        }
        return matcher.group(1);
    }

    private void run() throws Exception {
        List<User> users = new ArrayList<>();
        for (int i = 0; i < USERS; i++) {
            User user = new User();
            user.signIn();
            users.add(user);
        }
        double trivial =
                report("a trivial page (sign-in)", users, u -> u.get("/signin").length());
        double page = report(
                "the measuring page",
                users,
                u -> u.get("/orders/" + u.order + "/measure?step=" + sheet.page())
                        .length());
        Call save = u -> {
            int status = u.post("/orders/" + u.order + "/measure", sheet.save() + "&then=go&side=");
            if (status != 302) {
                throw new IOException("saving answered " + status);
            }
            return status;
        };
        report("saving a reading, acknowledged", users, save);
        prepare(users, UNHURRIED);
        said("the same, one a second each", times(users, save, UNHURRIED, SECOND));
        System.out.printf(Locale.ROOT, "measuring page / trivial page, 95th percentile: %.2f%n", page / trivial);
    }

    private interface Call {
        int by(User user) throws Exception;
    }

    private double report(String name, List<User> users, Call call) throws Exception {
        prepare(users, WARM);
        times(users, call, WARM, 0);
        prepare(users, COUNT);
        return said(name, times(users, call, COUNT, 0));
    }

    /** @return the 95th percentile */
    private static double said(String name, List<Double> ms) {
        Collections.sort(ms);
        System.out.printf(
                Locale.ROOT,
                "%-32s median %6.1f ms   95th %6.1f ms   n %d%n",
                name,
                ms.get(ms.size() / 2),
                ms.get((int) (ms.size() * 0.95)),
                ms.size());
        return ms.get((int) (ms.size() * 0.95));
    }

    private static void prepare(List<User> users, int calls) throws IOException, InterruptedException {
        for (User user : users) {
            user.prepare((calls + SHEET - 1) / SHEET);
        }
    }

    /** @param pause how long each person waits before every call, ms: half of it to one and a half times it */
    private static List<Double> times(List<User> users, Call call, int each, int pause) throws Exception {
        ExecutorService pool = Executors.newFixedThreadPool(users.size());
        List<Callable<List<Double>>> jobs = new ArrayList<>();
        for (User user : users) {
            jobs.add(() -> {
                List<Double> own = new ArrayList<>();
                for (int i = 0; i < each; i++) {
                    if (i % SHEET == 0) {
                        user.nextSheet();
                    }
                    Thread.sleep(pause / 2
                            + (pause == 0 ? 0 : ThreadLocalRandom.current().nextInt(pause)));
                    long start = System.nanoTime();
                    call.by(user);
                    own.add((System.nanoTime() - start) / 1e6);
                }
                return own;
            });
        }
        List<Double> all = new ArrayList<>();
        try {
            for (Future<List<Double>> future : pool.invokeAll(jobs)) {
                all.addAll(future.get());
            }
        } finally {
            pool.shutdown();
        }
        return all;
    }
}
