package zestbench.core.tape;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Verdict;
import zestbench.core.proof.ProofFigure;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.Letters;
import zestbench.core.quantity.Reading;

/** Tape lines of a call's end in words: the proof of the unit, write-ups, options, orders. */
final class LeaveText {
    private LeaveText() {}

    static TapeText of(LeaveEntry.UnitStarted e) {
        return said("Unit started", "settles in 10 to 15 minutes");
    }

    static TapeText of(LeaveEntry.UnitTicked e) {
        return said((e.on() ? "Done: " : "Not done: ") + e.text(), "");
    }

    static TapeText of(LeaveEntry.ProofRead e) {
        Reading reading = Reading.of(e.point().quantity(), e.value());
        String of = e.circuit() == null ? "unit running" : "circuit " + e.circuit() + ", unit running";
        return new TapeText(reading.shown(), reading.unit(), e.point().title(), of, "", null, List.of(), null);
    }

    static TapeText of(LeaveEntry.ProofKept e) {
        return proof(e);
    }

    static TapeText of(LeaveEntry.WrittenUp e) {
        String place = e.place().isEmpty() ? "" : ", " + Letters.inSentence(e.place());
        String name = e.urgency().isStandstill() ? e.urgency().flag() : "Write-up";
        return TapeText.words(
                name + place + ": " + e.what(),
                e.urgency().words() + (e.until() == null ? "" : ", look again on " + e.until()),
                "",
                e.why().isEmpty() ? List.of() : List.of(e.why()));
    }

    static TapeText of(LeaveEntry.WriteUpEnded e) {
        return said("Write-up ended: " + e.what(), e.how());
    }

    static TapeText of(LeaveEntry.OptionsOffered e) {
        List<String> lines = e.options().stream()
                .map(o -> o.tier().title() + ": " + o.words() + ". " + o.reckoning())
                .toList();
        String detail = String.join(
                ", ",
                e.options().stream()
                        .map(o -> Letters.small(o.tier().title()) + " " + o.toldTotal())
                        .toList());
        return TapeText.words("Options for the customer", detail, "", lines);
    }

    static TapeText of(LeaveEntry.OptionTaken e) {
        return said(e.key().isEmpty() ? "No option chosen" : "Customer chose: " + e.words(), "");
    }

    static TapeText of(LeaveEntry.OptionsDeclined e) {
        return said("Customer declined" + (e.why().isEmpty() ? "" : ": " + e.why()), "");
    }

    static TapeText of(PartEntry.Ordered e) {
        return said(
                "Ordered: " + e.title(),
                e.from() + ", order " + e.order() + ", " + Figures.fixed(e.price(), 2) + ", ready " + e.ready());
    }

    static TapeText of(PartEntry.OrderEnded e) {
        return said(e.isHere() ? "The ordered part is here" : "The order was given up", "order " + e.order());
    }

    private static TapeText said(String title, String detail) {
        return TapeText.words(title, detail, "", List.of());
    }

    private static TapeText proof(LeaveEntry.ProofKept e) {
        Judgement judgement = e.answer().judgement();
        @Nullable Verdict overall = e.verdicts().isEmpty() ? null : judgement.overall();
        List<String> lines = new ArrayList<>();
        for (Judged judged : e.verdicts()) {
            lines.add(title(judged) + " " + judged.reading().text() + ": " + judged.word() + ". "
                    + judged.reckoning().text());
        }
        e.shown()
                .forEach(s -> lines.add(s.title() + " " + s.reading().text() + ". "
                        + s.reckoning().text()));
        e.findings().forEach(f -> lines.add(f.text()));
        for (LeaveEntry.CircuitProved circuit : e.others()) {
            for (Judged judged : circuit.verdicts()) {
                lines.add("Circuit " + circuit.circuit() + ": " + Letters.inSentence(title(judged)) + " "
                        + judged.reading().text() + ": " + judged.word() + ". "
                        + judged.reckoning().text());
                overall = overall == null || judged.verdict().compareTo(overall) > 0 ? judged.verdict() : overall;
            }
            circuit.findings().forEach(f -> lines.add("Circuit " + circuit.circuit() + ": " + f.text()));
        }
        if (!e.isSettled()) {
            lines.add("Read before the unit had settled.");
        }
        String detail = String.join(
                ", ",
                e.verdicts().stream()
                        .map(v ->
                                Letters.inSentence(title(v)) + " " + v.reading().text())
                        .toList());
        if (e.why() != null) {
            lines.add("The best this unit does: " + e.why());
        }
        String title = e.isBenchmark()
                ? e.why() == null ? "Proof of the unit, kept as its best" : "Proof of the unit, the best it does"
                : "Proof of the unit";
        String word = overall == null ? "" : overall.word();
        return new TapeText("", "", title, detail, word, overall, lines, Mark.PRACTICE);
    }

    private static String title(Judged judged) {
        return ProofFigure.valueOf(judged.subject()).title();
    }
}
