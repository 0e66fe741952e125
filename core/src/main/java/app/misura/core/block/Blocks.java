package app.misura.core.block;

import app.misura.core.block.trousers.TrousersBlock;
import app.misura.core.block.tube.TubeBlock;
import app.misura.core.draft.Block;
import java.util.List;
import java.util.Optional;

/** Every block there is. */
public final class Blocks {
    private static final List<Block> ALL = List.of(new TrousersBlock(), new TubeBlock());

    private Blocks() {}

    public static List<Block> all() {
        return ALL;
    }

    public static Optional<Block> find(String id) {
        return ALL.stream().filter(b -> b.id().equals(id)).findFirst();
    }

    /** @throws IllegalArgumentException if there is none */
    public static Block get(String id) {
        return find(id).orElseThrow(() -> new IllegalArgumentException("no block is called " + id + "; there are "
                + ALL.stream().map(Block::id).toList()));
    }
}
