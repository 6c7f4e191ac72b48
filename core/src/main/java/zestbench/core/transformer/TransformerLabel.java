package zestbench.core.transformer;

import static zestbench.core.label.LabelField.of;
import static zestbench.core.label.LabelField.told;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import zestbench.core.label.LabelGrammar;
import zestbench.core.label.LabelRead;
import zestbench.core.label.LabelReader;
import zestbench.core.label.LeadColours;
import zestbench.core.label.Shapes;
import zestbench.core.label.Taking;
import zestbench.core.label.Unit;
import zestbench.core.value.Value;

/** What a transformer's label says, and in which words. */
public final class TransformerLabel {
    /** Its name in the open interface. */
    public static final String KIND = "transformer";

    static final String LEAD = "lead ";
    /** The common of a tapped primary is white, by custom. */
    static final String COMMON = "WHITE";

    private static final String PRIMARY = "primaryVolts";
    static final String SECONDARY = "secondaryVolts";

    private static final Map<String, String[]> COLOURS = LeadColours.WORDS;

    public static final LabelGrammar GRAMMAR = grammar();

    private TransformerLabel() {}

    /** Reads {@code text} as such a label; never fails, what it cannot read is left over. */
    public static LabelRead read(String text) {
        return LabelReader.read(GRAMMAR, text);
    }

    private static LabelGrammar grammar() {
        LabelGrammar grammar = new LabelGrammar(KIND)
                .hasAnyOf("voltAmps", SECONDARY, "class2")
                .tells(
                        "transformer",
                        "xfmr",
                        "control transformer",
                        "transformateur",
                        "transformador",
                        "transformator",
                        "trafo")
                .field(of(
                                "voltAmps",
                                Shapes.number(5, 2000, Unit.VOLT_AMPS)
                                        .usual(20, 30, 40, 50, 60, 75, 100, 150, 250, 500),
                                "va",
                                "volt amps",
                                "power",
                                "puissance",
                                "potencia",
                                "leistung")
                        .bare(0))
                .field(of(
                                PRIMARY,
                                TransformerShapes::primary,
                                "primary",
                                "pri",
                                "primary volts",
                                "pri volts",
                                "input",
                                "primaire",
                                "primario",
                                "primar",
                                "prim",
                                "p",
                                "entrada",
                                "eingang",
                                "entree",
                                "line")
                        .bare(0.3)
                        .alone(0.9))
                .field(of(
                                SECONDARY,
                                Shapes.number(6, 60, Unit.VOLTS).usual(24),
                                "secondary",
                                "sec",
                                "secondary volts",
                                "sec volts",
                                "output",
                                "secondaire",
                                "secundario",
                                "sekundar",
                                "sek",
                                "s",
                                "salida",
                                "ausgang",
                                "sortie")
                        .bare(0.2)
                        .alone(0.9))
                .field(of(PRIMARY, TransformerShapes::both).bare(0.3).alone(0.6))
                .field(of("hertz", Shapes.hertz()).by(Unit.HERTZ).bare(0.05))
                .field(told("class2")
                        .by(Value.of(true), "class 2", "classe 2", "clase 2", "cl 2", "class two", "class ii")
                        .by(Value.of(false), "not class 2", "non class 2"))
                .field(told("secondaryProtection")
                        .by(
                                "BREAKER",
                                "breaker",
                                "circuit breaker",
                                "integral circuit breaker",
                                "with breaker",
                                "with a breaker",
                                "ckt bkr",
                                "disjoncteur")
                        .by("FUSE", "fuse", "fused", "fusible", "with fuse"))
                .says(0, "com", "common", "c0m", "comm", "comun", "commun")
                .foreign("ta", "amb", "ambient", "wire", "measured", "no load")
                .fillers(
                        "cap unused leads",
                        "pri",
                        "primary",
                        "lead",
                        "leads",
                        "lead color code",
                        "color",
                        "colour",
                        "volts",
                        "v",
                        "fusible link in primary",
                        "fusible link",
                        "en secundario",
                        "h1 h2 h3 h4",
                        "integral",
                        "thermal")
                .physics(TransformerLabel::against)
                .finish(TransformerLabel::finish);
        COLOURS.forEach((colour, words) -> {
            grammar.field(of(LEAD + colour, TransformerShapes::lead, words));
            grammar.fillers(words);
        });
        LeadPairs.WRITTEN.forEach((pair, words) -> grammar.field(of(pair, TransformerShapes::pair, words)));
        return grammar;
    }

    /** Where leads are listed, each tap has one. */
    private static double against(Taking taking) {
        List<Double> taps = new ArrayList<>();
        int leads = 0;
        for (Map.Entry<String, Value> each : taking.entries()) {
            boolean isLead = each.getKey().startsWith(LEAD) || each.getKey().startsWith(LeadPairs.PAIR);
            if (isLead && each.getValue() instanceof Value.Num volts) {
                taps.add(volts.number());
                leads++;
            }
        }
        boolean isListed = leads < 2
                || !(taking.get(PRIMARY) instanceof Value.Items primary)
                || primary.items().stream().allMatch(v -> v instanceof Value.Num n && taps.contains(n.number()));
        return isListed ? 0 : 0.6;
    }

    private static void finish(Taking taking) {
        Map<String, String> pairs = LeadPairs.settle(taking);
        List<Map<String, Value>> leads = new ArrayList<>();
        List<Double> taps = new ArrayList<>();
        for (Map.Entry<String, Value> each : List.copyOf(taking.entries())) {
            if (each.getKey().startsWith(LEAD) && each.getValue() instanceof Value.Num volts) {
                Map<String, Value> row = new LinkedHashMap<>();
                row.put("color", Value.of(each.getKey().substring(LEAD.length())));
                row.put("volts", volts);
                String path = "leads[" + leads.size() + "].volts";
                taking.move(each.getKey(), path);
                taking.move(pairs.getOrDefault(each.getKey(), each.getKey()), path);
                leads.add(row);
                if (volts.number() > 0) {
                    taps.add(volts.number());
                }
                taking.remove(each.getKey());
            }
        }
        if (leads.size() < 2) {
            COLOURS.keySet().forEach(c -> taking.move(LEAD + c, PRIMARY));
            pairs.values().forEach(pair -> taking.move(pair, PRIMARY));
            if (!taps.isEmpty() && !taking.has(PRIMARY)) {
                taking.set(PRIMARY, TransformerShapes.row(taps));
            }
            return;
        }
        taking.setRows("leads", leads);
        if (!taps.isEmpty()) {
            taps.sort(null);
            taking.set(PRIMARY, TransformerShapes.row(taps));
        }
        if (taps.size() > 1 && !taking.has("windings")) {
            taking.set("windings", Value.of("TAPPED"));
        }
    }
}
