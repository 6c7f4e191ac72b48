package zestbench.core.suspect;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
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

    /** A heat pump that heats: what keeps its outdoor unit off is the cooling call's, valve and defrost are its own. [practice] */
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "COMPRESSOR_RUNS BLOWS_COLD !VALVE_COIL_RIGHT, valve-coil",
        "COMPRESSOR_RUNS BLOWS_COLD VALVE_COIL_RIGHT VALVE_LEAKS, valve-stuck",
        "COMPRESSOR_RUNS FROST_THICK !DEFROST_RUNS, defrost-board",
        "COMPRESSOR_RUNS FROST_THICK DEFROST_RUNS DEFROST_SENSOR_OUT, defrost-sensor",
        "COMPRESSOR_RUNS FROST_THICK DEFROST_RUNS !DEFROST_SENSOR_OUT SUPERHEAT_HIGH SUBCOOLING_LOW, charge-low",
        "COMPRESSOR_RUNS FROST_THICK COIL_DIRTY, outdoor-coil-choked",
        "COMPRESSOR_RUNS !BLOWS_COLD !AUXILIARY_RUNS !ELEMENT_VOLTS, auxiliary-heat",
        "!COMPRESSOR_RUNS COMPRESSOR_HUMS OUTDOOR_FAN_RUNS HERM_OUT, capacitor-herm",
        "!COMPRESSOR_RUNS !OUTDOOR_FAN_RUNS !CONTACTOR_IN CONTROL_FUSE_OPEN, control-fuse",
        "WEAK_AIR FILTER_CHOKED COMPRESSOR_RUNS, airflow",
    })
    void aHeatPumpHasItsOwn(String known, String fault) {
        Suspects suspects = Suspects.of(facts("HEAT_PUMP !GAS_HEAT " + known));
        List<String> first = new ArrayList<>(
                suspects.found().stream().map(f -> f.fault().key()).toList());
        first.add(suspects.ranked().get(0).fault().key());
        assertThat(first)
                .as(suspects.ranked().stream().limit(4).toList().toString())
                .contains(fault);
    }

    @Test
    void whatOnlyAFurnaceHasIsNotAskedOfAHeatPump() {
        List<String> asked = Question.of(facts("HEAT_PUMP !GAS_HEAT")).stream()
                .map(Question::key)
                .toList();
        assertThat(asked)
                .contains("HEATING", "GAS_HEAT", "FROST_THICK", "VALVE_COIL_RIGHT", "compressor")
                .doesNotContain("IGNITER_GLOWS", "FLAME_STAYS", "ROLLOUT_TRIPPED", "WATER_IN_PAN");
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
    void itsTablesAreWhole() {
        isWhole(HeatTable.ALL, HeatTable.CAUSES);
        isWhole(HeatPumpTable.ALL, HeatPumpTable.CAUSES);
    }

    private static void isWhole(List<Fault> faults, List<Cause> causes) {
        Set<String> keys = new HashSet<>(faults.stream().map(Fault::key).toList());
        assertThat(keys).hasSameSizeAs(faults);
        assertThat(causes).allSatisfy(c -> assertThat(keys).contains(c.by(), c.effect()));
        assertThat(faults).allSatisfy(f -> assertThat(f.test()).isNotBlank());
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
        assertThat(Question.answersIn(complaint + ", heat pump").containsValue(Question.PUMP))
                .isEqualTo(isHeat);
    }
}
