package app.misura.web.account;

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
