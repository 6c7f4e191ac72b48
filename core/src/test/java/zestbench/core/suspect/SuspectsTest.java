package zestbench.core.suspect;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.suspect.Suspects.NextTest;
import zestbench.core.suspect.Suspects.Suspect;

class SuspectsTest {
    /** "OUTDOOR_FAN_RUNS !COMPRESSOR_RUNS": what is so, and with a mark before it what is not. */
    private static Map<Fact, Boolean> facts(String words) {
        Map<Fact, Boolean> out = new EnumMap<>(Fact.class);
        for (String word : words.strip().split("\\s+")) {
            boolean isSo = !word.startsWith("!");
            out.put(Fact.valueOf(isSo ? word : word.substring(1)), isSo);
        }
        return out;
    }

    private static List<String> ranked(Map<Fact, Boolean> known) {
        return Suspects.of(known).ranked().stream().map(s -> s.fault().key()).toList();
    }

    /** The rows of the trade's table of symptoms: the first suspect leads, the others follow within the row's count + 2. */
    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "fan runs, compressor hums and drops out | OUTDOOR_FAN_RUNS !COMPRESSOR_RUNS COMPRESSOR_HUMS CONTACTOR_IN"
                        + " | capacitor-herm | overload-open start-device compressor-seized",
                "fan runs, compressor silent | OUTDOOR_FAN_RUNS !COMPRESSOR_RUNS !COMPRESSOR_HUMS CONTACTOR_IN"
                        + " | capacitor-herm | overload-open start-device plug-burnt",
                "compressor runs, fan does not | COMPRESSOR_RUNS !OUTDOOR_FAN_RUNS CONTACTOR_IN"
                        + " | capacitor-fan | fan-motor fan-relay",
                "neither runs, contactor in | !COMPRESSOR_RUNS !COMPRESSOR_HUMS !OUTDOOR_FAN_RUNS CONTACTOR_IN"
                        + " | supply-gone | contact-burnt fuse-open",
                "neither runs, contactor out, no 24 V at the coil | !COMPRESSOR_RUNS !COMPRESSOR_HUMS !OUTDOOR_FAN_RUNS"
                        + " !CONTACTOR_IN !COIL_VOLTS INDOOR_RUNS"
                        + " | pressure-switch | thermostat float-switch",
                "neither runs, contactor out, no 24 V anywhere | !COMPRESSOR_RUNS !COMPRESSOR_HUMS !OUTDOOR_FAN_RUNS"
                        + " !CONTACTOR_IN !COIL_VOLTS !SECONDARY_VOLTS !INDOOR_RUNS"
                        + " | transformer | control-fuse",
                "contactor out, 24 V at the coil | !COMPRESSOR_RUNS !COMPRESSOR_HUMS !OUTDOOR_FAN_RUNS"
                        + " !CONTACTOR_IN COIL_VOLTS | coil-open | coil-open",
                "runs with no call | RUNS_WITHOUT_CALL COMPRESSOR_RUNS OUTDOOR_FAN_RUNS ICE"
                        + " | contactor-welded | call-shorted",
                "fuses blow | BREAKER_OPENS FUSE_OPEN"
                        + " | compressor-grounded | rubbed-wire two-start-devices compressor-seized",
                "fuses blow, all ran before | BREAKER_OPENS FUSE_OPEN COMPRESSOR_RUNS OUTDOOR_FAN_RUNS"
                        + " | rubbed-wire | two-start-devices",
                "indoor blower dead, hot shell | !INDOOR_RUNS BLOWER_HOT | blower-motor | blower-capacitor airflow",
                "three-phase, growling | THREE_PHASE GROWLS | leg-lost | phase-reversed",
            })
    void theFirstSuspectOfEachRowLeads(String row, String words, String first, String others) {
        List<String> ranked = ranked(facts(words));
        assertThat(ranked.get(0)).as(row + ": " + ranked.subList(0, 6)).isEqualTo(first);
        String[] rest = others.split(" ");
        assertThat(ranked.subList(0, rest.length + 3)).as(row).contains(rest);
    }

    @Test
    void aFactThatExcludesAFaultDropsIt() {
        Map<Fact, Boolean> known = facts("OUTDOOR_FAN_RUNS !COMPRESSOR_RUNS COMPRESSOR_HUMS");
        assertThat(ranked(known).get(0)).isEqualTo("capacitor-herm");
        known.put(Fact.THREE_PHASE, true);
        Suspect capacitor = Suspects.of(known).ranked().stream()
                .filter(s -> s.fault().key().equals("capacitor-herm"))
                .findFirst()
                .orElseThrow();
        assertThat(capacitor.share())
                .as("no run capacitor on a three-phase compressor")
                .isZero();
        assertThat(ranked(known)).as("and is still listed").hasSize(FaultTable.ALL.size());
    }

    @Test
    void aReadingSettlesIt() {
        Map<Fact, Boolean> known = facts("OUTDOOR_FAN_RUNS !COMPRESSOR_RUNS COMPRESSOR_HUMS");
        double before = Suspects.of(known).ranked().get(0).share();
        known.put(Fact.HERM_OUT, true);
        Suspect settled = Suspects.of(known).ranked().get(0);
        assertThat(settled.fault().key()).isEqualTo("capacitor-herm");
        assertThat(settled.share()).isGreaterThan(0.8).isGreaterThan(before);
        assertThat(settled.speaksFor().get(0)).isEqualTo("HERM section out");
        known.put(Fact.HERM_OUT, false);
        assertThat(ranked(known).get(0)).as("a good section clears it").isEqualTo("overload-open");
        assertThat(Suspects.of(known).ranked().stream()
                        .filter(s -> s.fault().key().equals("capacitor-herm"))
                        .findFirst()
                        .orElseThrow()
                        .speaksAgainst())
                .contains("HERM section good");
    }

    @Test
    void factsThatContradictEachOtherLeaveSomethingElse() {
        Suspects suspects = Suspects.of(facts("WINDING_OPEN GROUNDED RUNS_WITHOUT_CALL NOT_PUMPING TWO_START_DEVICES"));
        assertThat(suspects.other()).isEqualTo(1);
        assertThat(suspects.ranked()).allSatisfy(s -> assertThat(s.share()).isZero());
        assertThat(suspects.tests()).allSatisfy(t -> assertThat(t.share()).isBetween(0.0, 1.0));
    }

    private static Map<Fact, Boolean> random(int seed) {
        Random random = new Random(seed);
        Map<Fact, Boolean> out = new EnumMap<>(Fact.class);
        for (Fact fact : Fact.values()) {
            if (random.nextInt(4) == 0) {
                out.put(fact, random.nextBoolean());
            }
        }
        return out;
    }

    @RepeatedTest(60)
    void sharesAreOneTogetherWhateverIsKnown(RepetitionInfo run) {
        Suspects suspects = Suspects.of(random(run.getCurrentRepetition()));
        double sum = suspects.other();
        for (Suspect suspect : suspects.ranked()) {
            assertThat(suspect.share()).isBetween(0.0, 1.0);
            sum += suspect.share();
        }
        assertThat(sum).isCloseTo(1, within(1e-12));
    }

    /** Written out again from the definition: entropy of each answer's posterior, weighted by how likely the answer is. */
    @RepeatedTest(20)
    void theNextTestIsTheOneABruteForceComputationPicks(RepetitionInfo run) {
        Map<Fact, Boolean> known = random(1_000 + run.getCurrentRepetition());
        double best = -1;
        Set<Fact> picks = EnumSet.noneOf(Fact.class);
        double now = entropy(posterior(known));
        for (Fact fact : Fact.values()) {
            if (known.containsKey(fact)) {
                continue;
            }
            double yes = 0;
            double[] shares = posterior(known);
            for (int i = 0; i < shares.length; i++) {
                yes += shares[i] * likely(i, fact, true);
            }
            double expected = 0;
            for (boolean isSo : new boolean[] {true, false}) {
                double p = isSo ? yes : 1 - yes;
                if (p > 1e-15) {
                    double[] after = shares.clone();
                    for (int i = 0; i < after.length; i++) {
                        after[i] *= likely(i, fact, isSo) / p;
                    }
                    expected += p * entropy(after);
                }
            }
            double worth = (now - expected) / fact.effort();
            if (worth > best + 1e-9) {
                picks = EnumSet.noneOf(Fact.class);
            }
            if (worth > best - 1e-9) {
                picks.add(fact);
                best = Math.max(best, worth);
            }
        }
        NextTest next = Suspects.of(known).next().orElseThrow();
        assertThat(picks).contains(next.fact());
        assertThat(next.bits() / next.effort()).isCloseTo(best, within(1e-9));
    }

    private static double likely(int at, Fact fact, boolean isSo) {
        return at < FaultTable.ALL.size() ? FaultTable.ALL.get(at).likelihood(fact, isSo) : 0.5;
    }

    private static double[] posterior(Map<Fact, Boolean> known) {
        double[] out = new double[FaultTable.ALL.size() + 1];
        for (int i = 0; i < out.length; i++) {
            out[i] = i < FaultTable.ALL.size() ? FaultTable.ALL.get(i).common() : 3;
            for (Map.Entry<Fact, Boolean> fact : known.entrySet()) {
                out[i] *= likely(i, fact.getKey(), fact.getValue());
            }
        }
        out[out.length - 1] = Math.max(out[out.length - 1], 1e-9);
        double sum = Arrays.stream(out).sum();
        return Arrays.stream(out).map(w -> w / sum).toArray();
    }

    private static double entropy(double[] shares) {
        return Arrays.stream(shares)
                .filter(p -> p > 0)
                .map(p -> -p * Math.log(p) / Math.log(2))
                .sum();
    }

    @Test
    void theTableIsWhole() {
        assertThat(FaultTable.ALL).hasSizeGreaterThanOrEqualTo(25);
        assertThat(FaultTable.ALL.stream().map(Fault::key)).doesNotHaveDuplicates();
        assertThat(FaultTable.ALL).allSatisfy(f -> {
            assertThat(f.common()).isPositive();
            assertThat(f.test()).isNotBlank();
        });
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
        assertThat(first.bits()).isGreaterThan(0.3);
    }
}
