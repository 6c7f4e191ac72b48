package zestbench.core.judgement;

import org.jspecify.annotations.Nullable;

/**
 * Something worth saying beside the verdict or grade.
 *
 * @param demand what a STOP asks for; null on what is no STOP, and on tapes from before it was kept
 * @param kind what it is about, where something follows from that; null where nothing does, and on tapes from before
 */
public record Finding(
        Severity severity,
        Phrase message,
        @Nullable Demand demand,
        @Nullable Kind kind) {
    /** What a finding is about. */
    public enum Kind {
        /** Labels, plate or wires say different things of one requirement. */
        WITNESSES_DISAGREE,
        /** The wire carries less than its circuit asks for. */
        WIRE_TOO_THIN,
        /** Another section of the part is still to be read. */
        SECTION_UNREAD
    }

    public Finding(Severity severity, Phrase message, @Nullable Demand demand) {
        this(severity, message, demand, null);
    }

    /** The same, about that. */
    public Finding of(Kind about) {
        return new Finding(severity, message, demand, about);
    }

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
        return kind == Kind.WITNESSES_DISAGREE || kind == Kind.WIRE_TOO_THIN;
    }

    public String text() {
        return message.text();
    }
}
