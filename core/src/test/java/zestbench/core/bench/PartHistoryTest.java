package zestbench.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.call.OnCall;
import zestbench.core.call.UnitStory;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Finding;
import zestbench.core.plate.PlateLabel;
import zestbench.core.plate.Plates;
import zestbench.core.tape.UnitHistory;

/** What the record says at the moment of choosing: whose warranty runs, how old the unit is. */
class PartHistoryTest {
    private static final Plates PLATES = new Plates(
            new Spec(PlateLabel.read("MFD 04/2014 MODEL A 208/230-1-60").fields()), Spec.EMPTY);

    /** The maker of the part that is in is asked before another is bought, up to the last day. */
    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {"2026-11-28, true", "2026-11-27, false", "-, false"})
    void aPartThatWasPutInIsAskedForAtItsMaker(String until, boolean isAsked) {
        WorkedCall call = new WorkedCall().then("Tech 1", new OnCall.AddPart("capacitor", null, "Outdoor unit", ""));
        List<Finding> said = PartHistory.of(
                call.state().part(call.part()),
                PLATES,
                List.of(new UnitHistory.Replaced(0, until)),
                new UnitStory(1, null, null, "2026-11-28"),
                86_400_000L * 1000);
        assertThat(said.stream().anyMatch(f -> f.text().contains("its maker answers for it until")))
                .isEqualTo(isAsked);
    }

    @ParameterizedTest(name = "{0}, parts until {1}, compressor until {2}: {3}")
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "capacitor | 2027-03-27 | - | answers for the parts of this unit until 2027-03-27",
                "capacitor | 2026-11-28 | - | until 2026-11-28",
                "capacitor | 2026-03-27 | 2028-03-27 | ",
                "capacitor | - | - | ",
                "compressor | - | 2028-03-27 | answers for the compressor of this unit until 2028-03-27",
                "compressor | 2027-03-27 | - | until 2027-03-27",
                "compressor | - | 2024-03-27 | ended on 2024-03-27",
                "compressor | - | - | The unit is 12 years old, 3 parts replaced in it before.",
            })
    void itSaysWhatTheRecordKnows(String kind, String parts, String compressor, String says) {
        WorkedCall call = new WorkedCall().then("Tech 1", new OnCall.AddPart(kind, null, "Outdoor unit", ""));
        List<String> said = PartHistory.of(
                        call.state().part(call.part()),
                        PLATES,
                        List.of(),
                        new UnitStory(3, parts, compressor, "2026-11-28"),
                        0)
                .stream()
                .map(Finding::text)
                .toList();
        if (says == null || says.isBlank()) {
            assertThat(said).isEmpty();
        } else {
            assertThat(said).anyMatch(t -> t.contains(says));
        }
        assertThat(said.stream().anyMatch(t -> t.contains("whole system"))).isEqualTo(kind.equals("compressor"));
    }
}
