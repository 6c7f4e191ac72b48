package zestbench.core.suspect;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The faults ranked by what is known so far, one fault at a time. Bayes' rule over {@link FaultTable}, with "something
 * else" beside the faults: every observation is even odds under it, and it never falls below a floor, so that facts which
 * exclude every fault leave it standing. It proposes and hides nothing.
 */
public final class Suspects {
    /** The name "something else" goes by. */
    public static final String OTHER = "something-else";

    private static final double OTHER_COMMON = 3;
    private static final double EVEN = 0.5;
    private static final double FLOOR = 1e-9;
    /** From this ratio on an observation speaks for a fault, at its inverse against it. */
    private static final double SPEAKS = 1.25;

    /**
     * A fault with its share of the probability.
     *
     * @param share from 0 to 1; the shares of all faults and of something else are 1 together
     * @param speaksFor observations that are likelier under it than under the others, the strongest first
     * @param speaksAgainst those that are less likely under it
     */
    public record Suspect(Fault fault, double share, List<String> speaksFor, List<String> speaksAgainst) {}

    /**
     * What to find out next.
     *
     * @param bits of information it is expected to bring
     * @param share of the doubt that is there now, from 0 to 1, which these bits are
     * @param effort minutes, and what its danger weighs like in minutes
     */
    public record NextTest(Fact fact, double bits, double share, int effort) {
        double worth() {
            return bits / effort;
        }
    }

    private final Map<Fact, Boolean> known;
    private final double[] shares;
    private final double other;

    private Suspects(Map<Fact, Boolean> known) {
        this.known = new EnumMap<>(Fact.class);
        this.known.putAll(known);
        double[] weights = new double[FaultTable.ALL.size()];
        double otherWeight = OTHER_COMMON;
        for (int i = 0; i < weights.length; i++) {
            weights[i] = FaultTable.ALL.get(i).common();
        }
        for (Map.Entry<Fact, Boolean> fact : this.known.entrySet()) {
            for (int i = 0; i < weights.length; i++) {
                weights[i] *= FaultTable.ALL.get(i).likelihood(fact.getKey(), fact.getValue());
            }
            otherWeight *= EVEN;
        }
        otherWeight = Math.max(otherWeight, FLOOR);
        double sum = otherWeight;
        for (double weight : weights) {
            sum += weight;
        }
        this.shares = weights;
        for (int i = 0; i < shares.length; i++) {
            shares[i] /= sum;
        }
        this.other = otherWeight / sum;
    }

    /** @param known what was found so or not so */
    public static Suspects of(Map<Fact, Boolean> known) {
        return new Suspects(known);
    }

    /** What is left for a fault that is not in the table. */
    public double other() {
        return other;
    }

    /** Every fault, the likeliest first; equal ones as in the table. */
    public List<Suspect> ranked() {
        List<Suspect> out = new ArrayList<>();
        for (int i = 0; i < shares.length; i++) {
            out.add(suspect(i));
        }
        out.sort(Comparator.comparingDouble(Suspect::share).reversed());
        return out;
    }

    private Suspect suspect(int at) {
        Fault fault = FaultTable.ALL.get(at);
        Map<String, Double> ratios = new java.util.LinkedHashMap<>();
        known.forEach((fact, isSo) -> ratios.put(fact.words(isSo), ratio(fault, fact, isSo)));
        List<String> speaksFor = new ArrayList<>();
        List<String> speaksAgainst = new ArrayList<>();
        ratios.entrySet().stream()
                .sorted(Map.Entry.<String, Double>comparingByValue().reversed())
                .filter(e -> e.getValue() >= SPEAKS)
                .forEach(e -> speaksFor.add(e.getKey()));
        ratios.entrySet().stream()
                .sorted(Map.Entry.comparingByValue())
                .filter(e -> e.getValue() <= 1 / SPEAKS)
                .forEach(e -> speaksAgainst.add(e.getKey()));
        return new Suspect(fault, shares[at], speaksFor, speaksAgainst);
    }

    /** How much likelier an observation is under the fault than over all of them, as common as they are. */
    private static double ratio(Fault fault, Fact fact, boolean isSo) {
        double sum = OTHER_COMMON * EVEN;
        double weight = OTHER_COMMON;
        for (Fault each : FaultTable.ALL) {
            sum += each.common() * each.likelihood(fact, isSo);
            weight += each.common();
        }
        return fault.likelihood(fact, isSo) / (sum / weight);
    }

    /** The unknown facts, the one first that is expected to tell most for its effort. */
    public List<NextTest> tests() {
        List<NextTest> out = new ArrayList<>();
        double doubt = entropy();
        for (Fact fact : Fact.values()) {
            if (!known.containsKey(fact)) {
                double bits = expectedBits(fact);
                out.add(new NextTest(fact, bits, doubt > 0 ? bits / doubt : 0, fact.effort()));
            }
        }
        out.sort(Comparator.comparingDouble(NextTest::worth).reversed());
        return out;
    }

    /** The next test; empty once everything is known. */
    public Optional<NextTest> next() {
        return tests().stream().findFirst();
    }

    private double entropy() {
        double logs = plogp(other);
        for (double share : shares) {
            logs += plogp(share);
        }
        return -logs;
    }

    /** Entropy now less the entropy expected once the fact is known. */
    private double expectedBits(Fact fact) {
        double yes = 0;
        double yesLogs = 0;
        double noLogs = 0;
        for (int i = 0; i <= shares.length; i++) {
            double share = i < shares.length ? shares[i] : other;
            double likely = i < shares.length ? FaultTable.ALL.get(i).likelihood(fact, true) : EVEN;
            yes += share * likely;
            yesLogs += plogp(share * likely);
            noLogs += plogp(share * (1 - likely));
        }
        // H(F | answer), weighted by how likely each answer is, follows from the joint probabilities alone
        double after = -(yesLogs + noLogs) + plogp(yes) + plogp(1 - yes);
        return Math.max(0, entropy() - after);
    }

    private static double plogp(double p) {
        return p > 0 ? p * Math.log(p) / Math.log(2) : 0;
    }
}
