package zestbench.core.charge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.bench.CallAccount;
import zestbench.core.call.CallStatus;
import zestbench.core.call.Command;
import zestbench.core.call.Decider;
import zestbench.core.call.OnCharge;
import zestbench.core.call.Refusal;
import zestbench.core.call.Stock;
import zestbench.core.call.Surroundings;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Verdict;
import zestbench.core.plate.PlateLabel;
import zestbench.core.plate.Plates;
import zestbench.core.proof.Altitude;
import zestbench.core.quantity.InputProblem;
import zestbench.core.shop.ShopRules;
import zestbench.core.tape.CallDigest;
import zestbench.core.tape.CallState;
import zestbench.core.tape.ChargeEntry.Way;
import zestbench.core.tape.ChargeState;
import zestbench.core.tape.Entry;
import zestbench.core.tape.Line;

class ChargeTest {
    private static final Plates PLATES = new Plates(
            new Spec(PlateLabel.read("MODEL A R-410A 5 LB 6 OZ DESIGN PRESSURE HIGH 450 PSIG LOW 250 PSIG 208/230-1-60")
                    .fields()),
            new Spec(PlateLabel.read("MODEL B DESIGN PRESSURE HIGH 300 PSIG LOW 150 PSIG")
                    .fields()));
    private static final Surroundings AROUND = new Surroundings(
            CallStatus.OPEN,
            PLATES,
            null,
            Stock.NONE,
            List.of(),
            Altitude.SEA_LEVEL,
            null,
            ShopRules.DEFAULT,
            0,
            Map.of(),
            "fresh1234567");

    private CallState state = CallState.of(List.of(), PLATES);

    private void then(Command command) {
        for (Entry entry : Decider.decide(state, command, AROUND).entries()) {
            state = Decider.evolve(state, new Line(state.tape().size() + 1L, 0, "Tech 1", entry));
        }
    }

    private static OnCharge.Weigh weigh(Way way, String refrigerant, double ounces, String cylinder) {
        return new OnCharge.Weigh(way, refrigerant, ounces, cylinder, "", "", null);
    }

    @ParameterizedTest
    @CsvSource({"12, 12 oz", "16, 1 lb", "100, 6 lb 4 oz", "0.5, 0.5 oz", "31.96, 2 lb", "15.94, 15.9 oz"})
    void weightsAreToldAsAScaleShowsThem(double ounces, String words) {
        assertThat(Weight.words(ounces)).isEqualTo(words);
    }

    @Test
    void whatIsWeighedInIsThePlatesAndNothingElse() {
        then(weigh(Way.RECOVERED, "", 86, "R-2"));
        then(weigh(Way.ADDED, "", 86, "C-114"));
        assertThat(CallDigest.of(state.tape(), state).charge())
                .extracting(CallDigest.Charge::way)
                .containsExactly(Way.RECOVERED, Way.ADDED);
        assertThat(CallAccount.of(state, "Warm").toString())
                .contains("R-410A added 5 lb 6 oz, cylinder C-114")
                .contains("R-410A recovered 5 lb 6 oz");
        assertThatThrownBy(() -> then(weigh(Way.ADDED, "R-22", 12, "C-9")))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("The plate says R-410A");
        // what came out may be what somebody else put in
        then(weigh(Way.RECOVERED, "R-22", 12, "R-3"));
    }

    @ParameterizedTest
    @CsvSource({"0, C-1, above 0", "-3, C-1, above 0", "12, ' ', cylinder", "20000, C-1, above 0"})
    void whatCannotBeWeighedIsSaid(double ounces, String cylinder, String says) {
        assertThatThrownBy(() -> then(weigh(Way.ADDED, "", ounces, cylinder)))
                .isInstanceOf(InputProblem.class)
                .hasMessageContaining(says);
    }

    /** A charge into a circuit that leaks is a stopgap, with the day to come back. */
    @Test
    void aLeakingCircuitIsChargedUntilADay() {
        then(new OnCharge.Seek("flare nut at the coil", "bubbles", false));
        assertThatThrownBy(() -> then(weigh(Way.ADDED, "", 20, "C-114"))).hasMessageContaining("stopgap");
        then(new OnCharge.Weigh(Way.ADDED, "", 20, "C-114", "", "", "2026-12-10"));
        assertThat(CallDigest.of(state.tape(), state).putIn())
                .singleElement()
                .satisfies(p -> assertThat(p.returnDate()).isEqualTo("2026-12-10"));
        assertThat(CallAccount.of(state, "Warm").toString()).contains("leak at flare nut at the coil (bubbles)");
        then(new OnCharge.Seek("flare nut at the coil", "made anew, bubbles", true));
        then(weigh(Way.ADDED, "", 66, "C-114"));
        assertThat(CallDigest.of(state.tape(), state).putIn().get(1).returnDate())
                .isNull();
    }

    /** The limit is the least that any plate names: 150 psig of the indoor coil's low side. */
    @Test
    void noCircuitIsPressedOverItsLowestPlate() {
        assertThat(TightAndDry.mostPsig(PLATES)).hasValue(150);
        assertThatThrownBy(() -> then(new OnCharge.Press(200, 200, 30, null)))
                .hasMessageContaining("lowest plate stands 150");
        then(new OnCharge.Press(150, 150, 30, null));
        assertThat(ChargeState.judged(state.charge().tests().get(0)).verdict()).isEqualTo(Verdict.GOOD);
    }

    @ParameterizedTest
    @CsvSource({
        "150, 150, 30, GOOD",
        "150, 150, 5, TOO_CLOSE",
        "150, 148, 30, FAILED",
        "150, 149.5, 20, GOOD",
        "150, 165, 30, TOO_CLOSE",
    })
    void aPressureStandsOrItLeaks(double psig, double after, double minutes, Verdict verdict) {
        assertThat(TightAndDry.tightness(psig, after, minutes, null).verdict()).isEqualTo(verdict);
    }

    /** p ÷ T stays [physics]: 150 psig at 90 °F are 164.7 psia at 549.67 °R; at 70 °F, 529.67 °R, they are 158.7 psia, 144 psig. */
    @ParameterizedTest
    @CsvSource({
        "150, 144.0, 60, 90, 70, GOOD",
        "150, 142.5, 60, 90, 70, FAILED",
        "150, 150.0, 60, 90, 70, TOO_CLOSE",
        "150, 156.0, 60, 70, 90, GOOD",
        "150, 150.0, 60, 70, 90, FAILED",
    })
    void aPressureGoesWithItsWarmth(
            double psig, double after, double minutes, double first, double last, Verdict verdict) {
        assertThat(TightAndDry.tightness(psig, after, minutes, new TightAndDry.Warmth(first, last))
                        .verdict())
                .isEqualTo(verdict);
    }

    /** 500 microns and deeper, under 1,000 after ten minutes shut off [practice]. */
    @ParameterizedTest
    @CsvSource({
        "450, 600, 10, GOOD",
        "450, 600, 3, TOO_CLOSE",
        "450, 1500, 10, FAILED",
        "900, 950, 10, FAILED",
    })
    void aVacuumHoldsOrItDoesNot(double microns, double after, double minutes, Verdict verdict) {
        assertThat(TightAndDry.vacuum(microns, after, minutes).verdict()).isEqualTo(verdict);
        assertThat(TightAndDry.vacuum(microns, after, minutes).reckoning().text())
                .doesNotContain("{}")
                .contains(String.valueOf((int) microns));
    }

    @ParameterizedTest
    @CsvSource({"0, 10", "500, 0", "-1, 10", "500, -3"})
    void whatNoGaugeReadsIsSaid(double microns, double minutes) {
        boolean isWrong = microns < 0 || minutes <= 0;
        if (isWrong) {
            assertThatThrownBy(() -> TightAndDry.vacuum(microns, microns, minutes))
                    .isInstanceOf(InputProblem.class);
        } else {
            assertThat(TightAndDry.vacuum(microns, microns, minutes)).isNotNull();
        }
    }
}
