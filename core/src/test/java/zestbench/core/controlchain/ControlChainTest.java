package zestbench.core.controlchain;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.Test;
import zestbench.core.controlchain.ControlChain.Point;
import zestbench.core.controlchain.ControlChain.State;
import zestbench.core.controlchain.Link.Stretch;
import zestbench.core.suspect.Fact;

/** What a series circuit shows, by Ohm's law: the whole volts up to the gap, none behind it. */
class ControlChainTest {
    private static final Link FREEZE = Link.behind("freeze switch", Stretch.INDOORS, Fact.FLOAT_OPEN);

    private static ControlChain chain(Map<String, Double> volts) {
        return ControlChain.of(false, List.of(), Set.of(), volts, 24);
    }

    /** Wherever it is, following what is proposed finds it, in no more readings than halving takes. */
    @RepeatedTest(30)
    void theFirstGapIsFoundByHalving() {
        long seed = System.nanoTime();
        Random random = new Random(seed);
        List<Link> more = random.nextBoolean() ? List.of(FREEZE) : List.of();
        Set<String> absent = random.nextBoolean() ? Set.of("control fuse", "low pressure switch") : Set.of();
        List<Point> points = ControlChain.of(false, more, absent, Map.of(), 24).points();
        int gap = random.nextInt(points.size() + 1);
        Map<String, Double> volts = new LinkedHashMap<>();
        ControlChain chain = ControlChain.of(false, more, absent, volts, 24);
        int read = 0;
        while (chain.next().isPresent()) {
            Point next = chain.next().get();
            boolean isBefore = chain.points().indexOf(next) < gap;
            volts.put(next.name(), isBefore ? 25 + random.nextDouble() : random.nextDouble());
            chain = ControlChain.of(false, more, absent, volts, 24);
            read++;
        }
        assertThat(read)
                .as("seed %d", seed)
                .isLessThanOrEqualTo((int) Math.ceil(Math.log(points.size() + 1) / Math.log(2)) + 1);
        if (gap == points.size()) {
            assertThat(chain.reachesTheEnd()).as("seed %d", seed).isTrue();
            assertThat(chain.gap()).isEmpty();
        } else {
            assertThat(chain.gap()).as("seed %d", seed).contains(points.get(gap).link());
        }
    }

    @Test
    void anOpenFloatSwitchIsNamedAndTold() {
        ControlChain chain = chain(Map.of("Behind the control fuse", 26.1, "Behind the float switch", 0.2));
        assertThat(chain.words())
                .isEqualTo("Behind the control fuse: there. Behind the float switch: gone. The float switch is open.");
        assertThat(chain.facts()).containsEntry(Fact.FLOAT_OPEN, true).containsEntry(Fact.CONTROL_FUSE_OPEN, false);
        assertThat(chain.facts()).doesNotContainKeys(Fact.SWITCH_OPEN, Fact.COIL_VOLTS);
    }

    /** Of two pressure switches one that is closed tells nothing of the other. */
    @Test
    void switchesAreClosedOnceAllOfThemAre() {
        assertThat(chain(Map.of("Behind the low pressure switch", 25.0)).facts())
                .doesNotContainKey(Fact.SWITCH_OPEN);
        assertThat(chain(Map.of("Behind the high pressure switch", 25.0)).facts())
                .containsEntry(Fact.SWITCH_OPEN, false);
    }

    /** 24 V up to both sides of the coil and nothing across it: what is open is behind the coil. [physics] */
    @Test
    void theReturnWireIsAGapToo() {
        ControlChain chain = chain(Map.of("Behind the high pressure switch", 25.5, "Across the coil", 0.0));
        assertThat(chain.gap()).map(Link::name).contains("C wire");
        assertThat(chain.facts()).containsEntry(Fact.COIL_VOLTS, false);
    }

    @Test
    void voltsThatAreHalfThereAreNoOpenSwitch() {
        ControlChain chain = chain(Map.of("Y at the outdoor unit", 25.5, "Behind the low pressure switch", 13.0));
        assertThat(chain.points().stream().filter(p -> p.state() == State.WEAK)).hasSize(1);
        assertThat(chain.words()).contains("13 V left", "The low pressure switch drops the rest");
        assertThat(chain.facts()).doesNotContainKey(Fact.SWITCH_OPEN);
    }

    /** A supply that is low everywhere is no gap: each point is held against what stands at R. */
    @Test
    void aLowTransformerMakesNoGapBehindIt() {
        ControlChain chain = chain(Map.of("R at the transformer", 20.6, "Across the coil", 19.5));
        assertThat(chain.reachesTheEnd()).isTrue();
        assertThat(chain(Map.of("R at the transformer", 18.0)).words()).startsWith("Only 18 V at R");
    }

    /** Of two readings that cannot both hold the later one counts: a switch that was mended, a thermostat that opened since. */
    @Test
    void theLaterOfTwoThatCannotBothHoldCounts() {
        Map<String, Double> volts = new LinkedHashMap<>();
        volts.put("Behind the float switch", 0.0);
        volts.put("Across the coil", 25.0);
        ControlChain mended = chain(volts);
        assertThat(mended.reachesTheEnd()).isTrue();
        assertThat(mended.words()).contains("Behind the float switch read dead before");
        assertThat(mended.facts()).containsEntry(Fact.FLOAT_OPEN, false);
        volts.put("Y at the thermostat", 0.1);
        ControlChain lost = chain(volts);
        assertThat(lost.reachesTheEnd()).isFalse();
        assertThat(lost.next()).map(Point::name).contains("Behind the control fuse");
        assertThat(lost.facts()).containsEntry(Fact.CALL_VOLTS, false).doesNotContainKey(Fact.COIL_VOLTS);
    }

    @Test
    void whatTheUnitHasNotIsNotAskedFor() {
        ControlChain chain = ControlChain.of(false, List.of(FREEZE), Set.of("float switch"), Map.of(), 24);
        assertThat(chain.points())
                .extracting(p -> p.link().name())
                .contains("freeze switch")
                .doesNotContain("float switch");
        assertThat(chain.words()).isEmpty();
    }

    /** Where heat is called for the same circuit goes over W and the burner's switches to the gas valve. */
    @Test
    void heatGoesOverWToTheGasValve() {
        ControlChain chain =
                ControlChain.of(true, List.of(), Set.of(), Map.of("W at the board", 25.0, "Behind the limit", 0.0), 24);
        assertThat(chain.points()).extracting(Point::name).endsWith("Behind the draft switch", "Across the gas valve");
        assertThat(chain.facts()).containsEntry(Fact.LIMIT_OPEN, true).containsEntry(Fact.HEAT_VOLTS, true);
        assertThat(ControlChain.of(true, List.of(), Set.of(), Map.of("Across the gas valve", 25.0), 24)
                        .words())
                .contains("licensed for gas");
    }
}
