package zestbench.core.contactor;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import zestbench.core.circuit.CircuitLoads;
import zestbench.core.circuit.CircuitLoads.Kind;
import zestbench.core.circuit.CircuitLoads.Load;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.family.MatchRequest.Switches;
import zestbench.core.family.Spec;
import zestbench.core.quantity.Figures;

/**
 * What a contactor switches, by the unit's plate and by what is known of its place.
 *
 * @param least amps it has to carry whatever it is: its own load where that is known, else that of the largest compressor
 *     with its fan; empty where the plate does not tell
 * @param most amps of everything it could be switching; the same as {@code least} where that is known
 * @param words the sum, such as {@code 17.9 + 1.4 A}
 * @param lockedRotor the least it has to stand for a moment; empty where the plate does not tell
 * @param heater amps of the electric heat it may switch, 0 where there is none
 */
record Switched(
        Optional<Double> least, Optional<Double> most, String words, Optional<Double> lockedRotor, double heater) {

    static Switched of(Circuit circuit) {
        CircuitLoads loads = CircuitLoads.of(circuit.plate());
        Switches what = circuit.role().switches();
        Double own = circuit.role().loadAmps();
        double heater = what == Switches.COMPRESSOR || what == Switches.FAN ? 0 : loads.heaterAmps();
        if (what == Switches.HEAT) {
            return new Switched(Optional.empty(), Optional.empty(), "", Optional.empty(), own == null ? heater : own);
        }
        List<Double> compressors = what == Switches.FAN ? List.of() : amps(loads, Kind.COMPRESSOR);
        List<Double> fans = what == Switches.COMPRESSOR ? List.of() : amps(loads, Kind.OUTDOOR_FAN);
        boolean isOpen = what == null && compressors.size() > 1;
        List<Double> certain = isOpen || (what == Switches.COMPRESSOR && compressors.size() > 1)
                ? firsts(compressors, fans)
                : all(compressors, fans);
        Optional<Double> least = own != null ? Optional.of(own) : sum(certain);
        Optional<Double> most = isOpen && own == null ? sum(all(compressors, fans)) : least;
        String words = own != null
                ? Figures.plain(own) + " A"
                : String.join(" + ", certain.stream().map(Figures::plain).toList()) + " A";
        return new Switched(
                least, most, words, lockedRotor(circuit.plate(), compressors.isEmpty(), certain.size(), fans), heater);
    }

    /** Whether it is not known which of several compressors hangs on it, and it makes a difference. */
    boolean isOpen() {
        return !least.equals(most);
    }

    private static List<Double> firsts(List<Double> compressors, List<Double> fans) {
        List<Double> out = new ArrayList<>();
        compressors.stream().max(Double::compare).ifPresent(out::add);
        fans.stream().max(Double::compare).ifPresent(out::add);
        return out;
    }

    private static List<Double> all(List<Double> compressors, List<Double> fans) {
        List<Double> out = new ArrayList<>(compressors);
        out.addAll(fans);
        return out;
    }

    private static List<Double> amps(CircuitLoads loads, Kind kind) {
        return loads.loads().stream()
                .filter(l -> l.kind() == kind)
                .map(Load::amps)
                .toList();
    }

    private static Optional<Double> sum(List<Double> amps) {
        double sum = 0;
        for (double each : amps) {
            sum += each;
        }
        return sum > 0 ? Optional.of(Figures.tidy(sum)) : Optional.empty();
    }

    /** Compressors by their LRA, fans at six times their FLA; only the largest where only one is certain. */
    private static Optional<Double> lockedRotor(Spec plate, boolean isFan, int certain, List<Double> fans) {
        double compressor = 0;
        double largest = 0;
        List<Spec> rows = isFan ? List.of() : plate.rows("compressors");
        for (Spec row : rows) {
            Optional<Double> locked = row.number("lockedRotorAmps");
            if (locked.isEmpty()) {
                return Optional.empty();
            }
            compressor += locked.get();
            largest = Math.max(largest, locked.get());
        }
        if (rows.isEmpty() && !isFan) {
            return Optional.empty();
        }
        double fan = 0;
        double largestFan = 0;
        for (double amps : fans) {
            fan += ContactorLimits.FAN_LOCKED_ROTOR * amps;
            largestFan = Math.max(largestFan, ContactorLimits.FAN_LOCKED_ROTOR * amps);
        }
        boolean isAll = certain >= rows.size() + fans.size();
        double sum = isAll ? compressor + fan : largest + largestFan;
        return sum > 0 ? Optional.of(sum) : Optional.empty();
    }
}
