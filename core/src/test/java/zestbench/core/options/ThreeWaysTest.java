package zestbench.core.options;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.family.Spec;
import zestbench.core.options.CustomerOption.Line;
import zestbench.core.options.CustomerOption.Tier;
import zestbench.core.plate.PlateLabel;
import zestbench.core.plate.Plates;
import zestbench.core.plate.UnitAge;

/** What is open once a compressor is condemned. */
class ThreeWaysTest {
    private static final String TODAY = "2026-11-28";

    private static Plates plates(String text) {
        return new Plates(new Spec(PlateLabel.read(text).fields()), Spec.EMPTY);
    }

    private static List<CustomerOption> of(String plate, int replaced, String until, boolean isAcid) {
        return ThreeWays.of(
                "p1", new ThreeWays.Known("3 ton R-410A", null, plates(plate), replaced, until, isAcid, TODAY));
    }

    /** What most speaks for stands first; where nothing tells, the least that puts it right. */
    @ParameterizedTest(name = "{0}, {1} replaced, warranty {2}, acid {3}: {4}")
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "R-410A MFD 04/2022 208/230-1-60 | 0 | - | false | PROPER",
                "R-410A MFD 04/2018 208/230-1-60 | 0 | 2028-04-01 | false | PROPER",
                "R-410A MFD 04/2014 208/230-1-60 | 3 | - | false | OUTDOOR_UNIT",
                "R-410A MFD 04/2014 208/230-1-60 | 1 | - | true | OUTDOOR_UNIT",
                "R-410A MFD 04/2008 208/230-1-60 | 3 | - | true | SYSTEM",
                "R-22 MFD 04/2009 208/230-1-60 | 0 | - | false | SYSTEM",
                "R-410A 208/230-1-60 | 0 | - | false | PROPER",
            })
    void ageRepairsAndRefrigerantAreWeighed(String plate, int replaced, String until, boolean isAcid, Tier first) {
        List<CustomerOption> all = of(plate, replaced, until, isAcid);
        assertThat(all).extracting(CustomerOption::tier).containsOnlyOnce(Tier.PROPER, Tier.OUTDOOR_UNIT, Tier.SYSTEM);
        assertThat(all.get(0).tier()).as("%s", all).isEqualTo(first);
        assertThat(all)
                .as("no price is guessed")
                .allSatisfy(o -> assertThat(o.total()).isEmpty())
                .allSatisfy(o -> assertThat(o.reckoning()).startsWith("to be priced: "));
    }

    @Test
    void itsPartsAreNamedAndOneThatTheTruckHasIsPriced() {
        Known known = new Known("R-410A 5 LB 6 OZ MFD 04/2020", true);
        List<CustomerOption> all = ThreeWays.of("p1", known.with(new Line("Compressor, 3 ton", 1, 640.0)));
        CustomerOption compressor =
                all.stream().filter(o -> o.tier() == Tier.PROPER).findFirst().orElseThrow();
        assertThat(compressor.parts())
                .extracting(Line::name)
                .satisfiesExactly(
                        name -> assertThat(name).isEqualTo("Compressor, 3 ton"),
                        name -> assertThat(name).isEqualTo("Liquid line drier"),
                        name -> assertThat(name).startsWith("Suction line drier"),
                        name -> assertThat(name).isEqualTo("R-410A, 5 lb 6 oz by the plate"));
        assertThat(compressor.reckoning()).doesNotContain("Compressor, 3 ton").contains("Liquid line drier");
    }

    private record Known(String plate, boolean isAcid) {
        ThreeWays.Known with(Line offered) {
            return new ThreeWays.Known("3 ton R-410A", offered, plates(plate), 0, null, isAcid, TODAY);
        }
    }

    @ParameterizedTest
    @CsvSource({"04/2014, 12", "11/2016, 10", "12/2016, 9", "12/2026, ", "'', "})
    void aUnitIsAsOldAsItsPlateSays(String made, Integer years) {
        Spec plate = plates(made.isEmpty() ? "R-410A" : "R-410A MFD " + made).outdoor();
        var age = UnitAge.years(plate, TODAY);
        assertThat(age.isPresent() ? age.getAsInt() : null).isEqualTo(years);
    }
}
