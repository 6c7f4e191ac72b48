package zestbench.core.families;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import zestbench.core.Families;
import zestbench.core.family.Family;
import zestbench.core.family.HookupRequest;
import zestbench.core.family.Spec;
import zestbench.core.family.TestRequest;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;
import zestbench.core.shop.ShopRules;

/** Overload relays, phase monitors, thermostats and control boards. */
class ControlPartsTest {
    private static Spec spec(String kind, String label) {
        return new Spec(Families.read(kind, label).fields());
    }

    @ParameterizedTest(name = "{0} is a {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "OVERLOAD RELAY 6-12 A CLASS 20 3 POLE MANUAL RESET | overload | lowAmps=6 highAmps=12 tripClass=20 reset=MANUAL poles=3",
                "electronic overload range 3-15 amps class 10 set at 8.4 | overload | lowAmps=3 highAmps=15 setAmps=8.4 tripClass=10 element=ELECTRONIC",
                "THERMAL OVERLOAD SETTING 9 TO 13 A TRIP CLASS 10 | overload | lowAmps=9 highAmps=13 tripClass=10 element=THERMAL",
                "PHASE MONITOR 190-480 V SPDT UNBALANCE 4 % DELAY 5 SECONDS | phase-monitor | lowVolts=190 highVolts=480 setUnbalancePercent=4 setDelaySeconds=5 contacts=SPDT",
                "3 phase monitor line volts 430-480 dpdt auto reset | phase-monitor | lowVolts=430 highVolts=480 contacts=DPDT reset=AUTOMATIC",
                "THERMOSTAT 24 V 2 HEAT 1 COOL HEAT PUMP OR CONVENTIONAL BATTERY OR C WIRE | thermostat | coolStages=1 heatStages=2 serves=EITHER power=EITHER volts=[24]",
                "thermostat heat pump only stages heat 3 stages cool 2 c wire required 24v | thermostat | coolStages=2 heatStages=3 serves=HEAT_PUMP power=C_WIRE volts=[24]",
                "CONTROL BOARD NO 4417-CB FUSE 3 A 24 V | board | boardNumber=4417-CB fuseAmps=3 volts=[24]",
                "defrost control part no 88D12 replaces 77D04 | board | boardNumber=88D12 replaces=77D04",
            })
    void aLabelTellsItselfAndItsFields(String text, String kind, String fields) {
        assertThat(LabelsTest.text(Families.read(kind, text), kind)).isEqualTo(fields);
        assertThat(LabelsTest.text(Families.read(Families.AUTO, text), kind)).isEqualTo(fields);
    }

    private static Judgement judge(String kind, Spec spec, String section, String reading) {
        Quantity quantity = Families.named(kind).quantity(section);
        Reading taken =
                reading.equals("OL") ? Reading.overRange(quantity) : Reading.of(quantity, Double.parseDouble(reading));
        return Families.named(kind)
                .judge(new TestRequest(
                        spec, List.of(new SectionReading(section, taken)), Meter.USUAL, ShopRules.DEFAULT));
    }

    /** A dial over 125 % of FLA guards nothing [NEC 430.32(A)(1)]; contacts by practice. */
    @ParameterizedTest(name = "{0} {1}, {2} {3}: {4}")
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "overload | 6-12 A | 95–96 | 0.2 | GOOD | -",
                "overload | 6-12 A | 95–96 | 9 | WEAK | -",
                "overload | 6-12 A | 95–96 | OL | TOO_CLOSE | tripped",
                "overload | 6-12 A | SETTING | 8 | - | -",
                "phase-monitor | 190-480 V | CONTACT | 0.1 | GOOD | -",
                "phase-monitor | 190-480 V | CONTACT | OL | TOO_CLOSE | -",
                "thermostat | 24 V | R–Y | 0.3 | GOOD | -",
                "thermostat | 24 V | R–W | OL | FAILED | five minutes",
                "board | FUSE 3 A | FUSE | 0.1 | GOOD | -",
                "board | FUSE 3 A | FUSE | OL | - | never a larger one",
                "board | FUSE 3 A | 24 V IN | 26.1 | GOOD | -",
                "board | FUSE 3 A | 24 V IN | 0.4 | - | primary",
            })
    void readingsAreJudged(
            String kind,
            String label,
            String section,
            String reading,
            @Nullable Verdict overall,
            @Nullable String says) {
        Judgement judgement = judge(kind, spec(kind, label), section, reading);
        assertThat(judgement.overall()).as(judgement.toString()).isEqualTo(overall);
        assertThat(says == null
                        || judgement.findings().stream().anyMatch(f -> f.text().contains(says)))
                .as(judgement.findings().toString())
                .isTrue();
    }

    @ParameterizedTest
    @CsvSource({"8.4, GOOD", "8.0, GOOD", "9.5, WEAK", "7.0, WEAK", "10.5, WEAK", "10.6, FAILED"})
    void theDialBelongsAtTheMotorsOwnAmps(double dial, Verdict verdict) {
        Spec spec = spec("overload", "OVERLOAD 6-12 A CLASS 20")
                .with("motorFullLoadAmps", zestbench.core.value.Value.of(8.4));
        assertThat(judge("overload", spec, "SETTING", String.valueOf(dial)).overall())
                .isEqualTo(verdict);
    }

    @ParameterizedTest
    @ValueSource(strings = {"overload", "phase-monitor", "thermostat", "board"})
    void eachHasItsSheetItsProofAndItsHelp(String kind) {
        Family family = Families.named(kind);
        Spec spec = spec(kind, "24 V");
        HookupRequest request = new HookupRequest(spec, List.of(spec), List.of(), List.of());
        assertThat(family.sheet(request).steps()).isNotEmpty();
        assertThat(family.proof(request).before()).isNotEmpty();
        assertThat(family.proof(request).running()).isNotEmpty();
        assertThat(family.shortText(Spec.EMPTY)).isEqualTo("label not complete");
    }
}
