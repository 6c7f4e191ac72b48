package zestbench.core.suspect;

import static zestbench.core.suspect.Fact.*;

import java.util.List;

/**
 * Faults of a cooling call, how common each is, and what is seen under it. Every figure is practice: a technician's sense
 * of how often, put into four words, not a count.
 */
final class FaultTable {
    private static final String CAPACITOR = "capacitor";

    static final List<Fault> ALL = List.of(
            Fault.of(
                            "capacitor-herm",
                            14,
                            "Run capacitor, compressor section",
                            HERM_OUT,
                            "Power off, discharged, wires off: read C–HERM")
                    .inPart(CAPACITOR)
                    .always(HERM_OUT)
                    .often(COMPRESSOR_HUMS, SHELL_HOT)
                    .seldom(COMPRESSOR_RUNS)
                    .never(THREE_PHASE),
            Fault.of(
                            "overload-open",
                            8,
                            "Compressor overload open",
                            WINDING_OPEN,
                            "Feel the shell, cool it, then read C–R and C–S again")
                    .always(SHELL_HOT, WINDING_OPEN)
                    .often(COMPRESSOR_HUMS, COIL_DIRTY, SHORT_CYCLES)
                    .seldom(COMPRESSOR_RUNS),
            Fault.of("start-device", 4, "Start device", COMPRESSOR_HUMS, "Cold: read it alone, its wires off")
                    .often(COMPRESSOR_HUMS, SHELL_HOT)
                    .seldom(COMPRESSOR_RUNS)
                    .never(THREE_PHASE),
            Fault.of(
                            "plug-burnt",
                            3,
                            "Wiring at the compressor plug",
                            LEAD_BURNT,
                            "Dead, pressure kept in mind: look at plug, leads and lugs")
                    .always(LEAD_BURNT)
                    .often(WINDING_OPEN, AFTER_WORK)
                    .seldom(COMPRESSOR_RUNS),
            Fault.of(
                            "compressor-seized",
                            3,
                            "Compressor seized",
                            AMPS_HIGH,
                            "Amps at start: 75 % of LRA and more for over half a second")
                    .always(COMPRESSOR_HUMS, AMPS_HIGH)
                    .often(BREAKER_OPENS, SHELL_HOT, FUSE_OPEN)
                    .never(COMPRESSOR_RUNS),
            Fault.of("winding-open", 2, "Compressor winding open", WINDING_OPEN, "Cold shell: read C–R, C–S and R–S")
                    .always(WINDING_OPEN)
                    .seldom(SHELL_HOT)
                    .never(COMPRESSOR_RUNS),
            Fault.of(
                            "compressor-grounded",
                            4,
                            "Compressor winding to ground",
                            GROUNDED,
                            "Each winding to clean copper; no more fuses before it")
                    .always(GROUNDED, BREAKER_OPENS)
                    .often(FUSE_OPEN, OUTDOOR_FAN_RUNS)
                    .never(COMPRESSOR_RUNS),
            Fault.of(
                            "capacitor-fan",
                            11,
                            "Run capacitor, fan section",
                            FAN_OUT,
                            "Power off, discharged, wires off: read C–FAN")
                    .inPart(CAPACITOR)
                    .always(FAN_OUT)
                    .often(SHELL_HOT, SHORT_CYCLES)
                    .seldom(OUTDOOR_FAN_RUNS),
            Fault.of(
                            "fan-motor",
                            7,
                            "Outdoor fan motor bound or open",
                            FAN_TURNS_FREE,
                            "Power off: spin the blade, then read the windings")
                    .inPart("motor")
                    .often(SHELL_HOT, SHORT_CYCLES, FAN_TURNS_FREE)
                    .seldom(OUTDOOR_FAN_RUNS),
            Fault.of(
                            "fan-relay",
                            3,
                            "Outdoor fan relay or board",
                            OUTDOOR_FAN_RUNS,
                            "Volts at the fan's own leads with the contactor in")
                    .inPart("relay")
                    .often(SHELL_HOT)
                    .seldom(OUTDOOR_FAN_RUNS),
            Fault.of(
                            "supply-gone",
                            6,
                            "No line voltage at the unit",
                            LINE_VOLTS,
                            "Volts at the contactor's line side, then back to the disconnect")
                    .often(BREAKER_OPENS, AFTER_STORM)
                    .seldom(LINE_VOLTS)
                    .never(OUTDOOR_FAN_RUNS, COMPRESSOR_RUNS, LOAD_VOLTS),
            Fault.of(
                            "fuse-open",
                            2,
                            "A fuse open of itself",
                            FUSE_OPEN,
                            "Each fuse out of its holder by ohms; heat marks on the clips")
                    .inPart("fuse")
                    .always(FUSE_OPEN, BREAKER_OPENS)
                    .often(LEG_LOST, AFTER_STORM)
                    .seldom(LINE_VOLTS, LOAD_VOLTS, OUTDOOR_FAN_RUNS, COMPRESSOR_RUNS),
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
                    .always(GROWLS, THREE_PHASE, LEG_LOST)
                    .often(COMPRESSOR_HUMS, AFTER_STORM, COMPRESSOR_RUNS)
                    .seldom(LINE_VOLTS, LOAD_VOLTS),
            Fault.of("coil-open", 4, "Contactor coil open", COIL_OPEN, "Coil ohms with its wires off: OL is open")
                    .inPart("contactor")
                    .always(COIL_OPEN)
                    .never(CONTACTOR_IN, OUTDOOR_FAN_RUNS, COMPRESSOR_RUNS, LOAD_VOLTS),
            Fault.of(
                            "pressure-switch",
                            5,
                            "Pressure switch open",
                            SWITCH_OPEN,
                            "Continuity of each switch; a jumper is a test, never a repair")
                    .always(SWITCH_OPEN)
                    .often(COIL_DIRTY)
                    .seldom(CONTACTOR_IN, COIL_VOLTS, OUTDOOR_FAN_RUNS, COMPRESSOR_RUNS, LOAD_VOLTS),
            Fault.of(
                            "transformer",
                            5,
                            "Control transformer",
                            SECONDARY_VOLTS,
                            "Primary volts present and the secondary 0: failed, or its own breaker")
                    .inPart("transformer")
                    .often(AFTER_STORM, AFTER_WORK)
                    .seldom(SECONDARY_VOLTS, THERMOSTAT_LIT)
                    .never(CONTACTOR_IN, COIL_VOLTS, OUTDOOR_FAN_RUNS, COMPRESSOR_RUNS, INDOOR_RUNS, LOAD_VOLTS),
            Fault.of(
                            "control-fuse",
                            5,
                            "Control fuse, or a short on the 24 V side",
                            CONTROL_FUSE_OPEN,
                            "Look at the 3 or 5 A fuse of the board")
                    .inPart("fuse")
                    .always(CONTROL_FUSE_OPEN)
                    .often(AFTER_WORK, SECONDARY_VOLTS)
                    .seldom(THERMOSTAT_LIT)
                    .never(CONTACTOR_IN, COIL_VOLTS, OUTDOOR_FAN_RUNS, COMPRESSOR_RUNS, INDOOR_RUNS, LOAD_VOLTS),
            Fault.of(
                            "float-switch",
                            4,
                            "Float or proving switch open",
                            FLOAT_OPEN,
                            "Look into the pan, then continuity of the switch")
                    .always(FLOAT_OPEN, WATER_IN_PAN)
                    .often(INDOOR_RUNS)
                    .seldom(CONTACTOR_IN, COIL_VOLTS, OUTDOOR_FAN_RUNS, COMPRESSOR_RUNS, LOAD_VOLTS),
            Fault.of(
                            "thermostat",
                            4,
                            "Thermostat or its wire",
                            COIL_VOLTS,
                            "24 V from R to Y at the thermostat's own base; its battery lights it without 24 V")
                    .often(THERMOSTAT_LIT, AFTER_WORK, INDOOR_RUNS)
                    .never(CONTACTOR_IN, COIL_VOLTS, OUTDOOR_FAN_RUNS, COMPRESSOR_RUNS, LOAD_VOLTS),
            Fault.of(
                            "contactor-welded",
                            3,
                            "Contactor welded or stuck",
                            CONTACTOR_STAYS_IN,
                            "One coil wire off: it must drop out")
                    .inPart("contactor")
                    .always(RUNS_WITHOUT_CALL, CONTACTOR_STAYS_IN)
                    .often(ICE),
            Fault.of(
                            "call-shorted",
                            1,
                            "Call wire shorted to R",
                            CONTACTOR_STAYS_IN,
                            "One coil wire off: it drops out, so that the call came from outside")
                    .always(RUNS_WITHOUT_CALL)
                    .often(AFTER_WORK),
            Fault.of(
                            "rubbed-wire",
                            3,
                            "Wire rubbed to ground",
                            WIRE_RUBBED,
                            "Follow every wire along edges, tubes and blade; each load to ground")
                    .always(BREAKER_OPENS, WIRE_RUBBED)
                    .often(FUSE_OPEN, OUTDOOR_FAN_RUNS, COMPRESSOR_RUNS)
                    .seldom(LINE_VOLTS),
            Fault.of(
                            "two-start-devices",
                            1.5,
                            "Two start devices in one circuit",
                            TWO_START_DEVICES,
                            "Follow the wires from HERM and C: one start device at most")
                    .always(TWO_START_DEVICES, BREAKER_OPENS)
                    .often(FUSE_OPEN, AFTER_WORK, COMPRESSOR_RUNS)
                    .never(THREE_PHASE),
            Fault.of(
                            "blower-motor",
                            6,
                            "Indoor blower motor",
                            BLOWER_HOT,
                            "Shell too hot to touch with power present: the motor, whatever the capacitor reads")
                    .inPart("motor")
                    .always(BLOWER_HOT)
                    .often(WEAK_AIR, ICE)
                    .seldom(INDOOR_RUNS),
            Fault.of(
                            "blower-capacitor",
                            4,
                            "Indoor blower capacitor",
                            BLOWER_CAPACITOR_OUT,
                            "Discharged, wires off: read it")
                    .inPart(CAPACITOR)
                    .always(BLOWER_CAPACITOR_OUT)
                    .often(WEAK_AIR, BLOWER_HOT, ICE, INDOOR_RUNS),
            Fault.of("airflow", 7, "Filter, wheel or indoor coil choked", FILTER_CHOKED, "Look at filter and wheel")
                    .always(FILTER_CHOKED, WEAK_AIR)
                    .often(ICE, BLOWER_HOT, INDOOR_RUNS)
                    .seldom(SUDDEN),
            Fault.of("charge-low", 6, "Charge low: a leak", ICE, "Superheat and subcooling, after airflow and dirt")
                    .often(ICE, SWITCH_OPEN, SHORT_CYCLES)
                    .seldom(SUDDEN),
            Fault.of("condenser-dirty", 6, "Condenser coil matted", COIL_DIRTY, "Look through the coil against light")
                    .always(COIL_DIRTY)
                    .often(AMPS_HIGH, SHORT_CYCLES, SHELL_HOT, SWITCH_OPEN)
                    .seldom(SUDDEN),
            Fault.of(
                            "not-pumping",
                            2,
                            "Compressor runs and does not pump",
                            NOT_PUMPING,
                            "Amps under 60 % of RLA with near-equal pressures")
                    .always(NOT_PUMPING)
                    .seldom(AMPS_HIGH),
            Fault.of(
                            "phase-reversed",
                            1,
                            "Phases reversed on a scroll",
                            NOT_PUMPING,
                            "Swap two leads at the line side, every other motor looked at first")
                    .always(NOT_PUMPING, THREE_PHASE, AFTER_WORK)
                    .often(GROWLS));

    private FaultTable() {}
}
