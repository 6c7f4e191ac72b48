package zestbench.server.labels;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import zestbench.core.value.Value;

/** Counts how much of a label was read right: leaf by leaf, sections by terminal and leads by colour. */
final class Marks {
    private static final Set<String> ROWS =
            Set.of("sections", "compressors", "outdoorFans", "indoorFans", "ratings", "leads");
    private static final Set<String> KEYS = Set.of("terminal", "color", "name");

    int right;
    int all;
    int rightByItself;
    int kindTold;
    int texts;
    int mustBeEmpty;
    int filled;
    int wrongWithoutDoubt;

    void add(Marks other) {
        right += other.right;
        all += other.all;
        rightByItself += other.rightByItself;
        kindTold += other.kindTold;
        texts += other.texts;
        mustBeEmpty += other.mustBeEmpty;
        filled += other.filled;
        wrongWithoutDoubt += other.wrongWithoutDoubt;
    }

    double share() {
        return right / (double) Math.max(1, all);
    }

    double shareByItself() {
        return rightByItself / (double) Math.max(1, all);
    }

    String line(String name) {
        return String.format(
                "%-16s given %.3f  by itself %.3f  kind %d/%d  wrongly filled %d/%d  wrong without a doubt %d",
                name, share(), shareByItself(), kindTold, texts, filled, mustBeEmpty, wrongWithoutDoubt);
    }

    /** Every leaf of a spec by its path; a list of numbers is one. */
    static Map<String, Object> leaves(Map<String, ?> spec) {
        Map<String, Object> out = new LinkedHashMap<>();
        spec.forEach((name, value) -> {
            if (ROWS.contains(name) && value instanceof List<?> rows) {
                out.put(name + ".count", (double) rows.size());
                rows(name, rows, out);
            } else if (value instanceof Map<?, ?> map) {
                map.forEach((k, v) -> out.put(name + "." + k, Objects.requireNonNull(v)));
            } else {
                out.put(name, value);
            }
        });
        return out;
    }

    private static void rows(String name, List<?> rows, Map<String, Object> out) {
        Set<String> seen = new TreeSet<>();
        for (int i = 0; i < rows.size(); i++) {
            Map<?, ?> row = (Map<?, ?>) rows.get(i);
            Object key = row.get(name.equals("sections") ? "terminal" : "color");
            String place = key != null && seen.add(key.toString()) ? key.toString() : String.valueOf(i);
            row.forEach((k, v) -> {
                if (!KEYS.contains(k)) {
                    out.put(name + "[" + place + "]." + k, Objects.requireNonNull(v));
                }
            });
        }
    }

    static Object plain(Value value) {
        if (value instanceof Value.Num num) {
            return num.number();
        }
        if (value instanceof Value.Text text) {
            return text.text();
        }
        if (value instanceof Value.Flag flag) {
            return flag.flag();
        }
        if (value instanceof Value.Items items) {
            List<Object> out = new ArrayList<>();
            items.items().forEach(i -> out.add(plain(i)));
            return out;
        }
        Map<String, Object> out = new LinkedHashMap<>();
        ((Value.Fields) value).fields().forEach((k, v) -> out.put(k, plain(v)));
        return out;
    }

    /** Numbers within 0.1 %, words without case, hyphens and spaces; a list of one is its member. */
    static boolean areSame(@Nullable Object one, @Nullable Object other) {
        Object a = one instanceof List<?> list && list.size() == 1 && !(other instanceof List) ? list.get(0) : one;
        Object b = other instanceof List<?> list && list.size() == 1 && !(a instanceof List) ? list.get(0) : other;
        if (a instanceof Number x && b instanceof Number y) {
            double larger = Math.max(Math.abs(x.doubleValue()), Math.abs(y.doubleValue()));
            return Math.abs(x.doubleValue() - y.doubleValue()) <= 0.001 * Math.max(larger, 1e-9);
        }
        if (a instanceof List<?> x && b instanceof List<?> y) {
            boolean same = x.size() == y.size();
            for (int i = 0; same && i < x.size(); i++) {
                same = areSame(x.get(i), y.get(i));
            }
            return same;
        }
        if (a instanceof String x && b instanceof String y) {
            return x.replaceAll("[-\\s]", "").equalsIgnoreCase(y.replaceAll("[-\\s]", ""));
        }
        return Objects.equals(a, b);
    }
}
