package zestbench.core.family;

import java.util.Map;
import java.util.Optional;
import zestbench.core.judgement.Demand;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Grade;
import zestbench.core.judgement.Mark;
import zestbench.core.quantity.Letters;

/** Units with a flammable refrigerant take only parts their maker lists, where those can arc or get hot. */
public final class FlammableRefrigerant {
    /** How readily a refrigerant burns. [ASHRAE 34, from memory] */
    public enum Burning {
        A2L("mildly flammable (A2L)"),
        A2("flammable (A2)"),
        A3("highly flammable (A3)"),
        B2L("toxic and mildly flammable (B2L)");

        private final String words;

        Burning(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** By letters and figures alone, so that R-454B, R454B and r 454b are one. [ASHRAE 34, from memory] */
    private static final Map<String, Burning> REFRIGERANTS = Map.ofEntries(
            Map.entry("R32", Burning.A2L),
            Map.entry("R444A", Burning.A2L),
            Map.entry("R446A", Burning.A2L),
            Map.entry("R447A", Burning.A2L),
            Map.entry("R452B", Burning.A2L),
            Map.entry("R454A", Burning.A2L),
            Map.entry("R454B", Burning.A2L),
            Map.entry("R454C", Burning.A2L),
            Map.entry("R455A", Burning.A2L),
            Map.entry("R457A", Burning.A2L),
            Map.entry("R459A", Burning.A2L),
            Map.entry("R1234YF", Burning.A2L),
            Map.entry("R1234ZE", Burning.A2L),
            Map.entry("R1234ZEE", Burning.A2L),
            Map.entry("R152A", Burning.A2),
            Map.entry("R290", Burning.A3),
            Map.entry("R600A", Burning.A3),
            Map.entry("R1270", Burning.A3),
            Map.entry("R717", Burning.B2L));

    private static final Mark LISTED = Mark.fromMemory("UL 60335-2-40");

    private FlammableRefrigerant() {}

    /** How readily it burns, however it is written; empty where it does not. */
    public static Optional<Burning> of(String refrigerant) {
        String plain = Letters.large(refrigerant).replaceAll("[^A-Z0-9]", "");
        return Optional.ofNullable(REFRIGERANTS.get(plain.startsWith("R") ? plain : "R" + plain));
    }

    /** Asks for the maker's list where the refrigerant burns. @param what the part is called */
    public static void rule(Comparison p, String what) {
        String given = p.circuit.beside().refrigerant() != null
                ? p.circuit.beside().refrigerant()
                : p.circuit.plate().text("refrigerant").orElse("");
        Burning burning = of(given).orElse(null);
        if (burning == null) {
            return;
        }
        p.ask("Does the unit's maker list this " + what + " for " + given + "?");
        if (burning != Burning.A2L) {
            p.finding(Finding.stop(
                    Demand.LISTED,
                    "{} is {}: ventilate first, no spark near it, only parts the unit's maker lists.",
                    given,
                    burning.words));
        }
        p.add(
                "refrigerant",
                given + ", " + burning.words,
                "not known",
                Grade.UNDECIDED,
                LISTED,
                "parts that arc or get hot: only types the unit's maker lists");
    }
}
