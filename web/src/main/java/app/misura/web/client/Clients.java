package app.misura.web.client;

import app.misura.web.history.Change;
import app.misura.web.history.History;
import app.misura.web.id.Ids;
import app.misura.web.id.NotThere;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Slice;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The clients of the house. */
@Service
public class Clients {
    static final String HEALTH_NOTE = "Health note";

    static final String DIFFERS = "Not compared";

    /** What is called so in the list of changes is for those who measure. */
    public static final Set<String> PRIVATE = Set.of(HEALTH_NOTE, DIFFERS);

    private final ClientRepository repository;
    private final ClientSearch search;
    private final Clock clock;
    private final History history;

    Clients(ClientRepository repository, ClientSearch search, Clock clock, History history) {
        this.history = history;
        this.repository = repository;
        this.search = search;
        this.clock = clock;
    }

    /** By what a list of clients is sorted. */
    public enum Order {
        NAME(Sort.by("sortName", "id")),
        VISIT(Sort.by(Sort.Order.desc("seenOn"), Sort.Order.desc("id"))),
        NEWEST(Sort.by(Sort.Order.desc("createdAt"), Sort.Order.desc("id")));

        private final Sort sort;

        Order(Sort sort) {
            this.sort = sort;
        }
    }

    /** One page of a list. @param more whether there is a page after it */
    public record Listed(List<Client> clients, boolean more) {}

    /** All clients. */
    @Transactional(readOnly = true)
    public Listed list(Order order, int page, int size) {
        Slice<ClientEntity> found = repository.findAllBy(PageRequest.of(page, size, order.sort));
        return new Listed(found.map(ClientEntity::client).toList(), found.hasNext());
    }

    /** Those with words in their names that begin so, by the word that is found. */
    @Transactional(readOnly = true)
    public Listed find(String begins, int page, int size) {
        List<ClientEntity> found = search.find(begins, page * size, size + 1);
        return new Listed(found.stream().limit(size).map(ClientEntity::client).toList(), found.size() > size);
    }

    /** Ids of those with words in their names that begin so. */
    @Transactional(readOnly = true)
    public List<String> ids(String begins, int most) {
        return search.find(begins, 0, most).stream().map(c -> c.id).toList();
    }

    @Transactional(readOnly = true)
    public long count() {
        return repository.count();
    }

    /** One page, and how many there are in all. */
    public record Found(List<Client> clients, long total) {}

    /** A page of those with words in their names that begin so; of all, by name, where nothing is asked. */
    @Transactional(readOnly = true)
    public Found search(String begins, int page, int size) {
        return begins.isBlank()
                ? new Found(list(Order.NAME, page, size).clients(), count())
                : new Found(find(begins, page, size).clients(), search.count(begins));
    }

    @Transactional(readOnly = true)
    public Optional<Client> find(String id) {
        return repository.findById(id).map(ClientEntity::client);
    }

    /** Several at once, by id; one that is gone is not among them. */
    @Transactional(readOnly = true)
    public Map<String, Client> all(Collection<String> ids) {
        return repository.findAllById(ids).stream()
                .map(ClientEntity::client)
                .collect(Collectors.toMap(Client::id, Function.identity()));
    }

    /** @throws NotThere if there is no such client */
    @Transactional(readOnly = true)
    public Client get(String id) {
        return find(id).orElseThrow(Clients::gone);
    }

    @Transactional
    public Client add(Client.About about, String by) {
        ClientEntity entity = new ClientEntity(Ids.next(), clock.instant(), by);
        return write(entity, about);
    }

    private Client write(ClientEntity entity, Client.About about) {
        String before = entity.sortName;
        entity.set(about);
        ClientEntity kept = repository.saveAndFlush(entity);
        if (!kept.sortName.equals(before)) {
            search.write(kept);
        }
        return kept.client();
    }

    /** @throws OptimisticLockingFailureException if somebody changed the client since that version */
    @Transactional
    public Client change(String id, long version, Client.About about) {
        ClientEntity entity = repository.findById(id).orElseThrow(Clients::gone);
        if (entity.client().version() != version) {
            throw new OptimisticLockingFailureException("changed meanwhile");
        }
        return write(entity, about);
    }

    /** Says that a client's body has changed just now. */
    @Transactional
    public void bodyChanged(String id) {
        ClientEntity entity = repository.findById(id).orElseThrow(Clients::gone);
        entity.bodyChangedAt = clock.instant();
        repository.saveAndFlush(entity);
    }

    /** Makes the words of up to 500 clients who have none yet. @return whether there may be more */
    @Transactional
    public boolean makeWords() {
        List<ClientEntity> without = repository.findFirst500BySortName("");
        for (ClientEntity each : without) {
            each.sortName = Words.sorted(each.name);
            search.write(repository.saveAndFlush(each));
        }
        return !without.isEmpty();
    }

    /**
     * The client, who is not changed or deleted by others until the transaction is over.
     *
     * @throws NotThere if there is no such client
     */
    @Transactional
    public Client hold(String id) {
        repository.lock(id).orElseThrow(Clients::gone);
        return get(id);
    }

    /** Those whose last visit, or whose first line if there was none, was before a day: their data are due to be deleted. */
    @Transactional(readOnly = true)
    public List<Client> due(LocalDate before, int most) {
        return repository
                .due(before, before.atStartOfDay(clock.getZone()).toInstant(), PageRequest.of(0, most))
                .stream()
                .map(ClientEntity::client)
                .toList();
    }

    /** What was changed of a client, newest first. */
    @Transactional(readOnly = true)
    public List<Change> changes(String id) {
        return history.of(ClientEntity.class, id, ClientEntity::words);
    }

    /** Deletes for good, with all orders and readings. */
    @Transactional
    public void delete(String id) {
        if (repository.lock(id).isPresent()) {
            repository.lockOrders(id);
            history.forget("garment_order_change", "client_id", id);
            history.forget("client_change", "id", id);
            repository.deleteById(id);
        }
    }

    private static NotThere gone() {
        return new NotThere("This client is not here any more.");
    }
}
