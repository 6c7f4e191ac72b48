package zestbench.core.tape;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.controlchain.ControlChain;
import zestbench.core.family.Trait;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.Letters;
import zestbench.core.supply.SupplyPoint;
import zestbench.core.suspect.Fact;
import zestbench.core.suspect.Question;
import zestbench.core.suspect.Suspects;

/**
 * The next thing to do on a call.
 *
 * @param part the part it is about; null where it is about the call
 * @param callStep the step of the call it belongs to; null where it is about a part
 */
public record NextThing(
        String text,
        @Nullable String part,
        @Nullable Step step,
        @Nullable CallStep callStep) {
    /** The steps of a call as a whole. */
    public enum CallStep {
        ASK,
        SAFE,
        PLATE,
        SUPPLY,
        WINDINGS,
        AMPS,
        PROOF,
        OPTIONS,
        LEAVE
    }

    /** A STOP that stands is next; else the first part that is not done decides. Nothing here forces the order. */
    public static NextThing of(CallState call) {
        List<Stop> stops = Stop.of(call);
        if (!stops.isEmpty()) {
            Stop stop = stops.get(0);
            return new NextThing(stop.words(), stop.part(), stop.step(), stop.callStep());
        }
        int parts = 0;
        for (PartState part : call.parts()) {
            parts++;
            if (part.closed() == null && (!part.tests().isGood() || part.chosen() != null)) {
                return of(call, part);
            }
        }
        if (parts == 0) {
            return ofArrival(call);
        }
        UnitEntry.JumperPut jumper = call.jumpers().first();
        if (jumper != null) {
            return ofCall("Take the jumper out: " + jumper.across(), CallStep.LEAVE);
        }
        if (isToPrice(call)) {
            return ofCall("Price what is open now: compressor, outdoor unit, system", CallStep.OPTIONS);
        }
        return isChanged(call) && call.leave().kept() == null || isChargedSince(call)
                ? ofCall("Prove the whole unit", CallStep.PROOF)
                : ofCall("Nothing left open: leave", CallStep.LEAVE);
    }

    /** Whether anything was put into the unit. */
    private static boolean isChanged(CallState call) {
        for (PartState part : call.parts()) {
            if (part.chosen() != null) {
                return true;
            }
        }
        return false;
    }

    /** Whether refrigerant went in that the proof of the unit does not show. */
    private static boolean isChargedSince(CallState call) {
        Line kept = call.leave().kept();
        long proved = kept == null ? 0 : kept.number();
        return call.charge().moved().stream()
                .anyMatch(line -> line.number() > proved
                        && line.entry() instanceof ChargeEntry.ChargeMoved moved
                        && moved.way() == ChargeEntry.Way.ADDED);
    }

    /** Whether a compressor is condemned and nobody was offered what may come in its place. */
    private static boolean isToPrice(CallState call) {
        boolean isOffered = !call.leave().options().isEmpty() || call.leave().isDeclined();
        for (PartState part : call.parts()) {
            if (!isOffered && part.isCondemned() && part.family().has(Trait.COMPRESSES)) {
                return true;
            }
        }
        return false;
    }

    private static NextThing ofCall(String text, CallStep step) {
        return new NextThing(text, null, null, step);
    }

    /** Before any part is in question: ask, read the plate, then what tells most for its effort. */
    private static NextThing ofArrival(CallState call) {
        if (!call.isBegun()) {
            return ofCall("Ask what ran", CallStep.ASK);
        }
        if (call.plates().outdoor().isEmpty()) {
            return ofCall("Read the plate", CallStep.PLATE);
        }
        Suspects suspects = call.suspects();
        if (!suspects.found().isEmpty() && suspects.found().get(0).causes().isEmpty()) {
            return ofCall(
                    "Found: "
                            + Letters.inSentence(suspects.found().get(0).fault().title()),
                    CallStep.ASK);
        }
        boolean isFollowed = !call.supply().at(SupplyPoint.CHAIN).isEmpty();
        Optional<ControlChain.Point> point = isFollowed ? call.controlChain().next() : Optional.empty();
        if (point.isPresent()) {
            return ofCall("Measure 24 V: " + point.get().name(), CallStep.SUPPLY);
        }
        return suspects.next()
                .map(test -> ofCall(
                        (isOfSupply(test.fact()) ? "Measure: " : "Check: ")
                                + Letters.inSentence(Question.about(test.fact()).words()),
                        isOfSupply(test.fact()) ? CallStep.SUPPLY : CallStep.ASK))
                .orElseGet(() -> ofCall("Add the part in question", CallStep.ASK));
    }

    /** Whether a fact is settled by volts that are read at the supply. */
    public static boolean isOfSupply(Fact fact) {
        return switch (fact) {
            case DISCONNECT_VOLTS, LINE_VOLTS, LOAD_VOLTS, LEG_LOST, COIL_VOLTS, SECONDARY_VOLTS -> true;
            default -> false;
        };
    }

    private static NextThing of(CallState call, PartState part) {
        PartEntry.Ordered ordered = part.ordered();
        if (ordered != null && part.chosen() == null) {
            return new NextThing(
                    "Waits for its part, ready " + ordered.ready() + ": " + ordered.title(),
                    part.id(),
                    Step.MATCH,
                    null);
        }
        Set<Step> filled = call.together().filled(part);
        String name = part.added().title();
        List<String> toMeasure = ProofList.toMeasure(part);
        for (Step step : Step.values()) {
            boolean decided = step == Step.JUDGE && part.tests().verdict() == Verdict.FAILED;
            if (filled.contains(step) || decided) {
                continue;
            }
            String text = switch (step) {
                case READ -> "Read the label of the " + Letters.inSentence(name);
                case TEST -> "Test the " + Letters.inSentence(name);
                case JUDGE -> "Read again, too close to call: " + Letters.inSentence(name);
                case MATCH -> match(part, name);
                case HOOK_UP ->
                    !toMeasure.isEmpty()
                            ? "Measure the new " + String.join(" and ", toMeasure)
                            : call.deadness().isDeadFor(part.id())
                                    ? "Hook up the " + Letters.inSentence(name)
                                    : "Make safe, then hook up the " + Letters.inSentence(name);
                case PROVE -> "Prove the " + Letters.inSentence(name);
            };
            boolean isToMeasure = step == Step.HOOK_UP && !toMeasure.isEmpty();
            return new NextThing(text, part.id(), isToMeasure ? Step.PROVE : step, null);
        }
        return new NextThing("Close the " + Letters.inSentence(name), part.id(), Step.PROVE, null);
    }

    private static String match(PartState part, String name) {
        return part.tests().verdict() == Verdict.FAILED
                ? "Match a replacement for the " + Letters.inSentence(name)
                : "Replace or leave the " + Letters.inSentence(name);
    }
}
