package zestbench.core.suspect;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Faults, what brings what, and what is seen under them. A fault comes alone, at most three of them at once, or is brought by
 * another; what is seen follows from every fault that is there: each that makes an observation likelier than usual may bring it by
 * itself (noisy-or), each that makes it less likely may hinder it by itself.
 *
 * <p>Every state, the faults that are there whether they came alone or were brought, is written out once with its weight, so that what
 * is reckoned from them is exact.
 */
final class FaultModel {
    /** What a second fault that has nothing to do with the first weighs beside it, for each unit of how common it is. [practice] */
    private static final double COINCIDENCE = 0.0001;

    /** A state. @param faults all that are there, a bit each */
    record State(long faults, double weight) {}

    private final List<Fault> faults;
    private final List<Cause> causes;
    private final long[] excludes;
    private final int most;
    private final Set<Fact> asked = EnumSet.noneOf(Fact.class);
    private final Map<Boolean, List<State>> byPhase = new HashMap<>();

    /** @param most faults that may come alone at once */
    FaultModel(List<Fault> faults, List<Cause> causes, int most) {
        this.faults = List.copyOf(faults);
        this.causes = inOrder(faults, causes);
        this.excludes = excludes(faults);
        this.most = most;
        faults.forEach(fault -> asked.addAll(fault.marked().keySet()));
        faults.forEach(fault -> asked.addAll(fault.proof().keySet()));
        faults.forEach(fault -> asked.add(fault.settledBy()));
    }

    List<Fault> faults() {
        return faults;
    }

    /** The facts that tell one of its faults from another. */
    Set<Fact> asked() {
        return asked;
    }

    List<Cause> causes() {
        return causes;
    }

    int indexOf(String key) {
        for (int i = 0; i < faults.size(); i++) {
            if (faults.get(i).key().equals(key)) {
                return i;
            }
        }
        throw new IllegalArgumentException(key);
    }

    /** All states. @param isThreePhase false where that is excluded, so that what needs three phases brings nothing */
    synchronized List<State> states(boolean isThreePhase) {
        return byPhase.computeIfAbsent(isThreePhase, this::enumerate);
    }

    private List<State> enumerate(boolean isThreePhase) {
        Map<Long, Double> out = new LinkedHashMap<>();
        double[][] brings = new double[faults.size()][faults.size()];
        for (Cause cause : causes) {
            boolean isOff = cause.onlyIf() == Fact.THREE_PHASE && !isThreePhase;
            brings[indexOf(cause.by())][indexOf(cause.effect())] =
                    isOff ? 0 : cause.likely().ofYes();
        }
        List<Integer> effects =
                causes.stream().map(c -> indexOf(c.effect())).distinct().toList();
        add(0, 0, 0L, 1, out, brings, effects);
        List<State> all = new ArrayList<>();
        out.forEach((there, weight) -> all.add(new State(there, weight)));
        return all;
    }

    private void add(
            int from,
            int count,
            long set,
            double weight,
            Map<Long, Double> out,
            double[][] brings,
            List<Integer> effects) {
        if (count > 0) {
            spread(set, weight, 0, out, brings, effects);
        }
        if (count == most) {
            return;
        }
        for (int i = from; i < faults.size(); i++) {
            double more = faults.get(i).common() * (count == 0 ? 1 : COINCIDENCE);
            add(i + 1, count + 1, set | (1L << i), weight * more, out, brings, effects);
        }
    }

    /** What is brought and what is not, effect by effect, causes before what they bring. */
    private void spread(
            long faultsThere, double weight, int at, Map<Long, Double> out, double[][] brings, List<Integer> effects) {
        if (at == effects.size()) {
            if (isPossible(faultsThere)) {
                out.merge(faultsThere, weight, Double::sum);
            }
            return;
        }
        int effect = effects.get(at);
        double spared = 1;
        for (int i = 0; i < faults.size(); i++) {
            spared *= (faultsThere & (1L << i)) != 0 ? 1 - brings[i][effect] : 1;
        }
        boolean isThere = (faultsThere & (1L << effect)) != 0;
        if (isThere || spared == 1) {
            spread(faultsThere, weight, at + 1, out, brings, effects);
            return;
        }
        spread(faultsThere, weight * spared, at + 1, out, brings, effects);
        spread(faultsThere | (1L << effect), weight * (1 - spared), at + 1, out, brings, effects);
    }

    /** What is certain under one fault and never under another: a lost leg of three, a run capacitor on one phase. */
    private boolean isPossible(long faultsThere) {
        for (int i = 0; i < faults.size(); i++) {
            if ((faultsThere & (1L << i)) != 0 && (faultsThere & excludes[i]) != 0) {
                return false;
            }
        }
        return true;
    }

    private static long[] excludes(List<Fault> faults) {
        long[] out = new long[faults.size()];
        for (int i = 0; i < out.length; i++) {
            for (Map.Entry<Fact, Likelihood> mark : faults.get(i).marked().entrySet()) {
                for (int j = 0; mark.getValue() == Likelihood.CERTAIN && j < out.length; j++) {
                    boolean isNever = faults.get(j).marked().get(mark.getKey()) == Likelihood.NEVER;
                    out[i] |= isNever ? 1L << j : 0;
                }
            }
        }
        return out;
    }

    /** The probability that an observation is so, with these faults there. */
    double likelihood(Fact fact, long faultsThere) {
        double usual = fact.usual().ofYes();
        double notBrought = 1 - usual;
        double hindered = 1;
        for (long rest = faultsThere; rest != 0; rest &= rest - 1) {
            Likelihood marked =
                    faults.get(Long.numberOfTrailingZeros(rest)).marked().get(fact);
            if (marked != null) {
                double yes = marked.ofYes();
                if (yes >= usual) {
                    notBrought *= usual < 1 ? (1 - yes) / (1 - usual) : 1;
                } else {
                    hindered *= yes / usual;
                }
            }
        }
        return (1 - notBrought) * hindered;
    }

    /** Effects after all that can bring them. */
    private static List<Cause> inOrder(List<Fault> faults, List<Cause> causes) {
        List<Cause> out = new ArrayList<>();
        List<String> done = new ArrayList<>();
        List<String> left = new ArrayList<>(faults.stream().map(Fault::key).toList());
        while (!left.isEmpty()) {
            String next = left.stream()
                    .filter(key -> causes.stream().allMatch(c -> !c.effect().equals(key) || done.contains(c.by())))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException("faults bring each other in a circle: " + left));
            left.remove(next);
            done.add(next);
            causes.stream().filter(c -> c.effect().equals(next)).forEach(out::add);
        }
        return List.copyOf(out);
    }
}
