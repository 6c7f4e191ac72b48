package zestbench.core.label;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;

/** Prints made-up labels at random: fields in any order, names in front or behind, any case, separators and line breaks. */
final class PrintedLabel {
    /** One field as it can be printed. @param path where its value goes @param value as it reads back */
    record Entry(String path, String value, List<String> before, List<String> behind) {}

    private final Random random;
    private final boolean isInFront;
    private final String between;

    PrintedLabel(Random random) {
        this.random = random;
        // a label keeps to its own habit
        this.isInFront = random.nextBoolean();
        this.between = List.of("  ", "\n", " ", ", ", "\n", "   ").get(random.nextInt(6));
    }

    private <T> T one(List<T> all) {
        return all.get(random.nextInt(all.size()));
    }

    /** The label of these fields. */
    String text(List<Entry> entries) {
        List<Entry> order = new ArrayList<>(entries);
        Collections.shuffle(order, random);
        List<String> pieces = new ArrayList<>();
        for (Entry entry : order) {
            boolean front =
                    entry.behind().isEmpty() || (isInFront && !entry.before().isEmpty());
            pieces.add(one(front ? entry.before() : entry.behind()));
        }
        String text = String.join(between, pieces);
        return switch (random.nextInt(3)) {
            case 0 -> text.toLowerCase(java.util.Locale.ROOT);
            case 1 -> text.toUpperCase(java.util.Locale.ROOT);
            default -> text;
        };
    }
}
