package zestbench.core.suspect;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import zestbench.core.suspect.Suspects.Found;
import zestbench.core.suspect.Suspects.NextTest;
import zestbench.core.suspect.Suspects.Suspect;

class SuspectsTest {
    /** What the processor spent, whatever else it had to do. */
    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();

    private static final double COINCIDENCE = 0.0001;
    private static final double OTHER = 0.3;

    /** "OUTDOOR_FAN_RUNS !COMPRESSOR_RUNS": what is so, and with a mark before it what is not. */
    private static Map<Fact, Boolean> facts(String words) {
        Map<Fact, Boolean> out = new EnumMap<>(Fact.class);
        for (String word : words.strip().split("\\s+")) {
            boolean isSo = !word.startsWith("!");
            out.put(Fact.valueOf(isSo ? word : word.substring(1)), isSo);
        }
        return out;
    }

    private static Suspect suspect(Suspects suspects, String key) {
        return suspects.ranked().stream()
                .filter(s -> s.fault().key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    /** A small table drawn at random: five faults, causes from earlier to later ones, six observations. */
    private record Drawn(List<Fault> faults, List<Cause> causes, Map<Fact, Boolean> known) {
        static Drawn of(int seed) {
            Random random = new Random(seed);
            Likelihood[] words = Likelihood.values();
            Fact[] seen = {Fact.ICE, Fact.GROWLS, Fact.SUDDEN, Fact.HERM_OUT, Fact.LINE_VOLTS, Fact.INDOOR_RUNS};
            List<Fault> faults = new ArrayList<>();
            List<Cause> causes = new ArrayList<>();
            for (int i = 0; i < 5; i++) {
                Fault fault = Fault.of("f" + i, 1 + random.nextInt(9), "fault " + i, seen[i], "look");
                for (Fact fact : seen) {
                    Likelihood word = words[random.nextInt(words.length)];
                    fault = random.nextBoolean() ? marked(fault, fact, word) : fault;
                }
                faults.add(fault);
                for (int before = 0; before < i; before++) {
                    if (random.nextInt(3) == 0) {
                        causes.add(new Cause("f" + before, "f" + i, words[1 + random.nextInt(words.length - 2)]));
                    }
                }
            }
            Map<Fact, Boolean> known = new EnumMap<>(Fact.class);
            for (Fact fact : seen) {
                if (random.nextInt(3) > 0) {
                    known.put(fact, random.nextBoolean());
                }
            }
            return new Drawn(faults, causes, known);
        }

        private static Fault marked(Fault fault, Fact fact, Likelihood word) {
            return switch (word) {
                case CERTAIN -> fault.certain(fact);
                case ALWAYS -> fault.always(fact);
                case OFTEN -> fault.often(fact);
                case SOMETIMES -> fault.sometimes(fact);
                case SELDOM -> fault.seldom(fact);
                case RARE -> fault.rare(fact);
                case NEVER -> fault.never(fact);
                case PLAIN -> fault;
            };
        }
    }

    /** Written out again from the definition: every choice of faults that come alone, every choice of causes that bring or do not. */
    private static double[] enumerated(Drawn drawn) {
        int n = drawn.faults().size();
        double[] shares = new double[n + 1];
        double sum = 0;
        for (int alone = 1; alone < 1 << n; alone++) {
            if (Integer.bitCount(alone) > 3) {
                continue;
            }
            double prior = Math.pow(COINCIDENCE, Integer.bitCount(alone) - 1.0);
            for (int i = 0; i < n; i++) {
                prior *= (alone & (1 << i)) != 0 ? drawn.faults().get(i).common() : 1;
            }
            for (int brings = 0; brings < 1 << drawn.causes().size(); brings++) {
                double weight = prior;
                int there = alone;
                boolean isCounted = true;
                for (int i = 0; i < n; i++) {
                    for (int c = 0; c < drawn.causes().size(); c++) {
                        Cause cause = drawn.causes().get(c);
                        if (!cause.effect().equals("f" + i)) {
                            continue;
                        }
                        boolean isActive =
                                (there & (1 << Integer.parseInt(cause.by().substring(1)))) != 0;
                        boolean does = (brings & (1 << c)) != 0;
                        isCounted &= isActive || !does; // an idle cause is counted once, as not bringing
                        double p = cause.likely().ofYes();
                        weight *= isActive ? (does ? p : 1 - p) : 1;
                        there |= isActive && does ? 1 << i : 0;
                    }
                }
                if (!isCounted || isContradiction(drawn.faults(), there)) {
                    continue;
                }
                for (Map.Entry<Fact, Boolean> seen : drawn.known().entrySet()) {
                    double yes = noisyOr(drawn.faults(), there, seen.getKey());
                    weight *= seen.getValue() ? yes : 1 - yes;
                }
                sum += weight;
                for (int i = 0; i < n; i++) {
                    shares[i] += (there & (1 << i)) != 0 ? weight : 0;
                }
            }
        }
        double other = Math.max(1e-9, OTHER * Math.pow(0.5, drawn.known().size()));
        sum += other;
        for (int i = 0; i < n; i++) {
            shares[i] /= sum;
        }
        shares[n] = other / sum;
        return shares;
    }

    /** What is certain under one fault and never under another. */
    private static boolean isContradiction(List<Fault> faults, int there) {
        for (Fact fact : Fact.values()) {
            boolean certain = false;
            boolean never = false;
            for (int i = 0; i < faults.size(); i++) {
                Likelihood word =
                        (there & (1 << i)) == 0 ? null : faults.get(i).marked().get(fact);
                certain |= word == Likelihood.CERTAIN;
                never |= word == Likelihood.NEVER;
            }
            if (certain && never) {
                return true;
            }
        }
        return false;
    }

    private static double noisyOr(List<Fault> faults, int there, Fact fact) {
        double usual = fact.usual().ofYes();
        double spared = 1 - usual;
        double let = 1;
        for (int i = 0; i < faults.size(); i++) {
            Likelihood word =
                    (there & (1 << i)) == 0 ? null : faults.get(i).marked().get(fact);
            if (word != null && word.ofYes() >= usual) {
                spared *= (1 - word.ofYes()) / (1 - usual);
            } else if (word != null) {
                let *= word.ofYes() / usual;
            }
        }
        return (1 - spared) * let;
    }

    @RepeatedTest(60)
    void sharesAreThoseOfAnIndependentEnumeration(RepetitionInfo run) {
        Drawn drawn = Drawn.of(run.getCurrentRepetition());
        Suspects suspects = Suspects.of(new FaultModel(drawn.faults(), drawn.causes(), 3), drawn.known());
        double[] expected = enumerated(drawn);
        for (int i = 0; i < drawn.faults().size(); i++) {
            assertThat(suspect(suspects, "f" + i).share())
                    .as("seed %s, fault %s", run.getCurrentRepetition(), i)
                    .isCloseTo(expected[i], within(1e-9));
        }
        assertThat(suspects.other()).isCloseTo(expected[drawn.faults().size()], within(1e-9));
    }

    /** A cause that is there explains what it brings: the chain stands together, the shares are not exclusive. */
    @Test
    void aChainStandsTogether() {
        Suspects suspects = Suspects.of(facts("THREE_PHASE GROWLS LEG_LOST FUSE_OPEN GROUNDED"));
        List<String> found = suspects.found().stream().map(f -> f.fault().key()).toList();
        assertThat(found).containsExactly("compressor-grounded", "fuse-open", "leg-lost");
        assertThat(suspect(suspects, "compressor-grounded").share()).isGreaterThan(0.95);
        assertThat(suspect(suspects, "leg-lost").share()).isGreaterThan(0.95);
        Found fuse = suspects.found().get(1);
        assertThat(fuse.causes().get(0).fault().key()).isEqualTo("compressor-grounded");
        assertThat(fuse.harms()).extracting(s -> s.fault().key()).contains("leg-lost");
    }

    @Test
    void bothSectionsDeadAreOneFault() {
        Suspects suspects = Suspects.of(facts("HERM_OUT FAN_OUT !COMPRESSOR_RUNS !OUTDOOR_FAN_RUNS"));
        assertThat(suspects.found()).extracting(f -> f.fault().key()).containsExactly("capacitor-dual");
        assertThat(suspects.ranked().get(0).fault().key()).isEqualTo("capacitor-dual");
    }

    @Test
    void anOpenOverloadPointsToItsCauses() {
        Suspects suspects = Suspects.of(facts("WINDING_OPEN SHELL_HOT OUTDOOR_FAN_RUNS !COMPRESSOR_RUNS !THREE_PHASE"));
        Found found = suspects.found().get(0);
        assertThat(found.fault().key()).isEqualTo("overload-open");
        assertThat(found.causes()).extracting(s -> s.fault().key()).contains("capacitor-herm", "start-device");
        assertThat(suspects.next().orElseThrow().fact())
                .as("what may have opened it is read next")
                .isIn(found.causes().stream().map(s -> s.fault().settledBy()).toList());
    }

    @Test
    void whatIsExcludedDropsAndIsStillListed() {
        Map<Fact, Boolean> known = facts("OUTDOOR_FAN_RUNS !COMPRESSOR_RUNS COMPRESSOR_HUMS");
        assertThat(Suspects.of(known).ranked().get(0).fault().key()).isEqualTo("capacitor-herm");
        known.put(Fact.THREE_PHASE, true);
        assertThat(suspect(Suspects.of(known), "capacitor-herm").share())
                .as("no run capacitor on a three-phase compressor")
                .isZero();
        assertThat(Suspects.of(known).ranked()).hasSize(FaultTable.ALL.size());
        known.put(Fact.THREE_PHASE, false);
        assertThat(suspect(Suspects.of(known), "leg-lost").share()).isZero();
        assertThat(suspect(Suspects.of(known), "phase-reversed").share()).isZero();
    }

    @Test
    void aGoodSectionClearsItsCapacitor() {
        Map<Fact, Boolean> known = facts("OUTDOOR_FAN_RUNS !COMPRESSOR_RUNS COMPRESSOR_HUMS");
        double before = suspect(Suspects.of(known), "capacitor-herm").share();
        known.put(Fact.HERM_OUT, false);
        Suspect cleared = suspect(Suspects.of(known), "capacitor-herm");
        assertThat(cleared.share()).isLessThan(before / 3);
        assertThat(cleared.speaksAgainst()).contains("HERM section good");
    }

    @Test
    void factsThatContradictEachOtherLeaveSomethingElse() {
        Suspects suspects = Suspects.of(facts(
                "WINDING_OPEN GROUNDED RUNS_WITHOUT_CALL NOT_PUMPING TWO_START_DEVICES CONTROL_FUSE_OPEN COIL_OPEN"));
        assertThat(suspects.other()).isEqualTo(1);
        assertThat(suspects.ranked()).allSatisfy(s -> assertThat(s.share()).isZero());
        assertThat(suspects.tests()).allSatisfy(t -> assertThat(t.share()).isBetween(0.0, 1.0));
    }

    @RepeatedTest(30)
    void whateverIsKnownSharesArePossibleAndTestsTellNoMoreThanTheDoubt(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        Map<Fact, Boolean> known = new EnumMap<>(Fact.class);
        for (Fact fact : Fact.values()) {
            if (random.nextInt(8) == 0) {
                known.put(fact, random.nextBoolean());
            }
        }
        Suspects suspects = Suspects.of(known);
        assertThat(suspects.ranked()).allSatisfy(s -> assertThat(s.share()).isBetween(0.0, 1.0));
        assertThat(suspects.other()).isBetween(0.0, 1.0);
        double doubt = suspects.entropy();
        assertThat(suspects.tests()).allSatisfy(t -> {
            assertThat(t.bits()).isBetween(0.0, doubt + 1e-3);
            assertThat(known).doesNotContainKey(t.fact());
        });
    }

    /** Every tap reckons it anew, so it has to be quick. */
    @Test
    void aTapTakesTwentyMilliseconds() {
        Map<Fact, Boolean> known =
                facts("INDOOR_RUNS !OUTDOOR_FAN_RUNS !COMPRESSOR_RUNS !THREE_PHASE CONTACTOR_IN LINE_VOLTS");
        for (int i = 0; i < 40; i++) {
            Suspects.of(known).next();
        }
        long best = Long.MAX_VALUE;
        for (int i = 0; i < 40; i++) {
            long from = THREADS.getCurrentThreadCpuTime();
            Suspects suspects = Suspects.of(known);
            suspects.ranked();
            suspects.next();
            best = Math.min(best, THREADS.getCurrentThreadCpuTime() - from);
        }
        assertThat(best / 1e6).as("milliseconds, the best of 40").isLessThan(20);
    }

    @Test
    void theTableIsWhole() {
        assertThat(FaultTable.ALL).hasSizeGreaterThanOrEqualTo(35);
        assertThat(FaultTable.ALL.stream().map(Fault::key)).doesNotHaveDuplicates();
        assertThat(FaultTable.ALL).allSatisfy(f -> {
            assertThat(f.common()).isPositive();
            assertThat(f.test()).isNotBlank();
        });
        Set<String> keys = new HashSet<>(FaultTable.ALL.stream().map(Fault::key).toList());
        assertThat(FaultTable.CAUSES).allSatisfy(c -> assertThat(keys).contains(c.by(), c.effect()));
        Set<Fact> asked = new HashSet<>();
        Question.ALL.forEach(
                q -> q.answers().forEach(a -> asked.addAll(a.facts().keySet())));
        assertThat(asked).as("every fact can be answered").containsExactlyInAnyOrder(Fact.values());
        assertThat(Question.ALL.stream().map(Question::key)).doesNotHaveDuplicates();
    }

    @Test
    void theFirstQuestionCostsLittleAndTellsMuch() {
        NextTest first = Suspects.of(Map.of()).next().orElseThrow();
        assertThat(first.fact().isLive())
                .as("nothing live before anything is asked")
                .isFalse();
        assertThat(first.bits()).isGreaterThan(0.2);
    }
}
