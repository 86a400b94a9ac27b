package wegweiser.core.model;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * A value with the earlier and the undone ones. Immutable; each change gives a new history that shares its
 * values with the old one. A push costs O(n) for the list of references.
 *
 * @param <T> an immutable value
 */
public record History<T>(List<T> past, T present, List<T> future) {
    private static final int DEPTH = 2000;

    public History {
        past = List.copyOf(past);
        future = List.copyOf(future);
    }

    public static <T> History<T> of(T present) {
        return new History<>(List.of(), present, List.of());
    }

    /** The history after an edit; an edit that changes nothing leaves no trace. */
    public History<T> edit(UnaryOperator<T> edit) {
        T next = edit.apply(present);
        if (next.equals(present)) {
            return this;
        }
        List<T> earlier = new ArrayList<>(past.size() < DEPTH ? past : past.subList(1, past.size()));
        earlier.add(present);
        return new History<>(earlier, next, List.of());
    }

    /** One step back, or empty at the beginning. */
    public Optional<History<T>> undo() {
        if (past.isEmpty()) {
            return Optional.empty();
        }
        List<T> later = new ArrayList<>(List.of(present));
        later.addAll(future);
        return Optional.of(new History<>(past.subList(0, past.size() - 1), past.getLast(), later));
    }

    /** One step forward again, or empty when nothing was undone. */
    public Optional<History<T>> redo() {
        if (future.isEmpty()) {
            return Optional.empty();
        }
        List<T> earlier = new ArrayList<>(past);
        earlier.add(present);
        return Optional.of(new History<>(earlier, future.getFirst(), future.subList(1, future.size())));
    }
}
