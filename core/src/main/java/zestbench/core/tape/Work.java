package zestbench.core.tape;

import org.jspecify.annotations.Nullable;
import zestbench.core.proof.ProofPoint;

/** Work on a unit for which no part goes in. [practice] */
public enum Work {
    WIRE_REPAIRED("Wire repaired", "Wire to be repaired", "Outdoor unit", "which wire, and how", null),
    WIRE_REROUTED("Wire rerouted", "Wire to be rerouted", "Outdoor unit", "away from what", null),
    TERMINAL_CRIMPED(
            "Terminal crimped", "Terminal to be crimped", "Outdoor unit", "which terminal, how hot it was", null),
    CONNECTION_TIGHTENED("Connection tightened", "Connection to be tightened", "Disconnect", "which lug", null),
    CONDENSER_CLEANED(
            "Condenser coil cleaned",
            "Condenser coil to be cleaned",
            "Outdoor unit",
            "with what",
            ProofPoint.LIQUID_PRESSURE),
    COIL_CLEANED(
            "Indoor coil cleaned",
            "Indoor coil to be cleaned",
            "Indoor unit",
            "with what",
            ProofPoint.SUCTION_PRESSURE),
    WHEEL_CLEANED("Blower wheel cleaned", "Blower wheel to be cleaned", "Indoor unit", "how", ProofPoint.SUPPLY_AIR),
    FILTER_CHANGED(
            "Filter changed", "Filter to be changed", "Indoor unit", "its size, as 16x25x1", ProofPoint.SUPPLY_AIR),
    DRAIN_CLEARED("Drain cleared", "Drain to be cleared", "Indoor unit", "what was in it", null),
    STRAPPED("Drier or line strapped", "Drier or line to be strapped", "Outdoor unit", "what rubbed where", null),
    OTHER("Other work", "Other work to be done", "", "what was done", null);

    private final String words;
    private final String still;
    private final String place;
    private final String hint;
    private final @Nullable ProofPoint shows;

    Work(String words, String still, String place, String hint, @Nullable ProofPoint shows) {
        this.words = words;
        this.still = still;
        this.place = place;
        this.hint = hint;
        this.shows = shows;
    }

    /** Once it is done. */
    public String words() {
        return words;
    }

    /** As long as it is not. */
    public String still() {
        return still;
    }

    /** How soon it is to be done where it is left, unless somebody says otherwise. */
    public Entry.Urgency urgency() {
        return Entry.Urgency.SOON;
    }

    /** Where it is done as a rule. */
    public String place() {
        return place;
    }

    /** What is worth saying of it. */
    public String hint() {
        return hint;
    }

    /** What shows what it did, read before and after; null where nothing does. */
    public @Nullable ProofPoint shows() {
        return shows;
    }
}
