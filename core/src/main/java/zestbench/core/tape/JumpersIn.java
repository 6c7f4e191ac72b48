package zestbench.core.tape;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The jumpers that are in. One that is in comes out before anybody leaves, or is left by a named decision. */
public final class JumpersIn {
    private final Map<String, Line> in = new LinkedHashMap<>();
    /** The write-up by which one is left, by its id. */
    private final Map<String, String> left = new LinkedHashMap<>();

    private final LeaveState leave;

    JumpersIn(LeaveState leave) {
        this.leave = leave;
    }

    void put(String id, Line line) {
        in.put(id, line);
    }

    void remove(String id) {
        in.remove(id);
    }

    void leave(String id, String writeUp) {
        left.put(id, writeUp);
    }

    /** The lines of those that are in, as put in; without those that are left, as long as their write-up stands. */
    public List<Line> open() {
        return in.entrySet().stream()
                .filter(e -> !leave.openWriteUps().containsKey(left.getOrDefault(e.getKey(), "")))
                .map(Map.Entry::getValue)
                .toList();
    }

    private static UnitEntry.JumperPut put(Line line) {
        return (UnitEntry.JumperPut) line.entry();
    }

    /** The first that is in and nobody decided about; null where none is. */
    public UnitEntry.@Nullable JumperPut first() {
        return open().stream().findFirst().map(JumpersIn::put).orElse(null);
    }

    /** The one that is in under {@code id}; null where none is. */
    public UnitEntry.@Nullable JumperPut of(String id) {
        return open().stream()
                .map(JumpersIn::put)
                .filter(put -> put.id().equals(id))
                .findFirst()
                .orElse(null);
    }
}
