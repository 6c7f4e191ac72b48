package zestbench.core.bench;

import java.util.ArrayList;
import java.util.List;
import zestbench.core.family.Trait;
import zestbench.core.judgement.Finding;
import zestbench.core.plate.Plates;
import zestbench.core.tape.PartState;

/** What the record says where a part is judged and another chosen: replaced before, under warranty, the unit's age. */
final class PartHistory {
    private static final int YEAR_DIGITS = 4;

    private PartHistory() {}

    /**
     * @param replaced when parts of its name were replaced at its place before, the earliest first
     * @param nowMillis when the call was last worked on
     */
    static List<Finding> of(PartState part, Plates plates, List<Long> replaced, UnitStory story, long nowMillis) {
        List<Finding> out = new ArrayList<>();
        Again.finding(part, replaced, nowMillis).ifPresent(out::add);
        boolean isCompressor = part.family().has(Trait.COMPRESSES);
        String until = isCompressor && story.compressorUntil() != null ? story.compressorUntil() : story.partsUntil();
        String what = isCompressor ? "compressor" : "parts";
        if (until != null && until.compareTo(story.today()) >= 0) {
            out.add(Finding.caution(
                    "Its maker answers for {} of this unit until {}: ask there before one is bought, and keep the old one.",
                    isCompressor ? "the compressor" : "the parts",
                    until));
        } else if (until != null && isCompressor) {
            out.add(Finding.info("The warranty on the {} ended on {}.", what, until));
        }
        if (isCompressor) {
            String made = plates.outdoor().text("manufactured").orElse("");
            int years = years(made, story.today());
            out.add(Finding.info(
                    "{}{} replaced in it before. Price a compressor, an outdoor unit and a whole system side by side.",
                    years < 0 ? "" : "The unit is " + (years == 1 ? "1 year" : years + " years") + " old, ",
                    story.partsReplaced() == 1 ? "1 part" : story.partsReplaced() + " parts"));
        }
        return out;
    }

    /** Whole years from the year it was made to today's; below 0 where it is not known. */
    private static int years(String made, String today) {
        boolean isKnown = made.matches("\\d{4}(-\\d{2})?.*") && today.matches("\\d{4}-.*");
        if (!isKnown) {
            return -1;
        }
        int years =
                Integer.parseInt(today.substring(0, YEAR_DIGITS)) - Integer.parseInt(made.substring(0, YEAR_DIGITS));
        // months as they are written sort as they come
        boolean isToCome =
                made.length() > YEAR_DIGITS && made.substring(YEAR_DIGITS).compareTo(today.substring(YEAR_DIGITS)) > 0;
        return years - (isToCome ? 1 : 0);
    }
}
