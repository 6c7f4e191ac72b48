package zestbench.core.label;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import zestbench.core.Families;
import zestbench.core.bench.PhotoRead;
import zestbench.core.bench.PhotoRead.PhotoReadView;
import zestbench.core.bench.PhotoRead.SeenPieceView;
import zestbench.core.label.SeenText.Alternative;
import zestbench.core.value.Value;

/** What a camera saw: a sign that may be another makes a doubt where it makes another value, and only there. */
class SeenTextTest {
    private static final String TEXT = "45/5 MFD 440 VAC ±6%\nMOTOR RUN";

    private static SeenText.Seen read(Alternative... alternatives) {
        return new SeenText(TEXT, List.of(alternatives)).read(text -> Families.read("capacitor", text));
    }

    @Test
    void aSignThatMayBeAnotherIsADoubtWithTheOtherValue() {
        SeenText.Seen seen = read(new Alternative(1, "6", .3));
        assertThat(seen.label().fields())
                .as("what was read stays")
                .isEqualTo(Families.read("capacitor", TEXT).fields());
        assertThat(seen.label().doubts()).anySatisfy(d -> {
            assertThat(d.field()).isEqualTo("sections[0].microfarads");
            assertThat(d.suggest()).isEqualTo(Value.of(46));
            assertThat(d.why()).contains("45").contains("46");
        });
        assertThat(seen.label().reads()).anySatisfy(p -> assertThat(p.sure()).isEqualTo(.7));
        assertThat(seen.rivals()).singleElement().satisfies(r -> {
            assertThat(r.other()).contains("46");
            assertThat(r.open()).contains("4_");
        });
    }

    @Test
    void whatMakesNoOtherValueOrIsUnlikelyIsNoDoubt() {
        List<LabelRead.Doubt> usual = Families.read("capacitor", TEXT).doubts();
        assertThat(read(new Alternative(1, "6", .03)).label().doubts())
                .as("unlikely")
                .isEqualTo(usual);
        assertThat(read(new Alternative(13, "v", .4)).label().doubts())
                .as("the same value")
                .isEqualTo(usual);
        assertThat(read(new Alternative(1, "S", .4)).label().doubts())
                .as("a letter for a figure is no other figure")
                .isEqualTo(usual);
    }

    @Test
    void whatNothingWasReadOfMayBeSomethingWithAnotherSign() {
        String worn = "COMPRESSOR RLA 1/.6   LRA 96";
        SeenText.Seen seen = new SeenText(worn, List.of(new Alternative(worn.indexOf('/'), "7", .2)))
                .read(text -> Families.read("unit-plate", text));
        assertThat(seen.label().fields().fields().toString())
                .as("never taken by itself")
                .doesNotContain("17.6");
        assertThat(seen.label().doubts()).anySatisfy(d -> {
            assertThat(d.field()).isEqualTo("compressors[0].ratedLoadAmps");
            assertThat(d.suggest()).isEqualTo(Value.of(17.6));
        });
        assertThat(seen.rivals())
                .singleElement()
                .satisfies(r -> assertThat(r.open()).contains("1_.6"));
    }

    @Test
    void aSignLeftOpenIsAskedForAndNeverMadeUp() {
        String open = TEXT.replace("45", "4_");
        LabelRead read = Families.read("capacitor", open);
        assertThat(read.fields().fields().get("sections"))
                .isNotEqualTo(Families.read("capacitor", TEXT).fields().fields().get("sections"));
        assertThat(read.doubts()).anySatisfy(d -> assertThat(d.attribute()).isEqualTo("sections"));
    }

    @Test
    void theLookHasTheDoubtedFirstAndTheSerialMasked() {
        String plate = "MODEL HC42-1B SERIAL 1412H20747\nCOMPRESSOR RLA 17.6 LRA 96";
        int seven = plate.indexOf("17.6") + 1;
        PhotoReadView look = PhotoRead.of(Families.AUTO, new SeenText(plate, List.of(new Alternative(seven, "1", .4))));
        assertThat(look.kind()).isEqualTo("unit-plate");
        SeenPieceView first = look.pieces().get(0);
        assertThat(first.what()).contains("RLA");
        assertThat(first.doubt()).isNotNull();
        assertThat(first.doubt().other()).contains("11.6");
        assertThat(look.pieces())
                .filteredOn(SeenPieceView::isPrivate)
                .singleElement()
                .satisfies(p -> {
                    assertThat(p.shown()).endsWith("747").doesNotContain("1412H20");
                    assertThat(p.text()).contains("1412H20747");
                });
        assertThat(PhotoRead.of(Families.AUTO, new SeenText("", List.of())).hint())
                .contains("nearer");
        assertThat(PhotoRead.of(Families.AUTO, new SeenText("ROOM SERVICE", List.of()))
                        .hint())
                .isNotEmpty();
    }

    /** The lead's colour tells what 120 V stands for: with another sign of it the primary has another voltage too. */
    @Test
    void oneSignMayDoubtSeveralFields() {
        String text = "120V BLK / VHT COM\n208V RED\n240V ORG\n24V 40VA";
        SeenText.Seen seen = new SeenText(text, List.of(new Alternative(text.indexOf("VHT"), "W", .3)))
                .read(t -> Families.read("transformer", t));
        assertThat(seen.label().doubts())
                .filteredOn(d -> d.why().contains("WHT"))
                .extracting(LabelRead.Doubt::field)
                .hasSizeGreaterThan(1)
                .contains("primaryVolts");
    }

    @Test
    void severalLabelsAreToldFromOneThatLiesApart() {
        SeenText can = new SeenText("45/5 MFD ±6%\n440 VAC 50/60 HZ", List.of());
        SeenText fuse = new SeenText("TIME DELAY FUSE\nCLASS RK5\n30 A 250 V", List.of());
        SeenText second = new SeenText("35/5 MFD ±6%\n370 VAC", List.of());
        SeenText left = new SeenText("COMPRESSOR RLA 17.6 LRA 96\nMCA 23.3", List.of());
        SeenText right = new SeenText("MODEL HC42-1B SERIAL 1412H20747\nVOLTS 208/230", List.of());
        assertThat(LabelsApart.of("fuse", List.of(can, fuse))).containsExactly(1, 0);
        assertThat(LabelsApart.of(Families.AUTO, List.of(can, second))).containsExactlyInAnyOrder(0, 1);
        assertThat(LabelsApart.of(Families.AUTO, List.of(left, right)))
                .as("two halves of a plate")
                .isEmpty();
        assertThat(LabelsApart.of(Families.AUTO, List.of(can, new SeenText("MADE IN 2014", List.of()))))
                .as("a word beside a label is none")
                .isEmpty();
    }

    /** The plate's own figures: 17.6 × 1.25 + 1.3 = 23.3 A. */
    @Test
    void arithmeticSaysWhichOfTwoReadingsGoesWithThePlate() {
        String plate = "COMPRESSOR RLA 11.6 LRA 96 FAN FLA 1.3 MCA 23.3 VOLTS 208/230 PH 1";
        PhotoReadView view = PhotoRead.of(
                "unit-plate", new SeenText(plate, List.of(new Alternative(plate.indexOf("11.6") + 1, "7", .3))));
        assertThat(view.pieces().get(0).doubt().settled()).isEqualTo("MCA of this plate goes with RLA 17.6");
    }
}
