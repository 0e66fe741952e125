package app.misura.web.client;

import app.misura.core.measure.Side;
import app.misura.core.reading.AgeGroup;
import app.misura.web.id.Ids;
import app.misura.web.id.NotThere;
import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The clients of the house. */
@Service
public class Clients {
    private final ClientRepository repository;
    private final Clock clock;

    Clients(ClientRepository repository, Clock clock) {
        this.repository = repository;
        this.clock = clock;
    }

    /** One page of a sorted list, and how many there are in all. */
    public record Found(List<Client> clients, long total) {}

    @Transactional(readOnly = true)
    public Found search(String part, int page, int size) {
        String escaped = part.strip().replace("!", "!!").replace("%", "!%").replace("_", "!_");
        Page<ClientEntity> found = repository.search(escaped, PageRequest.of(page, size));
        return new Found(found.map(ClientEntity::client).toList(), found.getTotalElements());
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
    public Client add(String name, Side hand, AgeGroup age, String notes, String by) {
        ClientEntity entity = new ClientEntity(Ids.next(), clock.instant(), by);
        entity.set(name.strip(), hand, age, notes.strip());
        return repository.saveAndFlush(entity).client();
    }

    /** @throws OptimisticLockingFailureException if somebody changed the client since that version */
    @Transactional
    public Client change(String id, long version, String name, Side hand, AgeGroup age, String notes) {
        ClientEntity entity = repository.findById(id).orElseThrow(Clients::gone);
        if (entity.client().version() != version) {
            throw new OptimisticLockingFailureException("changed meanwhile");
        }
        entity.set(name.strip(), hand, age, notes.strip());
        return repository.saveAndFlush(entity).client();
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

    /** Deletes for good, with all orders and readings. */
    @Transactional
    public void delete(String id) {
        if (repository.lock(id).isPresent()) {
            repository.lockOrders(id);
            repository.deleteById(id);
        }
    }

    private static NotThere gone() {
        return new NotThere("This client is not here any more.");
    }
}
