package zestbench.core.contactor;

import java.util.List;
import zestbench.core.family.Attribute;
import zestbench.core.family.Attribute.Type;

/** What a contactor's label can say. */
final class ContactorAttributes {
    private static final String RATING = "in its row of the ratings";

    static final List<Attribute> ALL = List.of(
            Attribute.number("poles", "Poles", "", "as 2 POLE, or counted")
                    .usually("2 POLE", "1 POLE")
                    .deciding(),
            Attribute.number("shunt", "Shunt instead of a second pole", "", "a plain bar beside the pole")
                    .as(Type.FLAG),
            Attribute.number("coilVolts", "Coil", "V", "beside COIL, on the coil itself")
                    .usually("COIL 24V")
                    .as(Type.NUMBERS)
                    .deciding(),
            Attribute.number("coilHertz", "Coil frequency", "Hz", "behind the coil volts")
                    .as(Type.NUMBERS),
            Attribute.number("coilDirectCurrent", "Coil for direct current", "", "as DC behind the coil volts")
                    .as(Type.FLAG),
            Attribute.number("fullLoadAmps", "FLA", "A", RATING).deciding(),
            Attribute.number("lockedRotorAmps", "LRA", "A", RATING),
            Attribute.number("resistiveAmps", "Resistive", "A", RATING),
            Attribute.number("lineVolts", "Line volts of these", "V", RATING),
            Attribute.rows(
                    "ratings",
                    "Ratings by line volts",
                    "a row for each line voltage",
                    Attribute.number("lineVolts", "Line", "V", RATING),
                    Attribute.number("fullLoadAmps", "FLA", "A", RATING),
                    Attribute.number("lockedRotorAmps", "LRA", "A", RATING),
                    Attribute.number("resistiveAmps", "Resistive", "A", RATING)),
            Attribute.choice("terminals", "Terminals", "seen on it", "LUG", "SCREW", "BOX"),
            Attribute.number("quickConnects", "Quick-connects", "", "counted on it"),
            Attribute.number("auxiliaryContacts", "Auxiliary contacts", "", "as AUX, or counted"),
            Attribute.number("coilHoldingVoltAmps", "Coil, holding", "VA", "beside HOLDING or SEALED"),
            Attribute.number("coilInrushVoltAmps", "Coil, inrush", "VA", "beside INRUSH"));

    private ContactorAttributes() {}
}
