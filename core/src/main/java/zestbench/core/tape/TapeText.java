package zestbench.core.tape;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import zestbench.core.Families;
import zestbench.core.family.Sections;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Verdict;
import zestbench.core.plate.PlateFacts;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.Letters;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;
import zestbench.core.safety.Deadness;
import zestbench.core.suspect.Question;
import zestbench.core.wiring.Wire;

/**
 * A tape line in words, the same for screen, report and clipboard.
 *
 * @param figure the figure, OL or open; empty where the line is words
 * @param word the verdict or grade in capitals; empty where there is none
 * @param reckoning the full working, a sentence a line
 */
public record TapeText(
        String figure,
        String unit,
        String title,
        String detail,
        String word,
        @Nullable Verdict verdict,
        List<String> reckoning,
        @Nullable Mark mark) {
    static TapeText of(PartEntry.SheaveSet e) {
        return judged(e.judged(), e.words(), e.findings(), "");
    }

    static TapeText of(PartEntry.Looked e) {
        List<String> lines = e.meaning().isEmpty() ? List.of() : List.of(e.meaning());
        return new TapeText("", "", e.words(), "", e.verdict().word(), e.verdict(), lines, Mark.PRACTICE);
    }

    static TapeText of(UnitEntry.DeadRead e) {
        boolean dead = e.volts() < Deadness.DEAD_VOLTS;
        String limit = "dead is under " + Figures.plain(Deadness.DEAD_VOLTS) + " V";
        return new TapeText(
                Figures.plain(e.volts()),
                Quantity.VOLTS.unit(),
                e.pair(),
                limit,
                dead ? "DEAD" : "LIVE",
                dead ? Verdict.GOOD : Verdict.FAILED,
                List.of(e.pair() + " reads " + Figures.plain(e.volts()) + " V, " + limit + "."),
                Mark.PRACTICE);
    }

    static TapeText of(PartEntry.Chosen e) {
        List<String> lines = e.criteria().stream()
                .map(c -> Families.titleOf(c.attribute()) + ": needs " + c.required() + ", has " + c.offered() + ", "
                        + c.outcome().word() + ". " + c.why().text())
                .toList();
        return words(
                "Chosen: " + e.title(),
                String.join(
                        "; ",
                        e.changes().stream()
                                .map(c -> c.endsWith(".") ? c.substring(0, c.length() - 1) : c)
                                .toList()),
                e.grade().word(),
                lines);
    }

    static TapeText of(UnitEntry.SupplyRead e) {
        String subject = e.point().isPaired()
                ? e.judged().subject() + ", " + Letters.inSentence(e.point().title())
                : e.point().title();
        return judged(e.judged(), subject, e.findings(), e.meter());
    }

    static TapeText of(UnitEntry.MeterProved e) {
        return new TapeText(
                Figures.plain(e.volts()),
                Quantity.VOLTS.unit(),
                "meter proved",
                "on a live source",
                "",
                null,
                List.of(),
                Mark.PRACTICE);
    }

    static TapeText of(UnitEntry.Answered e) {
        Question question = Question.named(e.question()).orElseThrow();
        String answer = question.answer(e.answer()).map(Question.Answer::words).orElse("not known");
        return words(question.words() + ": " + answer, "", "", List.of());
    }

    static TapeText of(UnitEntry.PlateRead e) {
        return words(e.which().words() + ": " + PlateFacts.of(e.spec()).line(), e.text(), "", List.of());
    }

    static TapeText of(UnitEntry.SafeTicked e) {
        return words((e.on() ? "Done: " : "Not done: ") + e.text(), "", "", List.of());
    }

    static TapeText of(UnitEntry.PlaceWires e) {
        return wires(e.place(), e.wires());
    }

    static TapeText of(UnitEntry.PlacePhoto e) {
        return words("Photo attached", e.place(), "", List.of());
    }

    static TapeText of(PartEntry.LabelRead e) {
        return words("Label: " + e.text(), "", "", List.of());
    }

    static TapeText of(PartEntry.PartAdded e) {
        return words(e.title() + " in question", e.place(), "", List.of());
    }

    static TapeText of(PartEntry.PutBack e) {
        return words("Put back: " + e.title(), "", "", List.of());
    }

    static TapeText of(PartEntry.WiresFound e) {
        return wires("", e.wires());
    }

    static TapeText of(PartEntry.LeadsPrinted e) {
        String leads = String.join(
                "; ", e.leads().stream().map(w -> w.terminal() + " " + w.text()).toList());
        return words("Leads of the new part, by its label", joined(leads, e.connection()), "", List.of());
    }

    static TapeText of(PartEntry.Ticked e) {
        return words((e.on() ? "Done: " : "Not done: ") + e.text(), "", "", List.of());
    }

    static TapeText of(PartEntry.PartClosed e) {
        String how = e.outcome().words();
        String back = e.returnDate() == null ? "" : "return by " + e.returnDate();
        String until = e.warrantyUntil() == null ? "" : "warranty until " + e.warrantyUntil();
        return words(
                how + (e.note().isBlank() ? "" : ": " + e.note()),
                joined(joined(e.asLeft(), back), until),
                "",
                List.of());
    }

    static TapeText of(UnitEntry.Struck e) {
        return words("Struck line " + e.line(), e.reason(), "", List.of());
    }

    static TapeText of(UnitEntry.Noted e) {
        return words(e.text(), "", "", List.of());
    }

    static TapeText of(UnitEntry.JumperPut e) {
        return words("JUMPER IN: " + e.across(), e.why(), "", List.of());
    }

    static TapeText of(UnitEntry.CallWaits e) {
        return words("Waits for " + e.what().words() + ", until " + e.until(), e.note(), "", List.of());
    }

    static TapeText of(UnitEntry.CallGoesOn e) {
        return words("Goes on", "", "", List.of());
    }

    static TapeText of(UnitEntry.WorkDone e) {
        String at = e.place().isEmpty() ? "" : ", " + Letters.inSentence(e.place());
        return words(
                e.work().words() + at + (e.detail().isEmpty() ? "" : ": " + e.detail()),
                e.shown(),
                e.returnDate() == null ? "" : "TEMPORARY until " + e.returnDate(),
                List.of());
    }

    static TapeText of(UnitEntry.JumperOut e) {
        return words("Jumper out: " + e.across(), "", "", List.of());
    }

    static TapeText of(UnitEntry.JumperLeft e) {
        return words("JUMPER LEFT IN: " + e.across(), e.why(), "", List.of());
    }

    static TapeText of(UnitEntry.CallEnded e) {
        return words(e.end() == Entry.End.CLOSED ? "Call closed" : "Call cancelled", e.note(), "", List.of());
    }

    static TapeText of(PartEntry.SheetOpened e) {
        return words("Hook-up sheet opened", "", "", List.of());
    }

    static TapeText of(PartEntry.PhotoAdded e) {
        return words("Photo attached", "", "", List.of());
    }

    static TapeText of(UnitEntry.PowerOn e) {
        return words("Power back on", "read dead again before hands go in", "", List.of());
    }

    static TapeText of(PartEntry.PartReopened e) {
        return words("Part reopened", "", "", List.of());
    }

    static TapeText of(UnitEntry.CallReopened e) {
        return words("Call reopened", "", "", List.of());
    }

    static TapeText of(PartEntry.Overridden e) {
        return words("Went on past a STOP: " + Letters.inSentence(e.demand().words()), e.reason(), "", List.of());
    }

    static TapeText of(PartEntry.WindingsRead e) {
        Verdict overall = Optional.ofNullable(
                        Judgement.of(e.verdicts(), e.findings()).overall())
                .orElse(Verdict.NOT_JUDGED);
        List<String> lines = new ArrayList<>();
        e.verdicts().forEach(j -> {
            String line = j.subject() + " " + j.reading().text() + ": " + j.word() + ".";
            lines.add(line);
        });
        e.verdicts().stream().map(j -> j.reckoning().text()).distinct().forEach(lines::add);
        if (e.shellHot() != null) {
            lines.add(e.shellHot() ? "Shell hot." : "Shell cool.");
        }
        e.findings().forEach(f -> lines.add(f.text()));
        lines.add("Meter " + e.meter() + ".");
        String read = String.join(
                ", ",
                e.verdicts().stream()
                        .map(j -> j.subject() + " " + j.reading().text())
                        .toList());
        return new TapeText(
                "",
                "",
                "Windings, " + Letters.inSentence(e.place()) + (e.named().isEmpty() ? "" : ": " + e.named()),
                read,
                overall.word(),
                overall,
                lines,
                e.verdicts().get(0).reckoning().mark());
    }

    private static TapeText wires(String place, List<Wire> wires) {
        return words(
                "Wires as found" + (place.isEmpty() ? "" : ", " + Letters.inSentence(place)),
                wires.size() + (wires.size() == 1 ? " wire" : " wires"),
                "",
                wires.stream().map(w -> w.terminal() + ": " + w.text()).toList());
    }

    static TapeText of(PartEntry.AmpsRead e) {
        String at = e.at() == null ? e.judged().subject() : e.at();
        String subject = e.speed() == null || e.speed().isEmpty() ? at : at + ", " + e.speed();
        TapeText amps = judged(e.judged(), subject, e.findings(), e.meter() == null ? "" : e.meter());
        List<String> lines = new ArrayList<>(amps.reckoning());
        List<String> beside = new ArrayList<>();
        Judged worst = e.judged();
        for (Judged judged : e.alongside()) {
            worst = judged.verdict().compareTo(worst.verdict()) > 0 ? judged : worst;
            String what = Letters.small(judged.subject().replaceFirst("^\\w+ ", ""));
            beside.add(what + " " + judged.reading().text());
            lines.add(judged.reckoning().text());
        }
        if (e.inrush() != null
                && e.alongside().stream().noneMatch(j -> j.subject().endsWith("INRUSH"))) {
            beside.add("inrush " + Figures.plain(e.inrush()) + " A");
        }
        beside.add(0, amps.detail());
        return new TapeText(
                amps.figure(),
                amps.unit(),
                amps.title(),
                String.join("; ", beside),
                worst.word(),
                worst.verdict(),
                lines,
                amps.mark());
    }

    static TapeText of(PartEntry.Measured e) {
        String of = e.piece() == null ? "" : "new " + e.shortRating() + ", ";
        String how = e.method() == Entry.Method.UNDER_LOAD ? " under load" : "";
        return judged(e.judged(), of + subject(e.judged()) + how, e.findings(), e.meter());
    }

    private static String subject(Judged judged) {
        return judged.subject().equals(Sections.WHOLE) ? "capacitance" : judged.subject();
    }

    static TapeText judged(Judged judged, String subject, List<Finding> findings, String meter) {
        Reading reading = judged.reading();
        StringBuilder detail = new StringBuilder();
        if (judged.rated() != null) {
            detail.append("rated ").append(Figures.plain(judged.rated()));
        }
        if (judged.limits() != null) {
            detail.append(detail.isEmpty() ? "" : ", ").append(judged.limits().text());
        }
        List<String> lines = new ArrayList<>();
        lines.add(judged.reckoning().text());
        if (!meter.isEmpty()) {
            lines.add("Meter " + meter + ".");
        }
        findings.forEach(f -> lines.add(f.text()));
        return new TapeText(
                reading.isFigure() ? reading.shown() : reading.text(),
                reading.isFigure() ? reading.unit() : "",
                subject,
                detail.toString(),
                judged.word(),
                judged.verdict(),
                lines,
                judged.reckoning().mark());
    }

    static TapeText words(String title, String detail, String word, List<String> reckoning) {
        return new TapeText("", "", title, detail, word, null, reckoning, null);
    }

    private static String joined(String left, String right) {
        return left.isEmpty() || right.isEmpty() ? left + right : left + "; " + right;
    }
}
