package zestbench.core.motor;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import zestbench.core.circuit.SystemVolts;
import zestbench.core.family.Spec;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;

/**
 * A motor's label as it is meant, gaps left empty.
 *
 * @param volts one row for each winding connection, lowest first
 * @param fullLoadAmps one for each connection or speed, as printed
 * @param rpm highest first
 */
record MotorRating(
        Optional<Kind> kind,
        Optional<Double> horsepower,
        List<List<Double>> volts,
        Optional<Integer> phase,
        List<Double> hertz,
        List<Double> fullLoadAmps,
        List<Double> rpm,
        Optional<Integer> printedPoles,
        Optional<Integer> speeds,
        Optional<String> rotation,
        Optional<String> view,
        Optional<Double> microfarads,
        Optional<Double> capacitorVolts,
        double serviceFactor,
        Spec spec) {
    /** How a motor is made to turn. */
    enum Kind {
        PSC,
        SHADED_POLE,
        SPLIT_PHASE,
        THREE_PHASE,
        CONSTANT_TORQUE,
        CONSTANT_AIRFLOW;

        boolean isElectronic() {
            return this == CONSTANT_TORQUE || this == CONSTANT_AIRFLOW;
        }

        String words() {
            return switch (this) {
                case PSC -> "PSC";
                case SHADED_POLE -> "shaded pole";
                case SPLIT_PHASE -> "split phase";
                case THREE_PHASE -> "three-phase";
                case CONSTANT_TORQUE -> "electronic, constant torque";
                case CONSTANT_AIRFLOW -> "electronic, constant airflow";
            };
        }
    }

    private static final double MOST_POLES = 24;

    /** Empty where a figure cannot be one of a motor. */
    static Optional<MotorRating> known(Spec spec) {
        try {
            return Optional.of(from(spec));
        } catch (InputProblem unclear) {
            return Optional.empty();
        }
    }

    /** Throws where a figure cannot be one of a motor. */
    static MotorRating from(Spec spec) {
        spec.number("horsepower")
                .ifPresent(hp -> InputProblem.require(hp > 0, "horsepower", hp, "give HP above 0, such as 0.25"));
        for (double rpm : spec.numbers("rpm")) {
            InputProblem.require(rpm > 0, "rpm", rpm, "give rpm above 0, such as 1075");
        }
        for (List<Double> group : spec.numberGroups("volts")) {
            for (double volts : group) {
                InputProblem.require(volts > 0, "volts", volts, "give volts above 0, such as 208, 230");
            }
        }
        return new MotorRating(
                kind(spec),
                spec.number("horsepower"),
                connections(spec.numberGroups("volts")),
                whole(spec, "phase", 3),
                spec.numbers("hertz"),
                spec.numbers("fullLoadAmps"),
                spec.numbers("rpm"),
                whole(spec, "poles", MOST_POLES),
                whole(spec, "speeds", MOST_POLES),
                spec.text("rotation"),
                spec.text("rotationView"),
                spec.number("capacitorMicrofarads"),
                spec.number("capacitorVolts"),
                spec.number("serviceFactor").filter(f -> f >= 1).orElse(1.0),
                spec);
    }

    /** As printed; else three phases tell it, or on one phase the capacitor that its label wants. [practice] */
    private static Optional<Kind> kind(Spec spec) {
        Optional<Kind> printed = spec.text("type").map(Kind::valueOf);
        if (printed.isPresent()) {
            return printed;
        }
        if (spec.number("phase").filter(n -> n == 3).isPresent()) {
            return Optional.of(Kind.THREE_PHASE);
        }
        return spec.number("capacitorMicrofarads").isPresent() ? Optional.of(Kind.PSC) : Optional.empty();
    }

    /** Speed taps as printed, else as many as it prints speeds; 1 where it prints neither. */
    int taps() {
        return Math.max(1, Math.max(speeds.orElse(0), rpm.size()));
    }

    boolean isThreePhase() {
        return MotorPair.phaseOf(this).filter(n -> n == 3).isPresent();
    }

    /** A plain list whose values lie far apart names two connections: 230 and 460. */
    private static List<List<Double>> connections(List<List<Double>> given) {
        List<List<Double>> out = new ArrayList<>();
        for (List<Double> group : given) {
            List<Double> near = new ArrayList<>();
            for (double volts : group.stream().sorted().toList()) {
                if (!near.isEmpty() && volts > MotorLimits.SAME_CONNECTION * near.get(near.size() - 1)) {
                    out.add(List.copyOf(near));
                    near.clear();
                }
                near.add(volts);
            }
            out.add(List.copyOf(near));
        }
        return List.copyOf(out);
    }

    private static Optional<Integer> whole(Spec spec, String name, double most) {
        Optional<Double> given = spec.number(name);
        given.ifPresent(n ->
                InputProblem.require(n >= 1 && n <= most && n == Math.floor(n), name, n, "give a whole number from 1"));
        return given.map(Double::intValue);
    }

    boolean isElectronic() {
        return kind.map(Kind::isElectronic).orElse(false);
    }

    /** Printed poles, or those whose synchronous speed lies next above the highest rpm: 120 f ÷ p. [physics] */
    Optional<Integer> poles() {
        if (printedPoles.isPresent() || rpm.isEmpty()) {
            return printedPoles;
        }
        double atMost = 120 * supplyHertz() / rpm.get(0);
        int even = (int) Math.floor(atMost / 2) * 2;
        return even >= 2 ? Optional.of(even) : Optional.empty();
    }

    private double supplyHertz() {
        return hertz.size() == 1 ? hertz.get(0) : SystemVolts.USUAL_HERTZ;
    }

    /** The shaft as measured or printed, else by the frame. */
    Optional<Double> shaftInches() {
        Optional<Double> measured = number("shaftDiameterInches");
        return measured.isPresent()
                ? measured
                : text("frame").flatMap(NemaFrame::of).flatMap(NemaFrame::shaftInches);
    }

    Optional<Double> number(String name) {
        return spec.number(name);
    }

    Optional<String> text(String name) {
        return spec.text(name);
    }

    /** Amps at a winding connection; where the label does not pair them, the most it prints. */
    Optional<Double> amps(int connection) {
        if (fullLoadAmps.size() == volts.size() && connection < fullLoadAmps.size()) {
            return Optional.of(fullLoadAmps.get(connection));
        }
        return fullLoadAmps.stream().max(Double::compare);
    }

    /** Amps at a line and speed: one for each connection, or one for each speed, or the one that is printed. */
    Optional<Double> ratedAmps(Optional<Double> lineVolts, int speed) {
        if (volts.size() == fullLoadAmps.size() && volts.size() > 1) {
            for (int i = 0; i < volts.size(); i++) {
                if (lineVolts.isPresent() && MotorPair.serves(volts.get(i), lineVolts.get())) {
                    return Optional.of(fullLoadAmps.get(i));
                }
            }
            return Optional.empty();
        }
        return fullLoadAmps.isEmpty()
                ? Optional.empty()
                : Optional.of(fullLoadAmps.get(Math.min(Math.max(0, speed), fullLoadAmps.size() - 1)));
    }

    /** CW or CCW as seen from the lead end; empty where that cannot be told. From the other end it is the opposite. */
    Optional<String> leadEndRotation() {
        if (rotation.isEmpty() || view.isEmpty() || rotation.get().equals("REVERSIBLE")) {
            return Optional.empty();
        }
        boolean clockwise = rotation.get().equals("CW") == view.get().equals("LEAD_END");
        return Optional.of(clockwise ? "CW" : "CCW");
    }

    boolean isReversible() {
        return rotation.filter("REVERSIBLE"::equals).isPresent();
    }

    String voltsText() {
        return String.join(
                "/",
                volts.stream()
                        .map(g ->
                                String.join("-", g.stream().map(Figures::plain).toList()))
                        .toList());
    }

    /** In a few signs, such as {@code 1/4 HP 1075 rpm 208-230 V CW lead end}. */
    String shortText() {
        List<String> out = new ArrayList<>();
        horsepower.ifPresent(hp -> out.add(HorsepowerSteps.text(hp) + " HP"));
        if (!rpm.isEmpty()) {
            out.add(Figures.plain(rpm.get(0)) + " rpm");
        }
        if (!volts.isEmpty()) {
            out.add(voltsText() + " V");
        }
        rotation.ifPresent(r -> out.add(rotationText()));
        return String.join(" ", out);
    }

    String rotationText() {
        if (rotation.isEmpty()) {
            return "not on the label";
        }
        if (isReversible()) {
            return "reversible";
        }
        return rotation.get()
                + view.map(v -> v.equals("LEAD_END") ? " lead end" : " shaft end")
                        .orElse(", view not printed");
    }
}
