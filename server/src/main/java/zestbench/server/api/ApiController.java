package zestbench.server.api;

import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zestbench.core.Families;
import zestbench.core.family.Attribute;
import zestbench.core.family.Family;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.family.MatchRequest.Doubted;
import zestbench.core.family.MatchRequest.Offer;
import zestbench.core.family.MatchRequest.StockLine;
import zestbench.core.family.MatchRequest.Witness;
import zestbench.core.family.Spec;
import zestbench.core.family.TestRequest;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Verdict;
import zestbench.core.label.LabelRead;
import zestbench.core.plate.PlateAttributes;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Limits;
import zestbench.core.quantity.Meter;
import zestbench.core.supply.PairReading;
import zestbench.core.supply.SupplyVoltage;
import zestbench.core.supply.Unbalance;
import zestbench.core.value.Value;
import zestbench.server.api.ApiModels.AssignmentGiven;
import zestbench.server.api.ApiModels.CriterionGiven;
import zestbench.server.api.ApiModels.FindingGiven;
import zestbench.server.api.ApiModels.JudgeAnswer;
import zestbench.server.api.ApiModels.JudgeRequest;
import zestbench.server.api.ApiModels.MatchAsked;
import zestbench.server.api.ApiModels.MatchGiven;
import zestbench.server.api.ApiModels.MatchedAnswer;
import zestbench.server.api.ApiModels.MeterGiven;
import zestbench.server.api.ApiModels.ReadAnswer;
import zestbench.server.api.ApiModels.ReadRequest;
import zestbench.server.api.ApiModels.TakenReading;
import zestbench.server.api.ApiModels.VerdictGiven;
import zestbench.server.change.ChangesNothing;
import zestbench.server.problem.TooLarge;

/** Reading, judging and matching for other programs: stateless, no call or stored part needed. */
@ChangesNothing
@RestController
class ApiController {
    private static final int LONGEST_TEXT = 20_000;
    private static final int MOST_OFFERS = 500;
    private static final int MOST_STOCK = 2_000;
    private static final int MOST_READINGS = 1_000;
    private static final double MOST_VOLTS = 1_000;
    private static final String VOLTAGE = "voltage";
    private static final String UNBALANCE = "unbalance";
    private static final String WINDING = "winding";
    private static final String AMPS = "amps";
    private static final String UNDER_LOAD = "capacitor-under-load";
    private static final String PROOF = "proof";

    private final ApiProof proof;
    private final Computing computing;

    ApiController(ApiProof proof, Computing computing) {
        this.proof = proof;
        this.computing = computing;
    }

    @PostMapping("/api/read")
    ReadAnswer read(@Valid @RequestBody ReadRequest request) {
        int length = request.text().length();
        if (length > LONGEST_TEXT) {
            throw new TooLarge("The text has " + length + " characters; give up to 20,000");
        }
        String kind = request.kind() == null ? Families.AUTO : request.kind();
        return answer(computing.run(() -> Families.read(kind, request.text())));
    }

    static ReadAnswer answer(LabelRead read) {
        return new ReadAnswer(
                read.kind(),
                read.sure(),
                read.fields(),
                read.reads().stream()
                        .map(p -> new ApiModels.Piece(p.field(), p.text(), p.start(), p.end(), p.sure()))
                        .toList(),
                read.doubts().stream()
                        .map(d -> new ApiModels.Doubt(d.field(), d.why(), d.suggest()))
                        .toList(),
                read.unread());
    }

    @PostMapping("/api/judge")
    JudgeAnswer judge(@Valid @RequestBody JudgeRequest request) {
        int readings = request.readings() == null ? 0 : request.readings().size();
        if (readings > MOST_READINGS) {
            throw new TooLarge("There are " + readings + " readings; give up to 1,000");
        }
        return switch (request.kind()) {
            case VOLTAGE ->
                answer(SupplyVoltage.judge(
                        spec(PlateAttributes.ALL, request.spec(), "spec"), pairs(request), meter(request.meter())));
            case UNBALANCE -> answer(Unbalance.judge(pairs(request), meter(request.meter())));
            case WINDING -> answer(ApiMotor.windings(request, meter(request.meter())));
            case AMPS -> answer(ApiMotor.amps(request, meter(request.meter())));
            case PROOF -> answer(proof.judge(request));
            default -> judgePart(request);
        };
    }

    private static List<PairReading> pairs(JudgeRequest request) {
        List<PairReading> out = new ArrayList<>();
        for (TakenReading taken : request.readings()) {
            String field = "readings[" + out.size() + "]";
            InputProblem.require(taken != null, field, null, "give a pair and its volts");
            try {
                out.add(new PairReading(
                        InputProblem.given(
                                taken.pair(), "pair", "name two legs, as L1-L2, or a leg and ground, as L1-G"),
                        InputProblem.given(taken.volts(), "volts", "give the volts that were read")));
            } catch (InputProblem problem) {
                throw problem.within(field);
            }
        }
        return out;
    }

    private static JudgeAnswer judgePart(JudgeRequest request) {
        boolean underLoad = request.kind().equals(UNDER_LOAD);
        Family family = underLoad ? Families.named("capacitor") : Families.named(request.kind());
        Spec spec = spec(family.attributes(), request.spec(), "spec");
        Meter meter = meter(request.meter());
        List<SectionReading> readings = new ArrayList<>();
        for (int i = 0; i < request.readings().size(); i++) {
            TakenReading taken = request.readings().get(i);
            InputProblem.require(taken != null, "readings[" + i + "]", null, "give a reading");
            readings.add(
                    underLoad
                            ? underLoad(family, taken, i, meter)
                            : ApiParts.reading(family, taken, "readings[" + i + "]"));
        }
        Judgement judgement =
                family.judge(new TestRequest(spec, readings, meter, RulesPart.orDefault(request.rules())));
        return answer(judgement);
    }

    private static JudgeAnswer answer(Judgement judgement) {
        List<VerdictGiven> verdicts = judgement.verdicts().stream()
                .filter(v -> v.verdict() != Verdict.NOT_JUDGED)
                .map(v -> {
                    Limits limits = v.limits();
                    return new VerdictGiven(
                            v.subject(),
                            ApiModels.Outcome.of(v.verdict()),
                            limits == null ? null : limits.low(),
                            limits == null ? null : limits.high(),
                            v.reading().isFigure() ? v.reading().value() : null,
                            v.uncertainty(),
                            v.reckoning().text(),
                            v.reckoning().mark());
                })
                .toList();
        Verdict overall = judgement.overall();
        return new JudgeAnswer(
                verdicts,
                overall == null ? null : ApiModels.Outcome.of(overall),
                FindingGiven.of(judgement.findings()));
    }

    private static SectionReading underLoad(Family capacitor, TakenReading taken, int index, Meter meter) {
        try {
            return capacitor.underLoad(
                    taken.section(),
                    InputProblem.given(taken.amps(), "amps", "under load amps, volts and hertz are needed"),
                    InputProblem.given(taken.volts(), "volts", "under load amps, volts and hertz are needed"),
                    InputProblem.given(taken.hertz(), "hertz", "under load amps, volts and hertz are needed"),
                    meter);
        } catch (InputProblem problem) {
            throw problem.within("readings[" + index + "]");
        }
    }

    @PostMapping("/api/match")
    MatchedAnswer match(@Valid @RequestBody MatchAsked request) {
        Family family = Families.named(request.kind());
        List<Attribute> attributes = family.attributes();
        List<ApiModels.OfferGiven> offers = orEmpty(request.offers());
        List<ApiModels.StockGiven> stock = orEmpty(request.stock());
        if (offers.size() > MOST_OFFERS || stock.size() > MOST_STOCK) {
            throw new TooLarge("There are " + offers.size() + " offers and " + stock.size()
                    + " lines of stock; give up to 500 offers and 2,000 lines");
        }
        MatchRequest asked = new MatchRequest(
                spec(attributes, request.required(), "required"),
                witnesses(request),
                circuit(request.context()),
                offers(attributes, offers),
                stock(attributes, stock),
                RulesPart.orDefault(request.rules()),
                doubted(request.doubted()));
        MatchAnswer answer = computing.run(() -> family.match(asked));
        return new MatchedAnswer(
                FindingGiven.of(answer.findings()),
                answer.matches().stream().map(ApiController::match).toList());
    }

    private static Doubted doubted(ApiModels.@Nullable DoubtedGiven given) {
        if (given == null) {
            return Doubted.NOTHING;
        }
        Map<String, Set<String>> offers = new LinkedHashMap<>();
        Map<String, List<String>> named = given.offers() == null ? Map.of() : given.offers();
        named.forEach((id, fields) -> offers.put(id, new LinkedHashSet<>(orEmpty(fields))));
        return new Doubted(new LinkedHashSet<>(orEmpty(given.required())), offers);
    }

    static MatchGiven match(MatchAnswer.Match match) {
        return new MatchGiven(
                match.offer(),
                match.assignment().stream()
                        .map(a -> new AssignmentGiven(a.id(), a.terminal(), a.sections()))
                        .toList(),
                match.grade(),
                match.criteria().stream()
                        .map(c -> new CriterionGiven(
                                c.attribute(),
                                c.required(),
                                c.offered(),
                                c.outcome(),
                                c.why().text(),
                                c.why().mark()))
                        .toList(),
                match.changes(),
                match.asks());
    }

    private static List<Witness> witnesses(MatchAsked request) {
        List<Witness> out = new ArrayList<>();
        for (ApiModels.WitnessGiven witness : orEmpty(request.witnesses())) {
            InputProblem.require(
                    witness != null && witness.from() != null && witness.fields() != null,
                    "witnesses[" + out.size() + "]",
                    null,
                    "give from and fields");
            out.add(new Witness(witness.from(), new Spec(witness.fields())));
        }
        return out;
    }

    private static Circuit circuit(ApiModels.@Nullable CircuitGiven given) {
        if (given == null) {
            return Circuit.UNKNOWN;
        }
        Double hertz = given.supplyHertz();
        InputProblem.require(
                hertz == null || hertz == 50 || hertz == 60, "context.supplyHertz", hertz, "give 50 or 60");
        Double volts = given.lineVolts();
        InputProblem.require(
                volts == null || (volts > 0 && volts <= MOST_VOLTS),
                "context.lineVolts",
                volts,
                "give the volts that were read, up to 1,000");
        Integer phase = given.phase();
        InputProblem.require(phase == null || phase == 1 || phase == 3, "context.phase", phase, "give 1 or 3");
        Integer taps = given.usedTaps();
        InputProblem.require(taps == null || taps >= 0, "context.usedTaps", taps, "give 0 or more");
        return new Circuit(
                hertz,
                volts,
                phase,
                spec(PlateAttributes.ALL, given.plate(), "context.plate"),
                taps,
                ApiParts.beside(given),
                ApiParts.role(given));
    }

    private static List<Offer> offers(List<Attribute> attributes, List<ApiModels.OfferGiven> given) {
        List<Offer> out = new ArrayList<>();
        for (ApiModels.OfferGiven offer : given) {
            String field = "offers[" + out.size() + "]";
            InputProblem.require(offer != null && offer.id() != null, field + ".id", null, "give each offer an id");
            out.add(new Offer(offer.id(), spec(attributes, offer.spec(), field + ".spec")));
        }
        return out;
    }

    private static List<StockLine> stock(List<Attribute> attributes, List<ApiModels.StockGiven> given) {
        List<StockLine> out = new ArrayList<>();
        for (ApiModels.StockGiven line : given) {
            String field = "stock[" + out.size() + "]";
            InputProblem.require(line != null && line.id() != null, field + ".id", null, "give each line an id");
            InputProblem.require(line.quantity() >= 0, field + ".quantity", line.quantity(), "give 0 or more");
            double cost = line.cost() == null ? 0 : line.cost();
            InputProblem.require(cost >= 0 && Double.isFinite(cost), field + ".cost", cost, "give 0 or more");
            out.add(new StockLine(line.id(), line.quantity(), spec(attributes, line.spec(), field + ".spec"), cost));
        }
        return out;
    }

    static Spec spec(List<Attribute> attributes, Value.@Nullable Fields fields, String place) {
        if (fields == null) {
            return Spec.EMPTY;
        }
        try {
            return Spec.checked(attributes, fields);
        } catch (InputProblem problem) {
            throw problem.within(place);
        }
    }

    private static Meter meter(@Nullable MeterGiven given) {
        if (given == null) {
            return Meter.USUAL;
        }
        return new Meter(
                given.percent() == null ? Meter.USUAL.percent() : given.percent(),
                given.counts() == null ? Meter.USUAL.counts() : given.counts(),
                given.resolution(),
                given.range());
    }

    private static <T> List<T> orEmpty(@Nullable List<T> list) {
        return list == null ? List.of() : list;
    }
}
