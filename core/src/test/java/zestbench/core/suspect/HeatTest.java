package zestbench.core.suspect;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Heating calls: other questions, other faults, by the order in which a furnace lights. [practice] */
class HeatTest {
    private static Map<Fact, Boolean> facts(String words) {
        Map<Fact, Boolean> out = new EnumMap<>(Fact.class);
        out.put(Fact.HEATING, true);
        Arrays.stream(words.strip().split("\\s+"))
                .filter(w -> !w.isEmpty())
                .forEach(w -> out.put(Fact.valueOf(w.replace("!", "")), !w.startsWith("!")));
        return out;
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "GAS_HEAT DRAFT_FAN_RUNS !BURNER_LIGHTS IGNITER_OPEN, igniter",
        "GAS_HEAT DRAFT_FAN_RUNS BURNER_LIGHTS !FLAME_STAYS, flame-sensor",
        "GAS_HEAT DRAFT_FAN_RUNS !BURNER_LIGHTS IGNITER_GLOWS GAS_VALVE_VOLTS, gas-side",
        "GAS_HEAT !DRAFT_FAN_RUNS HEAT_VOLTS GROWLS, inducer",
        "GAS_HEAT DRAFT_FAN_RUNS DRAFT_SWITCH_OPEN VENT_BLOCKED, vent-blocked",
        "GAS_HEAT DRAFT_FAN_RUNS DRAFT_SWITCH_OPEN !VENT_BLOCKED CODE_PRESSURE, draft-switch",
        "GAS_HEAT !DRAFT_FAN_RUNS !HEAT_VOLTS SECONDARY_VOLTS !CONTROL_FUSE_OPEN THERMOSTAT_LIT, thermostat",
        "!GAS_HEAT ELEMENT_OPEN, element-open",
        "!GAS_HEAT HEAT_VOLTS !ELEMENT_VOLTS !LIMIT_OPEN, heat-relay",
        "GAS_HEAT !DRAFT_FAN_RUNS CONTROL_FUSE_OPEN, control-fuse",
    })
    void whatWasFoundPutsItsFaultFirst(String known, String fault) {
        Suspects suspects = Suspects.of(facts(known));
        assertThat(suspects.ranked().get(0).fault().key())
                .as(suspects.ranked().stream().limit(4).toList().toString())
                .isEqualTo(fault);
    }

    /** A limit that opens for want of air: the air is named as what may have brought it. */
    @Test
    void anOpenLimitAsksForTheAir() {
        Suspects suspects = Suspects.of(facts("LIMIT_OPEN WEAK_AIR"));
        assertThat(suspects.found()).extracting(f -> f.fault().key()).contains("limit-open");
        assertThat(suspects.found().get(0).causes())
                .extracting(c -> c.fault().key())
                .contains("airflow");
    }

    @Test
    void aHeatingCallHasItsOwnQuestions() {
        List<String> heat = Question.of(facts("")).stream().map(Question::key).toList();
        List<String> cool = Question.of(Map.of()).stream().map(Question::key).toList();
        assertThat(heat).contains("HEATING", "IGNITER_GLOWS", "INDOOR_RUNS").doesNotContain("ICE", "compressor");
        assertThat(cool).contains("HEATING", "ICE", "compressor").doesNotContain("IGNITER_GLOWS", "GAS_HEAT");
    }

    @Test
    void itsTableIsWhole() {
        Set<String> keys = new HashSet<>(HeatTable.ALL.stream().map(Fault::key).toList());
        assertThat(keys).hasSameSizeAs(HeatTable.ALL);
        assertThat(HeatTable.CAUSES).allSatisfy(c -> assertThat(keys).contains(c.by(), c.effect()));
        assertThat(HeatTable.ALL).allSatisfy(f -> assertThat(f.test()).isNotBlank());
    }

    @ParameterizedTest
    @CsvSource({
        "No heat upstairs, true",
        "furnace does not heat, true",
        "It isn't heating, true",
        "Heat is out in studio 2, true",
        "no cooling, false",
        "Outdoor unit hums then quiet, false",
        "weak heat since Monday, true",
    })
    void aComplaintSaysThatHeatIsCalledFor(String complaint, boolean isHeat) {
        assertThat(Question.answersIn(complaint).containsKey("HEATING")).isEqualTo(isHeat);
    }
}
