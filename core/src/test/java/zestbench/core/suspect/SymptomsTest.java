package zestbench.core.suspect;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import zestbench.core.suspect.Suspects.NextTest;
import zestbench.core.suspect.Suspects.Suspect;

/**
 * The sets of symptoms in cases/symptoms.tsv, and what a senior technician puts first and tests next. [practice] Where the file
 * speaks in words the facts are named here; {@code found} stands where a finding ends the ranking.
 */
class SymptomsTest {
    private static final int FIRST_RIGHT = 38;
    private static final int NEXT_RIGHT = 36;

    /** One row. @param first keys of the faults that may lead @param next facts that may be asked next; empty where it is found */
    private record Row(String facts, Set<String> first, Set<Fact> next) {}

    private static final Map<String, Row> ROWS = rows();

    private static Map<String, Row> rows() {
        Map<String, Row> out = new LinkedHashMap<>();
        out.put(
                "s01",
                row(
                        "INDOOR_RUNS OUTDOOR_FAN_RUNS !COMPRESSOR_RUNS COMPRESSOR_HUMS !THREE_PHASE CONTACTOR_IN",
                        "capacitor-herm capacitor-dual",
                        Fact.HERM_OUT));
        out.put(
                "s02",
                row(
                        "INDOOR_RUNS OUTDOOR_FAN_RUNS !COMPRESSOR_RUNS !COMPRESSOR_HUMS SHELL_HOT CONTACTOR_IN !THREE_PHASE",
                        "overload-open",
                        Fact.WINDING_OPEN,
                        Fact.HERM_OUT));
        out.put(
                "s03",
                row(
                        "INDOOR_RUNS !OUTDOOR_FAN_RUNS COMPRESSOR_RUNS FAN_TURNS_FREE CONTACTOR_IN",
                        "capacitor-fan",
                        Fact.FAN_OUT));
        out.put(
                "s04",
                row(
                        "INDOOR_RUNS !OUTDOOR_FAN_RUNS COMPRESSOR_RUNS",
                        "capacitor-fan fan-motor",
                        Fact.FAN_TURNS_FREE,
                        Fact.FAN_OUT));
        out.put(
                "s05",
                row(
                        "INDOOR_RUNS !OUTDOOR_FAN_RUNS !COMPRESSOR_RUNS !COMPRESSOR_HUMS CONTACTOR_IN",
                        "supply-gone fuse-open contact-burnt",
                        Fact.LINE_VOLTS,
                        Fact.LOAD_VOLTS));
        out.put(
                "s06",
                row(
                        "INDOOR_RUNS !OUTDOOR_FAN_RUNS !COMPRESSOR_RUNS !COMPRESSOR_HUMS !CONTACTOR_IN",
                        "pressure-switch float-switch thermostat",
                        Fact.COIL_VOLTS));
        out.put(
                "s07",
                row(
                        "!INDOOR_RUNS !OUTDOOR_FAN_RUNS !COMPRESSOR_RUNS !THERMOSTAT_LIT !CONTACTOR_IN",
                        "indoor-supply-gone control-fuse transformer float-switch",
                        Fact.INDOOR_VOLTS,
                        Fact.CONTROL_FUSE_OPEN,
                        Fact.SECONDARY_VOLTS));
        out.put(
                "s08",
                row(
                        "!INDOOR_RUNS !OUTDOOR_FAN_RUNS !COMPRESSOR_RUNS THERMOSTAT_LIT WATER_IN_PAN !CONTACTOR_IN",
                        "float-switch",
                        Fact.FLOAT_OPEN));
        out.put(
                "s09",
                row(
                        "BREAKER_OPENS !COMPRESSOR_RUNS !COMPRESSOR_HUMS SUDDEN",
                        "compressor-grounded rubbed-wire",
                        Fact.GROUNDED,
                        Fact.WIRE_RUBBED));
        out.put(
                "s10",
                row(
                        "RUNS_WITHOUT_CALL OUTDOOR_FAN_RUNS COMPRESSOR_RUNS ICE",
                        "contactor-welded",
                        Fact.CONTACTOR_STAYS_IN));
        out.put("s11", row("INDOOR_RUNS OUTDOOR_FAN_RUNS COMPRESSOR_RUNS ICE WEAK_AIR", "airflow", Fact.FILTER_CHOKED));
        out.put(
                "s12",
                row(
                        "INDOOR_RUNS OUTDOOR_FAN_RUNS COMPRESSOR_RUNS ICE !WEAK_AIR !SUDDEN",
                        "charge-low",
                        Fact.SUPERHEAT_HIGH,
                        Fact.SUBCOOLING_LOW));
        out.put(
                "s13",
                row(
                        "!INDOOR_RUNS OUTDOOR_FAN_RUNS COMPRESSOR_RUNS ICE",
                        "blower-motor blower-capacitor blower-relay",
                        Fact.BLOWER_HOT,
                        Fact.BLOWER_VOLTS));
        out.put(
                "s14",
                row(
                        "INDOOR_RUNS OUTDOOR_FAN_RUNS COMPRESSOR_RUNS !ICE !WEAK_AIR",
                        "charge-low condenser-dirty not-pumping",
                        Fact.COIL_DIRTY,
                        Fact.NOT_PUMPING,
                        Fact.SUPERHEAT_HIGH,
                        Fact.SUBCOOLING_LOW));
        out.put("s15", row("THREE_PHASE GROWLS !BREAKER_OPENS COMPRESSOR_HUMS", "leg-lost", Fact.LEG_LOST));
        out.put(
                "s16",
                row(
                        "THREE_PHASE GROWLS AFTER_WORK COMPRESSOR_RUNS OUTDOOR_FAN_RUNS INDOOR_RUNS",
                        "phase-reversed",
                        Fact.NOT_PUMPING,
                        Fact.PHASES_REVERSED));
        out.put(
                "s17",
                row(
                        "SHORT_CYCLES !SUDDEN OUTDOOR_FAN_RUNS INDOOR_RUNS",
                        "condenser-dirty pressure-switch",
                        Fact.COIL_DIRTY,
                        Fact.SUPERHEAT_HIGH));
        out.put(
                "s18",
                row(
                        "AFTER_STORM INDOOR_RUNS !OUTDOOR_FAN_RUNS !COMPRESSOR_RUNS SUDDEN",
                        "supply-gone fuse-open",
                        Fact.LINE_VOLTS,
                        Fact.DISCONNECT_VOLTS));
        out.put(
                "s19",
                row(
                        "AFTER_WORK INDOOR_RUNS !OUTDOOR_FAN_RUNS !COMPRESSOR_RUNS THERMOSTAT_LIT !CONTACTOR_IN",
                        "thermostat",
                        Fact.COIL_VOLTS,
                        Fact.CALL_VOLTS));
        out.put(
                "s20",
                row(
                        "BREAKER_OPENS COMPRESSOR_RUNS OUTDOOR_FAN_RUNS",
                        "condenser-dirty breaker-weak",
                        Fact.AMPS_HIGH,
                        Fact.COIL_DIRTY));
        out.put(
                "s21",
                row(
                        "AFTER_WORK !INDOOR_RUNS !OUTDOOR_FAN_RUNS !COMPRESSOR_RUNS !THERMOSTAT_LIT",
                        "control-fuse",
                        Fact.CONTROL_FUSE_OPEN));
        out.put(
                "s22",
                row(
                        "OUTDOOR_FAN_RUNS !COMPRESSOR_RUNS !COMPRESSOR_HUMS !SHELL_HOT CONTACTOR_IN !THREE_PHASE",
                        "plug-burnt winding-open contact-burnt",
                        Fact.LEAD_BURNT,
                        Fact.COMPRESSOR_VOLTS,
                        Fact.WINDING_OPEN));
        out.put(
                "s23",
                row(
                        "OUTDOOR_FAN_RUNS !COMPRESSOR_RUNS COMPRESSOR_HUMS !HERM_OUT !THREE_PHASE CONTACTOR_IN",
                        "compressor-seized start-device low-volts",
                        Fact.START_AMPS_STAY,
                        Fact.LOW_VOLTS));
        out.put(
                "s24",
                row(
                        "!OUTDOOR_FAN_RUNS !COMPRESSOR_RUNS !COMPRESSOR_HUMS CONTACTOR_IN LINE_VOLTS",
                        "contact-burnt",
                        Fact.LOAD_VOLTS));
        out.put("s25", row("!OUTDOOR_FAN_RUNS !COMPRESSOR_RUNS !CONTACTOR_IN COIL_VOLTS", "coil-open", Fact.COIL_OPEN));
        out.put(
                "s26",
                row(
                        "!OUTDOOR_FAN_RUNS !COMPRESSOR_RUNS !CONTACTOR_IN !COIL_VOLTS SECONDARY_VOLTS",
                        "pressure-switch float-switch thermostat",
                        Fact.SWITCH_OPEN,
                        Fact.FLOAT_OPEN,
                        Fact.WATER_IN_PAN,
                        Fact.CALL_VOLTS));
        out.put("s27", row("NOT_PUMPING COMPRESSOR_RUNS OUTDOOR_FAN_RUNS INDOOR_RUNS !THREE_PHASE", "not-pumping"));
        out.put(
                "s28",
                row(
                        "!INDOOR_RUNS BLOWER_HOT OUTDOOR_FAN_RUNS COMPRESSOR_RUNS",
                        "blower-motor",
                        Fact.BLOWER_CAPACITOR_OUT,
                        Fact.BLOWER_TURNS_FREE));
        out.put(
                "s29",
                row(
                        "COMPRESSOR_HUMS BREAKER_OPENS !COMPRESSOR_RUNS OUTDOOR_FAN_RUNS !THREE_PHASE",
                        "capacitor-herm compressor-seized start-device",
                        Fact.HERM_OUT));
        out.put("s30", row("INDOOR_RUNS", "", Fact.OUTDOOR_FAN_RUNS, Fact.COMPRESSOR_RUNS));
        out.put("s31", row("THREE_PHASE GROWLS FUSE_OPEN GROUNDED", "compressor-grounded"));
        out.put("s32", row("RUNS_WITHOUT_CALL ICE !INDOOR_RUNS", "contactor-welded", Fact.CONTACTOR_STAYS_IN));
        out.put("s33", row("INDOOR_RUNS !OUTDOOR_FAN_RUNS !COMPRESSOR_RUNS HERM_OUT FAN_OUT", "capacitor-dual"));
        out.put(
                "s34",
                row(
                        "INDOOR_RUNS !OUTDOOR_FAN_RUNS !COMPRESSOR_RUNS CONTACTOR_IN",
                        "supply-gone contact-burnt fuse-open capacitor-dual",
                        Fact.LINE_VOLTS,
                        Fact.HERM_OUT));
        out.put("s35", row("WINDING_OPEN SHELL_HOT HERM_OUT", "capacitor-herm"));
        out.put("s36", row("DISCONNECT_VOLTS !LINE_VOLTS", "fuse-open", Fact.FUSE_OPEN));
        out.put("s37", row("THREE_PHASE LEG_LOST BACK_FED", "leg-lost fuse-open", Fact.FUSE_OPEN));
        out.put(
                "s38",
                row(
                        "BOARD_LIT CODE_LOCKED_ROTOR",
                        "capacitor-herm capacitor-dual overload-open compressor-seized low-volts",
                        Fact.HERM_OUT));
        out.put(
                "s39",
                row(
                        "BOARD_LIT CODE_PRESSURE",
                        "condenser-dirty capacitor-fan fan-motor charge-low pressure-switch",
                        Fact.OUTDOOR_FAN_RUNS,
                        Fact.COIL_DIRTY));
        out.put("s40", row("COMES_AND_GOES SUBCOOLING_LOW", "charge-low", Fact.SUPERHEAT_HIGH));
        out.put(
                "s41",
                row("!HERM_OUT SHELL_HOT !COMPRESSOR_RUNS !COMPRESSOR_HUMS", "overload-open", Fact.WINDING_OPEN));
        out.put("s42", row("OUTDOOR_FAN_RUNS READING_DOUBTFUL", "reading-doubtful"));
        return out;
    }

    private static Row row(String facts, String first, Fact... next) {
        return new Row(facts, Set.of(first.split(" ")), Set.of(next));
    }

    private static Map<Fact, Boolean> facts(String words) {
        Map<Fact, Boolean> out = new EnumMap<>(Fact.class);
        for (String word : words.split(" ")) {
            boolean isSo = !word.startsWith("!");
            out.put(Fact.valueOf(isSo ? word : word.substring(1)), isSo);
        }
        return out;
    }

    @Test
    void aSeniorWouldStartHere() {
        int first = 0;
        int next = 0;
        List<String> off = new ArrayList<>();
        for (Map.Entry<String, Row> each : ROWS.entrySet()) {
            Row row = each.getValue();
            Suspects suspects = Suspects.of(facts(row.facts()));
            List<Suspect> ranked = suspects.ranked().subList(0, 3);
            List<Fact> tests =
                    suspects.tests().stream().limit(3).map(NextTest::fact).toList();
            boolean isOpen = row.first().contains("");
            List<String> found =
                    suspects.found().stream().map(f -> f.fault().key()).toList();
            String leads = found.isEmpty() ? ranked.get(0).fault().key() : found.get(0);
            boolean isFirst =
                    isOpen ? ranked.get(0).share() <= 0.30 : row.first().contains(leads);
            boolean isNext =
                    row.next().isEmpty() ? !found.isEmpty() : row.next().contains(tests.get(0));
            boolean isAmong = (isFirst
                            || ranked.stream()
                                    .anyMatch(
                                            s -> row.first().contains(s.fault().key())))
                    && (isNext || tests.stream().anyMatch(row.next()::contains));
            first += isFirst ? 1 : 0;
            next += isNext ? 1 : 0;
            if (!isFirst || !isNext || !isAmong) {
                off.add((isAmong ? "" : "NOT AMONG THREE ") + each.getKey() + (isFirst ? "" : " first")
                        + (isNext ? "" : " next") + ": found " + found + ", "
                        + ranked.stream()
                                .map(s -> s.fault().key() + " " + Math.round(100 * s.share()))
                                .toList()
                        + suspects.tests().stream()
                                .limit(3)
                                .map(t -> t.fact() + " " + Math.round(100 * t.share()))
                                .toList());
            }
        }
        String report = "first " + first + ", next " + next + " of " + ROWS.size() + "\n" + String.join("\n", off);
        assertThat(off).as(report).noneMatch(l -> l.startsWith("NOT"));
        assertThat(first).as(report).isGreaterThanOrEqualTo(FIRST_RIGHT);
        assertThat(next).as(report).isGreaterThanOrEqualTo(NEXT_RIGHT);
    }

    @Test
    void everyRowOfTheFileIsHere() {
        assertThat(ROWS).hasSize(42);
    }
}
