package zestbench.core.judgement;

import org.jspecify.annotations.Nullable;
import zestbench.core.quantity.Limits;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;

/**
 * The verdict on one reading.
 *
 * @param rated the value on the label, where there is one
 * @param uncertainty the meter's doubt, in the reading's unit
 */
public record Judged(
        String subject,
        Verdict verdict,
        Reading reading,
        double uncertainty,
        @Nullable Double rated,
        @Nullable Limits limits,
        Reckoning reckoning) {
    /** The verdict in a word: of what is made to a tolerance it may be too close to tell, a running value is at its limit. */
    public String word() {
        boolean isMade = reading.quantity() == Quantity.MICROFARADS || reading.quantity() == Quantity.OHMS;
        return verdict == Verdict.TOO_CLOSE && !isMade ? "AT THE LIMIT" : verdict.word();
    }

    /** The same, read of what goes by another name. */
    public Judged of(String other) {
        return new Judged(other, verdict, reading, uncertainty, rated, limits, reckoning);
    }
}
