package zestbench.core.stock;

import java.util.List;
import zestbench.core.judgement.Grade;

/** What the family of parts says of a combination. */
public interface Rules<P> {
    /** How well these shares together serve terminal {@code slot}, and how their being put together on it is liked. */
    Grade serving(int slot, List<Share<P>> shares);

    /** How it is liked that there is more than one physical piece. */
    Grade ofSeveral();

    /** The best grade that several pieces on one terminal can reach. */
    Grade makeUp();
}
