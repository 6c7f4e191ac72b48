package zestbench.core.suspect;

import static zestbench.core.suspect.Fact.*;
import static zestbench.core.suspect.Likelihood.OFTEN;
import static zestbench.core.suspect.Likelihood.SELDOM;
import static zestbench.core.suspect.Likelihood.SOMETIMES;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * Faults of a heating call on a heat pump: those that keep its outdoor unit from running are the cooling call's; its reversing valve, its
 * defrost and its auxiliary heat are its own. Every figure is practice.
 */
final class HeatPumpTable {
    /** Faults of a cooling call that show otherwise while it heats. */
    private static final Set<String> OF_COOLING = Set.of(
            "charge-low",
            "condenser-dirty",
            "airflow",
            "float-switch",
            "blower-motor",
            "blower-capacitor",
            "blower-relay");

    private static final List<Fault> OWN = List.of(
            Fault.of(
                            "valve-coil",
                            6,
                            "Reversing valve's coil, its wire, or the thermostat set to the other letter",
                            VALVE_COIL_RIGHT,
                            "Which of O and B its diagram has energised for heat; 24 V at the coil as that asks, its ohms with its plug off")
                    .often(BLOWS_COLD, AFTER_WORK)
                    .seldom(VALVE_COIL_RIGHT)
                    .never(VALVE_LEAKS),
            Fault.of(
                            "valve-stuck",
                            5,
                            "Reversing valve stuck, or leaking across",
                            VALVE_LEAKS,
                            "Coil energised as its diagram asks: feel its four lines; one hot and three near one warmth is a leak across, hot and cold swapped is stuck")
                    .always(VALVE_LEAKS)
                    .often(BLOWS_COLD, NOT_PUMPING)
                    .sometimes(SUDDEN)
                    .provedBy(VALVE_LEAKS),
            Fault.of(
                            "defrost-board",
                            7,
                            "Defrost board",
                            DEFROST_RUNS,
                            "Force a defrost at its test pins: valve shifts, outdoor fan stops, auxiliary heat comes on")
                    .inPart("board")
                    .always(FROST_THICK)
                    .often(WEAK_AIR)
                    .rare(DEFROST_RUNS),
            Fault.of(
                            "defrost-sensor",
                            7,
                            "Defrost sensor or thermostat",
                            DEFROST_SENSOR_OUT,
                            "Its ohms or its contact at the coil's warmth, by its own chart; whether it sits tight on its tube")
                    .always(FROST_THICK, DEFROST_SENSOR_OUT)
                    .provedBy(DEFROST_SENSOR_OUT),
            Fault.of(
                            "charge-low",
                            6,
                            "Charge low: a leak",
                            SUPERHEAT_HIGH,
                            "Frost on part of the coil alone; superheat and subcooling by its maker's table for heat, after airflow")
                    .always(SUPERHEAT_HIGH, SUBCOOLING_LOW)
                    .often(FROST_THICK, COMES_AND_GOES)
                    .seldom(SUDDEN, CODE_PRESSURE),
            Fault.of(
                            "outdoor-coil-choked",
                            5,
                            "Outdoor coil matted or snowed in",
                            COIL_DIRTY,
                            "Look through the coil against light")
                    .always(COIL_DIRTY)
                    .often(FROST_THICK),
            Fault.of("airflow", 7, "Filter, wheel or indoor coil choked", FILTER_CHOKED, "Look at filter and wheel")
                    .always(FILTER_CHOKED, WEAK_AIR)
                    .often(CODE_PRESSURE, SHORT_CYCLES)
                    .seldom(SUDDEN),
            Fault.of(
                            "auxiliary-heat",
                            8,
                            "Auxiliary heat: element, its link, sequencer or W2",
                            ELEMENT_VOLTS,
                            "24 V on W2 with auxiliary heat asked for, then volts and amps at the element")
                    .inPart("heater")
                    .often(ELEMENT_OPEN)
                    .seldom(AUXILIARY_RUNS, ELEMENT_VOLTS));

    /** What brings what. [practice] */
    static final List<Cause> CAUSES = causes();

    static final List<Fault> ALL = all();

    private HeatPumpTable() {}

    private static List<Fault> all() {
        List<Fault> out = new ArrayList<>(FaultTable.ALL);
        out.removeIf(fault -> OF_COOLING.contains(fault.key()));
        out.addAll(OWN);
        HeatTable.ALL.stream()
                .filter(fault -> fault.key().startsWith("blower-"))
                .forEach(out::add);
        return List.copyOf(out);
    }

    private static List<Cause> causes() {
        List<Cause> out = new ArrayList<>(FaultTable.CAUSES);
        out.removeIf(c -> OF_COOLING.contains(c.by()) || OF_COOLING.contains(c.effect()));
        out.add(new Cause("airflow", "pressure-switch", SOMETIMES));
        out.add(new Cause("charge-low", "overload-open", SELDOM));
        out.add(new Cause("airflow", "blower-motor", SELDOM));
        out.add(new Cause("blower-capacitor", "blower-motor", SELDOM));
        out.add(new Cause("blower-motor", "pressure-switch", OFTEN));
        return List.copyOf(out);
    }
}
