package zestbench.core.label;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import zestbench.core.Families;

/** Made-up tables and lists in four languages: columns in any order, head over or under its row, cells apart by blanks or tabs. */
class LabelTablesTest {
    private static final int LABELS = 150;
    private static final double READ_BACK = 0.97;

    /** A column. @param path where its value goes @param names in English, French, Spanish, German; empty where it has none */
    private record Column(String path, String value, List<String> names) {}

    private enum Form {
        HEAD_OVER,
        HEAD_UNDER,
        TABS,
        NAME_BY_LINE,
        NAMES_THEN_FIGURES,
        LIST
    }

    @ParameterizedTest(name = "{0}")
    @ValueSource(strings = {"motor", "contactor", "transformer", "unit-plate", "fuse"})
    void whatATableSaysReadsBack(String kind) {
        int all = 0;
        int right = 0;
        Map<String, String> wrong = new TreeMap<>();
        for (int seed = 1; seed <= LABELS; seed++) {
            Random random = new Random(seed);
            List<Column> columns = columns(kind, random);
            Collections.shuffle(columns, random);
            Form form = Form.values()[random.nextInt(Form.values().length)];
            // a table is printed in one language
            int language = random.nextInt(4);
            String text = print(columns, form, language);
            LabelRead read = Families.read(kind, text);
            for (Column column : columns) {
                all++;
                String got = LabelPropertiesTest.value(read.fields(), column.path());
                if (got.equals(column.value().replace("-", "/"))) {
                    right++;
                } else {
                    wrong.put(column.path() + " " + form, "seed " + seed + " got " + got + " | " + text);
                }
            }
        }
        assertThat(right / (double) all)
                .as("%s: %s of %s fields; %s", kind, right, all, wrong)
                .isGreaterThanOrEqualTo(READ_BACK);
    }

    private static String print(List<Column> columns, Form form, int language) {
        List<String> names = columns.stream()
                .map(c -> c.names().get(Math.min(language, c.names().size() - 1)))
                .toList();
        List<String> values = columns.stream().map(Column::value).toList();
        StringBuilder out = new StringBuilder();
        switch (form) {
            case HEAD_OVER -> out.append(row(names, names, values)).append('\n').append(row(values, names, values));
            case HEAD_UNDER ->
                out.append(row(values, names, values)).append('\n').append(row(names, names, values));
            case TABS -> out.append(String.join("\t", names)).append('\n').append(String.join("\t", values));
            case NAMES_THEN_FIGURES ->
                out.append(String.join("\n", names)).append('\n').append(String.join("\n", values));
            case NAME_BY_LINE, LIST -> {
                for (int i = 0; i < names.size(); i++) {
                    out.append(names.get(i))
                            .append(form == Form.LIST ? ": " : "\n")
                            .append(values.get(i))
                            .append(form == Form.LIST ? "  " : "\n");
                }
            }
        }
        return out.toString().strip();
    }

    /** Cells over one another. */
    private static String row(List<String> cells, List<String> names, List<String> values) {
        StringBuilder out = new StringBuilder();
        for (int i = 0; i < cells.size(); i++) {
            int width = Math.max(names.get(i).length(), values.get(i).length()) + 3;
            out.append(cells.get(i)).append(" ".repeat(width - cells.get(i).length()));
        }
        return out.toString().stripTrailing();
    }

    private static String pick(Random random, String... of) {
        return of[random.nextInt(of.length)];
    }

    private static List<Column> columns(String kind, Random random) {
        List<Column> out = new ArrayList<>();
        switch (kind) {
            case "motor" -> {
                out.add(new Column("horsepower", pick(random, "0.5", "0.75", "0.25"), List.of("HP")));
                out.add(new Column(
                        "rpm",
                        pick(random, "825", "1075", "1550"),
                        List.of("RPM", "VITESSE", "VELOCIDAD", "DREHZAHL")));
                out.add(new Column(
                        "volts",
                        pick(random, "115", "208-230", "460"),
                        List.of("VOLTS", "TENSION", "VOLTAJE", "SPANNUNG")));
                out.add(new Column(
                        "fullLoadAmps",
                        pick(random, "1.4", "2.3", "3.1"),
                        List.of("FLA", "COURANT", "CORRIENTE", "STROM")));
            }
            case "contactor" -> {
                out.add(new Column("fullLoadAmps", pick(random, "30", "40"), List.of("FLA")));
                out.add(new Column("lockedRotorAmps", pick(random, "150", "180"), List.of("LRA")));
                out.add(new Column("resistiveAmps", pick(random, "50", "60"), List.of("RES AMPS")));
            }
            case "transformer" -> {
                out.add(new Column(
                        "primaryVolts",
                        pick(random, "120", "208", "480"),
                        List.of("PRIMARY", "PRIMAIRE", "PRIMARIO", "PRIM.")));
                out.add(new Column("secondaryVolts", "24", List.of("SECONDARY", "SECONDAIRE", "SECUNDARIO", "SEK.")));
                out.add(new Column(
                        "voltAmps", pick(random, "40", "75"), List.of("VA", "PUISSANCE", "POTENCIA", "LEISTUNG")));
            }
            case "fuse" -> {
                out.add(new Column("amps", pick(random, "30", "60"), List.of("AMPS")));
                out.add(new Column("volts", pick(random, "250", "600"), List.of("VOLTS")));
                out.add(new Column("fuseClass", pick(random, "RK5", "RK1"), List.of("CLASS")));
            }
            default -> {
                out.add(new Column("compressors.0.ratedLoadAmps", pick(random, "14.1", "16.7"), List.of("RLA")));
                out.add(new Column(
                        "compressors.0.lockedRotorAmps",
                        pick(random, "73", "79"),
                        List.of("LRA", "ROTOR BLOQUÉ", "ROTOR BLOQUEADO", "ANLAUFSTROM")));
                out.add(new Column(
                        "minimumCircuitAmps",
                        pick(random, "20.5", "22.3"),
                        List.of("MCA", "COURANT MIN", "CORRIENTE MIN", "MCA")));
                out.add(new Column(
                        "maximumFuseAmps",
                        pick(random, "35", "40"),
                        List.of("MOP", "FUSIBLE MAX", "FUSIBLE MAX", "VORSICHERUNG")));
            }
        }
        return out;
    }
}
