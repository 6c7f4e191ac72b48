package zestbench.core.bench;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Verdict;
import zestbench.core.proof.ProofSetup;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.Letters;
import zestbench.core.suspect.Suspects;
import zestbench.core.tape.CallState;
import zestbench.core.tape.ChargeEntry;
import zestbench.core.tape.ChargeState;
import zestbench.core.tape.Entry;
import zestbench.core.tape.LeaveEntry;
import zestbench.core.tape.Line;
import zestbench.core.tape.PartEntry;
import zestbench.core.tape.PartState;
import zestbench.core.tape.StartEntry;
import zestbench.core.tape.Stop;
import zestbench.core.tape.Taken;
import zestbench.core.tape.UnitEntry;

/** A call in a few lines, as it is told to whoever pays or comes next: no ticks, nothing struck, nothing that was good anyway. */
public final class CallAccount {
    private static final int MOST_READINGS = 4;

    private CallAccount() {}

    /** @param name such as Found; each stands once, and none that has nothing to say */
    public record AccountLine(String name, String text) {}

    /** The same where nothing tells what a charge moved. */
    public static List<AccountLine> of(CallState state, String complaint) {
        return of(state, complaint, null);
    }

    /** In the order it is told. @param complaint in the customer's words @param setup what the unit is proved by; null where that is not known */
    public static List<AccountLine> of(CallState state, String complaint, @Nullable ProofSetup setup) {
        List<AccountLine> out = new ArrayList<>();
        add(out, "Complaint", List.of(complaint));
        add(
                out,
                "STOP",
                Stop.of(state).stream().map(s -> s.words() + ": " + s.text()).toList());
        add(out, "Found", found(state));
        add(out, "Done", done(state, setup));
        add(out, "As left", asLeft(state));
        add(out, "Advised", advised(state));
        add(out, "Temporary until", temporary(state));
        add(out, "Waits for", waits(state));
        add(out, "Still open", open(state));
        add(out, "By", who(state));
        return List.copyOf(out);
    }

    private static void add(List<AccountLine> out, String name, List<String> said) {
        List<String> full = said.stream().filter(s -> !s.isBlank()).distinct().toList();
        if (!full.isEmpty()) {
            out.add(new AccountLine(name, String.join("; ", full)));
        }
    }

    /** What is wrong, with its figures; where nothing is, what was read and is good. */
    private static List<String> found(CallState state) {
        List<String> out = new ArrayList<>();
        List<String> good = new ArrayList<>();
        for (PartState part : state.parts()) {
            List<String> wrong = new ArrayList<>();
            for (Taken taken : part.tests().readings().values()) {
                Judged judged = taken.judged();
                boolean isWrong = judged.verdict() != Verdict.GOOD && judged.verdict() != Verdict.NOT_JUDGED;
                if (isWrong && wrong.size() < MOST_READINGS) {
                    wrong.add(figure(part, judged));
                }
            }
            part.tests().looks().values().stream()
                    .filter(look -> look.verdict() == Verdict.FAILED)
                    .forEach(look -> wrong.add(seen(look)));
            if (!wrong.isEmpty()) {
                out.add(called(part) + " " + String.join(", ", wrong));
            } else if (part.tests().isGood()) {
                good.add(called(part) + " good");
            }
        }
        ChargeEntry.LeakSought leak = state.charge().leak();
        if (leak != null) {
            out.add(Letters.inSentence(leak.words()) + " (" + leak.how() + ")");
        }
        state.controlChain().gap().ifPresent(link -> out.add("24 V lost at the " + link.name()));
        for (Line line : state.starts().values()) {
            StartEntry.StartCaught start = (StartEntry.StartCaught) line.entry();
            if (start.verdicts().get(0).verdict() == Verdict.FAILED) {
                out.add("start of the " + Letters.inSentence(start.name()) + ": "
                        + start.verdicts().get(0).reading().text() + " stay, "
                        + start.verdicts().get(1).reading().text() + " left");
            }
        }
        for (Line line : state.leave().wanders().values()) {
            LeaveEntry.FigureWandered wandered = (LeaveEntry.FigureWandered) line.entry();
            if (wandered.judged().verdict() != Verdict.GOOD) {
                out.add(Letters.inSentence(wandered.title()) + " wanders, "
                        + wandered.wander().words());
            }
        }
        for (Suspects.Found fault : state.suspects().found()) {
            out.add(Letters.small(fault.fault().title()));
        }
        return out.isEmpty() ? good : out;
    }

    private static String figure(PartState part, Judged judged) {
        String subject = (part.family().called(judged.subject()) + " ").stripLeading();
        String of = judged.rated() == null ? "" : " of " + Figures.plain(judged.rated());
        return subject + judged.reading().text() + of + ", " + Letters.small(judged.word());
    }

    /** The answer alone. */
    private static String seen(PartEntry.Looked look) {
        return look.words().substring(look.words().lastIndexOf(": ") + 2);
    }

    private static List<String> done(CallState state, @Nullable ProofSetup setup) {
        List<String> out = new ArrayList<>();
        for (PartState part : state.parts()) {
            PartEntry.PartClosed closed = part.closed();
            PartEntry.Chosen chosen = part.chosen();
            if (closed != null && closed.outcome() == Entry.Outcome.REPLACED && chosen != null) {
                out.add(called(part) + " replaced by " + chosen.title());
            } else if (closed != null && closed.outcome() == Entry.Outcome.FIXED_WITHOUT_PART) {
                out.add(called(part) + ": " + closed.note());
            } else if (closed != null
                    && (closed.outcome() == Entry.Outcome.TAKEN_OUT || closed.outcome() == Entry.Outcome.CONDEMNED)) {
                out.add(called(part) + " " + Letters.inSentence(closed.outcome().words())
                        + (closed.note().isBlank() ? "" : ": " + closed.note()));
            }
        }
        for (Line line : state.charge().moved()) {
            if (line.entry() instanceof ChargeEntry.ChargeMoved moved) {
                out.add(moved.words() + moved.of() + ", cylinder " + moved.cylinder()
                        + (setup == null ? "" : ChargeBench.words(state, setup, line)));
            }
        }
        for (UnitEntry.WorkDone work : state.work()) {
            out.add(work.work().words()
                    + (work.place().isEmpty() ? "" : ", " + Letters.inSentence(work.place()))
                    + (work.detail().isEmpty() ? "" : ": " + work.detail())
                    + (work.shown().isEmpty() ? "" : " (" + work.shown() + ")"));
        }
        return out;
    }

    private static List<String> asLeft(CallState state) {
        List<String> out = new ArrayList<>();
        for (PartState part : state.parts()) {
            PartEntry.PartClosed closed = part.closed();
            if (closed != null
                    && closed.outcome() == Entry.Outcome.REPLACED
                    && !closed.asLeft().isBlank()) {
                out.add(closed.asLeft());
            }
        }
        for (Line line : state.leave().openWriteUps().values()) {
            if (line.entry() instanceof LeaveEntry.WrittenUp left
                    && left.urgency().isStandstill()) {
                out.add(left.urgency().flag() + ": " + plain(left.what()));
            }
        }
        state.charge()
                .tests()
                .forEach(line ->
                        out.add(plain(ChargeState.judged(line).reckoning().text())));
        Line proof = state.leave().kept();
        if (proof != null) {
            out.add(proof.entry().told().detail());
        }
        return out;
    }

    private static List<String> advised(CallState state) {
        List<String> out = new ArrayList<>();
        for (Line line : state.leave().openWriteUps().values()) {
            if (line.entry() instanceof LeaveEntry.WrittenUp written) {
                String at = written.place().isBlank() ? "" : written.place() + ": ";
                out.add(at + plain(written.what()) + " (" + written.urgency().words() + ")");
            }
        }
        String taken = state.leave().taken();
        state.leave().options().stream()
                .filter(option -> option.key().equals(taken))
                .forEach(option ->
                        out.add("customer chose " + Letters.small(option.tier().title()) + ", " + option.words()));
        if (state.leave().isDeclined()) {
            out.add("customer declined "
                    + String.join(
                            ", ",
                            state.leave().options().stream()
                                    .map(o -> Letters.small(o.tier().title()) + " (" + o.words() + ")")
                                    .toList()));
        }
        return out;
    }

    private static List<String> temporary(CallState state) {
        List<String> out = new ArrayList<>();
        for (PartState part : state.parts()) {
            String day = returnDate(part.closed());
            if (day != null) {
                out.add(day + ", " + Letters.small(called(part)));
            }
        }
        for (Line line : state.charge().moved()) {
            if (line.entry() instanceof ChargeEntry.ChargeMoved moved && moved.returnDate() != null) {
                out.add(moved.returnDate() + ", charge into a circuit that leaks");
            }
        }
        for (UnitEntry.WorkDone work : state.work()) {
            if (work.returnDate() != null) {
                out.add(work.returnDate() + ", " + Letters.small(work.work().words()));
            }
        }
        return out;
    }

    private static @Nullable String returnDate(PartEntry.@Nullable PartClosed closed) {
        return closed == null ? null : closed.returnDate();
    }

    private static List<String> waits(CallState state) {
        List<String> out = new ArrayList<>();
        for (PartState part : state.parts()) {
            PartEntry.Ordered order = part.ordered();
            if (order != null && part.closed() == null) {
                out.add(order.title() + " from " + order.from() + ", " + order.ready());
            }
        }
        return out;
    }

    private static List<String> open(CallState state) {
        List<String> out = new ArrayList<>();
        for (PartState part : state.parts()) {
            if (part.closed() == null) {
                out.add(called(part));
            }
        }
        return out;
    }

    private static List<String> who(CallState state) {
        Set<String> names = new LinkedHashSet<>();
        state.tape().forEach(line -> names.add(line.who()));
        return List.of(String.join(", ", names));
    }

    private static String called(PartState part) {
        String place = part.added().place();
        String title = part.added().title();
        return place.isBlank() || place.equals(title) ? title : title + ", " + Letters.inSentence(place);
    }

    private static String plain(String sentence) {
        return sentence.endsWith(".") ? sentence.substring(0, sentence.length() - 1) : sentence;
    }
}
