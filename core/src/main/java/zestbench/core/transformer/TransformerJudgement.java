package zestbench.core.transformer;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
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
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Limits;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;

/** Primary and secondary volts of a transformer, against what its tap makes of the line. [physics] */
public final class TransformerJudgement {
    public static final String PRIMARY = "PRIMARY";
    /** With what it feeds connected. */
    public static final String SECONDARY = "SECONDARY";
    /** With its wires off: too high is not judged. */
    public static final String SECONDARY_UNLOADED = "SECONDARY, NO LOAD";

    static final List<String> SECTIONS = List.of(PRIMARY, SECONDARY, SECONDARY_UNLOADED);

    private final TestRequest request;
    private final List<Judged> verdicts = new ArrayList<>();
    private final List<Finding> findings = new ArrayList<>();
    private @Nullable Double primary;

    private TransformerJudgement(TestRequest request) {
        this.request = request;
    }

    /** A reading that another program gives. */
    static SectionReading named(GivenReading given) {
        if (given.has("primaryVolts")) {
            return new SectionReading(PRIMARY, given.volts("primaryVolts", "give the volts at the primary"));
        }
        return new SectionReading(
                given.flag("loaded").orElse(false) ? SECONDARY : SECONDARY_UNLOADED,
                given.volts("secondaryVolts", "give primaryVolts, or secondaryVolts and whether it is loaded"));
    }

    static Judgement of(TestRequest request) {
        InputProblem.require(!request.readings().isEmpty(), "readings", "none", "give at least one reading");
        TransformerJudgement judgement = new TransformerJudgement(request);
        for (SectionReading taken : request.readings()) {
            if (PRIMARY.equals(taken.section()) && taken.reading().isFigure()) {
                judgement.primary = taken.reading().value();
            }
        }
        for (int i = 0; i < request.readings().size(); i++) {
            judgement.read(request.readings().get(i), "readings[" + i + "]");
        }
        return Judgement.of(judgement.verdicts, judgement.findings);
    }

    private void read(SectionReading taken, String field) {
        String section = taken.section() == null ? "" : taken.section();
        InputProblem.require(SECTIONS.contains(section), field + ".section", section, "give PRIMARY or SECONDARY");
        Reading reading = taken.reading();
        InputProblem.require(
                reading.quantity() == Quantity.VOLTS && reading.isFigure(),
                field,
                reading.text(),
                "give the volts that were read");
        if (section.equals(PRIMARY)) {
            primary(reading);
        } else {
            secondary(section, reading);
        }
    }

    private double tap(double line) {
        return TransformerMatch.taps(request.spec()).stream()
                .min(Comparator.comparingDouble(t -> Math.abs(t - line)))
                .orElse(line);
    }

    private void primary(Reading reading) {
        double volts = reading.value();
        double tap = tap(volts);
        Limits limits = new Limits(
                Figures.tidy(tap * (1 - TransformerLimits.TAP_WITHIN)),
                Figures.tidy(tap * (1 + TransformerLimits.TAP_WITHIN)));
        double doubt = request.meter().uncertaintyOf(reading);
        boolean isOff = volts < TransformerLimits.NOTHING_VOLTS;
        Verdict byTap = Guard.judge(volts, limits, doubt);
        if (!isOff && byTap == Verdict.FAILED) {
            findings.add(Finding.caution(
                    "The line is not within 10 % of the {} V tap: another tap, or another transformer.", tap));
        }
        add(
                PRIMARY,
                isOff ? Verdict.TOO_CLOSE : byTap == Verdict.FAILED ? Verdict.WEAK : byTap,
                reading,
                limits,
                isOff
                        ? "No volts at the primary: the transformer is not tried yet. Look for its feed."
                        : "{} V on the {} V tap; within 10 % of it is as it should be.",
                volts,
                tap);
    }

    private void secondary(String section, Reading reading) {
        double rated = request.spec().number("secondaryVolts").orElse(24.0);
        double volts = reading.value();
        double expected = primary == null ? rated : rated * primary / tap(primary);
        boolean isLoaded = section.equals(SECONDARY);
        Limits limits = new Limits(
                Figures.tidy(expected * TransformerLimits.LEAST_LOADED),
                Figures.tidy(expected * (isLoaded ? TransformerLimits.MOST_LOADED : TransformerLimits.MOST_UNLOADED)));
        if (volts < TransformerLimits.NOTHING_VOLTS) {
            boolean isFed = primary != null && primary > TransformerLimits.NOTHING_VOLTS;
            findings.add(
                    isFed
                            ? Finding.caution(
                                    "Primary alive, secondary dead: its own breaker or fuse first, then the winding.")
                            : Finding.info("Read the primary too: without it a dead secondary says nothing."));
            add(
                    section,
                    isFed ? Verdict.FAILED : Verdict.TOO_CLOSE,
                    reading,
                    limits,
                    "{} V: nothing comes out.",
                    volts);
            return;
        }
        Verdict verdict = Guard.judge(volts, limits, request.meter().uncertaintyOf(reading));
        if (verdict == Verdict.FAILED && volts < limits.low()) {
            findings.add(Finding.caution(
                    "Under 90 % of {} V: overloaded, or on the wrong tap. Add up what hangs on it.",
                    Figures.fixed(expected, 1)));
        } else if (volts > limits.high()) {
            findings.add(Finding.caution(
                    "Above {} V it is the tap, not a dead part: hold the line against the tap that is used.",
                    Figures.fixed(limits.high(), 1)));
            verdict = verdict == Verdict.FAILED ? Verdict.WEAK : verdict;
        }
        if (!isLoaded && volts > expected * TransformerLimits.MOST_LOADED && volts <= limits.high()) {
            findings.add(Finding.info("High, as a small one reads with little on it: read it again under load."));
        }
        add(
                section,
                verdict,
                reading,
                limits,
                "expected {} V{}; {}.",
                Figures.fixed(expected, 1),
                primary == null
                        ? ""
                        : " = " + Figures.plain(rated) + " × " + Figures.plain(primary) + " ÷ "
                                + Figures.plain(tap(primary)),
                isLoaded ? "90 to 110 % under load" : "unloaded a small one reads up to 15 % high");
    }

    private void add(
            String subject, Verdict verdict, Reading reading, Limits limits, String pattern, Object... values) {
        verdicts.add(new Judged(
                subject,
                verdict,
                reading,
                request.meter().uncertaintyOf(reading),
                null,
                limits,
                Reckoning.of(Mark.PHYSICS, pattern, values)));
    }
}
