package app.misura.web.store;

import java.io.IOException;
import java.io.OutputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Clock;
import java.util.Base64;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Backup and restore from the command line. */
public final class Command {
    private Command() {}

    /**
     * @param args {@code backup FILE DIR}: from a folder that no server has open; {@code fetch FILE PORT}: from the server
     *     there; {@code restore FILE DIR}
     */
    public static void main(String[] args) {
        Path file = Path.of(args[1]);
        // one sentence is said, and nothing of what is looked up for it
        if (LoggerFactory.getLogger(Logger.ROOT_LOGGER_NAME) instanceof ch.qos.logback.classic.Logger root) {
            root.setLevel(ch.qos.logback.classic.Level.ERROR);
        }
        try {
            switch (args[0]) {
                case "backup" -> System.out.println(backup(file, Path.of(args[2]), Clock.systemUTC()));
                case "fetch" -> System.out.println(fetch(file, Integer.parseInt(args[2]), System.getenv()));
                default -> System.out.println(restore(file, Path.of(args[2]), Clock.systemUTC()));
            }
        } catch (Unusable e) {
            System.err.println("misura: " + e.sentence());
            System.exit(1);
        }
    }

    static String backup(Path file, Path data, Clock clock) {
        if (!Files.exists(data.resolve(Manifest.DATA))) {
            throw new Unusable("There are no data in " + data + ". Say the folder of the house with --data DIR.");
        }
        try (DataFolder folder = DataFolder.open(data, clock);
                Connection house = DriverManager.getConnection(
                        "jdbc:h2:file:" + folder.path().resolve("misura") + ";IFEXISTS=TRUE", "sa", "");
                Snapshot snapshot = Snapshot.of(house, folder.copies(), clock.instant())) {
            Path half = half(file);
            try (OutputStream out = Files.newOutputStream(half)) {
                snapshot.write(out);
            }
            Files.move(half, file, StandardCopyOption.REPLACE_EXISTING);
            return said(snapshot.manifest(), file);
        } catch (SQLException | IOException e) {
            throw new Unusable("The backup could not be made: " + e.getMessage() + ".", e);
        }
    }

    private static Path half(Path file) {
        return file.resolveSibling(file.getFileName() + ".part");
    }

    private static String said(Manifest manifest, Path file) {
        return file + ": " + manifest.counts().getOrDefault("client", 0L) + " clients, "
                + manifest.counts().getOrDefault("garment_order", 0L) + " orders, "
                + manifest.counts().getOrDefault("reading", 0L) + " readings, as of " + manifest.at() + ".";
    }

    /** @param settings {@code MISURA_TOKEN}, else {@code MISURA_OWNER} as {@code name:password} */
    static String fetch(Path file, int port, Map<String, String> settings) {
        String token = settings.getOrDefault("MISURA_TOKEN", "");
        String owner = settings.getOrDefault("MISURA_OWNER", "");
        String authorization = token.isEmpty()
                ? "Basic " + Base64.getEncoder().encodeToString(owner.getBytes(StandardCharsets.UTF_8))
                : "Bearer " + token;
        Path half = half(file);
        try {
            HttpResponse<Path> answer = HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/v1/backup"))
                                    .header("Authorization", authorization)
                                    .build(),
                            HttpResponse.BodyHandlers.ofFile(half));
            if (answer.statusCode() != 200) {
                Files.deleteIfExists(half);
                throw new Unusable(
                        answer.statusCode() == 401 || answer.statusCode() == 403
                                ? "The server did not take this name and password, or token: a backup is the owner's."
                                : "The server answered " + answer.statusCode() + " and no backup.");
            }
            Files.move(half, file, StandardCopyOption.REPLACE_EXISTING);
            return file + ": fetched from the running server, " + Files.size(file) + " bytes.";
        } catch (IOException e) {
            throw new Unusable("The backup could not be fetched: " + e.getMessage() + ".", e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Unusable("The backup was broken off.", e);
        }
    }

    static String restore(Path file, Path data, Clock clock) {
        return said(Restore.into(data, file, Restore.knownSchema(clock)), data);
    }
}
