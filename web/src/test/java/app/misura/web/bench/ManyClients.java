package app.misura.web.bench;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Random;

/**
 * Fills a house that is closed with made-up clients, three orders each. Arguments: folder, how many clients. Of all orders 250
 * are open, whatever the number of clients: a house has so many hands.
 */
public final class ManyClients {
    private static final String[] FIRST = {
        "al", "be", "ci", "do", "eru", "fa", "gi", "ho", "iri", "jo", "ka", "lu", "mi"
    };
    private static final String[] LAST = {
        "nda", "ro", "sett", "tuun", "vik", "wen", "yar", "zol", "brak", "dros", "grim"
    };
    private static final int OPEN = 250;
    private static final int BATCH = 5000;
    private final Random random = new Random(20260513);

    private ManyClients() {}

    public static void main(String[] args) throws SQLException {
        new ManyClients().fill("jdbc:h2:file:" + args[0] + "/misura", Integer.parseInt(args[1]));
    }

    private String name() {
        String name = FIRST[random.nextInt(FIRST.length)]
                + LAST[random.nextInt(LAST.length)]
                + FIRST[random.nextInt(FIRST.length)];
        String after = LAST[random.nextInt(LAST.length)]
                + FIRST[random.nextInt(FIRST.length)]
                + LAST[random.nextInt(LAST.length)];
        return name + " " + after;
    }

    private void fill(String url, int clients) throws SQLException {
        try (Connection house = DriverManager.getConnection(url, "sa", "")) {
            house.setAutoCommit(false);
            String options = text(house, "select options from garment_order limit 1");
            PreparedStatement client = house.prepareStatement(
                    "insert into client (id, name, sort_name, handedness, age_group,"
                            + " notes, health_note, created_at, created_by, version, seen_on) values (?,?,?,'RIGHT','ADULT','','',?,'owner',0,?)");
            PreparedStatement word =
                    house.prepareStatement("insert into client_word (client_id, word, sort_name) values (?,?,?)");
            PreparedStatement order =
                    house.prepareStatement("insert into garment_order (id, number, client_id, title, form,"
                            + " form_version, unit, stage, needed_on, queue_on, notes, options, choices, created_at, created_by, version)"
                            + " values (?,?,?,'trousers','trousers-tailored',1,'cm',?,?,?,'',?,'',?,'owner',0)");
            int every = Math.max(1, clients * 3 / OPEN);
            int number = 10_000;
            for (int i = 0; i < clients; i++) {
                String id = "c" + i;
                String name = name();
                LocalDate seen = LocalDate.now().minusDays(random.nextInt(900));
                client.setString(1, id);
                client.setString(2, name);
                client.setString(3, name);
                client.setObject(4, Instant.now().minusSeconds(i));
                client.setObject(5, seen);
                client.addBatch();
                for (String each : name.split(" ")) {
                    word.setString(1, id);
                    word.setString(2, each);
                    word.setString(3, name);
                    word.addBatch();
                }
                for (int k = 0; k < 3; k++) {
                    boolean open = number++ % every == 0;
                    LocalDate needed = open ? LocalDate.now().plusDays(random.nextInt(60)) : seen;
                    order.setString(1, "o" + number);
                    order.setInt(2, number);
                    order.setString(3, id);
                    order.setString(4, open ? "MEASURING" : "HANDED_OVER");
                    order.setObject(5, needed);
                    order.setObject(6, open ? needed : null);
                    order.setString(7, options);
                    order.setObject(8, Instant.now());
                    order.addBatch();
                }
                if (i % BATCH == BATCH - 1 || i == clients - 1) {
                    client.executeBatch();
                    word.executeBatch();
                    order.executeBatch();
                    house.commit();
                }
            }
            house.createStatement().execute("analyze");
            house.commit();
        }
    }

    private static String text(Connection house, String query) throws SQLException {
        try (ResultSet found = house.createStatement().executeQuery(query)) {
            found.next();
            return found.getString(1);
        }
    }
}
