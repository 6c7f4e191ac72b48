package zestbench.core.winding;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Limits;
import zestbench.core.quantity.Meter;

/**
 * Three terminals, read pair by pair, named or not. In a single-phase motor R–S = C–R + C–S and the start winding has more
 * ohms than the run winding, so the largest pair is R–S and the smallest C–R. [physics]
 */
public final class Windings {
    /** Sum and equality are held to this share, beside the meter's doubt. [practice] */
    private static final double SHARE = 0.05;

    private static final List<String> NAMES = List.of("C", "R", "S");

    /** Which terminal is which. @param run null where run and start cannot be told apart */
    public record Named(
            String common, @Nullable String run, @Nullable String start) {
        /** {@code C is 1, R is 2, S is 3}. */
        public String words() {
            return run == null ? "C is " + common : "C is " + common + ", R is " + run + ", S is " + start;
        }
    }

    /**
     * What the readings say.
     *
     * @param named empty for three phases, and where an open pair hides it
     * @param isCoolingDown whether it is to be cooled and read again
     */
    public record Found(Judgement judgement, Optional<Named> named, boolean isCoolingDown) {}

    /** So long a shell is cooled in moving air before the second reading, at the least. [practice] */
    public static final int COOL_DOWN_MINUTES = 30;

    private final List<PairOhms> pairs = new ArrayList<>();
    private final List<Judged> verdicts = new ArrayList<>();
    private final List<Finding> findings = new ArrayList<>();
    private final Meter meter;
    private final @Nullable Boolean shellHot;
    private final int phase;
    private @Nullable Named named;
    private boolean isCoolingDown;

    private Windings(Meter meter, @Nullable Boolean shellHot, int phase) {
        this.meter = meter;
        this.shellHot = shellHot;
        this.phase = phase;
    }

    /**
     * Judges windings, ground readings, or both.
     *
     * @param readings the three pairs of three terminals, or none of them; and any number of readings to ground
     * @param shellHot whether the shell was too hot to touch; null where it was not felt
     * @param phase 1 or 3 where it is known; 0 where the readings have to tell
     */
    public static Found judge(List<PairOhms> readings, @Nullable Boolean shellHot, int phase, Meter meter) {
        Windings windings = new Windings(meter, shellHot, phase);
        readings.stream().filter(r -> !r.isToGround()).forEach(windings.pairs::add);
        InputProblem.require(!readings.isEmpty(), "readings", "none", "give pairs such as 1-2 and their ohms");
        if (!windings.pairs.isEmpty()) {
            windings.requireThreePairs();
            windings.windings();
        }
        for (PairOhms pair : readings) {
            if (pair.isToGround()) {
                windings.verdicts.add(Insulation.judge(pair, meter, windings.findings));
            }
        }
        return new Found(
                Judgement.of(windings.verdicts, windings.findings),
                Optional.ofNullable(windings.named),
                windings.isCoolingDown);
    }

    private void requireThreePairs() {
        TreeSet<String> terminals = new TreeSet<>();
        TreeSet<String> different = new TreeSet<>();
        for (PairOhms pair : pairs) {
            terminals.add(pair.one());
            terminals.add(pair.two());
            different.add(pair.one().compareTo(pair.two()) < 0 ? pair.pair() : pair.two() + "-" + pair.one());
        }
        InputProblem.require(
                pairs.size() == 3 && terminals.size() == 3 && different.size() == 3,
                "readings",
                pairs.stream().map(PairOhms::pair).toList(),
                "give the three pairs of three terminals, as 1-2, 1-3 and 2-3");
    }

    private void windings() {
        List<PairOhms> open = pairs.stream().filter(p -> !p.isClosed()).toList();
        if (open.isEmpty()) {
            closed();
        } else if (open.size() == 2) {
            twoOpen(open);
        } else if (open.size() == 3) {
            allOpen();
        } else {
            oneOpen(open.get(0));
        }
    }

    private void closed() {
        List<PairOhms> rising = pairs.stream()
                .sorted(Comparator.comparingDouble(PairOhms::ohms))
                .toList();
        if (rising.get(2).ohms() == 0) {
            shorted();
            return;
        }
        if (isThreePhase(rising)) {
            threePhase();
            return;
        }
        if (rising.get(0).ohms() == 0) {
            oneShorted(rising.get(0));
            return;
        }
        name(rising.get(0), rising.get(1));
        sum(rising.get(0), rising.get(1), rising.get(2));
    }

    private boolean isThreePhase(List<PairOhms> rising) {
        if (phase != 0) {
            return phase == 3;
        }
        double sum = rising.get(0).ohms() + rising.get(1).ohms();
        double offSum = Math.abs(rising.get(2).ohms() - sum) / sum;
        return offEqual() < offSum;
    }

    private double mean() {
        return pairs.stream().mapToDouble(PairOhms::ohms).average().orElse(0);
    }

    /** The greatest deviation from the mean, as a share of it. */
    private double offEqual() {
        double mean = mean();
        return pairs.stream().mapToDouble(p -> Math.abs(p.ohms() - mean)).max().orElse(0) / mean;
    }

    private void shorted() {
        pairs.forEach(p -> add(
                p, Verdict.TOO_CLOSE, null, Reckoning.of(Mark.PRACTICE, "0 Ω: this meter cannot tell a low winding.")));
        findings.add(Finding.caution(
                "All three read 0 Ω: windings too low for this meter, or shorted. Settle it with a milliohm meter."));
    }

    /** A pair of 0 Ω is shorted, or lower than this meter can tell: nothing is named by it. */
    private void oneShorted(PairOhms least) {
        Reckoning reckoning = Reckoning.of(
                Mark.PHYSICS, "{} reads 0 Ω: that winding is shorted, or too low for this meter.", least.pair());
        pairs.forEach(p -> add(p, Verdict.TOO_CLOSE, null, reckoning));
        findings.add(Finding.caution(
                "{} reads 0 Ω: shorted, or under what this meter shows. Zero the leads and settle it with a milliohm meter.",
                least.pair()));
    }

    private void threePhase() {
        double mean = mean();
        Limits limits = new Limits(mean * (1 - SHARE), mean * (1 + SHARE));
        boolean isApart = false;
        for (PairOhms pair : pairs) {
            double off = Math.abs(pair.ohms() - mean);
            boolean inside = off <= SHARE * mean;
            boolean coarse = off <= SHARE * mean + step(pair);
            isApart |= !inside && !coarse;
            add(
                    pair,
                    inside ? Verdict.GOOD : coarse ? Verdict.TOO_CLOSE : Verdict.FAILED,
                    limits,
                    Reckoning.of(
                            Mark.PRACTICE,
                            "mean {} Ω; {} Ω is {} % off it, 5 % allowed.",
                            Figures.fixed(mean, 2),
                            pair.ohms(),
                            Figures.fixed(100 * off / mean, 1)));
        }
        if (isApart) {
            findings.add(Finding.caution("A phase is off the mean of the three: turns shorted, or a bad connection. "
                    + "Zero the leads and read at the terminals once more."));
        } else if (phase == 0) {
            findings.add(Finding.info("All three alike: a three-phase or electronic motor, not a single-phase one."));
        }
    }

    private double step(PairOhms pair) {
        return pair.reading().resolution() != null
                ? pair.reading().resolution()
                : pair.reading().quantity().resolutionAt(pair.ohms());
    }

    /** C is the terminal that the largest pair has not; R shares the smallest pair with it. */
    private void name(PairOhms least, PairOhms middle) {
        String common = least.shared(middle);
        String nearer = least.one().equals(common) ? least.two() : least.one();
        String farther = middle.one().equals(common) ? middle.two() : middle.one();
        boolean alike = middle.ohms() - least.ohms() <= SHARE * (middle.ohms() + least.ohms()) / 2;
        named = alike ? new Named(common, null, null) : new Named(common, nearer, farther);
        if (alike) {
            findings.add(Finding.info(
                    "C is {}. Both windings are alike: a reversible motor, run and start cannot be named.", common));
        } else {
            findings.add(Finding.info("{}.", new Named(common, nearer, farther).words()));
            if (middle.ohms() - least.ohms() <= apart(least, middle)) {
                findings.add(Finding.info(
                        "Run and start differ by less than this meter can tell: prove it on the motor's diagram."));
            }
        }
        boolean areMarked = pairs.stream().allMatch(p -> NAMES.contains(p.one()) && NAMES.contains(p.two()));
        if (areMarked && !(common.equals("C") && (alike || nearer.equals("R")))) {
            findings.add(Finding.caution(
                    "The terminals are marked otherwise than they read: {} reads as C. Check the marking.", common));
        }
    }

    private double apart(PairOhms a, PairOhms b) {
        return Math.hypot(a.uncertainty(meter), b.uncertainty(meter));
    }

    private void sum(PairOhms least, PairOhms middle, PairOhms most) {
        double sum = least.ohms() + middle.ohms();
        double doubt = Math.hypot(apart(least, middle), most.uncertainty(meter));
        double off = Math.abs(most.ohms() - sum);
        boolean agrees = off <= SHARE * sum;
        boolean isOff = off > SHARE * sum + doubt;
        Verdict verdict = agrees ? Verdict.GOOD : isOff ? Verdict.WEAK : Verdict.TOO_CLOSE;
        Reckoning part = Reckoning.of(
                Mark.PHYSICS,
                "{} + {} = {} Ω, read {} Ω: {} % off; 5 % is allowed, the meter is good to {} Ω.",
                least.ohms(),
                middle.ohms(),
                Figures.tidy(sum),
                most.ohms(),
                Math.round(100 * off / sum),
                Figures.fixed(doubt, 2));
        Limits limits = new Limits(Math.max(0, sum * (1 - SHARE)), sum * (1 + SHARE));
        add(least, verdict, null, part);
        add(middle, verdict, null, part);
        add(most, verdict, limits, part);
        if (verdict == Verdict.TOO_CLOSE) {
            findings.add(Finding.caution(
                    "The largest is {} % off the sum of the other two, inside what this meter can tell: zero the leads and "
                            + "read again, or take a milliohm meter.",
                    Math.round(100 * off / sum)));
        }
        if (isOff) {
            findings.add(Finding.caution("The largest is not the sum of the other two: the windings are doubtful. "
                    + "Zero the leads, read at the far end of the wires, then at the terminals."));
        }
    }

    /** Both pairs with one terminal open, the third closed: that terminal's branch is open. */
    private void twoOpen(List<PairOhms> open) {
        String lost = open.get(0).shared(open.get(1));
        boolean areMarked = NAMES.contains(lost);
        boolean isOverload = lost.equals("C");
        Verdict verdict = Boolean.FALSE.equals(shellHot) ? Verdict.FAILED : Verdict.TOO_CLOSE;
        String pattern = isOverload
                ? "C is open to both, R–S reads: the internal overload is open."
                : areMarked
                        ? "{} is open to both others: that winding is open."
                        : "{} is open to both others: the overload if it is C, that winding if it is not.";
        Reckoning reckoning = Reckoning.of(Mark.PHYSICS, pattern, lost);
        for (PairOhms pair : pairs) {
            add(pair, pair.isClosed() ? Verdict.GOOD : verdict, null, reckoning);
        }
        if (verdict == Verdict.FAILED) {
            findings.add(
                    isOverload
                            ? Finding.caution("Still open with a cold shell: read at the terminals, past plug and "
                                    + "leads. Open there too, the overload itself has failed.")
                            : Finding.caution("Open with a cold shell: read at the terminals, past plug and leads. "
                                    + "Open there too, the motor has failed."));
        } else {
            coolDown(isOverload || !areMarked);
        }
    }

    private void allOpen() {
        Verdict verdict = Boolean.FALSE.equals(shellHot) ? Verdict.FAILED : Verdict.TOO_CLOSE;
        Reckoning reckoning =
                Reckoning.of(Mark.PHYSICS, "All three are open: an overload in the star point, or the leads are off.");
        pairs.forEach(p -> add(p, verdict, null, reckoning));
        if (verdict == Verdict.FAILED) {
            findings.add(Finding.caution(
                    "All open with a cold shell: read at the terminals, past plug and leads, before it is given up."));
        } else {
            coolDown(true);
        }
    }

    private void coolDown(boolean canBeOverload) {
        isCoolingDown = true;
        findings.add(Finding.caution(
                canBeOverload
                        ? "An open overload is no dead compressor. {}Cool it 30 to 60 min in moving air, hours for a "
                                + "big scroll, and read again; water only with power locked out and the box closed."
                        : "Never given up hot. {}Cool it 30 to 60 min in moving air and read again.",
                shellHot == null ? "Feel the shell. " : ""));
    }

    /** Two closed pairs close the third one too: one of the readings is wrong. */
    private void oneOpen(PairOhms open) {
        Reckoning reckoning =
                Reckoning.of(Mark.PHYSICS, "{} cannot be open while the other two pairs are closed.", open.pair());
        pairs.forEach(p -> add(p, p.isClosed() ? Verdict.GOOD : Verdict.TOO_CLOSE, null, reckoning));
        findings.add(Finding.caution("{} does not go with the other two: read it again.", open.pair()));
    }

    private void add(PairOhms pair, Verdict verdict, @Nullable Limits limits, Reckoning reckoning) {
        verdicts.add(
                new Judged(pair.pair(), verdict, pair.reading(), pair.uncertainty(meter), null, limits, reckoning));
    }
}
