package wegweiser.app.window;

import java.util.List;
import wegweiser.app.actions.Action;

/** What the small menu lists, for those who look for one: no more than is looked for in menus. */
final class WindowMenu {
    private static final List<List<String>> GROUPS = List.of(List.of("new", "open", "new-window"),
            List.of("undo", "redo"), List.of("rename", "keep-usual", "export", "sheet", "print", "labels"),
            List.of("settings", "night", "help"), List.of("quit"));

    private WindowMenu() {}

    static List<List<Action>> groups(List<Action> everywhere) {
        return GROUPS.stream().map(group -> group.stream()
                .flatMap(id -> everywhere.stream().filter(a -> a.id().equals(id))).toList()).toList();
    }
}
