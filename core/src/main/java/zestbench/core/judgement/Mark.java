package zestbench.core.judgement;

/** Where a rule comes from: a published standard (name and clause), common practice, or physics. */
public record Mark(Type type, String source) {
    /** The three kinds of origin. */
    public enum Type {
        STANDARD,
        PRACTICE,
        PHYSICS
    }

    public static final Mark PRACTICE = new Mark(Type.PRACTICE, "common practice of the trade");
    public static final Mark PHYSICS = new Mark(Type.PHYSICS, "first principles");
    /** Guarded acceptance: the meter's doubt is kept clear of both limits. */
    public static final Mark GUARDED = standard("JCGM 106:2012, guarded acceptance");

    public static Mark standard(String nameAndClause) {
        return new Mark(Type.STANDARD, nameAndClause);
    }

    /** A standard quoted without the document at hand. */
    public static Mark fromMemory(String nameAndClause) {
        return new Mark(Type.STANDARD, nameAndClause + " (from memory)");
    }
}
