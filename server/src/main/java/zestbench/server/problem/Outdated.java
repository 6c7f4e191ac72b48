package zestbench.server.problem;

import org.jspecify.annotations.Nullable;

/** Somebody else has changed meanwhile what was to be changed: both values are told, and nothing is kept. */
public class Outdated extends Conflict {
    private static final long serialVersionUID = 1L;

    private final transient Object now;
    private final transient Object given;

    /** @param now as it stands @param given what was to be kept */
    public Outdated(String message, Object now, Object given) {
        super(message);
        this.now = now;
        this.given = given;
    }

    public Object now() {
        return now;
    }

    public Object given() {
        return given;
    }

    /** Whether a change that was made against {@code seen} is made against what stands. */
    public static boolean isCurrent(@Nullable Long seen, long now) {
        return seen == null || seen == now;
    }
}
