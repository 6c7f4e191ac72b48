package zestbench.core.suspect;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The faults ranked by what is known so far: the probability that each is there, alone or brought by another, so that the shares
 * may add up to more than one. Bayes' rule over every state of {@link FaultModel}, with "something else" beside them: every
 * observation is even odds under it, and it never falls below a floor, so that facts which exclude every fault leave it standing.
 * What proves a fault ends its ranking. It proposes and hides nothing.
 */
public final class Suspects {
    /** The name "something else" goes by. */
    public static final String OTHER = "something-else";

    private static final FaultModel COOLING = new FaultModel(FaultTable.ALL, FaultTable.CAUSES, 3);
    private static final FaultModel HEATING = new FaultModel(HeatTable.ALL, HeatTable.CAUSES, 3);
    private static final FaultModel HEAT_PUMP = new FaultModel(HeatPumpTable.ALL, HeatPumpTable.CAUSES, 3);
    private static final double OTHER_COMMON = 0.3;
    private static final double EVEN = 0.5;
    private static final double FLOOR = 1e-9;
    /** From this ratio on an observation speaks for a fault, at its inverse against it. */
    private static final double SPEAKS = 1.25;
    /** So many minutes are lost between any two tests: walking, opening, thinking. [practice] */
    static final double BETWEEN_MINUTES = 3;
    /** A test that settles so much of the doubt is not put off for trivial ones. [practice] */
    static final double SETTLES = 0.40;
    /** What tells less than this of the doubt is trivial beside it. [practice] */
    static final double TRIVIAL = 0.10;
    /** States below this share of the likeliest one move no test by a hundredth of a bit. */
    private static final double NEGLIGIBLE = 1e-5;

    /**
     * A fault with the probability that it is there.
     *
     * @param share from 0 to 1
     * @param speaksFor observations that are likelier under it than under the others, the strongest first
     * @param speaksAgainst those that are less likely under it
     */
    public record Suspect(Fault fault, double share, List<String> speaksFor, List<String> speaksAgainst) {}

    /**
     * A fault that is proved.
     *
     * @param causes what may have brought it, the likeliest first
     * @param harms what it may have brought, the likeliest first
     */
    public record Found(Fault fault, List<Suspect> causes, List<Suspect> harms) {}

    /**
     * What to find out next.
     *
     * @param bits of information it is expected to bring about which faults are there
     * @param share of the doubt that is there now, from 0 to 1, which these bits are
     * @param effort minutes, and what its danger weighs like in minutes
     */
    public record NextTest(Fact fact, double bits, double share, int effort) {
        double worth() {
            return bits / (effort + BETWEEN_MINUTES);
        }
    }

    private final FaultModel model;
    private final Map<Fact, Boolean> told;
    private final Map<Fact, Boolean> known;
    private final List<FaultModel.State> states;
    private final double[] weights;
    private final double[] shares;
    private final double other;
    /** What follows, once it was asked for. */
    private @Nullable List<Suspect> ranked;

    private @Nullable List<NextTest> tests;

    private Suspects(FaultModel model, Map<Fact, Boolean> known, Map<Fact, Boolean> told) {
        this.model = model;
        this.told = Map.copyOf(told);
        this.known = new EnumMap<>(Fact.class);
        this.known.putAll(known);
        this.states = model.states(!Boolean.FALSE.equals(known.get(Fact.THREE_PHASE)));
        this.weights = new double[states.size()];
        Seen seen = new Seen(model, this.known);
        double sum = 0;
        for (int i = 0; i < weights.length; i++) {
            weights[i] = states.get(i).weight() * seen.likelihood(states.get(i).faults());
            sum += weights[i];
        }
        double otherWeight = Math.max(FLOOR, OTHER_COMMON * Math.pow(EVEN, this.known.size()));
        sum += otherWeight;
        this.other = otherWeight / sum;
        this.shares = new double[model.faults().size()];
        for (int i = 0; i < weights.length; i++) {
            weights[i] /= sum;
            for (long rest = weights[i] > 0 ? states.get(i).faults() : 0; rest != 0; rest &= rest - 1) {
                shares[Long.numberOfTrailingZeros(rest)] += weights[i];
            }
        }
    }

    /** @param known what was found so or not so */
    public static Suspects of(Map<Fact, Boolean> known) {
        FaultModel model = modelOf(known);
        Map<Fact, Boolean> asked = new EnumMap<>(Fact.class);
        known.forEach((fact, isSo) -> {
            if (model.asked().contains(fact)) {
                asked.put(fact, isSo);
            }
        });
        return new Suspects(model, asked, known);
    }

    /** What is called for says which faults are in question; cooling where nobody says. */
    private static FaultModel modelOf(Map<Fact, Boolean> known) {
        if (!Boolean.TRUE.equals(known.get(Fact.HEATING))) {
            return COOLING;
        }
        return Boolean.TRUE.equals(known.get(Fact.HEAT_PUMP)) ? HEAT_PUMP : HEATING;
    }

    /** The facts that are worth finding out on such a call. */
    static Set<Fact> asked(Map<Fact, Boolean> known) {
        Set<Fact> out = EnumSet.of(Fact.HEATING);
        if (Boolean.TRUE.equals(known.get(Fact.HEATING))) {
            out.add(Fact.HEAT_PUMP);
        }
        out.addAll(modelOf(known).asked());
        return out;
    }

    static Suspects of(FaultModel model, Map<Fact, Boolean> known) {
        return new Suspects(model, known, known);
    }

    /** Whether nothing else is known now, so that these are still the suspects. */
    public boolean areOf(Map<Fact, Boolean> facts) {
        return facts.equals(told);
    }

    /** What is left for a fault that is not in the table. */
    public double other() {
        return other;
    }

    /** Every fault, the likeliest first; equal ones as in the table. */
    public List<Suspect> ranked() {
        List<Suspect> done = ranked;
        if (done == null) {
            List<Suspect> out = new ArrayList<>();
            for (int i = 0; i < shares.length; i++) {
                out.add(suspect(i));
            }
            out.sort(Comparator.comparingDouble(Suspect::share).reversed());
            done = List.copyOf(out);
            ranked = done;
        }
        return done;
    }

    /** Those that are still in question: what is proved is found and no longer ranked. */
    public List<Suspect> open() {
        return ranked().stream()
                .filter(suspect -> !suspect.fault().isProvedBy(known))
                .toList();
    }

    /** What is proved: what came first before what it brought. */
    public List<Found> found() {
        List<Found> out = new ArrayList<>();
        for (Fault fault : model.faults()) {
            boolean isPart = model.faults().stream()
                    .anyMatch(f -> f.isProvedBy(known)
                            && f.proof().size() > fault.proof().size()
                            && f.proof().entrySet().containsAll(fault.proof().entrySet()));
            if (fault.isProvedBy(known) && !isPart) {
                out.add(new Found(fault, beside(fault, true), beside(fault, false)));
            }
        }
        out.sort(Comparator.comparingInt(f -> depth(f.fault().key())));
        return out;
    }

    /** How many steps of cause lie before a fault at the most. */
    private int depth(String key) {
        int depth = 0;
        for (Cause cause : model.causes()) {
            depth = cause.effect().equals(key) ? Math.max(depth, 1 + depth(cause.by())) : depth;
        }
        return depth;
    }

    private List<Suspect> beside(Fault fault, boolean before) {
        return model.causes().stream()
                .filter(c -> (before ? c.effect() : c.by()).equals(fault.key()))
                .map(c -> suspect(model.indexOf(before ? c.by() : c.effect())))
                .filter(s -> s.share() >= LEAST_SHARE)
                .sorted(Comparator.comparingDouble(Suspect::share).reversed())
                .toList();
    }

    /** Less than this is not worth a line. */
    private static final double LEAST_SHARE = 0.005;

    private Suspect suspect(int at) {
        Fault fault = model.faults().get(at);
        Map<String, Double> ratios = new LinkedHashMap<>();
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
        return new Suspect(fault, Math.min(1, shares[at]), speaksFor, speaksAgainst);
    }

    /** How much likelier an observation is under the fault than over all of them, as common as they are. */
    private double ratio(Fault fault, Fact fact, boolean isSo) {
        double sum = OTHER_COMMON * EVEN;
        double weight = OTHER_COMMON;
        for (Fault each : model.faults()) {
            sum += each.common() * each.likelihood(fact, isSo);
            weight += each.common();
        }
        return sum == 0 ? 1 : fault.likelihood(fact, isSo) / (sum / weight);
    }

    /**
     * The unknown facts, the one first that is expected to tell most for its effort; where a fault is proved, what settles its
     * causes goes before the rest.
     */
    public List<NextTest> tests() {
        List<NextTest> done = tests;
        if (done == null) {
            done = List.copyOf(worthFinding());
            tests = done;
        }
        return done;
    }

    private List<NextTest> worthFinding() {
        List<NextTest> out = new ArrayList<>();
        double doubt = entropy();
        Outlook outlook = new Outlook();
        for (Fact fact : Fact.values()) {
            if (model.asked().contains(fact) && !known.containsKey(fact) && !fact.isIdle(known)) {
                double bits = outlook.bits(fact);
                out.add(new NextTest(fact, bits, doubt > 0 ? Math.min(1, bits / doubt) : 0, fact.effort(known)));
            }
        }
        Set<Fact> ofCauses = EnumSet.noneOf(Fact.class);
        found().forEach(f -> f.causes().forEach(c -> ofCauses.add(c.fault().settledBy())));
        boolean settles = out.stream().anyMatch(t -> t.share() >= SETTLES);
        out.sort(Comparator.comparing((NextTest t) -> !ofCauses.contains(t.fact()) && !ofCauses.isEmpty())
                .thenComparing(t -> settles && t.share() < TRIVIAL)
                .thenComparing(Comparator.comparingDouble(NextTest::worth).reversed()));
        return out;
    }

    /** The next test; empty once everything is known. */
    public Optional<NextTest> next() {
        return tests().stream().findFirst();
    }

    /** The doubt about which faults of the table are there, in bits; of something else no test tells anything. */
    double entropy() {
        double sum = 0;
        double logs = 0;
        for (double weight : weights) {
            sum += weight;
            logs += plogp(weight);
        }
        return sum > 0 ? Math.max(0, (plogp(sum) - logs) / sum) : 0;
    }

    /** The states that weigh anything, and how much of the doubt an observation takes away from them. */
    private final class Outlook {
        private final List<Long> faults = new ArrayList<>();
        private final List<Double> share = new ArrayList<>();

        Outlook() {
            double best = 0;
            for (double weight : weights) {
                best = Math.max(best, weight);
            }
            double sum = 0;
            for (int i = 0; i < weights.length; i++) {
                if (weights[i] > best * NEGLIGIBLE) {
                    faults.add(states.get(i).faults());
                    share.add(weights[i]);
                    sum += weights[i];
                }
            }
            for (int i = 0; i < share.size(); i++) {
                share.set(i, share.get(i) / sum);
            }
        }

        /** Entropy of the observation less its entropy once it is known which faults are there. */
        double bits(Fact fact) {
            double yes = 0;
            double within = 0;
            for (int i = 0; i < share.size(); i++) {
                double likely = model.likelihood(fact, faults.get(i));
                yes += share.get(i) * likely;
                within -= share.get(i) * (plogp(likely) + plogp(1 - likely));
            }
            return Math.max(0, -plogp(yes) - plogp(Math.max(0, 1 - yes)) - within);
        }
    }

    private static double plogp(double p) {
        return p > 0 ? p * Math.log(p) / Math.log(2) : 0;
    }

    /** What is known, made ready to be held against many states. */
    private static final class Seen {
        private final double[] usual;
        private final double[][] brings;
        private final double[][] hinders;
        private final boolean[] isSo;
        /** How likely each fact is found as it was where no fault touches it. */
        private final double[] untouched;
        /** The facts that each fault makes likelier or less likely, a bit for each; beyond 64 some share one, which costs time alone. */
        private final long[] touched;

        Seen(FaultModel model, Map<Fact, Boolean> known) {
            int facts = known.size();
            usual = new double[facts];
            isSo = new boolean[facts];
            brings = new double[facts][model.faults().size()];
            hinders = new double[facts][model.faults().size()];
            untouched = new double[facts];
            touched = new long[model.faults().size()];
            int at = 0;
            for (Map.Entry<Fact, Boolean> each : known.entrySet()) {
                double yes = each.getKey().usual().ofYes();
                usual[at] = yes;
                isSo[at] = each.getValue();
                for (int f = 0; f < model.faults().size(); f++) {
                    Likelihood marked = model.faults().get(f).marked().get(each.getKey());
                    double under = marked == null ? yes : marked.ofYes();
                    brings[at][f] = under >= yes && yes < 1 ? (1 - under) / (1 - yes) : 1;
                    hinders[at][f] = under < yes ? under / yes : 1;
                    touched[f] |= brings[at][f] == 1 && hinders[at][f] == 1 ? 0 : 1L << at;
                }
                untouched[at] = likelihood(at, 0);
                at++;
            }
        }

        double likelihood(long faults) {
            long seen = 0;
            for (long rest = faults; rest != 0; rest &= rest - 1) {
                seen |= touched[Long.numberOfTrailingZeros(rest)];
            }
            double product = 1;
            for (int fact = 0; fact < usual.length && product > 0; fact++) {
                product *= (seen & 1L << fact) == 0 ? untouched[fact] : likelihood(fact, faults);
            }
            return product;
        }

        private double likelihood(int fact, long faults) {
            double notBrought = 1 - usual[fact];
            double hindered = 1;
            for (long rest = faults; rest != 0; rest &= rest - 1) {
                int fault = Long.numberOfTrailingZeros(rest);
                notBrought *= brings[fact][fault];
                hindered *= hinders[fact][fault];
            }
            double yes = (1 - notBrought) * hindered;
            return isSo[fact] ? yes : 1 - yes;
        }
    }
}
