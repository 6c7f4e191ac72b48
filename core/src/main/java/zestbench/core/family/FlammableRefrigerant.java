package zestbench.core.family;

import java.util.Set;
import zestbench.core.judgement.Grade;
import zestbench.core.judgement.Mark;
import zestbench.core.quantity.Letters;

/** Units with a mildly flammable refrigerant take only parts their maker lists, where those can arc or get hot. */
public final class FlammableRefrigerant {
    /** A2L by ASHRAE 34, from memory. */
    private static final Set<String> REFRIGERANTS =
            Set.of("R-32", "R-454B", "R-454C", "R-1234YF", "R-1234ZE(E)", "R-452B");

    private static final Mark LISTED = Mark.fromMemory("UL 60335-2-40");

    private FlammableRefrigerant() {}

    /** Asks for the maker's list where the refrigerant is one of them. @param what the part is called */
    public static void rule(Comparison p, String what) {
        String given = p.circuit.beside().refrigerant() != null
                ? p.circuit.beside().refrigerant()
                : p.circuit.plate().text("refrigerant").orElse("");
        if (REFRIGERANTS.contains(Letters.large(given))) {
            p.ask("Does the unit's maker list this " + what + " for " + given + "?");
            p.add(
                    "refrigerant",
                    given + ", mildly flammable",
                    "not known",
                    Grade.UNDECIDED,
                    LISTED,
                    "parts that arc or get hot: only types the unit's maker lists");
        }
    }
}
