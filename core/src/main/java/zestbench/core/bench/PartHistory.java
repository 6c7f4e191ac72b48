package zestbench.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import zestbench.core.call.UnitStory;
import zestbench.core.family.Trait;
import zestbench.core.judgement.Finding;
import zestbench.core.plate.Plates;
import zestbench.core.plate.UnitAge;
import zestbench.core.tape.PartState;
import zestbench.core.tape.UnitHistory;
import zestbench.core.tape.UnitHistory.Replaced;

/** What the record says where a part is judged and another chosen: replaced before, under warranty, the unit's age. */
final class PartHistory {
    private PartHistory() {}

    /**
     * @param replaced parts of its name that were replaced at its place before, the earliest first
     * @param nowMillis when the call was last worked on
     */
    static List<Finding> of(PartState part, Plates plates, List<Replaced> replaced, UnitStory story, long nowMillis) {
        List<Finding> out = new ArrayList<>();
        Again.finding(part, replaced, nowMillis).ifPresent(out::add);
        if (!replaced.isEmpty()) {
            Replaced last = replaced.get(replaced.size() - 1);
            if (last.warrantyUntil() != null && last.warrantyUntil().compareTo(story.today()) >= 0) {
                out.add(Finding.caution(
                        "The one that is in was put in {} ago, its maker answers for it until {}: ask there before one is bought.",
                        UnitHistory.age(nowMillis - last.atMillis()),
                        last.warrantyUntil()));
            }
        }
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
            OptionalInt years = UnitAge.years(plates.outdoor(), story.today());
            out.add(Finding.info(
                    "{}{} replaced in it before. Price a compressor, an outdoor unit and a whole system side by side.",
                    years.isEmpty() ? "" : "The unit is " + UnitAge.words(years.getAsInt()) + " old, ",
                    story.partsReplaced() == 1 ? "1 part" : story.partsReplaced() + " parts"));
        }
        return out;
    }
}
