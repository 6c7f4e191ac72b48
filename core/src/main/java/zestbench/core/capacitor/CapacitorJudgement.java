package zestbench.core.capacitor;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import zestbench.core.family.Sections;
import zestbench.core.family.TestRequest;
import zestbench.core.family.TestRequest.Derived;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Guard;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Phrase;
import zestbench.core.judgement.Reckoning;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Limits;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;
import zestbench.core.shop.ShopRules;

/** The verdict on a capacitor's readings: limits from its label, the meter's doubt kept clear of them. */
public final class CapacitorJudgement {

    private final CapacitorRating rating;
    private final Meter meter;
    private final ShopRules rules;
    private final List<Finding> findings = new ArrayList<>();

    private CapacitorJudgement(CapacitorRating rating, Meter meter, ShopRules rules) {
        this.rating = rating;
        this.meter = meter;
        this.rules = rules;
    }

    /** Judges each reading of {@code request}; throws where the label or a reading is not enough to judge by. */
    public static Judgement of(TestRequest request) {
        CapacitorRating rating;
        try {
            rating = CapacitorRating.from(request.spec());
        } catch (InputProblem problem) {
            throw problem.within("spec");
        }
        return new CapacitorJudgement(rating, request.meter(), request.rules()).judge(request.readings());
    }

    private Judgement judge(List<SectionReading> readings) {
        InputProblem.require(
                !rating.sections().isEmpty() || rating.startRange().isPresent(),
                "spec.sections",
                null,
                "the rated µF is needed to judge by; it is the largest print on the label");
        InputProblem.require(!readings.isEmpty(), "readings", "none", "give at least one reading");
        List<Judged> verdicts = new ArrayList<>();
        for (int i = 0; i < readings.size(); i++) {
            verdicts.add(judge(readings.get(i), "readings[" + i + "]"));
        }
        addFindings(verdicts);
        return Judgement.of(verdicts, findings);
    }

    private Judged judge(SectionReading taken, String field) {
        InputProblem.require(
                taken.reading().quantity() == Quantity.MICROFARADS,
                field + ".microfarads",
                null,
                "give microfarads, open or overRange");
        if (rating.startRange().isPresent() && rating.sections().isEmpty()) {
            Limits range = rating.startRange().get();
            Reckoning rule = Reckoning.of(Mark.PRACTICE, "printed range {} to {} µF.", range.low(), range.high());
            return judged(Sections.WHOLE, taken, range, null, null, rule);
        }
        int index = sectionIndex(taken.section(), field);
        double rated = rating.sections().get(index).microfarads();
        Tolerance tolerance = rating.tolerance();
        Limits label = tolerance.around(rated);
        double weakBelow = tolerance.weakBelow(rated);
        boolean preventive = rules.capacitorOut() == ShopRules.CapacitorOut.PREVENTIVE;
        Limits limits = preventive ? new Limits(weakBelow, label.high()) : label;
        double used = preventive ? tolerance.minusPercent() / 2 : tolerance.minusPercent();
        Reckoning rule = Reckoning.of(
                preventive || !tolerance.printed() ? Mark.PRACTICE : Mark.GUARDED,
                "{} µF −{} % = {}, +{} % = {}.",
                rated,
                used,
                limits.low(),
                tolerance.plusPercent(),
                limits.high());
        String subject = rating.subjects().get(index);
        return judged(subject, taken, limits, rated, preventive ? null : weakBelow, rule);
    }

    private Judged judged(
            String subject,
            SectionReading taken,
            Limits limits,
            @Nullable Double rated,
            @Nullable Double weakBelow,
            Reckoning limitsRule) {
        Reading reading = taken.reading();
        Derived derived = taken.derived();
        if (derived != null) {
            overVolts(derived.volts());
        }
        Reckoning rule = derived == null
                ? limitsRule
                : new Reckoning(derived.reckoning().working().then(limitsRule.working()), limitsRule.mark());
        if (!reading.isFigure()) {
            return withoutFigure(subject, reading, limits, rated, rule);
        }
        double x = reading.value();
        double doubt = derived == null ? meter.uncertaintyOf(reading) : derived.uncertainty();
        Verdict verdict = Guard.judge(x, limits, doubt);
        Phrase outcome = outcome(verdict, x, limits, doubt);
        if (verdict == Verdict.GOOD && weakBelow != null && x < weakBelow) {
            verdict = Verdict.WEAK;
            outcome = Phrase.of(
                    "{} is inside, but under {}: more than half of the lower tolerance is used up.", x, weakBelow);
        }
        if (!Guard.canProve(limits, doubt)) {
            findings.add(Finding.caution(
                    "{}: this meter cannot prove the part good, its doubt of ±{} is wider than the band.",
                    subject,
                    Figures.doubt(doubt)));
        }
        return new Judged(
                subject,
                verdict,
                reading,
                doubt,
                rated,
                limits,
                new Reckoning(rule.working().then(outcome), rule.mark()));
    }

    /** Running volts above 1.10 × the rated wear a capacitor out. [IEC 60252-1, from memory] */
    private void overVolts(double volts) {
        rating.volts()
                .filter(rated -> volts > CapacitorLimits.MOST_SHARE_OF_VOLTS * rated)
                .ifPresent(rated -> findings.add(Finding.caution(
                        "{} V runs across a part of {} V, more than 1.10 × its rating: a higher voltage rating is wanted.",
                        volts,
                        rated)));
    }

    private static Phrase outcome(Verdict verdict, double x, Limits limits, double doubt) {
        boolean low = x < (limits.low() + limits.high()) / 2;
        double limit = low ? limits.low() : limits.high();
        double away = Math.abs(x - limit);
        String side = x < limit ? "under" : "over";
        return switch (verdict) {
            case FAILED ->
                x <= doubt
                        ? Phrase.of("{} is about 0: the section is open.", x)
                        : Phrase.of(
                                "{} is {} {} {}, the meter is good to ±{}. Out.",
                                x,
                                away,
                                side,
                                limit,
                                Figures.doubt(doubt));
            case TOO_CLOSE ->
                limits.contains(x)
                        ? Phrase.of(
                                "{} is {} from {}, the meter is good to ±{}. Inside by the figures, but within what the meter can tell.",
                                x,
                                away,
                                limit,
                                Figures.doubt(doubt))
                        : Phrase.of(
                                "{} is {} {} {}, the meter is good to ±{}. Outside by the figures, but within what the meter can tell.",
                                x,
                                away,
                                side,
                                limit,
                                Figures.doubt(doubt));
            default -> Phrase.of("{} is {} inside {}, the meter is good to ±{}.", x, away, limit, Figures.doubt(doubt));
        };
    }

    /** No capacitance is open; OL is a short only if the meter's range reaches past the upper limit. */
    private Judged withoutFigure(
            String subject, Reading reading, Limits limits, @Nullable Double rated, Reckoning rule) {
        boolean open = reading.state() == Reading.State.OPEN;
        boolean reaches = meter.reaches(Quantity.MICROFARADS, limits.high());
        Verdict verdict = open || reaches ? Verdict.FAILED : Verdict.TOO_CLOSE;
        Phrase outcome;
        if (open) {
            outcome = Phrase.of("No capacitance at all: the section is open.");
        } else if (reaches) {
            outcome = Phrase.of("OL though the meter's range reaches {}: the section is shorted.", limits.high());
        } else {
            outcome = Phrase.of("OL, but this range ends below {}: use a higher range.", limits.high());
        }
        return new Judged(
                subject,
                verdict,
                reading,
                0,
                rated,
                limits,
                new Reckoning(rule.working().then(outcome), rule.mark()));
    }

    private int sectionIndex(@Nullable String section, String field) {
        List<String> subjects = rating.subjects();
        if (section == null && subjects.size() == 1) {
            return 0;
        }
        int index = section == null ? -1 : subjects.indexOf(section);
        if (index < 0
                && subjects.size() == 1
                && section != null
                && section.equals(rating.sections().get(0).label(0))) {
            index = 0;
        }
        InputProblem.require(
                index >= 0, field + ".section", section, "name one of the sections: " + String.join(", ", subjects));
        return index;
    }

    private void addFindings(List<Judged> verdicts) {
        if (rating.startRange().isEmpty() && !rating.tolerance().printed()) {
            findings.add(Finding.info("The tolerance was not read: ±6 % is taken."));
        }
        for (String subject : rating.subjects()) {
            if (verdicts.stream().noneMatch(v -> v.subject().equals(subject))) {
                findings.add(Finding.info("{} is not read yet.", subject).of(Finding.Kind.SECTION_UNREAD));
            }
        }
        boolean failed = verdicts.stream().anyMatch(v -> v.verdict() == Verdict.FAILED);
        if (failed && rating.duty().equals(Optional.of(CapacitorRating.Duty.RUN))) {
            findings.add(Finding.info("Out, though the motor may still turn: running is no proof."));
        }
        if (verdicts.stream().anyMatch(v -> v.verdict() == Verdict.TOO_CLOSE)) {
            findings.add(Finding.info("Too close to call: read again with the leads zeroed, or replace."));
        }
    }
}
