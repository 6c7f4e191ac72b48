package zestbench.core.contactor;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import zestbench.core.coil.CoilReadings;
import zestbench.core.family.GivenReading;
import zestbench.core.family.Spec;
import zestbench.core.family.TestRequest;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.judgement.Demand;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Limits;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;

/** The verdict on a contactor's coil, and on closed poles by the volts across them under load. */
public final class ContactorJudgement {
    /** Behind it the number of the pole: volts across it, closed and under load. */
    public static final String POLE = "POLE ";

    /** Whether it is in, 1 or 0, beside what its coil is fed: in with no coil volts it is welded. */
    public static final String PULLED_IN = "PULLED IN";

    private ContactorJudgement() {}

    static Judgement of(TestRequest request) {
        InputProblem.require(!request.readings().isEmpty(), "readings", "none", "give at least one reading");
        List<Judged> verdicts = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        for (int i = 0; i < request.readings().size(); i++) {
            SectionReading taken = request.readings().get(i);
            String field = "readings[" + i + "].section";
            String section = InputProblem.given(taken.section(), field, "give COIL, COIL VOLTS or POLE 1");
            if (section.equals(PULLED_IN)) {
                verdicts.add(pulledIn(taken.reading(), request, findings));
                continue;
            }
            boolean isPole = section.matches("POLE [1-4]");
            InputProblem.require(
                    isPole || section.equals(CoilReadings.COIL) || section.equals(CoilReadings.COIL_VOLTS),
                    field,
                    section,
                    "give COIL, COIL VOLTS or POLE 1");
            verdicts.add(
                    isPole
                            ? pole(section, taken.reading(), request, findings)
                            : CoilReadings.judge(section, taken.reading(), request, findings));
        }
        return Judgement.of(verdicts, findings);
    }

    /** In without coil volts a contact is welded; with coil volts and out, it does not pull in. [practice] */
    private static Judged pulledIn(Reading reading, TestRequest request, List<Finding> findings) {
        boolean isIn = reading.value() > 0;
        Optional<Double> coil = request.readings().stream()
                .filter(r -> CoilReadings.COIL_VOLTS.equals(r.section())
                        && r.reading().isFigure())
                .map(r -> r.reading().value())
                .findFirst();
        boolean isFed = coil.filter(v -> v >= ContactorLimits.NO_COIL_VOLTS).isPresent();
        boolean isWelded = isIn && coil.isPresent() && !isFed;
        if (isWelded) {
            findings.add(Finding.stop(
                    Demand.PULL_DISCONNECT, "In with no volts on its coil: a contact is welded. Pull the disconnect."));
        }
        Verdict verdict = coil.isEmpty() ? Verdict.TOO_CLOSE : isIn == isFed ? Verdict.GOOD : Verdict.FAILED;
        return new Judged(
                PULLED_IN,
                verdict,
                reading,
                0,
                null,
                null,
                Reckoning.of(
                        Mark.PRACTICE,
                        "{}, {}.",
                        isIn ? "in" : "out",
                        coil.isEmpty()
                                ? "coil volts not read: they decide what that means"
                                : isFed ? "its coil is fed" : "its coil is not fed"));
    }

    /** A reading that another program gives: across a pole, of the coil, or whether it pulls in. */
    static SectionReading named(GivenReading given) {
        if (given.has("pole") || given.has("voltsAcross")) {
            double pole = InputProblem.given(given.figures().get("pole"), "pole", "say which pole, from 1");
            return new SectionReading(
                    POLE + (int) pole, given.volts("voltsAcross", "give the volts across the closed pole"));
        }
        if (!given.has("coilVolts") && given.has("pulledIn")) {
            return new SectionReading(
                    PULLED_IN, Reading.of(Quantity.VOLTS, given.flag("pulledIn").orElse(false) ? 1 : 0));
        }
        return CoilReadings.named(given);
    }

    static List<String> sections(Spec spec) {
        if (spec.isEmpty()) {
            return List.of();
        }
        List<String> out = new ArrayList<>(List.of(CoilReadings.COIL, CoilReadings.COIL_VOLTS));
        int poles = spec.number("poles").map(Double::intValue).orElse(0);
        for (int i = 1; i <= Math.min(poles, 4); i++) {
            out.add(POLE + i);
        }
        return out;
    }

    static Quantity quantity(String section) {
        return CoilReadings.quantity(section);
    }

    /** A closed pole has next to no volts across it; what there is heats it. [practice] */
    private static Judged pole(String section, Reading reading, TestRequest request, List<Finding> findings) {
        InputProblem.require(
                reading.isFigure() && reading.quantity() == Quantity.VOLTS,
                section,
                reading.text(),
                "give the volts across the closed pole");
        double volts = reading.value();
        double doubt = request.meter().uncertaintyOf(reading);
        Verdict verdict = volts >= ContactorLimits.OPEN_POLE_VOLTS
                ? Verdict.FAILED
                : volts > ContactorLimits.DOUBTFUL_POLE_VOLTS + doubt
                        ? Verdict.WEAK
                        : volts > ContactorLimits.DOUBTFUL_POLE_VOLTS - doubt ? Verdict.TOO_CLOSE : Verdict.GOOD;
        if (verdict == Verdict.WEAK) {
            findings.add(Finding.caution("{}: a pole that drops volts heats up. Look at contacts and lugs.", section));
        }
        return new Judged(
                section,
                verdict,
                reading,
                doubt,
                null,
                new Limits(0, ContactorLimits.DOUBTFUL_POLE_VOLTS),
                Reckoning.of(
                        Mark.PRACTICE,
                        verdict == Verdict.FAILED
                                ? "{} V across a closed pole under load: it does not make."
                                : "{} V across it under load; more than 0.5 V is doubtful.",
                        volts));
    }
}
