package zestbench.core.tape;

import java.util.ArrayList;
import java.util.List;
import zestbench.core.capacitor.CapacitorLabel;
import zestbench.core.family.Proof.Check;
import zestbench.core.fuse.FuseLabel;
import zestbench.core.motor.MotorLabel;
import zestbench.core.quantity.Letters;

/** What to look at before power goes back on a whole unit, by what was done on this call. [practice] */
public final class BeforePower {
    private BeforePower() {}

    public static List<Check> of(CallState call) {
        List<Check> out = new ArrayList<>();
        boolean wasCharged = false;
        for (PartState part : call.parts()) {
            String kind = part.family().kind();
            wasCharged |= kind.equals(CapacitorLabel.KIND);
            if (part.chosen() != null) {
                String name = Letters.inSentence(part.added().title());
                out.add(new Check(
                        "wired-" + part.id(),
                        "The " + name + " is wired by its sheet, "
                                + Letters.inSentence(part.added().place())));
                if (kind.equals(MotorLabel.KIND)) {
                    out.add(new Check(
                            "turns-" + part.id(), "The " + name + " turns free by hand, its blade or wheel clear"));
                }
                if (kind.equals(FuseLabel.KIND)) {
                    out.add(new Check("set-" + part.id(), "Every pole has the same fuse, seated"));
                }
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
        out.add(new Check("jumpers", "Jumpers out, switches and floats back in circuit"));
        out.add(new Check("tools", "No tool or part left inside"));
        out.add(new Check("panel", "Panels on where the air needs them"));
        if (call.safeSteps().stream().anyMatch(step -> step.isDone() && !step.isReading())) {
            out.add(new Check("lock", "Lock and tag off, by whoever put them on"));
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
