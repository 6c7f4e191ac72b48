package zestbench.core.motor;

import static zestbench.core.judgement.Criterion.NOT_ON_LABEL;
import static zestbench.core.judgement.Grade.LIKE_FOR_LIKE;
import static zestbench.core.judgement.Grade.NEEDS_CHANGE;
import static zestbench.core.judgement.Grade.REFUSED;
import static zestbench.core.judgement.Grade.STOPGAP;
import static zestbench.core.judgement.Grade.SUITABLE;
import static zestbench.core.judgement.Grade.UNDECIDED;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import zestbench.core.fan.FanLaws;
import zestbench.core.judgement.Mark;
import zestbench.core.motor.MotorRating.Kind;
import zestbench.core.quantity.Figures;

/** Whether a motor turns on what the line gives: kind, phase, volts, frequency. Each rule looks at one thing. */
final class SupplyRules {
    static final List<Consumer<MotorPair>> ALL =
            List.of(SupplyRules::kind, SupplyRules::phase, SupplyRules::volts, SupplyRules::hertz);

    private SupplyRules() {}

    private static void kind(MotorPair p) {
        Optional<Kind> old = p.needed.kind();
        Optional<Kind> now = p.offered.kind();
        String wanted = old.map(Kind::words).orElse(NOT_ON_LABEL);
        String given = now.map(Kind::words).orElse(NOT_ON_LABEL);
        if (old.isEmpty() || now.isEmpty()) {
            p.ask("Which kind of motor is it: with a capacitor, shaded pole, or electronic with a plug?");
            p.add("type", wanted, given, UNDECIDED, Mark.PRACTICE, "the kind has to be known on both");
        } else if (old.get() == Kind.CONSTANT_AIRFLOW && now.get() == Kind.CONSTANT_AIRFLOW) {
            p.ask("Are the part numbers equal? The module is programmed for its unit.");
            p.add(
                    "type",
                    wanted,
                    given,
                    UNDECIDED,
                    Mark.PRACTICE,
                    "its module is programmed: only the same part number will do");
        } else if (old.get() == Kind.CONSTANT_TORQUE && now.get() == Kind.CONSTANT_TORQUE) {
            p.ask("Which tap was used, and is its programme the same?");
            p.change("Line volts stay on line; 24 V goes on one tap, never line volts.");
            p.add(
                    "type",
                    wanted,
                    given,
                    NEEDS_CHANGE,
                    Mark.PRACTICE,
                    "taps are programmed: set the tap for this motor");
        } else if (old.get() == now.get()) {
            p.add("type", wanted, given, LIKE_FOR_LIKE, Mark.PRACTICE, "same kind");
        } else if (p.needed.isElectronic() || p.offered.isElectronic()) {
            p.add(
                    "type",
                    wanted,
                    given,
                    REFUSED,
                    Mark.PRACTICE,
                    "electronic and plain motors do not stand in for each other unless a kit's own sheet names the unit");
        } else if (old.get() == Kind.SHADED_POLE && now.get() == Kind.PSC) {
            p.change("A PSC motor needs its capacitor beside it.");
            p.add(
                    "type",
                    wanted,
                    given,
                    NEEDS_CHANGE,
                    Mark.PRACTICE,
                    "PSC for shaded pole draws less and wants a capacitor");
        } else {
            p.add("type", wanted, given, REFUSED, Mark.PRACTICE, "{} does not stand in for {}", given, wanted);
        }
    }

    private static void phase(MotorPair p) {
        Optional<Integer> supply = p.phase();
        Optional<Integer> given = MotorPair.phaseOf(p.offered);
        String wanted = supply.map(String::valueOf).orElse(NOT_ON_LABEL);
        String offered = given.map(String::valueOf).orElse(NOT_ON_LABEL);
        if (supply.isEmpty() || given.isEmpty()) {
            p.ask("One phase or three?");
            p.add("phase", wanted, offered, UNDECIDED, Mark.PRACTICE, "the phase has to be known");
        } else {
            boolean same = supply.get().equals(given.get());
            p.add(
                    "phase",
                    wanted,
                    offered,
                    same ? LIKE_FOR_LIKE : REFUSED,
                    Mark.PRACTICE,
                    same ? "same phase" : "a motor turns on its own phases only");
        }
    }

    private static void volts(MotorPair p) {
        Double line = p.lineVolts();
        String wanted = line != null
                ? Figures.plain(line) + " V measured"
                : p.needed.volts().isEmpty() ? NOT_ON_LABEL : p.needed.voltsText() + " V";
        String given = p.offered.volts().isEmpty() ? NOT_ON_LABEL : p.offered.voltsText() + " V";
        if (p.offered.volts().isEmpty() || (line == null && p.needed.volts().isEmpty())) {
            p.ask("Read the volts at the motor's disconnect and on both labels.");
            p.add("volts", wanted, given, UNDECIDED, Mark.PRACTICE, "the volts have to be known");
        } else if (line != null) {
            voltsMeasured(p, line, wanted, given);
        } else {
            voltsByLabel(p, wanted, given);
        }
    }

    private static void voltsMeasured(MotorPair p, double line, String wanted, String given) {
        int at = p.connection(p.offered);
        if (at < 0) {
            p.add("volts", wanted, given, REFUSED, Mark.PRACTICE, "{} V is more than 10 % off every value named", line);
            return;
        }
        List<Double> named = p.offered.volts().get(at);
        boolean names208 = named.stream().anyMatch(v -> v == 208 || v == 200);
        if (line < MotorLimits.SYSTEM_208_TO_VOLTS && line > 180 && !names208) {
            if (p.offered.volts().size() > 1) {
                connect(p, at);
            }
            p.ask("Is the shop content with a 230 V motor on 208 V until the proper one is here?");
            p.add(
                    "volts",
                    wanted,
                    given,
                    STOPGAP,
                    Mark.fromMemory("NEMA MG 1, 14.35"),
                    "a motor for 230 V alone runs hot on a 208 V system");
        } else if (p.offered.volts().size() > 1) {
            connect(p, at);
            p.add(
                    "volts",
                    wanted,
                    given,
                    NEEDS_CHANGE,
                    Mark.PRACTICE,
                    "two windings: connected for {} V; low on high destroys it",
                    joined(named));
        } else {
            boolean same = p.needed.volts().equals(p.offered.volts());
            p.add(
                    "volts",
                    wanted,
                    given,
                    same ? LIKE_FOR_LIKE : SUITABLE,
                    Mark.PRACTICE,
                    "{} V is within 10 % of a value named",
                    line);
        }
    }

    private static void connect(MotorPair p, int at) {
        String which = at == 0 ? "low" : "high";
        p.change("Connect for " + which + ", " + joined(p.offered.volts().get(at)) + " V, by this motor's own table.");
    }

    private static String joined(List<Double> volts) {
        return String.join("-", volts.stream().map(Figures::plain).toList());
    }

    private static void voltsByLabel(MotorPair p, String wanted, String given) {
        if (p.needed.volts().equals(p.offered.volts())) {
            boolean dual = p.offered.volts().size() > 1;
            if (dual) {
                p.change("Connect for low or high as the line measures, by this motor's own table.");
            }
            p.add(
                    "volts",
                    wanted,
                    given,
                    dual ? NEEDS_CHANGE : LIKE_FOR_LIKE,
                    Mark.PRACTICE,
                    dual ? "two windings: connected as the line measures" : "same volts");
            return;
        }
        List<Double> old = p.needed.volts().get(0);
        boolean single = p.needed.volts().size() == 1;
        boolean all =
                single && old.stream().allMatch(v -> p.offered.volts().stream().anyMatch(g -> MotorPair.serves(g, v)));
        boolean any = p.needed.volts().stream()
                .flatMap(List::stream)
                .anyMatch(v -> p.offered.volts().stream().anyMatch(g -> MotorPair.serves(g, v)));
        boolean lacks208 = old.contains(208.0)
                && p.offered.volts().stream().flatMap(List::stream).noneMatch(v -> v == 208 || v == 200);
        if (!any) {
            p.add("volts", wanted, given, REFUSED, Mark.PRACTICE, "no value named is within 10 % of another");
        } else if (!all || lacks208) {
            p.ask("Read the line volts: they decide.");
            p.add("volts", wanted, given, UNDECIDED, Mark.PRACTICE, "it serves some of these volts, not all");
        } else if (p.offered.volts().size() > 1) {
            p.change("Connect for the line's volts, by this motor's own table.");
            p.add("volts", wanted, given, NEEDS_CHANGE, Mark.PRACTICE, "two windings: connected for the line");
        } else {
            p.add("volts", wanted, given, SUITABLE, Mark.PRACTICE, "it names volts within 10 % of every one wanted");
        }
    }

    private static void hertz(MotorPair p) {
        double supply = p.hertz();
        List<Double> named = p.offered.hertz();
        String wanted = Figures.plain(supply) + " Hz";
        String given = named.isEmpty()
                ? NOT_ON_LABEL
                : String.join("/", named.stream().map(Figures::plain).toList()) + " Hz";
        if (named.isEmpty()) {
            boolean usual = supply == 60;
            p.ask("Does its label name " + wanted + "?");
            p.add(
                    "hertz",
                    wanted,
                    given,
                    usual ? p.needed.hertz().isEmpty() ? LIKE_FOR_LIKE : SUITABLE : UNDECIDED,
                    Mark.PRACTICE,
                    usual
                            ? "60 Hz is usual where none is printed"
                            : "a motor without a printed frequency is made for 60 Hz");
        } else if (named.contains(supply)) {
            p.add("hertz", wanted, given, LIKE_FOR_LIKE, Mark.PRACTICE, "same frequency");
        } else {
            p.add(
                    "hertz",
                    wanted,
                    given,
                    REFUSED,
                    supply < named.get(0) ? Mark.PHYSICS : FanLaws.MARK,
                    supply < named.get(0)
                            ? "a 60 Hz motor is overfluxed on 50 Hz"
                            : "on 60 Hz it turns 1.2 times as fast: the fan wants 1.2³ = 1.73 times the power");
        }
    }
}
