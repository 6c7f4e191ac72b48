package zestbench.server.vision;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.IntStream;

/** The signs that the recognition model tells apart, of which labels use few: what is no sign of a label is never read. */
final class Alphabet {
    static final int BLANK = 0;

    private static final String BEYOND_ASCII = "±°µμΩ×ΦéÉ";

    private final List<String> signs;
    private final int[] ofLabels;
    private final int space;

    private Alphabet(List<String> signs) {
        this.signs = signs;
        this.space = signs.size() + 1;
        this.ofLabels = IntStream.rangeClosed(0, space)
                .filter(i -> i == BLANK || i == space || isOfLabels(signs.get(i - 1)))
                .toArray();
    }

    static Alphabet load() {
        try (InputStream in = Alphabet.class.getResourceAsStream("/models/ppocr_keys_v1.txt")) {
            return new Alphabet(new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .toList());
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }

    private static boolean isOfLabels(String sign) {
        return sign.length() == 1 && (sign.charAt(0) < 127 || BEYOND_ASCII.contains(sign));
    }

    /** Classes that stand for signs of labels, the blank and the space. */
    int[] ofLabels() {
        return ofLabels;
    }

    int space() {
        return space;
    }

    /** The sign of a class, as it is typed. */
    char sign(int index) {
        char sign = index == space ? ' ' : signs.get(index - 1).charAt(0);
        return sign == 'μ' ? 'µ' : sign;
    }
}
