package zestbench.server.vision;

import org.jspecify.annotations.Nullable;

/**
 * One character that was recognised.
 *
 * @param sure 0 to 1
 * @param other what it may be instead; empty where it may be none at all, null where nothing else comes near
 * @param otherSure 0 to 1
 * @param from where it begins along its piece, 0 to 1
 * @param to where it ends
 */
record Sign(char sign, double sure, @Nullable String other, double otherSure, double from, double to) {
    Sign as(char another) {
        return new Sign(another, sure, other, otherSure, from, to);
    }
}
