package zestbench.core.contactor;

import static zestbench.core.judgement.Criterion.NOT_ON_LABEL;
import static zestbench.core.judgement.Grade.LIKE_FOR_LIKE;
import static zestbench.core.judgement.Grade.NEEDS_CHANGE;
import static zestbench.core.judgement.Grade.REFUSED;
import static zestbench.core.judgement.Grade.SUITABLE;
import static zestbench.core.judgement.Grade.UNDECIDED;

import java.util.Optional;
import zestbench.core.contactor.ContactorRating.Row;
import zestbench.core.family.Comparison;
import zestbench.core.family.MatchRequest.Switches;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Mark;
import zestbench.core.quantity.Figures;

/** Whether a contactor carries what it switches: motors by FLA and LRA, heat by its resistive amps, all of it at the line's volts. */
final class ContactorLoadRules {
    private static final Mark LOADS = Mark.fromMemory("NEC 440.41(B), 440.12(B)");

    private ContactorLoadRules() {}

    static void load(ContactorPair p) {
        boolean isHeat = p.circuit.role().switches() == Switches.HEAT || p.needed.isForHeat();
        if (isHeat) {
            return;
        }
        Optional<Double> volts = p.lineVolts();
        Optional<Double> old = p.needed.at(volts).flatMap(Row::fullLoad);
        Optional<Double> now = p.offered.at(volts).flatMap(Row::fullLoad);
        Optional<Double> load = p.switched.least();
        String given = Comparison.worded(now, "A");
        String wanted = load.map(l -> Figures.plain(l) + " A switched").orElse(Comparison.worded(old, "A"));
        if (load.isEmpty()) {
            p.ask("Read the unit's plate: the contactor is chosen by what it switches.");
        }
        if (now.isEmpty() || (load.isEmpty() && old.isEmpty())) {
            boolean isTooHigh = p.offered.at(volts).isEmpty();
            p.ask("Which full-load amps are printed, and at which line volts?");
            p.add(
                    "fullLoadAmps",
                    wanted,
                    given,
                    isTooHigh ? REFUSED : UNDECIDED,
                    LOADS,
                    isTooHigh
                            ? "it has no row of ratings for these line volts"
                            : "FLA counts for motors; resistive amps never stand for it");
            return;
        }
        double need = load.orElse(0.0);
        if (load.isPresent() && now.get() < need - Figures.SAME) {
            p.add("fullLoadAmps", wanted, given, REFUSED, LOADS, "it switches {}", p.switched.words());
        } else if (p.switched.isOpen() && now.get() < p.switched.most().orElse(need) - Figures.SAME) {
            p.ask("Which compressor does it switch? The unit has several.");
            p.add(
                    "fullLoadAmps",
                    wanted,
                    given,
                    UNDECIDED,
                    LOADS,
                    "enough for the largest compressor with its fan, {}; not for all of them, {} A",
                    p.switched.words(),
                    p.switched.most().orElse(need));
        } else if (old.isPresent() && now.get() < old.get() - Figures.SAME) {
            smaller(p, wanted, given, old.get());
        } else {
            boolean same = old.isPresent() && Math.abs(now.get() - old.get()) < Figures.SAME;
            p.add(
                    "fullLoadAmps",
                    wanted,
                    given,
                    same ? LIKE_FOR_LIKE : SUITABLE,
                    LOADS,
                    load.isPresent() ? "enough for {}" : "not less than the old one{}",
                    load.isPresent() ? p.switched.words() : "");
        }
    }

    /** Less than the old one: only where the plate's loads are known and it carries them. */
    private static void smaller(ContactorPair p, String wanted, String given, double old) {
        if (p.switched.least().isEmpty()) {
            p.add("fullLoadAmps", wanted, given, REFUSED, LOADS, "less than the old one's {} A", old);
            return;
        }
        p.finding(Finding.caution(
                        "The old contactor is made for {} A, the plate's loads come to {} A. An earlier repair may have fitted a larger one.",
                        old,
                        p.switched.least().get())
                .of(Finding.Kind.WITNESSES_DISAGREE));
        p.change("Smaller than the old one: see that nothing else hangs on it.");
        p.add(
                "fullLoadAmps",
                wanted,
                given,
                NEEDS_CHANGE,
                LOADS,
                "smaller than the old one, enough for {}",
                p.switched.words());
    }

    static void lockedRotor(ContactorPair p) {
        Optional<Double> volts = p.lineVolts();
        Optional<Double> sum = p.switched.lockedRotor();
        Optional<Double> old = p.needed.at(volts).flatMap(Row::lockedRotor);
        Optional<Double> now = p.offered.at(volts).flatMap(Row::lockedRotor);
        if (sum.isEmpty() && old.isEmpty()) {
            return;
        }
        double need = sum.orElseGet(old::get);
        String wanted = Figures.plain(Figures.tidy(need)) + " A";
        if (now.isEmpty()) {
            p.silent(
                    "lockedRotorAmps",
                    wanted,
                    NOT_ON_LABEL,
                    "Which LRA is printed? It has to carry " + wanted + " for a moment.");
            return;
        }
        boolean holds = now.get() >= need - Figures.SAME;
        p.add(
                "lockedRotorAmps",
                wanted,
                Comparison.worded(now, "A"),
                holds ? now.equals(old) ? LIKE_FOR_LIKE : SUITABLE : REFUSED,
                LOADS,
                sum.isPresent() ? "compressor LRA and fans at 6 × FLA come to {} A" : "the old one's {} A",
                Figures.plain(Figures.tidy(need)));
    }

    /** What it may switch beside motors goes by the resistive rating: electric heat above all. */
    static void resistive(ContactorPair p) {
        Optional<Double> volts = p.lineVolts();
        Optional<Double> old = p.needed.at(volts).flatMap(Row::resistive);
        Optional<Double> now = p.offered.at(volts).flatMap(Row::resistive);
        boolean isHeat = p.circuit.role().switches() == Switches.HEAT || p.needed.isForHeat();
        double heater = p.switched.heater();
        if (!isHeat && old.isEmpty()) {
            return;
        }
        double need = isHeat ? Math.max(old.orElse(0.0), heater) : old.orElse(0.0);
        String wanted = Figures.fixed(need, 1) + " A";
        String given = Comparison.worded(now, "A");
        if (isHeat) {
            if (now.isEmpty()) {
                p.ask("Which resistive amps are printed?");
            }
            boolean same = now.isPresent() && now.equals(old);
            p.add(
                    "resistiveAmps",
                    wanted,
                    given,
                    now.isEmpty() || need == 0
                            ? UNDECIDED
                            : now.get() < need - Figures.SAME ? REFUSED : same ? LIKE_FOR_LIKE : SUITABLE,
                    Mark.PRACTICE,
                    heater > 0 ? "the plate's heater takes {} A" : "heaters go by the resistive amps",
                    Figures.fixed(heater, 1));
        } else if (now.isEmpty()) {
            p.silent(
                    "resistiveAmps",
                    wanted,
                    given,
                    "Which resistive amps are printed? The old one has " + wanted + ".");
        } else if (now.get() < need - Figures.SAME) {
            boolean isMotorOnly = p.circuit.role().switches() == Switches.COMPRESSOR
                    || p.circuit.role().switches() == Switches.FAN;
            boolean isBelowHeat = heater > 0 && now.get() < heater - Figures.SAME;
            if (!isMotorOnly && !isBelowHeat) {
                p.ask("Does it switch electric heat? Its resistive amps are fewer than the old one's.");
            }
            p.add(
                    "resistiveAmps",
                    wanted,
                    given,
                    isMotorOnly ? SUITABLE : isBelowHeat ? REFUSED : UNDECIDED,
                    Mark.PRACTICE,
                    isMotorOnly
                            ? "it switches motors alone: their FLA decides"
                            : isBelowHeat
                                    ? "the plate's heater takes {} A"
                                    : "fewer than the old one's: heat would burn it",
                    Figures.fixed(heater, 1));
        } else {
            p.add(
                    "resistiveAmps",
                    wanted,
                    given,
                    now.equals(old) ? LIKE_FOR_LIKE : SUITABLE,
                    Mark.PRACTICE,
                    "not fewer than the old one's");
        }
    }

    static void volts(ContactorPair p) {
        Optional<Double> line = p.lineVolts();
        Optional<Double> most = p.offered.mostVolts();
        if (line.isEmpty() || most.isEmpty()) {
            return;
        }
        boolean holds = ContactorRating.serves(most.get(), line.get());
        p.add(
                "lineVolts",
                Comparison.worded(line, "V"),
                Comparison.worded(most, "V"),
                !holds ? REFUSED : p.offered.mostVolts().equals(p.needed.mostVolts()) ? LIKE_FOR_LIKE : SUITABLE,
                Mark.PRACTICE,
                holds ? "made for the line" : "the line is above what its contacts break");
    }
}
