package zestbench.core.board;

import static zestbench.core.label.LabelField.of;

import zestbench.core.label.CodeShape;
import zestbench.core.label.LabelGrammar;
import zestbench.core.label.Shapes;
import zestbench.core.label.Unit;

/** What a control board says on its label, and in which words. */
public final class BoardLabel {
    /** Its name in the open interface. */
    public static final String KIND = "board";

    static final LabelGrammar GRAMMAR = new LabelGrammar(KIND)
            .hasAnyOf("boardNumber", "fuseAmps")
            .tells(
                    "control board|circuit board|board|ignition control|integrated control|furnace control|defrost board",
                    "defrost control|fan control board|pcb|ignition module|control module|placa|platine|carte")
            .field(of(
                    "boardNumber",
                    CodeShape.ANY,
                    "board no|board number|part no|part number|p/n|pn|no|control no|model|board"))
            .field(of("replaces", CodeShape.ANY, "replaces|supersedes|replacement for|for board"))
            .field(of(
                    "fuseAmps",
                    Shapes.number(1, 10, Unit.AMPS).usual(3, 5),
                    "fuse|fuse amps|control fuse|amp fuse|automotive fuse|atc fuse|fuse size"))
            .field(of("volts", Shapes.list(20, 260, Unit.VOLTS).usual(24, 120, 240), "volts|voltage|input")
                    .bare(0.4))
            .foreign("hz|hertz|amps|max load|va|rev|date|listed|inducer|igniter|blower|pilot duty")
            .fillers("control|class 2|use with|replace only with|automotive type|rated|input|output");

    private BoardLabel() {}
}
