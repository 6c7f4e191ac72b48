package zestbench.core.label;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import zestbench.core.Families;
import zestbench.core.family.Attribute;
import zestbench.core.family.Family;
import zestbench.core.plate.PlateAttributes;
import zestbench.core.plate.PlateLabel;
import zestbench.core.value.Value;

/** Keeps {@code docs/labels.md}, the words that are known on labels, as they are declared; {@code -Dlabels.update} writes it. */
class LabelWordsTest {
    private static final int MOST_TOLD = 16;

    private static final Path DOCUMENT = Path.of("..", "docs", "labels.md");

    @Test
    void theDocumentListsTheWordsAsTheyAreDeclared() throws IOException {
        StringBuilder out = new StringBuilder("""
                # Words that labels are read by

                Made from the declarations beside each family (`CapacitorLabel`, `MotorLabel` and so on) by `LabelWordsTest`; with
                `-Dlabels.update` it writes this file anew. Case, full stops, hyphens and blanks within a word do not matter, and
                neither do signs that are taken for one another (0 and O, 1 and l, 5 and S, 8 and B). A new synonym is one word in
                one row of a declaration. "Told by" are words that say a value by themselves.
                """);
        units(out);
        for (Family family : Families.ALL) {
            family(out, family.title(), family.attributes(), family.label());
        }
        family(out, "Unit plate", PlateAttributes.ALL, PlateLabel.GRAMMAR);
        if (System.getProperty("labels.update") != null) {
            Files.writeString(DOCUMENT, out);
        }
        assertThat(Files.readString(DOCUMENT)).isEqualTo(out.toString());
    }

    private static void units(StringBuilder out) {
        out.append("\n## Units\n\n| Unit | Known as |\n|---|---|\n");
        for (Unit unit : Unit.values()) {
            out.append("| ")
                    .append(unit.name().toLowerCase(java.util.Locale.ROOT).replace('_', ' '))
                    .append(" | ")
                    .append(cell(String.join(", ", unit.words())))
                    .append(" |\n");
        }
    }

    private static void family(StringBuilder out, String title, List<Attribute> attributes, LabelGrammar grammar) {
        out.append("\n## ").append(title).append("\n\n| Field | Named | Told by |\n|---|---|---|\n");
        Map<String, Set<String>> names = new LinkedHashMap<>();
        Map<String, List<String>> told = new LinkedHashMap<>();
        for (LabelField field : grammar.fields()) {
            names.computeIfAbsent(field.path(), p -> new LinkedHashSet<>()).addAll(field.names());
            List<String> words = told.computeIfAbsent(field.path(), p -> new ArrayList<>());
            Map<Value, List<String>> byValue = new LinkedHashMap<>();
            field.choices()
                    .forEach((word, value) -> byValue.computeIfAbsent(value, v -> new ArrayList<>())
                            .add(word));
            // what is told by each colour with each use is not written out
            byValue.entrySet().stream()
                    .limit(MOST_TOLD)
                    .forEach(each -> words.add(worded(each.getKey()) + ": " + String.join(", ", each.getValue())));
            if (byValue.size() > MOST_TOLD) {
                words.add("and " + (byValue.size() - MOST_TOLD) + " more alike");
            }
        }
        names.forEach((path, words) -> out.append("| ")
                .append(title(attributes, path))
                .append(" | ")
                .append(cell(String.join(", ", words)))
                .append(" | ")
                .append(cell(String.join("; ", told.getOrDefault(path, List.of()))))
                .append(" |\n"));
    }

    private static String worded(Value value) {
        if (value instanceof Value.Text text) {
            return text.text();
        }
        if (value instanceof Value.Num num) {
            return String.valueOf(num.number()).replaceAll("\\.0$", "");
        }
        return value instanceof Value.Flag flag && flag.flag() ? "yes" : "no";
    }

    private static String title(List<Attribute> attributes, String path) {
        return attributes.stream()
                .filter(a -> a.name().equals(path))
                .map(Attribute::label)
                .findFirst()
                .orElse(path);
    }

    private static String cell(String text) {
        return text.replace("|", "\\|");
    }
}
