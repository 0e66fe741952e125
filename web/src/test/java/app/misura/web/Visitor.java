package app.misura.web;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Somebody who opens pages without a script: a session, the token of the page they stand on, forms. */
public final class Visitor {
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\"[^>]*value=\"([^\"]+)\"");

    /** What came back. */
    public record Page(int status, String body, Map<String, String> headers) {
        public String header(String name) {
            return headers.getOrDefault(name.toLowerCase(java.util.Locale.ROOT), "");
        }
    }

    private final HttpClient http = HttpClient.newBuilder()
            .cookieHandler(new CookieManager())
            .followRedirects(HttpClient.Redirect.NEVER)
            .build();
    private final String base;
    private String token = "";

    public Visitor(int port) {
        base = "http://127.0.0.1:" + port;
    }

    public static Visitor as(int port, String name) {
        return as(port, name, "demo-misura");
    }

    public static Visitor as(int port, String name, String password) {
        Visitor visitor = new Visitor(port);
        visitor.get("/signin");
        visitor.post("/signin", Map.of("name", name, "password", password));
        visitor.get("/");
        return visitor;
    }

    public Page get(String path, String... headers) {
        HttpRequest.Builder request =
                HttpRequest.newBuilder(URI.create(base + path)).header("Accept", "text/html,*/*");
        if (headers.length > 0) {
            request.headers(headers);
        }
        return send(request.GET());
    }

    /** A file. */
    public byte[] bytes(String path) {
        try {
            return http.send(
                            HttpRequest.newBuilder(URI.create(base + path))
                                    .GET()
                                    .build(),
                            HttpResponse.BodyHandlers.ofByteArray())
                    .body();
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** A line that stays open until it is closed. */
    public record Line(int status, InputStream body) implements AutoCloseable {
        @Override
        public void close() {
            try {
                body.close();
            } catch (IOException e) {
                throw new IllegalStateException(e);
            }
        }
    }

    /** Listens to an address, line by line. */
    public Line listen(String path, Consumer<String> said) {
        try {
            HttpResponse<InputStream> answer = http.send(
                    HttpRequest.newBuilder(URI.create(base + path)).GET().build(),
                    HttpResponse.BodyHandlers.ofInputStream());
            Thread reader =
                    new Thread(() -> new BufferedReader(new InputStreamReader(answer.body(), StandardCharsets.UTF_8))
                            .lines()
                            .forEach(said));
            reader.setDaemon(true);
            reader.setUncaughtExceptionHandler((t, e) -> {});
            reader.start();
            return new Line(answer.statusCode(), answer.body());
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Sends a form with the token of the page that was read last. */
    public Page post(String path, Map<String, String> fields, String... headers) {
        return send(form(path, fields, token, headers));
    }

    /** Sends a file as it is, with the token of the page that was read last. */
    public Page send(String path, byte[] file) {
        return send(HttpRequest.newBuilder(URI.create(base + path))
                .header("Content-Type", "application/octet-stream")
                .header("X-XSRF-TOKEN", token)
                .POST(HttpRequest.BodyPublishers.ofByteArray(file)));
    }

    /** Sends a form as another site would: without the token. */
    public Page postWithoutToken(String path, Map<String, String> fields) {
        return send(form(path, fields, ""));
    }

    private HttpRequest.Builder form(String path, Map<String, String> fields, String with, String... headers) {
        String body = fields.entrySet().stream()
                .map(e -> encoded(e.getKey()) + "=" + encoded(e.getValue()))
                .collect(Collectors.joining("&"));
        String whole = with.isEmpty() ? body : body + "&_csrf=" + encoded(with);
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(base + path))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(whole));
        return headers.length > 0 ? request.headers(headers) : request;
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    private Page send(HttpRequest.Builder request) {
        try {
            HttpResponse<String> answer = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
            Matcher found = TOKEN.matcher(answer.body());
            token = found.find() ? found.group(1) : token;
            return new Page(
                    answer.statusCode(),
                    answer.body(),
                    answer.headers().map().entrySet().stream()
                            .collect(Collectors.toMap(
                                    e -> e.getKey().toLowerCase(java.util.Locale.ROOT),
                                    e -> String.join("; ", e.getValue()))));
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
