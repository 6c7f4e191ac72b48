package zestbench.server.record;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import zestbench.core.bench.CallAccount;
import zestbench.core.bench.LeaveBench;
import zestbench.core.options.CustomerOption;
import zestbench.core.quantity.Figures;
import zestbench.core.tape.LeaveEntry;
import zestbench.core.tape.LeaveState;
import zestbench.core.tape.Line;
import zestbench.core.tape.PartEntry;
import zestbench.core.tape.PartState;
import zestbench.core.tape.ProofList;
import zestbench.core.tape.Stop;
import zestbench.core.tape.TapeText;
import zestbench.core.tape.UnitEntry;
import zestbench.core.tape.UnitHistory;
import zestbench.core.tape.UnitHistory.OpenWriteUp;
import zestbench.server.board.BoardViews;
import zestbench.server.board.CallBoard;
import zestbench.server.paper.Paper;
import zestbench.server.paper.QrCode;
import zestbench.server.problem.Conflict;
import zestbench.server.proof.ProofSetups;
import zestbench.server.sticker.Stickers;
import zestbench.server.tape.Calls;
import zestbench.server.unit.Unit;
import zestbench.server.unit.Units;

/** What goes out on paper and into calendars. */
@RestController
public class PaperController {
    private static final ZoneId ZONE = ZoneId.systemDefault();
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM uuuu", Locale.ENGLISH);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("d MMM HH:mm", Locale.ENGLISH);
    private static final int MOST_ON_A_STICKER = 4;

    private final Calls calls;
    private final CallBoard board;
    private final UnitHistories histories;
    private final Units units;
    private final Paper paper;
    private final Stickers stickers;
    private final ProofSetups proofs;
    private final Clock clock;

    PaperController(
            Calls calls,
            CallBoard board,
            UnitHistories histories,
            Units units,
            Paper paper,
            Stickers stickers,
            ProofSetups proofs,
            Clock clock) {
        this.board = board;
        this.calls = calls;
        this.histories = histories;
        this.units = units;
        this.paper = paper;
        this.stickers = stickers;
        this.proofs = proofs;
        this.clock = clock;
    }

    @GetMapping(value = "/api/calls/{id}/report.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> report(@PathVariable long id) {
        Calls.Open call = calls.open(id);
        Map<String, Object> filled = head(call);
        List<Map<String, Object>> parts = new ArrayList<>();
        call.state().parts().forEach(part -> parts.add(part(part)));
        LeaveState leave = call.state().leave();
        List<Map<String, Object>> writeUps = new ArrayList<>();
        leave.openWriteUps().values().forEach(line -> {
            if (line.entry() instanceof LeaveEntry.WrittenUp w) {
                writeUps.add(
                        Map.of("urgency", w.urgency().flag(), "what", w.what(), "place", w.place(), "why", w.why()));
            }
        });
        List<Map<String, Object>> tape = new ArrayList<>();
        call.tape().forEach(line -> tape.add(line(call, line)));
        Line kept = leave.kept();
        if (kept != null && kept.entry() instanceof LeaveEntry.ProofKept proof) {
            List<Map<String, Object>> figures = new ArrayList<>();
            LeaveBench.figures(proof.answer())
                    .forEach(f -> figures.add(Map.of(
                            "title",
                            f.title(),
                            "figure",
                            f.figure(),
                            "unit",
                            f.unit(),
                            "word",
                            f.judged() == null ? "" : f.judged().word(),
                            "reckoning",
                            f.reckoning())));
            filled.put("figures", figures);
            filled.put("hasFigures", !figures.isEmpty());
            filled.put(
                    "findings",
                    proof.answer().findings().stream().map(f -> f.text()).toList());
        }
        leave.options().stream()
                .filter(o -> o.key().equals(leave.taken()))
                .forEach(o -> filled.put(
                        "chosen", Map.of("title", o.tier().title(), "words", o.words(), "reckoning", o.reckoning())));
        List<Map<String, Object>> stops = new ArrayList<>();
        for (Stop stop : Stop.of(call.state())) {
            String on =
                    stop.part() == null ? "" : call.part(stop.part()).added().title() + ":";
            stops.add(Map.of("action", stop.words(), "part", on, "text", stop.text()));
        }
        filled.put("stops", stops);
        filled.put("parts", parts);
        filled.put("hasParts", !parts.isEmpty());
        filled.put("writeUps", writeUps);
        filled.put("hasWriteUps", !writeUps.isEmpty());
        filled.put(
                "account",
                CallAccount.of(call.state(), call.row().complaint(), proofs.of(call)).stream()
                        .map(l -> Map.of("name", l.name(), "text", l.text()))
                        .toList());
        filled.put("tape", tape);
        return pdf("call-" + id, paper.print(Paper.Sheet.REPORT, filled));
    }

    @GetMapping(value = "/api/calls/{id}/options.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> options(@PathVariable long id) {
        Calls.Open call = calls.open(id);
        LeaveState leave = call.state().leave();
        if (leave.options().isEmpty()) {
            throw new Conflict("Nothing was offered on this call yet: put options together first.");
        }
        Map<String, Object> filled = head(call);
        List<Map<String, Object>> options = new ArrayList<>();
        for (CustomerOption option : leave.options()) {
            boolean isTaken = option.key().equals(leave.taken());
            options.add(Map.of(
                    "title",
                    option.tier().title(),
                    "words",
                    option.words(),
                    "total",
                    option.total().isEmpty() ? option.toldTotal() : "$ " + option.toldTotal(),
                    "labour",
                    Figures.fixed(option.labour(), 2),
                    "taken",
                    isTaken,
                    "style",
                    isTaken ? "taken" : "",
                    "warranty",
                    option.warranty() == null ? "" : option.warranty(),
                    "parts",
                    option.parts().stream()
                            .map(p -> Map.of(
                                    "count",
                                    p.count(),
                                    "name",
                                    p.name(),
                                    "each",
                                    p.each() == null ? "to be priced" : "$ " + Figures.fixed(p.each(), 2) + " each"))
                            .toList(),
                    "weighs",
                    option.weighs().stream()
                            .map(w -> Map.of("sign", w.speaksFor() ? "+" : "–", "words", w.words()))
                            .toList()));
        }
        filled.put("options", options);
        filled.put("declined", leave.isDeclined());
        return pdf("options-" + id, paper.print(Paper.Sheet.OPTIONS, filled));
    }

    /** For the inside of the panel: what is in, its values, until when, and the way to the record. */
    @GetMapping(value = "/api/units/{id}/sticker.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> sticker(@PathVariable long id) {
        Unit unit = units.get(id);
        UnitHistory history = histories.of(id);
        List<UnitHistory.PutIn> in = history.putIn();
        List<Map<String, Object>> parts = new ArrayList<>();
        for (UnitHistory.PutIn part : in.subList(Math.max(0, in.size() - MOST_ON_A_STICKER), in.size())) {
            parts.add(
                    0,
                    Map.of(
                            "day",
                            day(part.atMillis()),
                            "title",
                            part.title(),
                            "asLeft",
                            part.asLeft(),
                            "measured",
                            part.measured(),
                            "until",
                            part.returnDate() != null
                                    ? "OUT BY " + DAY.format(LocalDate.parse(part.returnDate()))
                                    : part.warrantyUntil() == null
                                            ? ""
                                            : "warranty until " + DAY.format(LocalDate.parse(part.warrantyUntil()))));
        }
        List<String> best = new ArrayList<>();
        history.benchmark()
                .ifPresent(b -> b.figures()
                        .forEach((figure, value) -> best.add(figure.title() + " " + Figures.fixed(value, 0) + " "
                                + figure.quantity().unit())));
        Map<String, Object> filled = new LinkedHashMap<>();
        filled.put("unit", unit.site() + ", " + unit.name());
        filled.put("line", Units.UnitView.of(unit).line());
        filled.put("best", best.isEmpty() ? "" : "At its best: " + String.join(", ", best));
        filled.put("parts", parts);
        filled.put(
                "standstill",
                history.openWriteUps().stream()
                        .map(OpenWriteUp::writeUp)
                        .filter(w -> w.urgency().isStandstill())
                        .map(w -> w.urgency().flag() + ": " + w.what())
                        .findFirst()
                        .orElse(""));
        filled.put("note", history.lastNote());
        filled.put("qr", QrCode.of(stickers.address(unit)));
        return pdf("sticker-" + id, paper.print(Paper.Sheet.STICKER, filled));
    }

    /** Return dates of every stopgap that is in. */
    @GetMapping(value = "/api/returns.ics", produces = "text/calendar")
    ResponseEntity<String> returns() {
        return calendar("returns", board.allDue());
    }

    /** Return dates of one call. */
    @GetMapping(value = "/api/calls/{id}/returns.ics", produces = "text/calendar")
    ResponseEntity<String> returns(@PathVariable long id) {
        calls.open(id);
        return calendar(
                "returns-" + id,
                board.allDue().stream().filter(d -> d.callId() == id).toList());
    }

    private ResponseEntity<String> calendar(String name, List<BoardViews.DueView> due) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, file(name + ".ics", false))
                .contentType(new MediaType("text", "calendar", java.nio.charset.StandardCharsets.UTF_8))
                .body(ReturnDates.calendar(due, clock.instant()));
    }

    private Map<String, Object> head(Calls.Open call) {
        Unit unit = call.row().unit();
        Map<String, Object> filled = new LinkedHashMap<>();
        Units.UnitView view = unit == null ? null : Units.UnitView.of(unit);
        filled.put("unit", view == null ? "Quick check" : view.site() + ", " + view.name());
        filled.put("line", view == null ? "" : view.line());
        filled.put("model", view == null || view.model().isEmpty() ? "" : "Model " + view.model());
        filled.put("serial", view == null || view.serial().isEmpty() ? "" : "serial " + view.serial());
        filled.put("day", day(call.row().openedAt().toEpochMilli()));
        filled.put("complaint", call.row().complaint());
        filled.put("status", call.status().name().toLowerCase(Locale.ROOT).replace('_', ' '));
        UnitEntry.CallEnded ended = call.state().ended();
        filled.put("note", ended == null ? "" : ended.note());
        return filled;
    }

    private static Map<String, Object> part(PartState part) {
        PartEntry.PartClosed closed = part.closed();
        String until =
                closed == null || closed.returnDate() == null ? "" : DAY.format(LocalDate.parse(closed.returnDate()));
        return Map.of(
                "title",
                part.added().title(),
                "place",
                part.added().place(),
                "asFound",
                ProofList.asFound(part),
                "asLeft",
                closed == null ? "" : closed.asLeft(),
                "how",
                closed == null ? "still open" : closed.told().title(),
                "until",
                until);
    }

    private static Map<String, Object> line(Calls.Open call, Line line) {
        TapeText text = line.entry().told();
        return Map.of(
                "time",
                TIME.format(Instant.ofEpochMilli(line.atMillis()).atZone(ZONE)),
                "who",
                line.who(),
                "title",
                text.title(),
                "detail",
                text.detail(),
                "figure",
                text.figure(),
                "unit",
                text.unit(),
                "word",
                text.word(),
                "style",
                call.state().isStruck(line.number()) ? "struck" : "");
    }

    private static String day(long millis) {
        return DAY.format(Instant.ofEpochMilli(millis).atZone(ZONE));
    }

    private static ResponseEntity<byte[]> pdf(String name, byte[] bytes) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, file(name + ".pdf", true))
                .contentType(MediaType.APPLICATION_PDF)
                .body(bytes);
    }

    private static String file(String name, boolean isShown) {
        return (isShown ? ContentDisposition.inline() : ContentDisposition.attachment())
                .filename(name)
                .build()
                .toString();
    }
}
