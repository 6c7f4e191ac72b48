package zestbench.server.labels;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import zestbench.core.Families;
import zestbench.core.label.LabelRead;

/**
 * Made-up labels in the usual variety, printed, typed, spoken, misread, damaged, in tables and in several languages. A third
 * of them was held out while the reader was tuned; both shares are printed.
 */
class LabelCorpusTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final List<String> KINDS =
            List.of("capacitor", "motor", "contactor", "relay", "fuse", "transformer", "start-device", "unit-plate");
    private static final double SURE = 0.9;

    @Test
    void labelsAreReadInTheirUsualVariety() throws IOException {
        Map<String, Marks> by = new TreeMap<>();
        Marks all = new Marks();
        for (String kind : KINDS) {
            try (InputStream in =
                    Objects.requireNonNull(getClass().getResourceAsStream("/labels/" + kind + ".jsonl"))) {
                for (String line : new String(in.readAllBytes(), StandardCharsets.UTF_8).split("\n")) {
                    JsonNode label = JSON.readTree(line);
                    Marks marks = marks(kind, label);
                    int number = Integer.parseInt(label.get("id").asString().replaceAll("\\D", ""));
                    by.computeIfAbsent(number % 3 == 0 ? "held out" : "tuned on", k -> new Marks())
                            .add(marks);
                    by.computeIfAbsent(kind, k -> new Marks()).add(marks);
                    all.add(marks);
                }
            }
        }
        by.forEach((name, marks) -> System.out.println(marks.line(name)));
        System.out.println(all.line("all"));
        assertThat(all.share()).as("fields with the kind given").isGreaterThan(0.975);
        assertThat(all.shareByItself()).as("fields, kind not given").isGreaterThan(0.965);
        assertThat(all.kindTold / (double) all.texts).as("kind told").isGreaterThan(0.97);
        assertThat(all.filled / (double) all.mustBeEmpty)
                .as("filled though nothing says so")
                .isLessThan(0.02);
        assertThat(all.wrongWithoutDoubt / (double) all.all)
                .as("wrong without a doubt")
                .isLessThan(0.002);
    }

    /** Further labels, of which nothing may be missed: each stands for a wording that was once misread. */
    @Test
    void whatWasOnceMisreadIsRead() throws IOException {
        try (InputStream in = Objects.requireNonNull(getClass().getResourceAsStream("/labels/more.jsonl"))) {
            for (String line : new String(in.readAllBytes(), StandardCharsets.UTF_8).split("\n")) {
                JsonNode label = JSON.readTree(line);
                Marks marks = marks(label.get("kind").asString(), label);
                assertThat(marks.right).as(line).isEqualTo(marks.all);
            }
        }
    }

    @SuppressWarnings("unchecked")
    private static Marks marks(String kind, JsonNode label) {
        String text = label.get("text").asString();
        LabelRead read = Families.read(kind, text);
        LabelRead told = Families.read(Families.AUTO, text);
        Map<String, Object> spec = (Map<String, Object>) Marks.plain(read.fields());
        Map<String, Object> got = Marks.leaves(spec);
        boolean isTold = kind.equals(told.kind());
        Map<String, Object> byItself =
                isTold ? Marks.leaves((Map<String, Object>) Marks.plain(told.fields())) : Map.of();
        Marks marks = new Marks();
        marks.texts = 1;
        marks.kindTold = isTold ? 1 : 0;
        Marks.leaves((Map<String, Object>) JSON.convertValue(label.get("expect"), Map.class))
                .forEach((path, value) -> {
                    boolean isRight = Marks.areSame(got.get(path), value);
                    marks.all++;
                    marks.right += isRight ? 1 : 0;
                    marks.rightByItself += Marks.areSame(byItself.get(path), value) ? 1 : 0;
                    boolean isDoubted = read.sure() < SURE
                            || read.doubts().stream()
                                    .anyMatch(d -> path.startsWith(d.field())
                                            || d.field().startsWith(path.split("\\.")[0]));
                    marks.wrongWithoutDoubt += !isRight && got.containsKey(path) && !isDoubted ? 1 : 0;
                });
        for (JsonNode absent : label.get("absent")) {
            String path = absent.asString();
            Object value = path.contains("[") || path.contains(".") ? got.get(path) : spec.get(path);
            marks.mustBeEmpty++;
            marks.filled += value == null ? 0 : 1;
        }
        return marks;
    }
}
