package zestbench.core.stock;

import java.util.List;
import zestbench.core.judgement.Grade;

/** What the family of parts says of a combination. */
public interface Rules<P> {
    /** How well these shares together serve terminal {@code slot}, their joining left aside. */
    Grade serving(int slot, List<Share<P>> shares);

    /**
     * How well the joining itself is liked.
     *
     * @param shares for each terminal what serves it
     * @param pieces how many physical pieces there are in all
     */
    Grade form(List<List<Share<P>>> shares, int pieces);

    /** The best grade that several pieces on one terminal can reach. */
    Grade makeUp();
}
