package zestbench.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import zestbench.core.judgement.Grade;
import zestbench.core.stock.CombinationSearch;
import zestbench.core.stock.Lot;
import zestbench.core.stock.Rules;
import zestbench.core.stock.Share;
import zestbench.core.stock.TooManyCombinations;
import zestbench.core.stock.Want;
import zestbench.server.problem.Busy;

/** A computation has its time, and its thread is as good as before when that is over. */
class ComputingTest {
    private final Computing computing = new Computing(Duration.ofMillis(50));

    @AfterEach
    void close() {
        computing.close();
    }

    @Test
    void aSearchThatTakesTooLongEndsWithWords() {
        long from = System.nanoTime();
        assertThatThrownBy(() -> computing.run(ComputingTest::searchWithoutEnd))
                .isInstanceOf(Busy.class)
                .hasMessageContaining("not worked out within");
        assertThat(Duration.ofNanos(System.nanoTime() - from)).isLessThan(Duration.ofSeconds(3));
        assertThat(Thread.currentThread().isInterrupted()).isFalse();
        assertThat(computing.run(() -> "the next one")).isEqualTo("the next one");
    }

    @Test
    void aSearchThatIsThroughIsNotDisturbedLater() throws InterruptedException {
        assertThat(computing.run(() -> 7)).isEqualTo(7);
        Thread.sleep(100);
        assertThat(Thread.currentThread().isInterrupted()).isFalse();
    }

    /** Twenty cans of six sections, searched again and again, however often it is too much for one search. */
    private static String searchWithoutEnd() {
        List<Lot<String>> lots = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            lots.add(Lot.of(
                    "can " + i,
                    List.of(2_500L, 5_000L, 5_000L, 10_000L, 20_000L, 30_000L + i),
                    List.of(new Lot.Unit("c" + i, 1), new Lot.Unit("d" + i, 1))));
        }
        List<Want> wants = List.of(new Want(45_000, 40_000, 50_000), new Want(5_000, 4_000, 6_000));
        while (true) {
            try {
                CombinationSearch.find(lots, wants, ANY);
            } catch (TooManyCombinations again) {
                assertThat(again).hasMessageContaining("fewer lines");
            }
        }
    }

    private static final Rules<String> ANY = new Rules<>() {
        @Override
        public Grade serving(int slot, List<Share<String>> shares) {
            return Grade.SUITABLE;
        }

        @Override
        public Grade ofSeveral() {
            return Grade.SUITABLE;
        }

        @Override
        public Grade makeUp() {
            return Grade.SUITABLE;
        }
    };
}
