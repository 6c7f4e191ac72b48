package zestbench.server.api;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judgement;
import zestbench.core.plate.PlateAttributes;
import zestbench.core.plate.Plates;
import zestbench.core.proof.Altitude;
import zestbench.core.proof.ProofPoint;
import zestbench.core.proof.ProofSetup;
import zestbench.core.proof.UnitProof;
import zestbench.core.quantity.InputProblem;
import zestbench.server.api.ApiModels.JudgeRequest;
import zestbench.server.api.ApiModels.TakenReading;
import zestbench.server.refrigerant.Refrigerants;

/** The proof of a whole unit in the open interface: its plate as spec, temperatures and pressures as readings. */
@Component
class ApiProof {
    private final Refrigerants refrigerants;

    ApiProof(Refrigerants refrigerants) {
        this.refrigerants = refrigerants;
    }

    /** Figures that are shown and not judged stand in the findings with their reckoning. */
    Judgement judge(JudgeRequest request) {
        Spec plate = ApiController.spec(PlateAttributes.ALL, request.spec(), "spec");
        Map<ProofPoint, Double> readings = new EnumMap<>(ProofPoint.class);
        for (int i = 0; i < request.readings().size(); i++) {
            take(request.readings().get(i), "readings[" + i + "]", readings);
        }
        Plates plates = new Plates(plate, Spec.EMPTY);
        Altitude altitude = new Altitude(request.altitudeFeet() == null ? 0 : request.altitudeFeet());
        UnitProof.Answer answer = UnitProof.of(
                readings,
                ProofSetup.of(
                        plates,
                        refrigerants.find(ProofSetup.refrigerantOf(plates)),
                        altitude,
                        RulesPart.orDefault(request.rules())));
        List<Finding> findings = new ArrayList<>();
        answer.shown()
                .forEach(s -> findings.add(Finding.info(s.title() + " "
                        + s.reading().text() + ": " + s.reckoning().text())));
        findings.addAll(answer.findings());
        return Judgement.of(answer.verdicts(), findings);
    }

    private static void take(@Nullable TakenReading given, String field, Map<ProofPoint, Double> readings) {
        TakenReading taken = InputProblem.given(given, field, "give a point and its figure, as returnFahrenheit: 75");
        boolean isGiven = false;
        for (ProofPoint point : ProofPoint.values()) {
            Double value = taken.at(point);
            if (value != null) {
                isGiven = true;
                try {
                    InputProblem.require(
                            readings.put(point, point.checked(value)) == null,
                            point.field(),
                            value,
                            "it is given twice");
                } catch (InputProblem problem) {
                    throw problem.within(field);
                }
            }
        }
        InputProblem.require(isGiven, field, null, "give a point and its figure, as returnFahrenheit: 75");
    }
}
