package app.misura.web.account;

import app.misura.web.id.NotThere;
import app.misura.web.id.Texts;
import java.time.Clock;
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

/** The people of the house. Who they are is kept in memory once read, and with each change. */
@Service
public class Accounts implements UserDetailsService {
    private static final String LAST =
            "This is the last owner who can sign in. Make somebody else an owner first; nobody could look after the house.";
    private static final int LONGEST_CALLED = 100;

    private final AccountRepository repository;
    private final PasswordEncoder encoder;
    private final Clock clock;
    private final ConcurrentHashMap<String, Account> known = new ConcurrentHashMap<>();
    private volatile boolean peopled;

    Accounts(AccountRepository repository, PasswordEncoder encoder, Clock clock) {
        this.repository = repository;
        this.encoder = encoder;
        this.clock = clock;
    }

    /** Somebody who may not enter is found, and locked: their password is looked at all the same, so that it takes as long. */
    @Override
    @Transactional(readOnly = true)
    public UserDetails loadUserByUsername(String name) {
        AccountEntity account = repository
                .findById(name)
                .filter(a -> a.removedAt == null)
                .orElseThrow(() -> new UsernameNotFoundException("no account"));
        return User.withUsername(account.name)
                .password(account.password)
                .roles(account.role.name())
                .accountLocked(account.locked)
                .build();
    }

    @Transactional
    public Account add(String name, String displayName, String password, Role role) {
        return keep(new AccountEntity(name, displayName, encoder.encode(password), role));
    }

    /** With a password for the first sign-in alone. */
    @Transactional
    public Account addForFirst(String name, String displayName, String password, Role role) {
        AccountEntity entity = new AccountEntity(name, displayName, encoder.encode(password), role);
        entity.mustChange = true;
        return keep(entity);
    }

    private Account keep(AccountEntity entity) {
        Account account = repository.save(entity).account();
        known.put(account.name(), account);
        return account;
    }

    public Optional<Account> find(String name) {
        return Optional.ofNullable(known.computeIfAbsent(
                name, n -> repository.findById(n).map(AccountEntity::account).orElse(null)));
    }

    /** Everybody who works here, by how they are called. */
    @Transactional(readOnly = true)
    public List<Account> all() {
        return repository.findAll().stream()
                .map(AccountEntity::account)
                .filter(a -> !a.removed())
                .sorted(Comparator.comparing(Account::displayName))
                .toList();
    }

    /** What is wrong with an account as it is wanted, in a sentence; empty if nothing. */
    public Optional<String> fault(String name, String called, String password) {
        if (!name.strip().matches("[a-z0-9._-]{2,40}")) {
            return Optional.of("A sign-in name has 2 to 40 small letters, digits, points or dashes.");
        }
        Optional<String> unusual = calledFault(called).or(() -> Passwords.fault(password, name.strip(), called));
        if (unusual.isPresent()) {
            return unusual;
        }
        return find(name.strip())
                .map(a -> a.removed()
                        ? a.name() + " signed in here before: what they did stands under that name. Choose another."
                        : "Somebody signs in as " + a.name() + " already.");
    }

    private static Optional<String> calledFault(String called) {
        return called.isBlank() || called.strip().length() > LONGEST_CALLED || !Texts.isOneLine(called)
                ? Optional.of("Say a name to be called by, in one line of at most " + LONGEST_CALLED + " characters.")
                : Optional.empty();
    }

    /**
     * Gives somebody another name to be called by, or another role; with another role they sign in anew.
     *
     * @return what is wrong with that; empty if it was done
     */
    @Transactional
    public Optional<String> change(String name, String called, Role role) {
        AccountEntity entity = entity(name);
        Optional<String> unusual = calledFault(called);
        if (unusual.isPresent()) {
            return unusual;
        }
        if (entity.role == Role.OWNER && role != Role.OWNER && isLastOwner(name)) {
            return Optional.of(LAST);
        }
        if (entity.role != role) {
            entity.endedAt = clock.instant();
        }
        entity.displayName = called.strip();
        entity.role = role;
        keep(entity);
        return Optional.empty();
    }

    /** Locks somebody out, at once, or lets them in again. @return what is wrong with that; empty if it was done */
    @Transactional
    public Optional<String> lock(String name, boolean locked) {
        AccountEntity entity = entity(name);
        if (locked && isLastOwner(name)) {
            return Optional.of(LAST);
        }
        entity.locked = locked;
        entity.endedAt = clock.instant();
        keep(entity);
        return Optional.empty();
    }

    /** Removes somebody; what they did stays under their name. @return what is wrong with that; empty if it was done */
    @Transactional
    public Optional<String> remove(String name) {
        AccountEntity entity = entity(name);
        if (isLastOwner(name)) {
            return Optional.of(LAST);
        }
        entity.removedAt = clock.instant();
        entity.endedAt = clock.instant();
        entity.password = "";
        keep(entity);
        return Optional.empty();
    }

    /** Gives somebody a password for one sign-in, and signs them out. @return the password, which is kept nowhere */
    @Transactional
    public String reset(String name) {
        AccountEntity entity = entity(name);
        String made = Passwords.oneTime();
        entity.password = encoder.encode(made);
        entity.mustChange = true;
        entity.endedAt = clock.instant();
        keep(entity);
        return made;
    }

    /** Signs somebody out wherever they are. */
    @Transactional
    public void end(String name) {
        AccountEntity entity = entity(name);
        entity.endedAt = clock.instant();
        keep(entity);
    }

    /**
     * Changes one's own password; one is signed out everywhere else.
     *
     * @return what is wrong with that; empty if it was done
     */
    @Transactional
    public Optional<String> changePassword(String name, String old, String wanted) {
        AccountEntity entity = entity(name);
        if (Passwords.isTooLong(old) || !encoder.matches(old, entity.password)) {
            return Optional.of("The password that you have now is another one.");
        }
        Optional<String> fault = old.equals(wanted)
                ? Optional.of("That is the password that you have now. Choose another.")
                : Passwords.fault(wanted, entity.name, entity.displayName);
        if (fault.isEmpty()) {
            entity.password = encoder.encode(wanted);
            entity.mustChange = false;
            entity.endedAt = clock.instant();
            keep(entity);
        }
        return fault;
    }

    private AccountEntity entity(String name) {
        return repository
                .findById(name)
                .filter(a -> a.removedAt == null)
                .orElseThrow(() -> new NotThere("Nobody signs in as " + name + "."));
    }

    private boolean isLastOwner(String name) {
        return repository.findAll().stream()
                .map(AccountEntity::account)
                .filter(a -> a.role() == Role.OWNER && a.mayEnter())
                .allMatch(a -> a.name().equals(name));
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
