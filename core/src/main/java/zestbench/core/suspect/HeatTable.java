package zestbench.core.suspect;

import static zestbench.core.suspect.Fact.*;
import static zestbench.core.suspect.Likelihood.OFTEN;
import static zestbench.core.suspect.Likelihood.SELDOM;
import static zestbench.core.suspect.Likelihood.SOMETIMES;

import java.util.ArrayList;
import java.util.List;

/**
 * Faults of a heating call as far as electrics go: gas pressure and the fuel train are named and judged by nothing here. How commonly
 * each comes alone, what is seen under it, and what brings what. Every figure is practice.
 */
final class HeatTable {
    /** What a burner goes through, in the order it does: the draft, the proof of it, the spark, the gas, the flame. */
    private static final List<Fault> BURNER = List.of(
            Fault.of(
                            "inducer",
                            6,
                            "Draft inducer motor or its capacitor",
                            DRAFT_FAN_RUNS,
                            "Volts at the inducer's own leads with the call on: there and it stands, it is the motor")
                    .inPart("motor")
                    .certain(GAS_HEAT)
                    .often(GROWLS)
                    .seldom(DRAFT_FAN_RUNS)
                    .always(DRAFT_SWITCH_OPEN)
                    .never(IGNITER_GLOWS, GAS_VALVE_VOLTS, BURNER_LIGHTS, FLAME_STAYS),
            Fault.of(
                            "draft-switch",
                            5,
                            "Draft pressure switch or its tube",
                            DRAFT_SWITCH_OPEN,
                            "Tube off and clear; 24 V behind the switch with the inducer at speed")
                    .inPart("switch")
                    .certain(GAS_HEAT)
                    .often(CODE_PRESSURE)
                    .always(DRAFT_SWITCH_OPEN)
                    .never(IGNITER_GLOWS, GAS_VALVE_VOLTS, BURNER_LIGHTS, FLAME_STAYS),
            Fault.of(
                            "vent-blocked",
                            6,
                            "Vent, intake or condensate drain blocked",
                            VENT_BLOCKED,
                            "Look at both terminations and the trap; nothing is bridged")
                    .certain(GAS_HEAT)
                    .always(VENT_BLOCKED)
                    .often(CODE_PRESSURE)
                    .always(DRAFT_SWITCH_OPEN)
                    .rare(IGNITER_GLOWS, GAS_VALVE_VOLTS, BURNER_LIGHTS, FLAME_STAYS)
                    .provedBy(VENT_BLOCKED),
            Fault.of(
                            "igniter",
                            12,
                            "Igniter open or cracked",
                            IGNITER_OPEN,
                            "Plug off, cold: its ohms by its own sheet, OL is open; never touch its element")
                    .certain(GAS_HEAT)
                    .always(IGNITER_OPEN)
                    .often(CODE_FLAME, SUDDEN)
                    .never(IGNITER_GLOWS, BURNER_LIGHTS, FLAME_STAYS)
                    .provedBy(IGNITER_OPEN),
            Fault.of(
                            "gas-side",
                            4,
                            "Gas off, gas valve or fuel train",
                            GAS_VALVE_VOLTS,
                            "24 V at the valve while the igniter glows and no flame: the gas side, for whoever is licensed for it")
                    .certain(GAS_HEAT)
                    .often(CODE_FLAME)
                    .rare(BURNER_LIGHTS, FLAME_STAYS),
            Fault.of(
                            "flame-sensor",
                            12,
                            "Flame sensor dirty, cracked or its wire",
                            FLAME_SIGNAL_LOW,
                            "Microamps in series with its wire against the board's own sheet; clean it, read again")
                    .certain(GAS_HEAT)
                    .always(FLAME_SIGNAL_LOW)
                    .often(CODE_FLAME, SHORT_CYCLES)
                    .rare(FLAME_STAYS)
                    .provedBy(FLAME_SIGNAL_LOW),
            Fault.of(
                            "rollout",
                            1.5,
                            "Rollout switch tripped",
                            ROLLOUT_TRIPPED,
                            "Its button is out: find why flame left its place, before it is set and before it fires")
                    .inPart("switch")
                    .certain(GAS_HEAT)
                    .always(ROLLOUT_TRIPPED)
                    .often(CODE_LIMIT, DRAFT_FAN_RUNS)
                    .never(GAS_VALVE_VOLTS, BURNER_LIGHTS, FLAME_STAYS, IGNITER_GLOWS)
                    .provedBy(ROLLOUT_TRIPPED),
            Fault.of(
                            "board",
                            5,
                            "Board: a step that it does not take",
                            DRAFT_FAN_RUNS,
                            "24 V on W at the board, its light and its code; then volts out at the step that is missing")
                    .inPart("board")
                    .certain(GAS_HEAT)
                    .seldom(DRAFT_FAN_RUNS, IGNITER_GLOWS, GAS_VALVE_VOLTS)
                    .rare(BURNER_LIGHTS, FLAME_STAYS));

    private static final List<Fault> ELECTRIC = List.of(
            Fault.of(
                            "element-open",
                            6,
                            "Heater element or its link open",
                            ELEMENT_OPEN,
                            "Dead, one wire off: its ohms; then link and limit on their own")
                    .inPart("heater")
                    .always(ELEMENT_OPEN)
                    .never(GAS_HEAT)
                    .provedBy(ELEMENT_OPEN),
            Fault.of(
                            "heat-relay",
                            5,
                            "Sequencer or heat relay",
                            ELEMENT_VOLTS,
                            "24 V at its coil and no volts at the element after a minute")
                    .inPart("relay")
                    .seldom(ELEMENT_VOLTS)
                    .never(GAS_HEAT));

    /** What every heating call shares. */
    private static final List<Fault> SHARED = List.of(
            Fault.of(
                            "limit-open",
                            4,
                            "Limit open",
                            LIMIT_OPEN,
                            "Cold: continuity; open only when hot it is the air, not the limit")
                    .inPart("switch")
                    .always(LIMIT_OPEN)
                    .often(CODE_LIMIT, SHORT_CYCLES)
                    .seldom(GAS_VALVE_VOLTS, ELEMENT_VOLTS)
                    .rare(BURNER_LIGHTS, FLAME_STAYS)
                    .provedBy(LIMIT_OPEN),
            Fault.of(
                            "thermostat",
                            6,
                            "Thermostat or its W wire",
                            HEAT_VOLTS,
                            "24 V from R to W at the thermostat's own base; its battery lights it without 24 V")
                    .often(AFTER_WORK, COMES_AND_GOES)
                    .seldom(HEAT_VOLTS)
                    .never(DRAFT_FAN_RUNS, IGNITER_GLOWS, GAS_VALVE_VOLTS, BURNER_LIGHTS, FLAME_STAYS, ELEMENT_VOLTS),
            controlLost(Fault.of(
                            "transformer",
                            4,
                            "Control transformer",
                            SECONDARY_VOLTS,
                            "Primary volts present and the secondary 0: failed, or its own breaker")
                    .inPart("transformer")
                    .seldom(SECONDARY_VOLTS)),
            controlLost(Fault.of(
                            "control-fuse",
                            5,
                            "Control fuse, or a short on the 24 V side",
                            CONTROL_FUSE_OPEN,
                            "Look at the 3 or 5 A fuse of the board")
                    .inPart("fuse")
                    .always(CONTROL_FUSE_OPEN)
                    .often(AFTER_WORK)
                    .provedBy(CONTROL_FUSE_OPEN)),
            controlLost(Fault.of(
                            "indoor-supply-gone",
                            4,
                            "No line volts at the indoor unit: breaker, switch, door switch",
                            INDOOR_VOLTS,
                            "Volts at the indoor unit's own switch, door switch pressed in")
                    .seldom(INDOOR_VOLTS, SECONDARY_VOLTS)),
            Fault.of("airflow", 7, "Filter, wheel or coil choked", FILTER_CHOKED, "Look at filter and wheel")
                    .always(FILTER_CHOKED, WEAK_AIR)
                    .often(SHORT_CYCLES)
                    .seldom(SUDDEN),
            Fault.of(
                            "blower-motor",
                            6,
                            "Indoor blower motor",
                            BLOWER_HOT,
                            "Shell too hot to touch with power present: the motor, whatever the capacitor reads")
                    .inPart("motor")
                    .always(WEAK_AIR)
                    .often(BLOWER_HOT, BLOWER_TURNS_FREE, SHORT_CYCLES)
                    .seldom(INDOOR_RUNS),
            Fault.of(
                            "blower-capacitor",
                            4,
                            "Indoor blower capacitor",
                            BLOWER_CAPACITOR_OUT,
                            "Discharged, wires off: read it")
                    .inPart("capacitor")
                    .always(BLOWER_CAPACITOR_OUT, WEAK_AIR)
                    .often(BLOWER_HOT, INDOOR_RUNS)
                    .provedBy(BLOWER_CAPACITOR_OUT),
            Fault.of(
                            "blower-relay",
                            3,
                            "Blower relay or board",
                            BLOWER_VOLTS,
                            "Volts at the blower's own leads once the flame has burnt a minute")
                    .inPart("relay")
                    .always(WEAK_AIR)
                    .seldom(BLOWER_VOLTS)
                    .never(INDOOR_RUNS));

    /** What brings what. [practice] */
    static final List<Cause> CAUSES = List.of(
            new Cause("airflow", "limit-open", OFTEN),
            new Cause("blower-motor", "limit-open", OFTEN),
            new Cause("blower-capacitor", "limit-open", SOMETIMES),
            new Cause("blower-relay", "limit-open", OFTEN),
            new Cause("vent-blocked", "rollout", SELDOM),
            new Cause("blower-capacitor", "blower-motor", SELDOM));

    static final List<Fault> ALL = all();

    private HeatTable() {}

    /** Without 24 V nothing of the call goes on. */
    private static Fault controlLost(Fault fault) {
        return fault.seldom(THERMOSTAT_LIT, BOARD_LIT)
                .never(
                        HEAT_VOLTS,
                        INDOOR_RUNS,
                        DRAFT_FAN_RUNS,
                        IGNITER_GLOWS,
                        GAS_VALVE_VOLTS,
                        BURNER_LIGHTS,
                        FLAME_STAYS,
                        ELEMENT_VOLTS);
    }

    private static List<Fault> all() {
        List<Fault> out = new ArrayList<>(BURNER);
        out.addAll(ELECTRIC);
        out.addAll(SHARED);
        return List.copyOf(out);
    }
}
