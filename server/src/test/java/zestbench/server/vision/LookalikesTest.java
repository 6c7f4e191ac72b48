package zestbench.server.vision;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** O and 0 by the word they stand in; what could be either stays as it was seen. */
class LookalikesTest {
    private static List<Sign> signs(String text) {
        return text.chars().mapToObj(c -> new Sign((char) c, 1, null, 0, 0, 1)).toList();
    }

    private static String settled(String text) {
        return Lookalikes.settled(signs(text)).stream()
                .map(s -> String.valueOf(s.sign()))
                .collect(Collectors.joining());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "M0T0R | MOTOR",
                "USE ON 4 - 5 T0N | USE ON 4 - 5 TON",
                "MODEL N0. | MODEL NO.",
                "INTERRUPTING 10,OOO AMPS | INTERRUPTING 10,000 AMPS",
                "QFC-O18-1 | QFC-018-1",
                "AMPACITY I COURANT | AMPACITY / COURANT",
                "0V | 0V",
                "R-410A | R-410A",
                "ZRU-090-4 | ZRU-090-4",
                "1412H20O47 | 1412H20O47"
            })
    void theWordDecides(String seen, String meant) {
        assertThat(settled(seen)).isEqualTo(meant);
    }

    @Test
    void aLoneTenMayBeTheSignOfPhases() {
        List<Sign> signs = Lookalikes.settled(signs("208-230V 10 60"));
        assertThat(signs.get(10).other()).isEqualTo("Ø");
        assertThat(signs).filteredOn(s -> s.other() != null).hasSize(1);
        assertThat(Lookalikes.settled(signs("CAP 10 MFD 440 V 30 FLA 40 RES")))
                .as("a figure with its name is one")
                .noneMatch(g -> g.other() != null);
    }
}
