package zestbench.core.bench;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import zestbench.core.family.PartProof;
import zestbench.core.family.PartProof.Check;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Entry;
import zestbench.core.tape.PartEntry;
import zestbench.core.tape.PartState;
import zestbench.core.tape.ProofList;
import zestbench.core.tape.Step;

/** What proves a new part, page by page, and what is done next on each. */
public final class ProveAction {
    private ProveAction() {}

    /** Where it is proved. */
    public enum Page {
        /** The new part is measured before it goes in. */
        NEW,
        /** It is looked at before power. */
        LOOK,
        /** It is seen to run. */
        AMPS
    }

    /** What is done next. */
    public enum Kind {
        /** A replacement is looked for first. */
        FIND,
        /** The new part is measured on the page at hand. */
        MEASURE,
        /** It goes in. */
        HOOK_UP,
        /** The page for a look before power. */
        LOOK,
        /** What is on the page at hand is ticked off. */
        TICK,
        /** Power goes on. */
        POWER_ON,
        /** The page where the new part is measured, which was left open. */
        MEASURE_FIRST,
        /** Its amps are read on the page at hand. */
        READ_AMPS,
        /** The part is closed as replaced. */
        CLOSE,
        /** It is done with: whatever is next on the call. */
        GO_ON
    }

    /** @param words on the button */
    public record Next(Kind kind, String words) {}

    /**
     * @param pages where there is something to prove
     * @param start the page where the work stands
     * @param readsAmps whether running amps prove it
     * @param next by page
     */
    public record ProveView(List<Page> pages, Page start, boolean readsAmps, Map<Page, Next> next) {}

    static ProveView of(PartState part, CallState state) {
        PartProof proof = ProofList.of(part);
        List<Page> pages = new ArrayList<>(List.of(Page.values()));
        boolean isNewRead = isNewRead(part);
        if (!isNewRead) {
            pages.remove(Page.NEW);
        }
        boolean readsAmps = proof.running().isEmpty() || !proof.ampsAt().isEmpty();
        List<String> unmeasured = ProofList.toMeasure(part);
        boolean isIn = state.together().filled(part).contains(Step.HOOK_UP);
        int toTick = open(part, proof.before());
        Page start = isNewRead && (!unmeasured.isEmpty() || !isIn)
                ? Page.NEW
                : toTick == 0 && state.deadness().live() ? Page.AMPS : Page.LOOK;
        Map<Page, Next> next = new EnumMap<>(Page.class);
        for (Page page : Page.values()) {
            next.put(
                    page,
                    part.chosen() == null
                            ? new Next(Kind.FIND, "Nothing chosen to prove")
                            : part.closed() != null
                                    ? new Next(Kind.GO_ON, "Go on to what is next")
                                    : switch (page) {
                                        case NEW -> measured(unmeasured, isIn);
                                        case LOOK -> looked(toTick, readsAmps);
                                        case AMPS -> run(part, proof, part.chosen(), unmeasured, toTick);
                                    });
        }
        return new ProveView(List.copyOf(pages), start, readsAmps, next);
    }

    /** Whether anything of a new piece can be measured before it goes in; taken for so until one is chosen. */
    private static boolean isNewRead(PartState part) {
        PartEntry.Chosen chosen = part.chosen();
        if (chosen == null) {
            return true;
        }
        for (int piece = 0; piece < chosen.pieces().size(); piece++) {
            if (!ProofList.sectionsToRead(part, chosen, piece).isEmpty()) {
                return true;
            }
        }
        return false;
    }

    private static Next measured(List<String> unmeasured, boolean isIn) {
        if (!unmeasured.isEmpty()) {
            return new Next(Kind.MEASURE, "Measure the new " + String.join(" and ", unmeasured));
        }
        return isIn
                ? new Next(Kind.LOOK, "It is inside its label: look before power")
                : new Next(Kind.HOOK_UP, "It is inside its label: hook it up");
    }

    private static Next looked(int toTick, boolean readsAmps) {
        return toTick > 0
                ? new Next(Kind.TICK, toTick + " to tick")
                : new Next(Kind.POWER_ON, readsAmps ? "Power on: read the amps" : "Power on: see it run");
    }

    private static Next run(
            PartState part, PartProof proof, PartEntry.Chosen chosen, List<String> unmeasured, int toTick) {
        if (!unmeasured.isEmpty()) {
            return new Next(Kind.MEASURE_FIRST, "Measure the new part first");
        }
        if (toTick > 0) {
            return new Next(Kind.LOOK, "Tick off the look first");
        }
        List<String> speeds = proof.ampsAt().stream()
                .filter(speed -> !ProofList.isRunning(part, speed))
                .toList();
        if (!speeds.isEmpty()) {
            String named =
                    String.join(", ", speeds.stream().filter(s -> !s.isEmpty()).toList());
            return new Next(Kind.READ_AMPS, "Read its amps" + (named.isEmpty() ? "" : " on " + named));
        }
        int running = open(part, proof.running());
        return running > 0
                ? new Next(Kind.TICK, running + " to tick")
                : new Next(Kind.CLOSE, "Close: " + chosen.title() + " in");
    }

    private static int open(PartState part, List<Check> checks) {
        return (int) checks.stream()
                .filter(c -> !part.ticked(Entry.Checklist.PROOF).contains(c.key()))
                .count();
    }
}
