package zestbench.core.phasemonitor;

import static zestbench.core.label.LabelField.of;
import static zestbench.core.label.LabelField.told;

import zestbench.core.label.LabelGrammar;
import zestbench.core.label.Shapes;
import zestbench.core.label.Unit;

/** What a phase monitor says on its label, and in which words. */
public final class PhaseMonitorLabel {
    /** Its name in the open interface. */
    public static final String KIND = "phase-monitor";

    static final LabelGrammar GRAMMAR = new LabelGrammar(KIND)
            .hasAnyOf("lowVolts", "highVolts", "setUnbalancePercent", "setDelaySeconds")
            .tells(
                    "phase monitor|phase monitor relay|phase loss relay|phase failure relay|voltage monitor|3 phase monitor",
                    "three phase monitor|line voltage monitor|phase relay|phase loss monitor|vigilante de fase|phasenwächter")
            .field(of(
                            "lowVolts",
                            Shapes.span("highVolts", 90, 650, Unit.VOLTS),
                            "range|volts|voltage|line volts|voltage range|line voltage|input")
                    .bare(0.3))
            .field(of(
                            "setUnbalancePercent",
                            Shapes.number(1, 20, Unit.PERCENT),
                            "unbalance|imbalance|phase unbalance|voltage unbalance|asymmetry|set unbalance")
                    .bare(0.8))
            .field(of(
                            "setDelaySeconds",
                            Shapes.number(0, 600, Unit.SECONDS),
                            "delay|trip delay|time delay|restart delay|response|on delay")
                    .bare(0.6))
            .field(told("contacts", "contacts|contact|output")
                    .by("SPDT", "spdt|1 form c|single pole double throw")
                    .by("DPDT", "dpdt|2 form c")
                    .by("SPNO", "spno|spst-no|1 form a"))
            .field(told("reset", "reset")
                    .by("MANUAL", "manual reset|manual")
                    .by("AUTOMATIC", "automatic reset|auto reset|automatic|auto"))
            .foreign("amps|va|hz|hertz|contact rating|pilot duty|hp")
            .fillers("sec|relay|monitor|phase|three|reversal|loss|low voltage|phase reversal|phase loss|3 ph");

    private PhaseMonitorLabel() {}
}
