package app.misura.web.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;

class AccountsTest {
    private final AccountRepository repository = mock(AccountRepository.class);
    private final PasswordEncoder encoder = mock(PasswordEncoder.class);
    private final Accounts accounts = new Accounts(repository, encoder, app.misura.web.TestOrders.CLOCK);
    private final AccountEntity noor = new AccountEntity("noor", "Noor Castellanos", "{x}hash", Role.CUTTER);

    @BeforeEach
    void somebody() {
        when(repository.findById("noor")).thenReturn(Optional.of(noor));
        when(repository.findById("nobody")).thenReturn(Optional.empty());
        when(repository.save(any())).thenAnswer(call -> call.getArgument(0));
        when(encoder.encode("long enough")).thenReturn("{x}other");
    }

    @Test
    void aPersonSignsInWithTheirRole() {
        assertThat(accounts.loadUserByUsername("noor").getAuthorities())
                .extracting("authority")
                .containsExactly("ROLE_CUTTER");
        assertThatThrownBy(() -> accounts.loadUserByUsername("nobody")).isInstanceOf(UsernameNotFoundException.class);
    }

    @Test
    void thePasswordIsKeptOnlyAsItsHash() {
        accounts.add("arun", "Arun Solheim", "long enough", Role.MEASURER);
        org.mockito.ArgumentCaptor<AccountEntity> saved = org.mockito.ArgumentCaptor.forClass(AccountEntity.class);
        verify(repository).save(saved.capture());
        assertThat(saved.getValue().password).isEqualTo("{x}other");
        assertThat(accounts.called("arun")).isEqualTo("Arun Solheim");
    }

    @Test
    void whoSomebodyIsIsReadOnce() {
        assertThat(accounts.called("noor")).isEqualTo("Noor Castellanos");
        assertThat(accounts.called("noor")).isEqualTo("Noor Castellanos");
        verify(repository, times(1)).findById("noor");
        assertThat(accounts.called("nobody")).as("gone: their sign-in name").isEqualTo("nobody");
    }

    @Test
    void aHouseIsEmptyUntilSomebodyIsThere() {
        when(repository.count()).thenReturn(0L, 1L);
        assertThat(accounts.isEmpty()).isTrue();
        assertThat(accounts.isEmpty()).isFalse();
        assertThat(accounts.isEmpty()).isFalse();
        verify(repository, times(2)).count();
    }

    @Test
    void everybodyIsListedByName() {
        when(repository.findAll())
                .thenReturn(List.of(noor, new AccountEntity("arun", "Arun Solheim", "h", Role.VIEWER)));
        assertThat(accounts.all()).extracting(Account::displayName).containsExactly("Arun Solheim", "Noor Castellanos");
    }

    @ParameterizedTest
    @CsvSource({
        "n, Noor, long enough, A sign-in name has 2 to 40",
        "Noor, Noor, long enough, A sign-in name has 2 to 40",
        "no or, Noor, long enough, A sign-in name has 2 to 40",
        "arun, ' ', long enough, Say a name to be called by",
        "arun, Arun, short, A password has at least 10",
        "noor, Arun, long enough, Somebody signs in as noor already.",
    })
    void whatIsWrongIsSaid(String name, String called, String password, String said) {
        assertThat(accounts.fault(name, called, password)).get().asString().startsWith(said);
    }

    @Test
    void whatIsRightIsNot() {
        assertThat(accounts.fault(" arun.s-1 ", "Arun", "long enough")).isEmpty();
        assertThat(accounts.fault("arun", "x".repeat(101), "long enough")).isPresent();
    }
}
