package app.misura.web.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.stream.Stream;

/** Files of which the last few of each kind are kept: {@code kind-20260131-101500.ending}. */
final class Kept {
    private final Path folder;

    private Kept(Path folder) {
        this.folder = folder;
    }

    /** Makes the folder where there is none. */
    static Kept in(Path folder) throws IOException {
        if (!Files.exists(folder)) {
            Files.createDirectories(folder);
            DataFolder.ownersOnly(folder, "rwx------");
        }
        return new Kept(folder);
    }

    /** Copies a file under a name, whole or not at all, and lets the eldest of its kind go. */
    Path add(String name, int most, Path from) throws IOException {
        Path half = folder.resolve(name + ".part");
        try {
            Files.copy(from, half, StandardCopyOption.REPLACE_EXISTING);
            return finished(half, name, most);
        } finally {
            Files.deleteIfExists(half);
        }
    }

    /** Gives a file that was written beside its name, and lets the eldest of its kind go. */
    Path finished(Path half, String name, int most) throws IOException {
        DataFolder.ownersOnly(half, "rw-------");
        Path kept = Files.move(half, folder.resolve(name), StandardCopyOption.ATOMIC_MOVE);
        List<Path> all = of(name.substring(0, name.indexOf("-2") + 1));
        for (Path old : all.subList(0, Math.max(0, all.size() - most))) {
            Files.deleteIfExists(old);
        }
        return kept;
    }

    /** Those of a kind, eldest first. */
    List<Path> of(String kind) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(f -> f.getFileName().toString().startsWith(kind))
                    .filter(f -> !f.getFileName().toString().endsWith(".part"))
                    .sorted()
                    .toList();
        }
    }

    Path folder() {
        return folder;
    }
}
