package zestbench.core.thermostat;

import static zestbench.core.label.LabelField.of;
import static zestbench.core.label.LabelField.told;

import zestbench.core.label.LabelGrammar;
import zestbench.core.label.Shapes;
import zestbench.core.label.Unit;

/** What a thermostat says on its back or its box, and in which words. */
public final class ThermostatLabel {
    /** Its name in the open interface. */
    public static final String KIND = "thermostat";

    static final LabelGrammar GRAMMAR = new LabelGrammar(KIND)
            .hasAnyOf("coolStages", "heatStages", "serves", "power")
            .tells("thermostat|t-stat|tstat|stat|room thermostat|room control|termostato|raumthermostat")
            .field(of(
                    "coolStages",
                    Shapes.number(1, 4).whole(),
                    "cool|cooling|stages cool|stage cool|cool stages|cooling stages|stages of cooling|cool stage"))
            .field(of(
                    "heatStages",
                    Shapes.number(1, 4).whole(),
                    "heat|heating|stages heat|stage heat|heat stages|heating stages|stages of heat|heat stage"))
            .field(told("serves", "system")
                    .by("HEAT_PUMP", "heat pump only|hp only")
                    .by("CONVENTIONAL", "conventional|conventional only|gas/oil/electric|heat cool|heat/cool")
                    .by(
                            "EITHER",
                            "heat pump or conventional|conventional or heat pump|universal|conventional/heat pump"))
            .field(told("power", "power")
                    .by("BATTERY", "battery|battery powered|batteries|2 aa|aa batteries|pila")
                    .by("C_WIRE", "c wire required|c-wire required|common wire required|hardwired|hard wired")
                    .by("EITHER", "battery or c wire|c wire or battery|dual powered|dual power|hardwire or battery"))
            .field(of("volts", Shapes.list(20, 300, Unit.VOLTS).usual(24, 120, 240), "volts|voltage|rating|millivolt")
                    .bare(0.3))
            .foreign("va|amps|load|display|humidity|range|differential|anticipator")
            .fillers("programmable|non-programmable|digital|wall|room|stage|stages|gas|oil|electric|touch screen");

    private ThermostatLabel() {}
}
