package app.misura.core.form;

import app.misura.core.length.Length;
import java.util.List;

/**
 * Heights of one level above the floor, which must be the same all round.
 *
 * @param name what is level, such as "band"
 * @param members the heights that must agree
 */
public record LevelCheck(String id, String name, List<ValueId> members, Length within) {
    public LevelCheck {
        members = List.copyOf(members);
    }
}
