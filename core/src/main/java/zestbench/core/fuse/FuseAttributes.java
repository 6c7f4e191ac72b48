package zestbench.core.fuse;

import java.util.List;
import zestbench.core.family.Attribute;
import zestbench.core.family.Attribute.Type;

/** What a fuse's label can say. */
final class FuseAttributes {
    static final List<Attribute> ALL = List.of(
            Attribute.number("amps", "Rating", "A", "the largest print").deciding(),
            Attribute.number("volts", "Voltage", "V", "behind the amps, 250, 300 or 600")
                    .usually("250 V", "600 V")
                    .deciding(),
            Attribute.choice(
                            "fuseClass",
                            "Class",
                            "as CLASS RK5",
                            "RK1",
                            "RK5",
                            "H",
                            "K5",
                            "J",
                            "T",
                            "CC",
                            "G",
                            "M",
                            "S")
                    .deciding(),
            Attribute.number("timeDelay", "Time delay", "", "as TIME DELAY or DUAL ELEMENT")
                    .as(Type.FLAG)
                    .deciding(),
            Attribute.number("interruptingKiloamps", "Interrupting", "kA", "beside IR or AIC"),
            Attribute.number("bodyDiameterInches", "Body diameter", "in", Attribute.MEASURED),
            Attribute.number("bodyLengthInches", "Body length", "in", Attribute.MEASURED),
            Attribute.number("wireGauge", "Wire to the unit", "AWG", "copper, on its jacket; " + Attribute.MEASURED),
            Attribute.choice("wireColumn", "Both ends marked", "on lugs and breaker, in °C", "60", "75"));

    private FuseAttributes() {}
}
