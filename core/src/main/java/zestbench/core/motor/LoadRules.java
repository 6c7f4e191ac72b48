package zestbench.core.motor;

import static zestbench.core.judgement.Criterion.NOT_ON_LABEL;
import static zestbench.core.judgement.Grade.LIKE_FOR_LIKE;
import static zestbench.core.judgement.Grade.NEEDS_CHANGE;
import static zestbench.core.judgement.Grade.REFUSED;
import static zestbench.core.judgement.Grade.SUITABLE;
import static zestbench.core.judgement.Grade.UNDECIDED;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import zestbench.core.circuit.CircuitLoads;
import zestbench.core.fan.FanLaws;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Grade;
import zestbench.core.judgement.Mark;
import zestbench.core.motor.MotorRating.Kind;
import zestbench.core.quantity.Figures;
import zestbench.core.shop.ShopRules;

/** Whether a motor drives the fan and the circuit carries it: power, speed, amps, taps, capacitor. Each rule looks at one thing. */
final class LoadRules {
    static final List<Consumer<MotorPair>> ALL =
            List.of(LoadRules::power, LoadRules::speed, LoadRules::amps, LoadRules::taps, LoadRules::capacitor);

    private LoadRules() {}

    private static void power(MotorPair p) {
        String wanted = p.needed
                .horsepower()
                .map(hp -> HorsepowerSteps.text(hp) + " HP")
                .orElse(NOT_ON_LABEL);
        String given = p.offered
                .horsepower()
                .map(hp -> HorsepowerSteps.text(hp) + " HP")
                .orElse(NOT_ON_LABEL);
        if (p.needed.horsepower().isEmpty() || p.offered.horsepower().isEmpty()) {
            p.ask("How much power has it, by label?");
            p.add("horsepower", wanted, given, UNDECIDED, Mark.PRACTICE, "the power has to be known");
            return;
        }
        double old = p.needed.horsepower().get();
        double now = p.offered.horsepower().get();
        double oldServed = old * p.needed.serviceFactor();
        double nowServed = now * p.offered.serviceFactor();
        double steps = HorsepowerSteps.stepsUp(old, now);
        boolean belt = p.needed.text("drive").filter("BELT"::equals).isPresent();
        if (steps < 0) {
            p.add("horsepower", wanted, given, REFUSED, Mark.PRACTICE, "never less power");
        } else if (nowServed < oldServed * (1 - Figures.SAME)) {
            p.add(
                    "horsepower",
                    wanted,
                    given,
                    REFUSED,
                    Mark.PRACTICE,
                    "power × service factor falls from {} to {} HP",
                    Figures.fixed(oldServed, 2),
                    Figures.fixed(nowServed, 2));
        } else if (steps != 0 && isProgrammed(p)) {
            p.add(
                    "horsepower",
                    wanted,
                    given,
                    REFUSED,
                    Mark.PRACTICE,
                    "a programmed motor blows more air with more power: equal power only");
        } else if (steps == 0) {
            p.add("horsepower", wanted, given, LIKE_FOR_LIKE, Mark.PRACTICE, "same power");
        } else if (steps > 1 && !belt) {
            p.add(
                    "horsepower",
                    wanted,
                    given,
                    REFUSED,
                    Mark.PRACTICE,
                    "two steps up or more is too much for a direct-drive fan");
        } else if (p.rules.motorPowerStep() == ShopRules.PowerStep.SAME) {
            p.add("horsepower", wanted, given, REFUSED, Mark.PRACTICE, "the shop takes the same power only");
        } else {
            p.add(
                    "horsepower",
                    wanted,
                    given,
                    SUITABLE,
                    Mark.PRACTICE,
                    "one step up: the fan takes no more than it did");
        }
    }

    private static boolean isProgrammed(MotorPair p) {
        return p.needed.isElectronic() && p.offered.isElectronic();
    }

    private static void speed(MotorPair p) {
        if (p.needed.isElectronic() && p.offered.isElectronic()) {
            return;
        }
        Optional<Integer> old = p.needed.poles();
        Optional<Integer> now = p.offered.poles();
        String wanted = speedText(p.needed, old);
        String given = speedText(p.offered, now);
        if (old.isEmpty() || now.isEmpty()) {
            p.ask("Which rpm is printed?");
            p.add("rpm", wanted, given, UNDECIDED, Mark.PRACTICE, "the poles follow from the rpm");
            return;
        }
        if (p.needed.rpm().isEmpty() || p.offered.rpm().isEmpty()) {
            boolean same = old.equals(now);
            p.ask("Which rpm is printed?");
            p.add(
                    "rpm",
                    wanted,
                    given,
                    same ? SUITABLE : REFUSED,
                    Mark.PHYSICS,
                    same ? "same poles" : "other poles, another speed");
            return;
        }
        double ratio = p.offered.rpm().get(0) / p.needed.rpm().get(0);
        String power = Figures.fixed(ratio * ratio * ratio, 2);
        if (!old.equals(now)) {
            p.add(
                    "rpm",
                    wanted,
                    given,
                    REFUSED,
                    FanLaws.MARK,
                    "other poles: ({} ÷ {})³ = {} times the power",
                    p.offered.rpm().get(0),
                    p.needed.rpm().get(0),
                    power);
        } else if (Math.abs(ratio - 1) > MotorLimits.RPM_WITHIN) {
            p.add(
                    "rpm",
                    wanted,
                    given,
                    REFUSED,
                    FanLaws.MARK,
                    "{} % off the speed: ({} ÷ {})³ = {} times the power",
                    Figures.fixed(100 * (ratio - 1), 0),
                    p.offered.rpm().get(0),
                    p.needed.rpm().get(0),
                    power);
        } else {
            boolean same = Math.abs(ratio - 1) <= MotorLimits.RPM_SAME;
            p.add(
                    "rpm",
                    wanted,
                    given,
                    same ? LIKE_FOR_LIKE : SUITABLE,
                    FanLaws.MARK,
                    same ? "same poles and speed" : "same poles, within 5 %: {} times the power",
                    power);
        }
    }

    private static String speedText(MotorRating motor, Optional<Integer> poles) {
        if (motor.rpm().isEmpty()) {
            return poles.map(n -> n + " poles").orElse(NOT_ON_LABEL);
        }
        return Figures.plain(motor.rpm().get(0)) + " rpm"
                + poles.map(n -> ", " + n + " poles").orElse("");
    }

    private static void amps(MotorPair p) {
        Optional<Double> old = p.needed.amps(Math.max(0, p.connection(p.needed)));
        Optional<Double> now = p.offered.amps(Math.max(0, p.connection(p.offered)));
        String wanted = MotorPair.worded(old, "A");
        String given = MotorPair.worded(now, "A");
        if (old.isEmpty() || now.isEmpty()) {
            p.ask("Which full-load amps are printed?");
            p.add(
                    "fullLoadAmps",
                    wanted,
                    given,
                    UNDECIDED,
                    Mark.PRACTICE,
                    "contactor, fuse and wire follow from the amps");
            return;
        }
        plausible(p, now.get());
        double ratio = now.get() / old.get();
        if (ratio <= 1 + Figures.SAME) {
            p.add("fullLoadAmps", wanted, given, LIKE_FOR_LIKE, Mark.PRACTICE, "no more than the old motor");
            return;
        }
        if (ratio <= MotorLimits.AMPS_WITHIN + Figures.SAME) {
            p.ask(changed(p, old.get(), now.get())
                    .map(loads -> carried(p, loads))
                    .orElse("Do contactor, fuse and overload carry " + given + "?"));
            p.add("fullLoadAmps", wanted, given, SUITABLE, Mark.PRACTICE, "to 10 % above the old motor");
            return;
        }
        double power =
                p.needed.horsepower().isPresent() && p.offered.horsepower().isPresent()
                        ? p.offered.horsepower().get() / p.needed.horsepower().get()
                        : 1;
        double most = old.get() * power * MotorLimits.AMPS_WITH_POWER;
        if (now.get() > most + Figures.SAME) {
            p.add(
                    "fullLoadAmps",
                    wanted,
                    given,
                    REFUSED,
                    Mark.PRACTICE,
                    "more than {} × {} × 1.15 = {} A",
                    old.get(),
                    Figures.fixed(power, 2),
                    Figures.fixed(most, 2));
        } else {
            recheck(p, old.get(), now.get(), wanted, given);
        }
    }

    /** What the label says is held against the code's table; a finding, never a refusal. */
    private static void plausible(MotorPair p, double amps) {
        int at = Math.max(0, p.connection(p.offered));
        boolean runsHigher = p.offered.isElectronic()
                || p.offered.poles().orElse(0) >= 8
                || p.offered.speeds().orElse(1) > 1;
        if (runsHigher || p.offered.horsepower().isEmpty() || p.offered.volts().isEmpty()) {
            return;
        }
        double volts = p.offered.volts().get(at).stream().max(Double::compare).orElse(0.0);
        FullLoadCurrents.of(
                        p.offered.horsepower().get(),
                        MotorPair.phaseOf(p.offered).orElse(1),
                        volts)
                .filter(table -> amps > table)
                .ifPresent(table -> p.finding(Finding.info(
                        "{}: {} A is above the {} A of the code's table for {} HP at {} V. Read the label again.",
                        p.offered.shortText(),
                        amps,
                        Figures.fixed(table, 1),
                        HorsepowerSteps.text(p.offered.horsepower().get()),
                        volts)));
    }

    /** The unit's circuit with the new motor in the old one's place. [NEC 440.33] */
    private static void recheck(MotorPair p, double old, double now, String wanted, String given) {
        Optional<CircuitLoads> changed = changed(p, old, now);
        Optional<Double> printed = p.circuit.plate().number("minimumCircuitAmps");
        if (changed.isEmpty() || printed.isEmpty()) {
            p.ask("Read the unit's plate: its MCA has to hold with the new motor.");
            p.add(
                    "fullLoadAmps",
                    wanted,
                    given,
                    UNDECIDED,
                    Mark.standard("NEC 440.33"),
                    "more than 10 % above: the circuit has to be reckoned with the unit's plate");
            return;
        }
        CircuitLoads loads = changed.get();
        boolean holds = loads.minimumAmps() <= printed.get() + MotorLimits.MCA_WITHIN_AMPS;
        if (holds) {
            p.ask(carried(p, loads));
        }
        p.add(
                "fullLoadAmps",
                wanted,
                given,
                holds ? SUITABLE : REFUSED,
                Mark.standard("NEC 440.33"),
                "the circuit with it: {} The plate prints MCA {} A.",
                loads.minimumReckoning().text(),
                printed.get());
    }

    /** The loads of the unit with the new motor in the old one's place; empty where the plate has no such motor. */
    private static Optional<CircuitLoads> changed(MotorPair p, double old, double now) {
        CircuitLoads loads = CircuitLoads.of(p.circuit.plate());
        return loads.loads().stream()
                .filter(l -> l.kind() == CircuitLoads.Kind.OUTDOOR_FAN || l.kind() == CircuitLoads.Kind.BLOWER)
                .filter(l -> Math.abs(l.amps() - old) <= MotorLimits.AMPS_WITHIN * old - old)
                .findFirst()
                .map(load -> loads.with(load.field(), now));
    }

    /** What contactor and fuse then carry, for a look at both. */
    private static String carried(MotorPair p, CircuitLoads loads) {
        String fuse = p.circuit
                .plate()
                .number("maximumFuseAmps")
                .map(f -> "; fuse by the plate " + Figures.plain(f) + " A at the most")
                .orElse("");
        return "Is the contactor made for " + Figures.plain(loads.switchedAmps()) + " A? With it the circuit's MCA is "
                + Figures.plain(Figures.tidy(Math.round(loads.minimumAmps() * 100) / 100.0)) + " A" + fuse + ".";
    }

    /** At least as many taps as are used; where that is not known on a motor of several speeds it is asked. */
    private static void taps(MotorPair p) {
        if (p.offered.isElectronic()) {
            return;
        }
        int old = p.needed.taps();
        int speeds = p.offered.taps();
        Integer used = p.circuit.usedTaps();
        if (used == null && old > 1) {
            boolean isFewer = speeds < old;
            p.ask("How many of the " + old + " speeds does the unit use?");
            p.add(
                    "speeds",
                    old + " on the old one, not known how many are used",
                    String.valueOf(speeds),
                    isFewer ? UNDECIDED : speeds == old ? LIKE_FOR_LIKE : SUITABLE,
                    Mark.PRACTICE,
                    isFewer ? "as many taps as are used" : "not fewer than the old one's");
        } else if (used != null && speeds < used) {
            p.add("speeds", used + " used", String.valueOf(speeds), REFUSED, Mark.PRACTICE, "fewer taps than are used");
        } else if (old > 1 || speeds > 1) {
            p.add(
                    "speeds",
                    (used == null ? "1" : String.valueOf(used)) + " used",
                    String.valueOf(speeds),
                    old == speeds ? LIKE_FOR_LIKE : SUITABLE,
                    Mark.PRACTICE,
                    "the used tap by this motor's own label; lead colours are no code");
        }
        if (speeds > (used == null ? 1 : used)) {
            p.change("Unused taps are live: insulate them one by one, never joined.");
        }
    }

    private static void capacitor(MotorPair p) {
        boolean wantsOne = p.offered.kind().filter(k -> k == Kind.PSC).isPresent();
        Optional<Double> old = p.needed.microfarads();
        Optional<Double> now = p.offered.microfarads();
        if (!wantsOne && now.isEmpty()) {
            return;
        }
        String wanted = capacitorText(p.needed);
        String given = capacitorText(p.offered);
        if (now.isEmpty()) {
            p.ask("Which capacitor does the new motor's label want?");
            p.add(
                    "capacitorMicrofarads",
                    wanted,
                    given,
                    UNDECIDED,
                    Mark.PRACTICE,
                    "a PSC motor goes with the capacitor its label names");
            return;
        }
        boolean sameValue = old.isPresent() && Math.abs(old.get() - now.get()) < Figures.SAME;
        if (p.offered.capacitorVolts().isEmpty() && !sameVolts(p)) {
            p.ask("Which volts does the new motor's label want of its capacitor?");
        }
        boolean enoughVolts = p.offered.capacitorVolts().isEmpty()
                || p.needed
                        .capacitorVolts()
                        .filter(v -> v >= p.offered.capacitorVolts().get())
                        .isPresent();
        if (sameValue && enoughVolts) {
            if (p.rules.newCapacitorWithMotor()) {
                p.change("Capacitor new with the motor: " + given + ".");
            }
            p.add("capacitorMicrofarads", wanted, given, LIKE_FOR_LIKE, Mark.PRACTICE, "the same capacitor");
            return;
        }
        Grade outcome = NEEDS_CHANGE;
        p.change("Capacitor for this motor: " + given
                + ". Its half of a dual goes unused, or the dual is split into two singles.");
        p.add("capacitorMicrofarads", wanted, given, outcome, Mark.PRACTICE, "another motor, another capacitor");
    }

    private static boolean sameVolts(MotorPair p) {
        return p.needed.capacitorVolts().equals(p.offered.capacitorVolts());
    }

    static String capacitorText(MotorRating motor) {
        return motor.microfarads()
                .map(c -> Figures.plain(c) + " µF"
                        + motor.capacitorVolts()
                                .map(v -> " " + Figures.plain(v) + " V")
                                .orElse(""))
                .orElse(NOT_ON_LABEL);
    }
}
