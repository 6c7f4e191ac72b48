package zestbench.core.label;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import zestbench.core.label.LabelRead.Doubt;
import zestbench.core.value.Value;

/** What was taken of a label, to be turned into the fields of a spec. */
public final class Taking {
    private final Map<String, Value> fields = new LinkedHashMap<>();
    private final Map<String, Map<Integer, Map<String, Value>>> rows = new LinkedHashMap<>();
    private final Map<String, Unit> units = new LinkedHashMap<>();
    private final List<Doubt> doubts = new ArrayList<>();
    private final Map<String, String> moved = new LinkedHashMap<>();
    private final Set<String> named = new HashSet<>();

    Taking(List<Taken> taken) {
        for (Taken each : taken) {
            Value value = each.value();
            if (each.name() >= 0) {
                named.add(each.key());
            }
            if (each.unit() != null) {
                units.putIfAbsent(each.key(), each.unit());
            }
            if (value == null) {
                doubts.add(new Doubt(each.key(), "a digit of it is missing: read it off the label", null));
            } else if (each.group().isEmpty()) {
                fields.putIfAbsent(each.path(), value);
            } else {
                rows.computeIfAbsent(each.group(), g -> new TreeMap<>())
                        .computeIfAbsent(each.row(), r -> new LinkedHashMap<>())
                        .putIfAbsent(each.path(), value);
            }
        }
    }

    public @Nullable Value get(String path) {
        return fields.get(path);
    }

    public boolean has(String path) {
        return fields.containsKey(path);
    }

    public double number(String path) {
        return fields.get(path) instanceof Value.Num num ? num.number() : Double.NaN;
    }

    /** What is told so far, in the order of the label. */
    public Set<Map.Entry<String, Value>> entries() {
        return fields.entrySet();
    }

    /** A figure of a row; NaN where it has none. */
    public static double number(Map<String, Value> row, String path) {
        return row.get(path) instanceof Value.Num num ? num.number() : Double.NaN;
    }

    /** The unit that was printed with a field; null where none was. */
    public @Nullable Unit unit(String path) {
        return units.get(path);
    }

    public void set(String path, Value value) {
        fields.put(path, value);
    }

    public void remove(String path) {
        fields.remove(path);
    }

    /** The rows of a group, in their order. */
    public List<Map<String, Value>> rows(String group) {
        return new ArrayList<>(rows.getOrDefault(group, Map.of()).values());
    }

    /** Puts rows in under a name; none where there are none. */
    public void setRows(String path, List<Map<String, Value>> given) {
        if (given.isEmpty()) {
            fields.remove(path);
        } else {
            fields.put(
                    path,
                    new Value.Items(
                            given.stream().map(r -> (Value) new Value.Fields(r)).toList()));
        }
    }

    /** Whether the label names a field where its figure stands. */
    public boolean isNamed(String key) {
        return named.contains(key);
    }

    /** Says under which path of the spec a field goes on; empty where it does not. */
    public void move(String key, String path) {
        moved.put(key, path);
    }

    /** Where a field went. */
    String pathOf(String key) {
        return moved.getOrDefault(key, key);
    }

    public void doubt(String path, String why, @Nullable Value suggest) {
        if (doubts.stream().noneMatch(d -> d.field().equals(path))) {
            doubts.add(new Doubt(path, why, suggest));
        }
    }

    public void undoubt(Predicate<Doubt> which) {
        doubts.removeIf(which);
    }

    Map<String, Value> fields() {
        return fields;
    }

    /** What is doubted, each under the path it went to. */
    List<Doubt> doubts() {
        List<Doubt> out = new ArrayList<>();
        for (Doubt each : doubts) {
            String path = pathOf(each.field());
            if (!path.isEmpty() && out.stream().noneMatch(d -> d.field().equals(path))) {
                out.add(new Doubt(path, each.why(), each.suggest()));
            }
        }
        return out;
    }
}
