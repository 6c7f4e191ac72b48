package zestbench.core.plate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import zestbench.core.circuit.CircuitLoads;
import zestbench.core.circuit.CircuitLoads.Load;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.quantity.Figures;

/** Proof-reading by arithmetic: the plate's own figures against each other finds a misread digit or a load left out. */
public final class PlateChecks {
    /**
     * One check.
     *
     * @param field the figure that is checked
     * @param agrees whether the plate's figures go together
     * @param corrections misreadings that would make them agree, of one digit or of two neighbours in the wrong order, the
     *     likeliest first
     * @param leftOut the other explanation, a load that the plate leaves out; empty where that would not explain it
     */
    public record Check(
            String name,
            String field,
            boolean agrees,
            Reckoning reckoning,
            List<Correction> corrections,
            String leftOut) {
        static Check of(String name, String field, boolean agrees, Reckoning reckoning, List<Correction> corrections) {
            return new Check(name, field, agrees, reckoning, agrees ? List.of() : corrections, "");
        }
    }

    /** A figure read with one digit wrong. */
    public record Correction(String field, double read, double likely, boolean usual) {
        public String text() {
            return PlateAttributes.labelOf(field) + " " + Figures.plain(likely) + ", not " + Figures.plain(read);
        }
    }

    private static final double AGREES_WITHIN_AMPS = 0.15;
    private static final double AGREES_WITHIN_SHARE = 0.01;
    private static final double LEAST_LOCKED_SHARE = 3.5;
    private static final double USUAL_LOCKED_SHARE = 6;
    private static final double MOST_LOCKED_SHARE = 8;
    private static final double FAR = 0.15;

    private final Spec plate;
    private final CircuitLoads loads;
    private final List<Check> checks = new ArrayList<>();

    private PlateChecks(Spec plate) {
        this.plate = plate;
        this.loads = CircuitLoads.of(plate);
    }

    /** Every check that the figures at hand allow. */
    public static List<Check> of(Spec plate) {
        PlateChecks proof = new PlateChecks(plate);
        proof.minimumCircuit();
        proof.protection();
        proof.lockedRotor();
        SupplyRangeChecks.voltageRange(plate).ifPresent(proof.checks::add);
        SupplyRangeChecks.capacity(plate).ifPresent(proof.checks::add);
        SupplyRangeChecks.designPressures(plate).ifPresent(proof.checks::add);
        return proof.checks;
    }

    private void minimumCircuit() {
        Optional<Double> printed = plate.number("minimumCircuitAmps");
        if (loads.isEmpty() || printed.isEmpty()) {
            return;
        }
        boolean agrees = agrees(loads, printed.get());
        checks.add(new Check(
                "MCA",
                "minimumCircuitAmps",
                agrees,
                beside(loads.minimumReckoning(), printed.get(), agrees),
                agrees ? List.of() : corrections(printed.get()),
                agrees ? "" : leftOut(printed.get())));
    }

    /** What was reckoned, and beside it what the plate prints where the two differ. */
    private static Reckoning beside(Reckoning reckoned, double printed, boolean agrees) {
        return agrees
                ? reckoned
                : Reckoning.of(reckoned.mark(), "{} The plate prints {} A.", reckoned.text(), Figures.plain(printed));
    }

    /** Within a rounding, or as makers print it: the next whole ampere above. [practice] */
    private static boolean agrees(CircuitLoads loads, double printed) {
        double reckoned = loads.minimumAmps();
        boolean isRoundedUp = printed == Math.ceil(reckoned);
        return isRoundedUp
                || Math.abs(reckoned - printed) <= Math.max(AGREES_WITHIN_AMPS, AGREES_WITHIN_SHARE * printed);
    }

    private List<Correction> corrections(double printed) {
        List<Correction> out = new ArrayList<>(
                Digits.mending("minimumCircuitAmps", printed, loads.minimumAmps(), mca -> agrees(loads, mca)));
        for (Load load : loads.loads()) {
            if (!load.field().equals("heaterKilowatts")) {
                out.addAll(Digits.mending(
                        load.field(),
                        load.amps(),
                        load.amps(),
                        amps -> agrees(loads.with(load.field(), amps), printed)));
            }
        }
        out.sort(Comparator.comparing((Correction c) -> !c.usual()));
        return out;
    }

    /** More printed than summed: what is missing is another motor's amps, or what does not count by 1.25. */
    private String leftOut(double printed) {
        double missing = printed - loads.minimumAmps();
        return missing <= 0
                ? ""
                : "the plate leaves out a load of about " + Figures.fixed(missing, 1)
                        + " A that runs with these: another fan, a blower, a heater";
    }

    /** A printed value under the ceiling is legal; above it, or under MCA, is not. [NEC 440.22, 430.52] */
    private void protection() {
        if (loads.isEmpty()) {
            return;
        }
        double least = plate.number("minimumCircuitAmps").orElse(loads.minimumAmps());
        int ceiling = loads.protectionCeiling();
        for (String field : List.of("maximumFuseAmps", "maximumBreakerAmps")) {
            plate.number(field)
                    .ifPresent(printed -> checks.add(Check.of(
                            field.equals("maximumFuseAmps") ? "Max fuse" : "Max breaker",
                            field,
                            isAllowed(printed, least, ceiling),
                            beside(loads.ceilingReckoning(), printed, isAllowed(printed, least, ceiling)),
                            Digits.mending(
                                    field,
                                    printed,
                                    ceiling,
                                    amps -> CircuitLoads.STANDARD_RATINGS.contains((int) Math.round(amps))
                                            && isAllowed(amps, least, ceiling)))));
        }
    }

    private static boolean isAllowed(double printed, double least, int ceiling) {
        return printed <= ceiling && printed >= Math.floor(least);
    }

    /** LRA is usually 3.5 to 8 times RLA, about six. [practice] */
    private void lockedRotor() {
        List<Spec> rows = plate.rows("compressors");
        for (int i = 0; i < rows.size(); i++) {
            Optional<Double> rated = rows.get(i).number("ratedLoadAmps").filter(a -> a > 0);
            Optional<Double> locked = rows.get(i).number("lockedRotorAmps");
            if (rated.isPresent() && locked.isPresent()) {
                double rla = rated.get();
                String field = "compressors[" + i + "].lockedRotorAmps";
                checks.add(Check.of(
                        "LRA ÷ RLA",
                        field,
                        isUsualLocked(locked.get(), rla),
                        Reckoning.of(
                                Mark.PRACTICE,
                                "{} ÷ {} = {}, usually 3.5 to 8.",
                                locked.get(),
                                rla,
                                Figures.fixed(locked.get() / rla, 1)),
                        isFarOff(locked.get() / rla)
                                ? Digits.mending(
                                        field, locked.get(), USUAL_LOCKED_SHARE * rla, amps -> isUsualLocked(amps, rla))
                                : List.of()));
            }
        }
    }

    /** Just outside the usual is no misreading; far outside it is. */
    private static boolean isFarOff(double ratio) {
        return ratio < LEAST_LOCKED_SHARE * (1 - FAR) || ratio > MOST_LOCKED_SHARE * (1 + FAR);
    }

    private static boolean isUsualLocked(double locked, double rated) {
        return locked / rated >= LEAST_LOCKED_SHARE && locked / rated <= MOST_LOCKED_SHARE;
    }
}
