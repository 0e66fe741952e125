package app.misura.web;

import app.misura.core.format.json.JsonRefused;
import app.misura.core.format.json.JsonText;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import tools.jackson.databind.JsonNode;

/** Speaks the documented interface as another program would. */
public final class Api {
    private final HttpClient http = HttpClient.newHttpClient();
    private final String base;
    private final String authorization;

    /** @param account name and password with a colon between; empty to come as nobody */
    public Api(int port, String account) {
        this(
                account.isEmpty()
                        ? ""
                        : "Basic " + Base64.getEncoder().encodeToString(account.getBytes(StandardCharsets.UTF_8)),
                port);
    }

    private Api(String authorization, int port) {
        this.base = "http://127.0.0.1:" + port;
        this.authorization = authorization;
    }

    /** With a token instead of a name and a password. */
    public static Api bearing(int port, String token) {
        return new Api("Bearer " + token, port);
    }

    /** An answer. */
    public record Answer(int status, String body, HttpResponse<byte[]> raw) {
        public JsonNode json() {
            try {
                return JsonText.parse(body);
            } catch (JsonRefused e) {
                throw new AssertionError(status + " " + body, e);
            }
        }

        public String header(String name) {
            return raw.headers().firstValue(name).orElse("");
        }
    }

    public Answer get(String path) {
        return send(HttpRequest.newBuilder(URI.create(base + path)).GET());
    }

    public Answer post(String path, String json) {
        return post(path, json.getBytes(StandardCharsets.UTF_8), "application/json");
    }

    public Answer post(String path, byte[] body, String type) {
        return send(HttpRequest.newBuilder(URI.create(base + path))
                .header("Content-Type", type)
                .POST(HttpRequest.BodyPublishers.ofByteArray(body)));
    }

    /** Adds a client. @return its id */
    public String client(String name) {
        return post("/api/v1/clients", "{\"misura\":\"client/1\",\"name\":\"" + name + "\"}")
                .json()
                .get("id")
                .asString();
    }

    /** Opens an order of tailored trousers. @return its id */
    public String trousers(String client) {
        return post(
                        "/api/v1/orders",
                        "{\"misura\":\"order/1\",\"client\":\"" + client
                                + "\",\"form\":\"trousers-tailored\",\"version\":2}")
                .json()
                .get("id")
                .asString();
    }

    public Answer method(String method, String path) {
        return send(
                HttpRequest.newBuilder(URI.create(base + path)).method(method, HttpRequest.BodyPublishers.noBody()));
    }

    private Answer send(HttpRequest.Builder request) {
        if (!authorization.isEmpty()) {
            request.header("Authorization", authorization);
        }
        try {
            HttpResponse<byte[]> answer = http.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
            return new Answer(answer.statusCode(), new String(answer.body(), StandardCharsets.UTF_8), answer);
        } catch (IOException | InterruptedException e) {
            throw new AssertionError(e);
        }
    }
}
