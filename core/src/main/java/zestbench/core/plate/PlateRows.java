package zestbench.core.plate;

import static zestbench.core.label.LabelField.of;

import zestbench.core.label.LabelGrammar;
import zestbench.core.label.Shapes;
import zestbench.core.label.Unit;

/** What a plate says of its fans, outdoors and indoors alike. */
final class PlateRows {
    private PlateRows() {}

    static void fan(LabelGrammar grammar, String group) {
        grammar.field(of(
                                "fullLoadAmps",
                                Shapes.number(0.1, 100, Unit.AMPS),
                                "fla|f.l.a.|f.l. amps|full load amps|full load|amps")
                        .in(group))
                .field(of(
                                "fullLoadAmps",
                                Shapes.number(0.1, 100, Unit.AMPS),
                                "fan|fan motor|fan fla|od fan|id fan|blower|cond fan|outdoor fan|indoor fan|condenser fan",
                                "ventilateur|ventilador")
                        .in(group))
                .field(of("fullLoadAmps", Shapes.number(0.1, 60, Unit.AMPS))
                        .in(group)
                        .bare(0.5))
                .field(of("fullLoadAmps", PlateShapes::each).in(group).bare(0.3))
                .field(of(
                                "horsepower",
                                Shapes.number(0.02, 100, Unit.HORSEPOWER).fractions())
                        .by(Unit.HORSEPOWER)
                        .in(group)
                        .bare(0))
                .field(of("horsepower", PlateShapes::fraction).in(group).alone(0.5))
                .field(of(
                                "quantity",
                                Shapes.number(1, 8).whole(),
                                "qty|quantity|ea|each",
                                group.equals(PlateLabel.OUTDOOR) ? "fans" : "blowers",
                                group.equals(PlateLabel.OUTDOOR) ? "condenser fans" : "indoor fans")
                        .in(group))
                .field(of(
                                "quantity",
                                PlateShapes::count,
                                group.equals(PlateLabel.OUTDOOR)
                                        ? "fan|fan motor|outdoor fan|outdoor fan motor|cond fan|condenser fan|od fan|condenser fan motor"
                                        : "blower|blower motor|indoor fan|indoor fan motor|id fan|supply fan|evap fan|evaporator fan")
                        .in(group)
                        .bare(0.1));
    }
}
