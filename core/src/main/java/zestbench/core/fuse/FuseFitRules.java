package zestbench.core.fuse;

import static zestbench.core.judgement.Criterion.NOT_ON_LABEL;
import static zestbench.core.judgement.Grade.LIKE_FOR_LIKE;
import static zestbench.core.judgement.Grade.NEEDS_CHANGE;
import static zestbench.core.judgement.Grade.REFUSED;
import static zestbench.core.judgement.Grade.SUITABLE;
import static zestbench.core.judgement.Grade.UNDECIDED;

import java.util.Optional;
import java.util.Set;
import zestbench.core.family.Comparison;
import zestbench.core.family.Spec;
import zestbench.core.family.SpecPair;
import zestbench.core.judgement.Grade;
import zestbench.core.judgement.Mark;
import zestbench.core.quantity.Figures;

/** Whether a fuse sits in the old one's clips and lets no more through: class, body, delay, what it can break. */
final class FuseFitRules {
    private static final Mark WINDOW = Mark.standard("NEC 110.3(B), 440.4(B), 440.22");
    private static final Mark UL = Mark.standard("UL 248");
    private static final Mark AVAILABLE = Mark.standard("NEC 110.9");
    private static final Set<String> REJECTION = Set.of("RK1", "RK5");
    private static final Set<String> OLD_CLIPS = Set.of("H", "K5");

    private FuseFitRules() {}

    static void fuseClass(SpecPair p) {
        Optional<String> old = p.needed.text("fuseClass");
        Optional<String> now = p.offered.text("fuseClass");
        Optional<String> asked = p.circuit.plate().text("shortCircuitFuseClass");
        String wanted = old.orElse(NOT_ON_LABEL)
                + asked.map(c -> ", the plate's class " + c).orElse("");
        String given = now.orElse(NOT_ON_LABEL);
        if (asked.isPresent() && now.isPresent() && !lets(asked.get(), now.get())) {
            p.add(
                    "fuseClass",
                    wanted,
                    given,
                    REFUSED,
                    WINDOW,
                    "the unit's short-circuit rating holds with class {} only",
                    asked.get());
            return;
        }
        if (old.isEmpty() || now.isEmpty()) {
            p.ask("Which class is printed: RK1, RK5, H, K5, J, T, CC?");
            p.add(
                    "fuseClass",
                    wanted,
                    given,
                    UNDECIDED,
                    UL,
                    "the class decides what it lets through and where it fits");
            return;
        }
        String a = old.get();
        String b = now.get();
        boolean isBetter = !a.equals(b) && isAsGood(a, b);
        Grade outcome = a.equals(b) ? LIKE_FOR_LIKE : isBetter ? SUITABLE : REFUSED;
        p.add(
                "fuseClass",
                wanted,
                given,
                outcome,
                UL,
                outcome == LIKE_FOR_LIKE
                        ? "same class"
                        : outcome == SUITABLE ? "lets less through and fits its clips" : why(a, b));
    }

    /** Whether class {@code now} fits the clips of {@code old} and lets no more through. [UL 248] */
    private static boolean isAsGood(String old, String now) {
        return old.equals(now)
                || (old.equals("RK5") && now.equals("RK1"))
                || (OLD_CLIPS.contains(old) && REJECTION.contains(now))
                || (old.equals("H") && now.equals("K5"))
                || (old.equals("M") && now.equals("CC"));
    }

    /** Whether a plate that names class {@code asked} is content with {@code now}. */
    private static boolean lets(String asked, String now) {
        return isAsGood(asked, now) || now.equals("J") || now.equals("T") || now.equals("CC");
    }

    private static String why(String old, String now) {
        if (old.equals("RK1") && now.equals("RK5")) {
            return "RK5 lets more through than RK1";
        }
        return REJECTION.contains(old) && OLD_CLIPS.contains(now)
                ? "rejection clips take only class R"
                : now.equals("M") ? "a midget never replaces CC" : "another class, other clips or more let through";
    }

    static void body(SpecPair p) {
        Optional<Double> oldDiameter = p.needed.number("bodyDiameterInches");
        Optional<Double> diameter = p.offered.number("bodyDiameterInches");
        Optional<Double> oldLength = p.needed.number("bodyLengthInches");
        Optional<Double> length = p.offered.number("bodyLengthInches");
        if (oldDiameter.isPresent() && diameter.isPresent() && oldLength.isPresent() && length.isPresent()) {
            boolean same = Math.abs(oldDiameter.get() - diameter.get()) <= FuseLimits.BODY_WITHIN_INCHES
                    && Math.abs(oldLength.get() - length.get()) <= FuseLimits.BODY_WITHIN_INCHES;
            p.add(
                    "body",
                    Figures.plain(oldDiameter.get()) + " × " + Figures.plain(oldLength.get()) + " in",
                    Figures.plain(diameter.get()) + " × " + Figures.plain(length.get()) + " in",
                    same ? LIKE_FOR_LIKE : REFUSED,
                    UL,
                    same ? "same body" : "it does not sit in these clips");
            return;
        }
        boolean isTold = p.needed.has("fuseClass")
                && p.needed.has("amps")
                && p.needed.has("volts")
                && p.offered.has("fuseClass")
                && p.offered.has("amps")
                && p.offered.has("volts");
        if (isTold) {
            bodyByTable(p);
        }
    }

    /** Another body does not fit; a smaller fuse of the same class and volts fits larger clips with listed reducers. */
    private static void bodyByTable(SpecPair p) {
        String old = p.needed.text("fuseClass").orElse("");
        String now = p.offered.text("fuseClass").orElse("");
        double oldVolts = p.needed.number("volts").orElse(0.0);
        double volts = p.offered.number("volts").orElse(0.0);
        double oldAmps = p.needed.number("amps").orElse(0.0);
        double amps = p.offered.number("amps").orElse(0.0);
        String was = FuseSizes.body(old, oldVolts, oldAmps);
        String is = FuseSizes.body(now, volts, amps);
        boolean same = was.equals(is);
        boolean isSmaller = !same
                && FuseSizes.hasReducers(now)
                && FuseSizes.body(old, oldVolts, amps).equals(is)
                && FuseSizes.group(now, amps) < FuseSizes.group(old, oldAmps);
        if (isSmaller) {
            p.change("Listed fuse reducers for the larger clips.");
        }
        String inches = FuseSizes.inches(now, volts, amps);
        p.add(
                "body",
                was,
                is + (inches.isEmpty() ? "" : " (" + inches + ")"),
                same ? LIKE_FOR_LIKE : isSmaller ? NEEDS_CHANGE : REFUSED,
                UL,
                same
                        ? "same body"
                        : isSmaller
                                ? "a smaller body, only with listed reducers"
                                : "another body does not sit in these clips");
    }

    static void delay(SpecPair p) {
        Optional<Boolean> old = p.needed.flag("timeDelay");
        Optional<Boolean> now = p.offered.flag("timeDelay");
        String wanted = old.map(FuseFitRules::delayed).orElse(NOT_ON_LABEL);
        String given = now.map(FuseFitRules::delayed).orElse(NOT_ON_LABEL);
        if (old.isEmpty() || now.isEmpty()) {
            p.ask("Is it a time-delay fuse? It says so, or dual element.");
            p.add("timeDelay", wanted, given, UNDECIDED, UL, "a motor starts on several times its running amps");
        } else if (old.equals(now)) {
            p.add("timeDelay", wanted, given, LIKE_FOR_LIKE, UL, "same");
        } else if (old.get()) {
            p.add(
                    "timeDelay",
                    wanted,
                    given,
                    REFUSED,
                    UL,
                    "a time delay carries 500 % for 10 s; a fast one opens at the start");
        } else {
            p.ask("Does the unit's plate allow a time-delay fuse?");
            p.add("timeDelay", wanted, given, UNDECIDED, UL, "slower than the old one: only where the plate allows it");
        }
    }

    private static String delayed(boolean isDelayed) {
        return isDelayed ? "time delay" : "fast";
    }

    static void interrupting(SpecPair p) {
        Optional<Double> old = kiloamps(p.needed);
        Optional<Double> now = kiloamps(p.offered);
        Double available = p.circuit.beside().shortCircuitKiloamps();
        if (now.isEmpty() || (old.isEmpty() && available == null)) {
            return;
        }
        double need = Math.max(old.orElse(0.0), available == null ? 0 : available);
        boolean holds = now.get() >= need - Figures.SAME;
        p.add(
                "interruptingKiloamps",
                Figures.plain(need) + " kA",
                Comparison.worded(now, "kA"),
                !holds ? REFUSED : now.equals(old) ? LIKE_FOR_LIKE : SUITABLE,
                available == null ? UL : AVAILABLE,
                holds ? "breaks at least as much" : "it may not break the fault that is there");
    }

    private static Optional<Double> kiloamps(Spec spec) {
        Optional<Double> printed = spec.number("interruptingKiloamps");
        return printed.isPresent() ? printed : spec.text("fuseClass").flatMap(FuseSizes::kiloamps);
    }
}
