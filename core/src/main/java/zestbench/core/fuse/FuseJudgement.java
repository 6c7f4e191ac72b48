package zestbench.core.fuse;

import java.util.ArrayList;
import java.util.List;
import zestbench.core.family.GivenReading;
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
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;

/** A fuse by ohms out of its holder, or by the volts across it in the circuit. */
public final class FuseJudgement {
    /** Behind a fuse's name where it is read in the circuit, the load running. */
    private static final String LIVE = " LIVE";
    /** The same with the load off, which proves nothing where it reads 0. */
    public static final String LOAD_OFF = " LOAD OFF";

    static final List<String> SECTIONS =
            List.of("FUSE 1", "FUSE 2", "FUSE 3", "FUSE 1 LIVE", "FUSE 2 LIVE", "FUSE 3 LIVE");

    private FuseJudgement() {}

    /** The section under which volts across a fuse are kept. */
    public static String live(int position, boolean isLoadOn) {
        return "FUSE " + position + (isLoadOn ? LIVE : LOAD_OFF);
    }

    /** A reading that another program gives: across it with power on, or by ohms. */
    static SectionReading named(GivenReading given) {
        double at = given.figure("position").orElse(1.0);
        InputProblem.require(at >= 1 && at <= 6, "position", (int) at, "give 1 to 6");
        int position = (int) at;
        return given.has("voltsAcross")
                ? new SectionReading(
                        live(position, given.flag("loadOn").orElse(true)),
                        given.volts("voltsAcross", "give the volts across it"))
                : new SectionReading("FUSE " + position, given.ohms("ohms"));
    }

    static Quantity quantity(String section) {
        return section.endsWith(LIVE) || section.endsWith(LOAD_OFF) ? Quantity.VOLTS : Quantity.OHMS;
    }

    static Judgement of(TestRequest request) {
        InputProblem.require(!request.readings().isEmpty(), "readings", "none", "give at least one reading");
        List<Judged> verdicts = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        for (int i = 0; i < request.readings().size(); i++) {
            SectionReading taken = request.readings().get(i);
            String field = "readings[" + i + "]";
            String section = taken.section() == null ? SECTIONS.get(0) : taken.section();
            InputProblem.require(
                    section.matches("FUSE [1-6]( LIVE| LOAD OFF)?"),
                    field + ".section",
                    section,
                    "give FUSE 1 or FUSE 1 LIVE");
            InputProblem.require(
                    taken.reading().quantity() == quantity(section),
                    field,
                    taken.reading().text(),
                    section + " is read in " + quantity(section).unit());
            boolean isVolts = quantity(section) == Quantity.VOLTS;
            verdicts.add(isVolts ? live(section, taken.reading(), request) : ohms(section, taken.reading(), request));
        }
        if (verdicts.stream().anyMatch(v -> v.verdict() == Verdict.FAILED)) {
            findings.add(OPENED);
            findings.add(Finding.info("The whole set goes at once."));
        }
        return Judgement.of(verdicts, findings);
    }

    /** Said wherever an opened fuse is spoken of. [practice] */
    static final Finding OPENED = Finding.stop(
            Demand.FIND_CAUSE,
            "No power until it is known why it opened: every load to ground, start devices, rubbed wires, seized motors.");

    private static Judged ohms(String section, Reading reading, TestRequest request) {
        if (!reading.isFigure()) {
            return judged(section, Verdict.FAILED, reading, request, "No continuity: the fuse is open.");
        }
        double ohms = reading.value();
        if (ohms <= FuseLimits.WHOLE_OHMS) {
            return judged(
                    section, Verdict.GOOD, reading, request, "{} Ω: whole. Out of its holder, both ends free.", ohms);
        }
        return ohms >= FuseLimits.OPEN_OHMS
                ? judged(section, Verdict.FAILED, reading, request, "{} Ω: as good as open.", ohms)
                : judged(
                        section,
                        Verdict.TOO_CLOSE,
                        reading,
                        request,
                        "{} Ω is more than a fuse has: leads zeroed, caps clean? Read it out of its holder.",
                        ohms);
    }

    private static Judged live(String section, Reading reading, TestRequest request) {
        InputProblem.require(reading.isFigure(), section, reading.text(), "give the volts across the fuse");
        double volts = reading.value();
        if (volts >= FuseLimits.OPEN_VOLTS) {
            return judged(
                    section,
                    Verdict.FAILED,
                    reading,
                    request,
                    "{} V across it: open. Less than line volts is a running motor feeding back.",
                    volts);
        }
        if (section.endsWith(LOAD_OFF)) {
            return judged(
                    section,
                    Verdict.TOO_CLOSE,
                    reading,
                    request,
                    "{} V with the load off proves nothing: read with it on.",
                    volts);
        }
        return volts < FuseLimits.WHOLE_VOLTS
                ? judged(section, Verdict.GOOD, reading, request, "{} V across it under load: whole.", volts)
                : judged(
                        section,
                        Verdict.WEAK,
                        reading,
                        request,
                        "{} V across it under load: it carries, and heats. Look at clips and caps.",
                        volts);
    }

    private static Judged judged(
            String section, Verdict verdict, Reading reading, TestRequest request, String pattern, Object... values) {
        return new Judged(
                section,
                verdict,
                reading,
                request.meter().uncertaintyOf(reading),
                null,
                null,
                Reckoning.of(Mark.PRACTICE, pattern, values));
    }
}
