package zestbench.core.judgement;

import org.jspecify.annotations.Nullable;

/**
 * Something worth saying beside the verdict or grade.
 *
 * @param demand what a STOP asks for; null on what is no STOP, and on tapes from before it was kept
 */
public record Finding(
        Severity severity, Phrase message, @Nullable Demand demand) {
    /** How loudly it is said. */
    public enum Severity {
        STOP,
        CAUTION,
        INFO
    }

    /** @param demand the next action it asks for */
    public static Finding stop(Demand demand, String pattern, Object... values) {
        return new Finding(Severity.STOP, Phrase.of(pattern, values), demand);
    }

    public static Finding caution(String pattern, Object... values) {
        return new Finding(Severity.CAUTION, Phrase.of(pattern, values), null);
    }

    public static Finding info(String pattern, Object... values) {
        return new Finding(Severity.INFO, Phrase.of(pattern, values), null);
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
