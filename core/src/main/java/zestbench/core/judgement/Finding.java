package zestbench.core.judgement;

/** Something worth saying beside the verdict or grade. */
public record Finding(Severity severity, Phrase message) {
    /** How loudly it is said. */
    public enum Severity {
        STOP,
        CAUTION,
        INFO
    }

    public static Finding stop(String pattern, Object... values) {
        return new Finding(Severity.STOP, Phrase.of(pattern, values));
    }

    public static Finding caution(String pattern, Object... values) {
        return new Finding(Severity.CAUTION, Phrase.of(pattern, values));
    }

    public static Finding info(String pattern, Object... values) {
        return new Finding(Severity.INFO, Phrase.of(pattern, values));
    }

    /** Whether it is for the next person too: witnesses that disagree, a wire too thin. */
    public boolean isWriteUp() {
        return severity == Severity.CAUTION
                && (message.text().startsWith("Witnesses disagree")
                        || message.text().contains("too thin"));
    }

    public String text() {
        return message.text();
    }
}
