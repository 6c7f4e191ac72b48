package zestbench.core.fan;

import zestbench.core.judgement.Mark;

/** The fan laws: air goes with the speed, the power that a fan takes with its cube. */
public final class FanLaws {
    public static final Mark MARK =
            Mark.standard("fan laws, ASHRAE Handbook HVAC Systems and Equipment; fan power goes with rpm³");

    private FanLaws() {}
}
