package zestbench.core.tape;

import java.util.ArrayList;
import java.util.List;

/** What is looked at before power goes back on after a capacitor was replaced. [practice] */
public final class ProofList {
    /** One line of the checklist. */
    public record Check(String key, String text) {}

    private ProofList() {}

    /** The checks that belong to what was done. */
    public static List<Check> of(PartState part) {
        List<Check> out = new ArrayList<>();
        out.add(new Check("wires", "Wires as on the hook-up sheet, spades tight"));
        int pieces = part.chosen() == null ? 1 : part.chosen().pieces().size();
        out.add(new Check("straps", pieces > 1 ? "All " + pieces + " cans strapped" : "The can strapped"));
        out.add(new Check("screws", "Screws clear of coils, cans and refrigerant lines"));
        out.add(new Check("tools", "Discharge tool off, no jumper or tool left inside"));
        out.add(new Check("panel", "Panel on"));
        return out;
    }
}
