package zestbench.server.api;

import org.jspecify.annotations.Nullable;
import zestbench.core.shop.ShopRules;

/** The shop's rules in part; what is left out has its default. */
public record RulesPart(
        ShopRules.@Nullable CapacitorOut capacitorOut,
        @Nullable Boolean otherNominalWithinTolerance,
        ShopRules.@Nullable MakeUp makeUpCapacitors,
        ShopRules.@Nullable Universal universalCapacitor,
        @Nullable Boolean newCapacitorWithMotor,
        ShopRules.@Nullable PowerStep motorPowerStep,
        @Nullable Boolean wholeFuseSet,
        ShopRules.@Nullable Pitted replacePittedContactor,
        ShopRules.@Nullable ShuntToTwoPole shuntToTwoPole,
        ShopRules.@Nullable SmallerTransformer smallerTransformer,
        ShopRules.@Nullable Discharge discharge,
        @Nullable Double temperatureSplitLow,
        @Nullable Double temperatureSplitHigh) {
    /** These rules, and {@code base} for what they leave out. */
    public ShopRules over(ShopRules base) {
        return new ShopRules(
                or(capacitorOut, base.capacitorOut()),
                or(otherNominalWithinTolerance, base.otherNominalWithinTolerance()),
                or(makeUpCapacitors, base.makeUpCapacitors()),
                or(universalCapacitor, base.universalCapacitor()),
                or(newCapacitorWithMotor, base.newCapacitorWithMotor()),
                or(motorPowerStep, base.motorPowerStep()),
                or(wholeFuseSet, base.wholeFuseSet()),
                or(replacePittedContactor, base.replacePittedContactor()),
                or(shuntToTwoPole, base.shuntToTwoPole()),
                or(smallerTransformer, base.smallerTransformer()),
                or(discharge, base.discharge()),
                or(temperatureSplitLow, base.temperatureSplitLow()),
                or(temperatureSplitHigh, base.temperatureSplitHigh()));
    }

    static ShopRules orDefault(@Nullable RulesPart part) {
        return part == null ? ShopRules.DEFAULT : part.over(ShopRules.DEFAULT);
    }

    private static <T> T or(@Nullable T given, T base) {
        return given != null ? given : base;
    }
}
