package zestbench.core.tape;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import zestbench.core.family.PartProof.Check;
import zestbench.core.family.Trait;
import zestbench.core.quantity.Letters;

/** What to look at before power goes back on a whole unit, by what was done on this call. [practice] */
public final class BeforePower {
    private BeforePower() {}

    public static List<Check> of(CallState call) {
        List<Check> out = new ArrayList<>();
        boolean wasCharged = false;
        for (PartState part : call.parts()) {
            wasCharged |= part.family().has(Trait.HOLDS_CHARGE);
            if (part.chosen() != null) {
                String name = Letters.inSentence(part.added().title());
                out.add(new Check(
                        "wired-" + part.id(),
                        "The " + name + " is wired by its sheet, "
                                + Letters.inSentence(part.added().place())));
                part.family()
                        .beforePower(name)
                        .ifPresent(check -> out.add(new Check(check.key() + "-" + part.id(), check.text())));
            }
        }
        boolean wasOpened = !out.isEmpty() || call.parts().iterator().hasNext();
        if (wasOpened) {
            out.add(new Check("straps", "Straps on, lugs tight, no wire against metal or hot lines"));
            out.add(new Check("screws", "Screws clear of coils and refrigerant lines"));
        }
        if (wasCharged) {
            out.add(new Check("discharge", "Discharge tool off the capacitor"));
        }
        out.add(new Check("jumpers", "Test jumpers out, switches and floats back in circuit"));
        out.add(new Check("tools", "No tool or part left inside"));
        out.add(new Check("panel", "Panels on where the air needs them"));
        if (call.safeSteps().stream().anyMatch(step -> step.isDone() && !step.isReading())) {
            out.add(new Check("lock", "Lock and tag off, by whoever put them on"));
        }
        return out;
    }

    /** Lines of the unit's list by the part's own checks that say the same. */
    private static final Map<String, String> SAME = Map.of(
            "wires", "wired-",
            "blade", "turns-",
            "rating", "set-",
            "straps", "straps",
            "strap", "straps",
            "screws", "screws",
            "panel", "panel",
            "tools", "tools");

    /** Keys of lines that were ticked already, on the list itself or for every part that asks the same. */
    public static Set<String> done(CallState call) {
        Set<String> out = new LinkedHashSet<>(call.leave().ticked());
        Map<String, Boolean> byParts = new LinkedHashMap<>();
        for (PartState part : call.parts()) {
            if (part.chosen() == null) {
                continue;
            }
            Set<String> ticked = part.ticked(Entry.Checklist.PROOF);
            for (Check check : ProofList.of(part).before()) {
                String line = SAME.get(check.key());
                if (line != null) {
                    String key = line.endsWith("-") ? line + part.id() : line;
                    byParts.merge(key, ticked.contains(check.key()), Boolean::logicalAnd);
                }
            }
        }
        byParts.forEach((key, isDone) -> {
            if (isDone) {
                out.add(key);
            }
        });
        if (Boolean.TRUE.equals(byParts.get("tools"))) {
            // the parts' line speaks of tools, jumpers and the discharge tool in one
            out.add("discharge");
            out.add("jumpers");
        }
        return out;
    }

    /** The text of a line; empty where there is none by that key. */
    public static String textOf(CallState call, String key) {
        return of(call).stream()
                .filter(check -> check.key().equals(key))
                .map(Check::text)
                .findFirst()
                .orElse("");
    }
}
