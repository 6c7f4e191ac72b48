package zestbench.core.call;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.family.Spec;
import zestbench.core.plate.Plates;
import zestbench.core.tape.Entry;

/**
 * What a command comes to.
 *
 * @param entries to be added to the tape, in this order
 * @param taken ids of stock lines of which one piece each goes in
 * @param givenBack ids of stock lines of which one piece each comes back
 * @param plate to be kept on the unit's record, whole; null where none was read
 * @param becomes where the call stands from now on; null where that does not change
 */
public record Decision(
        List<Entry> entries,
        List<String> taken,
        List<String> givenBack,
        @Nullable PlateKept plate,
        @Nullable CallStatus becomes) {
    static final Decision NOTHING = of();

    /** A plate with its serial, which the tape has masked. */
    public record PlateKept(Plates.Which which, Spec spec) {}

    static Decision of(Entry... entries) {
        return of(List.of(entries));
    }

    static Decision of(List<? extends Entry> entries) {
        return new Decision(List.copyOf(entries), List.of(), List.of(), null, null);
    }

    Decision taking(List<String> stock) {
        return new Decision(entries, stock, givenBack, plate, becomes);
    }

    Decision givingBack(List<String> stock) {
        return new Decision(entries, taken, stock, plate, becomes);
    }

    Decision keeping(PlateKept read) {
        return new Decision(entries, taken, givenBack, read, becomes);
    }

    Decision becoming(CallStatus next) {
        return new Decision(entries, taken, givenBack, plate, next);
    }

    /** This and then {@code next}, which touches neither stock nor plate. */
    Decision then(Decision next) {
        List<Entry> all = new ArrayList<>(entries);
        all.addAll(next.entries);
        return new Decision(all, taken, givenBack, plate, becomes);
    }
}
