package zestbench.core.motor;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import zestbench.core.family.Spec;
import zestbench.core.label.LabelField;
import zestbench.core.label.LeadColours;
import zestbench.core.label.Taking;
import zestbench.core.quantity.Letters;
import zestbench.core.value.Value;
import zestbench.core.wiring.Wire;

/** The leads that a motor's label lists, each by its colour and what it is for, in either order. */
final class MotorLeads {
    static final String LEADS = "leads";
    private static final String WIRE = "wire";
    private static final String TRACER = "WHITE";
    private static final char PART = '|';

    /** What a lead is for, and how labels say it. */
    private static final Map<String, String[]> ROLES = roles();

    private MotorLeads() {}

    private static Map<String, String[]> roles() {
        Map<String, String[]> out = new LinkedHashMap<>();
        out.put("HIGH", new String[] {"high", "hi", "high speed"});
        out.put("MED HIGH", new String[] {"med high", "medium high"});
        out.put("MED", new String[] {"med", "medium", "med speed"});
        out.put("MED LOW", new String[] {"med low", "medium low"});
        out.put("LOW", new String[] {"low", "lo", "low speed"});
        out.put(MotorTerminals.COMMON, new String[] {"common", "com"});
        out.put(MotorTerminals.CAPACITOR, new String[] {"cap", "capacitor", "to capacitor", "to cap"});
        out.put(MotorTerminals.LINE_ONE, new String[] {"l1", "line 1"});
        out.put(MotorTerminals.LINE_TWO, new String[] {"l2", "line 2"});
        out.put(MotorTerminals.GROUND, new String[] {"gnd", "ground"});
        return out;
    }

    static LabelField field() {
        LabelField field = LabelField.told(WIRE).in(LEADS);
        for (Map.Entry<String, String[]> role : ROLES.entrySet()) {
            for (Map.Entry<String, String[]> colour : LeadColours.WORDS.entrySet()) {
                List<String> plain = new ArrayList<>();
                List<String> traced = new ArrayList<>();
                // in full and short; what other languages say stands with other words for what it is for
                for (String word : List.of(colour.getValue()).subList(0, 2)) {
                    for (String is : role.getValue()) {
                        plain.add(word + " " + is);
                        plain.add(is + " " + word);
                        for (String tracer : List.of(LeadColours.WORDS.getOrDefault(TRACER, new String[0]))
                                .subList(0, 2)) {
                            traced.add(word + "/" + tracer + " " + is);
                            traced.add(is + " " + word + "/" + tracer);
                        }
                    }
                }
                String lead = role.getKey() + PART + colour.getKey();
                field = field.by(lead, plain.toArray(new String[0]));
                if (!colour.getKey().equals(TRACER)) {
                    field = field.by(lead + PART + TRACER, traced.toArray(new String[0]));
                }
            }
        }
        return field;
    }

    /** Turns what was told of each lead into rows; one lead alone is no list. */
    static void finish(Taking taking) {
        List<Map<String, Value>> rows = new ArrayList<>();
        List<Map<String, Value>> told = taking.rows(LEADS);
        for (int i = 0; i < told.size(); i++) {
            if (told.get(i).get(WIRE) instanceof Value.Text lead && told.size() > 1) {
                String[] parts = lead.text().split("\\|");
                Map<String, Value> row = new LinkedHashMap<>();
                row.put("terminal", Value.of(parts[0]));
                row.put("color", Value.of(parts[1]));
                if (parts.length > 2) {
                    row.put("tracer", Value.of(parts[2]));
                }
                taking.move(LEADS + "[" + i + "]." + WIRE, LEADS + "[" + rows.size() + "].color");
                rows.add(row);
            }
        }
        if (!rows.isEmpty()) {
            taking.setRows(LEADS, rows);
        }
    }

    /** The wires as the label prints them; of two to the capacitor the plain one is its own. */
    static List<Wire> printed(Spec spec) {
        Map<String, Wire> out = new LinkedHashMap<>();
        for (Spec lead : spec.rows(LEADS)) {
            Optional<String> terminal = lead.text("terminal");
            Optional<String> colour = lead.text("color");
            if (terminal.isPresent() && colour.isPresent()) {
                String tracer = lead.text("tracer").map(Letters::small).orElse(null);
                Wire wire = new Wire(terminal.get(), Letters.small(colour.get()), tracer, "");
                Wire before = out.get(wire.terminal());
                if (before == null || (before.tracer() != null && tracer == null)) {
                    out.put(wire.terminal(), wire);
                }
            }
        }
        return List.copyOf(out.values());
    }
}
