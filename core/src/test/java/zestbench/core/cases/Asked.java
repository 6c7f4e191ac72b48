package zestbench.core.cases;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import zestbench.core.Families;
import zestbench.core.amps.RunningAmps;
import zestbench.core.capacitor.UnderLoad;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.MatchRequest.Beside;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.family.MatchRequest.CrankcaseHeat;
import zestbench.core.family.MatchRequest.Offer;
import zestbench.core.family.MatchRequest.Protects;
import zestbench.core.family.MatchRequest.Role;
import zestbench.core.family.MatchRequest.Source;
import zestbench.core.family.MatchRequest.StockLine;
import zestbench.core.family.MatchRequest.Switches;
import zestbench.core.family.MatchRequest.Witness;
import zestbench.core.family.Spec;
import zestbench.core.family.TestRequest;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.fuse.FuseJudgement;
import zestbench.core.judgement.Judgement;
import zestbench.core.plate.Plates;
import zestbench.core.proof.Altitude;
import zestbench.core.proof.ProofPoint;
import zestbench.core.proof.ProofSetup;
import zestbench.core.proof.UnitProof;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;
import zestbench.core.shop.ShopRules;
import zestbench.core.supply.PairReading;
import zestbench.core.supply.SupplyVoltage;
import zestbench.core.supply.Unbalance;
import zestbench.core.winding.PairOhms;
import zestbench.core.winding.Windings;

/** What a case asks, put to the core as the open interface would put it. */
final class Asked {
    private Asked() {}

    static MatchAnswer match(JsonNode body) {
        return match(body, List.of());
    }

    /** @param doubted fields of what is needed that were read with a doubt */
    static MatchAnswer match(JsonNode body, List<String> doubted) {
        MatchRequest request = new MatchRequest(
                Json.spec(body.get("required")),
                Json.rows(body, "witnesses").stream()
                        .map(w -> new Witness(Source.valueOf(w.get("from").asString()), Json.spec(w.get("fields"))))
                        .toList(),
                circuit(body.get("context")),
                Json.rows(body, "offers").stream()
                        .map(o -> new Offer(o.get("id").asString(), Json.spec(o.get("spec"))))
                        .toList(),
                Json.rows(body, "stock").stream()
                        .map(o -> new StockLine(
                                o.get("id").asString(),
                                o.get("quantity").asInt(),
                                Json.spec(o.get("spec")),
                                o.has("cost") ? o.get("cost").asDouble() : 0))
                        .toList(),
                rules(body.get("rules")),
                new MatchRequest.Doubted(Set.copyOf(doubted), Map.of()));
        return Families.named(body.get("kind").asString()).match(request);
    }

    private static Circuit circuit(@Nullable JsonNode c) {
        if (c == null) {
            return Circuit.UNKNOWN;
        }
        Double phase = Json.number(c, "phase");
        Double wires = Json.number(c, "wiresFound");
        Double taps = Json.number(c, "usedTaps");
        String heat = Json.text(c, "crankcaseHeat");
        String protects = Json.text(c, "protects");
        String switches = Json.text(c, "switches");
        return new Circuit(
                Json.number(c, "supplyHertz"),
                Json.number(c, "lineVolts"),
                phase == null ? null : phase.intValue(),
                Json.spec(c.get("plate")),
                taps == null ? null : taps.intValue(),
                new Beside(
                        Json.number(c, "connectedVoltAmps"),
                        Json.number(c, "connectedInrushVoltAmps"),
                        heat == null ? null : CrankcaseHeat.valueOf(heat),
                        wires == null ? null : wires.intValue(),
                        Json.text(c, "refrigerant"),
                        Json.number(c, "shortCircuitKiloamps")),
                new Role(
                        protects == null ? null : Protects.valueOf(protects),
                        switches == null ? null : Switches.valueOf(switches),
                        Json.number(c, "loadAmps"),
                        c.has("indoors") ? Boolean.valueOf(Json.flag(c, "indoors")) : null,
                        null));
    }

    private static ShopRules rules(@Nullable JsonNode r) {
        ShopRules d = ShopRules.DEFAULT;
        if (r == null) {
            return d;
        }
        return new ShopRules(
                r.has("capacitorOut")
                        ? ShopRules.CapacitorOut.valueOf(r.get("capacitorOut").asString())
                        : d.capacitorOut(),
                Json.flag(r, "otherNominalWithinTolerance"),
                r.has("makeUpCapacitors")
                        ? ShopRules.MakeUp.valueOf(r.get("makeUpCapacitors").asString())
                        : d.makeUpCapacitors(),
                r.has("universalCapacitor")
                        ? ShopRules.Universal.valueOf(
                                r.get("universalCapacitor").asString())
                        : d.universalCapacitor(),
                d.newCapacitorWithMotor(),
                r.has("motorPowerStep")
                        ? ShopRules.PowerStep.valueOf(r.get("motorPowerStep").asString())
                        : d.motorPowerStep(),
                d.wholeFuseSet(),
                d.replacePittedContactor(),
                r.has("shuntToTwoPole")
                        ? ShopRules.ShuntToTwoPole.valueOf(
                                r.get("shuntToTwoPole").asString())
                        : d.shuntToTwoPole(),
                r.has("smallerTransformer")
                        ? ShopRules.SmallerTransformer.valueOf(
                                r.get("smallerTransformer").asString())
                        : d.smallerTransformer(),
                d.discharge(),
                d.temperatureSplitLow(),
                d.temperatureSplitHigh());
    }

    static Judgement judge(JsonNode body) {
        Spec spec = Json.spec(body.get("spec"));
        Meter meter = meter(body.get("meter"));
        List<JsonNode> readings = Json.rows(body, "readings");
        String kind = body.get("kind").asString();
        return switch (kind) {
            case "voltage" -> SupplyVoltage.judge(spec, pairs(readings), meter);
            case "unbalance" -> Unbalance.judge(pairs(readings), meter);
            case "winding" ->
                Windings.judge(
                                readings.stream()
                                        .map(r -> PairOhms.of(
                                                r.get("pair").asString(),
                                                reading(r, Quantity.OHMS, "ohms"),
                                                r.has("testVolts")
                                                        ? r.get("testVolts").asDouble()
                                                        : 0))
                                        .toList(),
                                body.has("shellHot") ? Boolean.valueOf(Json.flag(body, "shellHot")) : null,
                                spec.number("phase").orElse(0.0).intValue(),
                                meter)
                        .judgement();
            case "amps" -> amps(spec, readings, meter);
            case "proof" -> proof(spec, readings, body);
            default -> part(kind, spec, readings, meter, rules(body.get("rules")));
        };
    }

    private static Judgement amps(Spec spec, List<JsonNode> readings, Meter meter) {
        return RunningAmps.judge(
                readings.stream()
                        .map(r -> new RunningAmps.Taken(
                                RunningAmps.Place.valueOf(r.get("place").asString()),
                                r.get("amps").asDouble(),
                                Json.number(r, "inrushAmps"),
                                Json.number(r, "volts"),
                                null,
                                false))
                        .toList(),
                new RunningAmps.Rated(
                        spec.number("ratedLoadAmps").orElse(null),
                        spec.number("fullLoadAmps").orElse(null),
                        spec.number("lockedRotorAmps").orElse(null),
                        spec.numbers("volts")),
                meter);
    }

    private static Judgement proof(Spec plate, List<JsonNode> readings, JsonNode body) {
        Map<ProofPoint, Double> read = new EnumMap<>(ProofPoint.class);
        for (JsonNode reading : readings) {
            for (ProofPoint point : ProofPoint.values()) {
                Double value = Json.number(reading, point.field());
                if (value != null) {
                    read.put(point, value);
                }
            }
        }
        Plates plates = new Plates(plate, Spec.EMPTY);
        return UnitProof.of(
                        read,
                        ProofSetup.of(
                                plates,
                                ShippedTables.find(ProofSetup.refrigerantOf(plates)),
                                Altitude.SEA_LEVEL,
                                rules(body.get("rules"))))
                .judgement();
    }

    private static Judgement part(String kind, Spec spec, List<JsonNode> readings, Meter meter, ShopRules rules) {
        boolean isUnderLoad = kind.equals("capacitor-under-load");
        List<SectionReading> taken = new ArrayList<>();
        for (JsonNode r : readings) {
            taken.add(
                    isUnderLoad
                            ? UnderLoad.of(
                                            r.get("amps").asDouble(),
                                            r.get("volts").asDouble(),
                                            r.get("hertz").asDouble(),
                                            meter)
                                    .of(Json.text(r, "section"))
                            : section(kind, r));
        }
        return Families.named(isUnderLoad ? "capacitor" : kind).judge(new TestRequest(spec, taken, meter, rules));
    }

    private static SectionReading section(String kind, JsonNode r) {
        return switch (kind) {
            case "contactor", "relay" ->
                r.has("pulledIn")
                        ? new SectionReading("PULLED IN", Reading.of(Quantity.VOLTS, Json.flag(r, "pulledIn") ? 1 : 0))
                        : r.has("coilVolts")
                                ? new SectionReading("COIL VOLTS", reading(r, Quantity.VOLTS, "coilVolts"))
                                : r.has("pole")
                                        ? new SectionReading(
                                                "POLE " + r.get("pole").asInt(),
                                                reading(r, Quantity.VOLTS, "voltsAcross"))
                                        : new SectionReading("COIL", reading(r, Quantity.OHMS, "coilOhms"));
            case "fuse" -> {
                int position = r.has("position") ? r.get("position").asInt() : 1;
                yield r.has("voltsAcross")
                        ? new SectionReading(
                                FuseJudgement.live(position, !r.has("loadOn") || Json.flag(r, "loadOn")),
                                reading(r, Quantity.VOLTS, "voltsAcross"))
                        : new SectionReading("FUSE " + position, reading(r, Quantity.OHMS, "ohms"));
            }
            case "transformer" ->
                r.has("primaryVolts")
                        ? new SectionReading("PRIMARY", reading(r, Quantity.VOLTS, "primaryVolts"))
                        : new SectionReading(
                                Json.flag(r, "loaded") ? "SECONDARY" : "SECONDARY, NO LOAD",
                                reading(r, Quantity.VOLTS, "secondaryVolts"));
            default -> new SectionReading(Json.text(r, "section"), reading(r, Quantity.MICROFARADS, "microfarads"));
        };
    }

    private static Reading reading(JsonNode r, Quantity quantity, String name) {
        if (Json.flag(r, "open")) {
            return Reading.open(quantity);
        }
        return Json.flag(r, "overRange")
                ? Reading.overRange(quantity)
                : Reading.of(quantity, r.get(name).asDouble(), Json.number(r, "resolution"));
    }

    private static List<PairReading> pairs(List<JsonNode> readings) {
        return readings.stream()
                .map(r ->
                        new PairReading(r.get("pair").asString(), r.get("volts").asDouble()))
                .toList();
    }

    private static Meter meter(@Nullable JsonNode m) {
        return m == null
                ? Meter.USUAL
                : new Meter(
                        m.has("percent") ? m.get("percent").asDouble() : Meter.USUAL.percent(),
                        m.has("counts") ? m.get("counts").asDouble() : Meter.USUAL.counts(),
                        Json.number(m, "resolution"),
                        Json.number(m, "range"));
    }
}
