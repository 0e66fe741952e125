package app.misura.web.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.misura.web.TestOrders;
import app.misura.web.store.DataFolder;
import app.misura.web.store.Unusable;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;

class OwnerPasswordTest {
    @TempDir
    private Path data;

    private String url() {
        return "jdbc:h2:file:" + data.resolve("misura");
    }

    @BeforeEach
    void house() throws Exception {
        Flyway.configure().dataSource(url(), "sa", "").load().migrate();
        run(
                "insert into account (name, display_name, password, role, locked) values ('noor', 'Noor', 'x', 'OWNER', true)");
    }

    private void run(String sql) throws Exception {
        try (Connection house = DriverManager.getConnection(url(), "sa", "")) {
            house.createStatement().execute(sql);
        }
    }

    @Test
    void whoForgotSignsInOnceWithWhatIsSaid() throws Exception {
        String said = OwnerPassword.give(data, "", TestOrders.CLOCK);
        assertThat(said).startsWith("noor signs in once with: ");
        try (Connection house = DriverManager.getConnection(url(), "sa", "")) {
            ResultSet row = house.createStatement().executeQuery("select password, must_change, locked from account");
            row.next();
            assertThat(PasswordEncoderFactories.createDelegatingPasswordEncoder()
                            .matches(said.replaceAll(".*: ", ""), row.getString(1)))
                    .isTrue();
            assertThat(row.getBoolean(2)).isTrue();
            assertThat(row.getBoolean(3)).isFalse();
        }
    }

    @Test
    void whatCannotBeDoneIsSaid() throws Exception {
        assertThatThrownBy(() -> OwnerPassword.give(data, "tavi", TestOrders.CLOCK))
                .isInstanceOf(Unusable.class)
                .hasMessage("Say which owner: noor.");
        run("insert into account (name, display_name, password, role) values ('ines', 'Ines', 'x', 'OWNER')");
        assertThatThrownBy(() -> OwnerPassword.give(data, "", TestOrders.CLOCK))
                .hasMessage("Say which owner: ines, noor.");
        assertThatThrownBy(() -> OwnerPassword.give(data.resolve("elsewhere"), "", TestOrders.CLOCK))
                .hasMessageContaining("There are no data in");
        try (DataFolder held = DataFolder.open(data, TestOrders.CLOCK)) {
            assertThat(held.path()).isEqualTo(data);
            assertThatThrownBy(() -> OwnerPassword.give(data, "noor", TestOrders.CLOCK))
                    .hasMessageContaining("Another server has the folder");
        }
    }
}
