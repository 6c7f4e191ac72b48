package zestbench.core.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import zestbench.core.Families;
import zestbench.core.amps.RunningAmps;
import zestbench.core.bench.ArrivalViews.AmpsView;
import zestbench.core.bench.ArrivalViews.AnswerView;
import zestbench.core.bench.ArrivalViews.AskView;
import zestbench.core.bench.ArrivalViews.ChainPointView;
import zestbench.core.bench.ArrivalViews.ChainView;
import zestbench.core.bench.ArrivalViews.CorrectionView;
import zestbench.core.bench.ArrivalViews.FoundView;
import zestbench.core.bench.ArrivalViews.NextTestView;
import zestbench.core.bench.ArrivalViews.PlateCheckView;
import zestbench.core.bench.ArrivalViews.PlatePreview;
import zestbench.core.bench.ArrivalViews.PlateSideView;
import zestbench.core.bench.ArrivalViews.PlatesView;
import zestbench.core.bench.ArrivalViews.ProvedView;
import zestbench.core.bench.ArrivalViews.QuestionView;
import zestbench.core.bench.ArrivalViews.SettingView;
import zestbench.core.bench.ArrivalViews.SizeView;
import zestbench.core.bench.ArrivalViews.StartView;
import zestbench.core.bench.ArrivalViews.SupplyPointView;
import zestbench.core.bench.ArrivalViews.SupplyView;
import zestbench.core.bench.ArrivalViews.SuspectView;
import zestbench.core.bench.ArrivalViews.WindingsPreview;
import zestbench.core.bench.ArrivalViews.WindingsView;
import zestbench.core.bench.PartViews.FindingView;
import zestbench.core.bench.PartViews.JudgedView;
import zestbench.core.call.UnitPlace;
import zestbench.core.controlchain.ControlChain;
import zestbench.core.controlchain.Link;
import zestbench.core.family.Family;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Judgement;
import zestbench.core.plate.Capacity;
import zestbench.core.plate.PlateChecks;
import zestbench.core.plate.Plates;
import zestbench.core.plate.PlatesTogether;
import zestbench.core.plate.RatedMotor;
import zestbench.core.plate.Serial;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.Letters;
import zestbench.core.quantity.Meter;
import zestbench.core.supply.PairReading;
import zestbench.core.supply.SupplyPoint;
import zestbench.core.suspect.Fact;
import zestbench.core.suspect.Question;
import zestbench.core.suspect.Suspects;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Line;
import zestbench.core.tape.NextThing;
import zestbench.core.tape.PartEntry;
import zestbench.core.tape.PartState;
import zestbench.core.tape.StartEntry;
import zestbench.core.tape.Stop;
import zestbench.core.tape.UnitEntry;
import zestbench.core.tape.UnitHistory;
import zestbench.core.winding.Windings;
import zestbench.core.wiring.Terminals;

/** What the bench shows of arriving: questions, plates, supply, windings and amps of the unit, its places. */
public final class ArrivalBench {
    private static final long MILLIS_PER_MINUTE = 60_000;

    private ArrivalBench() {}

    static AskView ask(CallState state) {
        Map<Fact, Boolean> known = state.evidence();
        Suspects suspects = state.suspects();
        List<QuestionView> questions =
                Question.of(known).stream().map(q -> question(q, state, known)).toList();
        List<ProvedView> proved = suspects.found().stream()
                .map(f -> new ProvedView(f.fault().key(), f.fault().title(), suspects(f.causes()), suspects(f.harms())))
                .toList();
        return new AskView(
                state.isBegun(),
                questions,
                suspects(suspects.open()),
                proved,
                percent(suspects.other()),
                suspects.next().map(ArrivalBench::next).orElse(null));
    }

    private static List<SuspectView> suspects(List<Suspects.Suspect> suspects) {
        return suspects.stream()
                .map(s -> new SuspectView(
                        s.fault().key(),
                        s.fault().title(),
                        (int) Math.round(100 * s.share()),
                        percent(s.share()),
                        s.fault().test(),
                        s.fault().family(),
                        s.speaksFor(),
                        s.speaksAgainst()))
                .toList();
    }

    private static QuestionView question(Question question, CallState state, Map<Fact, Boolean> known) {
        String answer = state.answers().get(question.key());
        List<AnswerView> answers = question.answers().stream()
                .map(a -> new AnswerView(a.key(), a.words()))
                .toList();
        return new QuestionView(
                question.key(), question.words(), question.asked(), answer, measured(question, answer, known), answers);
    }

    /** The answer that readings gave where no one tapped it. */
    private static @Nullable String measured(Question question, @Nullable String answer, Map<Fact, Boolean> known) {
        return question.answers().stream()
                .filter(a -> known.entrySet().containsAll(a.facts().entrySet()))
                .map(Question.Answer::key)
                .filter(key -> !key.equals(answer))
                .findFirst()
                .orElse(null);
    }

    private static NextTestView next(Suspects.NextTest test) {
        String why = test.fact().minutes() + " min" + (test.fact().isLive() ? ", power on" : "");
        return new NextTestView(
                Question.about(test.fact()).key(),
                why,
                NextThing.isOfSupply(test.fact()),
                test.fact().isLive());
    }

    private static String percent(double share) {
        return share > 0 && share < 0.01 ? "under 1 %" : Figures.fixed(100 * share, 0) + " %";
    }

    static PlatesView plates(CallState state) {
        Plates plates = state.plates();
        return new PlatesView(
                side(state, Plates.Which.OUTDOOR),
                side(state, Plates.Which.INDOOR),
                PlatesTogether.findings(plates.outdoor(), plates.indoor()).stream()
                        .map(FindingView::of)
                        .toList(),
                PartViews.StopView.of(Stop.onPlates(state).orElse(null)));
    }

    private static PlateSideView side(CallState state, Plates.Which which) {
        Spec plate = state.plates().of(which);
        return new PlateSideView(
                which,
                state.plateText(which),
                Serial.masked(plate),
                checks(plate),
                sizes(plate),
                state.place(which.words()).photos());
    }

    /** How a plate's figures would go together. @param plate with its whole serial */
    public static PlatePreview preview(Spec plate) {
        return new PlatePreview(Serial.masked(plate), checks(plate), sizes(plate));
    }

    private static List<PlateCheckView> checks(Spec plate) {
        return PlateChecks.of(plate).stream()
                .map(c -> new PlateCheckView(
                        c.name(),
                        c.field(),
                        c.agrees(),
                        c.reckoning().text(),
                        c.reckoning().mark().source(),
                        c.corrections().stream()
                                .map(x -> new CorrectionView(x.field(), x.likely(), x.text(), x.usual()))
                                .toList(),
                        c.leftOut()))
                .toList();
    }

    private static List<SizeView> sizes(Spec plate) {
        return Capacity.ranked(plate).stream()
                .map(c -> new SizeView(
                        c.capacity().group(),
                        c.capacity().btuPerHour(),
                        Figures.plain(c.capacity().tons()) + " ton",
                        c.likely(),
                        c.reckoning() == null ? "" : c.reckoning().text()))
                .toList();
    }

    static SupplyView supply(CallState state, Meter meter, Before before) {
        List<SupplyPointView> points = Arrays.stream(SupplyPoint.values())
                .map(p -> point(state, p, meter, before))
                .toList();
        return new SupplyView(
                points,
                state.supply().monitor(meter).stream()
                        .map(s -> new SettingView(
                                s.name(),
                                s.value(),
                                s.reckoning().text(),
                                s.reckoning().mark().source()))
                        .toList(),
                state.supply().lineVolts().map(v -> Figures.plain(v) + " V").orElse(""));
    }

    private static SupplyPointView point(CallState state, SupplyPoint point, Meter meter, Before before) {
        List<JudgedView> readings = new ArrayList<>();
        List<FindingView> findings = new ArrayList<>();
        state.supply().at(point).values().forEach(line -> {
            UnitEntry.SupplyRead read = (UnitEntry.SupplyRead) line.entry();
            readings.add(judged(line, PartState.judged(line), read.findings(), point.name(), before));
            if (point.isControl()) {
                read.findings().forEach(f -> findings.add(FindingView.of(f)));
            }
        });
        JudgedView unbalance = null;
        if (!point.isControl()) {
            state.supply()
                    .findings(point, state.plates().outdoor(), meter)
                    .forEach(f -> findings.add(FindingView.of(f)));
            Judgement judged = state.supply().unbalance(point, meter).orElse(null);
            if (judged != null) {
                unbalance = JudgedView.of(0, judged.verdicts().get(0), judged.findings());
            }
        }
        ChainView chain = point == SupplyPoint.CHAIN ? chain(state) : null;
        List<String> pairs = chain != null
                ? chain.points().stream().map(ChainPointView::name).toList()
                : point.isControl()
                        ? List.of(point.name())
                        : state.supplyPairs().stream()
                                .map(p -> new PairReading(p, 0).pair())
                                .toList();
        long read = !point.isPaired()
                ? Math.min(1, readings.size())
                : pairs.stream()
                        .filter(pair ->
                                readings.stream().anyMatch(r -> r.subject().equals(pair)))
                        .count();
        int unread = chain == null ? (int) (pairs.size() - read) : 0;
        SupplyPoint after = unread > 0 ? null : after(point, state);
        return new SupplyPointView(
                point,
                point.title(),
                point.isControl(),
                point.isPaired(),
                pairs,
                readings,
                findings,
                unbalance,
                unread,
                chain,
                after,
                after == null ? "" : "Read the " + Letters.inSentence(after.title()));
    }

    /** Where volts are read after {@code point}: along the control circuit only where they do not reach the coil. */
    private static @Nullable SupplyPoint after(SupplyPoint point, CallState state) {
        return switch (point) {
            case DISCONNECT -> SupplyPoint.LINE;
            case LINE -> SupplyPoint.LOAD;
            case LOAD -> SupplyPoint.TRANSFORMER;
            case TRANSFORMER -> SupplyPoint.COIL;
            case COIL -> state.controlChain().reachesTheEnd() ? null : SupplyPoint.CHAIN;
            case CHAIN -> null;
        };
    }

    private static ChainView chain(CallState state) {
        ControlChain chain = state.controlChain();
        Link gap = chain.gap().orElse(null);
        return new ChainView(
                chain.points().stream()
                        .map(p -> new ChainPointView(
                                p.name(),
                                p.link().name(),
                                p.state(),
                                chain.isFed(p),
                                p.link().equals(gap),
                                ControlChain.canBeAbsent(p.link()) && !chain.isFed(p)))
                        .toList(),
                chain.next().map(ControlChain.Point::name).orElse(null),
                chain.words(),
                List.copyOf(state.supply().linksAbsent()));
    }

    /** With what it was at the last visit. */
    private static JudgedView judged(Line line, Judged judged, List<Finding> findings, String where, Before before) {
        Double last = before.figures().get(UnitHistory.figureKey(where, judged.subject()));
        return JudgedView.of(line.number(), judged, findings, last);
    }

    /** Windings as they would be judged. */
    public static WindingsPreview preview(Windings.Found found) {
        return new WindingsPreview(
                found.judgement().verdicts().stream()
                        .map(v -> JudgedView.of(0, v, List.of()))
                        .toList(),
                found.judgement().findings().stream().map(FindingView::of).toList(),
                found.named().map(Windings.Named::words).orElse(""));
    }

    /** Every place whose windings can be read. */
    static List<WindingsView> windings(CallState state, List<UnitPlace> places) {
        return places.stream()
                .filter(UnitPlace::turns)
                .map(p -> windings(p.id(), p.name(), state.windings().get(p.name()), state.isReadToGround(p.name())))
                .toList();
    }

    private static WindingsView windings(long placeId, String place, @Nullable Line line, boolean isReadToGround) {
        if (line == null) {
            return new WindingsView(placeId, place, List.of(), List.of(), "", null, null, isReadToGround);
        }
        PartEntry.WindingsRead read = (PartEntry.WindingsRead) line.entry();
        return new WindingsView(
                placeId,
                place,
                read.verdicts().stream()
                        .map(v -> JudgedView.of(line.number(), v, List.of()))
                        .toList(),
                read.findings().stream().map(FindingView::of).toList(),
                read.named(),
                read.shellHot(),
                read.isCoolingDown() ? line.atMillis() + Windings.COOL_DOWN_MINUTES * MILLIS_PER_MINUTE : null,
                isReadToGround);
    }

    /** Every place whose running amps can be read. */
    static List<AmpsView> amps(CallState state, List<UnitPlace> places, Before before) {
        return places.stream()
                .filter(UnitPlace::turns)
                .map(p -> amps(p.id(), p.name(), state, before))
                .toList();
    }

    private static AmpsView amps(long placeId, String place, CallState state, Before before) {
        RatedMotor rated = RatedMotor.at(state.plates(), place);
        boolean isCompressor = rated.kind() == RunningAmps.Place.COMPRESSOR;
        Double limit = rated.rated().limit(rated.kind());
        List<JudgedView> readings = new ArrayList<>();
        List<FindingView> findings = new ArrayList<>();
        state.amps().forEach((key, line) -> {
            PartEntry.AmpsRead read = (PartEntry.AmpsRead) line.entry();
            if (place.equals(read.at())) {
                String where = place + " " + read.key();
                readings.add(judged(line, read.judged(), read.findings(), where, before));
                read.alongside().forEach(j -> readings.add(judged(line, j, List.of(), where, before)));
                read.findings().forEach(f -> findings.add(FindingView.of(f)));
            }
        });
        return new AmpsView(
                placeId,
                place,
                rated.kind(),
                limit == null ? "" : (isCompressor ? "RLA " : "FLA ") + Figures.plain(limit) + " A",
                rated.rated().lockedRotor(),
                isThreePhase(state, place, isCompressor) ? List.of("L1", "L2", "L3") : List.of(),
                readings,
                findings,
                start(state.starts().get(place)));
    }

    /** A compressor by its unit's plate, a motor by its own label: a fan of a three-phase unit may be on one phase. */
    private static boolean isThreePhase(CallState state, String place, boolean isCompressor) {
        if (isCompressor && state.plates().facts().phase() == 3) {
            return true;
        }
        for (PartState part : state.parts()) {
            boolean isThere = part.closed() == null && part.added().place().equals(place);
            if (isThere
                    && part.family().turns()
                    && part.spec().number("phase").filter(p -> p == 3).isPresent()) {
                return true;
            }
        }
        return false;
    }

    private static @Nullable StartView start(@Nullable Line line) {
        if (line == null) {
            return null;
        }
        StartEntry.StartCaught caught = (StartEntry.StartCaught) line.entry();
        return new StartView(
                caught.verdicts().stream()
                        .map(v -> JudgedView.of(line.number(), v, List.of()))
                        .toList(),
                caught.findings().stream().map(FindingView::of).toList(),
                caught.wire(),
                line.atMillis());
    }

    static List<FoundView> found(CallState state, List<UnitPlace> places) {
        return places.stream()
                .map(p -> new FoundView(
                        p.id(),
                        Families.find(p.kind()).map(Family::usualTerminals).orElseGet(() -> Terminals.usual(p.kind())),
                        state.place(p.name()).wires(),
                        state.place(p.name()).photos()))
                .toList();
    }
}
