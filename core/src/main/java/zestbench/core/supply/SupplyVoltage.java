package zestbench.core.supply;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import zestbench.core.circuit.SystemVolts;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Demand;
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
import zestbench.core.value.Value;

/** The verdict on supply volts by the unit's plate, and which leg is lost where one is. */
public final class SupplyVoltage {
    /** Under this share of the highest reading a pair hangs on a lost or back-fed leg. [practice] */
    private static final double LOST_SHARE = 0.75;
    /** Under this share of the highest reading a single pair shows a leg that is fed back. [practice] */
    private static final double BACK_FED_SHARE = 0.5;

    private static final double NOTHING = 5;

    private final RatedVolts rated;
    private final Meter meter;
    private final List<Finding> findings = new ArrayList<>();

    private SupplyVoltage(RatedVolts rated, Meter meter) {
        this.rated = rated;
        this.meter = meter;
    }

    /** @param plate a unit's plate with {@code volts}, or {@code minVolts} and {@code maxVolts} */
    public static Judgement judge(Spec plate, List<PairReading> readings, Meter meter) {
        InputProblem.require(!readings.isEmpty(), "readings", "none", "give at least one pair, such as L1-L2");
        return new SupplyVoltage(RatedVolts.from(plate), meter).judge(readings);
    }

    /**
     * The same on a unit whose plate may not be read yet: then the system voltage nearest to the highest reading is taken
     * for its rated volts, and said so.
     */
    public static Judgement onSite(Spec plate, List<PairReading> readings, Meter meter) {
        if (plate.has("volts") || (plate.has("minVolts") && plate.has("maxVolts"))) {
            return judge(plate, readings, meter);
        }
        double nominal = SystemVolts.nominal(highest(readings));
        Judgement by = judge(new Spec(new Value.Fields(Map.of("volts", Value.numbers(nominal)))), readings, meter);
        List<Finding> all = new ArrayList<>(by.findings());
        all.add(Finding.info("No rated volts from the plate yet: judged as a {} V system, the nearest.", nominal));
        return Judgement.of(by.verdicts(), all);
    }

    private Judgement judge(List<PairReading> readings) {
        List<Judged> verdicts = new ArrayList<>();
        Optional<String> grounded = groundedLeg(readings);
        grounded.ifPresent(leg -> findings.add(Finding.info(
                "{} reads 0 to ground while all pairs are right: a corner-grounded system, no fault.", leg)));
        for (PairReading reading : readings) {
            boolean isCorner =
                    grounded.filter(leg -> reading.pair().startsWith(leg)).isPresent();
            verdicts.add(isLine(reading) ? legs(reading) : toGround(reading, isCorner));
        }
        lost(readings.stream().filter(PairReading::isBetweenLegs).toList());
        return Judgement.of(verdicts, findings);
    }

    /** Leg to leg, or leg to neutral on a unit that is fed so. */
    private boolean isLine(PairReading pair) {
        return pair.isBetweenLegs()
                || (pair.pair().endsWith("-N") && rated.limits().high() < SystemVolts.LEG_TO_LEG_FROM);
    }

    private Judged legs(PairReading pair) {
        Reading reading = Reading.of(Quantity.VOLTS, pair.volts());
        double doubt = meter.uncertaintyOf(reading);
        Limits limits = rated.limits();
        Verdict verdict = Guard.judge(pair.volts(), limits, doubt);
        Phrase outcome = switch (verdict) {
            case FAILED -> Phrase.of("{} V is outside, the meter is good to ±{}.", pair.volts(), Figures.doubt(doubt));
            case TOO_CLOSE ->
                Phrase.of(
                        "{} V lies within ±{} of a limit, finer than the meter tells.",
                        pair.volts(),
                        Figures.doubt(doubt));
            default -> Phrase.of("{} V is inside, the meter is good to ±{}.", pair.volts(), Figures.doubt(doubt));
        };
        if (rated.rated().size() > 1 && SystemVolts.isBetween(pair.volts())) {
            findings.add(Finding.info(
                    "{}: {} V lies between a 208 and a 240 V system: ask which it is before a tap or a coil is chosen.",
                    pair.pair(),
                    pair.volts()));
        }
        Reckoning rule = rated.rule();
        return new Judged(
                pair.pair(),
                verdict,
                reading,
                doubt,
                null,
                limits,
                new Reckoning(rule.working().then(outcome), rule.mark()));
    }

    /** To ground a leg reads something or nothing; a high leg reads 208 V where the others read 120, and is no fault. */
    private Judged toGround(PairReading pair, boolean isCorner) {
        Reading reading = Reading.of(Quantity.VOLTS, pair.volts());
        boolean alive = pair.volts() > rated.limits().low() * (1 - LOST_SHARE);
        Phrase working = isCorner
                ? Phrase.of("{} V to ground, all pairs right: this corner of the system is grounded.", pair.volts())
                : alive
                        ? Phrase.of(
                                "{} V to ground: the leg is there. 208 V on one leg only is a high-leg system, no fault.",
                                pair.volts())
                        : Phrase.of("{} V to ground: nothing on this leg.", pair.volts());
        return new Judged(
                pair.pair(),
                alive || isCorner ? Verdict.GOOD : Verdict.FAILED,
                reading,
                meter.uncertaintyOf(reading),
                null,
                null,
                new Reckoning(working, Mark.PRACTICE));
    }

    private void lost(List<PairReading> legs) {
        if (!legs.isEmpty() && highest(legs) == 0) {
            findings.add(Finding.stop(Demand.UPSTREAM, "No volts on any pair here."));
        }
        lostLeg(legs).or(() -> backFed(legs)).ifPresent(findings::add);
    }

    /** The leg that reads nothing to ground while all three pairs are inside the limits. [physics] */
    private Optional<String> groundedLeg(List<PairReading> readings) {
        List<PairReading> legs =
                readings.stream().filter(PairReading::isBetweenLegs).toList();
        Limits limits = rated.limits();
        if (legs.size() != 3 || !legs.stream().allMatch(p -> limits.contains(p.volts()))) {
            return Optional.empty();
        }
        List<PairReading> dead = readings.stream()
                .filter(p -> !isLine(p) && p.pair().endsWith("-G") && p.volts() < NOTHING)
                .toList();
        return dead.size() == 1 ? Optional.of(dead.get(0).pair().substring(0, 2)) : Optional.empty();
    }

    /** One of three pairs reads next to nothing: one of its legs is lost and fed from the other through a motor. [physics] */
    public static Optional<Finding> backFed(List<PairReading> legs) {
        double highest = highest(legs);
        List<PairReading> low =
                legs.stream().filter(p -> p.volts() < highest * BACK_FED_SHARE).toList();
        if (legs.size() != 3 || low.size() != 1 || highest == 0) {
            return Optional.empty();
        }
        return Optional.of(Finding.stop(
                Demand.FUSES,
                "{} reads {} V while the other pairs are there: one of its legs is lost and fed back through a motor, an open "
                        + "fuse as a rule. Volts to ground do not clear it. Fuses out, read by ohms.",
                low.get(0).pair(),
                low.get(0).volts()));
    }

    /** Two of three pairs that read low share the lost leg. [physics] */
    public static Optional<Finding> lostLeg(List<PairReading> legs) {
        double limit = highest(legs) * LOST_SHARE;
        List<PairReading> low = legs.stream().filter(p -> p.volts() < limit).toList();
        if (legs.size() != 3 || low.size() != 2) {
            return Optional.empty();
        }
        return Optional.of(Finding.stop(
                Demand.FUSES,
                "Leg {} is lost: {} and {} read low and share it. A running motor can feed a lost leg back, so test with the load off.",
                PairReading.shared(low.get(0), low.get(1)),
                low.get(0).pair(),
                low.get(1).pair()));
    }

    private static double highest(List<PairReading> legs) {
        double highest = 0;
        for (PairReading pair : legs) {
            highest = Math.max(highest, pair.volts());
        }
        return highest;
    }
}
