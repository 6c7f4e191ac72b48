package zestbench.core.tape;

import java.util.Map;
import org.jspecify.annotations.Nullable;
import zestbench.core.family.Look;
import zestbench.core.family.Proof.Check;
import zestbench.core.judgement.Judged;
import zestbench.core.quantity.Quantity;
import zestbench.core.safety.Deadness;
import zestbench.core.shop.ShopRules;

/** Which lines of a tape say that the power is on. One of them ends every dead reading before it. */
final class PowerSeen {
    private PowerSeen() {}

    /** @param parts those in question so far, by id */
    static boolean by(Entry entry, Map<String, PartState> parts) {
        if (entry.power() != Entry.Power.BY_WHAT_IT_SAYS) {
            return entry.power() == Entry.Power.ON;
        }
        if (entry instanceof Entry.SupplyRead read) {
            double from = read.point().isControl() ? Deadness.CONTROL_VOLTS : Deadness.DEAD_VOLTS;
            return read.judged().reading().value() >= from;
        }
        if (entry instanceof Entry.Measured measured) {
            return measured.method() == Entry.Method.UNDER_LOAD
                    || isLiveVolts(parts.get(measured.part()), measured.judged());
        }
        if (entry instanceof Entry.Looked look) {
            return isLive(parts.get(look.part()), look);
        }
        return entry instanceof Entry.Ticked tick && tick.on() && isOfRunning(parts.get(tick.part()), tick);
    }

    private static boolean isLiveVolts(@Nullable PartState part, Judged judged) {
        return judged.reading().quantity() == Quantity.VOLTS
                && (part == null
                        || part.family()
                                .isLive(judged.subject(), judged.reading().value()));
    }

    private static boolean isLive(@Nullable PartState part, Entry.Looked looked) {
        return part != null
                && part.family().looks(ShopRules.DEFAULT).stream()
                        .filter(l -> l.key().equals(looked.look()))
                        .flatMap(l -> l.answer(looked.seen()).stream())
                        .anyMatch(Look.Seen::isLive);
    }

    /** A tick of what is seen with the part running. */
    private static boolean isOfRunning(@Nullable PartState part, Entry.Ticked tick) {
        return part != null
                && tick.list() == Entry.Checklist.PROOF
                && ProofList.of(part).running().stream().map(Check::key).anyMatch(tick.key()::equals);
    }
}
