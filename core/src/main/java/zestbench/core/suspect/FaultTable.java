package zestbench.core.suspect;

import static zestbench.core.suspect.Fact.*;
import static zestbench.core.suspect.Likelihood.OFTEN;
import static zestbench.core.suspect.Likelihood.SELDOM;
import static zestbench.core.suspect.Likelihood.SOMETIMES;

import java.util.List;

/**
 * Faults of a cooling call, how commonly each comes alone, what is seen under it, and what brings what. Every figure is practice: a
 * technician's sense of how often, put into words, not a count.
 */
final class FaultTable {
    private static final String CAPACITOR = "capacitor";

    /** The compressor and what it runs on. */
    private static final List<Fault> COMPRESSOR = List.of(
            Fault.of(
                            "capacitor-herm",
                            14,
                            "Run capacitor, compressor section",
                            HERM_OUT,
                            "Power off, discharged, wires off: read C–HERM")
                    .inPart(CAPACITOR)
                    .always(HERM_OUT, COMPRESSOR_HUMS)
                    .often(SHELL_HOT, CODE_LOCKED_ROTOR, START_AMPS_STAY)
                    .seldom(COMPRESSOR_RUNS, BREAKER_OPENS)
                    .never(THREE_PHASE)
                    .provedBy(HERM_OUT),
            Fault.of(
                            "capacitor-dual",
                            3,
                            "Dual run capacitor, both sections",
                            HERM_OUT,
                            "Power off, discharged, wires off: read C–HERM and C–FAN")
                    .inPart(CAPACITOR)
                    .always(HERM_OUT, FAN_OUT)
                    .often(COMPRESSOR_HUMS, SHELL_HOT, CODE_LOCKED_ROTOR, START_AMPS_STAY)
                    .seldom(COMPRESSOR_RUNS, OUTDOOR_FAN_RUNS)
                    .never(THREE_PHASE)
                    .provedBy(HERM_OUT, FAN_OUT),
            Fault.of(
                            "overload-open",
                            3,
                            "Compressor overload open",
                            WINDING_OPEN,
                            "Feel the shell, cool it, then read C–R and C–S again")
                    .inPart("compressor")
                    .always(SHELL_HOT, WINDING_OPEN)
                    .sometimes(SHORT_CYCLES)
                    .seldom(CODE_LOCKED_ROTOR)
                    .never(COMPRESSOR_RUNS, COMPRESSOR_HUMS)
                    .provedBy(WINDING_OPEN, SHELL_HOT),
            Fault.of("start-device", 2, "Start device", START_DEVICE_BAD, "Cold: read it alone, its wires off")
                    .inPart("start-device")
                    .always(START_DEVICE_BAD, COMPRESSOR_HUMS)
                    .often(SHELL_HOT, CODE_LOCKED_ROTOR, START_AMPS_STAY)
                    .seldom(COMPRESSOR_RUNS, BREAKER_OPENS)
                    .never(THREE_PHASE)
                    .provedBy(START_DEVICE_BAD),
            Fault.of(
                            "low-volts",
                            3,
                            "Low volts at the start",
                            LOW_VOLTS,
                            "Volts at the contactor while it starts, beside volts at rest")
                    .always(LOW_VOLTS)
                    .often(COMPRESSOR_HUMS, CODE_LOCKED_ROTOR, START_AMPS_STAY)
                    .seldom(COMPRESSOR_RUNS)
                    .provedBy(LOW_VOLTS),
            Fault.of(
                            "plug-burnt",
                            4,
                            "Wiring at the compressor plug",
                            LEAD_BURNT,
                            "Dead, pressure kept in mind: look at plug, leads and lugs")
                    .always(LEAD_BURNT)
                    .often(WINDING_OPEN, COMPRESSOR_VOLTS)
                    .seldom(COMPRESSOR_RUNS)
                    .provedBy(LEAD_BURNT),
            Fault.of(
                            "compressor-seized",
                            3,
                            "Compressor seized",
                            START_AMPS_STAY,
                            "Amps at start: 75 % of LRA and more for over half a second")
                    .inPart("compressor")
                    .always(COMPRESSOR_HUMS, START_AMPS_STAY)
                    .often(BREAKER_OPENS, SHELL_HOT, CODE_LOCKED_ROTOR, AMPS_HIGH)
                    .never(COMPRESSOR_RUNS),
            Fault.of("winding-open", 2, "Compressor winding open", WINDING_OPEN, "Cold shell: read C–R, C–S and R–S")
                    .inPart("compressor")
                    .always(WINDING_OPEN)
                    .seldom(COMPRESSOR_HUMS)
                    .never(COMPRESSOR_RUNS),
            Fault.of(
                            "compressor-grounded",
                            3,
                            "Compressor winding to ground",
                            GROUNDED,
                            "Each winding to clean copper; no reset and no fuse before it")
                    .inPart("compressor")
                    .always(GROUNDED, BREAKER_OPENS)
                    .often(SUDDEN)
                    .never(COMPRESSOR_RUNS, COMPRESSOR_HUMS)
                    .provedBy(GROUNDED),
            Fault.of(
                            "not-pumping",
                            3,
                            "Compressor runs and does not pump",
                            NOT_PUMPING,
                            "Liquid less suction under 30 psi after a minute's running")
                    .inPart("compressor")
                    .always(NOT_PUMPING)
                    .provedBy(NOT_PUMPING)
                    .provedByNo(THREE_PHASE),
            Fault.of(
                            "phase-reversed",
                            1,
                            "Phases reversed on a scroll",
                            PHASES_REVERSED,
                            "Phase order first; then swap two leads at the line side, every other motor looked at first")
                    .certain(THREE_PHASE)
                    .always(NOT_PUMPING, PHASES_REVERSED, AFTER_WORK)
                    .often(GROWLS)
                    .provedBy(PHASES_REVERSED));

    /** The outdoor fan, and what keeps the condenser from its work. */
    private static final List<Fault> OUTDOOR = List.of(
            Fault.of(
                            "capacitor-fan",
                            11,
                            "Run capacitor, fan section",
                            FAN_OUT,
                            "Power off, discharged, wires off: read C–FAN")
                    .inPart(CAPACITOR)
                    .always(FAN_OUT)
                    .often(SHORT_CYCLES)
                    .seldom(OUTDOOR_FAN_RUNS)
                    .provedBy(FAN_OUT),
            Fault.of(
                            "fan-motor",
                            7,
                            "Outdoor fan motor bound or open",
                            FAN_TURNS_FREE,
                            "Power off: spin the blade, then read the windings")
                    .inPart("motor")
                    .often(SHORT_CYCLES, FAN_TURNS_FREE)
                    .seldom(OUTDOOR_FAN_RUNS)
                    .provedByNo(FAN_TURNS_FREE),
            Fault.of(
                            "fan-relay",
                            3,
                            "Outdoor fan relay or board",
                            FAN_VOLTS,
                            "Volts at the fan's own leads with the contactor in")
                    .inPart("relay")
                    .seldom(OUTDOOR_FAN_RUNS, FAN_VOLTS),
            Fault.of(
                            "reading-doubtful",
                            1,
                            "The reading itself: terminal or probe",
                            READING_DOUBTFUL,
                            "Clean the terminal, press the probe on bright metal, read again")
                    .always(READING_DOUBTFUL)
                    .provedBy(READING_DOUBTFUL),
            Fault.of(
                            "charge-low",
                            6,
                            "Charge low: a leak",
                            SUPERHEAT_HIGH,
                            "Superheat and subcooling, after airflow and dirt")
                    .always(SUPERHEAT_HIGH, SUBCOOLING_LOW)
                    .often(ICE, COMES_AND_GOES)
                    .sometimes(SHORT_CYCLES)
                    .seldom(SUDDEN, CODE_PRESSURE),
            Fault.of("condenser-dirty", 8, "Condenser coil matted", COIL_DIRTY, "Look through the coil against light")
                    .always(COIL_DIRTY)
                    .often(AMPS_HIGH, SHORT_CYCLES, BREAKER_OPENS)
                    .seldom(SUDDEN));

    /** From the utility to the load side of the contactor. */
    private static final List<Fault> LINE = List.of(
            Fault.of(
                            "supply-gone",
                            6,
                            "No line voltage at the outdoor unit",
                            LINE_VOLTS,
                            "Volts at the contactor's line side, then back to the disconnect")
                    .often(AFTER_STORM)
                    .seldom(BREAKER_OPENS, DISCONNECT_VOLTS, BOARD_LIT)
                    .rare(LINE_VOLTS)
                    .never(OUTDOOR_FAN_RUNS, COMPRESSOR_RUNS, COMPRESSOR_HUMS, LOAD_VOLTS, PACKAGED),
            Fault.of(
                            "packaged-supply-gone",
                            2,
                            "No line voltage at the packaged unit",
                            DISCONNECT_VOLTS,
                            "Volts at the disconnect, every pair")
                    .certain(PACKAGED)
                    .often(AFTER_STORM)
                    .seldom(DISCONNECT_VOLTS, BREAKER_OPENS)
                    .rare(LINE_VOLTS, THERMOSTAT_LIT, BOARD_LIT)
                    .never(
                            OUTDOOR_FAN_RUNS,
                            COMPRESSOR_RUNS,
                            COMPRESSOR_HUMS,
                            LOAD_VOLTS,
                            INDOOR_RUNS,
                            COIL_VOLTS,
                            SECONDARY_VOLTS,
                            CONTACTOR_IN),
            Fault.of(
                            "fuse-open",
                            1.5,
                            "A fuse open",
                            FUSE_OPEN,
                            "Each fuse out of its holder by ohms; heat marks on the clips")
                    .inPart("fuse")
                    .always(FUSE_OPEN, BREAKER_OPENS)
                    .often(AFTER_STORM, BACK_FED)
                    .seldom(LINE_VOLTS, LOAD_VOLTS, OUTDOOR_FAN_RUNS, COMPRESSOR_RUNS, BOARD_LIT)
                    .provedBy(FUSE_OPEN),
            Fault.of(
                            "contact-burnt",
                            5,
                            "Contactor contact burnt",
                            LOAD_VOLTS,
                            "Volts across each closed pole, contactor in")
                    .inPart("contactor")
                    .often(LEAD_BURNT)
                    .seldom(OUTDOOR_FAN_RUNS, COMPRESSOR_RUNS, LOAD_VOLTS),
            Fault.of("leg-lost", 3, "A leg of the supply lost", LEG_LOST, "Three pairs at the disconnect, load off")
                    .certain(THREE_PHASE)
                    .always(GROWLS, LEG_LOST)
                    .often(COMPRESSOR_HUMS, AFTER_STORM, COMPRESSOR_RUNS)
                    .seldom(DISCONNECT_VOLTS, LINE_VOLTS, LOAD_VOLTS, BACK_FED)
                    .provedBy(LEG_LOST),
            Fault.of(
                            "breaker-weak",
                            1.5,
                            "Weak breaker or a hot lug",
                            BREAKER_OPENS,
                            "Amps beside the breaker's rating; feel and look for heat at its lugs")
                    .always(BREAKER_OPENS),
            Fault.of(
                            "rubbed-wire",
                            3,
                            "Wire rubbed to ground",
                            WIRE_RUBBED,
                            "Follow every wire along edges, tubes and blade; each load to ground")
                    .always(BREAKER_OPENS, WIRE_RUBBED)
                    .often(SUDDEN)
                    .provedBy(WIRE_RUBBED),
            Fault.of(
                            "two-start-devices",
                            1.5,
                            "Two start devices in one circuit",
                            TWO_START_DEVICES,
                            "Follow the wires from HERM and C: one start device at most")
                    .always(TWO_START_DEVICES, BREAKER_OPENS)
                    .often(AFTER_WORK)
                    .never(THREE_PHASE)
                    .provedBy(TWO_START_DEVICES));

    /** The control circuit. */
    private static final List<Fault> CONTROL = List.of(
            Fault.of(
                            "coil-open",
                            4,
                            "Contactor coil open or jammed",
                            COIL_OPEN,
                            "Coil ohms with its wires off: OL is open")
                    .inPart("contactor")
                    .always(COIL_OPEN)
                    .never(CONTACTOR_IN, OUTDOOR_FAN_RUNS, COMPRESSOR_RUNS, COMPRESSOR_HUMS, LOAD_VOLTS)
                    .provedBy(COIL_OPEN),
            Fault.of(
                            "pressure-switch",
                            5,
                            "Pressure switch open",
                            SWITCH_OPEN,
                            "Continuity of each switch; a jumper is a test, never a repair")
                    .inPart("switch")
                    .always(SWITCH_OPEN)
                    .often(CODE_PRESSURE, SHORT_CYCLES)
                    .seldom(CONTACTOR_IN, COIL_VOLTS, OUTDOOR_FAN_RUNS, COMPRESSOR_RUNS, LOAD_VOLTS)
                    .provedBy(SWITCH_OPEN),
            Fault.of(
                            "transformer",
                            4,
                            "Control transformer",
                            SECONDARY_VOLTS,
                            "Primary volts present and the secondary 0: failed, or its own breaker")
                    .inPart("transformer")
                    .often(AFTER_STORM)
                    .seldom(SECONDARY_VOLTS, THERMOSTAT_LIT, BOARD_LIT)
                    .never(
                            CALL_VOLTS,
                            CONTACTOR_IN,
                            COIL_VOLTS,
                            OUTDOOR_FAN_RUNS,
                            COMPRESSOR_RUNS,
                            COMPRESSOR_HUMS,
                            INDOOR_RUNS,
                            LOAD_VOLTS),
            Fault.of(
                            "control-fuse",
                            5,
                            "Control fuse, or a short on the 24 V side",
                            CONTROL_FUSE_OPEN,
                            "Look at the 3 or 5 A fuse of the board")
                    .inPart("fuse")
                    .always(CONTROL_FUSE_OPEN)
                    .often(AFTER_WORK)
                    .seldom(THERMOSTAT_LIT, BOARD_LIT)
                    .never(
                            CALL_VOLTS,
                            CONTACTOR_IN,
                            COIL_VOLTS,
                            OUTDOOR_FAN_RUNS,
                            COMPRESSOR_RUNS,
                            COMPRESSOR_HUMS,
                            INDOOR_RUNS,
                            LOAD_VOLTS)
                    .provedBy(CONTROL_FUSE_OPEN),
            Fault.of(
                            "indoor-supply-gone",
                            4,
                            "No line volts at the indoor unit: breaker, switch, door switch",
                            INDOOR_VOLTS,
                            "Volts at the indoor unit's own switch, door switch pressed in")
                    .seldom(INDOOR_VOLTS, THERMOSTAT_LIT, BOARD_LIT, SECONDARY_VOLTS)
                    .never(
                            CALL_VOLTS,
                            CONTACTOR_IN,
                            COIL_VOLTS,
                            OUTDOOR_FAN_RUNS,
                            COMPRESSOR_RUNS,
                            COMPRESSOR_HUMS,
                            INDOOR_RUNS,
                            LOAD_VOLTS),
            Fault.of(
                            "float-switch",
                            5,
                            "Float or proving switch open",
                            FLOAT_OPEN,
                            "Look into the pan, then continuity of the switch")
                    .inPart("switch")
                    .always(FLOAT_OPEN, WATER_IN_PAN)
                    .often(INDOOR_RUNS, THERMOSTAT_LIT, CALL_VOLTS)
                    .seldom(CONTACTOR_IN, COIL_VOLTS, OUTDOOR_FAN_RUNS, COMPRESSOR_RUNS, LOAD_VOLTS)
                    .never(COMPRESSOR_HUMS)
                    .provedBy(FLOAT_OPEN),
            Fault.of(
                            "thermostat",
                            5,
                            "Thermostat or its wire",
                            COIL_VOLTS,
                            "24 V from R to Y at the thermostat's own base; its battery lights it without 24 V")
                    .often(AFTER_WORK, INDOOR_RUNS, COMES_AND_GOES)
                    .seldom(CALL_VOLTS)
                    .never(CONTACTOR_IN, COIL_VOLTS, OUTDOOR_FAN_RUNS, COMPRESSOR_RUNS, COMPRESSOR_HUMS, LOAD_VOLTS),
            Fault.of(
                            "contactor-welded",
                            2,
                            "Contactor welded or stuck",
                            CONTACTOR_STAYS_IN,
                            "One coil wire off: it must drop out")
                    .inPart("contactor")
                    .always(RUNS_WITHOUT_CALL, CONTACTOR_STAYS_IN)
                    .often(INDOOR_RUNS)
                    .sometimes(ICE)
                    .provedBy(CONTACTOR_STAYS_IN),
            Fault.of(
                            "call-shorted",
                            0.5,
                            "Call wire shorted to R",
                            CONTACTOR_STAYS_IN,
                            "One coil wire off: it drops out, so that the call came from outside")
                    .always(RUNS_WITHOUT_CALL)
                    .often(AFTER_WORK)
                    .sometimes(ICE));

    /** The indoor air. */
    private static final List<Fault> INDOOR = List.of(
            Fault.of(
                            "blower-motor",
                            6,
                            "Indoor blower motor",
                            BLOWER_HOT,
                            "Shell too hot to touch with power present: the motor, whatever the capacitor reads")
                    .inPart("motor")
                    .always(WEAK_AIR)
                    .often(BLOWER_HOT, ICE, BLOWER_TURNS_FREE)
                    .seldom(INDOOR_RUNS),
            Fault.of(
                            "blower-capacitor",
                            4,
                            "Indoor blower capacitor",
                            BLOWER_CAPACITOR_OUT,
                            "Discharged, wires off: read it")
                    .inPart(CAPACITOR)
                    .always(BLOWER_CAPACITOR_OUT, WEAK_AIR)
                    .often(BLOWER_HOT, ICE, INDOOR_RUNS)
                    .provedBy(BLOWER_CAPACITOR_OUT),
            Fault.of(
                            "blower-relay",
                            3,
                            "Blower relay, board or G wire",
                            BLOWER_VOLTS,
                            "Volts at the blower's own leads with a call for fan")
                    .inPart("relay")
                    .always(WEAK_AIR)
                    .often(ICE)
                    .seldom(BLOWER_VOLTS)
                    .never(INDOOR_RUNS),
            Fault.of("airflow", 7, "Filter, wheel or indoor coil choked", FILTER_CHOKED, "Look at filter and wheel")
                    .always(FILTER_CHOKED, WEAK_AIR)
                    .often(ICE)
                    .seldom(SUDDEN));

    static final List<Fault> ALL = all();

    /** What brings what. [practice] */
    static final List<Cause> CAUSES = List.of(
            new Cause("compressor-grounded", "fuse-open", SOMETIMES),
            new Cause("rubbed-wire", "fuse-open", SOMETIMES),
            new Cause("two-start-devices", "fuse-open", SOMETIMES),
            new Cause("compressor-seized", "fuse-open", SELDOM),
            new Cause("fuse-open", "leg-lost", OFTEN, THREE_PHASE),
            new Cause("capacitor-herm", "overload-open", SOMETIMES),
            new Cause("capacitor-dual", "overload-open", SOMETIMES),
            new Cause("start-device", "overload-open", SOMETIMES),
            new Cause("low-volts", "overload-open", SOMETIMES),
            new Cause("compressor-seized", "overload-open", SOMETIMES),
            new Cause("capacitor-fan", "overload-open", SELDOM),
            new Cause("fan-motor", "overload-open", SELDOM),
            new Cause("fan-relay", "overload-open", SELDOM),
            new Cause("condenser-dirty", "overload-open", SELDOM),
            new Cause("charge-low", "overload-open", SELDOM),
            new Cause("airflow", "overload-open", SELDOM),
            new Cause("leg-lost", "overload-open", SELDOM),
            new Cause("capacitor-fan", "pressure-switch", SELDOM),
            new Cause("fan-motor", "pressure-switch", SELDOM),
            new Cause("fan-relay", "pressure-switch", SELDOM),
            new Cause("condenser-dirty", "pressure-switch", SOMETIMES),
            new Cause("charge-low", "pressure-switch", SELDOM),
            new Cause("airflow", "blower-motor", SELDOM),
            new Cause("blower-capacitor", "blower-motor", SELDOM));

    private FaultTable() {}

    private static List<Fault> all() {
        List<Fault> out = new java.util.ArrayList<>(COMPRESSOR);
        out.addAll(OUTDOOR);
        out.addAll(LINE);
        out.addAll(CONTROL);
        out.addAll(INDOOR);
        return List.copyOf(out);
    }
}
