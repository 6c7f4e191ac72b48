package zestbench.core.coil;

import java.util.ArrayList;
import java.util.List;
import zestbench.core.family.GivenReading;
import zestbench.core.family.TestRequest;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Guard;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Limits;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;
import zestbench.core.supply.ControlVoltage;
import zestbench.core.supply.SupplyPoint;

/** A coil by ohms and by the volts it is fed: of a contactor or of a relay. */
public final class CoilReadings {
    /** The coil by ohms, leads off. */
    public static final String COIL = "COIL";
    /** Volts at the coil while it is called for. */
    public static final String COIL_VOLTS = "COIL VOLTS";

    /** Below this a coil is shorted. [practice] */
    private static final double SHORTED_OHMS = 1;

    private CoilReadings() {}

    public static Quantity quantity(String section) {
        return section.equals(COIL) ? Quantity.OHMS : Quantity.VOLTS;
    }

    /** A reading that another program gives of a coil. */
    public static SectionReading named(GivenReading given) {
        return given.has("coilVolts")
                ? new SectionReading(COIL_VOLTS, given.volts("coilVolts", "give the volts at the coil"))
                : new SectionReading(COIL, given.ohms("coilOhms"));
    }

    /** @param known sections that can be read */
    public static Judgement judge(TestRequest request, List<String> known) {
        InputProblem.require(!request.readings().isEmpty(), "readings", "none", "give at least one reading");
        List<Judged> verdicts = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        for (int i = 0; i < request.readings().size(); i++) {
            SectionReading taken = request.readings().get(i);
            String section = InputProblem.given(
                    taken.section(), "readings[" + i + "].section", "give one of " + String.join(", ", known));
            InputProblem.require(
                    known.contains(section),
                    "readings[" + i + "].section",
                    section,
                    "give one of " + String.join(", ", known));
            verdicts.add(judge(section, taken.reading(), request, findings));
        }
        return Judgement.of(verdicts, findings);
    }

    /** One reading of a coil. @param section {@link #COIL} or {@link #COIL_VOLTS} */
    public static Judged judge(String section, Reading reading, TestRequest request, List<Finding> findings) {
        InputProblem.require(
                reading.quantity() == quantity(section),
                section,
                reading.text(),
                section + " is read in " + quantity(section).unit());
        return section.equals(COIL) ? ohms(reading, request) : volts(reading, request, findings);
    }

    private static Judged volts(Reading reading, TestRequest request, List<Finding> findings) {
        InputProblem.require(reading.isFigure(), COIL_VOLTS, reading.text(), "give the volts at the coil");
        Judgement volts = ControlVoltage.judge(
                SupplyPoint.COIL, request.spec().numbers("coilVolts"), reading.value(), request.meter());
        findings.addAll(volts.findings());
        Judged v = volts.verdicts().get(0);
        return new Judged(COIL_VOLTS, v.verdict(), v.reading(), v.uncertainty(), v.rated(), v.limits(), v.reckoning());
    }

    private static Judged ohms(Reading reading, TestRequest request) {
        if (!reading.isFigure()) {
            return judged(Verdict.FAILED, reading, request, "No continuity: the coil is open.");
        }
        double doubt = request.meter().uncertaintyOf(reading);
        Verdict verdict = Guard.judge(reading.value(), new Limits(SHORTED_OHMS, Double.MAX_VALUE), doubt);
        return judged(
                verdict,
                reading,
                request,
                verdict == Verdict.FAILED
                        ? "{} Ω, near 0: the coil is shorted. Look at its control fuse and transformer."
                        : "{} Ω: the coil is whole; under 1 Ω it would be shorted.",
                reading.value());
    }

    private static Judged judged(
            Verdict verdict, Reading reading, TestRequest request, String pattern, Object... values) {
        return new Judged(
                COIL,
                verdict,
                reading,
                request.meter().uncertaintyOf(reading),
                null,
                null,
                Reckoning.of(Mark.PRACTICE, pattern, values));
    }
}
