package zestbench.server.call;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zestbench.core.Families;
import zestbench.core.family.Family;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchAnswer.Match;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.MatchRequest.Offer;
import zestbench.core.family.Proof;
import zestbench.core.family.Spec;
import zestbench.core.family.TestRequest;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.judgement.Demand;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Judgement;
import zestbench.core.label.LabelRead;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Quantity;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Entry;
import zestbench.core.tape.LabelInPieces;
import zestbench.core.tape.Line;
import zestbench.core.tape.MethodsApart;
import zestbench.core.tape.PartState;
import zestbench.core.tape.ProofList;
import zestbench.core.tape.Stop;
import zestbench.core.tape.Taken;
import zestbench.core.value.Value;
import zestbench.core.wiring.Sheet;
import zestbench.server.person.Sender;
import zestbench.server.problem.Conflict;
import zestbench.server.shop.Meters;
import zestbench.server.shop.Shop;
import zestbench.server.truck.Truck;

/** The six steps of a part, each as one transaction that asks the core and writes what it says onto the tape. */
@Service
public class Repair {
    private final Calls calls;
    private final Truck truck;
    private final Shop shop;
    private final Meters meters;

    Repair(Calls calls, Truck truck, Shop shop, Meters meters) {
        this.calls = calls;
        this.truck = truck;
        this.shop = shop;
        this.meters = meters;
    }

    /** Keeps a label's text with its fields, as read or as corrected by hand. */
    @Transactional
    public void label(long callId, String who, String partId, String text, Spec fields, Set<String> checked) {
        PartState part = calls.working(callId).part(partId);
        keepLabel(callId, who, part, LabelInPieces.checked(part, text, fields, checked));
    }

    private void keepLabel(long callId, String who, PartState part, LabelInPieces label) {
        InputProblem.require(
                part.chosen() == null, "part", part.added().title(), "a replacement is chosen: put it back first");
        Spec spec = Spec.checked(part.family().attributes(), label.spec().values());
        calls.add(callId, who, new Entry.LabelRead(part.id(), label.text(), spec, label.doubts()));
    }

    /** Keeps a text typed for a part's label, laid over what was typed before. */
    @Transactional
    public void label(long callId, String who, String partId, String text) {
        PartState part = calls.working(callId).part(partId);
        keepLabel(callId, who, part, LabelInPieces.typed(part, text));
    }

    /** Keeps what was measured on the part itself, which a choice does not stand against. @param given nothing where it is taken out */
    @Transactional
    public void measures(long callId, String who, String partId, String name, @Nullable Value given) {
        PartState part = calls.working(callId).part(partId);
        boolean isKnown = part.family().attributes().stream()
                .anyMatch(a -> a.isMeasured() && a.name().equals(name));
        InputProblem.require(isKnown, "name", name, "this part has no such measure");
        Spec spec = part.spec().with(name, given);
        calls.add(
                callId,
                who,
                new Entry.LabelRead(
                        partId, part.text(), Spec.checked(part.family().attributes(), spec.values()), part.doubts()));
    }

    /** The verdicts on readings, of the part or of a new piece, without keeping them. */
    Judgement judge(long callId, String partId, @Nullable Integer piece, List<SectionReading> readings) {
        PartState part = calls.working(callId).part(partId);
        List<SectionReading> all = new ArrayList<>(earlier(part, piece, readings));
        all.addAll(readings);
        Judgement judgement = part.family()
                .judge()
                .apply(new TestRequest(
                        specOf(part, piece),
                        all,
                        meter(readings),
                        shop.inForce().rules()));
        List<Judged> verdicts = judgement.verdicts();
        return Judgement.of(verdicts.subList(verdicts.size() - readings.size(), verdicts.size()), judgement.findings());
    }

    /** What was read before and helps to judge the new: the primary of a transformer, for one. Sections in µF stand alone. */
    private static List<SectionReading> earlier(
            PartState part, @Nullable Integer piece, List<SectionReading> readings) {
        List<SectionReading> out = new ArrayList<>();
        for (Taken taken : piece == null ? part.readings().values() : List.<Taken>of()) {
            Judged judged = taken.judged();
            boolean isAlone = judged.reading().quantity() == Quantity.MICROFARADS
                    || !(taken.line().entry() instanceof Entry.Measured)
                    || readings.stream().anyMatch(r -> judged.subject().equals(r.section()));
            if (!isAlone) {
                out.add(new SectionReading(judged.subject(), judged.reading()));
            }
        }
        return out;
    }

    /** Judges readings and puts each on the tape. */
    @Transactional
    public void measure(
            long callId,
            String who,
            String partId,
            @Nullable Integer piece,
            Entry.Method method,
            List<SectionReading> readings) {
        PartState part = calls.working(callId).part(partId);
        Judgement judgement = judge(callId, partId, piece, readings);
        Meter meter = meter(readings);
        String rating = part.family().shortText().apply(specOf(part, piece));
        for (Judged judged : judgement.verdicts()) {
            Entry.Measured measured = new Entry.Measured(
                    partId,
                    piece,
                    method,
                    judged,
                    rating,
                    judgement.findings(),
                    meter.text(),
                    shop.inForce().number());
            Taken before = piece == null ? part.readings().get(judged.subject()) : null;
            calls.add(
                    callId,
                    who,
                    before == null
                            ? measured
                            : MethodsApart.finding(before.line(), measured)
                                    .map(measured::with)
                                    .orElse(measured));
        }
    }

    /** The meter in use for what is read. */
    private Meter meter(List<SectionReading> readings) {
        return meters.inUse(
                readings.isEmpty()
                        ? Quantity.MICROFARADS
                        : readings.get(0).reading().quantity());
    }

    private static Spec specOf(PartState part, @Nullable Integer piece) {
        if (piece == null) {
            return part.spec();
        }
        Entry.Chosen chosen = part.chosen();
        if (chosen == null) {
            throw new Conflict("No replacement is chosen yet.");
        }
        InputProblem.require(piece >= 0 && piece < chosen.pieces().size(), "piece", piece, "no such piece was chosen");
        return chosen.pieces().get(piece).spec();
    }

    /** What the truck at hand offers for the part, beside what can stay in. */
    MatchAnswer match(long callId, String partId, String depot) {
        Calls.Open call = calls.open(callId);
        PartState part = call.part(partId);
        List<MatchRequest.StockLine> stock =
                new ArrayList<>(truck.lines(part.added().kind(), depot));
        stock.addAll(call.state().standing(part));
        MatchAnswer answer = part.family().matched(request(call, part, List.of(), stock, Map.of()));
        return new MatchAnswer(
                answer.findings(),
                answer.matches().stream()
                        .filter(m -> !m.offer().equals(List.of(CallState.STAYING)))
                        .toList());
    }

    /** What the other trucks and the shop offer. */
    MatchAnswer elsewhere(long callId, String partId, String depot) {
        Calls.Open call = calls.open(callId);
        PartState part = call.part(partId);
        List<MatchRequest.StockLine> stock = truck.elsewhere(part.added().kind(), depot);
        return part.family().matched(request(call, part, List.of(), stock, Map.of()));
    }

    /** How parts that can be ordered serve. */
    MatchAnswer matchOffers(long callId, String partId, List<Offer> offers) {
        Calls.Open call = calls.open(callId);
        PartState part = call.part(partId);
        return part.family().matched(request(call, part, offers, List.of(), Map.of()));
    }

    /** How a part bought on the way serves, by its label. */
    MatchAnswer matchTyped(long callId, String partId, LabelRead label) {
        Calls.Open call = calls.open(callId);
        PartState part = call.part(partId);
        // a figure of it that may be misread decides nothing until it is typed more clearly
        Set<String> doubted = attributes(label.doubts());
        doubted.retainAll(label.fields().fields().keySet());
        return part.family()
                .matched(request(
                        call,
                        part,
                        List.of(new Offer(TYPED, new Spec(label.fields()))),
                        List.of(),
                        doubted.isEmpty() ? Map.of() : Map.of(TYPED, doubted)));
    }

    /** The id an offer typed in by its label goes by. */
    static final String TYPED = "typed";

    private MatchRequest request(
            Calls.Open call,
            PartState part,
            List<Offer> offers,
            List<MatchRequest.StockLine> stock,
            Map<String, Set<String>> doubtedOffers) {
        List<MatchRequest.Witness> witnesses = call.state().witnesses(part);
        InputProblem.require(
                part.family().isEnough().test(part.spec()) || !witnesses.isEmpty(),
                "part",
                part.added().title(),
                "read the label first: what the circuit needs is not known");
        return new MatchRequest(
                part.spec(),
                witnesses,
                call.state().circuit(part),
                offers,
                stock,
                shop.inForce().rules(),
                new MatchRequest.Doubted(attributes(part.doubts()), doubtedOffers));
    }

    private static Set<String> attributes(List<LabelRead.Doubt> doubts) {
        return doubts.stream().map(LabelRead.Doubt::attribute).collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** Chooses an offer from the truck and takes its pieces off the count. */
    @Transactional
    public void choose(long callId, Sender sender, String partId, List<String> ids, @Nullable String returnDate) {
        String who = sender.who();
        Calls.Open call = calls.working(callId);
        PartState part = call.part(partId);
        InputProblem.require(part.chosen() == null, "part", part.added().title(), "put the earlier choice back first");
        Map<String, Spec> standing = call.state().standing(part).stream()
                .collect(Collectors.toMap(MatchRequest.StockLine::id, MatchRequest.StockLine::spec));
        MatchAnswer answer = match(callId, partId, sender.depot());
        Match match = Stream.concat(
                        answer.matches().stream(), elsewhere(callId, partId, sender.depot()).matches().stream())
                .filter(m -> m.offer().equals(ids))
                .findFirst()
                .orElseThrow(() -> new Conflict("That offer is no longer on the truck: match again."));
        List<Entry.Piece> pieces = new ArrayList<>();
        for (String id : ids) {
            Spec there = standing.get(id);
            pieces.add(there == null ? new Entry.Piece(id, truck.spec(id)) : new Entry.Piece(null, there));
        }
        keep(callId, who, partId, match, pieces, returnDate);
        writeUp(callId, who, part, answer.findings());
        for (int i = 0; i < ids.size(); i++) {
            if (ids.get(i).equals(CallState.STAYING)) {
                for (Entry.Measured reading :
                        call.state().readingsOfStaying(part, pieces.get(i).spec(), i)) {
                    calls.add(callId, who, reading);
                }
            } else if (!standing.containsKey(ids.get(i))) {
                truck.take(ids.get(i), who, callId);
            }
        }
    }

    /** What did not go together before the match stays on the record for the next person. */
    private void writeUp(long callId, String who, PartState part, List<Finding> findings) {
        for (Finding finding : findings) {
            if (finding.isWriteUp()) {
                String place = part.added().place();
                calls.add(callId, who, Leaving.written(place, finding.text(), "", Entry.Urgency.SOON, null));
            }
        }
    }

    /** Chooses a part bought on the way. */
    @Transactional
    public void chooseTyped(long callId, String who, String partId, String text, @Nullable String returnDate) {
        PartState part = calls.working(callId).part(partId);
        InputProblem.require(part.chosen() == null, "part", part.added().title(), "put the earlier choice back first");
        LabelRead label = readAs(part.family(), text);
        MatchAnswer answer = matchTyped(callId, partId, label);
        keep(
                callId,
                who,
                partId,
                answer.matches().get(0),
                List.of(new Entry.Piece(null, new Spec(label.fields()))),
                returnDate);
        writeUp(callId, who, part, answer.findings());
    }

    static LabelRead readAs(Family family, String text) {
        LabelRead label = Families.read(family.kind(), text);
        InputProblem.require(
                !label.fields().fields().isEmpty(), "text", text, "nothing readable: type it as it is printed");
        return label;
    }

    private void keep(
            long callId,
            String who,
            String partId,
            Match match,
            List<Entry.Piece> pieces,
            @Nullable String returnDate) {
        if (!match.grade().fits()) {
            throw new Conflict(match.title() + " is " + match.grade().word() + " and cannot be chosen.");
        }
        String date = match.grade().needsReturnDate() ? date(returnDate) : null;
        calls.add(
                callId,
                who,
                new Entry.Chosen(
                        partId,
                        match.title(),
                        match.grade(),
                        pieces,
                        match.assignment(),
                        match.criteria(),
                        match.changes(),
                        date,
                        shop.inForce().number()));
    }

    private static String date(@Nullable String text) {
        try {
            return LocalDate.parse(String.valueOf(text)).toString();
        } catch (DateTimeParseException unreadable) {
            throw InputProblem.of("returnDate", text, "a stopgap needs the day it comes out, such as 2026-12-01");
        }
    }

    /** Takes the choice back and gives its pieces back to the truck. */
    @Transactional
    public void putBack(long callId, String who, String partId) {
        PartState part = calls.working(callId).part(partId);
        Entry.Chosen chosen = part.chosen();
        if (chosen == null || part.closed() != null) {
            throw new Conflict(chosen == null ? "Nothing is chosen." : "The part is closed: reopen it first.");
        }
        calls.add(callId, who, new Entry.PutBack(partId, chosen.title()));
        for (Entry.Piece piece : chosen.pieces()) {
            if (piece.stock() != null) {
                truck.giveBack(piece.stock(), who, callId);
            }
        }
    }

    /** Opens the hook-up sheet; only a dead reading opens it, once open it stays readable. */
    @Transactional
    public Sheet sheet(long callId, String who, String partId) {
        Calls.Open call = calls.open(callId);
        PartState part = call.part(partId);
        Sheet sheet = call.state().sheet(part).orElseThrow(() -> new Conflict("Choose a replacement first."));
        if (!call.state().deadness().isDeadFor(partId)) {
            throw new Conflict("The hook-up sheet opens once every pair reads dead: make safe first.");
        }
        if (!call.state().isSheetOpen(part)) {
            calls.working(callId);
            calls.add(callId, who, new Entry.SheetOpened(partId));
        }
        return sheet;
    }

    @Transactional
    public void tick(long callId, String who, String partId, Entry.Checklist list, String key, boolean on) {
        Calls.Open call = calls.working(callId);
        PartState part = call.part(partId);
        if (list == Entry.Checklist.SHEET && !call.state().deadness().isDeadFor(partId)) {
            throw new Conflict("The power is not proved off: read every pair dead before working on the wires.");
        }
        List<String> unmeasured = list == Entry.Checklist.SHEET && on ? ProofList.toMeasure(part) : List.of();
        if (!unmeasured.isEmpty()) {
            throw new Conflict("Measure the new part before a wire goes on it: " + String.join(", ", unmeasured) + ".");
        }
        String text = list == Entry.Checklist.SHEET
                ? call.state().sheet(part).stream()
                        .flatMap(s -> s.steps().stream())
                        .filter(s -> s.key().equals(key))
                        .map(Sheet.Step::text)
                        .findFirst()
                        .orElse("")
                : ProofList.of(part).all().stream()
                        .filter(c -> c.key().equals(key))
                        .map(Proof.Check::text)
                        .findFirst()
                        .orElse("");
        InputProblem.require(!text.isEmpty(), "key", key, "no such line to tick");
        if (part.ticked(list).contains(key) != on) {
            calls.add(callId, who, new Entry.Ticked(partId, list, key, text, on));
        }
    }

    @Transactional
    public void close(
            long callId, String who, String partId, Entry.Outcome outcome, String note, @Nullable String returnDate) {
        Calls.Open call = calls.working(callId);
        PartState part = call.part(partId);
        if (part.closed() != null) {
            throw new Conflict("The part is closed already.");
        }
        Entry.Chosen chosen = part.chosen();
        String date = null;
        if (outcome == Entry.Outcome.REPLACED) {
            List<String> open = ProofList.open(part);
            if (!open.isEmpty()) {
                throw new Conflict("Not proved yet: " + String.join("; ", open) + ".");
            }
            boolean stopgap = chosen != null && chosen.grade().needsReturnDate();
            date = stopgap && chosen != null ? date(returnDate != null ? returnDate : chosen.returnDate()) : null;
        } else if (chosen != null) {
            throw new Conflict("A replacement is chosen: put it back first, or prove it.");
        }
        calls.add(callId, who, new Entry.PartClosed(partId, outcome, ProofList.asLeft(part), note.strip(), date));
        if (outcome == Entry.Outcome.REPLACED) {
            endWriteUps(callId, who, call.state(), partId);
        }
    }

    /** What was written up of the part itself on this call is done with the part. */
    private void endWriteUps(long callId, String who, CallState state, String partId) {
        for (Line line : state.leave().openWriteUps().values()) {
            if (line.entry() instanceof Entry.WrittenUp written && partId.equals(written.of())) {
                calls.add(callId, who, new Entry.WriteUpEnded(written.id(), written.what(), "Its part is replaced."));
            }
        }
    }

    /** Goes on past a STOP that stands, and keeps who did and why. @param partId null where it stands on the unit */
    @Transactional
    public void override(long callId, String who, @Nullable String partId, Demand demand, String reason) {
        boolean isStanding = Stop.of(calls.working(callId).state()).stream()
                .anyMatch(stop -> stop.demand() == demand && Objects.equals(stop.part(), partId));
        if (!isStanding) {
            throw new Conflict("No such STOP stands there: " + demand.words() + ".");
        }
        calls.add(callId, who, new Entry.Overridden(partId, demand, reason.strip()));
    }

    @Transactional
    public void reopen(long callId, String who, String partId) {
        if (calls.working(callId).part(partId).closed() == null) {
            throw new Conflict("The part is open already.");
        }
        calls.add(callId, who, new Entry.PartReopened(partId));
    }
}
