package zestbench.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.Families;
import zestbench.core.call.OnCall;
import zestbench.core.call.OnLabel;
import zestbench.core.call.PartMatch;
import zestbench.core.family.MatchRequest.StockLine;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Grade;
import zestbench.core.shop.ShopRules;

/** A deciding figure that is printed and could not be read lets nothing pass by its gap, on the start page and on a call. */
class UnreadFigureTest {
    private static StockLine line(String kind, String label) {
        return new StockLine("X-1", 1, new Spec(Families.named(kind).read(label).fields()), 10);
    }

    @ParameterizedTest
    @CsvSource({
        "contactor, '2 pole 3_ FLA 40 RES coil 24V', '2 pole 40 FLA 50 RES coil 24V', '2 pole 30 FLA 40 RES coil 24V'",
        "capacitor, '45/5 MFD 4_0 VAC', '45/5 MFD 440 VAC', '45/5 MFD 440 VAC'",
    })
    void isUndecidedUntilItIsRead(String kind, String label, String offered, String whole) {
        StockLine stock = line(kind, offered);
        WorkedCall call = new WorkedCall().then("Tech 1", new OnCall.AddPart(kind, null, "Outdoor unit", ""));
        call.then("Tech 1", new OnLabel.Type(call.part(), label));
        assertThat(grades(call, stock)).as("on a call").isNotEmpty().noneMatch(Grade::fits);
        assertThat(LabelAnswer.read(label)
                        .answer(List.of(stock), Map.of(), ShopRules.DEFAULT, Map.of())
                        .found())
                .satisfiesAnyOf(
                        found -> assertThat(found).isNull(),
                        found -> assertThat(found.offers()).noneMatch(o -> o.canBeChosen()));
        call.then("Tech 1", new OnLabel.Correct(call.part(), whole, spec(kind, whole), Set.of()));
        assertThat(grades(call, stock)).as("once it is read").anyMatch(Grade::fits);
    }

    private static Spec spec(String kind, String label) {
        return new Spec(Families.named(kind).read(label).fields());
    }

    private static List<Grade> grades(WorkedCall call, StockLine stock) {
        return new PartMatch(call.state(), call.part(), ShopRules.DEFAULT)
                .onTruck(List.of(stock)).matches().stream()
                        .map(match -> match.grade())
                        .toList();
    }
}
