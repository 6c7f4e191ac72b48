package zestbench.core.plate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.quantity.Figures;

/** Proof-reading by arithmetic: the plate's own figures against each other finds a misread digit or a load left out. */
public final class PlateProof {
    /**
     * One check.
     *
     * @param field the figure that is checked
     * @param agrees whether the plate's figures go together
     * @param corrections one-digit misreadings that would make them agree, the likeliest first
     */
    public record Check(String name, String field, boolean agrees, Reckoning reckoning, List<Correction> corrections) {}

    /** A figure read with one digit wrong. */
    public record Correction(String field, double read, double likely, boolean usual) {
        public String text() {
            return Figures.plain(read) + " may be " + Figures.plain(likely);
        }
    }

    private static final double AGREES_WITHIN_AMPS = 0.15;
    private static final double AGREES_WITHIN_SHARE = 0.01;
    private static final double LEAST_LOCKED_SHARE = 3.5;
    private static final double MOST_LOCKED_SHARE = 8;
    /** Digits that are taken for each other. [practice] */
    private static final List<String> USUAL_SWAPS = List.of("17", "71", "38", "83", "56", "65", "08", "80");

    private final Spec plate;
    private final List<Check> checks = new ArrayList<>();

    private PlateProof(Spec plate) {
        this.plate = plate;
    }

    /** Every check that the figures at hand allow. */
    public static List<Check> of(Spec plate) {
        PlateProof proof = new PlateProof(plate);
        proof.minimumCircuit();
        proof.protection();
        proof.lockedRotor();
        return proof.checks;
    }

    private void minimumCircuit() {
        Map<String, Double> motors = motors(plate);
        Optional<Double> printed = plate.number("minimumCircuitAmps");
        if (motors.isEmpty() || printed.isEmpty()) {
            return;
        }
        boolean agrees = agrees(motors, printed.get());
        checks.add(new Check(
                "MCA",
                "minimumCircuitAmps",
                agrees,
                CircuitAmps.ampacityReckoning(List.copyOf(motors.values())),
                agrees ? List.of() : corrections(motors, printed.get())));
    }

    private static boolean agrees(Map<String, Double> motors, double printed) {
        double sum = CircuitAmps.minimumCircuitAmps(List.copyOf(motors.values()));
        return Math.abs(sum - printed) <= Math.max(AGREES_WITHIN_AMPS, AGREES_WITHIN_SHARE * printed);
    }

    private static List<Correction> corrections(Map<String, Double> motors, double printed) {
        List<Correction> out = new ArrayList<>();
        for (Correction other : oneDigitOff("minimumCircuitAmps", printed)) {
            if (agrees(motors, other.likely())) {
                out.add(other);
            }
        }
        motors.forEach((field, amps) -> {
            for (Correction other : oneDigitOff(field, amps)) {
                Map<String, Double> changed = new LinkedHashMap<>(motors);
                changed.put(field, other.likely());
                if (agrees(changed, printed)) {
                    out.add(other);
                }
            }
        });
        out.sort(Comparator.comparing((Correction c) -> !c.usual()));
        return out;
    }

    /** Every figure that differs in one digit. */
    private static List<Correction> oneDigitOff(String field, double value) {
        List<Correction> out = new ArrayList<>();
        String text = Figures.plain(value);
        for (int i = 0; i < text.length(); i++) {
            char read = text.charAt(i);
            for (char digit = '0'; digit <= '9' && read != '.'; digit++) {
                double likely = Double.parseDouble(text.substring(0, i) + digit + text.substring(i + 1));
                if (digit != read && likely > 0) {
                    out.add(new Correction(field, value, likely, USUAL_SWAPS.contains("" + read + digit)));
                }
            }
        }
        return out;
    }

    /** A printed value under the ceiling is legal; above it, or under MCA, is not. [NEC 440.22] */
    private void protection() {
        Map<String, Double> motors = motors(plate);
        if (motors.isEmpty()) {
            return;
        }
        List<Double> amps = List.copyOf(motors.values());
        for (String field : List.of("maximumFuseAmps", "maximumBreakerAmps")) {
            Optional<Double> printed = plate.number(field);
            if (printed.isPresent()) {
                double least = plate.number("minimumCircuitAmps").orElse(CircuitAmps.minimumCircuitAmps(amps));
                boolean agrees =
                        printed.get() <= CircuitAmps.protectionCeiling(amps) && printed.get() >= Math.floor(least);
                checks.add(new Check(
                        field.equals("maximumFuseAmps") ? "Max fuse" : "Max breaker",
                        field,
                        agrees,
                        CircuitAmps.ceilingReckoning(amps),
                        List.of()));
            }
        }
    }

    /** LRA is usually 3.5 to 8 times RLA. [practice] */
    private void lockedRotor() {
        List<Spec> rows = plate.rows("compressors");
        for (int i = 0; i < rows.size(); i++) {
            Optional<Double> rated = rows.get(i).number("ratedLoadAmps").filter(a -> a > 0);
            Optional<Double> locked = rows.get(i).number("lockedRotorAmps");
            if (rated.isPresent() && locked.isPresent()) {
                double share = locked.get() / rated.get();
                checks.add(new Check(
                        "LRA ÷ RLA",
                        "compressors[" + i + "].lockedRotorAmps",
                        share >= LEAST_LOCKED_SHARE && share <= MOST_LOCKED_SHARE,
                        Reckoning.of(
                                Mark.PRACTICE,
                                "{} ÷ {} = {}, usually 3.5 to 8.",
                                locked.get(),
                                rated.get(),
                                Figures.fixed(share, 1)),
                        List.of()));
            }
        }
    }

    /** Amps of every motor, by the field they stand in; a branch-circuit selection current takes RLA's place. */
    private static Map<String, Double> motors(Spec plate) {
        Map<String, Double> out = new LinkedHashMap<>();
        Optional<Double> selection = plate.number("branchCircuitSelectionAmps");
        List<Spec> compressors = plate.rows("compressors");
        for (int i = 0; i < compressors.size(); i++) {
            Optional<Double> rated = i == 0 && selection.isPresent()
                    ? selection
                    : compressors.get(i).number("ratedLoadAmps");
            String field = "compressors[" + i + "].ratedLoadAmps";
            rated.filter(a -> a > 0).ifPresent(a -> out.put(field, a));
        }
        for (String kind : List.of("outdoorFans", "indoorFans")) {
            List<Spec> fans = plate.rows(kind);
            for (int i = 0; i < fans.size(); i++) {
                String field = kind + "[" + i + "].fullLoadAmps";
                fans.get(i).number("fullLoadAmps").filter(a -> a > 0).ifPresent(a -> out.put(field, a));
            }
        }
        return compressors.isEmpty() ? Map.of() : out;
    }
}
