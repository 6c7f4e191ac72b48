package zestbench.core.transformer;

import java.util.List;
import zestbench.core.family.Attribute;
import zestbench.core.family.Attribute.Type;

/** What a transformer's label can say. */
final class TransformerAttributes {
    static final List<Attribute> ALL = List.of(
            Attribute.number("voltAmps", "Power", "VA", "beside VA").deciding(),
            Attribute.number("primaryVolts", "Primary", "V", "beside PRI, one for each tap")
                    .as(Type.NUMBERS)
                    .deciding(),
            Attribute.number("secondaryVolts", "Secondary", "V", "beside SEC")
                    .usually("SEC 24V")
                    .deciding(),
            Attribute.number("hertz", "Frequency", "Hz", "beside HZ").as(Type.NUMBERS),
            Attribute.rows(
                    "leads",
                    "Primary leads, as printed",
                    "in the table or drawing on it",
                    Attribute.text("color", "Colour", "as printed"),
                    Attribute.number("volts", "Volts", "V", "0 for the common")),
            Attribute.number("class2", "Class 2", "", "as CLASS 2").as(Type.FLAG),
            Attribute.text("secondaryProtection", "Secondary protected by", "as BREAKER, FUSE or FUSIBLE LINK"),
            Attribute.rows(
                    "loads",
                    "What hangs on it",
                    "coils, boards and valves, counted on its wires; " + Attribute.MEASURED + " or read their labels",
                    Attribute.text("name", "Load", "what it is"),
                    Attribute.number("heldVoltAmps", "Held", "VA", "on its label"),
                    Attribute.number("inrushVoltAmps", "Inrush", "VA", "on its label")),
            Attribute.choice("windings", "Primary windings", "how its taps are drawn", "TAPPED", "SERIES_PARALLEL"));

    private TransformerAttributes() {}
}
