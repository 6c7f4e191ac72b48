package zestbench.core.families;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import zestbench.core.Families;
import zestbench.core.family.Attribute;
import zestbench.core.family.Family;
import zestbench.core.family.Spec;

/** What a tap puts into a label's text is read as the attribute that it stands for. */
class UsualPiecesTest {
    @TestFactory
    List<DynamicTest> everyPieceIsReadAsItsAttribute() {
        List<DynamicTest> out = new ArrayList<>();
        for (Family family : Families.ALL) {
            for (Attribute attribute : family.attributes()) {
                for (String piece : attribute.usual()) {
                    out.add(DynamicTest.dynamicTest(
                            family.kind() + " " + piece,
                            () -> assertThat(new Spec(family.read(piece).fields()).has(attribute.name()))
                                    .as(family.read(piece).toString())
                                    .isTrue()));
                }
            }
        }
        assertThat(out).hasSizeGreaterThan(8);
        return out;
    }
}
