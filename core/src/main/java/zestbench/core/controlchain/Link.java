package zestbench.core.controlchain;

import org.jspecify.annotations.Nullable;
import zestbench.core.suspect.Fact;

/**
 * What a control circuit goes through between two points that can be read.
 *
 * @param name as float switch
 * @param behind what the point behind it is called, as Behind the float switch
 * @param stretch where it sits as a rule; the unit's own diagram says where it really does
 * @param open the fact that it is open; null for what no unit lacks
 * @param there the fact that volts stand behind it; null where that settles none
 */
public record Link(
        String name,
        String behind,
        Stretch stretch,
        @Nullable Fact open,
        @Nullable Fact there) {
    /** On which side of the thermostat a switch sits as a rule. [practice] */
    public enum Stretch {
        /** In the R leg, before the thermostat. */
        INDOORS,
        /** In the Y leg, at the outdoor unit. */
        OUTDOORS,
        /** Behind W, in front of the gas valve. */
        BURNER
    }

    static final Link TRANSFORMER =
            new Link("transformer", "R at the transformer", Stretch.INDOORS, null, Fact.SECONDARY_VOLTS);
    static final Link FUSE = behind("control fuse", Stretch.INDOORS, Fact.CONTROL_FUSE_OPEN);
    static final Link THERMOSTAT =
            new Link("thermostat", "Y at the thermostat", Stretch.INDOORS, null, Fact.CALL_VOLTS);
    static final Link WIRE = new Link("thermostat wire", "Y at the outdoor unit", Stretch.OUTDOORS, null, null);
    static final Link RETURN = new Link("C wire", "Across the coil", Stretch.OUTDOORS, null, Fact.COIL_VOLTS);
    static final Link HEAT_THERMOSTAT = new Link("thermostat", "W at the thermostat", Stretch.INDOORS, null, null);
    static final Link HEAT_WIRE = new Link("thermostat wire", "W at the board", Stretch.BURNER, null, Fact.HEAT_VOLTS);
    static final Link HEAT_RETURN =
            new Link("board, or the C wire", "Across the gas valve", Stretch.BURNER, null, Fact.GAS_VALVE_VOLTS);

    /** A switch that opens for a cause. @param name as float switch */
    public static Link behind(String name, Stretch stretch, Fact open) {
        return new Link(name, "Behind the " + name, stretch, open, null);
    }
}
