package zestbench.core.families;

import zestbench.core.shop.ShopRules;
import zestbench.core.shop.ShopRules.Pitted;
import zestbench.core.shop.ShopRules.ShuntToTwoPole;
import zestbench.core.shop.ShopRules.SmallerTransformer;

/** The default schools but for one. */
final class Rules {
    private Rules() {}

    static ShopRules with(Pitted pitted) {
        return of(pitted, ShopRules.DEFAULT.shuntToTwoPole(), ShopRules.DEFAULT.smallerTransformer());
    }

    static ShopRules with(ShuntToTwoPole shunt) {
        return of(ShopRules.DEFAULT.replacePittedContactor(), shunt, ShopRules.DEFAULT.smallerTransformer());
    }

    static ShopRules with(SmallerTransformer smaller) {
        return of(ShopRules.DEFAULT.replacePittedContactor(), ShopRules.DEFAULT.shuntToTwoPole(), smaller);
    }

    private static ShopRules of(Pitted pitted, ShuntToTwoPole shunt, SmallerTransformer smaller) {
        ShopRules d = ShopRules.DEFAULT;
        return new ShopRules(
                d.capacitorOut(),
                d.otherNominalWithinTolerance(),
                d.makeUpCapacitors(),
                d.universalCapacitor(),
                d.newCapacitorWithMotor(),
                d.motorPowerStep(),
                d.wholeFuseSet(),
                pitted,
                shunt,
                smaller,
                d.discharge(),
                d.temperatureSplitLow(),
                d.temperatureSplitHigh());
    }
}
