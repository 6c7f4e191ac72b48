package zestbench.core.label;

import zestbench.core.value.Value;

/** What a known word or phrase of a label can stand for. */
sealed interface Meaning {
    /** What kind of thing a word stands for. */
    enum Kind {
        UNIT(OfUnit.class),
        NAME(Name.class),
        CHOICE(Choice.class),
        ABOUT(About.class),
        TELLS(Tells.class),
        FOREIGN(Foreign.class),
        WORD(Word.class),
        FILLER(Filler.class),
        SPOKEN(Spoken.class);

        private final Class<? extends Meaning> type;

        Kind(Class<? extends Meaning> type) {
            this.type = type;
        }

        boolean isOf(Meaning meaning) {
            return type.isInstance(meaning);
        }
    }

    /** The unit of the figure before it, or of the one behind where units stand in front. */
    record OfUnit(Unit unit) implements Meaning {}

    /** The name of a field. */
    record Name(LabelField field) implements Meaning {}

    /** A value that is told by its word alone. */
    record Choice(LabelField field, Value value) implements Meaning {}

    /** What the following is about: the compressor, the fan. */
    record About(String group) implements Meaning {}

    /** A word that says what the label is of. */
    record Tells() implements Meaning {}

    /** The name of something that no field takes, such as a date or a weight. */
    record Foreign() implements Meaning {}

    /** A word of what is written beside labels: readings, orders. @param name by which it is known, however it is written */
    record Word(String name) implements Meaning {}

    /** A word that is usual and says nothing. */
    record Filler() implements Meaning {}

    /** Part of a number said in words. @param value its figure, or the sign it says */
    record Spoken(Part part, double value) implements Meaning {
        enum Part {
            DIGIT,
            TEEN,
            TENS,
            HUNDRED,
            POINT,
            AND,
            HALF,
            SHARE,
            JOIN
        }
    }
}
