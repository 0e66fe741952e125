package app.misura.web.house;

import app.misura.core.format.json.JsonRefused;
import app.misura.core.format.json.JsonText;
import app.misura.core.house.HouseNumbers;
import app.misura.core.house.HouseTables;
import app.misura.core.measure.Play;
import java.time.Clock;
import java.time.Instant;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.concurrent.ConcurrentSkipListMap;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import tools.jackson.databind.JsonNode;

/**
 * The house's tables in every version: those that ship are the first, each change is one more, and none is ever changed. What
 * was cut by a version can be cut by it again.
 */
@Service
public class Tables {
    private final HouseTablesRepository repository;
    private final Clock clock;
    private volatile @Nullable NavigableMap<Integer, HouseTables> known;

    Tables(HouseTablesRepository repository, Clock clock) {
        this.repository = repository;
        this.clock = clock;
    }

    /** One version, when it was made and by whom. */
    public record Made(int version, Instant at, String by) {}

    private record NumbersDoc(Map<String, HouseNumbers.Adds> play, double movementMarginMm) {}

    private NavigableMap<Integer, HouseTables> all() {
        NavigableMap<Integer, HouseTables> all = known;
        return all == null ? read() : all;
    }

    /** Nobody keeps a version meanwhile: what is read is all there is. */
    private synchronized NavigableMap<Integer, HouseTables> read() {
        HouseTables shipped = HouseTables.shipped();
        NavigableMap<Integer, HouseTables> all = new ConcurrentSkipListMap<>(Map.of(shipped.version(), shipped));
        for (HouseTablesEntity each : repository.findAll()) {
            all.put(each.version, shipped.with(each.version, read(each.numbers)));
        }
        known = all;
        return all;
    }

    private synchronized void keep(HouseTables next) {
        all().put(next.version(), next);
    }

    /** Those that stand now. */
    public HouseTables now() {
        return all().lastEntry().getValue();
    }

    /** Those of a version; one that is not known yet is looked for anew. */
    public Optional<HouseTables> find(int version) {
        HouseTables found = all().get(version);
        return Optional.ofNullable(found == null ? read().get(version) : found);
    }

    /** The house's own versions, newest first. */
    @Transactional(readOnly = true)
    public List<Made> made() {
        return repository.findAll().stream()
                .map(t -> new Made(t.version, t.madeAt, t.madeBy))
                .sorted(Comparator.comparing(Made::version).reversed())
                .toList();
    }

    /**
     * Keeps numbers as the next version; orders that are there stay with theirs.
     *
     * @param before the version that they were changed from
     * @throws OptimisticLockingFailureException if it is not the one that stands
     * @throws IllegalArgumentException if they cannot be so
     */
    @Transactional
    public HouseTables change(int before, HouseNumbers numbers, String by) {
        HouseTables now = now();
        if (now.version() != before) {
            throw new OptimisticLockingFailureException("changed meanwhile");
        }
        HouseTables next = HouseTables.shipped().with(before + 1, numbers);
        repository.add(new HouseTablesEntity(next.version(), write(numbers), clock.instant(), by));
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                keep(next);
            }
        });
        return next;
    }

    private static String write(HouseNumbers numbers) {
        Map<String, HouseNumbers.Adds> play = new LinkedHashMap<>();
        numbers.play().forEach((p, adds) -> play.put(p.word(), adds));
        return JsonText.write(new NumbersDoc(play, numbers.movementMarginMm()));
    }

    private static HouseNumbers read(String json) {
        try {
            JsonNode root = JsonText.parse(json);
            Map<Play, HouseNumbers.Adds> play = new EnumMap<>(Play.class);
            for (Play each : Play.values()) {
                JsonNode row = root.path("play").path(each.word());
                play.put(
                        each,
                        new HouseNumbers.Adds(
                                row.path("trunk").asDouble(),
                                row.path("limb").asDouble(),
                                row.path("loop").asDouble()));
            }
            return new HouseNumbers(play, root.path("movementMarginMm").asDouble());
        } catch (JsonRefused e) {
            throw new IllegalStateException("stored tables are unreadable", e);
        }
    }
}
