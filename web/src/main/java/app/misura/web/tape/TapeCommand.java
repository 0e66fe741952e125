package app.misura.web.tape;

import app.misura.core.form.ValueId;
import app.misura.core.format.json.JsonRefused;
import app.misura.core.format.json.JsonText;
import app.misura.core.reading.Taking;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** The simulated tape on a terminal: each line of what is typed, such as {@code S1 78.5}, is sent as one reading. */
public final class TapeCommand {
    private final HttpClient http = HttpClient.newHttpClient();
    private final URI readings;
    private final String token;
    private final PrintStream said;

    TapeCommand(int port, String order, String token, PrintStream said) {
        this.readings = URI.create("http://127.0.0.1:" + port + "/api/v1/orders/" + order + "/readings");
        this.token = token;
        this.said = said;
    }

    /** @param args the order's id and the port; the token is {@code MISURA_TOKEN} */
    public static void main(String[] args) throws IOException {
        TapeCommand tape = new TapeCommand(
                Integer.parseInt(args[1]), args[0], System.getenv().getOrDefault("MISURA_TOKEN", ""), System.out);
        boolean all = tape.send(new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8)));
        System.exit(all ? 0 : 1);
    }

    /** Sends every line that is not empty. @return whether each was kept */
    boolean send(BufferedReader lines) throws IOException {
        boolean all = true;
        for (String line = lines.readLine(); line != null; line = lines.readLine()) {
            if (!line.isBlank()) {
                all &= send(line.strip());
            }
        }
        return all;
    }

    private boolean send(String line) {
        String[] parts = line.split("\\s+", 2);
        if (parts.length < 2) {
            said.println("✗ " + line + ": say the step and the length, such as S1 78.5");
            return false;
        }
        try {
            HttpResponse<String> answer = http.send(
                    HttpRequest.newBuilder(readings)
                            .header("Authorization", "Bearer " + token)
                            .header("Content-Type", "application/json")
                            .POST(HttpRequest.BodyPublishers.ofString(document(ValueId.parse(parts[0]), parts[1])))
                            .build(),
                    HttpResponse.BodyHandlers.ofString());
            boolean kept = answer.statusCode() < 300;
            said.println(kept ? "✓ " + line : "✗ " + line + ": " + detail(answer));
            return kept;
        } catch (IOException e) {
            said.println("✗ " + line + ": the house was not reached");
            return false;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    private static String document(ValueId value, String text) {
        Map<String, Object> reading = new LinkedHashMap<>();
        reading.put("step", value.step());
        if (value.side() != null) {
            reading.put("side", value.side().word());
        }
        reading.put("text", text);
        reading.put("aid", Taking.simulated().text());
        Map<String, Object> document = new LinkedHashMap<>();
        document.put("misura", "readings/1");
        document.put("readings", List.of(reading));
        return JsonText.write(document);
    }

    /** What a problem document says. */
    private static String detail(HttpResponse<String> answer) {
        try {
            JsonNode problem = JsonText.parse(answer.body());
            return problem.path("detail").asString("the house answered " + answer.statusCode());
        } catch (JsonRefused e) {
            return "the house answered " + answer.statusCode();
        }
    }
}
