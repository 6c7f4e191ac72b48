package zestbench.core.label;

import zestbench.core.label.Vocabulary.Node;

/**
 * Known words with one letter wrong, missing or too many, as a worn label, a hurried hand or a camera leaves them. Only long
 * words are mended, whose first letters stand, and no word that is known as it is.
 */
final class MisspeltCuts extends Cuts {
    private static final double MENDED = 0.5;
    private static final int LEAST_LETTERS = 6;
    private static final int LEAST_BEGINNING = 2;

    MisspeltCuts(Ways ways) {
        super(ways);
    }

    /**
     * The letter that is wrong may be any one of the word that breaks off, as another word may begin like it: BLA of BLAWER
     * goes on to BLACK.
     *
     * @param at where the letters from {@code from} on are no longer those of a known word
     * @param path the nodes that were walked to, by where their letters begin, from {@code from} on
     * @param length letters walked so far
     */
    void mended(int from, int at, Node[] path, int length, double soFar) {
        boolean isWithin = at < text.length() && isLetter(at) && at > 0 && isLetter(at - 1);
        if (!isWithin || (from > 0 && isAlphanumeric(from - 1))) {
            return;
        }
        int walked = length;
        for (int wrong = at; walked >= LEAST_BEGINNING && isLetter(wrong - 1); wrong--, walked--) {
            Node node = path[wrong - from];
            walk(from, wrong + 1, node, walked, soFar);
            for (Node next : node.steps()) {
                walk(from, wrong + 1, next, walked + 1, soFar);
                walk(from, wrong, next, walked + 1, soFar);
            }
        }
    }

    /** On from here letter by letter, until the word ends; what it means in one word is as good as in several. */
    private void walk(int from, int start, Node mended, int walked, double soFar) {
        Node node = mended;
        int length = walked;
        for (int at = start; at < text.length(); at++) {
            boolean isEnd = !isAlphanumeric(at);
            if (isEnd && length >= LEAST_LETTERS && !node.meanings.isEmpty()) {
                reach(from, at, node, soFar + MENDED);
            }
            Node next = node.step(Letterforms.folded(text.charAt(at)));
            if (next != null) {
                node = next;
                length++;
            } else if (!isEnd || text.charAt(at) != ' ') {
                return;
            }
        }
        if (length >= LEAST_LETTERS && !node.meanings.isEmpty()) {
            reach(from, text.length(), node, soFar + MENDED);
        }
    }
}
