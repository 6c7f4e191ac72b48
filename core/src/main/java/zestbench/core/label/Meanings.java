package zestbench.core.label;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** All that one word or phrase can stand for; every reading of a label asks it again, so that the answers stand ready. */
final class Meanings {
    static final Meanings NONE = new Meanings(List.of());

    final Meaning[] all;
    private final int kinds;
    /** The unit it can be; null where it is none. */
    final @Nullable Unit unit;
    /** The spoken number it is part of; null where it is none. */
    final Meaning.@Nullable Spoken spoken;

    private Meanings(List<Meaning> all) {
        this.all = all.toArray(new Meaning[0]);
        int found = 0;
        Unit first = null;
        Meaning.Spoken number = null;
        for (Meaning meaning : all) {
            for (Meaning.Kind kind : Meaning.Kind.values()) {
                found |= kind.isOf(meaning) ? bit(kind) : 0;
            }
            first = first == null && meaning instanceof Meaning.OfUnit of ? of.unit() : first;
            number = number == null && meaning instanceof Meaning.Spoken part ? part : number;
        }
        this.kinds = found;
        this.unit = first;
        this.spoken = number;
    }

    private static int bit(Meaning.Kind kind) {
        return 1 << kind.ordinal();
    }

    boolean isEmpty() {
        return kinds == 0;
    }

    boolean has(Meaning.Kind kind) {
        return (kinds & bit(kind)) != 0;
    }

    /** Whether it stands for nothing else. */
    boolean areAll(Meaning.Kind kind) {
        return (kinds & ~bit(kind)) == 0;
    }

    Meanings and(Meaning more) {
        return and(List.of(more));
    }

    Meanings and(Meanings more) {
        return and(Arrays.asList(more.all));
    }

    private Meanings and(List<Meaning> more) {
        List<Meaning> both = new ArrayList<>(Arrays.asList(all));
        both.addAll(more);
        return new Meanings(both);
    }

    /** Whether it names a field of codes or dates. */
    boolean areOfCode() {
        for (Meaning meaning : all) {
            Shape shape = meaning instanceof Meaning.Name name ? name.field().shape() : null;
            if (shape != null && shape.isCode()) {
                return true;
            }
        }
        return false;
    }
}
