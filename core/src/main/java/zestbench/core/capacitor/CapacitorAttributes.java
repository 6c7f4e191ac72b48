package zestbench.core.capacitor;

import java.util.List;
import zestbench.core.family.Attribute;
import zestbench.core.family.Attribute.Type;
import zestbench.core.family.Sections;

/** What a capacitor's label can say. */
public final class CapacitorAttributes {
    private static final String RATING_LINE = "on the rating line beside µF";

    /** In the order a label is read. */
    public static final List<Attribute> ALL = List.of(
            Attribute.choice("duty", "Duty", "as MOTOR RUN or MOTOR START, or told by a range of µF", "run", "start")
                    .deciding(),
            Attribute.rows(
                            Sections.ATTRIBUTE,
                            "Sections",
                            "the largest print, such as 45+5 µF",
                            Attribute.choice(
                                    Sections.TERMINAL, "Terminal", "beside each stud", Sections.HERM, Sections.FAN),
                            Attribute.text(Sections.NAME, "Section name", "beside each stud of a universal part"),
                            Attribute.number(Sections.MICROFARADS, "Capacitance", "µF", "the largest print"))
                    .deciding(),
            Attribute.number("microfaradsLow", "Capacitance from", "µF", "start capacitors: the range"),
            Attribute.number("microfaradsHigh", "Capacitance to", "µF", "start capacitors: the range"),
            Attribute.number("volts", "Voltage", "V", "behind the µF, as 370 or 440 VAC")
                    .usually("440 VAC", "370 VAC")
                    .deciding(),
            Attribute.number("voltsByClass", "Voltage by life class", "V", "IEC labels: one figure for each class")
                    .as(Type.NUMBERS_BY_NAME),
            Attribute.number("tolerancePlusPercent", "Tolerance up", "%", RATING_LINE)
                    .usually("±6%", "±5%"),
            Attribute.number("toleranceMinusPercent", "Tolerance down", "%", RATING_LINE),
            Attribute.number("hertz", "Frequency", "Hz", "behind the volts, as 50/60 Hz")
                    .as(Type.NUMBERS),
            Attribute.number("minCelsius", "Coldest", "°C", "as −40/70 °C or in the climate code")
                    .as(Type.SIGNED_NUMBER),
            Attribute.number("maxCelsius", "Hottest", "°C", "as −40/70 °C or in the climate code")
                    .as(Type.SIGNED_NUMBER),
            Attribute.choice("shape", "Shape", "the can itself", "round", "oval"),
            Attribute.number("diameterInches", "Diameter", "in", "measure the can"),
            Attribute.number("heightInches", "Height", "in", "measure the can"),
            Attribute.text("protection", "Protection", "as P2, S2, S3 or 10000 AFC, in small print"),
            Attribute.number("bleedResistor", "Bleed resistor", "", "across the studs of a start capacitor")
                    .as(Type.FLAG));

    private CapacitorAttributes() {}
}
