package zestbench.core.tape;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The jumpers that are in. One that is in comes out before anybody leaves, or is left by a named decision. */
public final class JumpersIn {
    private final Map<String, Line> in = new LinkedHashMap<>();
    private final Map<String, Line> left = new LinkedHashMap<>();

    void put(String id, Line line) {
        in.put(id, line);
    }

    void remove(String id) {
        in.remove(id);
    }

    void leave(String id) {
        Line line = in.remove(id);
        if (line != null) {
            left.put(id, line);
        }
    }

    /** The lines of those that are in and nobody decided about, as put in. */
    public Collection<Line> open() {
        return in.values();
    }

    /** What each of {@code lines} was put across. */
    static UnitEntry.JumperPut put(Line line) {
        return (UnitEntry.JumperPut) line.entry();
    }

    /** The first that is in and nobody decided about; null where none is. */
    public UnitEntry.@Nullable JumperPut first() {
        return in.values().stream().findFirst().map(JumpersIn::put).orElse(null);
    }

    /** The one that is in under {@code id}; null where none is. */
    public UnitEntry.@Nullable JumperPut of(String id) {
        Line line = in.get(id);
        return line == null ? null : put(line);
    }
}
