package zestbench.core.label;

/**
 * What the choices of a reading cost. The figures are weights of this program, tuned on made-up labels; only their order
 * means something: a figure left unread is dearer than any usual way of taking it.
 */
final class Costs {
    static final double UNREAD_FIGURE = 2.2;
    /** A figure that is possible for a field, and not usual. */
    static final double UNUSUAL = 0.45;
    /** A gap says nothing, so that little is lost with it. */
    static final double UNREAD_GAP = 0.1;
    /** A word that nobody knows in front of a figure may name it: it is then nothing that is known. */
    static final double BEHIND_UNKNOWN = 0.3;
    /** A name without a figure. */
    static final double ORPHAN_NAME = 0.9;
    /** A unit is often printed for itself. */
    static final double ORPHAN_UNIT = 0.5;

    /** A unit right behind a figure that is taken for something without it. */
    static final double UNIT_OF_OTHER = 0.9;

    static final double ORPHAN_FOREIGN = 0.3;
    static final double UNKNOWN_WORD = 0.35;
    /** A known word of which nothing is made. */
    static final double PLAIN_WORD = 0.7;

    static final double WORD_BETWEEN = 0.35;
    static final double SIGN_BETWEEN = 0.45;
    static final double LINE_BETWEEN = 0.5;
    /** Names stand in front a little more often. */
    static final double BEHIND = 0.12;
    /** A label that puts its names in front once does so again. */
    static final double AGAINST_HABIT = 0.4;
    /** The next row of a table, or the same said twice. */
    static final double AGAIN = 0.25;

    static final double NEW_ROW = 0.45;
    /** Two things said of one. */
    static final double CONTRADICTION = 2.6;

    static final double OTHER_GROUP = 1.3;
    static final double FOREIGN_NAME = 0.02;
    /** A unit of its own speaks for a figure. */
    static final double WITH_UNIT = -0.25;

    static final double FOREIGN_BEHIND = 0.3;
    /** A unit that touches a figure and is not taken for it. */
    static final double GLUED_UNIT = 0.8;
    /** A word behind the name of what it tells is rather meant than the same kind of word anywhere. */
    static final double NAMED_CHOICE = -0.2;

    private Costs() {}

    private static final int LONG_WORD = 7;

    /** Of passing over a word that means something: a long one is seldom there by chance. */
    static double passed(Item item) {
        return item.text().length() < LONG_WORD ? PLAIN_WORD : 2 * PLAIN_WORD;
    }
}
