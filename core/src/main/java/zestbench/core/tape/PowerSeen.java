package zestbench.core.tape;

import org.jspecify.annotations.Nullable;
import zestbench.core.family.Look;
import zestbench.core.family.PartProof.Check;
import zestbench.core.judgement.Judged;
import zestbench.core.quantity.Quantity;
import zestbench.core.shop.ShopRules;

/** Whether what was read, seen or ticked on a part is only so with the power on. */
final class PowerSeen {
    private PowerSeen() {}

    static boolean isLiveVolts(@Nullable PartState part, Judged judged) {
        return judged.reading().quantity() == Quantity.VOLTS
                && (part == null
                        || part.family()
                                .isLive(judged.subject(), judged.reading().value()));
    }

    static boolean isLive(@Nullable PartState part, PartEntry.Looked looked) {
        return part != null
                && part.family().looks(ShopRules.DEFAULT).stream()
                        .filter(l -> l.key().equals(looked.look()))
                        .flatMap(l -> l.answer(looked.seen()).stream())
                        .anyMatch(Look.Seen::isLive);
    }

    /** A tick of what is seen with the part running. */
    static boolean isOfRunning(@Nullable PartState part, PartEntry.Ticked tick) {
        return part != null
                && tick.list() == Entry.Checklist.PROOF
                && ProofList.of(part).running().stream().map(Check::key).anyMatch(tick.key()::equals);
    }
}
