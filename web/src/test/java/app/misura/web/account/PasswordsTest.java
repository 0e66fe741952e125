package app.misura.web.account;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PasswordsTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "short",
                "1234567890",
                "0987654321",
                "abcdefghijkl",
                "qwertyuiop",
                "aaaaaaaaaaaa",
                "abababababab",
                "noor-noor-2026",
                "NoorCastellanos",
                "password12",
                "trousers99"
            })
    void whatIsGuessedFirstIsRefused(String password) {
        assertThat(Passwords.fault(password, "noor", "Noor Castellanos")).isPresent();
    }

    @ParameterizedTest
    @ValueSource(strings = {"long enough", "three chairs and a lamp", "4kq7w-2m9x1", "Zwölf Boxkämpfer jagen"})
    void whatNobodyGuessesIsTaken(String password) {
        assertThat(Passwords.fault(password, "noor", "Noor Castellanos")).isEmpty();
    }

    @Test
    void aPasswordIsNotLongerThanItsHashLooksAt() {
        assertThat(Passwords.fault("abcdefg hij".repeat(6) + "123456", "noor", "Noor"))
                .isEmpty();
        assertThat(Passwords.fault("abcdefg hij".repeat(6) + "1234567", "noor", "Noor"))
                .isPresent();
        assertThat(Passwords.fault("ë3".repeat(24) + "x", "noor", "Noor")).isPresent();
    }

    @Test
    void whatIsMadeForOneSignInIsTakenAndNeverTheSame() {
        assertThat(Passwords.oneTime()).matches("([a-z2-9]{5}-){2}[a-z2-9]{5}").isNotEqualTo(Passwords.oneTime());
        assertThat(Passwords.fault(Passwords.oneTime(), "noor", "Noor")).isEmpty();
    }
}
