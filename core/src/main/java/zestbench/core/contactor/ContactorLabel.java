package zestbench.core.contactor;

import static zestbench.core.label.LabelField.of;
import static zestbench.core.label.LabelField.told;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import zestbench.core.amps.StandingAmps;
import zestbench.core.label.LabelGrammar;
import zestbench.core.label.LabelRead;
import zestbench.core.label.LabelReader;
import zestbench.core.label.Shapes;
import zestbench.core.label.Taking;
import zestbench.core.label.Unit;
import zestbench.core.quantity.Figures;
import zestbench.core.value.Value;

/** What a contactor's label says, and in which words. */
public final class ContactorLabel {
    /** Its name in the open interface. */
    public static final String KIND = "contactor";

    private static final String RATINGS = "ratings";
    private static final double TOP_AMPS = 800;

    private static final double UNLIKELY = 0.5;

    public static final LabelGrammar GRAMMAR = new LabelGrammar(KIND)
            .hasAnyOf("poles|fullLoadAmps|lockedRotorAmps|resistiveAmps")
            .tells(
                    "contactor|definite purpose contactor|contacteur|contactor de proposito definido|schutz|kontaktor",
                    "definite purpose")
            .field(of("poles", Shapes.number(1, 5, Unit.POLES).usual(1, 2, 3, 4), "poles|pole|polig|no of poles")
                    .bare(0.1))
            .field(told("poles")
                    .by(Value.of(1), "single pole|unipolaire|unipolar|einpolig")
                    .by(Value.of(2), "double pole|bipolaire|bipolar|zweipolig")
                    .by(Value.of(3), "tripolaire|tripolar|dreipolig"))
            .field(told("shunt")
                    .by(Value.of(true), "shunt|with shunt|w/ shunt|+ shunt|and shunt")
                    .by(Value.of(false), "no shunt|without shunt"))
            .field(of(
                    "coilVolts",
                    coil(),
                    "coil|coil volts|coil voltage|coil v|bobine|bobina|spule|a1 a2|control|control voltage",
                    "coil is"))
            .field(of(
                            "coilVolts",
                            Shapes.list(20, 30, Unit.VOLTS, Unit.VOLTS_DC).usual(24))
                    .bare(0.45))
            .field(of("coilVolts", coil()).bare(1.1))
            .field(of("coilHertz", Shapes.hertz()).by(Unit.HERTZ).bare(0.05).alone(0.7))
            .field(of(
                            "fullLoadAmps",
                            amps(),
                            "fla|full load amps|full load|full load amperes|motor amps|flc|ac-3|ac3|ind|inductive",
                            "pleine charge|plena carga|volllast")
                    .in(RATINGS))
            .field(of("fullLoadAmps", Shapes.number(5, 200, Unit.AMPS))
                    .in(RATINGS)
                    .bare(0.9))
            .field(of(
                            "lockedRotorAmps",
                            Shapes.number(10, 4000, Unit.AMPS),
                            "lra|locked rotor amps|locked rotor|locked rotor amperes|rotor bloque|rotor bloqueado")
                    .in(RATINGS))
            .field(of(
                            "resistiveAmps",
                            amps(),
                            "res|resistive|resistive amps|res amps|ac-1|ac1|resistif|resistivo|amps resistive")
                    .in(RATINGS))
            .field(of(
                            "lineVolts",
                            Shapes.number(100, 700, Unit.VOLTS).usual(120, 208, 230, 240, 277, 400, 460, 480, 600),
                            "line|line v|line volts|line voltage|load volts|at")
                    .in(RATINGS)
                    .bare(0.3))
            .field(of("lineVolts", Shapes.number(240, 600).usual(240, 277, 480, 600), "@")
                    .in(RATINGS)
                    .alone(1.6))
            .field(told("terminals")
                    .by("LUG", "lug|lugs|lug terminals")
                    .by("SCREW", "screw|screws|screw terminals")
                    .by("BOX", "box|box lug|box lugs|box lug terminals"))
            .field(of(
                    "quickConnects",
                    Shapes.number(1, 16).whole(),
                    "qc|quick connect|quick connects|quick-connects|qcs"))
            .field(of(
                    "auxiliaryContacts",
                    Shapes.number(1, 8).whole(),
                    "aux|aux switch|auxiliary|aux contact|aux contacts|auxiliary contacts|auxiliary switch"))
            .field(of("openContacts", Shapes.number(1, 4).whole(), "no|n.o.|normally open"))
            .field(of("closedContacts", Shapes.number(1, 4).whole(), "nc|n.c.|normally closed"))
            .field(of("coilHoldingVoltAmps", Shapes.number(1, 200, Unit.VOLT_AMPS), "holding|sealed|seal|hold"))
            .field(of("coilInrushVoltAmps", Shapes.number(1, 2000, Unit.VOLT_AMPS), "inrush|pull in|pickup"))
            .foreign("ui|uimp|ith|max|kv|kw|p/n|sccr|torque|coil torque|line/load")
            .physics(ContactorLabel::against)
            .finish(ContactorLabel::finish);

    /** Standing amps by the running ones; what is resistive may be more. [practice] */
    private static double against(Taking taking) {
        double cost = 0;
        for (Map<String, Value> row : taking.rows(RATINGS)) {
            double running = Taking.number(row, "fullLoadAmps");
            cost += StandingAmps.areUnlikely(running, Taking.number(row, "lockedRotorAmps")) ? UNLIKELY : 0;
            double resistive = Taking.number(row, "resistiveAmps");
            cost += resistive < running ? UNLIKELY : 0;
        }
        return cost + (carriesMoreAtMoreVolts(taking.rows(RATINGS)) ? UNLIKELY : 0);
    }

    /** Contacts carry no more of a motor where the volts are higher. [physics] */
    private static boolean carriesMoreAtMoreVolts(List<Map<String, Value>> rows) {
        for (Map<String, Value> one : rows) {
            for (Map<String, Value> other : rows) {
                boolean isHigher = Taking.number(one, "lineVolts") > Taking.number(other, "lineVolts");
                if (isHigher && Taking.number(one, "fullLoadAmps") > Taking.number(other, "fullLoadAmps")) {
                    return true;
                }
            }
        }
        return false;
    }

    private ContactorLabel() {}

    /** Reads {@code text} as such a label; never fails, what it cannot read is left over. */
    public static LabelRead read(String text) {
        return LabelReader.read(GRAMMAR, text);
    }

    private static Shapes coil() {
        return Shapes.list(5, 600, Unit.VOLTS, Unit.VOLTS_DC).usual(24, 110, 120, 208, 220, 230, 240, 277, 480);
    }

    private static Shapes amps() {
        return Shapes.number(1, TOP_AMPS, Unit.AMPS).mostly(5, 250);
    }

    private static void finish(Taking taking) {
        for (String name : List.of("fullLoadAmps", "lockedRotorAmps", "resistiveAmps", "lineVolts")) {
            taking.move(RATINGS + "[0]." + name, name);
        }
        if (taking.number("poles") == 1.5) {
            taking.set("poles", Value.of(1));
            taking.set("shunt", Value.of(true));
        }
        if (taking.unit("coilVolts") == Unit.VOLTS_DC) {
            taking.set("coilDirectCurrent", Value.of(true));
        }
        contacts(taking);
        List<Map<String, Value>> rows = new ArrayList<>(taking.rows(RATINGS));
        if (rows.isEmpty()) {
            return;
        }
        Map<Map<String, Value>, Integer> printed = new IdentityHashMap<>();
        rows.forEach(row -> printed.put(row, printed.size()));
        Set<Map<String, Value>> unnamed = standingBehindStanding(taking, rows);
        rows.sort(Comparator.comparingDouble(ContactorLabel::volts));
        rows.get(0).forEach(taking::set);
        for (int i = 0; i < rows.size(); i++) {
            for (String name : rows.get(i).keySet()) {
                boolean isUnnamed = name.equals("lockedRotorAmps") && unnamed.contains(rows.get(i));
                String key = RATINGS + "[" + printed.get(rows.get(i)) + "]." + (isUnnamed ? "fullLoadAmps" : name);
                if (isUnnamed) {
                    taking.doubt(
                            key,
                            Figures.plain(Taking.number(rows.get(i), name))
                                    + " A has no name, taken for LRA like those before it: confirm",
                            rows.get(i).get(name));
                }
                if (i == 0 && name.equals("fullLoadAmps") && !taking.isNamed(key)) {
                    taking.doubt(
                            name,
                            "plain amps may be the resistive ones: confirm that it is FLA",
                            rows.get(i).get(name));
                }
                taking.move(key, i == 0 ? name : RATINGS + "[" + i + "]." + name);
            }
        }
        boolean hasVolts = rows.stream().allMatch(r -> r.containsKey("lineVolts"));
        boolean isTable = hasVolts && rows.size() > 1;
        if (isTable) {
            taking.setRows(RATINGS, rows);
        }
        belowRunning(taking, isTable ? rows : rows.subList(0, 1));
    }

    /**
     * Plain amps that are too many for running ones go on with the standing ones of the row before, as in LRA 240 A 240 V / 200 A
     * 480 V: contacts carry no more of a motor where the volts are higher. [physics] They stay in doubt.
     *
     * @return the rows whose standing amps have no name of their own
     */
    private static Set<Map<String, Value>> standingBehindStanding(Taking taking, List<Map<String, Value>> rows) {
        Set<Map<String, Value>> out = Collections.newSetFromMap(new IdentityHashMap<>());
        double running = leastRunning(rows);
        for (int i = 1; i < rows.size(); i++) {
            Map<String, Value> row = rows.get(i);
            boolean isPlain = !taking.isNamed(RATINGS + "[" + i + "].fullLoadAmps");
            boolean isTooMany = Taking.number(row, "fullLoadAmps") > running;
            if (isPlain
                    && isTooMany
                    && !row.containsKey("lockedRotorAmps")
                    && rows.get(i - 1).containsKey("lockedRotorAmps")) {
                row.put("lockedRotorAmps", row.remove("fullLoadAmps"));
                out.add(row);
            }
        }
        return out;
    }

    /** NaN where none is printed, which nothing is more or less than. */
    private static double leastRunning(List<Map<String, Value>> rows) {
        return rows.stream()
                .mapToDouble(row -> Taking.number(row, "fullLoadAmps"))
                .filter(amps -> !Double.isNaN(amps))
                .min()
                .orElse(Double.NaN);
    }

    /** Contacts close on more than they carry of a motor, and carry no less of a heater. [physics] */
    private static void belowRunning(Taking taking, List<Map<String, Value>> rows) {
        double running = leastRunning(rows);
        for (int i = 0; i < rows.size(); i++) {
            for (String name : List.of("lockedRotorAmps", "resistiveAmps")) {
                double amps = Taking.number(rows.get(i), name);
                if (amps < running) {
                    taking.doubt(
                            i == 0 ? name : RATINGS + "[" + i + "]." + name,
                            Figures.plain(amps) + " A is less than its full load of " + Figures.plain(running)
                                    + " A: compare with the label",
                            null);
                }
            }
        }
    }

    private static void contacts(Taking taking) {
        double open = taking.number("openContacts");
        double closed = taking.number("closedContacts");
        if (!Double.isNaN(open) || !Double.isNaN(closed)) {
            double all = (Double.isNaN(open) ? 0 : open) + (Double.isNaN(closed) ? 0 : closed);
            taking.set("auxiliaryContacts", Value.of(all));
        }
        taking.move("openContacts", "auxiliaryContacts");
        taking.move("closedContacts", "auxiliaryContacts");
        taking.remove("openContacts");
        taking.remove("closedContacts");
    }

    private static double volts(Map<String, Value> row) {
        return row.get("lineVolts") instanceof Value.Num num ? num.number() : Double.POSITIVE_INFINITY;
    }
}
