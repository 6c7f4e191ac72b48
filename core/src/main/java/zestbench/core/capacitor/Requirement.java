package zestbench.core.capacitor;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import zestbench.core.capacitor.CapacitorRating.Duty;
import zestbench.core.capacitor.CapacitorRating.Section;
import zestbench.core.capacitor.CapacitorRating.Terminal;
import zestbench.core.circuit.SystemVolts;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.MatchRequest.Source;
import zestbench.core.family.MatchRequest.Witness;
import zestbench.core.family.Sections;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Finding;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Letters;
import zestbench.core.value.Value;

/**
 * What the circuit needs of a capacitor, from its witnesses: the driven motor's own label, then the unit's diagram or
 * plate, then the old capacitor. Where they disagree the better witness stands and the disagreement is a finding.
 *
 * @param hertz frequencies the capacitor has to stand; empty where unknown
 * @param slots the terminals to serve: HERM and FAN of a dual, or the one of a single (null)
 */
record Requirement(CapacitorRating rating, List<Double> hertz, List<Finding> findings, List<@Nullable Terminal> slots) {
    private static final int MOST_SECTIONS = 2;

    Requirement(CapacitorRating rating, List<Double> hertz, List<Finding> findings) {
        this(rating, hertz, findings, slots(rating));
    }

    static Requirement of(MatchRequest request) {
        CapacitorRating rating;
        try {
            rating = CapacitorRating.from(request.required());
        } catch (InputProblem problem) {
            throw problem.within("required");
        }
        InputProblem.require(
                rating.sections().size() <= 2 && !rating.isUniversal(),
                "required.sections",
                rating.text(),
                "say what the circuit needs: one value, or one each for HERM and FAN");
        List<Witness> weightiest = new ArrayList<>(request.witnesses());
        weightiest.sort(Comparator.comparing(Witness::from).reversed());
        List<Finding> findings = new ArrayList<>();
        for (Witness witness : weightiest) {
            if (witness.from() == Source.MEASURED) {
                continue; // what a part reads today is no rating
            }
            rating = corrected(rating, witness, findings);
        }
        return new Requirement(rating, hertz(rating, request.circuit().supplyHertz()), findings);
    }

    /** The supply's; where it is not known 60 Hz if the old label names it, else what the old label names. */
    private static List<Double> hertz(CapacitorRating rating, @Nullable Double supply) {
        if (supply != null) {
            return List.of(supply);
        }
        return rating.hertz().contains(SystemVolts.USUAL_HERTZ) ? List.of(SystemVolts.USUAL_HERTZ) : rating.hertz();
    }

    private static List<@Nullable Terminal> slots(CapacitorRating rating) {
        List<@Nullable Terminal> out = new ArrayList<>();
        for (Section section : rating.sections()) {
            out.add(section.terminal());
        }
        return Collections.unmodifiableList(out);
    }

    double microfarads(int slot) {
        return rating.sections().get(slot).microfarads();
    }

    String slotName(int slot) {
        Terminal terminal = rating.sections().get(slot).terminal();
        return terminal == null ? "Capacitance" : terminal.name();
    }

    private static CapacitorRating corrected(CapacitorRating rating, Witness witness, List<Finding> findings) {
        List<Section> sections = new ArrayList<>(rating.sections());
        Optional<Double> volts = rating.volts();
        Spec told = witness.from() == Source.MOTOR_LABEL ? fromMotor(witness.spec(), rating) : witness.spec();
        CapacitorRating other;
        try {
            other = CapacitorRating.from(told);
        } catch (InputProblem problem) {
            throw problem.within("witnesses");
        }
        for (Section claim : other.sections()) {
            int index = indexOf(sections, claim);
            if (index < 0) {
                // where nothing is known of an old one, the one value that is named is what is needed
                boolean fits = sections.isEmpty() || (claim.terminal() != null && sections.size() < MOST_SECTIONS);
                if (fits) {
                    sections.add(claim);
                } else {
                    findings.add(Finding.info(
                            "{} names one value, {} µF: say which of HERM and FAN it is for.",
                            witness.from().words(),
                            claim.microfarads()));
                }
            } else if (sections.get(index).microfarads() != claim.microfarads()) {
                findings.add(disagreement(
                        witness.from(),
                        "µF",
                        claim.microfarads(),
                        sections.get(index).microfarads()));
                Section old = sections.get(index);
                sections.set(index, new Section(old.terminal(), old.name(), claim.microfarads()));
            }
        }
        if (other.volts().isPresent()) {
            boolean isLess = witness.from() == Source.MOTOR_LABEL
                    && rating.isDual()
                    && volts.isPresent()
                    && volts.get() >= other.volts().get();
            if (volts.isPresent() && !volts.equals(other.volts()) && !isLess) {
                findings.add(disagreement(witness.from(), "V", other.volts().get(), volts.get()));
            }
            boolean isOneSection = witness.from() == Source.MOTOR_LABEL && rating.isDual() && volts.isPresent();
            volts = isOneSection
                    ? Optional.of(Math.max(volts.get(), other.volts().get()))
                    : other.volts();
        }
        // what a motor's own label names is its run capacitor
        Optional<Duty> duty = rating.sections().isEmpty() && witness.from() == Source.MOTOR_LABEL
                ? Optional.of(Duty.RUN)
                : rating.duty();
        return new CapacitorRating(
                duty,
                sections,
                rating.startRange(),
                volts,
                rating.tolerance(),
                rating.hertz(),
                rating.minCelsius(),
                rating.maxCelsius(),
                rating.shape(),
                rating.diameterInches(),
                rating.heightInches(),
                rating.protection(),
                rating.bleedResistor());
    }

    private static Finding disagreement(Source from, String unit, double says, double instead) {
        return Finding.caution(
                        "{} says {} {}, what is being replaced {} {}: {} goes. Unless one of them is new, an earlier repair may have fitted the wrong part.",
                        Letters.capital(from.words()),
                        Figures.plain(says),
                        unit,
                        Figures.plain(instead),
                        unit,
                        Figures.plain(says) + " " + unit)
                .of(Finding.Kind.WITNESSES_DISAGREE);
    }

    /**
     * A motor's label speaks of the capacitor it wants: of the FAN section where the capacitor is a dual, whose can has to
     * stand the higher volts of the two.
     */
    private static Spec fromMotor(Spec motor, CapacitorRating rating) {
        if (motor.number("capacitorMicrofarads").isEmpty()
                && motor.number("capacitorVolts").isEmpty()) {
            return motor;
        }
        Spec out = Spec.EMPTY;
        Optional<Double> microfarads = motor.number("capacitorMicrofarads");
        if (microfarads.isPresent()) {
            Spec row = Sections.row(microfarads.get());
            if (rating.isDual()) {
                row = row.with(Sections.TERMINAL, Value.of(Terminal.FAN.name()));
            }
            out = Sections.with(out, List.of(row));
        }
        Optional<Double> volts = motor.number("capacitorVolts");
        return volts.isPresent() ? out.with("volts", Value.of(volts.get())) : out;
    }

    /** The section a claim is about: of its terminal; of a single the only one, unless the claim is of a dual's FAN. */
    private static int indexOf(List<Section> sections, Section claim) {
        for (int i = 0; i < sections.size(); i++) {
            boolean isOnly = sections.size() == 1 && (sections.get(i).terminal() == null || claim.terminal() == null);
            if (sections.get(i).terminal() == claim.terminal() || isOnly) {
                return i;
            }
        }
        return -1;
    }
}
