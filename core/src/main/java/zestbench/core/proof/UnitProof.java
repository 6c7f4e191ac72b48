package zestbench.core.proof;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import zestbench.core.amps.Pumping;
import zestbench.core.judgement.Demand;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Guard;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.Limits;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;

/**
 * Whether a whole unit does its work, from air and refrigerant readings while it cools. Airflow and dirt come before
 * charge, always. Handling refrigerant is for those whom local law certifies for it.
 */
public final class UnitProof {
    /** Doubt of one thermometer. [practice] */
    static final double THERMOMETER_FAHRENHEIT = 0.5;
    /** Doubt of a gauge as a share of its reading: class 1. [practice] */
    static final double GAUGE = 0.01;

    private static final Limits CONDENSING_OVER_AMBIENT = new Limits(15, 30);
    private static final Limits CFM_PER_TON = new Limits(350, 450);
    private static final Limits VALVE_SUPERHEAT = new Limits(5, 20);
    private static final double ORIFICE_WITHIN = 5;
    private static final double SUBCOOLING_WITHIN = 3;
    /** Under this target superheat a fixed orifice is not charged by superheat. */
    private static final double LEAST_TARGET = 5;

    private static final double FREEZING = 32;

    private final Map<ProofPoint, Double> readings;
    private final ProofSetup setup;
    private final List<Judged> verdicts = new ArrayList<>();
    private final List<Shown> shown = new ArrayList<>();
    private final List<Finding> findings = new ArrayList<>();
    private final Saturated saturated;

    /**
     * A figure that no limit judges: it is shown with how it came about.
     *
     * @param isTemperature itself, and no difference of two; null where it was kept before that was told
     */
    public record Shown(
            String title,
            Reading reading,
            Reckoning reckoning,
            @Nullable Boolean isTemperature) {}

    /** What the readings amount to. */
    public record Answer(List<Judged> verdicts, List<Shown> shown, List<Finding> findings) {
        public Judgement judgement() {
            return Judgement.of(verdicts, findings);
        }
    }

    private UnitProof(Map<ProofPoint, Double> readings, ProofSetup setup) {
        this.readings = readings;
        this.setup = setup;
        this.saturated = Saturated.of(readings, setup, findings);
    }

    /** Judges what can be judged of {@code readings}; the rest waits for its readings. */
    public static Answer of(Map<ProofPoint, Double> readings, ProofSetup setup) {
        readings.forEach(ProofPoint::checked);
        UnitProof proof = new UnitProof(readings, setup);
        proof.airflow();
        if (proof.isNotPumping()) {
            proof.findings.add(Pumping.stop());
            return proof.answer();
        }
        proof.split();
        Delivered.of(readings, setup, proof.shown, proof.findings);
        HeatProof.gas(readings, proof.shown);
        proof.condensing();
        proof.superheat();
        proof.subcooling();
        proof.frost();
        proof.findings.addAll(Suspicion.of(proof.verdicts));
        return proof.answer();
    }

    private Answer answer() {
        return new Answer(List.copyOf(verdicts), List.copyOf(shown), List.copyOf(findings));
    }

    /** Near-equal pressures: then superheat, subcooling and split say nothing and are not judged. */
    private boolean isNotPumping() {
        Double suction = readings.get(ProofPoint.SUCTION_PRESSURE);
        Double liquid = readings.get(ProofPoint.LIQUID_PRESSURE);
        return suction != null
                && liquid != null
                && Pumping.isEqual(suction, liquid, setup.altitude().atmospherePsia());
    }

    /** A coil under 32 °F frosts: what speaks for too little air and what for too little charge stand side by side. [physics] */
    private void frost() {
        Double evaporating = saturated.evaporating();
        if (evaporating == null || evaporating >= FREEZING) {
            return;
        }
        findings.add(Frost.at(tenth(evaporating), figures(answer()), superheatTarget()));
    }

    /** The middle of what superheat is wanted; null where that is not known. */
    private @Nullable Double superheatTarget() {
        return verdicts.stream()
                .filter(v -> v.subject().equals(ProofFigure.SUPERHEAT.name()))
                .map(Judged::limits)
                .filter(java.util.Objects::nonNull)
                .map(l -> (l.low() + l.high()) / 2)
                .findFirst()
                .orElse(null);
    }

    /** Return less supply, by the shop's band. [practice] */
    private void split() {
        Double in = readings.get(ProofPoint.RETURN_AIR);
        Double out = readings.get(ProofPoint.SUPPLY_AIR);
        if (in == null || out == null) {
            return;
        }
        double split = Figures.tidy(in - out);
        Limits band = new Limits(setup.splitLow(), setup.splitHigh());
        judge(
                ProofFigure.SPLIT,
                split,
                band,
                doubt(0, 0),
                Reckoning.of(
                        Mark.PRACTICE,
                        "Return {} − supply {} = {} °F; {} by the shop's rules.",
                        in,
                        out,
                        split,
                        band.text()));
        if (split < 0) {
            findings.add(Finding.caution("Supply is warmer than return: this proof is for cooling."));
        }
    }

    /** 350 to 450 cfm a ton. [practice] */
    private void airflow() {
        Double cfm = readings.get(ProofPoint.AIRFLOW);
        if (cfm == null) {
            return;
        }
        if (setup.tons() <= 0) {
            findings.add(Finding.info("The plate does not tell its tons: airflow a ton is not judged."));
            return;
        }
        double each = Figures.tidy(cfm / setup.tons());
        Reckoning reckoning = Reckoning.of(
                Mark.PRACTICE,
                "{} cfm ÷ {} ton = {} cfm a ton; {}.",
                cfm,
                setup.tons(),
                Math.round(each),
                CFM_PER_TON.text());
        judge(ProofFigure.AIRFLOW_PER_TON, Math.round(each), CFM_PER_TON, 0, reckoning);
    }

    /** Condensing temperature over the outdoor air, 15 to 30 °F. [practice] */
    private void condensing() {
        Double condensing = saturated.condensing();
        Double outdoor = readings.get(ProofPoint.OUTDOOR_AIR);
        if (condensing == null) {
            return;
        }
        double psig = given(ProofPoint.LIQUID_PRESSURE);
        shown.add(saturation("Condensing", condensing, psig));
        if (outdoor == null) {
            return;
        }
        double over = Figures.tidy(condensing - outdoor);
        judge(
                ProofFigure.CONDENSING_OVER_AMBIENT,
                over,
                CONDENSING_OVER_AMBIENT,
                doubt(psig, condensing),
                Reckoning.of(
                        Mark.PRACTICE,
                        "Condensing {} − outdoor {} = {} °F; {}.",
                        tenth(condensing),
                        outdoor,
                        tenth(over),
                        CONDENSING_OVER_AMBIENT.text()));
    }

    /** Suction line over the dew temperature of the suction pressure. [physics] */
    private void superheat() {
        Double evaporating = saturated.evaporating();
        Double line = readings.get(ProofPoint.SUCTION_LINE);
        if (evaporating == null) {
            return;
        }
        double psig = given(ProofPoint.SUCTION_PRESSURE);
        shown.add(saturation("Evaporating", evaporating, psig));
        if (line == null) {
            return;
        }
        double superheat = Figures.tidy(line - evaporating);
        String working = "Suction line {} − dew {} at {} psig = {} °F";
        Object[] values = {line, tenth(evaporating), psig, tenth(superheat)};
        Limits limits = superheatLimits();
        if (limits == null) {
            shown.add(new Shown(
                    ProofFigure.SUPERHEAT.title(),
                    figure(ProofFigure.SUPERHEAT, superheat),
                    Reckoning.of(Mark.PHYSICS, working + ", not judged.", values),
                    false));
        } else {
            judge(
                    ProofFigure.SUPERHEAT,
                    superheat,
                    limits,
                    doubt(psig, evaporating),
                    Reckoning.of(Mark.PHYSICS, working + "; " + limits.text() + " wanted.", values));
        }
        if (superheat <= 0) {
            findings.add(Finding.stop(
                    Demand.LIQUID,
                    "No superheat: liquid comes back to the compressor. Find out why before it runs on."));
        }
    }

    /** A valve holds its own; a fixed orifice has a target by the air on both sides. [practice] */
    private @Nullable Limits superheatLimits() {
        if (setup.metering() == null) {
            findings.add(Finding.info("Valve or orifice is not known: superheat is not judged. Correct the plate."));
            return null;
        }
        if (setup.metering() == ProofSetup.Metering.VALVE) {
            return VALVE_SUPERHEAT;
        }
        Double wetBulb = readings.get(ProofPoint.RETURN_WET_BULB);
        Double outdoor = readings.get(ProofPoint.OUTDOOR_AIR);
        if (wetBulb == null || outdoor == null) {
            findings.add(
                    Finding.info("A fixed orifice needs return wet bulb and outdoor air for its target superheat."));
            return null;
        }
        double target = targetSuperheat(wetBulb, outdoor);
        if (target < LEAST_TARGET) {
            findings.add(Finding.caution(
                    "Target superheat (3 × {} − 80 − {}) ÷ 2 = {} °F, under 5: do not charge by this.",
                    wetBulb,
                    outdoor,
                    tenth(target)));
            return null;
        }
        shown.add(new Shown(
                "Target superheat",
                Reading.of(Quantity.FAHRENHEIT, tenth(target)),
                Reckoning.of(Mark.PRACTICE, "(3 × {} − 80 − {}) ÷ 2 = {} °F ± 5.", wetBulb, outdoor, tenth(target)),
                false));
        // under 5 °F liquid may come back, whatever the target is
        return new Limits(Math.max(LEAST_TARGET, target - ORIFICE_WITHIN), target + ORIFICE_WITHIN);
    }

    /** Of a fixed orifice. [practice] @param wetBulb of the return air @param outdoor dry bulb, both °F */
    public static double targetSuperheat(double wetBulb, double outdoor) {
        return Figures.tidy((3 * wetBulb - 80 - outdoor) / 2);
    }

    /** Bubble temperature of the liquid pressure over the liquid line. [physics] */
    private void subcooling() {
        Double condensing = saturated.condensing();
        Double line = readings.get(ProofPoint.LIQUID_LINE);
        if (condensing == null || line == null) {
            return;
        }
        double psig = given(ProofPoint.LIQUID_PRESSURE);
        double subcooling = Figures.tidy(condensing - line);
        String working = "Bubble {} at {} psig − liquid line {} = {} °F";
        Object[] values = {tenth(condensing), psig, line, tenth(subcooling)};
        Double target = setup.targetSubcooling();
        if (target == null || setup.metering() != ProofSetup.Metering.VALVE) {
            shown.add(new Shown(
                    ProofFigure.SUBCOOLING.title(),
                    figure(ProofFigure.SUBCOOLING, subcooling),
                    Reckoning.of(Mark.PHYSICS, working + ", not judged.", values),
                    false));
            if (setup.metering() == ProofSetup.Metering.VALVE) {
                findings.add(Finding.info("The plate's target subcooling is not read: subcooling is not judged."));
            }
        } else {
            Limits limits = new Limits(target - SUBCOOLING_WITHIN, target + SUBCOOLING_WITHIN);
            judge(
                    ProofFigure.SUBCOOLING,
                    subcooling,
                    limits,
                    doubt(psig, condensing),
                    Reckoning.of(Mark.PHYSICS, working + "; the plate's " + Figures.plain(target) + " ± 3.", values));
        }
        if (subcooling < 0) {
            findings.add(Finding.caution("The liquid line is warmer than it can be as liquid: read both again."));
        }
    }

    private double given(ProofPoint point) {
        return readings.getOrDefault(point, 0.0);
    }

    private Shown saturation(String title, double fahrenheit, double psig) {
        return new Shown(
                title,
                Reading.of(Quantity.FAHRENHEIT, tenth(fahrenheit)),
                Reckoning.of(
                        Mark.PHYSICS,
                        setup.refrigerant() + " at {} psig" + (setup.altitude().feet() == 0 ? "" : ", {} ft up")
                                + ": {} °F.",
                        values(psig, fahrenheit)),
                true);
    }

    private Object[] values(double psig, double fahrenheit) {
        double feet = setup.altitude().feet();
        return feet == 0 ? new Object[] {psig, tenth(fahrenheit)} : new Object[] {psig, feet, tenth(fahrenheit)};
    }

    private void judge(ProofFigure figure, double x, Limits limits, double doubt, Reckoning reckoning) {
        Verdict verdict = Guard.judge(x, limits, doubt);
        verdicts.add(new Judged(figure.name(), verdict, figure(figure, x), tenth(doubt), null, limits, reckoning));
    }

    private static Reading figure(ProofFigure figure, double x) {
        return Reading.of(figure.quantity(), figure.quantity() == Quantity.CFM ? Math.round(x) : tenth(x));
    }

    /** Doubt of a difference: two thermometers, or a thermometer and a gauge, as independent errors add. [JCGM 100:2008, 5.1.2] */
    private double doubt(double psig, double saturation) {
        SaturationTable table = setup.table();
        double other = THERMOMETER_FAHRENHEIT;
        if (psig > 0 && table != null) {
            double more =
                    table.dewFahrenheit(psig * (1 + GAUGE), setup.altitude()).orElse(saturation);
            double less =
                    table.dewFahrenheit(psig * (1 - GAUGE), setup.altitude()).orElse(saturation);
            other = Math.abs(more - less) / 2;
        }
        return Math.sqrt(THERMOMETER_FAHRENHEIT * THERMOMETER_FAHRENHEIT + other * other);
    }

    static double tenth(double x) {
        return Math.round(x * 10) / 10.0;
    }

    /** The figures by name, judged or shown. */
    public static Map<ProofFigure, Double> figures(Answer answer) {
        Map<ProofFigure, Double> out = new LinkedHashMap<>();
        for (ProofFigure figure : ProofFigure.values()) {
            answer.verdicts().stream()
                    .filter(v -> v.subject().equals(figure.name()))
                    .forEach(v -> out.put(figure, v.reading().value()));
            answer.shown().stream()
                    .filter(s -> s.title().equals(figure.title()))
                    .forEach(s -> out.put(figure, s.reading().value()));
        }
        return out;
    }
}
