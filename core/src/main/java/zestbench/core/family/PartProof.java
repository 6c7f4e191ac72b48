package zestbench.core.family;

import java.util.ArrayList;
import java.util.List;

/**
 * What proves a replaced part, beside new pieces that are measured before they go in.
 *
 * @param before looked at before the power goes back on
 * @param running looked at with the power on
 * @param ampsAt names of the speeds whose running amps are asked for; a single speed has an empty name
 */
public record PartProof(List<Check> before, List<Check> running, List<String> ampsAt) {
    /** One line to tick off. */
    public record Check(String key, String text) {}

    /** Every line, in the order they are looked at. */
    public List<Check> all() {
        List<Check> out = new ArrayList<>(before);
        out.addAll(running);
        return out;
    }
}
