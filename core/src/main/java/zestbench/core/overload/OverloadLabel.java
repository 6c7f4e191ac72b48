package zestbench.core.overload;

import static zestbench.core.label.LabelField.of;
import static zestbench.core.label.LabelField.told;

import zestbench.core.label.LabelGrammar;
import zestbench.core.label.Shapes;
import zestbench.core.label.Unit;

/** What an overload relay says on its label, and in which words. */
public final class OverloadLabel {
    /** Its name in the open interface. */
    public static final String KIND = "overload";

    static final LabelGrammar GRAMMAR = new LabelGrammar(KIND)
            .hasAnyOf("lowAmps", "highAmps", "tripClass")
            .tells(
                    "overload relay|overload|over load relay|motor protector|motor protection relay",
                    "ol relay|o l relay|relais thermique|rele termico|motorschutzrelais")
            .field(of(
                            "lowAmps",
                            Shapes.span("highAmps", 0.1, 200, Unit.AMPS),
                            "range|setting range|current range|adjustment range|fla range|adjustable|setting|amps|scale",
                            "plage|rango|einstellbereich")
                    .bare(0.3))
            .field(of(
                    "setAmps",
                    Shapes.number(0.1, 200, Unit.AMPS),
                    "set at|set to|dial|dial at|set|dialed to|dial set at"))
            .field(of(
                    "tripClass",
                    Shapes.number(5, 30).whole().usual(10, 20, 30),
                    "class|trip class|cl|clase|classe|auslöseklasse"))
            .field(told("element")
                    .by("THERMAL", "thermal|bimetal|bimetallic|heater elements|eutectic|melting alloy")
                    .by("ELECTRONIC", "electronic|solid state|solid-state"))
            .field(told("reset", "reset")
                    .by("MANUAL", "manual reset|manual|man reset|m reset|hand")
                    .by("AUTOMATIC", "automatic reset|auto reset|automatic|auto"))
            .field(of("poles", Shapes.number(1, 3, Unit.POLES).whole(), "poles").bare(0.2))
            .field(of(
                            "contactVolts",
                            Shapes.number(24, 600, Unit.VOLTS).usual(24, 120, 240, 277, 480, 600),
                            "control volts|contact volts|pilot duty|aux contact|auxiliary contact")
                    .bare(0.6))
            .foreign("lra|locked rotor amps|hp|horsepower|rpm|rla|va|sccr|max fuse|ui|uimp|ith")
            .fillers("relay|motor|protection|trip|95-96|97-98|no|nc|test|stop|phase loss sensitive|phase loss");

    private OverloadLabel() {}
}
