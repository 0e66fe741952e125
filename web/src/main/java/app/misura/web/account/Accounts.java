package app.misura.web.account;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The people of the house. Names of accounts do not change, so who they are is kept in memory once read. */
@Service
public class Accounts implements UserDetailsService {
    private static final int SHORTEST_PASSWORD = 10;
    private static final int LONGEST_CALLED = 100;

    private final AccountRepository repository;
    private final PasswordEncoder encoder;
    private final ConcurrentHashMap<String, Account> known = new ConcurrentHashMap<>();
    private volatile boolean peopled;

    Accounts(AccountRepository repository, PasswordEncoder encoder) {
        this.repository = repository;
        this.encoder = encoder;
    }

    @Override
    @Transactional(readOnly = true)
    public UserDetails loadUserByUsername(String name) {
        AccountEntity account =
                repository.findById(name).orElseThrow(() -> new UsernameNotFoundException("no account"));
        return User.withUsername(account.name)
                .password(account.password)
                .roles(account.role.name())
                .build();
    }

    @Transactional
    public Account add(String name, String displayName, String password, Role role) {
        Account account = repository
                .save(new AccountEntity(name, displayName, encoder.encode(password), role))
                .account();
        known.put(name, account);
        return account;
    }

    public Optional<Account> find(String name) {
        return Optional.ofNullable(known.computeIfAbsent(
                name, n -> repository.findById(n).map(AccountEntity::account).orElse(null)));
    }

    /** Everybody, by how they are called. */
    @Transactional(readOnly = true)
    public List<Account> all() {
        return repository.findAll().stream()
                .map(AccountEntity::account)
                .sorted(Comparator.comparing(Account::displayName))
                .toList();
    }

    /** What is wrong with an account as it is wanted, in a sentence; empty if nothing. */
    public Optional<String> fault(String name, String called, String password) {
        if (!name.strip().matches("[a-z0-9._-]{2,40}")) {
            return Optional.of("A sign-in name has 2 to 40 small letters, digits, points or dashes.");
        }
        if (called.isBlank() || called.strip().length() > LONGEST_CALLED) {
            return Optional.of("Say a name to be called by, in at most " + LONGEST_CALLED + " characters.");
        }
        if (password.length() < SHORTEST_PASSWORD) {
            return Optional.of("A password has at least " + SHORTEST_PASSWORD + " characters.");
        }
        return find(name.strip()).map(a -> "Somebody signs in as " + a.name() + " already.");
    }

    /** How a person is called on pages and papers; the account's name where it is gone. */
    public String called(String name) {
        return find(name).map(Account::displayName).orElse(name);
    }

    /** Whether nobody has an account yet. Once somebody has, that stays. */
    public boolean isEmpty() {
        if (!peopled) {
            peopled = repository.count() > 0;
        }
        return !peopled;
    }
}
