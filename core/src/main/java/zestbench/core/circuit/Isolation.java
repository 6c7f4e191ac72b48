package zestbench.core.circuit;

import java.util.Comparator;
import java.util.List;

/**
 * Loads that are taken off one by one where a fuse or a control circuit is shorted: what is likely and quick to part comes
 * first. [practice]
 *
 * @param key names it
 * @param likely how often it is the cause, 1 to 5
 * @param minutes to take it off and read
 */
public record Isolation(String key, String words, int likely, int minutes) {
    /** Behind the fuses of the unit. */
    public static final List<Isolation> LINE = ordered(
            new Isolation("compressor", "compressor", 5, 8),
            new Isolation("fan", "outdoor fan motor", 3, 4),
            new Isolation("crankcase", "crankcase heater", 3, 3),
            new Isolation("wire", "a wire rubbed on metal", 4, 8),
            new Isolation("start", "start device", 2, 3),
            new Isolation("capacitor", "run capacitor", 1, 3),
            new Isolation("contactor", "contactor", 1, 6),
            new Isolation("heater", "electric heat", 2, 8));

    /** On the 24 V side. */
    public static final List<Isolation> CONTROL = ordered(
            new Isolation("wire", "thermostat wire outdoors", 5, 4),
            new Isolation("coil", "contactor coil", 4, 2),
            new Isolation("valve", "reversing valve", 2, 3),
            new Isolation("switch", "pressure switch wires", 3, 4),
            new Isolation("float", "float switch", 1, 2),
            new Isolation("board", "board", 2, 10));

    private static List<Isolation> ordered(Isolation... loads) {
        return java.util.Arrays.stream(loads)
                .sorted(Comparator.comparingDouble((Isolation l) -> -(double) l.likely() / l.minutes()))
                .toList();
    }

    /** {@code crankcase heater, outdoor fan motor, …} in the order they are parted. */
    public static String order(List<Isolation> loads) {
        return String.join(", ", loads.stream().map(Isolation::words).toList());
    }
}
