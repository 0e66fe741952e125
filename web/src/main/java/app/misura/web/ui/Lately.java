package app.misura.web.ui;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;

/**
 * What was made lately, by what it was made from: the eldest goes where there is no more room. Safe for many at once; two
 * who want the same new thing at the same moment may both make it.
 */
public final class Lately<K, V> {
    private final Map<K, V> made;

    /** @param room for so many */
    public Lately(int room) {
        made = new LinkedHashMap<>(16, 0.75f, true) {
            private static final long serialVersionUID = 1;

            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > room;
            }
        };
    }

    /** What was made of a key, or makes it now. */
    public V get(K key, Supplier<V> make) {
        synchronized (made) {
            V known = made.get(key);
            if (known != null) {
                return known;
            }
        }
        V fresh = make.get();
        synchronized (made) {
            made.put(key, fresh);
        }
        return fresh;
    }
}
