package zestbench.core.capacitor;

import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import zestbench.core.capacitor.CapacitorRating.Terminal;
import zestbench.core.judgement.Grade;
import zestbench.core.quantity.Limits;
import zestbench.core.shop.ShopRules;
import zestbench.core.stock.Rules;
import zestbench.core.stock.Share;

/** How pieces may stand together: what a terminal gets from them, and how the joining itself is liked. */
final class CapacitorForm implements Rules<CapacitorRating> {
    static final double THOUSANDTHS = 1_000;

    private final Requirement needed;
    private final ShopRules rules;
    private final Map<CapacitorRating, Grade> checked = new IdentityHashMap<>();

    CapacitorForm(Requirement needed, ShopRules rules) {
        this.needed = needed;
        this.rules = rules;
    }

    static long thousandths(double microfarads) {
        return Math.round(microfarads * THOUSANDTHS);
    }

    @Override
    public Grade serving(int slot, List<Share<CapacitorRating>> shares) {
        Grade grade = capacitance(slot, shares).worst(tolerance(slot, shares)).worst(joining(slot, shares));
        for (Share<CapacitorRating> share : shares) {
            grade = grade.worst(checked(share.lot().part()));
        }
        return grade;
    }

    /** A part is held against the requirement once, however many ways it can be joined. */
    private Grade checked(CapacitorRating part) {
        return checked.computeIfAbsent(part, p -> PieceChecks.worst(needed, p));
    }

    /** The same rated value, or by the shop's rule another one inside the old tolerance band. */
    Grade capacitance(int slot, List<Share<CapacitorRating>> shares) {
        double microfarads = sum(shares);
        double rated = needed.microfarads(slot);
        if (thousandths(microfarads) == thousandths(rated)) {
            return Grade.LIKE_FOR_LIKE;
        }
        boolean inside = needed.rating().tolerance().around(rated).contains(microfarads);
        return inside && rules.otherNominalWithinTolerance() ? Grade.SUITABLE : Grade.REFUSED;
    }

    /** Same or tighter; one point wider is allowed, more is a stopgap at most. What adds up is held against the band as a whole. */
    Grade tolerance(int slot, List<Share<CapacitorRating>> shares) {
        if (!needed.rating().tolerance().printed()
                || shares.stream().anyMatch(s -> !s.lot().part().tolerance().printed())) {
            return Grade.LIKE_FOR_LIKE;
        }
        Tolerance old = needed.rating().tolerance();
        if (shares.size() == 1) {
            Tolerance now = shares.get(0).lot().part().tolerance();
            return now.isWithin(old) ? Grade.LIKE_FOR_LIKE : now.isNearly(old) ? Grade.SUITABLE : Grade.STOPGAP;
        }
        boolean within = old.around(needed.microfarads(slot)).contains(band(shares));
        return within ? Grade.LIKE_FOR_LIKE : Grade.STOPGAP;
    }

    /** In parallel µF add, and so do the limits at their worst. [physics] */
    static Limits band(List<Share<CapacitorRating>> shares) {
        Limits total = new Limits(0, 0);
        for (Share<CapacitorRating> share : shares) {
            for (int section : share.sections()) {
                CapacitorRating part = share.lot().part();
                total = total.plus(
                        part.tolerance().around(part.sections().get(section).microfarads()));
            }
        }
        return total;
    }

    static double sum(List<Share<CapacitorRating>> shares) {
        long sum = 0;
        for (Share<CapacitorRating> share : shares) {
            sum += share.lot().sum(share.mask());
        }
        return sum / THOUSANDTHS;
    }

    /** How what serves all terminals is joined. @param pieces how many physical pieces there are in all */
    Grade form(List<List<Share<CapacitorRating>>> shares, int pieces) {
        Grade grade = pieces == 1 ? ofOnePiece(shares) : ofSeveral();
        for (int slot = 0; slot < shares.size(); slot++) {
            grade = grade.worst(joining(slot, shares.get(slot)));
        }
        return grade;
    }

    @Override
    public Grade ofSeveral() {
        return Grade.NEEDS_CHANGE;
    }

    private Grade joining(int slot, List<Share<CapacitorRating>> shares) {
        Grade grade = shares.size() > 1 ? makeUp() : Grade.LIKE_FOR_LIKE;
        for (Share<CapacitorRating> share : shares) {
            grade = grade.worst(ofShare(slot, share));
        }
        return grade;
    }

    private Grade ofOnePiece(List<List<Share<CapacitorRating>>> shares) {
        CapacitorRating part = shares.get(0).get(0).lot().part();
        if (part.isUniversal()) {
            return Grade.SUITABLE;
        }
        return shares.size() == 1 && !part.isSingle() ? Grade.SUITABLE : Grade.LIKE_FOR_LIKE;
    }

    /** A universal part is built for jumpers between its sections; any other part is made up. */
    private Grade ofShare(int slot, Share<CapacitorRating> share) {
        CapacitorRating part = share.lot().part();
        Grade grade = Grade.LIKE_FOR_LIKE;
        if (part.isUniversal() && rules.universalCapacitor() == ShopRules.Universal.STOPGAP) {
            grade = Grade.STOPGAP;
        }
        if (share.sectionCount() > 1) {
            return grade.worst(part.isUniversal() ? Grade.NEEDS_CHANGE : makeUp());
        }
        return isOnOtherStud(slot, share) ? grade.worst(Grade.NEEDS_CHANGE) : grade;
    }

    /** A section marked for one motor put to the other works the same, but its stud says otherwise. */
    boolean isOnOtherStud(int slot, Share<CapacitorRating> share) {
        Terminal wanted = needed.slots().get(slot);
        Terminal marked = share.lot()
                .part()
                .sections()
                .get(Integer.numberOfTrailingZeros(share.mask()))
                .terminal();
        return wanted != null && marked != null && wanted != marked;
    }

    @Override
    public Grade makeUp() {
        return switch (rules.makeUpCapacitors()) {
            case STOPGAP -> Grade.STOPGAP;
            case PERMANENT -> Grade.NEEDS_CHANGE;
            case NEVER -> Grade.REFUSED;
        };
    }
}
