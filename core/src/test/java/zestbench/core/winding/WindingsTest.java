package zestbench.core.winding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;
import zestbench.core.winding.Windings.Found;

/** Windings by ohms, against circuits of resistors whose answer is known. */
class WindingsTest {
    private static final Meter FINE = new Meter(0.5, 2, 0.001, null);

    /** Readings as {@code 1-2 0.9; 1-3 2.1; 2-3 OL}. */
    private static List<PairOhms> readings(String text) {
        List<PairOhms> out = new ArrayList<>();
        for (String each : text.split(";")) {
            String[] words = each.strip().split(" ");
            Reading reading = words[1].equals("OL")
                    ? Reading.overRange(Quantity.OHMS)
                    : Reading.of(Quantity.OHMS, Double.parseDouble(words[1]));
            out.add(PairOhms.of(words[0], reading, words.length > 2 ? Double.parseDouble(words[2]) : 0));
        }
        return out;
    }

    private static Found found(String text, @Nullable Boolean shellHot) {
        return Windings.judge(readings(text), shellHot, 0, FINE);
    }

    private static String said(Judgement judgement) {
        return String.join(
                " ",
                judgement.findings().stream()
                        .map(f -> f.severity() + " " + f.text())
                        .toList());
    }

    /** The check value of the trade: of 0.9, 2.1 and 3.0 Ω, C is what the 0.9 and the 2.1 pair share. */
    @ParameterizedTest(name = "{0} → C {1}, R {2}, S {3}")
    @CsvSource(
            delimiter = '|',
            value = {
                "1-2 0.9; 1-3 2.1; 2-3 3.0 | 1 | 2 | 3",
                "1-2 3.0; 1-3 2.1; 2-3 0.9 | 3 | 2 | 1",
                "R-S 3.0; C-R 0.9; C-S 2.1 | C | R | S",
                "a-b 2.0; B-C 4.0; a-c 2.0 | A | | ",
            })
    void theTerminalsAreNamed(String text, String common, String run, String start) {
        Found found = found(text, null);
        assertThat(found.named()).contains(new Windings.Named(common, run, start));
        assertThat(found.judgement().overall()).isEqualTo(Verdict.GOOD);
    }

    /** Property: any run and start resistance in star, behind any terminals, in any order, is named rightly. */
    @Test
    void randomStarsAreNamedRightly() {
        Random random = new Random(20261125);
        for (int i = 0; i < 2_000; i++) {
            double run = 0.3 + 20 * random.nextDouble();
            double start = run * (1.15 + 4 * random.nextDouble());
            List<String> terminals = new ArrayList<>(List.of("1", "2", "3"));
            Collections.shuffle(terminals, random);
            String c = terminals.get(0);
            String r = terminals.get(1);
            String s = terminals.get(2);
            List<PairOhms> pairs = new ArrayList<>(List.of(
                    PairOhms.of(c + "-" + r, Reading.of(Quantity.OHMS, run), 0),
                    PairOhms.of(s + "-" + c, Reading.of(Quantity.OHMS, start), 0),
                    PairOhms.of(r + "-" + s, Reading.of(Quantity.OHMS, run + start), 0)));
            Collections.shuffle(pairs, random);
            Found found = Windings.judge(pairs, null, 0, FINE);
            assertThat(found.named()).as("%s", pairs).contains(new Windings.Named(c, r, s));
            assertThat(found.judgement().overall()).isEqualTo(Verdict.GOOD);
        }
    }

    @ParameterizedTest(name = "{0}, shell hot {1} → {2}: {3}")
    @CsvSource(
            delimiter = '|',
            value = {
                "C-R OL; C-S OL; R-S 3.0 | true | TOO_CLOSE | no dead compressor",
                "C-R OL; C-S OL; R-S 3.0 |  | TOO_CLOSE | Feel the shell",
                "C-R OL; C-S OL; R-S 3.0 | false | FAILED | overload itself",
                "C-S OL; R-S OL; C-R 0.9 | false | FAILED | motor has failed",
                "C-S OL; R-S OL; C-R 0.9 | true | TOO_CLOSE | Never given up hot",
                "1-2 OL; 1-3 OL; 2-3 3.0 | true | TOO_CLOSE | no dead compressor",
                "1-2 OL; 1-3 OL; 2-3 OL | true | TOO_CLOSE | no dead compressor",
                "1-2 OL; 1-3 OL; 2-3 OL | false | FAILED | past plug and leads",
                "1-2 OL; 1-3 2.1; 2-3 3.0 | false | TOO_CLOSE | read it again",
                "1-2 0.9; 1-3 2.1; 2-3 4.0 | | WEAK | not the sum",
                "R-S 0.9; C-R 2.1; C-S 3.0 | | GOOD | marked otherwise",
                "T1-T2 1.00; T2-T3 1.02; T1-T3 0.99 | | GOOD | three-phase",
                "T1-T2 1.00; T2-T3 1.00; T1-T3 0.70 | | FAILED | off the mean",
                "1-2 0; 1-3 0; 2-3 0 | | TOO_CLOSE | milliohm",
                "1-GROUND OL | | GOOD | 500 V DC",
                "1-GND 120 | | FAILED | No more fuses",
                "1-g 800000 | | TOO_CLOSE | no proof",
                "GROUND-1 600000 500 | | FAILED | No more fuses",
                "1-GROUND 3000000 500 | | WEAK | visit to visit",
            })
    void whatTheReadingsSay(String text, Boolean shellHot, Verdict verdict, String words) {
        Judgement judgement = found(text, shellHot).judgement();
        assertThat(judgement.overall()).as(said(judgement)).isEqualTo(verdict);
        assertThat(said(judgement)).contains(words);
    }

    @Test
    void aHotCompressorIsNeverGivenUp() {
        List<String> pairs = List.of("C-R", "C-S", "R-S");
        for (int mask = 1; mask < 8; mask++) {
            StringBuilder text = new StringBuilder();
            for (int i = 0; i < 3; i++) {
                text.append(pairs.get(i)).append((mask >> i & 1) == 1 ? " OL;" : " 1.5;");
            }
            assertThat(found(text.toString(), true).judgement().overall())
                    .as(text.toString())
                    .isNotEqualTo(Verdict.FAILED);
        }
    }

    /** A coarse meter's steps are no unbalance: 0.1 Ω off a mean of 0.63 Ω is one step of it. */
    @Test
    void aMetersStepIsNoUnbalance() {
        String text = "1-2 0.6; 2-3 0.6; 1-3 0.7";
        assertThat(Windings.judge(readings(text), null, 3, Meter.USUAL)
                        .judgement()
                        .overall())
                .isEqualTo(Verdict.TOO_CLOSE);
        assertThat(Windings.judge(readings("1-2 6; 2-3 6; 1-3 7"), null, 3, Meter.USUAL)
                        .judgement()
                        .overall())
                .isEqualTo(Verdict.FAILED);
    }

    @Test
    void aGroundedWindingStopsBesideAGoodSum() {
        Judgement judgement =
                found("1-2 0.9; 1-3 2.1; 2-3 3.0; 1-GROUND 40", null).judgement();
        assertThat(judgement.overall()).isEqualTo(Verdict.FAILED);
        assertThat(judgement.findings()).anyMatch(f -> f.severity() == Finding.Severity.STOP);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "1-2 0.9; 1-3 2.1 | the three pairs of three terminals",
                "1-2 0.9; 2-1 2.1; 2-3 3.0 | the three pairs of three terminals",
                "1-1 0.9; 1-3 2.1; 2-3 3.0 | two different terminals",
                "one 0.9; 1-3 2.1; 2-3 3.0 | name two terminals",
            })
    void whatIsNoSetOfPairsIsRefused(String text, String words) {
        assertThatThrownBy(() -> found(text, null))
                .isInstanceOf(InputProblem.class)
                .hasMessageContaining(words);
    }

    /** What a desk asks for, whole, is what is judged; a part of a set is what is refused. */
    @ParameterizedTest
    @EnumSource(TerminalMarking.class)
    void whatIsAskedForTogetherIsJudgedAndHalfOfItIsNot(TerminalMarking marking) {
        Map<String, List<TerminalMarking.Asked>> sets = marking.asked().stream()
                .collect(Collectors.groupingBy(TerminalMarking.Asked::set, LinkedHashMap::new, Collectors.toList()));
        List<TerminalMarking.Asked> pairs = sets.get("three pairs");
        List<String> whole = new ArrayList<>();
        double[] ohms = {0.9, 2.1, 3.0};
        for (int i = 0; i < pairs.size(); i++) {
            assertThat(pairs.get(i).unit()).isEqualTo("Ω");
            whole.add(pairs.get(i).pair() + " " + ohms[i]);
        }
        assertThat(found(String.join("; ", whole), false).named().orElseThrow().words())
                .startsWith("C is " + pairs.get(0).pair().split("-")[0]);
        String half = pairs.get(0).pair() + " 0.9; " + pairs.get(1).pair() + " 2.1";
        assertThatThrownBy(() -> found(half, null)).isInstanceOf(InputProblem.class);
        TerminalMarking.Asked ground = sets.get("one to ground").get(0);
        assertThat(ground.unit()).isEqualTo("MΩ");
        assertThat(PairOhms.of(ground.pair(), Reading.of(Quantity.OHMS, 40e6), 0)
                        .isToGround())
                .isTrue();
    }
}
