package zestbench.core.tape;

import java.util.ArrayList;
import java.util.List;
import zestbench.core.family.MatchAnswer.Assignment;
import zestbench.core.judgement.Verdict;

/** What proves a replaced part: the new piece measured before it goes in, and a look before power goes back on. [practice] */
public final class ProofList {
    /** One line of the checklist. */
    public record Check(String key, String text) {}

    private ProofList() {}

    /** The checks that belong to what was done. */
    public static List<Check> of(PartState part) {
        List<Check> out = new ArrayList<>();
        int pieces = part.chosen() == null ? 1 : part.chosen().pieces().size();
        out.add(new Check("wires", "Wires as on the hook-up sheet, spades tight"));
        out.add(new Check("straps", pieces > 1 ? "All " + pieces + " cans strapped" : "The can strapped"));
        out.add(new Check("screws", "Screws clear of coils, cans and refrigerant lines"));
        out.add(new Check("tools", "Discharge tool off, no jumper or tool left inside"));
        out.add(new Check("panel", "Panel on"));
        return out;
    }

    /** The sections of a new piece that are used, and so are measured before it goes in. */
    public static List<String> sectionsToRead(PartState part, Entry.Chosen chosen, int piece) {
        List<String> all =
                part.family().sections().apply(chosen.pieces().get(piece).spec());
        List<String> out = new ArrayList<>();
        for (Assignment assignment : chosen.assignment()) {
            if (assignment.piece() == piece) {
                assignment.sections().stream().map(all::get).forEach(out::add);
            }
        }
        return out.isEmpty() ? all : out;
    }

    /** Whether every used section of the piece was measured and none is out. */
    public static boolean isProved(PartState part, int piece) {
        Entry.Chosen chosen = part.chosen();
        return chosen != null
                && sectionsToRead(part, chosen, piece).stream()
                        .map(section -> part.newReadings().get(piece + " " + section))
                        .allMatch(line -> line != null && PartState.judged(line).verdict() != Verdict.FAILED);
    }

    /** What still stands between the part and its being closed as replaced; empty where nothing does. */
    public static List<String> open(PartState part) {
        List<String> out = new ArrayList<>();
        Entry.Chosen chosen = part.chosen();
        if (chosen == null) {
            out.add("no replacement is chosen");
            return out;
        }
        for (int piece = 0; piece < chosen.pieces().size(); piece++) {
            if (!isProved(part, piece)) {
                out.add("measure the new "
                        + part.family()
                                .shortText()
                                .apply(chosen.pieces().get(piece).spec()));
            }
        }
        for (Check check : of(part)) {
            if (!part.ticked(Entry.Checklist.PROOF).contains(check.key())) {
                out.add("tick: " + check.text());
            }
        }
        return out;
    }

    /** The values the part is left with, such as "HERM 55.20 µF, FAN 7.48 µF". */
    public static String asLeft(PartState part) {
        List<String> out = new ArrayList<>();
        Entry.Chosen chosen = part.chosen();
        if (chosen != null) {
            out.add(chosen.title());
        } else {
            part.readings().values().forEach(line -> out.add(reading(line)));
        }
        part.newReadings().values().forEach(line -> out.add(reading(line)));
        part.amps().values().forEach(line -> out.add(reading(line)));
        return String.join(", ", out);
    }

    private static String reading(Line line) {
        var judged = PartState.judged(line);
        return (judged.subject().equals("CAPACITOR") ? "" : judged.subject() + " ")
                + judged.reading().text();
    }
}
