package zestbench.core.label;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import zestbench.core.value.Value;

/**
 * One thing that a label can say: its names in the trade's words, the shape of its figure, and how readily a figure without a
 * name is taken for it.
 *
 * @param path name of the attribute, within its group where it has one
 * @param group rows it belongs to, such as the compressors; empty where it has none
 * @param names words that name it, in front of its figure or behind
 * @param shape what figures it takes; null where words alone tell it
 * @param choices words that tell it, and what they tell
 * @param bare what it costs to take a figure with a unit of its own, but no name, for it; infinite where that is never done
 * @param alone the same for a figure with neither
 */
public record LabelField(
        String path,
        String group,
        List<String> names,
        @Nullable Shape shape,
        Map<String, Value> choices,
        double bare,
        double alone) {
    /** Never. */
    public static final double NEVER = Double.POSITIVE_INFINITY;

    /** A field that takes figures of {@code shape}. */
    public static LabelField of(String path, Shape shape, String... names) {
        return new LabelField(path, "", words(names), shape, Map.of(), NEVER, NEVER);
    }

    /** A field that words tell. */
    public static LabelField told(String path, String... names) {
        return new LabelField(path, "", words(names), null, Map.of(), NEVER, NEVER);
    }

    /** The same, told by any of these words. */
    public LabelField by(Value value, String... words) {
        Map<String, Value> all = new LinkedHashMap<>(choices);
        for (String word : words(words)) {
            all.put(word, value);
        }
        return new LabelField(path, group, names, shape, all, bare, alone);
    }

    public LabelField by(String value, String... words) {
        return by(Value.of(value), words);
    }

    /** The same, taken by its unit alone at that cost. */
    public LabelField bare(double cost) {
        return new LabelField(path, group, names, shape, choices, cost, alone);
    }

    /** The same, taken by a plain figure at that cost. */
    public LabelField alone(double cost) {
        return new LabelField(path, group, names, shape, choices, bare, cost);
    }

    /** The same, in rows. */
    public LabelField in(String rows) {
        return new LabelField(path, rows, names, shape, choices, bare, alone);
    }

    /** The same, with more names. */
    public LabelField named(String... more) {
        List<String> all = new ArrayList<>(names);
        all.addAll(words(more));
        return new LabelField(path, group, all, shape, choices, bare, alone);
    }

    /** The same, named by its unit too, as {@code RPM 1075}. */
    public LabelField by(Unit unit) {
        // what is mistaken for a unit in a figure is none where it stands for itself
        return named(unit.words().stream().filter(w -> !w.equals("pf")).toArray(String[]::new));
    }

    /** Words and phrases, which are written in rows with a stroke between them. */
    public static List<String> words(String... rows) {
        List<String> out = new ArrayList<>();
        for (String row : rows) {
            out.addAll(List.of(row.split("\\|")));
        }
        return out;
    }
}
