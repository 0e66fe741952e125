package app.misura.web.measuring;

import app.misura.web.account.Accounts;
import app.misura.web.ui.LadderView;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The others on a sheet, as they were seen at one moment: all that a page says of them comes from one look, since they go on
 * while it is laid out, and what it says that it has seen is asked for no more.
 *
 * @param by the screen that looks
 * @param others the other screens by their keys, in order
 */
record Company(Screen by, Map<String, Presence.Seen> others, Accounts accounts) {
    /** All of it as one text: it changes when they move, come, go or follow somebody. */
    String mark() {
        return others.entrySet().stream()
                .map(e -> e.getKey() + "@" + e.getValue().step() + "@"
                        + e.getValue().follows())
                .collect(Collectors.joining(" "));
    }

    /** As the page names them above the ladder. */
    List<MeasureView.Other> named() {
        return others.entrySet().stream()
                .map(e -> new MeasureView.Other(
                        e.getKey(),
                        called(e.getKey()),
                        e.getValue().step(),
                        e.getValue().follows().equals(by.key())))
                .toList();
    }

    /** As they stand on the ladder. */
    List<LadderView.Present> onTheLadder() {
        return others.entrySet().stream()
                .map(e -> {
                    String[] names = names(Screen.parse(e.getKey()));
                    String initials =
                            Stream.of(names).map(n -> n.substring(0, 1)).collect(Collectors.joining());
                    return new LadderView.Present(e.getValue().step(), names[0], initials);
                })
                .toList();
    }

    /** The first name of whose screen it is; one's own other screen is said to be that. */
    private String called(String key) {
        Screen screen = Screen.parse(key);
        return screen.isOf(by) ? "Your other screen" : names(screen)[0];
    }

    private String[] names(Screen screen) {
        return accounts.called(screen.account()).split("\\s+");
    }
}
