package zestbench.core.call;

import zestbench.core.Families;

/**
 * A place of the call's unit.
 *
 * @param id by which it is meant
 * @param name such as Outdoor fan motor
 * @param kind the family of the part that sits there, or compressor, switch and the like
 * @param serves what hangs on it; empty where that says nothing
 * @param title what the part in it is called
 */
public record UnitPlace(long id, String name, String kind, String serves, String title) {
    /** The kind of a place where a compressor sits. */
    public static final String COMPRESSOR = "compressor";

    /** Whether windings and running amps can be read there. */
    public boolean turns() {
        return isCompressor() || Families.turns(kind);
    }

    boolean isCompressor() {
        return kind.equals(COMPRESSOR);
    }
}
