package zestbench.core.judgement;

/** How a result came about: the working with its values, and where the rule comes from. */
public record Reckoning(Phrase working, Mark mark) {
    public static Reckoning of(Mark mark, String pattern, Object... values) {
        return new Reckoning(Phrase.of(pattern, values), mark);
    }

    public String text() {
        return working.text();
    }
}
