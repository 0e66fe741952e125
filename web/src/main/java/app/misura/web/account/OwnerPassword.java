package app.misura.web.account;

import app.misura.web.store.DataFolder;
import app.misura.web.store.Unusable;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;

/**
 * Gives an owner who forgot the password another for one sign-in. Run by whoever may read the folder of the data, while no
 * server has it open.
 */
public final class OwnerPassword {
    private OwnerPassword() {}

    /** @param args the folder, then the owner's sign-in name where there is more than one */
    public static void main(String[] args) {
        try {
            System.out.println(give(Path.of(args[0]), args.length > 1 ? args[1] : "", Clock.systemUTC()));
        } catch (Unusable e) {
            System.err.println("misura: " + e.sentence());
            System.exit(1);
        }
    }

    /** @return what is to be said; the password stands in it and nowhere else */
    static String give(Path data, String wanted, Clock clock) {
        if (!Files.exists(data.resolve("misura.mv.db"))) {
            throw new Unusable("There are no data in " + data + ". Say the folder of the house with --data DIR.");
        }
        try (DataFolder folder = DataFolder.open(data, clock);
                Connection house = DriverManager.getConnection(
                        "jdbc:h2:file:" + folder.path().resolve("misura") + ";IFEXISTS=TRUE", "sa", "")) {
            List<String> owners = owners(house);
            String owner = wanted.isEmpty() && owners.size() == 1 ? owners.get(0) : wanted;
            if (!owners.contains(owner)) {
                throw new Unusable(
                        owners.isEmpty()
                                ? "Nobody is the owner here yet: the first visit makes the account."
                                : "Say which owner: " + String.join(", ", owners) + ".");
            }
            String made = Passwords.oneTime();
            try (PreparedStatement change = house.prepareStatement(
                    "update account set password = ?, must_change = true, locked = false, ended_at = ? where name = ?")) {
                change.setString(
                        1,
                        PasswordEncoderFactories.createDelegatingPasswordEncoder()
                                .encode(made));
                change.setObject(2, clock.instant());
                change.setString(3, owner);
                change.executeUpdate();
            }
            house.createStatement().execute("CHECKPOINT SYNC");
            return owner + " signs in once with: " + made;
        } catch (SQLException e) {
            throw new Unusable("The data in " + data + " cannot be opened: " + e.getMessage());
        }
    }

    private static List<String> owners(Connection house) throws SQLException {
        List<String> owners = new ArrayList<>();
        try (ResultSet found = house.createStatement()
                .executeQuery("select name from account where role = 'OWNER' and removed_at is null order by name")) {
            while (found.next()) {
                owners.add(found.getString(1));
            }
        }
        return owners;
    }
}
