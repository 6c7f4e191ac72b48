package zestbench.core.motor;

import java.util.ArrayList;
import java.util.List;

/** The leads of a motor by what they are for. Their colours are the maker's own and no code. [practice] */
final class MotorTerminals {
    static final String LINE_ONE = "LINE 1";
    static final String LINE_TWO = "LINE 2";
    static final String COMMON = "COM";
    static final String CAPACITOR = "CAP";
    static final String REVERSING = "REV";
    static final String GROUND = "GND";

    /** Names of speed taps, fastest first. */
    private static final List<List<String>> TAPS = List.of(
            List.of(),
            List.of(),
            List.of("HIGH", "LOW"),
            List.of("HIGH", "MED", "LOW"),
            List.of("HIGH", "MED HIGH", "MED LOW", "LOW"),
            List.of("HIGH", "MED HIGH", "MED", "MED LOW", "LOW"));

    private static final int NINE = 9;

    private MotorTerminals() {}

    static List<String> of(MotorRating motor) {
        List<String> out = new ArrayList<>();
        if (MotorPair.phaseOf(motor).orElse(1) == 3) {
            int leads = motor.volts().size() > 1 ? NINE : 3;
            for (int i = 1; i <= leads; i++) {
                out.add("T" + i);
            }
        } else {
            List<String> taps = taps(motor);
            out.add(taps.isEmpty() ? LINE_ONE : COMMON);
            out.addAll(taps.isEmpty() ? List.of(LINE_TWO) : taps);
            if (motor.isElectronic()) {
                out.add("24 V COM");
            } else if (wantsCapacitor(motor)) {
                out.add(CAPACITOR);
            }
            if (motor.isReversible()) {
                out.add(REVERSING);
            }
        }
        out.add(GROUND);
        return out;
    }

    /** Its speed taps, fastest first; empty for a single speed. */
    static List<String> taps(MotorRating motor) {
        if (motor.kind().filter(k -> k == MotorRating.Kind.CONSTANT_TORQUE).isPresent()) {
            return List.of("TAP 1", "TAP 2", "TAP 3", "TAP 4", "TAP 5");
        }
        int speeds = motor.speeds().orElse(Math.max(1, motor.rpm().size()));
        return TAPS.get(Math.min(speeds, TAPS.size() - 1));
    }

    static boolean wantsCapacitor(MotorRating motor) {
        boolean isPlain = motor.kind()
                .map(k -> k == MotorRating.Kind.PSC)
                .orElse(MotorPair.phaseOf(motor).orElse(1) == 1);
        return motor.microfarads().isPresent() || isPlain;
    }

    /** The lead of {@code motor} that does what {@code found} did on another; empty where it has none. */
    static String servedBy(String found, MotorRating was, MotorRating motor) {
        List<String> now = of(motor);
        List<String> taps = taps(motor);
        List<String> oldTaps = taps(was);
        if (oldTaps.contains(found) || found.equals(LINE_TWO)) {
            if (taps.isEmpty()) {
                return now.contains(LINE_TWO) ? LINE_TWO : "";
            }
            return taps.contains(found) ? found : taps.get(nearest(oldTaps, found, taps.size()));
        }
        if (found.equals(LINE_ONE) || found.equals(COMMON)) {
            return now.contains(LINE_ONE) ? LINE_ONE : now.contains(COMMON) ? COMMON : "";
        }
        return now.contains(found) ? found : "";
    }

    /** The tap as far down from the fastest. */
    private static int nearest(List<String> oldTaps, String found, int count) {
        int at = oldTaps.indexOf(found);
        return at <= 0 ? 0 : Math.round((float) at * (count - 1) / (oldTaps.size() - 1));
    }
}
