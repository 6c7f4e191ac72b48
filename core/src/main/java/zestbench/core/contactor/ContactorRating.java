package zestbench.core.contactor;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import zestbench.core.circuit.SystemVolts;
import zestbench.core.coil.CoilRules;
import zestbench.core.family.Spec;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;

/** A contactor's label as it is meant, gaps left empty. @param rows amps by line volts, lowest volts first */
record ContactorRating(Optional<Integer> poles, boolean hasShunt, List<Double> coilVolts, List<Row> rows, Spec spec) {
    /** Amps it switches at one line voltage. */
    record Row(
            Optional<Double> lineVolts,
            Optional<Double> fullLoad,
            Optional<Double> lockedRotor,
            Optional<Double> resistive) {
        static Row of(Spec spec) {
            return new Row(
                    spec.number("lineVolts"),
                    spec.number("fullLoadAmps"),
                    spec.number("lockedRotorAmps"),
                    spec.number("resistiveAmps"));
        }
    }

    private static final int MOST_POLES = 4;

    /** Throws where a figure cannot be one of a contactor. */
    static ContactorRating from(Spec spec) {
        Optional<Double> poles = spec.number("poles");
        boolean isHalf = poles.filter(p -> p == 1.5).isPresent();
        poles.ifPresent(p -> InputProblem.require(
                p == 1.5 || (p >= 1 && p <= MOST_POLES && p == Math.floor(p)), "poles", p, "give 1 to 4 poles"));
        for (double volts : spec.numbers("coilVolts")) {
            InputProblem.require(volts > 0, "coilVolts", volts, "give the coil's volts, such as 24");
        }
        List<Row> rows = new ArrayList<>();
        spec.rows("ratings").forEach(r -> rows.add(Row.of(r)));
        if (rows.isEmpty()) {
            rows.add(Row.of(spec));
        }
        rows.sort(Comparator.comparingDouble((Row r) -> r.lineVolts().orElse(0.0)));
        return new ContactorRating(
                poles.map(Double::intValue),
                isHalf || spec.flag("shunt").orElse(false),
                spec.numbers("coilVolts"),
                rows,
                spec);
    }

    /** The row made for the system that {@code volts} are of, or above; the only one where volts are not known or printed. */
    Optional<Row> at(Optional<Double> volts) {
        if (volts.isEmpty() || rows.stream().allMatch(r -> r.lineVolts().isEmpty())) {
            return Optional.of(rows.get(0));
        }
        return rows.stream()
                .filter(r -> serves(r.lineVolts().orElse(0.0), volts.get()))
                .findFirst();
    }

    /** Whether a rating at {@code rated} volts is made for a line that reads {@code measured}. */
    static boolean serves(double rated, double measured) {
        return SystemVolts.servedBy(rated) >= SystemVolts.nominal(measured);
    }

    /** Whether the label prints no motor amps and does print resistive ones: it is made for heaters. */
    boolean isForHeat() {
        return rows.stream().allMatch(r -> r.fullLoad().isEmpty())
                && rows.stream().anyMatch(r -> r.resistive().isPresent());
    }

    boolean isPlainSinglePole() {
        return poles.filter(n -> n == 1).isPresent() && !hasShunt;
    }

    /** The most line volts it is made for; empty where that is not printed. */
    Optional<Double> mostVolts() {
        return rows.get(rows.size() - 1).lineVolts();
    }

    String polesText() {
        return poles.map(p -> p + (p == 1 ? " pole" : " poles") + (hasShunt ? " and a shunt" : ""))
                .orElse("poles not read");
    }

    /** In a few signs, such as {@code 2 poles 30 FLA coil 24 V}. */
    String shortText() {
        List<String> out = new ArrayList<>();
        poles.ifPresent(p -> out.add(polesText()));
        rows.get(0).fullLoad().ifPresent(a -> out.add(Figures.plain(a) + " FLA"));
        if (!coilVolts.isEmpty()) {
            out.add("coil " + CoilRules.words(spec));
        }
        return String.join(" ", out);
    }
}
