package zestbench.core.relay;

import static zestbench.core.label.LabelField.of;
import static zestbench.core.label.LabelField.told;

import java.util.List;
import java.util.Map;
import zestbench.core.label.LabelGrammar;
import zestbench.core.label.LabelRead;
import zestbench.core.label.LabelReader;
import zestbench.core.label.Shapes;
import zestbench.core.label.Taking;
import zestbench.core.label.Unit;
import zestbench.core.value.Value;

/** What a relay's label says, and in which words. */
public final class RelayLabel {
    /** Its name in the open interface. */
    public static final String KIND = "relay";

    /** Several contacts may sit in one relay. */
    private static final String FORMS = "forms";

    public static final LabelGrammar GRAMMAR = new LabelGrammar(KIND)
            .hasAnyOf("contacts|contactAmps")
            .tells("relay|fan relay|rly|relevador|relais|rele|relays")
            .field(of("coilVolts", coil(), "coil|coil volts|coil voltage|coil v|bobine|bobina|spule|coil is"))
            .field(of(
                            "coilVolts",
                            Shapes.list(20, 30, Unit.VOLTS, Unit.VOLTS_DC).usual(24))
                    .bare(0.35))
            .field(of("coilVolts", coil()).bare(0.8))
            .field(of("coilHertz", Shapes.hertz()).by(Unit.HERTZ).bare(0.05).alone(0.7))
            .field(told("contacts", "contacts|contact|contactos|form")
                    .by("SPDT", "spdt|1 form c|1 co|1 c/o|single pole double throw")
                    .by("DPDT", "dpdt|2 form c|2 co|double pole double throw|2 polos 2 tiros")
                    .by("3PDT", "3pdt|tpdt|3 form c|3 co")
                    .by("4PDT", "4pdt|4 form c")
                    .by(
                            "SPNO",
                            "spno|spst|spst-no|1 form a|1 no|no contact single pole|normally open single pole",
                            "single pole normally open|single pole single throw")
                    .by("SPNC", "spnc|spst-nc|1 form b|1 nc|normally closed single pole|single pole normally closed")
                    .by("DPNO", "dpno|dpst|dpst-no|2 form a|2 no|double pole normally open")
                    .by("DPNC", "dpnc|dpst-nc|2 form b|2 nc")
                    .in(FORMS))
            .field(of("contactAmps", amps(), "contacts|contact|contactos|rating|contact rating|contact amps|amps")
                    .bare(0.3))
            .field(of("motorAmps", amps(), "fla|full load amps|full load"))
            .field(of("contactVolts", volts(), "contacts|contact|contact volts|at|@|rating|volts")
                    .bare(0.3)
                    .alone(1.5))
            .field(told("duty", "load|duty")
                    .by("RESISTIVE", "resistive|res|resistivo|resistif|ac-1|ac1")
                    .by("MOTOR", "motor|inductive|motor duty|ac-3")
                    .by("PILOT", "pilot|pilot duty"))
            .field(of("pins", Shapes.number(5, 14, Unit.PINS).usual(8, 11, 14), "pin|pins")
                    .bare(0))
            .field(told("base").by("8 PIN", "octal base"))
            .foreign("lra|locked rotor amps|current|va|amb|ma|blade|blades|torque")
            .fillers("plug in|plug-in|octal base")
            .physics(RelayLabel::against)
            .finish(RelayLabel::finish);

    private RelayLabel() {}

    /** Reads {@code text} as such a label; never fails, what it cannot read is left over. */
    public static LabelRead read(String text) {
        return LabelReader.read(GRAMMAR, text);
    }

    /** Contacts carry no more of a motor's current than of a heater's. */
    private static double against(Taking taking) {
        return taking.number("motorAmps") > taking.number("contactAmps") ? 1 : 0;
    }

    private static Shapes coil() {
        return Shapes.list(5, 480, Unit.VOLTS, Unit.VOLTS_DC).usual(24, 110, 120, 208, 220, 230, 240, 277);
    }

    private static Shapes amps() {
        return Shapes.number(0.5, 100, Unit.AMPS);
    }

    private static Shapes volts() {
        return Shapes.number(100, 600, Unit.VOLTS).usual(120, 125, 240, 250, 277, 400, 480, 600);
    }

    private static void finish(Taking taking) {
        taking.move("motorAmps", "contactAmps");
        taking.move("pins", "base");
        StringBuilder forms = new StringBuilder();
        List<Map<String, Value>> rows = taking.rows(FORMS);
        for (int i = 0; i < rows.size(); i++) {
            taking.move(FORMS + "[" + i + "].contacts", "contacts");
            if (rows.get(i).get("contacts") instanceof Value.Text form) {
                forms.append(forms.isEmpty() ? "" : "+").append(form.text());
            }
        }
        if (!forms.isEmpty()) {
            taking.set("contacts", Value.of(forms.toString()));
        }
        Value motor = taking.get("motorAmps");
        if (motor != null) {
            taking.set("contactAmps", motor);
            // what it carries of a heater stands beside it at times, and is more
            taking.set("duty", Value.of("MOTOR"));
            taking.remove("motorAmps");
        }
        if (taking.unit("coilVolts") == Unit.VOLTS_DC) {
            taking.set("coilDirectCurrent", Value.of(true));
        }
        double pins = taking.number("pins");
        if (!Double.isNaN(pins)) {
            taking.set("base", Value.of((int) pins + " PIN"));
        }
        taking.remove("pins");
    }
}
