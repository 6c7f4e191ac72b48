package zestbench.core.tape;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import zestbench.core.family.MatchAnswer.Assignment;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.family.PartProof;
import zestbench.core.family.PartProof.Check;
import zestbench.core.family.Sections;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.Quantity;

/** What proves a replaced part: the new piece measured before it goes in, and a look before power goes back on. [practice] */
public final class ProofList {
    /** The look under which the two leads that are on the line are kept. */
    public static final String PAIR = "PAIR";

    private ProofList() {}

    /** The checks that belong to what was done; none until a replacement is chosen. */
    public static PartProof of(PartState part) {
        return part.hookup(Circuit.UNKNOWN, null)
                .map(part.family()::proof)
                .orElse(new PartProof(List.of(), List.of(), List.of()));
    }

    /** The sections of a new piece that are used and can be measured before it goes in, without power on it. */
    public static List<String> sectionsToRead(PartState part, PartEntry.Chosen chosen, int piece) {
        List<String> all = part.family().sections(chosen.pieces().get(piece).spec());
        List<String> out = new ArrayList<>();
        for (Assignment assignment : chosen.assignment()) {
            if (assignment.piece() == piece) {
                assignment.sections().stream().map(all::get).forEach(out::add);
            }
        }
        if (!out.isEmpty()) {
            return out;
        }
        List<String> asked = part.family().asked(chosen.pieces().get(piece).spec());
        return all.stream()
                .filter(asked::contains)
                .filter(section -> part.family().quantity(section) != Quantity.VOLTS)
                .toList();
    }

    /** Whether every used section of the piece was measured and none is out. */
    public static boolean isProved(PartState part, int piece) {
        PartEntry.Chosen chosen = part.chosen();
        return chosen != null
                && sectionsToRead(part, chosen, piece).stream()
                        .map(section -> part.tests().newReadings().get(piece + " " + section))
                        .allMatch(t -> t != null && t.judged().verdict() != Verdict.FAILED);
    }

    /** New pieces that are to be measured before any wire goes on them, in short; empty where all are. */
    public static List<String> toMeasure(PartState part) {
        PartEntry.Chosen chosen = part.chosen();
        Map<String, Integer> counts = new LinkedHashMap<>();
        for (int piece = 0; chosen != null && piece < chosen.pieces().size(); piece++) {
            if (!isProved(part, piece)) {
                String text = part.family().shortText(chosen.pieces().get(piece).spec());
                counts.merge(text, 1, Integer::sum);
            }
        }
        return counts.entrySet().stream()
                .map(e -> (e.getValue() > 1 ? e.getValue() + " × " : "") + e.getKey())
                .toList();
    }

    /** What still stands between the part and its being closed as replaced; empty where nothing does. */
    public static List<String> open(PartState part) {
        List<String> out = new ArrayList<>();
        PartEntry.Chosen chosen = part.chosen();
        if (chosen == null) {
            out.add("no replacement is chosen");
            return out;
        }
        for (int piece = 0; piece < chosen.pieces().size(); piece++) {
            if (!isProved(part, piece)) {
                out.add("measure the new "
                        + part.family().shortText(chosen.pieces().get(piece).spec()));
            }
        }
        PartProof proof = of(part);
        for (Check check : proof.all()) {
            if (!part.ticked(Entry.Checklist.PROOF).contains(check.key())) {
                out.add("tick: " + check.text());
            }
        }
        PartEntry.Looked pair = part.tests().looks().get(PAIR);
        if (pair != null && pair.verdict() == Verdict.FAILED) {
            out.add("move the line to the right two leads: " + pair.meaning());
        }
        for (String speed : proof.ampsAt()) {
            if (!isRunning(part, speed)) {
                out.add("read its amps" + (speed.isEmpty() ? "" : " on " + speed) + ", inside its label");
            }
        }
        return out;
    }

    /** Whether its amps were read on {@code speed} and are not out. */
    public static boolean isRunning(PartState part, String speed) {
        return part.tests().amps().entrySet().stream()
                .anyMatch(e -> e.getValue().line().entry() instanceof PartEntry.AmpsRead read
                        && e.getKey().equals(read.key())
                        && speed.equals(read.speed() == null ? "" : read.speed())
                        && e.getValue().judged().verdict() != Verdict.FAILED);
    }

    /** The values the part was found with, such as "HERM 51.20 µF, FAN 7.48 µF"; its rating where nothing was read. */
    public static String asFound(PartState part) {
        List<String> out = new ArrayList<>();
        part.tests().readings().values().forEach(t -> out.add(reading(t)));
        part.tests().looks().values().forEach(l -> out.add(l.words()));
        if (out.isEmpty() && !part.spec().isEmpty()) {
            out.add(part.family().shortText(part.spec()));
        }
        return String.join(", ", out);
    }

    /** The values the part is left with, such as "HERM 55.20 µF, FAN 7.48 µF". */
    public static String asLeft(PartState part) {
        List<String> out = new ArrayList<>();
        PartEntry.Chosen chosen = part.chosen();
        if (chosen != null) {
            out.add(chosen.title());
        } else {
            part.tests().readings().values().forEach(t -> out.add(reading(t)));
        }
        part.tests().newReadings().values().forEach(t -> out.add(reading(t)));
        part.tests().amps().values().forEach(t -> out.add(reading(t)));
        return String.join(", ", out);
    }

    private static String reading(Taken taken) {
        var judged = taken.judged();
        return Sections.said(judged.subject()) + judged.reading().text();
    }
}
