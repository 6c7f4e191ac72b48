package zestbench.core.stock;

import java.util.ArrayList;
import java.util.List;

/** Some sections of a piece put to one terminal. @param mask a bit for each section used */
public record Share<P>(Lot<P> lot, int mask) {
    public int sectionCount() {
        return Integer.bitCount(mask);
    }

    public List<Integer> sections() {
        List<Integer> out = new ArrayList<>();
        for (int i = 0; i < lot.values().size(); i++) {
            if ((mask & (1 << i)) != 0) {
                out.add(i);
            }
        }
        return out;
    }

    long sum() {
        return lot.sum(mask);
    }
}
