package zestbench.core.family;

import zestbench.core.quantity.Letters;

/** Where on a unit a part sits, in small letters. @param place its name @param serves what hangs on it */
public record UnitSpot(String place, String serves) {
    public UnitSpot {
        place = Letters.small(place);
        serves = Letters.small(serves);
    }
}
