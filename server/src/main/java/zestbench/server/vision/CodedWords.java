package zestbench.server.vision;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import zestbench.server.vision.PhotoText.Code;

/**
 * Words that stand on a label twice, printed and as a code, as its model and serial do: the code checks itself, so what was
 * recognised of the print gives way to it.
 */
final class CodedWords {
    private static final int LEAST_SIGNS = 5;
    /** So many signs of one that may be wrong, and one at least. */
    private static final double WRONG_SHARE = .2;

    private static final Pattern WORD = Pattern.compile("[^\\s:|;,]+");

    private final List<String> coded = new ArrayList<>();

    CodedWords(List<Code> codes) {
        for (Code code : codes) {
            boolean isAddress = code.text().contains("://");
            Matcher words = WORD.matcher(code.text());
            while (!isAddress && words.find()) {
                boolean hasFigure = words.group().chars().anyMatch(Character::isDigit);
                if (hasFigure && words.group().length() >= LEAST_SIGNS) {
                    coded.add(words.group());
                }
            }
        }
    }

    /** The signs of a piece with such words as their code has them. */
    List<Sign> settled(List<Sign> signs) {
        StringBuilder text = new StringBuilder();
        signs.forEach(s -> text.append(s.sign()));
        List<Sign> out = new ArrayList<>();
        int done = 0;
        Matcher words = WORD.matcher(text);
        while (!coded.isEmpty() && words.find()) {
            String word = words.group();
            String code = coded.stream()
                    .min(Comparator.comparingInt(c -> distance(c, word)))
                    .orElseThrow();
            if (word.length() >= LEAST_SIGNS && distance(code, word) <= Math.max(1, WRONG_SHARE * code.length())) {
                out.addAll(signs.subList(done, words.start()));
                out.addAll(written(
                        code,
                        signs.get(words.start()).from(),
                        signs.get(words.end() - 1).to()));
                done = words.end();
            }
        }
        out.addAll(signs.subList(done, signs.size()));
        return out;
    }

    private static List<Sign> written(String code, double from, double to) {
        List<Sign> out = new ArrayList<>();
        double each = (to - from) / code.length();
        for (int i = 0; i < code.length(); i++) {
            out.add(new Sign(code.charAt(i), 1, null, 0, from + i * each, from + (i + 1) * each));
        }
        return out;
    }

    /** Signs to change, put in or leave out from one to the other. */
    private static int distance(String a, String b) {
        int[] row = new int[b.length() + 1];
        for (int j = 0; j <= b.length(); j++) {
            row[j] = j;
        }
        for (int i = 1; i <= a.length(); i++) {
            int before = row[0];
            row[0] = i;
            for (int j = 1; j <= b.length(); j++) {
                int changed = before + (a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1);
                before = row[j];
                row[j] = Math.min(changed, Math.min(row[j], row[j - 1]) + 1);
            }
        }
        return row[b.length()];
    }
}
